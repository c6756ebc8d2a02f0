package methodos.cli.calc;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.manual.Point;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;

/** The fields of a request; what is wrong with one is said with its name. */
final class Request {

    private static final int MOST_DIGITS = 60;
    private static final int MOST_IN_A_LIST = 5_000;

    private final JsonNode node;
    private final String path;

    private Request(JsonNode node, String path) {
        this.node = node;
        this.path = path;
    }

    static Request of(JsonNode node) throws WrongRequest {
        if (!node.isObject()) {
            throw new WrongRequest("A request is a JSON object.");
        }
        return new Request(node, "");
    }

    private String name(String field) {
        return "“" + path + field + "”";
    }

    boolean has(String field) {
        return !node.path(field).isMissingNode() && !node.path(field).isNull();
    }

    boolean isText(String field) {
        return node.path(field).isTextual();
    }

    private JsonNode needed(String field) throws WrongRequest {
        if (!has(field)) {
            throw new WrongRequest(name(field) + " is missing.");
        }
        return node.path(field);
    }

    Request object(String field) throws WrongRequest {
        if (!needed(field).isObject()) {
            throw new WrongRequest(name(field) + " has to be an object.");
        }
        return new Request(node.path(field), path + field + ".");
    }

    List<Request> objects(String field) throws WrongRequest {
        List<Request> all = new ArrayList<>();
        if (!has(field)) {
            return all;
        }
        for (JsonNode one : list(field)) {
            if (!one.isObject()) {
                throw new WrongRequest(name(field) + " has to be a list of objects.");
            }
            all.add(new Request(one, path + field + "[" + all.size() + "]."));
        }
        return all;
    }

    List<Request> neededObjects(String field) throws WrongRequest {
        needed(field);
        return objects(field);
    }

    private JsonNode list(String field) throws WrongRequest {
        if (!needed(field).isArray()) {
            throw new WrongRequest(name(field) + " has to be a list.");
        }
        if (node.path(field).size() > MOST_IN_A_LIST) {
            throw new WrongRequest(name(field) + " has more than " + MOST_IN_A_LIST + " entries.");
        }
        return node.path(field);
    }

    String text(String field) throws WrongRequest {
        JsonNode value = needed(field);
        if (!value.isTextual() && !value.isIntegralNumber()) {
            throw new WrongRequest(name(field) + " has to be a text.");
        }
        return value.asText();
    }

    /**
     * @throws WrongRequest if a list is longer than this calculation can bear
     */
    void atMost(String field, int many) throws WrongRequest {
        if (has(field) && list(field).size() > many) {
            throw new WrongRequest(name(field) + " has more than " + many + " entries.");
        }
    }

    /** Texts of a list; none where the field is missing. */
    List<String> texts(String field) throws WrongRequest {
        List<String> all = new ArrayList<>();
        if (!has(field)) {
            return all;
        }
        for (JsonNode one : list(field)) {
            if (!one.isTextual() && !one.isIntegralNumber()) {
                throw new WrongRequest(name(field) + " has to be a list of texts.");
            }
            all.add(one.asText());
        }
        return all;
    }

    /** What is thrown where a field makes no sense: "“parts[0].reuse” is new, inspect or reuse." */
    WrongRequest wrong(String field, String sentence) {
        return new WrongRequest(name(field) + " " + sentence + ".");
    }

    double number(String field) throws WrongRequest {
        return number(needed(field), field);
    }

    private double number(JsonNode value, String field) throws WrongRequest {
        if (!value.isNumber()) {
            throw new WrongRequest(name(field) + " has to be a number.");
        }
        BigDecimal exact = value.decimalValue();
        if (exact.precision() > MOST_DIGITS || Math.abs((long) exact.scale()) > MOST_DIGITS) {
            throw new WrongRequest(name(field) + " has more digits than anybody measures.");
        }
        return value.asDouble();
    }

    BigDecimal decimal(String field) throws WrongRequest {
        number(field);
        return needed(field).decimalValue();
    }

    /** The numbers of a list, or the one that stands alone. */
    List<Rational> oneOrMoreDecimals(String field) throws WrongRequest {
        return needed(field).isArray() ? decimals(field) : List.of(Rational.of(decimal(field)));
    }

    /** The texts of a list, or the one that stands alone. */
    List<String> oneOrMoreTexts(String field) throws WrongRequest {
        return needed(field).isArray() ? texts(field) : List.of(text(field));
    }

    /** A whole number, 0 or more. */
    int count(String field) throws WrongRequest {
        JsonNode value = needed(field);
        if (!value.isInt() || value.asInt() < 0) {
            throw new WrongRequest(name(field) + " has to be a whole number, 0 or more.");
        }
        return value.asInt();
    }

    /** A whole number above 0. */
    int teeth(String field) throws WrongRequest {
        int teeth = count(field);
        if (teeth == 0) {
            throw new WrongRequest(name(field) + " has to be more than 0.");
        }
        return teeth;
    }

    /** True where it is said; nothing said is false. */
    boolean flag(String field) throws WrongRequest {
        if (has(field) && !node.path(field).isBoolean()) {
            throw new WrongRequest(name(field) + " is true or false.");
        }
        return node.path(field).asBoolean();
    }

    double positive(String field) throws WrongRequest {
        double value = number(field);
        if (value <= 0) {
            throw new WrongRequest(name(field) + " has to be more than 0.");
        }
        return value;
    }

    List<Integer> integers(String field) throws WrongRequest {
        List<Integer> all = new ArrayList<>();
        for (JsonNode one : list(field)) {
            if (!one.isInt()) {
                throw new WrongRequest(name(field) + " has to be a list of whole numbers.");
            }
            all.add(one.asInt());
        }
        return all;
    }

    List<Rational> decimals(String field) throws WrongRequest {
        List<Rational> all = new ArrayList<>();
        for (JsonNode one : list(field)) {
            number(one, field);
            all.add(Rational.of(one.decimalValue()));
        }
        return all;
    }

    List<Double> numbers(String field, int count) throws WrongRequest {
        List<Double> all = new ArrayList<>();
        for (JsonNode one : list(field)) {
            all.add(number(one, field));
        }
        if (all.size() != count) {
            throw new WrongRequest(name(field) + " has to be a list of " + count + " numbers.");
        }
        return all;
    }

    List<Point> points(String field) throws WrongRequest {
        List<Point> all = new ArrayList<>();
        for (JsonNode one : list(field)) {
            if (!one.isArray() || one.size() != 2) {
                throw new WrongRequest(name(field) + " has to be a list of [x, y] pairs.");
            }
            all.add(new Point(number(one.get(0), field), number(one.get(1), field)));
        }
        return all;
    }

    Optional<Quantity> quantity(String field) throws WrongRequest {
        return has(field) ? Optional.of(quantity(node.path(field), field)) : Optional.empty();
    }

    Quantity neededQuantity(String field) throws WrongRequest {
        return quantity(needed(field), field);
    }

    /** Quantities of which one without a unit has the one that is given. */
    List<Quantity> quantitiesIn(String field, MeasureUnit unit) throws WrongRequest {
        List<Quantity> all = new ArrayList<>();
        for (JsonNode one : list(field)) {
            if (one.isNumber()) {
                number(one, field);
            }
            boolean bare = one.isNumber() || one.isTextual() && one.asText().matches("[-0-9./ ]+");
            String text =
                    one.isNumber() ? one.decimalValue().toPlainString() : one.asText().strip();
            all.add(
                    bare
                            ? quantity(new TextNode(text + " " + unit.symbol()), field)
                            : quantity(one, field));
        }
        return all;
    }

    List<Quantity> quantities(String field) throws WrongRequest {
        List<Quantity> all = new ArrayList<>();
        for (JsonNode one : list(field)) {
            all.add(quantity(one, field));
        }
        return all;
    }

    /** As people write it, or as {@code {"min":…,"max":…,"unit":"…"}}. */
    private Quantity quantity(JsonNode value, String field) throws WrongRequest {
        String text = value.isObject() ? written(value, field) : value.asText();
        if (!value.isObject() && !value.isTextual()) {
            throw new WrongRequest(name(field) + " has to be a quantity with its unit.");
        }
        try {
            return Quantity.parse(text);
        } catch (IllegalArgumentException e) {
            throw new WrongRequest(name(field) + ": " + e.getMessage() + ".");
        }
    }

    private String written(JsonNode value, String field) throws WrongRequest {
        boolean min = value.path("min").isNumber();
        boolean max = value.path("max").isNumber();
        if (min) {
            number(value.path("min"), field + ".min");
        }
        if (max) {
            number(value.path("max"), field + ".max");
        }
        if (!min && !max) {
            throw new WrongRequest(name(field) + " has neither “min” nor “max”.");
        }
        String unit = " " + value.path("unit").asText("");
        String least = value.path("min").decimalValue().toPlainString();
        String most = value.path("max").decimalValue().toPlainString();
        if (!max) {
            return "≥ " + least + unit;
        }
        if (!min) {
            return "≤ " + most + unit;
        }
        return least.equals(most) ? least + unit : least + " to " + most + unit;
    }

    /** What is calculated from a field. */
    interface Calculation<T> {
        T run() throws WrongRequest;
    }

    /** Calculates; what the field does not allow is said with its name. */
    static <T> T checked(String field, Calculation<T> calculation) throws WrongRequest {
        try {
            return calculation.run();
        } catch (IllegalArgumentException e) {
            throw new WrongRequest("“" + field + "”: " + e.getMessage());
        }
    }

    /** A quantity as it is given back. */
    static Map<String, Object> value(Double min, Double max, String unit) {
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("min", min);
        value.put("max", max);
        value.put("unit", unit);
        return value;
    }
}
