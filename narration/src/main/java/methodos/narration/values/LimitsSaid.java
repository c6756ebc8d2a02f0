package methodos.narration.values;

import java.util.Set;
import java.util.stream.IntStream;
import methodos.core.quantity.Rational;
import methodos.core.speech.Measure;
import methodos.narration.grammar.Utterance;
import methodos.narration.vocabulary.WordClass;

/**
 * What is to be kept to where a figure is a limit: its unit, where the words leave it open, and
 * which side of it is good.
 */
public final class LimitsSaid {

    private static final Set<String> TURNED =
            Set.of("turn", "loosen", "tighten", "hand-tighten", "record", "adjust");

    private static final Set<String> MOST = Set.of("max", "maximum", "most", "limit");
    private static final Set<String> LEAST = Set.of("min", "minimum", "least");

    private static final int NEAR = 4;
    private static final int TURNS_NEAR = 15;
    private static final int VERDICT_NEAR = 12;

    /** From here on "mils" that are filled in are millilitres. */
    private static final double MILLILITRES = 20;

    private final Utterance said;

    public LimitsSaid(Utterance said) {
        this.said = said;
    }

    /**
     * The limit that a figure means.
     *
     * @param action what is done
     */
    public Measure of(Figure figure, String action) {
        return unit(bounded(figure), action);
    }

    private Measure bounded(Figure figure) {
        Measure m = figure.measure();
        boolean condemned =
                (m.bound() == Measure.Bound.MORE || m.bound() == Measure.Bound.LESS)
                        && (denied(m) || condemned(m));
        if (condemned) {
            return m.turnedRound();
        }
        if (m.bound() != Measure.Bound.NONE) {
            return m;
        }
        if (near(m, MOST) || figure.kind() == Figure.Kind.MOST) {
            return m.single() ? side(m, false) : m;
        }
        if (near(m, LEAST) || figure.kind() == Figure.Kind.LEAST) {
            return m.single() ? side(m, true) : m;
        }
        return m;
    }

    private static Measure side(Measure m, boolean least) {
        Rational value = least ? m.min() : m.max();
        return new Measure(
                m.from(), m.to(), least ? value : null, least ? null : value, m.unit(), m.bound());
    }

    /** "must not rise above 160" */
    private boolean denied(Measure m) {
        for (int i = m.from() - 1; i >= m.from() - NEAR - 1 && !said.ends(i); i--) {
            if (WordClass.parts(said.word(i)).stream().anyMatch(WordClass.NOT::has)) {
                return !said.word(m.from()).equals(said.word(i)) && i < m.from();
            }
        }
        return false;
    }

    /** "under 55: new", "if there is more than 3 mm, replace it" */
    private boolean condemned(Measure m) {
        for (int i = m.from() - 2; i >= m.from() - VERDICT_NEAR && i >= 0 && !said.ends(i); i--) {
            if (Set.of("if", "when", "anything", "should").contains(said.word(i))) {
                return true;
            }
        }
        for (int i = m.to(); i < m.to() + VERDICT_NEAR && i < said.size(); i++) {
            if (WordClass.CONDEMNED.has(said.word(i))) {
                return true;
            }
            if (said.ends(i)) {
                return false;
            }
        }
        return false;
    }

    private boolean near(Measure m, Set<String> words) {
        for (int i = m.from() - 1; i >= m.from() - NEAR && i >= 0 && !said.ends(i); i--) {
            if (words.contains(said.word(i))) {
                return true;
            }
        }
        for (int i = m.to(); i < m.to() + NEAR && !said.ends(i - 1); i++) {
            if (words.contains(said.word(i))) {
                return true;
            }
        }
        return false;
    }

    private Measure unit(Measure m, String action) {
        if (m.unit().equals("degree")) {
            return m.in(warm(m, action) ? "°C" : "deg");
        }
        if (m.unit().equals("mm")) {
            boolean mils = said.word(m.to() - 1).matches("mils?|m");
            boolean filled = action.equals("fill") || action.equals("drain");
            return mils && filled && !m.below(MILLILITRES) ? m.in("mL") : m;
        }
        if (!m.bare()) {
            return m;
        }
        Rational value = m.min() == null ? m.max() : m.min();
        boolean quarters = value.times(Rational.of(4)).toDouble() % 1 == 0;
        boolean turns =
                quarters
                        && (TURNED.contains(action)
                                || said.hasAny(
                                                Math.max(0, m.from() - TURNS_NEAR),
                                                m.to(),
                                                Set.of("turn", "turns"))
                                        && !action.equals("measure"));
        return m.in(turns ? "turn" : said.lengthUnit());
    }

    private boolean warm(Measure m, String action) {
        if (action.equals("heat") || action.equals("cool")) {
            return true;
        }
        int from = Math.max(0, m.from() - VERDICT_NEAR);
        return !TURNED.contains(action)
                && (warmth(from, m.to() + NEAR)
                        || Set.of("test", "wait", "inspect", "install", "clean", "measure")
                                .contains(action));
    }

    private boolean warmth(int from, int to) {
        return IntStream.range(from, to).anyMatch(i -> WordClass.WARMTH.has(said.word(i)));
    }
}
