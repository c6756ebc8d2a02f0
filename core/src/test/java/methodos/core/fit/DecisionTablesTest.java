package methodos.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import methodos.core.description.Id;
import methodos.core.manual.Decision;
import methodos.core.manual.Decision.Derived;
import methodos.core.manual.Decision.Measure;
import methodos.core.manual.Decision.Rule;
import methodos.core.manual.Decision.When;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DecisionTablesTest {

    private static Measure measure(String symbol, String range) {
        return new Measure(symbol, "", Quantity.parse(range), null);
    }

    private static Rule rule(String after, String symbol, String is, String verdict, String next) {
        return new Rule(
                after, is == null ? List.of() : List.of(new When(symbol, is)), verdict, next);
    }

    /** End float first; where it is too wide the washer is measured and the next size is needed. */
    private static Decision washer() {
        return new Decision(
                new Id<>("d1"),
                "thrust washer",
                null,
                List.of(measure("g", "0 to 3 mm"), measure("w", "1 to 3 mm")),
                List.of(new Derived("n", "w + g - 0.1")),
                List.of(
                        rule("g", "g", "≤ 0.13", "look elsewhere", null),
                        rule("g", null, null, null, "w"),
                        rule("w", "n", "over 2.4", "replace the bearing", null),
                        rule("w", null, null, "fit a washer of that size", null)));
    }

    private static String verdict(String g, String w) {
        return DecisionTables.of(washer())
                .walk(DecisionTables.readings(washer(), Map.of("g", g, "w", w)))
                .verdict()
                .orElse("none");
    }

    @Test
    void whatIsTypedIsWalked() {
        assertThat(verdict("0.13", "")).isEqualTo("look elsewhere");
        assertThat(verdict(".2", "1.07")).isEqualTo("fit a washer of that size");
        assertThat(verdict("0.5", "2.0")).isEqualTo("fit a washer of that size"); // 2.4, not over
        assertThat(verdict("0.5", "2.01")).isEqualTo("replace the bearing");
        assertThat(TableCheck.of(DecisionTables.of(washer())))
                .isEqualTo(new TableCheck(List.of(), List.of(), List.of()));
    }

    @Test
    void aReadingMayBeTypedInAnotherUnit() {
        assertThat(verdict("8 thou", "42 thou")).isEqualTo("fit a washer of that size");
        assertThat(DecisionTables.readings(washer(), Map.of("g", "1 in")).get("g"))
                .isEqualTo(Rational.of(254, 10));
        assertThatThrownBy(() -> verdict("1 to 2", "")).hasMessageContaining("no single reading");
        assertThatThrownBy(() -> verdict("2 bar", "")).isInstanceOf(RuntimeException.class);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    ≤ 0.13          | -    | 0.13 | -    | -
                    <= 0.13         | -    | 0.13 | -    | -
                    at most .13     | -    | 0.13 | -    | -
                    >= 62 mm        | 62   | -    | -    | -
                    > 0.2           | -    | -    | 0.2  | -
                    above 0.2 mm    | -    | -    | 0.2  | -
                    less than 1/2   | -    | -    | -    | 0.5
                    below 1 in      | -    | -    | -    | 25.4
                    0.06 to 0.16    | 0.06 | 0.16 | -    | -
                    """)
    void conditionsArePeoplesWords(String is, String min, String max, String above, String below) {
        DecisionTable.Condition c = DecisionTables.condition("g", is, MeasureUnit.MILLIMETRE);
        assertThat(text(c.min())).isEqualTo(min);
        assertThat(text(c.max())).isEqualTo(max);
        assertThat(text(c.above())).isEqualTo(above);
        assertThat(text(c.below())).isEqualTo(below);
    }

    private static String text(Rational value) {
        return value == null ? "-" : value.toDecimal();
    }

    @Test
    void whatDoesNotHangTogetherIsSaid() {
        Decision washer = washer();
        assertThatThrownBy(() -> DecisionTables.of(washer.withMeasures(List.of())))
                .hasMessage("Nothing is measured yet.");
        assertThatThrownBy(
                        () ->
                                DecisionTables.of(
                                        washer.withMeasures(List.of(measure("g", "≤ 3 mm")))))
                .hasMessageContaining("both ends");
        assertThatThrownBy(
                        () ->
                                DecisionTables.of(
                                        washer.withDerived(List.of(new Derived("g", "w + 1")))))
                .hasMessageContaining("two things");
        assertThatThrownBy(
                        () ->
                                DecisionTables.of(
                                        washer.withRules(
                                                List.of(rule("x", "x", "≤ 1", "stop", null)))))
                .hasMessageContaining("“x”");
        assertThatThrownBy(
                        () ->
                                DecisionTables.of(
                                        washer.withRules(
                                                List.of(rule("g", "g", "soon", "stop", null)))))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void theConditionsOfARuleAreTypedOnOneLine() {
        List<When> two = ConditionText.parse(washer(), "w", "1.05 to 1.2 and n above 2.4");
        assertThat(two).containsExactly(new When("w", "1.05 to 1.2"), new When("n", "above 2.4"));
        Rule rule = new Rule("w", two, "stop", null);
        assertThat(ConditionText.of(rule)).isEqualTo("1.05 to 1.2 and n above 2.4");
        assertThat(ConditionText.parse(washer(), "w", ConditionText.of(rule))).isEqualTo(two);
        assertThat(ConditionText.parse(washer(), "w", "  ")).isEmpty();
        assertThat(ConditionText.parse(washer(), "w", "g is ≤ 1; ≥ 2"))
                .containsExactly(new When("g", "≤ 1"), new When("w", "≥ 2"));
        assertThatThrownBy(() -> ConditionText.parse(washer(), "w", "soon and n 2"))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
