package methodos.core.manual;

import methodos.core.description.Id;

/**
 * One row of a stack of parts, from the top down.
 *
 * @param part null where it is named only in words
 * @param words as the author typed them: how many, what, which way round; a number sign stands
 *     where the part is named
 */
public record Layer(Id<Part> part, String words) {
    public Layer {
        words = words == null ? "" : words;
    }
}
