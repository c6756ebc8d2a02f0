package methodos.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuantityListTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "10 N·m, 20 N·m | 10 N·m; 20 N·m",
                "10 N·m;20 N·m; | 10 N·m; 20 N·m",
                "2.10 mm,2.20 mm | 2.10 mm; 2.20 mm",
                "2,10 mm; 2,20 mm | 2.10 mm; 2.20 mm",
                "2,10 mm, 2,20 mm | 2.10 mm; 2.20 mm",
                "1 1/4 in, 1-1/2 in | 1 1/4 in; 1 1/2 in"
            })
    void commasPartAndDecimalCommasDoNot(String typed, String read) {
        assertThat(QuantityList.parse(typed).stream().map(Quantity::print))
                .containsExactly(read.split("; "));
    }

    @Test
    void bareNumbersTakeTheUnitOfWhatTheyAreHeldAgainst() {
        assertThat(
                        QuantityList.parse("61.8,62.1, 0.062 m", MeasureUnit.MILLIMETRE).stream()
                                .map(Quantity::print))
                .containsExactly("61.8 mm", "62.1 mm", "0.062 m");
    }

    @Test
    void oneThatIsNotUnderstoodIsNamed() {
        assertThatThrownBy(() -> QuantityList.parse("10 N·m, soon"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("soon");
        assertThat(QuantityList.parse(" , ;")).isEmpty();
    }

    @Test
    void whatWasReadIsWrittenAndReadTheSame() {
        Random random = new Random(7);
        List<MeasureUnit> units = Arrays.asList(MeasureUnit.values());
        for (int i = 0; i < 500; i++) {
            MeasureUnit unit = units.get(random.nextInt(units.size()));
            BigDecimal low = BigDecimal.valueOf(random.nextInt(5000), random.nextInt(3));
            BigDecimal high = low.add(BigDecimal.valueOf(random.nextInt(100), 1));
            int side = random.nextInt(4);
            Quantity one =
                    Quantity.of(
                            side == 0 ? null : low,
                            side == 1 ? null : side == 2 ? low : high,
                            unit);
            List<Quantity> both = List.of(one, Quantity.parse("2 5/8 in"));
            assertThat(Quantity.parse(one.entered())).isEqualTo(one);
            assertThat(QuantityList.parse(QuantityList.entered(both))).isEqualTo(both);
        }
    }

    @Test
    void aQuantityOfAnotherKindIsRefused() {
        assertThat(Quantity.parse("60°", MeasureUnit.Dimension.ANGLE).print()).isEqualTo("60°");
        assertThatThrownBy(() -> Quantity.parse("60 mm", MeasureUnit.Dimension.TORQUE))
                .hasMessage("“60 mm” is no torque.");
    }

    @Test
    void minutesAreNoLeastWhereNoOtherUnitIsSaid() {
        assertThat(Quantity.parse("2 min").unit()).isEqualTo(MeasureUnit.MINUTE);
        assertThat(Quantity.parse("2 mm min").max()).isNull();
    }
}
