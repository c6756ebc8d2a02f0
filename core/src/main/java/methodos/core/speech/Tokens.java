package methodos.core.speech;

import java.util.List;

/** Tokens in the order in which they are said, looked at by their place. */
public record Tokens(List<Token> list) {

    public Tokens {
        list = List.copyOf(list);
    }

    /** How many there are. */
    public int size() {
        return list.size();
    }

    /**
     * @throws IndexOutOfBoundsException outside the narration
     */
    public Token get(int i) {
        return list.get(i);
    }

    /** The word at a place, empty outside the narration. */
    public String word(int i) {
        return i < 0 || i >= list.size() ? "" : list.get(i).text();
    }

    /** Whether the words of a phrase, with a blank between each, are said from a place on. */
    public boolean phrase(int i, String phrase) {
        return behind(i, phrase) >= 0;
    }

    /** The place behind a phrase that is said from a place on, -1 where it is not. */
    public int behind(int i, String phrase) {
        int at = i;
        int said = 0;
        while (true) {
            String word = word(at++);
            if (!phrase.startsWith(word, said) || word.isEmpty()) {
                return -1;
            }
            said += word.length();
            if (said == phrase.length()) {
                return at;
            }
            if (phrase.charAt(said++) != ' ') {
                return -1;
            }
        }
    }
}
