package methodos.core.tightening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;
import org.junit.jupiter.api.Test;

class TighteningStagesTest {

    @Test
    void theUsualStagesAreExactSharesOfTheTorque() {
        var stages = TighteningStages.of(Quantity.parse("24 N·m"), TighteningStages.USUAL);
        assertThat(stages)
                .extracting(s -> s.min().toDecimal())
                .containsExactly("7.2", "14.4", "24");
        assertThat(stages).allSatisfy(s -> assertThat(s.max()).isEqualTo(s.min()));
    }

    @Test
    void aRangeStaysOne() {
        var stages =
                TighteningStages.of(
                        Quantity.parse("7 to 8.5 N·m"), List.of(Rational.of(1, 2), Rational.ONE));
        assertThat(stages.get(0).min().toDecimal()).isEqualTo("3.5");
        assertThat(stages.get(0).max().toDecimal()).isEqualTo("4.25");
    }

    @Test
    void sharesRiseToTheWhole() {
        Quantity torque = Quantity.parse("24 N·m");
        assertThatThrownBy(
                        () ->
                                TighteningStages.of(
                                        torque, List.of(Rational.of(6, 10), Rational.of(3, 10))))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> TighteningStages.of(torque, List.of(Rational.of(1, 2))))
                .hasMessageContaining("whole torque");
    }
}
