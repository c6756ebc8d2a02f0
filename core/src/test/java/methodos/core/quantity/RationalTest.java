package methodos.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.RoundingMode;
import java.util.Random;
import org.junit.jupiter.api.Test;

class RationalTest {

    @Test
    void fractionsAreKeptInLowestTerms() {
        assertThat(Rational.of(6, 8)).isEqualTo(Rational.of(3, 4)).hasToString("3/4");
        assertThat(Rational.of(3, -4)).hasToString("-3/4");
    }

    @Test
    void decimalsAreExact() {
        assertThat(Rational.of("0.1").plus(Rational.of("0.2"))).isEqualTo(Rational.of("0.3"));
        assertThat(Rational.of("1e3")).isEqualTo(Rational.of(1000));
        assertThat(Rational.of(1, 3).toDecimal()).isEqualTo("0.333333333333");
        assertThat(Rational.of("62.50").toDecimal()).isEqualTo("62.5");
        assertThat(Rational.ZERO.toDecimal()).isEqualTo("0");
    }

    @Test
    void roundsToAnyStep() {
        assertThat(Rational.of("5.8752").rounded(Rational.of("0.05"), RoundingMode.CEILING))
                .isEqualTo(Rational.of("5.9"));
        assertThat(Rational.of("6.779").rounded(Rational.of("0.05"), RoundingMode.FLOOR))
                .isEqualTo(Rational.of("6.75"));
        assertThat(Rational.of("2.5").rounded(Rational.ONE, RoundingMode.HALF_UP))
                .isEqualTo(Rational.of(3));
    }

    @Test
    void divisionByZeroIsRefused() {
        assertThatThrownBy(() -> Rational.ONE.over(Rational.ZERO))
                .isInstanceOf(ArithmeticException.class);
    }

    @Test
    void arithmeticObeysTheLaws() {
        Random random = new Random(7);
        for (int i = 0; i < 500; i++) {
            Rational a = any(random);
            Rational b = any(random);
            Rational c = any(random);
            assertThat(a.plus(b)).isEqualTo(b.plus(a));
            assertThat(a.times(b.plus(c))).isEqualTo(a.times(b).plus(a.times(c)));
            assertThat(a.minus(a)).isEqualTo(Rational.ZERO);
            if (b.signum() != 0) {
                assertThat(a.over(b).times(b)).isEqualTo(a);
            }
            assertThat(Integer.signum(a.compareTo(b))).isEqualTo(a.minus(b).signum());
            assertThat(a.max(b).compareTo(a.min(b))).isNotNegative();
        }
    }

    private static Rational any(Random random) {
        return Rational.of(random.nextInt(2001) - 1000, random.nextInt(200) + 1);
    }
}
