package methodos.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
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
}
