package methodos.desktop.stores;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class StoreScaleTest {

    @Test
    void stepsLieEvenlyBetweenTheEndsOfTheRule() {
        for (int steps : new int[] {1, 2, 60, 78, 2000}) {
            StoreScale scale = StoreScale.of(810, 2, steps);
            assertThat(scale.x(1)).isGreaterThan(scale.ruleLeft());
            assertThat(scale.x(steps)).isLessThan(scale.ruleRight());
            for (int step = 2; step <= steps; step++) {
                assertThat(scale.x(step)).isGreaterThan(scale.x(step - 1));
            }
        }
    }

    @Test
    void numbersDoNotCrowd() {
        assertThat(StoreScale.of(810, 2, 60).numbered()).containsExactly(10, 20, 30, 40, 50, 60);
        for (int steps = 1; steps < 3000; steps += 37) {
            StoreScale scale = StoreScale.of(810, 2, steps);
            List<Integer> numbered = scale.numbered();
            for (int i = 1; i < numbered.size(); i++) {
                assertThat(scale.x(numbered.get(i)) - scale.x(numbered.get(i - 1)))
                        .isGreaterThanOrEqualTo(38);
            }
            assertThat(scale.ticks()).containsAll(numbered);
        }
    }

    @Test
    void noMoreKitsAreDrawnThanThereIsRoomFor() {
        assertThat(StoreScale.of(810, 9, 60).kits()).isEqualTo(StoreScale.MOST_KITS);
        assertThat(StoreScale.of(810, 9, 60).ruleRight() - StoreScale.of(810, 9, 60).ruleLeft())
                .isGreaterThan(250);
    }
}
