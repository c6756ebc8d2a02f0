package methodos.training;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep;
import methodos.core.speech.Hearing;
import methodos.core.speech.Measures;
import methodos.core.speech.Transcript;
import methodos.narration.draft.NarrationReader;
import methodos.narration.vocabulary.Vocabulary;
import opennlp.tools.util.StringUtil;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The reader as it comes with the program on the narrations that it has learned from. */
class NarrationsTest {

    /** Below these the reader has lost something that it could do; unseen it reaches less. */
    private static final double STEPS = 0.78;

    private static final double FIGURES = 0.85;

    private static List<Narration> narrations;

    @BeforeAll
    static void read() throws Exception {
        narrations = TruthFile.all(List.of(Path.of("narrations/practice")));
    }

    @Test
    void whatWasLearnedIsKnown() {
        NarrationReader reader = NarrationReader.english();
        Score score = new Score();
        narrations.forEach(n -> score.add(reader.read(n.captions()), n.truth()));

        assertThat(score.steps().f1()).isGreaterThan(STEPS);
        assertThat(score.together(true).precision()).isGreaterThan(FIGURES);
    }

    @Test
    void everyWordIsInAStepOrSetAsideAndEveryStepLeadsBackToItsWords() {
        NarrationReader reader = NarrationReader.english();
        for (Narration n : narrations) {
            String all =
                    n.captions().captions().stream()
                            .map(Caption::words)
                            .collect(Collectors.joining(" "));
            Draft draft = reader.read(n.captions());
            for (DraftedStep step : draft.steps()) {
                assertThat(step.evidence()).isNotEmpty();
                assertThat(step.text()).isNotBlank();
                assertThat(step.start()).isLessThanOrEqualTo(step.end());
                step.evidence().forEach(q -> assertThat(all).contains(q.quote()));
            }
            draft.dismissed().forEach(d -> assertThat(all).contains(d.quote()));
            int words =
                    draft.steps().stream()
                                    .flatMap(s -> s.evidence().stream())
                                    .mapToInt(q -> words(q.quote()))
                                    .sum()
                            + draft.dismissed().stream().mapToInt(d -> words(d.quote())).sum();
            assertThat(words).as(n.name()).isGreaterThanOrEqualTo(words(all));
        }
    }

    /** What only one speaker says tells of him and not of the trade. */
    @Test
    void noMishearingIsListedForOneNarrationAlone() throws Exception {
        List<Narration> all =
                TruthFile.all(
                        List.of(Path.of("narrations/practice"), Path.of("narrations/sentences")));
        List<String> texts =
                all.stream()
                        .map(
                                n ->
                                        n.captions().captions().stream()
                                                .map(Caption::words)
                                                .collect(Collectors.joining(" "))
                                                .toLowerCase(Locale.ROOT)
                                                .replaceAll("[^a-z0-9'./-]+", " "))
                        .map(text -> " " + text + " ")
                        .toList();
        Vocabulary.english().misheard().entrySet().stream()
                .filter(entry -> !unit(entry.getValue()))
                .filter(entry -> !spelling(entry.getKey(), entry.getValue()))
                .map(Map.Entry::getKey)
                .forEach(
                        phrase ->
                                assertThat(
                                                texts.stream()
                                                        .filter(t -> t.contains(" " + phrase + " "))
                                                        .count())
                                        .as(phrase)
                                        .isNotEqualTo(1));
    }

    /** Units are of the trade, however they are written. */
    private static boolean unit(String meant) {
        Transcript five = Transcript.of(new Captions(List.of(new Caption(0, 1, "5 " + meant))));
        return Measures.in(new Hearing(Map.of()).tokens(five)).stream().anyMatch(m -> !m.bare());
    }

    /** The same word written otherwise: "pad lock", "gage". */
    private static boolean spelling(String one, String other) {
        String a = one.replaceAll("[ -]", "");
        String b = other.replaceAll("[ -]", "");
        return StringUtil.levenshteinDistance(a, b)[a.length()][b.length()] <= 1;
    }

    private static int words(String text) {
        return text.strip().split("\\s+").length;
    }
}
