package methodos.narration.draft;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import methodos.core.narration.DraftedStep.ToolNamed;
import methodos.core.speech.Measure;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.Complements;
import methodos.narration.grammar.Complements.Prepositional;
import methodos.narration.grammar.Sizes;
import methodos.narration.grammar.Utterance;
import methodos.narration.values.Figure;
import methodos.narration.values.Figures;
import methodos.narration.values.LimitsSaid;
import methodos.narration.values.SpannerSizes;

/** Gives each quantity to the step that it belongs to. */
final class FiguresGiven {

    private static final int REACH = 14;

    private final Utterance said;
    private final List<Clause> clauses;
    private final List<Sketch> sketches;
    private final LimitsSaid limits;

    FiguresGiven(Utterance said, List<Clause> clauses, List<Sketch> sketches) {
        this.said = said;
        this.clauses = clauses;
        this.sketches = sketches;
        this.limits = new LimitsSaid(said);
    }

    private Optional<Sketch> near(int word) {
        Optional<Sketch> within =
                sketches.stream().filter(s -> s.from <= word && word < s.to).findFirst();
        return within.isPresent()
                ? within
                : sketches.stream()
                        .filter(s -> s.to <= word && word - s.to <= REACH)
                        .max(Comparator.comparingInt(s -> s.to))
                        .or(
                                () ->
                                        sketches.stream()
                                                .filter(
                                                        s ->
                                                                s.from > word
                                                                        && s.from - word <= REACH)
                                                .min(Comparator.comparingInt(s -> s.from)));
    }

    /** Gives a figure to the step that it belongs to. */
    void give(Figure figure) {
        Measure m = figure.measure();
        if (!ofSize(m)) {
            near(m.from()).ifPresent(s -> give(figure, s));
        }
    }

    private void give(Figure figure, Sketch s) {
        Measure m = figure.measure();
        if (toolsSize(m, s)) {
            s.tools.add(new ToolNamed("spanner", Sizes.print(m.min(), m.unit())));
            return;
        }
        switch (figure.kind()) {
            case NONE -> {}
            case TORQUE -> s.torques.add(m);
            case WAIT -> s.waits.add(m);
            case REPEAT -> s.repeats = m;
            default -> limit(s, figure);
        }
    }

    /** "Two bolts, thirteen mil", "eighteen mil on the hose": the size of a spanner. */
    private boolean toolsSize(Measure m, Sketch s) {
        boolean turned = s.is("loosen", "tighten", "remove", "disconnect", "connect", "install");
        boolean begins = m.from() == 0 || !said.mark(m.from() - 1).isEmpty();
        boolean alone = begins && !said.mark(m.to() - 1).isEmpty();
        boolean on = said.word(m.to()).equals("on") && begins;
        boolean screwed =
                s.clause.complements().objects().stream()
                        .anyMatch(np -> SpannerSizes.screwed(said, np));
        return SpannerSizes.fits(m)
                && (SpannerSizes.on(said, s.clause) || turned && (on || alone && screwed));
    }

    /** Whether it is the size of something that is named. */
    private boolean ofSize(Measure m) {
        int at = Figures.clauseAt(clauses, m.from());
        if (at < 0 || m.from() >= clauses.get(at).to()) {
            return false;
        }
        Complements c = clauses.get(at).complements();
        return Stream.concat(
                        c.objects().stream(),
                        c.phrases().stream().map(Prepositional::thing).filter(t -> t != null))
                .anyMatch(np -> np.size() != null && np.from() <= m.from() && m.from() < np.to());
    }

    private void limit(Sketch s, Figure figure) {
        Measure m = limits.of(figure, s.action == null ? "" : s.action);
        boolean turned = s.is("tighten", "hand-tighten") && m.unit().equals("deg");
        if (turned && !s.torques.isEmpty() && m.max() != null) {
            s.then = m.max().toDouble();
        }
        s.limits.add(m);
    }
}
