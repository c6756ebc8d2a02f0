package methodos.core.vocabulary;

import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;

/** Sets of words written as a line of text. */
public final class WordSet {

    private WordSet() {}

    /** The words of a text, parted by blanks. */
    public static Set<String> of(String words) {
        return parted(words, "\\s+");
    }

    /** The phrases of a text, parted by commas. */
    public static Set<String> ofPhrases(String phrases) {
        return parted(phrases, "\\s*,\\s*");
    }

    private static Set<String> parted(String text, String at) {
        return Arrays.stream(text.strip().split(at)).collect(Collectors.toUnmodifiableSet());
    }
}
