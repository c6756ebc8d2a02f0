package methodos.training;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.narration.Caption;
import org.junit.jupiter.api.Test;

/**
 * The reader's code knows the language, and no story: a word that stands in it and in one narration
 * alone was taken from that narration.
 */
class WordsOfTheReaderTest {

    private static final Path SOURCES = Path.of("../narration/src/main/java");
    private static final Path LISTS =
            Path.of("../narration/src/main/resources/methodos/narration/vocabulary");

    private static final Pattern COMMENT = Pattern.compile("(?s)/\\*.*?\\*/|//[^\n]*");
    private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\]|\\\\.)*)\"");
    private static final Pattern WORD = Pattern.compile("[a-z]{2,}");

    /** Names of features and of units, ends of words, and how orders of tightening are called. */
    private static final Set<String> OF_THE_LANGUAGE =
            Set.of(
                    "bare",
                    "figures",
                    "deg",
                    "kg",
                    "mils",
                    "ing",
                    "havent",
                    "alternately",
                    "opposite",
                    "pattern",
                    "refer");

    @Test
    void noWordOfTheCodeIsOfOneNarrationAlone() throws Exception {
        List<Set<String>> narrations =
                TruthFile.all(
                                List.of(
                                        Path.of("narrations/practice"),
                                        Path.of("narrations/sentences")))
                        .stream()
                        .map(WordsOfTheReaderTest::words)
                        .toList();
        Set<String> known = lists();
        Set<String> alone = new TreeSet<>();
        int unheard = 0;
        int heard = 0;
        for (String word : literals()) {
            if (known.contains(word) || known.contains(word.replaceFirst("s$", ""))) {
                continue;
            }
            long in = narrations.stream().filter(n -> n.contains(word)).count();
            unheard += in == 0 ? 1 : 0;
            heard += in > 1 ? 1 : 0;
            if (in == 1 && !OF_THE_LANGUAGE.contains(word)) {
                alone.add(word);
            }
        }

        assertThat(alone).isEmpty();
        // a check that counted nothing would find nothing either
        assertThat(heard).isGreaterThan(20);
        assertThat(unheard).isGreaterThan(20);
    }

    private static Set<String> words(Narration narration) {
        String all =
                narration.captions().captions().stream()
                        .map(Caption::words)
                        .collect(Collectors.joining(" "))
                        .toLowerCase(Locale.ROOT)
                        .replaceAll("['’]", "");
        return new HashSet<>(Arrays.asList(all.split("[^a-z]+")));
    }

    private static Set<String> lists() throws IOException {
        Set<String> words = new HashSet<>();
        for (Path list : files(LISTS, ".txt")) {
            Files.readAllLines(list).stream()
                    .filter(line -> !line.startsWith("#"))
                    .forEach(line -> add(line.toLowerCase(Locale.ROOT), words));
        }
        return words;
    }

    private static Set<String> literals() throws IOException {
        Set<String> words = new TreeSet<>();
        for (Path source : files(SOURCES, ".java")) {
            String code = COMMENT.matcher(Files.readString(source)).replaceAll("");
            Matcher literal = LITERAL.matcher(code);
            while (literal.find()) {
                // what has a sign of equality is a feature's name
                if (!literal.group(1).contains("=")) {
                    add(literal.group(1).replaceAll("\\\\\\\\.", " "), words);
                }
            }
        }
        return words;
    }

    private static void add(String text, Set<String> words) {
        Matcher word = WORD.matcher(text);
        while (word.find()) {
            words.add(word.group());
        }
    }

    private static List<Path> files(Path under, String ending) throws IOException {
        try (Stream<Path> all = Files.walk(under)) {
            return all.filter(p -> p.toString().endsWith(ending)).sorted().toList();
        }
    }
}
