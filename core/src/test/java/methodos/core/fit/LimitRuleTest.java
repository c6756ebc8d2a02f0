package methodos.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import methodos.core.quantity.Quantity;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LimitRuleTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "0.06 to 0.16 mm",
                "≥ 62 mm",
                "≤ 80.10 mm",
                "≤ 2 bar",
                "≤ 0 mm",
                "18 ± 2 N·m",
                "≥ 10",
                "5 mm",
                "8 thou max"
            })
    void theLimitLiesWithRoomOnItsRule(String text) {
        Quantity limit = Quantity.parse(text);
        LimitRule rule = LimitRule.of(limit);
        assertThat(rule.numbered().size()).isBetween(3, 9);
        for (var bound : new methodos.core.quantity.Bound[] {limit.min(), limit.max()}) {
            if (bound != null) {
                double at = bound.value().toDouble();
                assertThat(rule.from()).isLessThanOrEqualTo(at);
                assertThat(rule.to()).isGreaterThan(at);
            }
        }
        assertThat(rule.share(rule.from())).isZero();
        assertThat(rule.share(rule.to())).isCloseTo(1, within(1e-9));
        assertThat(rule.share(rule.to() + 5)).isEqualTo(1);
    }

    @Test
    void marksAreWrittenWithTheDigitsOfTheirStep() {
        LimitRule rule = LimitRule.of(Quantity.parse("0.06 to 0.16 mm"));
        assertThat(rule.numbered())
                .extracting(rule::text)
                .contains("0.10", "0.15")
                .first()
                .isEqualTo("0.00");
    }
}
