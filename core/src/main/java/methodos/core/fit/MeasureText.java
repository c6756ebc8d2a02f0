package methodos.core.fit;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import methodos.core.manual.Decision.Derived;
import methodos.core.manual.Decision.Measure;
import methodos.core.quantity.Quantity;

/** What a decision measures and reckons, on one line, as a trainer types it. */
public final class MeasureText {

    private static final String SYMBOL = "\\p{L}[\\p{L}\\d]{0,3}";
    private static final Pattern MEASURE =
            Pattern.compile("(" + SYMBOL + ")\\s+(?:(.*?)\\s*,?\\s+)?([-\\d.,/½¼¾].*)");
    private static final Pattern CHOICE =
            Pattern.compile("(" + SYMBOL + ")\\s+(.*?)\\s*:\\s*(.+/.+)");
    private static final Pattern DERIVED = Pattern.compile("(" + SYMBOL + ")\\s*=\\s*(.+)");

    private static final Pattern RANGE = Pattern.compile("[-\\d.½¼¾].*");

    private MeasureText() {}

    /**
     * "g end float 0 to 1 mm": a letter, what it is, and the range with its unit; "p pawl moves:
     * yes / no" where it is chosen.
     *
     * @throws IllegalArgumentException with a sentence if it is not understood
     */
    public static Measure measure(String text) {
        Matcher choice = CHOICE.matcher(text.strip());
        if (choice.matches()) {
            return new Measure(
                    choice.group(1), choice.group(2), null, null, choices(choice.group(3)));
        }
        Matcher m = MEASURE.matcher(text.strip());
        if (!m.matches()) {
            throw new IllegalArgumentException(
                    "Type a letter, what is measured, and the range with its unit: g end float 0 to"
                            + " 1 mm.");
        }
        return new Measure(m.group(1), m.group(2), range(m.group(3)), null);
    }

    /** "yes / no": the words of which one is the answer. */
    public static List<String> choices(String text) {
        return Stream.of(text.split("/")).map(String::strip).filter(c -> !c.isEmpty()).toList();
    }

    /** A measure with another range, or other words to choose from, as they are typed. */
    public static Measure ranged(Measure measure, String typed) {
        return typed.contains("/") && !RANGE.matcher(typed).matches()
                ? measure.withRange(null).withChoices(choices(typed))
                : measure.withRange(range(typed)).withChoices(List.of());
    }

    /** The range of a measure, or what it is chosen from, as it is typed. */
    public static String ranged(Measure measure) {
        return measure.range() == null
                ? String.join(" / ", measure.choices())
                : measure.range().print();
    }

    /**
     * @throws IllegalArgumentException with a sentence if it has not two ends and a unit
     */
    public static Quantity range(String text) {
        Quantity range = Quantity.parse(text);
        if (range.min() == null || range.max() == null || range.single()) {
            throw new IllegalArgumentException(
                    "A range has two ends and a unit, such as 0 to 1 mm.");
        }
        return range;
    }

    /**
     * "n = w + g - 0.1".
     *
     * @throws IllegalArgumentException with a sentence if it is no formula
     */
    public static Derived derived(String text) {
        Matcher m = DERIVED.matcher(text.strip());
        if (!m.matches()) {
            throw new IllegalArgumentException("Type a letter and its formula: n = w + g - 0.1.");
        }
        Formula.parse(m.group(2));
        return new Derived(m.group(1), m.group(2));
    }
}
