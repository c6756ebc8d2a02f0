package methodos.core.hazard;

import java.util.List;

/**
 * A word that is looked for in words: itself, or with "*" at its end every word that begins so;
 * words with "_" between have to follow each other.
 */
record WordPattern(List<String> pieces) {

    static WordPattern of(String text) {
        return new WordPattern(List.of(text.split("_")));
    }

    boolean in(List<String> words) {
        for (int i = 0; i + pieces.size() <= words.size(); i++) {
            if (at(words, i)) {
                return true;
            }
        }
        return false;
    }

    private boolean at(List<String> words, int from) {
        for (int i = 0; i < pieces.size(); i++) {
            String piece = pieces.get(i);
            String word = words.get(from + i);
            boolean fits =
                    piece.endsWith("*")
                            ? word.startsWith(piece.substring(0, piece.length() - 1))
                            : word.equals(piece);
            if (!fits) {
                return false;
            }
        }
        return true;
    }
}
