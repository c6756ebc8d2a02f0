package methodos.core.drafting;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ConditionsTest {

    @ParameterizedTest
    @CsvSource({
        "if the seal is hard replace it, replace, the seal is hard",
        "if the shaft is bent fit a new one, replace, the shaft is bent",
        "if there is any play at all change both bearings, replace, there is any play at all",
        "if yours has the long spindle you have to take the guard off first, remove,"
                + " yours has the long spindle",
        "should the plate be cracked scrap it, discard, the plate is cracked",
        "for the two speed version disconnect the second connector, disconnect, two speed version",
        "on models with the brake release the lever, release, models with the brake",
        "worn bushes get replaced as a pair, replace, worn"
    })
    void theConditionStandsWithItsStep(String words, String action, String condition) {
        assertThat(Spoken.step(words, action).condition()).isEqualTo(condition);
    }

    @Test
    void itIsNamedAsFarAsItIsKnown() {
        assertThat(
                        Spoken.step("Take the rod out. If it's bent, replace it.", "replace")
                                .condition())
                .isEqualTo("rod is bent");
        assertThat(Spoken.step("If it's leaking, replace the bottom seal.", "replace").condition())
                .isEqualTo("it is leaking");
    }

    @Test
    void aBoundInAConditionIsMeasured() {
        var steps = Spoken.steps("when the pads are below three millimetres fit new ones");
        assertThat(steps).extracting(s -> s.action()).containsExactly("measure", "replace");
        assertThat(steps.get(0).limits()).extracting(l -> l.min()).containsExactly(3.0);
        assertThat(steps.get(1).condition()).isEqualTo("the pads are below 3 mm");
        assertThat(steps.get(1).parts()).extracting(p -> p.name()).containsExactly("pad");
    }

    @ParameterizedTest
    @CsvSource({
        "If you want, take the cover off first.",
        "If you forget the shim it will leak, so take the shim out now.",
        "Take the cover off and see if the gasket is there."
    })
    void whatIsNoCondition(String words) {
        assertThat(Spoken.steps(words)).allSatisfy(s -> assertThat(s.condition()).isNull());
    }

    @Test
    void theConditionEndsWithItsSentence() {
        var steps = Spoken.steps("If the seal is hard, replace it. Then take the cover off.");
        assertThat(steps.get(steps.size() - 1).action()).isEqualTo("remove");
        assertThat(steps.get(steps.size() - 1).condition()).isNull();
    }
}
