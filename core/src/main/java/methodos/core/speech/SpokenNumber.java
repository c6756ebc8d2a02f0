package methodos.core.speech;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import methodos.core.quantity.Rational;
import methodos.core.vocabulary.WordSet;

/**
 * A number in words or digits: "thirty-five", "one twenty", "nought point two five", "three
 * eighths", "four and thirty one sixty fourths", "twenty-five comma zero six", "sixty two oh
 * three".
 *
 * @param value exact
 * @param used how many tokens it takes
 * @param fraction whether it is a fraction of a whole, so that "of" may follow
 */
public record SpokenNumber(Rational value, int used, boolean fraction) {

    private static final Set<String> STAGES = WordSet.of("stages steps passes goes");

    private static final int MOST_COUNTED = 200;

    private static final Pattern NUMERAL = Pattern.compile("\\d.*|\\.\\d+");

    private static final Pattern FRACTION = Pattern.compile("\\d+/\\d+");

    private static final Pattern MIXED = Pattern.compile("\\d+-\\d+/\\d+");

    private static final Pattern DECIMAL = Pattern.compile("\\d*\\.?\\d+");

    private static final Pattern DIGITS = Pattern.compile("\\d+");

    private static final Map<String, Integer> UNITS = new HashMap<>();
    private static final Map<String, Integer> TENS = new HashMap<>();
    private static final Map<String, Integer> DENOMINATORS = new HashMap<>();

    static {
        String[] units =
                ("zero one two three four five six seven eight nine ten eleven twelve thirteen"
                                + " fourteen fifteen sixteen seventeen eighteen nineteen")
                        .split(" ");
        for (int i = 0; i < units.length; i++) {
            UNITS.put(units[i], i);
        }
        UNITS.put("oh", 0);
        UNITS.put("nought", 0);
        UNITS.put("naught", 0);
        String[] tens = "twenty thirty forty fifty sixty seventy eighty ninety".split(" ");
        for (int i = 0; i < tens.length; i++) {
            TENS.put(tens[i], 20 + 10 * i);
        }
        Map.of(
                        "third",
                        3,
                        "quarter",
                        4,
                        "fourth",
                        4,
                        "fifth",
                        5,
                        "sixth",
                        6,
                        "eighth",
                        8,
                        "tenth",
                        10,
                        "sixteenth",
                        16,
                        "hundredth",
                        100,
                        "thousandth",
                        1000)
                .forEach(SpokenNumber::denominator);
        DENOMINATORS.put("half", 2);
        DENOMINATORS.put("halves", 2);
    }

    private static void denominator(String one, int value) {
        DENOMINATORS.put(one, value);
        DENOMINATORS.put(one + "s", value);
    }

    static boolean isDenominator(String word) {
        return DENOMINATORS.containsKey(word);
    }

    /** Whether a number can begin with the word. */
    public static boolean begins(String word) {
        return UNITS.containsKey(word) && !word.equals("oh")
                || TENS.containsKey(word)
                || word.equals("half")
                || NUMERAL.matcher(word).matches();
    }

    /** The number, where things can be as many; empty for fractions and what is too much. */
    public Optional<Integer> count() {
        double n = value.toDouble();
        return !fraction && n == Math.rint(n) && n >= 1 && n <= MOST_COUNTED
                ? Optional.of((int) n)
                : Optional.empty();
    }

    /** The number that begins at a token, if one does. */
    public static Optional<SpokenNumber> at(List<Token> tokens, int at) {
        return Optional.ofNullable(new Reader(tokens, at).read());
    }

    private static SpokenNumber of(Rational value, int used, boolean fraction) {
        return new SpokenNumber(value, used, fraction);
    }

    /** One pass over the tokens of a number. */
    private static final class Reader {
        private final List<Token> tokens;
        private final int start;

        Reader(List<Token> tokens, int start) {
            this.tokens = tokens;
            this.start = start;
        }

        /** The word, or nothing behind the end and where punctuation parts it from the number. */
        private String word(int i) {
            boolean parted = i > start && i <= tokens.size() && !tokens.get(i - 1).mark().isEmpty();
            return i >= tokens.size() || parted ? "" : tokens.get(i).text();
        }

        SpokenNumber read() {
            String first = word(start);
            if (first.isEmpty()) {
                return null;
            }
            if (Character.isDigit(first.charAt(0)) || first.startsWith(".")) {
                return digits(first);
            }
            if (first.equals("a") || first.equals("an")) {
                return article();
            }
            if (first.equals("hundred")) {
                SpokenNumber more =
                        word(start + 1).equals("and") ? new Reader(tokens, start + 2).read() : null;
                boolean below =
                        more != null
                                && !more.fraction()
                                && more.value().compareTo(Rational.of(100)) < 0;
                return below
                        ? of(Rational.of(100).plus(more.value()), more.used() + 2, false)
                        : of(Rational.of(100), 1, false);
            }
            if (first.equals("half")) {
                int used = word(start + 1).equals("a") || word(start + 1).equals("an") ? 2 : 1;
                return of(Rational.of(1, 2), used, true);
            }
            if (first.equals("quarter")) {
                return of(Rational.of(1, 4), 1, true);
            }
            return words();
        }

        private SpokenNumber digits(String text) {
            if (FRACTION.matcher(text).matches()) {
                return fraction(text, Rational.ZERO, 1);
            }
            if (MIXED.matcher(text).matches()) {
                int dash = text.indexOf('-');
                return fraction(text.substring(dash + 1), Rational.of(text.substring(0, dash)), 1);
            }
            if (!DECIMAL.matcher(text).matches() || text.length() > 12) {
                return null;
            }
            Rational whole = Rational.of(text);
            String next = word(start + 1);
            if (FRACTION.matcher(next).matches() && !text.contains(".")) {
                return fraction(next, whole, 2);
            }
            if (DENOMINATORS.containsKey(next) && !next.startsWith("second")) {
                return of(whole.over(Rational.of(DENOMINATORS.get(next))), 2, true);
            }
            return of(whole, 1, false);
        }

        private static SpokenNumber fraction(String text, Rational whole, int used) {
            String[] parts = text.split("/");
            long under = parts[1].length() > 6 ? 0 : Long.parseLong(parts[1]);
            if (under == 0 || parts[0].length() > 6) {
                return null;
            }
            Rational part = Rational.of(Long.parseLong(parts[0]), under);
            return of(whole.plus(part), used, whole.signum() == 0);
        }

        private SpokenNumber article() {
            String next = word(start + 1);
            if (DENOMINATORS.containsKey(next)) {
                return of(Rational.of(1, DENOMINATORS.get(next)), 2, true);
            }
            if (next.equals("dozen")) {
                return of(Rational.of(12), 2, false);
            }
            if (next.equals("couple")) {
                return of(Rational.of(2), word(start + 2).equals("of") ? 3 : 2, false);
            }
            return next.equals("hundred") || next.equals("thousand") ? words() : null;
        }

        private SpokenNumber words() {
            int i = start;
            long total = 0;
            long current = 0;
            boolean any = false;
            boolean tens = false;
            boolean unit = false;
            for (; i < tokens.size(); i++) {
                String w = word(i);
                if (!any && (w.equals("a") || w.equals("an"))) {
                    current = 1;
                    unit = true;
                } else if (TENS.containsKey(w)) {
                    if (tens) {
                        break;
                    }
                    if (unit && (fractionBehind(i) || current < 1 || current > 19 || counts())) {
                        break;
                    }
                    current = unit ? current * 100 + TENS.get(w) : current + TENS.get(w);
                    tens = true;
                    unit = false;
                } else if (UNITS.containsKey(w)) {
                    int n = UNITS.get(w);
                    if (tens && w.equals("oh") && digitAt(i + 1) >= 0) {
                        // "sixty two oh three", "one twenty oh five": digits read out
                        current = current * 100 + digitAt(i + 1);
                        i++;
                        unit = true;
                    } else if (unit && w.equals("oh") && digitAt(i + 1) >= 0 && current > 0) {
                        current = current * 100 + digitAt(i + 1);
                        i++;
                    } else if (unit || tens && n > 9 || w.equals("oh") && any) {
                        break;
                    } else if (tens && n == 0) {
                        break;
                    } else {
                        if (any && fractionAt(i) != null && !tens) {
                            break;
                        }
                        current += n;
                        unit = true;
                    }
                } else if (w.equals("hundred") && any) {
                    current *= 100;
                    tens = false;
                    unit = false;
                } else if (w.equals("thousand") && any) {
                    total += current * 1000;
                    current = 0;
                    tens = false;
                    unit = false;
                } else if (w.equals("and") && any && afterHundred(i) && wholeAt(i + 1)) {
                    continue;
                } else {
                    break;
                }
                any = true;
            }
            total += current;
            if (any && tens && unit && total < 100 && bearingPair(i)) {
                TensUnits more = tensUnits(i);
                return of(Rational.of(total * 100 + more.value), i - start + more.used, false);
            }
            if (!any && !word(i).equals("point")) {
                return null;
            }
            if (word(i).equals("point") || any && word(i).equals("comma")) {
                SpokenNumber decimal = decimals(total, i + 1);
                if (decimal != null) {
                    return decimal;
                }
                if (!any) {
                    return null;
                }
            }
            if (DENOMINATORS.containsKey(word(i)) && total > 0) {
                return of(Rational.of(total, DENOMINATORS.get(word(i))), i + 1 - start, true);
            }
            Denominator compound = denominatorAt(i);
            if (compound != null && total > 0) {
                return of(Rational.of(total, compound.value), i + compound.used - start, true);
            }
            if (word(i).equals("and")) {
                SpokenNumber part = fractionAt(i + 1);
                if (part != null) {
                    return of(
                            Rational.of(total).plus(part.value()),
                            i + 1 + part.used() - start,
                            false);
                }
            }
            return of(Rational.of(total), i - start, false);
        }

        /** "all ten | sixty-two millimetres": how many there are, and then a figure. */
        private boolean counts() {
            // "in stages, ten | twenty | ..."
            return start > 0 && (word(start - 1).equals("all") || STAGES.contains(word(start - 1)));
        }

        private boolean afterHundred(int i) {
            String before = word(i - 1);
            return before.equals("hundred") || before.equals("thousand");
        }

        private boolean wholeAt(int i) {
            String w = word(i);
            return (UNITS.containsKey(w) || TENS.containsKey(w)) && fractionAt(i) == null;
        }

        private boolean fractionBehind(int i) {
            return TENS.containsKey(word(i)) && denominatorAt(i) != null;
        }

        private int digitAt(int i) {
            Integer n = UNITS.get(word(i).replaceAll("s$", ""));
            return n != null && n < 10 ? n : -1;
        }

        /** "sixty two | oh one" is handled on the way; this is "sixty two | twenty five". */
        private boolean bearingPair(int i) {
            return TENS.containsKey(word(i)) && denominatorAt(i) == null;
        }

        private record TensUnits(long value, int used) {}

        private TensUnits tensUnits(int i) {
            long value = TENS.get(word(i));
            Integer more = UNITS.get(word(i + 1));
            return more != null && more > 0 && more < 10
                    ? new TensUnits(value + more, 2)
                    : new TensUnits(value, 1);
        }

        private record Denominator(long value, int used) {}

        /** "thirty seconds" and "sixty fourths". */
        private Denominator denominatorAt(int i) {
            String w = word(i);
            String next = word(i + 1);
            if (w.equals("thirty") && next.startsWith("second")) {
                return new Denominator(32, 2);
            }
            return w.equals("sixty") && next.startsWith("fourth") ? new Denominator(64, 2) : null;
        }

        /**
         * A fraction less than one: "a half", "half", "three eighths", "thirty one sixty fourths".
         */
        private SpokenNumber fractionAt(int i) {
            String w = word(i);
            if (FRACTION.matcher(w).matches()) {
                return fraction(w, Rational.ZERO, 1);
            }
            if ((w.equals("a") || w.equals("an")) && DENOMINATORS.containsKey(word(i + 1))) {
                return of(Rational.of(1, DENOMINATORS.get(word(i + 1))), 2, true);
            }
            if (w.equals("half") || w.equals("quarter")) {
                return of(Rational.of(1, DENOMINATORS.get(w)), 1, true);
            }
            long over;
            int used;
            if (TENS.containsKey(w) && denominatorAt(i) == null) {
                TensUnits n = tensUnits(i);
                over = n.value;
                used = n.used;
            } else if (UNITS.containsKey(w)) {
                over = UNITS.get(w);
                used = 1;
            } else {
                return null;
            }
            String next = word(i + used);
            if (DENOMINATORS.containsKey(next) && over > 0) {
                return of(Rational.of(over, DENOMINATORS.get(next)), used + 1, true);
            }
            Denominator under = denominatorAt(i + used);
            return under == null || over == 0
                    ? null
                    : of(Rational.of(over, under.value), used + under.used, true);
        }

        private SpokenNumber decimals(long whole, int from) {
            StringBuilder digits = new StringBuilder();
            int i = from;
            while (true) {
                String w = word(i);
                if (UNITS.containsKey(w)) {
                    digits.append(UNITS.get(w));
                    i++;
                    if (UNITS.get(w) > 9) {
                        break;
                    }
                } else if (TENS.containsKey(w)) {
                    TensUnits n = tensUnits(i);
                    digits.append(n.value);
                    i += n.used;
                } else if (DIGITS.matcher(w).matches()) {
                    digits.append(w);
                    i++;
                } else {
                    break;
                }
            }
            return digits.isEmpty() || digits.length() > 9
                    ? null
                    : of(Rational.of(whole + "." + digits), i - start, false);
        }
    }
}
