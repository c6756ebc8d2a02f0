package methodos.core.drafting;

import java.util.List;
import methodos.core.narration.Draft;

/**
 * What a clause comes to.
 *
 * @param findings the steps in it, for {@link Sort#STEPS}
 * @param reason why it is set aside, for {@link Sort#SET_ASIDE}
 */
record Outcome(Sort sort, List<Finding> findings, Draft.Reason reason) {

    enum Sort {
        STEPS,
        /** Adds to the step before or behind it. */
        ADDITION,
        /** Says when the next steps apply. */
        CONDITION,
        /** Says what is to be seen or read. */
        EXPECTATION,
        /** Says why the step before is done. */
        REASON,
        NOTE,
        SET_ASIDE
    }

    static Outcome of(Sort sort) {
        return new Outcome(sort, List.of(), null);
    }

    static Outcome steps(List<Finding> findings) {
        return new Outcome(Sort.STEPS, findings, null);
    }

    static Outcome aside(Draft.Reason reason) {
        return new Outcome(Sort.SET_ASIDE, List.of(), reason);
    }
}
