package methodos.narration.draft;

import java.util.Set;
import methodos.core.vocabulary.WordSet;
import methodos.narration.grammar.Utterance;
import methodos.narration.vocabulary.WordClass;

/** Documents that the words send the reader to: "that's in your workshop manual". */
final class DocumentsSaid {

    private static final Set<String> SENDS =
            WordSet.ofPhrases(
                    "look, look it up, in the, in your, see, inside, says, has, have, gives, is in"
                            + ", thats in, check, refer, per, from the, in, off the");

    private static final int DESCRIBING = 3;

    private DocumentsSaid() {}

    /** The document that a stretch of words sends the reader to, or null. */
    static String of(Utterance said, int from, int to) {
        for (int i = from; i < to; i++) {
            if (!WordClass.DOCUMENT.has(said.word(i)) || !said.hasAny(from, to, SENDS)) {
                continue;
            }
            int start = i;
            while (start > from && i - start < DESCRIBING && describes(said, start - 1)) {
                start--;
            }
            int behind = i + 1;
            if (Set.of("for", "of").contains(said.word(behind)) && said.mark(i).isEmpty()) {
                behind = Math.min(to, behind + 3);
            }
            return said.text(start, behind).replaceAll(" (the|a)$", "");
        }
        return null;
    }

    private static boolean describes(Utterance said, int i) {
        return said.mark(i).isEmpty()
                && said.tag(i).matches("NOUN|ADJ|PROPN")
                && !WordClass.closed(said.word(i));
    }
}
