package methodos.files.draft;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import methodos.core.drafting.Lexicon;
import methodos.core.drafting.NarrationReader;
import methodos.core.narration.Captions;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep;
import methodos.core.speech.EnglishPartsOfSpeech;
import methodos.files.captions.CaptionFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Narrations of machines that the reader was not made with. They were written, with what a careful
 * reader finds in them, before the reader was, and are never changed to fit it.
 */
class NarrationsTest {

    private static final Path FOLDER =
            Path.of("src/test/resources/methodos/files/draft/narrations");

    /** Below these the reader has lost something that it could do. */
    private static final double EACH = 0.6;

    private static final double MEAN = 0.74;

    private final NarrationReader reader =
            new NarrationReader(Lexicon.english(), EnglishPartsOfSpeech.load());

    static Stream<String> narrations() throws Exception {
        try (Stream<Path> files = Files.list(FOLDER)) {
            return files
                    .map(f -> f.getFileName().toString())
                    .filter(f -> f.endsWith(".truth.json"))
                    .map(f -> f.replace(".truth.json", ""))
                    .sorted()
                    .toList()
                    .stream();
        }
    }

    private DraftScore score(String name) throws Exception {
        JsonNode truth = new ObjectMapper().readTree(FOLDER.resolve(name + ".truth.json").toFile());
        Captions captions = CaptionFile.read(FOLDER.resolve(truth.get("captions").asText()));
        return new DraftScore(reader.read(captions), truth);
    }

    @ParameterizedTest
    @MethodSource("narrations")
    void mostStepsAreFoundAndFewAreMadeUp(String name) throws Exception {
        DraftScore score = score(name);
        assertThat(score.f1()).isGreaterThan(EACH);
        assertThat(score.trapped()).hasSizeLessThanOrEqualTo(2);
    }

    @Test
    void togetherTheyAreReadAsWellAsEver() throws Exception {
        List<Double> each = new ArrayList<>();
        for (String name : narrations().toList()) {
            each.add(score(name).f1());
        }
        assertThat(each).hasSize(8);
        assertThat(each.stream().mapToDouble(d -> d).average().orElse(0)).isGreaterThan(MEAN);
    }

    @ParameterizedTest
    @MethodSource("narrations")
    void everyStepLeadsBackToItsWords(String name) throws Exception {
        JsonNode truth = new ObjectMapper().readTree(FOLDER.resolve(name + ".truth.json").toFile());
        Captions captions = CaptionFile.read(FOLDER.resolve(truth.get("captions").asText()));
        String all = String.join(" ", captions.captions().stream().map(c -> c.words()).toList());
        Draft draft = reader.read(captions);
        for (DraftedStep step : draft.steps()) {
            assertThat(step.evidence()).isNotEmpty();
            assertThat(step.text()).isNotBlank();
            assertThat(step.start()).isLessThanOrEqualTo(step.end());
            step.evidence().forEach(q -> assertThat(all).contains(q.quote()));
        }
        draft.dismissed().forEach(d -> assertThat(all).contains(d.quote()));
    }
}
