package methodos.core.drafting;

import static org.assertj.core.api.Assertions.assertThat;

import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The same work at another place, and the same words twice. */
class RepeatsTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Same for the other side.",
                "Same again on the other side.",
                "Do the same on the left cap.",
                "The other one is the same.",
                "Now the same thing for the other end."
            })
    void theSameElsewhereIsOneStep(String words) {
        var steps = Spoken.steps("Take the right end cap off. " + words);
        assertThat(steps).hasSize(2);
        DraftedStep repeat = steps.get(1);
        assertThat(repeat.repeatOf()).isNotNull();
        assertThat(repeat.repeatOf().from()).isLessThan(repeat.start());
        assertThat(repeat.action()).isEqualTo("remove");
    }

    @Test
    void whatIsToldOfTheOtherSideBelongsToTheRepeat() {
        var steps =
                Spoken.steps(
                        "Take the five springs out. Same again on the other side, left cap, four"
                                + " screws, five springs.");
        assertThat(steps).hasSize(2);
        assertThat(steps.get(1).evidence())
                .extracting(DraftedStep.Quote::quote)
                .anyMatch(q -> q.contains("five springs"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Use the same grease on the lip.",
                "They are the same size.",
                "Put it back the same way."
            })
    void theWordSameAloneRepeatsNothing(String words) {
        assertThat(Spoken.steps("Take the end cap off. " + words))
                .allSatisfy(s -> assertThat(s.repeatOf()).isNull());
    }

    @Test
    void theSameTwiceIsOneStepAndNoWordIsLost() {
        Draft draft =
                Spoken.draft("Unplug the machine, literally unplug it. Then take the cover off.");
        assertThat(draft.steps())
                .filteredOn(s -> "disconnect".equals(s.action()) || "isolate".equals(s.action()))
                .hasSize(1);
        assertThat(draft.steps().get(0).evidence())
                .extracting(DraftedStep.Quote::quote)
                .anyMatch(q -> q.contains("literally"));
    }
}
