package methodos.files.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import methodos.core.description.Id;
import methodos.core.description.Kinds;
import methodos.core.description.RecordShape;
import methodos.core.description.Within;
import methodos.core.quantity.Quantity;

/**
 * The JSON Schema of a record's file form, made from the description of the record: its components,
 * what of them has to be there, and between what their numbers are.
 */
final class SchemaTree {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final String QUANTITY = "as entered, such as 7 to 8.5 N·m";

    private final Map<Class<?>, ObjectNode> definitions = new LinkedHashMap<>();

    private SchemaTree() {}

    /**
     * @param root the record that the whole file holds
     * @param fields what stands in the file before the components of the record, all required
     */
    static ObjectNode of(Class<?> root, String title, Map<String, ObjectNode> fields) {
        SchemaTree tree = new SchemaTree();
        ObjectNode whole = NODES.objectNode();
        whole.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        whole.put("title", title);
        whole.setAll(tree.object(root, fields));
        ObjectNode definitions = whole.putObject("$defs");
        tree.definitions.forEach((type, definition) -> definitions.set(name(type), definition));
        return whole;
    }

    static ObjectNode text(String pattern) {
        return type("string").put("pattern", pattern);
    }

    private static ObjectNode type(String name) {
        return NODES.objectNode().put("type", name);
    }

    private ObjectNode object(Class<?> type, Map<String, ObjectNode> fields) {
        ObjectNode object = type("object");
        ArrayNode required = NODES.arrayNode();
        ObjectNode properties = NODES.objectNode();
        fields.forEach(
                (name, field) -> {
                    required.add(name);
                    properties.set(name, field);
                });
        for (RecordShape.Component component : RecordShape.of(type).components()) {
            if (component.required()) {
                required.add(component.name());
            }
            properties.set(component.name(), value(component));
        }
        object.set("required", required);
        object.set("properties", properties);
        return object;
    }

    private ObjectNode value(RecordShape.Component component) {
        if (component.isList()) {
            ObjectNode list = type("array");
            list.set("items", value(component.element()));
            return list;
        }
        ObjectNode value = value(component.type());
        Within within = component.within();
        return within == null
                ? value
                : value.put("minimum", within.least()).put("maximum", within.greatest());
    }

    private ObjectNode value(Class<?> type) {
        if (type == String.class || type == Id.class) {
            return type("string");
        }
        if (type == Quantity.class) {
            return type("string").put("description", QUANTITY);
        }
        if (type == boolean.class) {
            return type("boolean");
        }
        if (type == double.class || type == Double.class) {
            return type("number");
        }
        if (List.of(int.class, long.class, Integer.class, Long.class).contains(type)) {
            return type("integer");
        }
        if (type.isEnum()) {
            ObjectNode choice = type("string");
            ArrayNode constants = choice.putArray("enum");
            Arrays.stream(type.getEnumConstants()).forEach(c -> constants.add(c.toString()));
            return choice;
        }
        if (type.isRecord() || type.isSealed()) {
            return defined(type);
        }
        throw new IllegalArgumentException(type + " has no file form");
    }

    private ObjectNode defined(Class<?> type) {
        if (!definitions.containsKey(type)) {
            // first its place, then what it holds: a record may hold its own kind
            definitions.put(type, NODES.objectNode());
            definitions.get(type).setAll(type.isRecord() ? object(type, Map.of()) : oneOf(type));
        }
        return NODES.objectNode().put("$ref", "#/$defs/" + name(type));
    }

    private ObjectNode oneOf(Class<?> type) {
        String field =
                Kinds.field(type)
                        .orElseThrow(() -> new IllegalArgumentException(type + " has no kinds"));
        ObjectNode any = type("object");
        any.putArray("required").add(field);
        ArrayNode kinds = any.putArray("oneOf");
        for (Class<?> kind : Kinds.of(type)) {
            ObjectNode name = NODES.objectNode().put("const", Kinds.name(kind));
            kinds.add(object(kind, Map.of(field, name)));
        }
        return any;
    }

    /** Its name, behind that of the type that it is a part of. */
    private static String name(Class<?> type) {
        Class<?> outer = type.getEnclosingClass();
        return (outer == null ? "" : name(outer)) + type.getSimpleName();
    }
}
