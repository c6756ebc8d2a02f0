package methodos.core.narration;

import java.util.List;

/**
 * What the reader makes of a narration. Every word of it stands in the evidence of a step or among
 * the stretches that are proposed to be set aside.
 *
 * @param steps in the order of the narration
 * @param dismissed what became no step, with why
 */
public record Draft(List<DraftedStep> steps, List<SetAside> dismissed) {

    public Draft {
        steps = List.copyOf(steps);
        dismissed = List.copyOf(dismissed);
    }

    /** Words that became no step. */
    public record SetAside(double start, double end, String quote, Reason reason) {}

    /** Why words are proposed to be set aside. */
    public enum Reason {
        CHATTER,
        NOISE,
        REPEAT,
        ASIDE,
        OFF_TOPIC
    }
}
