package methodos.core.dryrun;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import methodos.core.language.PartNames;
import methodos.core.speech.SpokenNumber;
import methodos.core.speech.Token;
import methodos.core.vocabulary.Nouns;

/** The lists of words that the dry run goes by, and how words are compared. */
final class DryRunWords {

    private static final Pattern BETWEEN = Pattern.compile("[^\\p{L}\\p{N}'’-]+");
    private static final Pattern BEHIND = Pattern.compile("[,(]| with | of | for ");

    private static final Map<String, List<String>> LISTS = read();

    private DryRunWords() {}

    private static Map<String, List<String>> read() {
        Map<String, List<String>> lists = new HashMap<>();
        try (InputStream in = DryRunWords.class.getResourceAsStream("words.txt")) {
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            text.lines()
                    .filter(l -> !l.isBlank() && !l.startsWith("#"))
                    .forEach(
                            l -> {
                                List<String> words = List.of(l.strip().split("\\s+"));
                                lists.computeIfAbsent(words.get(0), k -> new ArrayList<>())
                                        .addAll(words.subList(1, words.size()));
                            });
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return lists;
    }

    static boolean is(String list, String word) {
        return LISTS.get(list).contains(word);
    }

    /** Whether a text has a word of a list, in the singular or in the plural. */
    static boolean has(String list, String text) {
        return words(text).stream().anyMatch(w -> is(list, w) || is(list, Nouns.singular(w)));
    }

    /** The words of a text, small. */
    static List<String> words(String text) {
        return Stream.of(BETWEEN.split(text.toLowerCase(Locale.ROOT)))
                .filter(w -> !w.isEmpty())
                .toList();
    }

    /** The words of a name, the last of them in the singular. */
    static List<String> ofName(String name) {
        List<String> words = new ArrayList<>(words(BEHIND.split(name, 2)[0]));
        if (!words.isEmpty()) {
            words.set(words.size() - 1, Nouns.singular(words.get(words.size() - 1)));
        }
        return words;
    }

    /** What a name is a name of. */
    static String head(String name) {
        return Nouns.singular(PartNames.head(name));
    }

    /** The number that a word says, 0 where it says none. */
    static int number(String word) {
        if (word.equals("both")) {
            return 2;
        }
        return SpokenNumber.begins(word)
                ? SpokenNumber.at(List.of(new Token(word, 0, word.length(), "", false)), 0)
                        .flatMap(SpokenNumber::count)
                        .orElse(0)
                : 0;
    }
}
