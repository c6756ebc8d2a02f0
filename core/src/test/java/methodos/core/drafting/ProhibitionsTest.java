package methodos.core.drafting;

import static org.assertj.core.api.Assertions.assertThat;

import methodos.core.narration.DraftedStep.Kind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What must not be done is a caution and never a step. */
class ProhibitionsTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Don't pry on the flange.",
                "Never hit the shaft with a steel hammer.",
                "Do not take one screw right out on its own.",
                "You mustn't turn the rotor backwards.",
                "No grease in the spring pockets.",
                "Not with a hammer.",
                "Nobody works on this with air on it.",
                "Be careful, the edge is sharp.",
                "Stay out of the line of the cap."
            })
    void aProhibitionIsACaution(String words) {
        assertThat(Spoken.steps(words))
                .isNotEmpty()
                .allSatisfy(s -> assertThat(s.kind()).isEqualTo(Kind.CAUTION));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Don't forget to mark the pinion.",
                "There must be no play at all, check it.",
                "Take it out so that you don't need the puller."
            })
    void notEveryNegationForbids(String words) {
        assertThat(Spoken.steps(words))
                .anySatisfy(s -> assertThat(s.kind()).isNotEqualTo(Kind.CAUTION));
    }

    @Test
    void theOldOnesAreNeverTightForbidsNothing() {
        assertThat(Spoken.steps("the old ones are never tight again")).isEmpty();
    }

    @Test
    void whatIsTakenBackIsNotDone() {
        assertThat(Spoken.work("So heat it, no, no heat, penetrating oil on the screw."))
                .doesNotContain("heat it")
                .startsWith("caution");
    }

    @Test
    void whatIsDeniedBehindItsNameIsACaution() {
        assertThat(Spoken.work("Petroleum jelly: no.")).isEqualTo("caution");
    }
}
