package methodos.core.narration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class DriftTest {

    @Test
    void onePointMovesAll() {
        Drift drift = Drift.through(new Drift.Point(10, 12.5));
        assertThat(drift.film(0)).isEqualTo(2.5);
        assertThat(drift.film(100)).isEqualTo(102.5);
    }

    @Test
    void whateverTheClockDidTwoPointsFindItAgain() {
        Random random = new Random(7);
        for (int i = 0; i < 1000; i++) {
            double shift = random.nextDouble() * 20 - 10;
            double rate = .9 + random.nextDouble() * .2;
            double a = random.nextDouble() * 100;
            double b = a + Drift.APART + random.nextDouble() * 500;
            Drift found =
                    Drift.through(
                            new Drift.Point(a, shift + rate * a),
                            new Drift.Point(b, shift + rate * b));
            assertThat(found.rate()).isCloseTo(rate, within(1e-9));
            assertThat(found.film(40)).isCloseTo(shift + rate * 40, within(1e-6));
        }
    }

    @Test
    void pointsThatTellNothingOrTooMuchAreRefused() {
        Drift.Point one = new Drift.Point(10, 10);
        assertThatThrownBy(() -> Drift.through(one, new Drift.Point(12, 12)))
                .hasMessageContaining("5 s apart");
        assertThatThrownBy(() -> Drift.through(one, new Drift.Point(20, 40)))
                .hasMessageContaining("do not drift that much");
    }

    @Test
    void nothingIsSaidOutsideTheClipAndTheOrderStays() {
        Captions said =
                new Captions(List.of(new Caption(1, 2, "a"), new Caption(30, 33, "b", "bee")));
        Captions moved = said.retimed(new Drift(-1.5, 1), 31);
        assertThat(moved.captions())
                .containsExactly(new Caption(0, .5, "a"), new Caption(28.5, 31, "b", "bee"));
    }

    @Test
    void aCorrectionStandsBesideWhatWasRecognisedUntilItIsTakenBack() {
        Caption wrong = new Caption(1, 2, "the glad nut");
        Caption right = wrong.corrected("the gland nut");
        assertThat(right.recognised()).isEqualTo("the glad nut");
        assertThat(right.corrected("the gland nuts").recognised()).isEqualTo("the glad nut");
        assertThat(right.corrected("the glad nut")).isEqualTo(wrong);
        Captions all = new Captions(List.of(wrong, new Caption(5, 6, "the glad nut")));
        assertThat(all.corrected(wrong, "the gland nut").captions())
                .extracting(Caption::words)
                .containsExactly("the gland nut", "the glad nut");
    }
}
