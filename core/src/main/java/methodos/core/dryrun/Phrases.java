package methodos.core.dryrun;

import java.util.List;
import methodos.core.vocabulary.Nouns;

/** Names in the words of a step. */
final class Phrases {

    private Phrases() {}

    /** Whether a name occurs, its last word in the singular or in the plural. */
    static boolean within(List<String> words, List<String> name) {
        return !name.isEmpty() && at(words, name, 0) >= 0;
    }

    /** Where a name occurs from a place on, -1 where it does not. */
    static int at(List<String> words, List<String> name, int from) {
        int last = name.size() - 1;
        for (int i = from; i + last < words.size(); i++) {
            if (words.subList(i, i + last).equals(name.subList(0, last))
                    && Nouns.singular(words.get(i + last)).equals(name.get(last))) {
                return i;
            }
        }
        return -1;
    }
}
