package methodos.core.speech;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import methodos.core.quantity.Rational;
import methodos.core.speech.Measure.Bound;

/** Finds the quantities in what is said, and leaves out what the speaker takes back. */
public final class Measures {

    private static final Set<String> NO_CORRECTIONS =
            WordSet.of("more less longer need play air water");
    private static final Set<String> UNITS_IN_TWO =
            WordSet.of("minute hour litre liter millimetre second");
    private static final Set<String> AT_MOST =
            WordSet.ofPhrases(
                    "no more than, not more than, no longer than, no wider than, no bigger than"
                            + ", no higher than, not longer than, not over, not above, no thicker than");
    private static final Set<String> LESS =
            WordSet.ofPhrases(
                    "less than, smaller than, shorter than, thinner than, lower than, narrower than");
    private static final Set<String> MORE =
            WordSet.ofPhrases(
                    "more than, greater than, bigger than, longer than, larger than, higher than"
                            + ", thicker than, wider than, mustnt exceed, deeper than");
    private static final Set<String> DENIALS =
            WordSet.of("mustnt not never shouldnt cannot cant wont dont");
    private static final Set<String> BOUND_HEDGES =
            WordSet.of("absolute legal the is as a at it be");

    private static final Map<String, String> UNITS = new HashMap<>();

    static {
        unit("N·m", "nm", "n·m", "n.m", "newton metres", "newton metre", "newtons", "newton");
        unit("lbf·ft", "foot-pounds", "lbf·ft", "lbft");
        unit("lbf·in", "inch-pounds", "lbf·in");
        unit("mm", "mm", "mil", "mils", "millimetre", "millimetres", "millimeter", "millimeters");
        unit("cm", "cm", "centimetre", "centimetres", "centimeter", "centimeters");
        unit("m", "metre", "metres", "meter", "meters");
        unit("µm", "microns", "µm", "micrometre", "micrometres");
        unit("in", "in", "inch", "inches", "\"");
        unit("thou", "thou", "thousandths", "thous");
        unit("bar", "bar", "bars");
        unit("mbar", "mbar", "millibar", "millibars");
        unit("psi", "psi");
        unit("kPa", "kpa", "kilopascal", "kilopascals");
        unit("inHg", "inhg");
        unit("kg", "kg", "kilo", "kilos", "kilogram", "kilograms", "kgs");
        unit("g", "g", "gram", "grams", "gramme", "grammes");
        unit("lb", "pounds", "pound", "lb", "lbs");
        unit("oz", "ounce", "ounces");
        unit("ton", "ton", "tons", "tonne", "tonnes");
        unit(
                "°C",
                "celsius",
                "centigrade",
                "°c",
                "degrees celsius",
                "degree celsius",
                "degrees c",
                "degrees centigrade",
                "° c",
                "degree centigrade");
        unit(
                "°F",
                "fahrenheit",
                "°f",
                "degrees fahrenheit",
                "degree fahrenheit",
                "degrees f",
                "° f");
        unit("degree", "degrees", "degree", "°");
        unit("V", "v", "volt", "volts");
        unit("A", "amp", "amps", "ampere", "amperes");
        unit("mA", "milliamps", "milliamp");
        unit("ohm", "ohm", "ohms");
        unit("rpm", "rpm", "revs", "revolutions a minute", "revolutions per minute");
        unit("L", "l", "litre", "litres", "liter", "liters");
        unit("mL", "ml", "cc", "ccs", "millilitre", "millilitres", "milliliter", "milliliters");
        unit("qt", "quart", "quarts");
        unit("gal", "gallon", "gallons");
        unit(
                "L/min",
                "litres a minute",
                "litres per minute",
                "liters per minute",
                "liters a minute");
        unit("s", "s", "sec", "second", "seconds", "secs");
        unit("min", "min", "mins", "minute", "minutes");
        unit("h", "h", "hour", "hours", "hr", "hrs");
        unit("day", "day", "days", "night", "nights");
        unit("year", "year", "years", "month", "months", "week", "weeks");
        unit("turn", "turn", "turns");
        unit("times", "times", "time", "x", "strokes", "stroke", "cycles", "cycle");
        unit("count", "clicks", "click", "wraps", "wrap", "dots", "rounds", "teeth");
        unit("%", "%", "percent");
    }

    private static void unit(String print, String... said) {
        for (String s : said) {
            UNITS.put(s, print);
        }
    }

    private static final Set<String> HEDGES =
            WordSet.of(
                    "about around roughly maybe like say just the a an approximately exactly"
                            + " another or so of to um uh eh");
    private static final List<String> TAKEN_BACK =
            List.of(
                    "no",
                    "sorry",
                    "wait",
                    "hang on",
                    "hold on",
                    "i mean",
                    "make that",
                    "i tell a lie",
                    "correction",
                    "scratch that",
                    "rather",
                    "let me look",
                    "or rather",
                    "my mistake");
    private static final Set<String> FILLERS =
            WordSet.of("um uh eh er erm hmm oh well no wait sorry ah");
    private static final int CORRECTION_REACH = 12;

    private final List<Token> tokens;
    private final boolean[] struck;

    private Measures(List<Token> tokens) {
        this.tokens = tokens;
        this.struck = new boolean[tokens.size()];
    }

    /** The quantities in the order in which they are said. */
    public static List<Measure> in(List<Token> tokens) {
        return new Measures(tokens).find();
    }

    private List<Measure> find() {
        strike();
        List<Measure> found = new ArrayList<>();
        int i = 0;
        while (i < tokens.size()) {
            Measure m = struck[i] ? null : at(i);
            if (m == null) {
                i++;
            } else {
                found.add(bounded(m));
                i = m.to();
            }
        }
        return shareUnits(found);
    }

    private String word(int i) {
        return i < 0 || i >= tokens.size() ? "" : tokens.get(i).text();
    }

    private boolean phrase(int i, String phrase) {
        String[] words = phrase.split(" ");
        for (int k = 0; k < words.length; k++) {
            if (!word(i + k).equals(words[k])) {
                return false;
            }
        }
        return true;
    }

    // ---------------------------------------------------------------- corrections

    /** Marks the numbers that the speaker takes back: "twelve, no, fourteen". */
    private void strike() {
        for (int k = 1; k < tokens.size(); k++) {
            if (!takesBack(k)) {
                continue;
            }
            int end = k;
            while (end > 0 && (FILLERS.contains(word(end - 1)) || takesBack(end - 1))) {
                end--;
            }
            int wrong = numberEndingAt(end);
            int right = nextNumber(k + 1, wrong);
            if (wrong >= 0 && right >= 0) {
                for (int i = wrong; i < right; i++) {
                    struck[i] = true;
                }
            }
        }
    }

    private boolean takesBack(int k) {
        if (word(k).equals("no")) {
            String next = word(k + 1);
            return !NO_CORRECTIONS.contains(next);
        }
        return TAKEN_BACK.stream().anyMatch(p -> phrase(k, p));
    }

    /** Where the number begins that ends, with its unit, before a place; -1 if none does. */
    private int numberEndingAt(int end) {
        for (int start = Math.max(0, end - 8); start < end; start++) {
            Optional<SpokenNumber> n = SpokenNumber.at(tokens, start);
            if (n.isPresent()) {
                int behind = start + n.get().used();
                Unit unit = unitAt(behind);
                if (behind == end || unit != null && behind + unit.used == end) {
                    return start;
                }
            }
        }
        return -1;
    }

    private int nextNumber(int from, int wrong) {
        if (wrong < 0) {
            return -1;
        }
        Rational before = SpokenNumber.at(tokens, wrong).map(SpokenNumber::value).orElse(null);
        int last = Math.min(tokens.size(), from + CORRECTION_REACH);
        for (int i = from; i < last; i++) {
            Optional<SpokenNumber> n = SpokenNumber.at(tokens, i);
            if (n.isPresent() && !word(i).equals("a") && !word(i).equals("an")) {
                if (!n.get().value().equals(before)) {
                    return i;
                }
                i += n.get().used() - 1;
            }
        }
        return -1;
    }

    // ---------------------------------------------------------------- one quantity

    private record Unit(String name, int used) {}

    private Unit unitAt(int i) {
        if (Set.of("meter", "metre").contains(word(i))
                && Set.of("on", "between", "across").contains(word(i + 1))) {
            return null;
        }
        for (int n = 3; n > 0; n--) {
            if (i + n <= tokens.size()) {
                StringBuilder said = new StringBuilder(word(i));
                for (int k = 1; k < n; k++) {
                    said.append(' ').append(word(i + k));
                }
                String unit = UNITS.get(said.toString());
                if (unit != null) {
                    return new Unit(unit, n);
                }
            }
        }
        return null;
    }

    private Measure at(int i) {
        if (word(i).matches("x|×")
                && i + 1 < tokens.size()
                && (i == 0 || !word(i - 1).matches("\\d.*|m"))) {
            Optional<SpokenNumber> times = SpokenNumber.at(tokens, i + 1);
            if (times.isPresent()) {
                Rational v = times.get().value();
                return measure(i, i + 1 + times.get().used(), v, v, "times");
            }
        }
        Measure inches = inchAndPart(i);
        if (inches != null) {
            return inches;
        }
        Optional<SpokenNumber> read = SpokenNumber.at(tokens, i);
        if (read.isEmpty() || sizeBefore(i)) {
            return null;
        }
        SpokenNumber n = read.get();
        int end = i + n.used();
        if (parted(end - 1)) {
            return measure(i, end, n.value(), n.value(), "");
        }
        Measure tolerance = tolerance(i, end, n);
        if (tolerance != null) {
            return tolerance;
        }
        Measure range = range(i, end, n);
        return range != null ? range : single(i, end, n);
    }

    private boolean parted(int i) {
        return tokens.get(i).endsSentence();
    }

    /** "M 8" and "number 12" are sizes. */
    private boolean sizeBefore(int i) {
        return word(i - 1).equals("m")
                || word(i - 1).equals("number")
                || word(i - 1).equals("no") && tokens.get(i - 1).mark().equals(".");
    }

    /** "an inch and an eighth", "inch and five eighths", "a turn and a half". */
    private Measure inchAndPart(int i) {
        int at = word(i).equals("an") || word(i).equals("a") || word(i).equals("one") ? i + 1 : i;
        boolean inch = word(at).equals("inch");
        boolean turn = word(at).equals("turn");
        String spanned = at > i && word(at + 1).equals("and") ? UNITS.get(word(at)) : null;
        if (!inch && !turn && UNITS_IN_TWO.contains(word(at)) && spanned != null) {
            Optional<SpokenNumber> part = SpokenNumber.at(tokens, at + 2);
            if (part.isPresent() && part.get().fraction()) {
                Rational value = Rational.ONE.plus(part.get().value());
                return measure(i, at + 2 + part.get().used(), value, value, spanned);
            }
        }
        if (!inch && !turn || at == i && !inch) {
            return null;
        }
        if (word(at + 1).equals("and")) {
            List<Token> rest = new ArrayList<>(tokens);
            Optional<SpokenNumber> part = SpokenNumber.at(rest, at + 2);
            if (part.isPresent() && part.get().fraction()) {
                Rational value = Rational.ONE.plus(part.get().value());
                int end = at + 2 + part.get().used();
                return measure(i, end, value, value, inch ? "in" : "turn");
            }
        }
        if (at > i && !(word(i).equals("one"))) {
            return measure(i, at + 1, Rational.ONE, Rational.ONE, inch ? "in" : "turn");
        }
        return null;
    }

    private Measure tolerance(int from, int at, SpokenNumber n) {
        int behind = phrase(at, "plus or minus") ? at + 3 : word(at).equals("±") ? at + 1 : -1;
        if (behind < 0) {
            return null;
        }
        Optional<SpokenNumber> margin = SpokenNumber.at(tokens, behind);
        if (margin.isEmpty()) {
            return null;
        }
        int end = behind + margin.get().used();
        Unit unit = unitAt(end);
        return measure(
                from,
                end + (unit == null ? 0 : unit.used),
                n.value().minus(margin.get().value()),
                n.value().plus(margin.get().value()),
                unit == null ? "" : unit.name);
    }

    private Measure range(int from, int at, SpokenNumber low) {
        Unit first = unitAt(at);
        int joint = first == null ? at : at + first.used;
        boolean between = word(from - 1).equals("between");
        boolean joined =
                word(joint).equals("to")
                        || word(joint).equals("until") && !low.fraction()
                        || word(joint).equals("-")
                        || word(joint).equals("or") && first == null
                        || joint > 0 && joint == at && tokens.get(at - 1).mark().equals("-")
                        || between && word(joint).equals("and");
        if (!joined) {
            return null;
        }
        int next = tokens.get(at - 1).mark().equals("-") && joint == at ? joint : joint + 1;
        while (FILLERS.contains(word(next)) && !word(next).equals("oh")) {
            next++;
        }
        Optional<SpokenNumber> high = SpokenNumber.at(tokens, next);
        if (high.isEmpty()) {
            return null;
        }
        int end = next + high.get().used();
        Unit unit = tokens.get(end - 1).mark().isEmpty() ? unitAfter(end, high.get()) : null;
        if (first != null && unit != null && !first.name.equals(unit.name)) {
            return null;
        }
        Unit both = unit != null ? unit : first;
        Rational a = low.value();
        Rational b = high.get().value();
        String name = both == null ? "" : both.name;
        // "fifteen to twenty five thousandths", "sixteen to nineteen": a share of the last unit
        if (high.get().fraction() && name.isEmpty()) {
            Optional<Measure> last = Optional.ofNullable(single(next, end, high.get()));
            if (last.isPresent() && !last.get().unit().isEmpty()) {
                Rational share = thousandths(next, end);
                return measure(
                        from,
                        last.get().to(),
                        share == null || low.fraction() ? a : a.times(share),
                        b,
                        last.get().unit());
            }
        }
        if (a.compareTo(b) > 0) {
            return null;
        }
        if (name.equals("thou")) {
            Rational thou = Rational.of(1, 1000);
            return measure(
                    from, end + (unit == null ? 0 : unit.used), a.times(thou), b.times(thou), "in");
        }
        return measure(from, end + (unit == null ? 0 : unit.used), a, b, name);
    }

    private Rational thousandths(int from, int to) {
        String last = word(to - 1);
        return last.startsWith("thousandth")
                ? Rational.of(1, 1000)
                : last.startsWith("hundredth") ? Rational.of(1, 100) : null;
    }

    /** The unit behind a number, also after "of a" and "full". */
    private Unit unitAfter(int at, SpokenNumber n) {
        if (phrase(at, "of a") || phrase(at, "of an") || phrase(at, "of the")) {
            Unit unit = unitAt(at + 2);
            return unit == null ? null : new Unit(unit.name, unit.used + 2);
        }
        if (word(at).equals("a") && n.fraction()) {
            Unit unit = unitAt(at + 1);
            return unit == null ? null : new Unit(unit.name, unit.used + 1);
        }
        if (word(at).equals("full") || word(at).equals("whole") || word(at).equals("more")) {
            Unit unit = unitAt(at + 1);
            if (unit != null) {
                return new Unit(unit.name, unit.used + 1);
            }
        }
        return unitAt(at);
    }

    private Measure single(int from, int at, SpokenNumber n) {
        Unit unit = unitAfter(at, n);
        Rational value = n.value();
        if (unit == null) {
            return measure(from, at, value, value, impliedUnit(from, at, n));
        }
        int end = at + unit.used;
        String name = unit.name;
        if (name.equals("thou")) {
            value = value.times(Rational.of(1, 1000));
            name = "in";
        }
        // "two and a half turns" is read with the number; "two turns and a half" is not
        if (word(end).equals("and")
                && (phrase(end + 1, "a half") || phrase(end + 1, "a quarter"))
                && !n.fraction()) {
            value = value.plus(Rational.of(1, word(end + 2).equals("half") ? 2 : 4));
            end += 3;
        }
        return measure(from, end, value, value, name);
    }

    /** Fractions that are inches by their kind: eighths, sixteenths, thousandths of one. */
    private String impliedUnit(int from, int at, SpokenNumber n) {
        String last = word(at - 1);
        if (last.startsWith("hundredth")) {
            return "mm";
        }
        boolean inches =
                last.startsWith("eighth")
                        || last.startsWith("sixteenth")
                        || last.startsWith("thousandth")
                        || last.startsWith("second") && at - from > 2
                        || last.startsWith("fourths") && n.used() > 2
                        || last.matches("\\d+/(8|16|32|64)");
        return inches ? "in" : "";
    }

    private static Measure measure(int from, int to, Rational min, Rational max, String unit) {
        return new Measure(from, to, min, max, unit, Bound.NONE);
    }

    // ---------------------------------------------------------------- bounds

    private Measure bounded(Measure m) {
        if (!m.single()) {
            return m;
        }
        Bound bound = boundBehind(m.to());
        if (bound == Bound.NONE) {
            bound = boundBefore(m.from());
        }
        Rational v = m.min();
        return switch (bound) {
            case AT_LEAST, MORE -> new Measure(m.from(), m.to(), v, null, m.unit(), bound);
            case AT_MOST, LESS -> new Measure(m.from(), m.to(), null, v, m.unit(), bound);
            case NONE -> m;
        };
    }

    private Bound boundBefore(int at) {
        int i = at;
        while (i > 0 && (HEDGES.contains(word(i - 1))) && at - i < 4) {
            if (word(i - 1).equals("to") && word(i - 2).equals("up")) {
                return Bound.AT_MOST;
            }
            i--;
        }
        String one = word(i - 1);
        String two = word(i - 2) + " " + one;
        String three = word(i - 3) + " " + two;
        if (AT_MOST.contains(three)) {
            return Bound.AT_MOST;
        }
        if (Set.of(
                        "no less than",
                        "not less than",
                        "no shorter than",
                        "no smaller than",
                        "not under")
                .contains(three)) {
            return Bound.AT_LEAST;
        }
        if (three.endsWith("not over") || three.endsWith("not above")) {
            return Bound.AT_MOST;
        }
        if (Set.of("at least", "minimum of").contains(two)) {
            return Bound.AT_LEAST;
        }
        if (Set.of("at most", "maximum of", "up to", "be until").contains(two)) {
            return Bound.AT_MOST;
        }
        if (LESS.contains(two)) {
            return denied(at) ? Bound.AT_LEAST : Bound.LESS;
        }
        if (MORE.contains(two)) {
            return denied(at) ? Bound.AT_MOST : Bound.MORE;
        }
        return switch (one) {
            case "max", "maximum", "within", "exceed", "≤" -> Bound.AT_MOST;
            case "min", "minimum", "≥" -> Bound.AT_LEAST;
            case "under", "below" -> Bound.LESS;
            case "over", "above" -> Bound.MORE;
            case "until" -> word(i - 2).equals("be") ? Bound.AT_MOST : Bound.NONE;
            default -> Bound.NONE;
        };
    }

    /** "it mustnt sink more than". */
    private boolean denied(int at) {
        for (int i = at - 3; i >= Math.max(0, at - 7); i--) {
            if (DENIALS.contains(word(i))) {
                return true;
            }
        }
        return false;
    }

    private Bound boundBehind(int at) {
        if (at > 0 && at <= tokens.size() && parted(at - 1)) {
            return Bound.NONE;
        }
        int i = at;
        while (BOUND_HEDGES.contains(word(i)) && i - at < 5) {
            i++;
        }
        if (phrase(i, "max")
                || phrase(i, "maximum")
                || phrase(i, "most")
                || phrase(i, "tops")
                || phrase(at, "or less")
                || phrase(at, "or under")) {
            return word(i + 1).matches("\\d.*") || SpokenNumber.begins(word(i + 1))
                    ? Bound.NONE
                    : Bound.AT_MOST;
        }
        if (phrase(i, "min")
                || phrase(i, "minimum")
                || phrase(i, "least")
                || phrase(at, "or more")
                || phrase(at, "or over")) {
            return Bound.AT_LEAST;
        }
        return Bound.NONE;
    }

    /** "first thirty, then fifty-five newton metres": the first has the unit of the second. */
    private List<Measure> shareUnits(List<Measure> found) {
        List<Measure> out = new ArrayList<>(found);
        for (int i = 0; i < out.size(); i++) {
            Measure m = out.get(i);
            if (!m.unit().isEmpty()) {
                continue;
            }
            boolean corrected =
                    m.from() > 0
                            && struck[m.from() - 1]
                            && i > 0
                            && m.from() - out.get(i - 1).to() < CORRECTION_REACH;
            boolean limit =
                    i > 0
                            && m.bound() != Bound.NONE
                            && m.from() - out.get(i - 1).to() <= 3
                            && (out.get(i - 1).length()
                                    || out.get(i - 1).unit().equals("degree")
                                    || out.get(i - 1).unit().startsWith("°"));
            if (corrected || limit) {
                out.set(i, m.in(out.get(i - 1).unit()));
                continue;
            }
            if (i + 1 < out.size()
                    && out.get(i + 1).torque()
                    && out.get(i + 1).from() - m.to() <= 3
                    && word(m.to()).equals("then")) {
                out.set(i, m.in(out.get(i + 1).unit()));
            } else if (i > 0
                    && out.get(i - 1).torque()
                    && m.from() - out.get(i - 1).to() <= 4
                    && (word(m.from() - 1).equals("then") || word(m.from() - 2).equals("then"))
                    && (m.to() >= tokens.size() || !tokens.get(m.to() - 1).mark().isEmpty())) {
                out.set(i, m.in(out.get(i - 1).unit()));
            }
        }
        return out;
    }
}
