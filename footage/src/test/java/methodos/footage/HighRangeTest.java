package methodos.footage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** Points of the two curves that the standards give. */
class HighRangeTest {

    @Test
    void thePerceptualCurve() {
        assertThat(HighRange.perceptual(0)).isCloseTo(0, within(1e-6));
        assertThat(HighRange.perceptual(1)).isCloseTo(10_000, within(1e-6));
        assertThat(HighRange.perceptual(0.508)).isCloseTo(100, within(1.0));
        assertThat(HighRange.perceptual(0.5807)).isCloseTo(203, within(1.0));
    }

    @Test
    void theHybridCurve() {
        assertThat(HighRange.hybrid(0)).isZero();
        assertThat(HighRange.hybrid(1)).isCloseTo(1000, within(1.0));
        assertThat(HighRange.hybrid(0.75)).isCloseTo(203, within(2.0));
    }
}
