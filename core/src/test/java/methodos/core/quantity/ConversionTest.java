package methodos.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ConversionTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    52-60 in-lb     | 5.9 to 6.75 N·m
                    7 to 8.5 N·m    | 62 to 75 lbf·in
                    16 to 19 N·m    | 142 to 168 lbf·in
                    40 to 48 lbf·in | 4.55 to 5.4 N·m
                    30 lbf·ft       | 40.6 N·m
                    40 N·m          | 29.6 lbf·ft
                    25.4 mm         | 1 in
                    0.06 to 0.16 mm | 0.0024 to 0.0062 in
                    6 bar           | 87 psi
                    """)
    void showsTheOtherSystem(String entered, String shown) {
        assertThat(Quantity.parse(entered).inOtherSystem().orElseThrow().print()).isEqualTo(shown);
    }

    @Test
    void aPoundForceFootIsItsDefinition() {
        Quantity one = Quantity.parse("1 lbf·ft");
        double exact = new Conversion(one, MeasureUnit.NEWTON_METRE).exact(one.min()).toDouble();
        assertThat(exact).isCloseTo(1.3558179483314004, within(1e-15));
        Rational inches = new Conversion(one, MeasureUnit.POUND_INCH).exact(one.min());
        assertThat(inches).isEqualTo(Rational.of(12));
    }

    @Test
    void aPsiIsItsDefinition() {
        Quantity one = Quantity.parse("1 psi");
        double pascals =
                new Conversion(one, MeasureUnit.KILOPASCAL).exact(one.min()).toDouble() * 1000;
        assertThat(pascals).isCloseTo(6894.757293168, within(1e-8));
    }

    @Test
    void boundsAreRoundedInward() {
        Random random = new Random(11);
        for (int i = 0; i < 300; i++) {
            int low = 1 + random.nextInt(200);
            Quantity q = Quantity.parse(low + " to " + (low + 1 + random.nextInt(100)) + " lbf·in");
            Conversion to = new Conversion(q, MeasureUnit.NEWTON_METRE);
            Quantity shown = to.shown();
            assertThat(shown.min().value()).isGreaterThanOrEqualTo(to.exact(q.min()));
            assertThat(shown.max().value()).isLessThanOrEqualTo(to.exact(q.max()));
            assertThat(shown.min().value()).isLessThanOrEqualTo(shown.max().value());
            Rational tenth = to.exact(q.max()).minus(to.exact(q.min())).over(Rational.of(10));
            assertThat(shown.min().lastDigit()).isLessThanOrEqualTo(tenth);
        }
    }

    @Test
    void aSingleValueIsWithinOnePercent() {
        Random random = new Random(12);
        for (int i = 0; i < 300; i++) {
            Quantity q = Quantity.parse(1 + random.nextInt(999) + " N·m");
            Conversion to = new Conversion(q, MeasureUnit.POUND_FOOT);
            double exact = to.exact(q.min()).toDouble();
            assertThat(to.shown().min().value().toDouble())
                    .isCloseTo(exact, within(exact * 0.0051));
        }
    }

    @Test
    void unitsOfOtherThingsAreRefused() {
        assertThatThrownBy(() -> new Conversion(Quantity.parse("3 mm"), MeasureUnit.BAR))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("mm")
                .hasMessageContaining("bar");
    }

    @Test
    void aCountHasNoOtherSystem() {
        assertThat(Quantity.parse("10").inOtherSystem()).isEmpty();
        assertThat(Quantity.parse("90°").inOtherSystem()).isEmpty();
    }
}
