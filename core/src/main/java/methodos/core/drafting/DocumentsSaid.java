package methodos.core.drafting;

import java.util.Set;
import methodos.core.vocabulary.WordSet;

/** Documents that the words send the reader to: "that's in your workshop manual". */
final class DocumentsSaid {

    private static final Set<String> DOCUMENTS =
            WordSet.of(
                    "manual book handbook leaflet sheet chart drawing label datasheet table"
                            + " instructions documentation booklet");

    private static final Set<String> SENDS =
            WordSet.ofPhrases(
                    "look, look it up, in the, in your, see, inside, says, has, have, gives, is in"
                            + ", thats in, check, refer, per, from the, in");

    private DocumentsSaid() {}

    /** The document that a stretch of words sends the reader to, or null. */
    static String of(Speech speech, Said said, int from, int to) {
        for (int i = from; i < to; i++) {
            if (!DOCUMENTS.contains(speech.word(i)) || speech.phrase(i, "sheet metal")) {
                continue;
            }
            boolean sent = speech.hasAny(from, to, SENDS);
            if (!sent || speech.word(i).equals("sheet") && speech.has(from, to, "sign")) {
                continue;
            }
            int start = i;
            while (start > from && said.describes(start - 1)) {
                start--;
            }
            int behind = i + 1;
            if (Set.of("for", "of", "in").contains(speech.word(behind))) {
                behind = Math.min(to, behind + 3);
            }
            return speech.text(start, behind).replaceAll(" (the|a)$", "");
        }
        return null;
    }
}
