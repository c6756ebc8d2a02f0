package methodos.core.quantity;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads quantities as people type them. */
final class QuantityReader {

    private static final Map<Character, String> VULGAR =
            Map.ofEntries(
                    Map.entry('½', "1/2"),
                    Map.entry('¼', "1/4"),
                    Map.entry('¾', "3/4"),
                    Map.entry('⅛', "1/8"),
                    Map.entry('⅜', "3/8"),
                    Map.entry('⅝', "5/8"),
                    Map.entry('⅞', "7/8"),
                    Map.entry('⅓', "1/3"),
                    Map.entry('⅔', "2/3"));

    private static final int LONGEST = 200;
    private static final int SHOWN = 30;
    private static final Pattern MANY_DIGITS = Pattern.compile("\\d{16}");
    private static final String NUMBER = "(\\d+ \\d+/\\d+|\\d+/\\d+|\\d*\\.\\d+|\\d+)";
    private static final Pattern RANGE =
            Pattern.compile(NUMBER + "\\s*(?:-|–|to|\\.\\.)\\s*" + NUMBER + "(.*)");
    private static final Pattern TOLERANCE =
            Pattern.compile(NUMBER + "\\s*(?:±|\\+/-|\\+-)\\s*" + NUMBER + "(.*)");
    private static final Pattern AT_LEAST =
            Pattern.compile(
                    "(?:≥|>=|at least|min\\.?|minimum|not less than)\\s*" + NUMBER + "(.*)");
    private static final Pattern AT_MOST =
            Pattern.compile(
                    "(?:≤|<=|at most|max\\.?|maximum|no more than|not more than|up to)\\s*"
                            + NUMBER
                            + "(.*)");
    private static final Pattern SINGLE = Pattern.compile(NUMBER + "(.*)");
    private static final Pattern AFTERTHOUGHT =
            Pattern.compile("(.*?)\\s+(or more|or less|min\\.?|max\\.?)");

    private QuantityReader() {}

    static Quantity read(String entered) {
        if (entered == null || entered.isBlank()) {
            throw new IllegalArgumentException("Type a number and its unit, such as 7 to 8.5 N·m.");
        }
        if (entered.length() > LONGEST || MANY_DIGITS.matcher(entered).find()) {
            String start = entered.strip();
            throw new IllegalArgumentException(
                    "“"
                            + (start.length() > SHOWN ? start.substring(0, SHOWN) + "…" : start)
                            + "” has more digits than anybody measures.");
        }
        String text = normalized(entered);
        Matcher m;
        if ((m = TOLERANCE.matcher(text)).matches()) {
            Bound middle = number(m.group(1));
            Bound margin = number(m.group(2));
            return of(entered, shifted(middle, margin, -1), shifted(middle, margin, 1), m.group(3));
        }
        if ((m = RANGE.matcher(text)).matches()) {
            return of(entered, number(m.group(1)), number(m.group(2)), m.group(3));
        }
        if ((m = AT_LEAST.matcher(text)).matches()) {
            return of(entered, number(m.group(1)), null, m.group(2));
        }
        if ((m = AT_MOST.matcher(text)).matches()) {
            return of(entered, null, number(m.group(1)), m.group(2));
        }
        if ((m = SINGLE.matcher(text)).matches()) {
            Bound value = number(m.group(1));
            String rest = m.group(2).strip();
            Matcher after = AFTERTHOUGHT.matcher(" " + rest);
            if (after.matches()) {
                boolean least =
                        after.group(2).startsWith("or more") || after.group(2).startsWith("min");
                return of(entered, least ? value : null, least ? null : value, after.group(1));
            }
            return of(entered, value, value, rest);
        }
        throw new IllegalArgumentException(
                "“" + entered.strip() + "” does not start with a number.");
    }

    private static String normalized(String entered) {
        StringBuilder out = new StringBuilder();
        for (char c : entered.strip().toCharArray()) {
            String fraction = VULGAR.get(c);
            boolean afterDigit = !out.isEmpty() && Character.isDigit(out.charAt(out.length() - 1));
            out.append(fraction == null ? c : (afterDigit ? " " : "") + fraction);
        }
        String text = out.toString().replaceAll("(?<=\\d),(?=\\d{3}\\b)", "");
        int firstLetter = text.length();
        for (int i = 0; i < text.length(); i++) {
            if (Character.isLetter(text.charAt(i))) {
                firstLetter = i;
                break;
            }
        }
        return firstLetter == 0
                ? text.substring(0, 1).toLowerCase(Locale.ROOT) + text.substring(1)
                : text;
    }

    private static Bound number(String text) {
        if (!text.contains("/")) {
            return Bound.decimal(text);
        }
        String[] parts = text.split("[ /]");
        long under = Long.parseLong(parts[parts.length - 1]);
        if (under == 0) {
            throw new IllegalArgumentException("“" + text + "” divides by zero.");
        }
        Rational value = Rational.of(Long.parseLong(parts[parts.length - 2]), under);
        if (parts.length == 3) {
            value = value.plus(Rational.of(Long.parseLong(parts[0])));
        }
        return new Bound(value, Rational.of(1, under), text);
    }

    private static Bound shifted(Bound middle, Bound margin, int sign) {
        Rational value = middle.value().plus(margin.value().times(Rational.of(sign)));
        return new Bound(value, middle.lastDigit().min(margin.lastDigit()), value.toDecimal());
    }

    private static Quantity of(String entered, Bound min, Bound max, String unitText) {
        MeasureUnit unit =
                MeasureUnit.named(unitText)
                        .orElseThrow(
                                () ->
                                        new IllegalArgumentException(
                                                "“" + unitText.strip() + "” is not a known unit."));
        return new Quantity(entered.strip(), min, max, unit);
    }
}
