package methodos.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Random;
import methodos.core.manual.FitRule;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FitTest {

    private static Rational r(String decimal) {
        return Rational.of(decimal);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    0.05-0.15 mm | 0.01 mm | 0.15 mm  | MARGINAL
                    0.05-0.15 mm | 0.01 mm | 0.06 mm  | MARGINAL
                    0.05-0.15 mm | 0.01 mm | 0.061 mm | PASS
                    0.05-0.15 mm | 0.01 mm | 0.10 mm  | PASS
                    0.05-0.15 mm | 0.01 mm | 0.151 mm | FAIL
                    0.05-0.15 mm | 0.01 mm | 0.04 mm  | FAIL
                    ≥ 62 mm      | 0.1 mm  | 62.1 mm  | MARGINAL
                    ≥ 62 mm      | 0.1 mm  | 62.2 mm  | PASS
                    ≥ 62 mm      | 0.1 mm  | 61.9 mm  | FAIL
                    ≤ 0.3 mm     | 0.02 mm | 0.27 mm  | PASS
                    ≤ 0.3 mm     | 0.02 mm | 0.28 mm  | MARGINAL
                    8 thou max   | 1 thou  | 0.2 mm   | MARGINAL
                    """)
    void aReadingIsHeldAgainstItsLimit(
            String limit, String resolution, String value, ReadingVerdict verdict) {
        assertThat(
                        ReadingVerdict.of(
                                Quantity.parse(limit),
                                Quantity.parse(resolution),
                                Quantity.parse(value)))
                .isEqualTo(verdict);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    0.05-0.15 mm | 0.01 mm  | GOOD
                    0.05-0.15 mm | 0.02 mm  | USABLE
                    0.05-0.15 mm | 0.025 mm | USABLE
                    0.05-0.15 mm | 0.05 mm  | TOO_COARSE
                    ≥ 62 mm      | 0.1 mm   | GOOD
                    ≥ 62 mm      | 0.5 mm   | USABLE
                    ≥ 62 mm      | 1 mm     | TOO_COARSE
                    ≤ 0.3 mm     | 0.03 mm  | GOOD
                    ≤ 0.3 mm     | 0.1 mm   | TOO_COARSE
                    """)
    void anInstrumentIsFitForALimit(String limit, String resolution, InstrumentFit fit) {
        assertThat(InstrumentFit.of(Quantity.parse(limit), Quantity.parse(resolution), null))
                .isEqualTo(fit);
    }

    @Test
    void withoutAResolutionNothingIsMarginal() {
        Quantity limit = Quantity.parse("0.05-0.15 mm");
        assertThat(ReadingVerdict.of(limit, null, Quantity.parse("0.15 mm")))
                .isEqualTo(ReadingVerdict.PASS);
        assertThat(ReadingVerdict.of(limit, null, Quantity.parse("0.16 mm")))
                .isEqualTo(ReadingVerdict.FAIL);
    }

    @Test
    void aGivenToleranceRulesAOneSidedLimit() {
        assertThat(
                        InstrumentFit.of(
                                Quantity.parse("≥ 62 mm"),
                                Quantity.parse("0.1 mm"),
                                Quantity.parse("0.2 mm")))
                .isEqualTo(InstrumentFit.TOO_COARSE);
    }

    @Test
    void theThrustWasherThatLeavesTheWantedClearance() {
        // 2.10 + 0.31 − 0.10 = 2.31; 2.30 leaves 0.11
        SelectiveFit fit =
                SelectiveFit.of(
                        r("2.10"),
                        r("0.31"),
                        new SelectiveFit.Clearance(r("0.10"), r("0.05"), r("0.15")),
                        List.of(r("2.20"), r("2.30"), r("2.40")),
                        FitRule.NEAREST);
        assertThat(fit.needed()).isEqualTo(r("2.31"));
        assertThat(fit.chosen()).contains(1);
        assertThat(fit.clearance()).contains(r("0.11"));
    }

    @Test
    void ofTwoAsNearTheLargerClearanceAndTheThickestByRule() {
        List<Rational> stock = List.of(r("2.35"), r("2.25"), r("2.30"));
        assertThat(
                        SelectiveFit.of(
                                        r("2.10"),
                                        r("0.30"),
                                        new SelectiveFit.Clearance(r("0.10"), r("0"), r("0.2")),
                                        stock.subList(0, 2),
                                        FitRule.NEAREST)
                                .chosen())
                .contains(1);
        assertThat(
                        SelectiveFit.of(
                                        r("2.10"),
                                        r("0.30"),
                                        new SelectiveFit.Clearance(r("0.10"), r("0.06"), r("0.2")),
                                        stock,
                                        FitRule.THICKEST)
                                .chosen())
                .contains(2);
        assertThat(
                        SelectiveFit.of(
                                        r("2.10"),
                                        r("0.90"),
                                        new SelectiveFit.Clearance(r("0.10"), r("0.05"), r("0.15")),
                                        stock,
                                        FitRule.THICKEST)
                                .chosen())
                .isEmpty();
    }

    @Test
    void whatIsChosenIsInsideAndNoneInsideIsNearer() {
        Random random = new Random(9);
        for (int round = 0; round < 500; round++) {
            Rational[] stock = new Rational[1 + random.nextInt(6)];
            for (int i = 0; i < stock.length; i++) {
                stock[i] = Rational.of(200 + random.nextInt(60), 100);
            }
            Rational sum = Rational.of(210 + random.nextInt(60), 100);
            SelectiveFit fit =
                    SelectiveFit.of(
                            sum,
                            Rational.ZERO,
                            new SelectiveFit.Clearance(r("0.10"), r("0.05"), r("0.15")),
                            List.of(stock),
                            FitRule.NEAREST);
            Rational best = null;
            for (Rational size : stock) {
                Rational left = sum.minus(size);
                if (left.compareTo(r("0.05")) >= 0 && left.compareTo(r("0.15")) <= 0) {
                    Rational off = left.minus(r("0.10")).abs();
                    best = best == null ? off : best.min(off);
                }
            }
            assertThat(fit.chosen().isPresent()).isEqualTo(best != null);
            if (best != null) {
                assertThat(fit.clearance().orElseThrow().minus(r("0.10")).abs()).isEqualTo(best);
            }
        }
    }

    @Test
    void aChainOfFiftySixPitches() {
        // 2·240/12.7 + 17.5 + (7/2π)²·12.7/240 = 55.36
        ChainDrive chain = ChainDrive.of(21, 14, 240, 12.7);
        assertThat(chain.pitches()).isEqualTo(56);
        double c = chain.centre();
        assertThat(2 * c / 12.7 + 17.5 + Math.pow(7 / (2 * Math.PI), 2) * 12.7 / c)
                .isCloseTo(56, within(1e-9));
        assertThatThrownBy(() -> ChainDrive.of(60, 10, 5, 12.7))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void formulasAreExact() {
        Map<String, Rational> readings = Map.of("w", r("1.07"), "g", r("0.2"));
        assertThat(Formula.parse("w + g - 0.1").value(readings)).contains(r("1.17"));
        assertThat(Formula.parse("mean(w, g, 2*(g-0.1))").value(readings))
                .contains(r("1.47").over(Rational.of(3)));
        assertThat(Formula.parse("max(w,g) - min(w,g)/-2").value(readings)).contains(r("1.17"));
        assertThat(Formula.parse("w / (g - 0.2)").value(readings)).isEmpty();
        assertThat(Formula.parse("w + h").value(readings)).isEmpty();
        for (String bad : List.of("", "w +", "(w", "w g", "sin(w)", "1.2.3", "min()")) {
            assertThatThrownBy(() -> Formula.parse(bad)).hasMessageContaining("no formula");
        }
    }
}
