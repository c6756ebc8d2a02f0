package methodos.core.drafting;

import static org.assertj.core.api.Assertions.assertThat;

import methodos.core.narration.DraftedStep;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HazardsSaidTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "The spring is under tension. Loosen the cap slowly. | stored spring energy",
                "Vent the air from the actuator. | pressure",
                "Pull the plug out of the wall. | electrical",
                "Two people lift the motor out. | heavy load",
                "Watch the edge, it is sharp. Take the shim out. | sharp edge",
                "Wash the parts in solvent. | chemical"
            })
    void whatCanHurtIsSaidWithTheWork(String words, String hazard) {
        assertThat(Spoken.steps(words))
                .flatExtracting(DraftedStep::hazards)
                .contains(hazard.strip());
    }

    @Test
    void thePlainWorkHasNone() {
        assertThat(Spoken.steps("Take the gasket off. Clean the face."))
                .flatExtracting(DraftedStep::hazards)
                .isEmpty();
    }
}
