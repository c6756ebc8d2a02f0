package methodos.narration.grammar;

import java.util.List;
import java.util.Optional;

/**
 * What is said behind a verb.
 *
 * @param to behind the last of its tokens
 * @param particle such as "off"; null for none
 * @param objects the things that are acted on, each with its own name
 * @param pronoun such as "it", where what is acted on is not named; null for none
 * @param phrases what stands behind prepositions
 */
public record Complements(
        int to,
        String particle,
        List<NounPhrase> objects,
        String pronoun,
        List<Prepositional> phrases) {

    public Complements {
        objects = List.copyOf(objects);
        phrases = List.copyOf(phrases);
    }

    /**
     * A preposition with what it goes with.
     *
     * @param thing null where none is named: "by hand" has one, "until" none
     */
    public record Prepositional(String preposition, int at, int to, NounPhrase thing) {}

    /** The first phrase with one of some prepositions and a thing. */
    public Optional<Prepositional> phrase(String... prepositions) {
        List<String> any = List.of(prepositions);
        return phrases.stream()
                .filter(p -> any.contains(p.preposition()) && p.thing() != null)
                .findFirst();
    }
}
