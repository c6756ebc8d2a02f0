package methodos.core.dryrun;

import java.util.List;
import methodos.core.vocabulary.Nouns;

/**
 * Words as they are said, ready to be compared with names.
 *
 * @param words small
 * @param ones each of them in the singular
 */
record Said(List<String> words, List<String> ones) {

    static Said of(String text) {
        List<String> words = DryRunWords.words(text);
        return new Said(words, words.stream().map(Nouns::singular).toList());
    }

    int size() {
        return words.size();
    }

    /** Whether a name ends at a place, its last word in the singular or in the plural. */
    boolean ends(List<String> name, int at) {
        int last = name.size() - 1;
        return at >= last
                && ones.get(at).equals(name.get(last))
                && words.subList(at - last, at).equals(name.subList(0, last));
    }
}
