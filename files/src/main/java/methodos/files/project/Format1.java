package methodos.files.project;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** Brings a manual of format 1 to format 2. */
final class Format1 {

    private Format1() {}

    static ObjectNode toFormat2(ObjectNode manual) {
        boolean turned = manual.path("practices").path("tightening").asText().equals("ANGLE");
        for (JsonNode joint : manual.path("joints")) {
            if (joint instanceof ObjectNode object) {
                angle(object, turned);
            }
        }
        for (JsonNode stage : manual.path("stages")) {
            for (JsonNode step : stage.path("steps")) {
                if (step instanceof ObjectNode object) {
                    consumables(object);
                }
            }
        }
        return manual;
    }

    /** A step named its consumables alone, with no room for amount and place. */
    private static void consumables(ObjectNode step) {
        if (step.get("consumables") instanceof ArrayNode ids) {
            for (int i = 0; i < ids.size(); i++) {
                if (ids.get(i).isTextual()) {
                    ids.set(i, ids.objectNode().set("consumable", ids.get(i)));
                }
            }
        }
    }

    /**
     * The angle of a joint meant two things: further after its torque, or past hand-tight without
     * one. Its way told which, or that of the manual.
     */
    private static void angle(ObjectNode joint, boolean turnedInManual) {
        JsonNode angle = joint.remove("angle");
        if (angle == null || angle.isNull()) {
            return;
        }
        String way = joint.path("way").asText("");
        boolean turned = way.isEmpty() ? turnedInManual : way.equals("ANGLE");
        joint.set(turned ? "turned" : "further", angle);
    }
}
