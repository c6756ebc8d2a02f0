package methodos.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import methodos.core.description.Id;
import methodos.core.manual.Fit;
import methodos.core.manual.FitRule;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;
import org.junit.jupiter.api.Test;

/** What somebody tries on the rules of the limits, without a window. */
class TriedTest {

    private static final Quantity LIMIT = Quantity.parse("0.05 to 0.15 mm");

    @Test
    void readingsAreJudgedOneByOne() {
        TriedReadings tried =
                TriedReadings.of(LIMIT, Quantity.parse("0.01 mm"), "0.10; 0.15, 0.2 mm");
        assertThat(tried.verdicts())
                .containsExactly(ReadingVerdict.PASS, ReadingVerdict.MARGINAL, ReadingVerdict.FAIL);
        assertThat(tried.count(ReadingVerdict.FAIL)).isEqualTo(1);
        assertThat(TriedReadings.of(LIMIT, null, "").readings()).isEmpty();
        assertThatThrownBy(() -> TriedReadings.of(LIMIT, null, "0.1 to 0.2"))
                .hasMessage("“0.1 to 0.2” is no single reading.");
        assertThatThrownBy(() -> TriedReadings.of(LIMIT, null, "3 N·m"))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aSizeIsChosenForWhatIsInAndWhatWasMeasured() {
        Fit fit = StockedSizes.parse("2.10 mm, 2.20 mm, 2.30 mm; 0.10 mm", null).orElseThrow();
        TriedFit tried = TriedFit.of(LIMIT, fit, "2.10, 0.22").orElseThrow();
        // 2.10 + 0.22 − 0.10 = 2.22, nearest 2.20, which leaves 0.12
        assertThat(tried.choice().needed()).isEqualTo(Rational.of("2.22"));
        assertThat(tried.choice().chosen()).contains(1);
        assertThat(tried.left())
                .containsExactly(Rational.of("0.22"), Rational.of("0.12"), Rational.of("0.02"));
        assertThat(TriedFit.of(LIMIT, fit, "2.10")).isEmpty();
        assertThat(TriedFit.of(LIMIT, fit, "2.10, 0.1 to 0.2")).isEmpty();
    }

    @Test
    void theLineOfSizesIsReadAsItIsWritten() {
        Fit thickest =
                StockedSizes.parse("2.10 mm, 2.20 mm; 0.10 mm; Thickest", new Id<>("p7"))
                        .orElseThrow();
        assertThat(thickest.rule()).isEqualTo(FitRule.THICKEST);
        assertThat(thickest.part()).isEqualTo(new Id<>("p7"));
        assertThat(StockedSizes.print(thickest)).isEqualTo("2.10 mm, 2.20 mm; 0.10 mm; thickest");
        assertThat(StockedSizes.parse(StockedSizes.print(thickest), new Id<>("p7")))
                .contains(thickest);
        assertThat(StockedSizes.parse("2.10 mm, 2.20 mm", null)).isEmpty();
        assertThat(StockedSizes.parse("; 0.10 mm", null)).isEmpty();
        assertThatThrownBy(() -> StockedSizes.parse("thin; 0.10 mm", null))
                .hasMessageContaining("thin");
    }
}
