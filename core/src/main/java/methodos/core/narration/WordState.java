package methodos.core.narration;

import methodos.core.manual.Evidence;
import methodos.core.manual.Manual;
import methodos.core.manual.Span;

/** What became of words of the narration. */
public enum WordState {
    /** A step is drawn from them. */
    USED,
    /** Somebody has set them aside. */
    DISMISSED,
    /** Neither: they still have to be settled. */
    OPEN;

    /** The state of a caption: that of the step or dismissal in which its middle lies. */
    public static WordState of(Caption caption, String clip, Manual manual) {
        double middle = Captions.middle(caption);
        if (manual.steps()
                .anyMatch(
                        s ->
                                s.spans().stream().anyMatch(x -> holds(x, clip, middle))
                                        || s.evidence().stream()
                                                .anyMatch(
                                                        e ->
                                                                e instanceof Evidence.Recorded r
                                                                        && holds(
                                                                                r.span(), clip,
                                                                                middle)))) {
            return USED;
        }
        return manual.dismissals().stream().anyMatch(d -> holds(d.span(), clip, middle))
                ? DISMISSED
                : OPEN;
    }

    private static boolean holds(Span span, String clip, double time) {
        return span.clip().equals(clip) && span.contains(time);
    }
}
