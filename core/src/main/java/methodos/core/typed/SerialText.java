package methodos.core.typed;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.manual.SerialRange;

/** Serial numbers as they are typed: "1042", "SG1042", and "…42" for those that end so. */
public final class SerialText {

    private static final Pattern NUMBER =
            Pattern.compile("(\\p{L}[\\p{L}/-]{0,7})?\\s*(…|\\.{2,3}|\\*)?(\\d{1,15})");

    private SerialText() {}

    /** The range of one number; empty for anything else. */
    public static Optional<SerialRange> only(String typed) {
        Matcher m = NUMBER.matcher(typed.strip());
        return m.matches() && m.group(2) == null
                ? Optional.of(SerialRange.only(letters(m), Long.parseLong(m.group(3))))
                : Optional.empty();
    }

    /**
     * A range by its ends, either of which may be empty.
     *
     * @throws IllegalArgumentException with a sentence if one is no serial number, or they have
     *     other letters or digits
     */
    public static SerialRange range(String from, String to) {
        if (from.isBlank() && to.isBlank()) {
            return SerialRange.ALL;
        }
        SerialRange first = end(from.isBlank() ? to : from);
        SerialRange last = end(to.isBlank() ? from : to);
        if (!first.letters().equals(last.letters()) || first.lastDigits() != last.lastDigits()) {
            throw new IllegalArgumentException(
                    "“" + from.strip() + "” and “" + to.strip() + "” are not numbers of one kind.");
        }
        boolean ending = first.lastDigits() > 0;
        return new SerialRange(
                from.isBlank() && !ending ? null : first.from(),
                to.isBlank() && !ending ? null : last.to(),
                first.letters(),
                first.lastDigits());
    }

    private static SerialRange end(String typed) {
        Matcher m = NUMBER.matcher(typed.strip());
        if (!m.matches()) {
            throw new IllegalArgumentException("“" + typed.strip() + "” is no serial number.");
        }
        long number = Long.parseLong(m.group(3));
        int digits = m.group(2) == null ? 0 : m.group(3).length();
        return new SerialRange(number, number, letters(m), digits);
    }

    private static String letters(Matcher m) {
        return m.group(1) == null ? "" : m.group(1).toUpperCase(Locale.ROOT);
    }

    /** The first number of a range as it is typed; empty where it has none. */
    public static String from(SerialRange range) {
        return text(range, range.from());
    }

    /** The last number of a range as it is typed; empty where it has none. */
    public static String to(SerialRange range) {
        return text(range, range.to());
    }

    private static String text(SerialRange range, Long number) {
        if (number == null) {
            return "";
        }
        return range.lastDigits() == 0
                ? range.letters() + number
                : range.letters()
                        + "…"
                        + String.format(Locale.ROOT, "%0" + range.lastDigits() + "d", number);
    }
}
