package methodos.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class MeasureUnitTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    Nm            | NEWTON_METRE
                    newton metres | NEWTON_METRE
                    N.m           | NEWTON_METRE
                    ft-lbs        | POUND_FOOT
                    lb  ft        | POUND_FOOT
                    inch pounds   | POUND_INCH
                    IN-LB         | POUND_INCH
                    thou          | THOU
                    "             | INCH
                    °             | DEGREE
                    BAR           | BAR
                    psi           | PSI
                    strokes       | COUNT
                    """)
    void isKnownInAnyUsualSpelling(String spelling, MeasureUnit unit) {
        assertThat(MeasureUnit.named(spelling)).contains(unit);
    }

    @Test
    void capitalsDecideWhereTheyMust() {
        assertThat(MeasureUnit.named("N")).contains(MeasureUnit.NEWTON);
        assertThat(MeasureUnit.named("m")).contains(MeasureUnit.METRE);
        assertThat(MeasureUnit.named("MPa")).contains(MeasureUnit.MEGAPASCAL);
        assertThat(MeasureUnit.named("mm")).contains(MeasureUnit.MILLIMETRE);
        assertThat(MeasureUnit.named("bananas")).isEmpty();
    }

    @ParameterizedTest
    @EnumSource
    void isKnownByItsSymbolAndHasAPositiveFactor(MeasureUnit unit) {
        assertThat(MeasureUnit.named(unit.symbol())).contains(unit);
        assertThat(unit.factor().signum()).isPositive();
    }

    @ParameterizedTest
    @EnumSource
    void theOtherSystemMeasuresTheSame(MeasureUnit unit) {
        unit.counterpart(Rational.of(5))
                .ifPresent(
                        other -> {
                            assertThat(other.dimension()).isEqualTo(unit.dimension());
                            assertThat(other.counterpart(Rational.of(5)).orElseThrow().dimension())
                                    .isEqualTo(unit.dimension());
                        });
    }

    @Test
    void smallTorquesAreShownInInchPounds() {
        assertThat(MeasureUnit.NEWTON_METRE.counterpart(Rational.of(8)))
                .contains(MeasureUnit.POUND_INCH);
        assertThat(MeasureUnit.NEWTON_METRE.counterpart(Rational.of(40)))
                .contains(MeasureUnit.POUND_FOOT);
    }
}
