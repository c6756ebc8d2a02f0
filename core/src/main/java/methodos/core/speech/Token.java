package methodos.core.speech;

import java.util.Set;

/**
 * A word as it is meant: in small letters, without punctuation and apostrophes, with what
 * recognition of speech misheard put right.
 *
 * @param text such as "bearing" where "bear ring" was written
 * @param from the first of the transcript's words that it stands for
 * @param to behind the last of them
 * @param mark the punctuation behind it, empty where there is none; "(" stands before the word that
 *     it opens
 * @param capital whether it was written with a capital letter
 */
public record Token(String text, int from, int to, String mark, boolean capital) {

    private static final Set<String> ENDS = Set.of(".", "!", "?", "…");

    /** Whether it is one of these words. */
    public boolean is(String... any) {
        for (String one : any) {
            if (text.equals(one)) {
                return true;
            }
        }
        return false;
    }

    /** Whether a full stop, question or exclamation mark follows. */
    public boolean endsSentence() {
        return ENDS.contains(mark);
    }

    /** Whether it is a number. */
    public boolean number() {
        return Character.isDigit(text.charAt(0))
                || text.length() > 1 && text.charAt(0) == '.' && Character.isDigit(text.charAt(1));
    }

    @Override
    public String toString() {
        return text + mark;
    }
}
