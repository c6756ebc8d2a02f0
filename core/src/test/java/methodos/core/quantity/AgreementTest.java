package methodos.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AgreementTest {

    private static Agreement of(String first, String second) {
        return Agreement.of(Quantity.parse(first), Quantity.parse(second));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            textBlock =
                    """
                    52-60 in-lb   | 5.9 to 6.8 Nm   | true  | -
                    18 N·m        | 13 lbf·ft       | true  | -
                    7 to 8.5 N·m  | 62 to 75 lbf·in | true  | -
                    18 N·m        | 13 lbf·in       | false | lbf·in for lbf·ft
                    52-60 lbf·in  | 52-60 lbf·ft    | false | lbf·ft for lbf·in
                    18 lbf·ft     | 18 N·m          | false | N·m for lbf·ft
                    77 lbf·in     | 77 N·m          | false | N·m for lbf·in
                    18 N·m        | 1.8 N·m         | false | factor 10
                    0.05-0.15 mm  | 0.5-1.5 mm      | false | factor 10
                    58 N·m        | 85 N·m          | false | digits swapped
                    5.9 to 6.8 Nm | 5.9 to 8.6 Nm   | false | digits swapped
                    18 N·m        | 40 N·m          | false | -
                    ≥ 62 mm       | 62 mm           | false | -
                    ≥ 62 mm       | at least 6.2 cm | true  | -
                    """)
    void twoValuesForOneThing(String first, String second, boolean agree, String likely) {
        Agreement agreement = of(first, second);
        assertThat(agreement.agree()).isEqualTo(agree);
        assertThat(agreement.likely().orElse(null)).isEqualTo(likely);
    }

    @Test
    void theToleranceIsHalfTheCoarserDigitAndOneAndAHalfPercent() {
        // 100 and 102: half a unit and 1.53 make 2.03
        assertThat(of("100 N", "102 N").agree()).isTrue();
        // 100.0 and 102.0: half a tenth and 1.53 make 1.58
        assertThat(of("100.0 N", "102.0 N").agree()).isFalse();
        // 104: half a unit and 1.56 make 2.06
        assertThat(of("102 N", "104 N").agree()).isTrue();
        assertThat(of("100 N", "103 N").agree()).isFalse();
    }

    @Test
    void whatMeasuresSomethingElseIsAnError() {
        assertThatThrownBy(() -> of("5 N·m", "5 mm")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aConvertedValueAgreesWithItsOwn() {
        Random random = new Random(3);
        for (int i = 0; i < 500; i++) {
            String digits = String.valueOf(10 + random.nextInt(990));
            Quantity q = Quantity.parse(digits + " lbf·in");
            Quantity other = q.inOtherSystem().orElseThrow();
            assertThat(Agreement.of(q, other).agree()).as(q + " " + other.print()).isTrue();
            assertThat(Agreement.of(other, q).agree()).isTrue();
        }
    }
}
