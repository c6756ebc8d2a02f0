package methodos.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Dismissal;
import methodos.core.manual.Manual;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.narration.Workspace;
import methodos.core.scan.FrameScore;
import methodos.core.scan.Scan;
import org.junit.jupiter.api.Test;

class ShownNotToldTest {

    /** A clip of 30 s at 10 frames/s, in which something moves from 8 to 20 s. */
    private static Scan moving() {
        List<FrameScore> frames = new ArrayList<>();
        for (int i = 0; i < 300; i++) {
            double time = i / 10.0;
            frames.add(new FrameScore(time, 1, 0, 0, .5, time >= 8 && time < 20 ? .5 : 1, 0));
        }
        return new Scan(frames, List.of(), List.of(), List.of(), List.of());
    }

    @Test
    void aSilentStretchWithMuchMovementIsListed() {
        Captions captions =
                new Captions(List.of(new Caption(0, 9, "cap off"), new Caption(18, 29, "nut off")));
        assertThat(ShownNotTold.of(moving(), captions))
                .containsExactly(new ShownNotTold.Stretch(9, 18));
    }

    @Test
    void whereNothingMovesOrSomebodySpeaksNothingIsListed() {
        assertThat(ShownNotTold.of(moving(), new Captions(List.of(new Caption(7, 21, "slowly")))))
                .isEmpty();
        assertThat(
                        ShownNotTold.of(
                                new Scan(List.of(), List.of(), List.of(), List.of(), List.of()),
                                Captions.NONE))
                .isEmpty();
    }

    @Test
    void whatAStepIsDrawnFromOrSomebodySetAsideIsSettled() {
        Captions captions =
                new Captions(List.of(new Caption(0, 9, "cap off"), new Caption(18, 29, "nut off")));
        Manual manual =
                Manual.titled("x")
                        .withClip(
                                new Clip(new Id<>("a"), "first", "a.mp4", 1, "d", 30, null, null));
        assertThat(open(manual, captions)).containsExactly(new ShownNotTold.Stretch(9, 18));

        Span span = new Span(new Id<>("a"), 9, 18);
        Id<Stage> stage = manual.stage(Stage.Kind.TAKE_DOWN).orElseThrow().id();
        Step step = Step.of(new Id<>("s1"), "Lift the cap off.", List.of(span), List.of());
        assertThat(open(manual.withNewStep(stage, step), captions)).isEmpty();
        assertThat(open(manual.withDismissals(List.of(new Dismissal(span, "", "talk"))), captions))
                .isEmpty();

        Span other = new Span(new Id<>("b"), 9, 18);
        assertThat(open(manual.withDismissals(List.of(new Dismissal(other, "", "talk"))), captions))
                .hasSize(1);
    }

    @Test
    void withoutNarrationOrScanNothingIsSaidOfAClip() {
        Manual manual =
                Manual.titled("x")
                        .withClip(
                                new Clip(new Id<>("a"), "first", "a.mp4", 1, "d", 30, null, null));
        assertThat(open(manual, Captions.NONE)).isEmpty();
        Workspace unscanned =
                new Workspace(
                        manual,
                        Map.of(new Id<>("a"), new Captions(List.of(new Caption(0, 2, "cap off")))));
        assertThat(ShownNotTold.open(unscanned, new Id<>("a"))).isEmpty();
    }

    private static List<ShownNotTold.Stretch> open(Manual manual, Captions captions) {
        return ShownNotTold.open(
                new Workspace(
                        manual, Map.of(new Id<>("a"), captions), Map.of(new Id<>("a"), moving())),
                new Id<>("a"));
    }
}
