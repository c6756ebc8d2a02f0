package methodos.core.narration;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import methodos.core.Samples;
import methodos.core.description.Id;
import methodos.core.edit.StepEdits;
import methodos.core.manual.Manual;
import methodos.core.manual.Span;
import org.junit.jupiter.api.Test;

class CaptionsTest {

    private final Captions captions = Samples.captions();

    @Test
    void areKeptInTheOrderOfTime() {
        Captions mixed = new Captions(List.of(new Caption(5, 6, "b"), new Caption(1, 2, "a")));
        assertThat(mixed.captions()).extracting(Caption::words).containsExactly("a", "b");
    }

    @Test
    void aCaptionBelongsToTheStretchOfItsMiddle() {
        assertThat(captions.quote(2, 12)).isEqualTo("Four screws, crosswise.");
        assertThat(captions.quote(0, 5)).isEqualTo("Right, welcome back.");
        assertThat(captions.quote(40, 50)).isEmpty();
    }

    @Test
    void neighbouringStretchesShareNothingAndLoseNothing() {
        for (double cut = 0; cut < 30; cut += 0.5) {
            String both = (captions.quote(0, cut) + " " + captions.quote(cut, 60)).strip();
            assertThat(both).isEqualTo(captions.quote(0, 60));
        }
    }

    @Test
    void wordsAreUsedSetAsideOrOpen() {
        Manual manual = Samples.actuator();
        Caption springs = captions.captions().get(2);
        Caption lost = captions.captions().get(3);
        assertThat(new WordStates(manual, new Id<>("clip1")).of(springs)).isEqualTo(WordState.USED);
        assertThat(new WordStates(manual, new Id<>("other")).of(springs)).isEqualTo(WordState.OPEN);
        assertThat(new WordStates(manual, new Id<>("clip1")).of(lost)).isEqualTo(WordState.OPEN);
        Manual aside =
                StepEdits.dismiss(new Span(new Id<>("clip1"), 22, 26), lost.words(), "chatter")
                        .change()
                        .apply(manual);
        assertThat(new WordStates(aside, new Id<>("clip1")).of(lost))
                .isEqualTo(WordState.DISMISSED);
    }

    @Test
    void aClipWithoutCaptionsHasNone() {
        assertThat(Samples.workspace().captions(new Id<>("nowhere")).captions()).isEmpty();
    }

    @Test
    void whatIsSaidWithinAStretchIsCutToIt() {
        Captions all =
                new Captions(
                        List.of(
                                new Caption(0, 4, "before"),
                                new Caption(4, 6, "across"),
                                new Caption(7, 8, "inside"),
                                new Caption(9, 12, "out of it"),
                                new Caption(12, 13, "after")));
        assertThat(all.within(5, 10).captions())
                .containsExactly(
                        new Caption(0, 1, "across"),
                        new Caption(2, 3, "inside"),
                        new Caption(4, 5, "out of it"));
    }
}
