package methodos.training;

import java.util.List;
import java.util.Set;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep;

/**
 * What a careful writer makes of a narration.
 *
 * @param steps in the order of the narration
 * @param dismissed the words that became no step
 * @param traps where a reader is easily misled
 */
public record Truth(List<TrueStep> steps, List<Draft.SetAside> dismissed, List<Trap> traps) {

    public Truth {
        steps = List.copyOf(steps);
        dismissed = List.copyOf(dismissed);
        traps = List.copyOf(traps);
    }

    /**
     * A step as it should be drafted.
     *
     * @param told with the words in its only evidence
     * @param otherActions actions that would be right as well
     * @param otherParts names that would be right as well
     * @param optional whether a draft without it would be right as well
     */
    public record TrueStep(
            DraftedStep told, Set<String> otherActions, Set<String> otherParts, boolean optional) {

        public TrueStep {
            otherActions = Set.copyOf(otherActions);
            otherParts = Set.copyOf(otherParts);
        }

        /** The words that it is drawn from. */
        public String quote() {
            return told.evidence().get(0).quote();
        }
    }

    /**
     * Words that must not become a step with one of some actions.
     *
     * @param start seconds
     * @param end seconds
     * @param why such as "prohibition"
     */
    public record Trap(double start, double end, String why, Set<String> actions) {

        public Trap {
            actions = Set.copyOf(actions);
        }
    }
}
