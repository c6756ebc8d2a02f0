package methodos.narration.grammar;

/**
 * The least that can be a statement: a verb, or a thing without one, with what stands around it.
 *
 * @param head the place of the verb, or of the last word of the thing
 * @param from the first of its tokens
 * @param to behind the last of them
 */
public record Clause(Type type, int head, int from, int to, Lead lead, Complements complements) {

    /** What holds it together. */
    public enum Type {
        /** "take the lid off" */
        VERB,
        /** "the thread is left-handed" */
        STATE,
        /** "lid off", "four bolts" */
        BARE,
        /** "40 foot-pounds": a quantity by itself. */
        FIGURE
    }
}
