package methodos.narration.hearing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import methodos.core.speech.Measures;
import methodos.core.speech.Token;
import methodos.core.vocabulary.Nouns;
import methodos.narration.vocabulary.Things;
import methodos.narration.vocabulary.WordClass;
import opennlp.tools.util.StringUtil;
import org.apache.commons.codec.language.DoubleMetaphone;

/**
 * Joins the letters of units that are spelled, and what recognition of speech wrote as two words
 * and what sounds like one thing that is known: "bear ring", "sir clip", "gas kit", "screw driver".
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
    private static final int LONGEST_UNIT = 3;

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
            int letters = spelled(tokens, i);
            if (letters > 1) {
                Token last = tokens.get(i + letters - 1);
                String unit = letters(tokens, i, letters);
                mended.add(new Token(unit, first.from(), last.to(), last.mark(), false));
                i += letters - 1;
                continue;
            }
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

    /** "r p m": how many single letters spell a unit from a place on; 0 for none. */
    private static int spelled(List<Token> tokens, int at) {
        int n = 0;
        while (n < LONGEST_UNIT
                && at + n < tokens.size()
                && tokens.get(at + n).text().length() == 1
                && Character.isLetter(tokens.get(at + n).text().charAt(0))
                && (n == 0 || tokens.get(at + n - 1).mark().isEmpty())) {
            n++;
        }
        while (n > 1 && Measures.unit(letters(tokens, at, n)).isEmpty()) {
            n--;
        }
        return n;
    }

    private static String letters(List<Token> tokens, int at, int n) {
        return tokens.subList(at, at + n).stream().map(Token::text).collect(Collectors.joining());
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
