package methodos.core.drafting;

import java.util.Set;
import methodos.core.vocabulary.Nouns;
import methodos.core.vocabulary.WordSet;

/** What one looks for on a part, and what is no part itself. */
final class Defects {

    private static final Set<String> WORDS =
            WordSet.of(
                    "crack scoring score hole burr wear leak damage scratch nick pit streak play"
                            + " chip corrosion rust bubble drip noise flake groove seam dent step spot gap"
                            + " movement pitting discolouring discoloration burn swelling tear split edge"
                            + " drop light grease oil water roughness ridge mark kink air stream puddle"
                            + " fraying looseness smoothness");

    private static final Set<String> HARMS =
            WordSet.of(
                    "breaks cracks scratches melts tears swells mushrooms damages ruins bends marks"
                            + " scores");

    private Defects() {}

    /** Whether something is said to do damage. */
    static boolean harms(Speech speech, int from, int to) {
        for (int i = from; i < to; i++) {
            if (HARMS.contains(speech.word(i))) {
                return true;
            }
        }
        return false;
    }

    static boolean is(String noun) {
        return WORDS.contains(Nouns.singular(noun));
    }
}
