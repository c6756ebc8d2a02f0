package methodos.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class QuantityTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    52-60 in-lb            | 52 to 60 lbf·in
                    5.9 to 6.8 Nm          | 5.9 to 6.8 N·m
                    7 – 8.5 N·m            | 7 to 8.5 N·m
                    18 ± 2 Nm              | 16 to 20 N·m
                    18 +/- 0.5 Nm          | 17.5 to 18.5 N·m
                    ≥ 62 mm                | ≥ 62 mm
                    at least 62 mm         | ≥ 62 mm
                    62 mm or more          | ≥ 62 mm
                    no more than 0.3 mm    | ≤ 0.3 mm
                    up to 80.10 mm         | ≤ 80.10 mm
                    77 in lbs              | 77 lbf·in
                    2 5/8 in               | 2 5/8 in
                    2⅝"                    | 2 5/8 in
                    .008 in                | 0.008 in
                    8 thou                 | 8 thou
                    30 ft-lbs              | 30 lbf·ft
                    30 foot pounds         | 30 lbf·ft
                    90°                    | 90°
                    10                     | 10
                    6 bar                  | 6 bar
                    1,200 psi              | 1200 psi
                    """)
    void readsWhatPeopleType(String typed, String printed) {
        assertThat(Quantity.parse(typed).print()).isEqualTo(printed);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "  ",
                "tight",
                "7 to 8.5 bananas",
                "8.5 to 7 Nm",
                "1/0 in",
                "- 3 mm",
                "7 to"
            })
    void saysWhatItDoesNotUnderstand(String typed) {
        assertThatThrownBy(() -> Quantity.parse(typed))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageMatching(".{15,}");
    }

    @Test
    void keepsTheWordsThatWereTyped() {
        assertThat(Quantity.parse(" 2⅝\" ").entered()).isEqualTo("2⅝\"");
    }

    @Test
    void knowsTheLastDigitOfEachBound() {
        Quantity q = Quantity.parse("7 to 8.5 N·m");
        assertThat(q.min().lastDigit()).isEqualTo(Rational.ONE);
        assertThat(q.max().lastDigit()).isEqualTo(Rational.of("0.1"));
        assertThat(Quantity.parse("2 5/8 in").min().lastDigit()).isEqualTo(Rational.of(1, 8));
    }

    @Test
    void printingAndReadingAgain() {
        for (String text :
                new String[] {
                    "7 to 8.5 N·m", "≥ 62 mm", "≤ 2 bar", "2 5/8 in", "40 to 48 lbf·in"
                }) {
            Quantity q = Quantity.parse(text);
            assertThat(Quantity.parse(q.print()).print()).isEqualTo(q.print());
        }
    }
}
