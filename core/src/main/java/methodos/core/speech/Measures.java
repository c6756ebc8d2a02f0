package methodos.core.speech;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import methodos.core.quantity.Rational;
import methodos.core.speech.Measure.Bound;
import methodos.core.vocabulary.WordSet;

/** Finds the quantities in what is said, and leaves out what the speaker takes back. */
public final class Measures {

    private static final Set<String> STAGES = WordSet.of("stages steps passes goes stage");

    private static final int STAGES_REACH = 6;

    private static final Pattern TIMES = Pattern.compile("x|×");

    private static final Pattern OF_SIZE = Pattern.compile("\\d.*|m");

    private static final Pattern DRILL_FRACTION = Pattern.compile("\\d+/(8|16|32|64)");

    private static final Set<String> UNITS_IN_TWO =
            WordSet.of("minute hour litre liter millimetre second");

    private final Tokens tokens;
    private final SpokenUnits units;
    private final boolean[] struck;

    private Measures(List<Token> said) {
        this.tokens = new Tokens(said);
        this.units = new SpokenUnits(tokens);
        this.struck = new Corrections(tokens, units).struck();
    }

    /** The quantities in the order in which they are said. */
    public static List<Measure> in(List<Token> tokens) {
        return new Measures(tokens).find();
    }

    /** The unit that a word by itself names, in the spelling of {@link Measure#unit}. */
    public static Optional<String> unit(String word) {
        return Optional.ofNullable(SpokenUnits.named(word));
    }

    private List<Measure> find() {
        Bounds bounds = new Bounds(tokens);
        List<Measure> found = new ArrayList<>();
        int i = 0;
        while (i < tokens.size()) {
            Measure m = struck[i] ? null : at(i);
            if (m == null) {
                i++;
            } else {
                found.add(bounds.bounded(m));
                i = m.to();
            }
        }
        return shareUnits(found);
    }

    private Measure at(int i) {
        if (TIMES.matcher(tokens.word(i)).matches()
                && i + 1 < tokens.size()
                && (i == 0 || !OF_SIZE.matcher(tokens.word(i - 1)).matches())) {
            Optional<SpokenNumber> times = SpokenNumber.at(tokens.list(), i + 1);
            if (times.isPresent()) {
                Rational v = times.get().value();
                return measure(i, i + 1 + times.get().used(), v, v, "times");
            }
        }
        Measure inches = inchAndPart(i);
        if (inches != null) {
            return inches;
        }
        Optional<SpokenNumber> read = SpokenNumber.at(tokens.list(), i);
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
        return range != null ? range : spread(single(i, end, n));
    }

    private boolean parted(int i) {
        return tokens.get(i).endsSentence();
    }

    /** "M 8" and "number 12" are sizes. */
    private boolean sizeBefore(int i) {
        return tokens.word(i - 1).equals("m")
                || tokens.word(i - 1).equals("number")
                || tokens.word(i - 1).equals("no") && tokens.get(i - 1).mark().equals(".");
    }

    /** "an inch and an eighth", "inch and five eighths", "a turn and a half". */
    private Measure inchAndPart(int i) {
        int at =
                tokens.word(i).equals("an")
                                || tokens.word(i).equals("a")
                                || tokens.word(i).equals("one")
                        ? i + 1
                        : i;
        boolean inch = tokens.word(at).equals("inch");
        boolean turn = tokens.word(at).equals("turn");
        String spanned =
                at > i && tokens.word(at + 1).equals("and")
                        ? SpokenUnits.named(tokens.word(at))
                        : null;
        if (!inch && !turn && UNITS_IN_TWO.contains(tokens.word(at)) && spanned != null) {
            Optional<SpokenNumber> part = SpokenNumber.at(tokens.list(), at + 2);
            if (part.isPresent() && part.get().fraction()) {
                Rational value = Rational.ONE.plus(part.get().value());
                return measure(i, at + 2 + part.get().used(), value, value, spanned);
            }
        }
        if (!inch && !turn || at == i && !inch) {
            return null;
        }
        if (tokens.word(at + 1).equals("and")) {
            Optional<SpokenNumber> part = SpokenNumber.at(tokens.list(), at + 2);
            if (part.isPresent() && part.get().fraction()) {
                Rational value = Rational.ONE.plus(part.get().value());
                int end = at + 2 + part.get().used();
                return measure(i, end, value, value, inch ? "in" : "turn");
            }
        }
        if (at > i && !(tokens.word(i).equals("one"))) {
            return measure(i, at + 1, Rational.ONE, Rational.ONE, inch ? "in" : "turn");
        }
        return null;
    }

    /** The place behind "plus or minus", or -1. */
    private int plusMinus(int at) {
        if (tokens.phrase(at, "plus or minus") || tokens.phrase(at, "plus and minus")) {
            return at + 3;
        }
        if (tokens.phrase(at, "plus minus") || tokens.phrase(at, "give or take")) {
            return at + (tokens.word(at).equals("give") ? 3 : 2);
        }
        return tokens.word(at).equals("±") ? at + 1 : -1;
    }

    /** "twelve ohms plus or minus one": the margin may be in the unit that was said. */
    private Measure spread(Measure m) {
        int behind = plusMinus(m.to());
        if (behind < 0 || m.unit().isEmpty() || !m.single()) {
            return m;
        }
        Optional<SpokenNumber> margin = SpokenNumber.at(tokens.list(), behind);
        if (margin.isEmpty()) {
            return m;
        }
        int end = behind + margin.get().used();
        SpokenUnits.Unit unit = units.at(end);
        if (unit != null && !unit.name().equals(m.unit())) {
            return m;
        }
        return measure(
                m.from(),
                end + (unit == null ? 0 : unit.used()),
                m.min().minus(margin.get().value()),
                m.min().plus(margin.get().value()),
                m.unit());
    }

    private Measure tolerance(int from, int at, SpokenNumber n) {
        int behind = plusMinus(at);
        if (behind < 0) {
            return null;
        }
        Optional<SpokenNumber> margin = SpokenNumber.at(tokens.list(), behind);
        if (margin.isEmpty()) {
            return null;
        }
        int end = behind + margin.get().used();
        SpokenUnits.Unit unit = units.at(end);
        return measure(
                from,
                end + (unit == null ? 0 : unit.used()),
                n.value().minus(margin.get().value()),
                n.value().plus(margin.get().value()),
                unit == null ? "" : unit.name());
    }

    private Measure range(int from, int at, SpokenNumber low) {
        SpokenUnits.Unit first = units.at(at);
        int joint = first == null ? at : at + first.used();
        boolean between = tokens.word(from - 1).equals("between");
        boolean joined =
                tokens.word(joint).equals("to")
                        || tokens.word(joint).equals("until") && !low.fraction()
                        || tokens.word(joint).equals("-")
                        || tokens.word(joint).equals("or") && first == null
                        || joint > 0 && joint == at && tokens.get(at - 1).mark().equals("-")
                        || between && tokens.word(joint).equals("and");
        if (!joined) {
            return null;
        }
        int next = tokens.get(at - 1).mark().equals("-") && joint == at ? joint : joint + 1;
        while (Corrections.FILLERS.contains(tokens.word(next)) && !tokens.word(next).equals("oh")) {
            next++;
        }
        Optional<SpokenNumber> high = SpokenNumber.at(tokens.list(), next);
        if (high.isEmpty()) {
            return null;
        }
        int end = next + high.get().used();
        SpokenUnits.Unit unit =
                tokens.get(end - 1).mark().isEmpty() ? units.behind(end, high.get()) : null;
        if (first != null && unit != null && !first.name().equals(unit.name())) {
            return null;
        }
        SpokenUnits.Unit both = unit != null ? unit : first;
        Rational a = low.value();
        Rational b = high.get().value();
        String name = both == null ? "" : both.name();
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
                    from,
                    end + (unit == null ? 0 : unit.used()),
                    a.times(thou),
                    b.times(thou),
                    "in");
        }
        return measure(from, end + (unit == null ? 0 : unit.used()), a, b, name);
    }

    private Rational thousandths(int from, int to) {
        String last = tokens.word(to - 1);
        return last.startsWith("thousandth")
                ? Rational.of(1, 1000)
                : last.startsWith("hundredth") ? Rational.of(1, 100) : null;
    }

    private Measure single(int from, int at, SpokenNumber n) {
        SpokenUnits.Unit unit = units.behind(at, n);
        Rational value = n.value();
        if (unit == null) {
            return measure(from, at, value, value, impliedUnit(from, at, n));
        }
        int end = at + unit.used();
        String name = unit.name();
        if (name.equals("thou")) {
            value = value.times(Rational.of(1, 1000));
            name = "in";
        }
        // "two and a half turns" is read with the number; "two turns and a half" is not
        if (tokens.word(end).equals("and")
                && (tokens.phrase(end + 1, "a half") || tokens.phrase(end + 1, "a quarter"))
                && !n.fraction()) {
            value = value.plus(Rational.of(1, tokens.word(end + 2).equals("half") ? 2 : 4));
            end += 3;
        }
        return measure(from, end, value, value, name);
    }

    /** Fractions that are inches by their kind: eighths, sixteenths, thousandths of one. */
    private String impliedUnit(int from, int at, SpokenNumber n) {
        String last = tokens.word(at - 1);
        if (last.startsWith("hundredth")) {
            return "mm";
        }
        boolean inches =
                last.startsWith("eighth")
                        || last.startsWith("sixteenth")
                        || last.startsWith("thousandth")
                        || last.startsWith("second") && at - from > 2
                        || last.startsWith("fourths") && n.used() > 2
                        || DRILL_FRACTION.matcher(last).matches();
        return inches ? "in" : "";
    }

    /** "in three stages, ten, twenty, then thirty-five newton metres". */
    private boolean inStages(int at) {
        for (int i = at - 1; i >= 0 && i > at - STAGES_REACH; i--) {
            if (STAGES.contains(tokens.word(i))) {
                return true;
            }
        }
        return false;
    }

    private static Measure measure(int from, int to, Rational min, Rational max, String unit) {
        return new Measure(from, to, min, max, unit, Bound.NONE);
    }

    /** "first thirty, then fifty-five newton metres": the first has the unit of the second. */
    private List<Measure> shareUnits(List<Measure> found) {
        List<Measure> out = new ArrayList<>(found);
        for (int i = out.size() - 1; i >= 0; i--) { // a unit may be shared by more than two
            Measure m = out.get(i);
            if (!m.unit().isEmpty()) {
                continue;
            }
            boolean corrected =
                    m.from() > 0
                            && struck[m.from() - 1]
                            && i > 0
                            && m.from() - out.get(i - 1).to() < Corrections.REACH;
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
                    && (tokens.word(m.to()).equals("then")
                            || tokens.word(m.to() + 1).equals("then")
                            || inStages(m.from()))) {
                out.set(i, m.in(out.get(i + 1).unit()));
            } else if (i > 0
                    && out.get(i - 1).torque()
                    && m.from() - out.get(i - 1).to() <= 4
                    && (tokens.word(m.from() - 1).equals("then")
                            || tokens.word(m.from() - 2).equals("then"))
                    && (m.to() >= tokens.size() || !tokens.get(m.to() - 1).mark().isEmpty())) {
                out.set(i, m.in(out.get(i - 1).unit()));
            }
        }
        return out;
    }
}
