package methodos.narration.hearing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import methodos.core.speech.Token;
import methodos.core.vocabulary.Nouns;
import methodos.narration.vocabulary.Things;
import methodos.narration.vocabulary.WordClass;
import opennlp.tools.util.StringUtil;
import org.apache.commons.codec.language.DoubleMetaphone;

/**
 * Joins what recognition of speech wrote as two words and what sounds like one thing that is known:
 * "bear ring", "sir clip", "gas kit", "screw driver".
 *
 * <p>Two words are joined if together they sound like a name (by double metaphone) and differ from
 * it by no more than two letters.
 */
public final class Mishearings {

    private static final Pattern WORD = Pattern.compile("[a-z]{2,}");

    /** Shorter names sound like too many pairs of words. */
    private static final int SHORTEST = 6;

    /** So many letters may be written otherwise. */
    private static final int OTHER_LETTERS = 2;

    private static final int SOUND = 8;

    private final DoubleMetaphone sound = new DoubleMetaphone();
    private final Map<String, String> bySound = new HashMap<>();
    private final Things things;

    public Mishearings(Things things) {
        this.things = things;
        sound.setMaxCodeLen(SOUND);
        for (String name : things.words()) {
            if (name.length() >= SHORTEST) {
                bySound.putIfAbsent(sound.doubleMetaphone(name), name);
            }
        }
    }

    /** The words with those that belong together in one. */
    public List<Token> mended(List<Token> tokens) {
        List<Token> mended = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            Token first = tokens.get(i);
            Optional<String> meant =
                    i + 1 < tokens.size() && first.mark().isEmpty()
                            ? meant(first.text(), tokens.get(i + 1).text())
                            : Optional.empty();
            if (meant.isPresent()) {
                Token last = tokens.get(i + 1);
                mended.add(
                        new Token(
                                meant.get(),
                                first.from(),
                                last.to(),
                                last.mark(),
                                first.capital()));
                i++;
            } else {
                mended.add(first);
            }
        }
        return mended;
    }

    private Optional<String> meant(String first, String second) {
        boolean letters = WORD.matcher(first).matches() && WORD.matcher(second).matches();
        if (!letters || WordClass.closed(first) || WordClass.closed(second)) {
            return Optional.empty();
        }
        String together = first + second;
        String singular = Nouns.singular(together);
        if (things.names(together)) {
            // "lock nut" is as good as "locknut"
            return things.part(second).isEmpty() ? Optional.of(together) : Optional.empty();
        }
        String name = bySound.get(sound.doubleMetaphone(singular));
        return name != null && otherLetters(name, singular) <= OTHER_LETTERS
                ? Optional.of(singular.equals(together) ? name : Nouns.plural(name, 2))
                : Optional.empty();
    }

    private static int otherLetters(String one, String other) {
        return StringUtil.levenshteinDistance(one, other)[one.length()][other.length()];
    }
}
