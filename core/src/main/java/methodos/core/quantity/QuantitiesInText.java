package methodos.core.quantity;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Finds the quantities in a text that is written for people, by the one table of units. */
public final class QuantitiesInText {

    private static final String NUMBER = "\\d+(?:[.,]\\d+)?(?:\\s\\d+/\\d+)?";
    private static final Pattern FIGURE =
            Pattern.compile(
                    "(?<![\\p{L}\\d.,/])("
                            + NUMBER
                            + "(?:\\s*(?:to|-|–|±)\\s*"
                            + NUMBER
                            + ")?)\\s*");

    /** A unit has at most three words: "inches of mercury". */
    private static final Pattern UNIT = Pattern.compile("(\\S+)(?:\\s+(\\S+))?(?:\\s+(\\S+))?");

    private static final Pattern END = Pattern.compile("[.,;:!?)\\]”\"]+$");

    private QuantitiesInText() {}

    /** Those of one kind, in their order; a bare number and one with another unit are none. */
    public static List<Quantity> of(String text, MeasureUnit.Dimension dimension) {
        List<Quantity> found = new ArrayList<>();
        Matcher figure = FIGURE.matcher(text);
        while (figure.find()) {
            Matcher words = UNIT.matcher(text).region(figure.end(), text.length());
            if (words.lookingAt()) {
                read(figure.group(1), words, text)
                        .filter(q -> q.unit().dimension() == dimension)
                        .ifPresent(found::add);
            }
        }
        return found;
    }

    /** The longest run of words that is a unit; a full stop behind it belongs to the sentence. */
    private static Optional<Quantity> read(String figure, Matcher words, String text) {
        for (int many = words.groupCount(); many > 0; many--) {
            if (words.group(many) == null) {
                continue;
            }
            String unit = text.substring(words.start(1), words.end(many));
            for (String one : List.of(unit, END.matcher(unit).replaceFirst(""))) {
                if (MeasureUnit.named(one).isPresent()) {
                    return quantity(figure + " " + one);
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<Quantity> quantity(String text) {
        try {
            return Optional.of(Quantity.parse(text));
        } catch (IllegalArgumentException noQuantity) {
            return Optional.empty(); // "8 to 7 N·m"
        }
    }
}
