package methodos.narration.acts;

/**
 * What the judge makes of a clause.
 *
 * @param outcome the likeliest
 * @param work how likely it says a step or a caution, 0 to 1
 * @param caution how likely it says a caution
 * @param action the likeliest action, where it is an act
 * @param certainty how likely that action is
 */
public record Verdict(
        Outcome outcome, double work, double caution, String action, double certainty) {

    /** What a clause can be. */
    public enum Outcome {
        ACT,
        DETAIL,
        CAUTION,
        NOTE,
        NONE
    }
}
