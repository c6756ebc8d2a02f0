package methodos.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Dismissal;
import methodos.core.manual.Evidence;
import methodos.core.manual.Manual;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep;
import methodos.core.parts.SpokenParts;
import methodos.core.words.Words;

/**
 * Brings drafted steps into a manual and settles them. A drafted step stays marked as such until
 * somebody accepts it; drafting again leaves alone what is accepted or set aside.
 */
public final class DraftEdits {

    /** A clip has come to a part of the work if at least one of so many of its steps is of it. */
    private static final int SHARE = 8;

    private DraftEdits() {}

    /**
     * Puts the steps of a draft into the manual, in place of those that were drafted from the clip
     * before and are not accepted.
     *
     * @param clip id of the clip that the draft was read from
     * @param words for the sentences of hazard statements and open values
     */
    public static Edit draft(Id<Clip> clip, Draft draft, Words words) {
        return Edit.named(EditKind.DRAFT, m -> drafted(m, clip, draft, words));
    }

    private static Manual drafted(Manual manual, Id<Clip> clip, Draft draft, Words words) {
        Manual result = manual;
        for (Step step : manual.steps().filter(s -> !s.accepted() && drawnFrom(s, clip)).toList()) {
            result = StepEdits.deleted(result, step.id());
        }
        List<Span> settled = settled(result, clip);
        SpokenParts spoken = new SpokenParts(result.parts());
        for (DraftedStep drafted : draft.steps()) {
            Span span = new Span(clip, drafted.start(), drafted.end());
            if (drafted.kind() != DraftedStep.Kind.NOTE && !isSettled(span, settled)) {
                result = new DraftedContent(result, spoken, words).add(drafted, span);
            }
        }
        return result;
    }

    /**
     * The part of the work that a clip goes on with: the furthest that the steps of the clips
     * before it have come to.
     */
    public static Stage.Kind startOf(Manual manual, Id<Clip> clip) {
        Stage.Kind furthest = Stage.Kind.PREPARE;
        for (Clip before : manual.clips()) {
            if (before.id().equals(clip)) {
                break;
            }
            long all = manual.steps().filter(s -> drawnFrom(s, before.id())).count();
            for (Stage stage : manual.stages()) {
                long steps = stage.steps().stream().filter(s -> drawnFrom(s, before.id())).count();
                // a step or two may be of another part of the work than those around them
                boolean reached =
                        steps > 0 && steps * SHARE >= all && stage.kind() != Stage.Kind.TEST;
                if (reached && stage.kind().compareTo(furthest) > 0) {
                    furthest = stage.kind();
                }
            }
        }
        return furthest;
    }

    private static boolean drawnFrom(Step step, Id<Clip> clip) {
        return !step.spans().isEmpty() && step.spans().get(0).clip().equals(clip);
    }

    /** The stretches that somebody has decided on. */
    private static List<Span> settled(Manual manual, Id<Clip> clip) {
        List<Span> settled = new ArrayList<>();
        manual.steps().filter(Step::accepted).forEach(s -> settled.addAll(s.spans()));
        manual.dismissals().forEach(d -> settled.add(d.span()));
        return settled.stream().filter(s -> s.clip().equals(clip)).toList();
    }

    private static boolean isSettled(Span span, List<Span> settled) {
        double middle = (span.start() + span.end()) / 2;
        return settled.stream().anyMatch(s -> s.contains(middle));
    }

    /** Agrees to a drafted step with all that is in it. */
    public static Edit accept(Id<Step> step) {
        return Edit.named(
                EditKind.ACCEPT,
                m -> m.step(step).map(s -> DraftedContent.accepted(m, s)).orElse(m));
    }

    /** Takes a drafted step out and sets its words aside. */
    public static Edit setAside(Id<Step> step, String reason) {
        return Edit.named(
                EditKind.SET_DRAFT_ASIDE,
                m -> {
                    Optional<Step> found = m.step(step);
                    if (found.isEmpty()) {
                        return m;
                    }
                    List<Dismissal> all = new ArrayList<>(m.dismissals());
                    for (Evidence e : found.get().evidence()) {
                        if (e instanceof Evidence.Recorded r) {
                            all.add(new Dismissal(r.span(), r.quote(), reason));
                        }
                    }
                    return StepEdits.deleted(m, step).withDismissals(all);
                });
    }
}
