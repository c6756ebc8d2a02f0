package methodos.narration.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import methodos.core.narration.Captions;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep;
import methodos.core.narration.DraftedStep.Kind;
import methodos.narration.Spoken;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** On a machine and in words that the reader was not trained on. */
class NarrationReaderTest {

    private static final String[] PETTING_ZOO_PUMP = {
        "Right, so this is the duck pond pump, and it has been humming at us since Easter.",
        "First of all switch it off at the wall and lock it out.",
        "Undo the six M5 screws with a four millimetre hex key and take the lid off.",
        "Never pull the impeller by its blades, they snap.",
        "Torque the screws to three newton metres crosswise.",
        "Then leave the sealant to cure for twenty minutes.",
        "The ducks will be delighted."
    };

    private static List<DraftedStep> steps(String... texts) {
        return Spoken.reader().read(Spoken.captions(texts)).steps().stream()
                .filter(s -> s.kind() != Kind.NOTE)
                .toList();
    }

    @Test
    void draftsStepsWithWhatIsSaidOfThem() {
        List<DraftedStep> steps = steps(PETTING_ZOO_PUMP);

        DraftedStep loosened =
                steps.stream().filter(s -> "loosen".equals(s.action())).findFirst().orElseThrow();
        assertThat(loosened.parts())
                .containsExactly(new DraftedStep.PartNamed("screw", 6, "M5", null));
        assertThat(loosened.tools()).containsExactly(new DraftedStep.ToolNamed("hex key", "4 mm"));
        DraftedStep tightened =
                steps.stream().filter(s -> "tighten".equals(s.action())).findFirst().orElseThrow();
        assertThat(tightened.torques()).hasSize(1);
        assertThat(tightened.torques().get(0).min()).isEqualTo(3);
        assertThat(tightened.pattern()).isEqualTo("cross");
        assertThat(steps).anyMatch(s -> s.waits().stream().anyMatch(w -> w.seconds() == 1200));
    }

    @Test
    void whatIsForbiddenIsACautionAndNoStep() {
        assertThat(steps(PETTING_ZOO_PUMP))
                .noneMatch(s -> "pull".equals(s.action()))
                .anyMatch(s -> s.kind() == Kind.CAUTION && s.text().contains("impeller"));
    }

    @Test
    void everyWordIsQuotedOnceAtLeast() {
        Draft draft = Spoken.reader().read(Spoken.captions(PETTING_ZOO_PUMP));
        StringBuilder quoted = new StringBuilder();
        draft.steps().forEach(s -> s.evidence().forEach(e -> quoted.append(' ').append(e.quote())));
        draft.dismissed().forEach(d -> quoted.append(' ').append(d.quote()));
        List<String> said = new ArrayList<>(List.of(String.join(" ", PETTING_ZOO_PUMP).split(" ")));

        for (String word : quoted.toString().split(" ")) {
            said.remove(word);
        }

        assertThat(said).isEmpty();
    }

    @Test
    void talkIsProposedToBeSetAsideAndNoWork() {
        Draft draft = Spoken.reader().read(Spoken.captions(PETTING_ZOO_PUMP));

        assertThat(draft.dismissed())
                .isNotEmpty()
                .noneMatch(
                        d ->
                                d.quote()
                                        .toLowerCase(Locale.ROOT)
                                        .matches(".*\\b(undo|switch|torque|leave|take)\\b.*"));
    }

    @Test
    void confidencesArePortions() {
        assertThat(steps(PETTING_ZOO_PUMP))
                .isNotEmpty()
                .allMatch(s -> s.confidence() > 0 && s.confidence() <= 1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "...", "?!", "um", "7", "½", "→ → →", "the the the the"})
    void nothingSaidIsNoStep(String text) {
        assertThat(steps(text)).isEmpty();
    }

    @Test
    void noCaptionsAreAnEmptyDraft() {
        Draft draft = Spoken.reader().read(Captions.NONE);

        assertThat(draft.steps()).isEmpty();
        assertThat(draft.dismissed()).isEmpty();
    }
}
