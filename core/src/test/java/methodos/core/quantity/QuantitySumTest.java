package methodos.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class QuantitySumTest {

    private static String sum(String... amounts) {
        return QuantitySum.of(Stream.of(amounts).map(Quantity::parse).toList())
                .map(Quantity::print)
                .orElse("none");
    }

    @Test
    void amountsAddUpInTheUnitOfTheFirst() {
        assertThat(sum("5 g", "10 g")).isEqualTo("15 g");
        assertThat(sum("0.5 L", "250 mL")).isEqualTo("0.75 L");
        assertThat(sum("250 mL", "0.5 L")).isEqualTo("750 mL");
        assertThat(sum("0.1 L", "0.2 L")).as("exactly").isEqualTo("0.3 L");
    }

    @Test
    void rangesAddUpSideBySide() {
        assertThat(sum("1 to 2 g", "3 g")).isEqualTo("4 to 5 g");
        assertThat(sum("≤ 2 g", "3 g")).isEqualTo("≤ 5 g");
        assertThat(sum("≤ 2 g", "≥ 3 g")).as("no side is left").isEqualTo("none");
        assertThat(sum("≈ 2 g", "3 g")).isEqualTo("about 5 g");
    }

    @Test
    void whatIsNotAlikeIsNotAdded() {
        assertThat(sum("1 L", "1 kg")).isEqualTo("none");
        assertThat(QuantitySum.of(List.of())).isEmpty();
    }
}
