package methodos.files.project;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashMap;
import java.util.Map;

/**
 * Carries what a newer minor version wrote, and this one does not know, over to what is written.
 *
 * <p>Objects in lists are found again by their {@code id}; those without one by their place.
 */
final class UnknownFields {

    private UnknownFields() {}

    /**
     * @param original what was read
     * @param understood what this version makes of it when nothing is changed
     * @param result what is to be written; receives the fields that are in the original and not in
     *     what was understood
     */
    static void carry(JsonNode original, JsonNode understood, JsonNode result) {
        if (original instanceof ObjectNode o && result instanceof ObjectNode r) {
            o.properties()
                    .forEach(
                            field -> {
                                JsonNode known = understood.get(field.getKey());
                                if (known == null) {
                                    if (!r.has(field.getKey()) && !blank(field.getValue())) {
                                        r.set(field.getKey(), field.getValue());
                                    }
                                } else if (r.has(field.getKey())) {
                                    carry(field.getValue(), known, r.get(field.getKey()));
                                }
                            });
        } else if (original instanceof ArrayNode o && result instanceof ArrayNode r) {
            Map<String, JsonNode> knownById = byId(understood);
            Map<String, JsonNode> resultById = byId(r);
            for (int i = 0; i < o.size(); i++) {
                String id = o.get(i).path("id").asText("");
                JsonNode known = id.isEmpty() ? understood.get(i) : knownById.get(id);
                JsonNode target = id.isEmpty() ? r.get(i) : resultById.get(id);
                if (known != null && target != null) {
                    carry(o.get(i), known, target);
                }
            }
        }
    }

    private static boolean blank(JsonNode value) {
        return value.isNull()
                || value.isContainerNode() && value.isEmpty()
                || value.isTextual() && value.asText().isEmpty();
    }

    private static Map<String, JsonNode> byId(JsonNode list) {
        Map<String, JsonNode> result = new HashMap<>();
        list.forEach(n -> result.put(n.path("id").asText(""), n));
        return result;
    }
}
