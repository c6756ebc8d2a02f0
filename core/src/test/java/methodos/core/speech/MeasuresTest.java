package methodos.core.speech;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MeasuresTest {

    /** The quantities as text: "18..22 N·m". */
    private static String read(String words) {
        return Measures.in(SpokenNumberTest.tokens(words)).stream()
                .filter(m -> !m.unit().isEmpty())
                .map(
                        m ->
                                (m.min() == null ? "" : m.min().toDecimal())
                                        + ".."
                                        + (m.max() == null ? "" : m.max().toDecimal())
                                        + " "
                                        + m.unit())
                .collect(Collectors.joining("; "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "eighteen to twenty-two newton metres | 18..22 N·m",
                "tighten it to 25 Nm | 25..25 N·m",
                "sixty inch-pounds which is six point eight newton metres | 60..60 lbf·in; 6.8..6.8"
                        + " N·m",
                "fifteen to twenty five thousandths | 0.015..0.025 in",
                "about ten thou | 0.01..0.01 in",
                "no more than twelve thou | ..0.012 in",
                "at least thirty-eight point five millimetres | 38.5.. mm",
                "nought point two of a millimetre max | ..0.2 mm",
                "between zero point zero five and zero point one millimetres | 0.05..0.1 mm",
                "zero comma one until zero comma two millimetres | 0.1..0.2 mm",
                "eighteen plus or minus two bar | 16..20 bar",
                "a quarter turn | 0.25..0.25 turn",
                "half a turn | 0.5..0.5 turn",
                "a turn and a half | 1.5..1.5 turn",
                "an inch and an eighth | 1.125..1.125 in",
                "a minute and a half | 1.5..1.5 min",
                "under seventy degrees celsius | ..70 °C",
                "it mustnt sink more than fifteen millimetres | ..15 mm",
                "less than thirty microns | ..30 µm",
                "above eighty degrees celsius | 80.. °C",
                "five or six times | 5..6 times",
                "x 3 | 3..3 times",
                "three sixteenths | 0.1875..0.1875 in"
            })
    void asPeopleSayThem(String words, String expected) {
        assertThat(read(words)).isEqualTo(expected.strip());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "it is six turns no sorry seven turns | 7..7 turn",
                "eighty, no, I tell a lie, that's the old head, ninety-five newton metres | 95..95"
                        + " N·m",
                "one hundred ten degrees no sorry thats the big motor its ninety celsius | 90..90"
                        + " °C",
                "a hundred and ten uh no hang on thats wheel nuts its eighty five foot-pounds |"
                        + " 85..85 lbf·ft"
            })
    void whatIsTakenBackIsNoValue(String words, String expected) {
        assertThat(read(words)).isEqualTo(expected.strip());
    }

    @Test
    void theFirstOfTwoStagesHasTheUnitOfTheSecond() {
        assertThat(read("first thirty then fifty-five newton metres"))
                .isEqualTo("30..30 N·m; 55..55 N·m");
    }

    @Test
    void aBoundThatRejectsIsTurnedRound() {
        Measure under = Measures.in(SpokenNumberTest.tokens("under 55 mm")).get(0);
        assertThat(under.max()).isNotNull();
        assertThat(under.turnedRound().min()).isEqualTo(under.max());
        assertThat(under.turnedRound().max()).isNull();
    }

    @Test
    void wordsWithoutNumbersHaveNoQuantities() {
        assertThat(Measures.in(SpokenNumberTest.tokens("pull the bolts out slowly")))
                .isEqualTo(List.of());
    }
}
