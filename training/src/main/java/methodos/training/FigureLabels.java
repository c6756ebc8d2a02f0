package methodos.training;

import java.util.Locale;
import methodos.core.narration.DraftedStep;
import methodos.core.narration.DraftedStep.Limit;
import methodos.core.quantity.Rational;
import methodos.core.speech.Measure;
import methodos.narration.grammar.Utterance;
import methodos.narration.values.Figure.Kind;

/** What each quantity is, by the values of the true steps near it. */
final class FigureLabels {

    private static final double NEAR = 6;

    private final Utterance said;
    private final Truth truth;

    FigureLabels(Utterance said, Truth truth) {
        this.said = said;
        this.truth = truth;
    }

    String of(Measure m) {
        double start = said.start(m.from());
        double end = said.end(m.to() - 1);
        for (Truth.TrueStep step : truth.steps()) {
            DraftedStep told = step.told();
            if (told.start() <= end + NEAR && told.end() >= start - NEAR) {
                Kind kind = kind(m, told);
                if (kind != Kind.NONE) {
                    return kind.name().toLowerCase(Locale.ROOT);
                }
            }
        }
        return "none";
    }

    private static Kind kind(Measure m, DraftedStep told) {
        if (m.torque()) {
            boolean known =
                    told.torques().stream()
                            .anyMatch(t -> same(t.min(), m.min()) && same(t.max(), m.max()));
            return known ? Kind.TORQUE : Kind.NONE;
        }
        if (m.time()
                && told.waits().stream()
                        .anyMatch(w -> Math.abs(w.seconds() - m.seconds()) < 1e-6)) {
            return Kind.WAIT;
        }
        for (Limit limit : told.limits()) {
            boolean time = limit.unit().matches("s|min|h");
            if (time == m.time()) {
                Kind kind = limit(m, limit);
                if (kind != Kind.NONE) {
                    return kind;
                }
            }
        }
        boolean counts = m.cycles() || m.bare();
        return counts && told.repeats() != null && same((double) told.repeats().count(), m.min())
                ? Kind.REPEAT
                : Kind.NONE;
    }

    private static Kind limit(Measure m, Limit limit) {
        if (same(limit.min(), m.min()) && same(limit.max(), m.max())) {
            return Kind.LIMIT;
        }
        if (limit.max() == null && (same(limit.min(), m.max()) || same(limit.min(), m.min()))) {
            return Kind.LEAST;
        }
        boolean most =
                limit.min() == null && (same(limit.max(), m.min()) || same(limit.max(), m.max()));
        return most ? Kind.MOST : Kind.NONE;
    }

    private static boolean same(Double value, Rational said) {
        return value == null
                ? said == null
                : said != null
                        && Math.abs(value - said.toDouble())
                                <= 1e-4 * Math.max(1e-9, Math.abs(value));
    }
}
