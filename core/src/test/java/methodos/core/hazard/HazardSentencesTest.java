package methodos.core.hazard;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Sentences of dangerous work of many trades, and of harmless work that uses the same words. One
 * half of them, drawn by the hash of each sentence, was set aside before the first rule was
 * written; the later ones were written to mend the rules by.
 */
class HazardSentencesTest {

    private final HazardRules rules = HazardRules.shipped();

    private record Sheet(int lines, int asked, int hazards, int found) {}

    private List<String> lines(String file) throws IOException {
        try (BufferedReader reader =
                new BufferedReader(
                        new InputStreamReader(
                                HazardSentencesTest.class.getResourceAsStream(file + ".txt"),
                                StandardCharsets.UTF_8))) {
            return reader.lines().filter(l -> !l.startsWith("#")).toList();
        }
    }

    private Set<String> asks(String sentence) {
        return rules.askedBy(sentence, Circumstances.UNKNOWN).stream()
                .flatMap(r -> r.kind().stream())
                .map(HazardKind::code)
                .collect(Collectors.toSet());
    }

    private Sheet dangerous(String half) throws IOException {
        int lines = 0;
        int asked = 0;
        int hazards = 0;
        int found = 0;
        for (String line : lines("dangerous-" + half)) {
            String[] parts = line.split("\\|", 3);
            Set<String> asks = asks(parts[2]);
            lines++;
            asked += asks.isEmpty() ? 0 : 1;
            for (String hazard : parts[0].split(";")) {
                assertThat(HazardKind.of(hazard)).as(line).isPresent();
                hazards++;
                found += asks.contains(hazard) ? 1 : 0;
            }
        }
        return new Sheet(lines, asked, hazards, found);
    }

    @ParameterizedTest
    @CsvSource({"seen, 110, 0.95", "aside, 110, 0.95", "later, 500, 0.92"})
    void dangerousWorkAsks(String half, int lines, double recall) throws IOException {
        Sheet sheet = dangerous(half);
        System.out.printf(
                "dangerous, %s: %d of %d hazards in %d sentences%n",
                half, sheet.found(), sheet.hazards(), sheet.lines());
        assertThat(sheet.lines()).isGreaterThan(lines);
        assertThat((double) sheet.found() / sheet.hazards()).isGreaterThanOrEqualTo(recall);
    }

    @ParameterizedTest
    @CsvSource({"seen, 120", "aside, 120", "later, 100"})
    void harmlessWorkDoesNot(String half, int lines) throws IOException {
        List<String> sentences = lines("harmless-" + half);
        long asked =
                sentences.stream()
                        .filter(s -> !rules.askedBy(s, Circumstances.UNKNOWN).isEmpty())
                        .count();
        System.out.printf("harmless, %s: %d of %d sentences ask%n", half, asked, sentences.size());
        assertThat(sentences.size()).isGreaterThan(lines);
        assertThat((double) asked / sentences.size()).isLessThanOrEqualTo(0.03);
    }
}
