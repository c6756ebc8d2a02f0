package methodos.narration.grammar;

import methodos.core.vocabulary.Nouns;

/**
 * A thing that is named: "the four M8 by 25 cap screws".
 *
 * @param from the first of its tokens
 * @param to behind the last of them
 * @param name in the singular, without what only counts, measures or points
 * @param quantity null where it is not said
 * @param size null where it is not said
 * @param fresh whether it is a new one
 * @param definite whether it is pointed at: "the", "that", "your"
 * @param plural whether there are several
 */
public record NounPhrase(
        int from,
        int to,
        String name,
        Integer quantity,
        String size,
        boolean fresh,
        boolean definite,
        boolean plural) {

    /** The last word of the name. */
    public String head() {
        return Nouns.head(name);
    }
}
