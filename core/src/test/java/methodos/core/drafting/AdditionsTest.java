package methodos.core.drafting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import methodos.core.narration.DraftedStep;
import methodos.core.narration.DraftedStep.Quote;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Clauses that only add to a step: its tool, value, order, way round, reason. */
class AdditionsTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Remove the four bolts. Ten mil socket. | remove | 10 mm socket",
                "Undo the union, nineteen mil spanner. | disconnect | 19 mm spanner"
            })
    void aToolBelongsToTheStepBesideIt(String words, String action, String tool) {
        assertThat(Spoken.steps(words))
                .filteredOn(s -> !s.tools().isEmpty())
                .singleElement()
                .satisfies(
                        s ->
                                assertThat(s.tools())
                                        .extracting(t -> t.size() + " " + t.name())
                                        .containsExactly(tool.strip()));
    }

    @Test
    void aTorqueBehindTheTighteningIsIts() {
        DraftedStep step = Spoken.step("Tighten the four screws. Seven newton metres.", "tighten");
        assertThat(step.torques()).extracting(t -> t.min()).containsExactly(7.0);
        assertThat(step.evidence()).extracting(Quote::quote).anyMatch(q -> q.contains("Seven"));
    }

    @Test
    void aTorqueInTwoClausesGoesOn() {
        DraftedStep step =
                Spoken.step(
                        "Bring the bolts up in stages, ten, twenty, then thirty-five newton metres.",
                        "tighten");
        assertThat(step.torques()).extracting(t -> t.min()).containsExactly(10.0, 20.0, 35.0);
    }

    @ParameterizedTest
    @CsvSource({
        "Measure the free length. At least sixty-two millimetres., 62, ",
        "Measure the runout. No more than point one millimetres., , 0.1",
        "Measure the bore. Eighty to eighty point one millimetres., 80, 80.1"
    })
    void aFigureBehindTheMeasurementIsItsLimit(String words, Double min, Double max) {
        List<DraftedStep> steps = Spoken.steps(words);
        assertThat(steps).hasSize(1);
        assertThat(steps.get(0).limits())
                .singleElement()
                .satisfies(
                        l -> {
                            assertThat(l.min()).isEqualTo(min);
                            assertThat(l.max()).isEqualTo(max);
                        });
    }

    @Test
    void theReasonBelongsToTheStepBeforeIt() {
        DraftedStep step =
                Spoken.step("Loosen the cap slowly because it is under pressure.", "loosen");
        assertThat(step.why()).contains("under pressure");
        assertThat(Spoken.steps("Loosen the cap slowly because it is under pressure.")).hasSize(1);
    }

    @Test
    void anOrderBelongsToTheTightening() {
        assertThat(Spoken.step("Tighten the six screws. In a star.", "tighten").pattern())
                .isEqualTo("star");
    }

    @Test
    void aLeftHandThreadBelongsToTheNutThatComesNext() {
        assertThat(
                        Spoken.step("It's a left hand thread. Undo the nut.", "loosen")
                                .threadDirection())
                .isEqualTo("left");
        assertThat(Spoken.step("Undo the nut. Then the screw.", "loosen").threadDirection())
                .isNull();
    }

    @Test
    void aDocumentIsReferredToWhereTheValueIsNotGiven() {
        DraftedStep step =
                Spoken.step("Tighten the end cap, the torque is in the service manual.", "tighten");
        assertThat(step.reference()).isEqualTo("service manual");
        assertThat(step.torques()).isEmpty();
    }
}
