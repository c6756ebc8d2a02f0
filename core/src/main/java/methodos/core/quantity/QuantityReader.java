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

    /** Whole and fraction, fraction, decimals, or a whole number; with a minus where it has one. */
    private static final String NUMBER = "(-?(?:\\d+ \\d+/\\d+|\\d+/\\d+|\\d*\\.\\d+|\\d+))";

    private static final Pattern RANGE =
            Pattern.compile(NUMBER + "\\s*(?:-|–|to|\\.\\.)\\s*" + NUMBER + "(.*)");
    private static final Pattern TOLERANCE =
            Pattern.compile(NUMBER + "\\s*(?:±|\\+/-|\\+-)\\s*" + NUMBER + "(.*)");
    private static final Pattern AROUND_NOUGHT =
            Pattern.compile("(?:±|\\+/-|\\+-)\\s*" + NUMBER + "(.*)");
    private static final Pattern AT_LEAST =
            Pattern.compile(
                    "(?:≥|>=|>|at least|min\\.?|minimum|not less than|no less than|more than|over"
                            + "|above)\\s*"
                            + NUMBER
                            + "(.*)");
    private static final Pattern AT_MOST =
            Pattern.compile(
                    "(?:≤|<=|<|at most|max\\.?|maximum|no more than|not more than|up to|less than"
                            + "|under|below)\\s*"
                            + NUMBER
                            + "(.*)");
    private static final Pattern SINGLE = Pattern.compile(NUMBER + "(.*)");
    private static final Pattern AFTERTHOUGHT =
            Pattern.compile("(.*?)\\s+(or more|or less|min\\.?|max\\.?)");

    /** "About" does not change the number; {@link Quantity#about()} tells of it. */
    static final Pattern ABOUT =
            Pattern.compile(
                    "(?i)(?:≈|~|about|approximately|approx\\.?|around|roughly|ca\\.?|circa)\\s*");

    /** "5,000ths" are five thousandths. */
    private static final Pattern THOUSANDTHS = Pattern.compile("(\\d{1,3}),000\\s*ths?\\b(.*)");

    /** "1-1/4" is one and a quarter; "0-1/4" is a range. */
    private static final Pattern MIXED = Pattern.compile("\\b([1-9]\\d*)-(\\d+)/(\\d+)");

    private static final Pattern THOUSANDS =
            Pattern.compile("(?<![\\d.,])([1-9]\\d{0,2})((?:,\\d{3})+)(?![\\d,])");

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
        if ((m = THOUSANDTHS.matcher(text)).matches()) {
            Rational value = Rational.of(Long.parseLong(m.group(1)), 1000);
            Bound bound = new Bound(value, Rational.of(1, 1000), value.toDecimal());
            return of(entered, bound, bound, m.group(2).isBlank() ? "in" : m.group(2));
        }
        if ((m = AROUND_NOUGHT.matcher(text)).matches()) {
            Bound margin = number(m.group(1));
            Bound below =
                    new Bound(
                            margin.value().times(Rational.of(-1)),
                            margin.lastDigit(),
                            "-" + margin.text());
            return of(entered, below, margin, m.group(2));
        }
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
            // with no other unit, "2 min" are minutes
            if (after.matches() && !rest.equals("min")) {
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
        for (char c : ABOUT.matcher(entered.strip()).replaceFirst("").toCharArray()) {
            String fraction = VULGAR.get(c);
            boolean afterDigit = !out.isEmpty() && Character.isDigit(out.charAt(out.length() - 1));
            if (fraction != null) {
                out.append(afterDigit ? " " : "").append(fraction);
            } else {
                out.append(c == '⁄' ? '/' : c == '−' ? '-' : c == '\u00A0' ? ' ' : c);
            }
        }
        String text = commas(out.toString());
        Matcher mixed = MIXED.matcher(text);
        text =
                mixed.replaceAll(
                        m ->
                                Long.parseLong(m.group(2)) < Long.parseLong(m.group(3))
                                        ? m.group(1) + " " + m.group(2) + "/" + m.group(3)
                                        : m.group());
        return text.isEmpty()
                ? text
                : text.substring(0, 1).toLowerCase(Locale.ROOT) + text.substring(1);
    }

    /** A comma before three digits after 1 to 999 parts thousands; any other is a decimal mark. */
    private static String commas(String text) {
        if (THOUSANDTHS.matcher(text).matches()) {
            return text;
        }
        String parted = THOUSANDS.matcher(text).replaceAll(m -> m.group().replace(",", ""));
        return parted.replaceAll("(?<=\\d),(?=\\d)", ".");
    }

    private static Bound number(String text) {
        if (!text.contains("/")) {
            return Bound.decimal(text);
        }
        if (text.startsWith("-")) {
            Bound positive = number(text.substring(1));
            return new Bound(
                    positive.value().times(Rational.of(-1)),
                    positive.lastDigit(),
                    "-" + positive.text());
        }
        String[] parts = text.split("[ /-]");
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
        if (unitText.strip().toLowerCase(Locale.ROOT).matches("mils?\\.?")) {
            throw new IllegalArgumentException(
                    "“mil” is a millimetre to some and a thousandth of an inch to others; write mm"
                            + " or thou.");
        }
        MeasureUnit unit =
                MeasureUnit.named(unitText)
                        .orElseThrow(
                                () ->
                                        new IllegalArgumentException(
                                                "“" + unitText.strip() + "” is not a known unit."));
        for (Bound bound : new Bound[] {min, max}) {
            if (bound != null && !unit.possible(bound.value())) {
                throw new IllegalArgumentException(
                        bound.text() + " " + unit.symbol() + " is below absolute zero.");
            }
        }
        return new Quantity(entered.strip(), min, max, unit);
    }
}
