package methodos.cli.calc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Units and numbers in every form in which people write them, by {@code calc convert}. */
class ConvertTest {

    private static final ObjectMapper JSON = new ObjectMapper();

    private static Map<String, Object> convert(String text, String to, boolean difference)
            throws Exception {
        var request = JSON.createObjectNode().put("text", text).put("to", to);
        if (difference) {
            request.put("difference", true);
        }
        return new ConvertCalculator().answer(Request.of(request)).value() instanceof Map<?, ?> m
                ? cast(m)
                : Map.of();
    }

    @SuppressWarnings("unchecked") // answers are maps by the names of their fields
    private static Map<String, Object> cast(Map<?, ?> map) {
        return (Map<String, Object>) map;
    }

    private static Double exact(Map<String, Object> answer, String bound) {
        return (Double) cast((Map<?, ?>) answer.get("exact")).get(bound);
    }

    /** Values from the definitions of the units. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    30 foot-pounds          | N·m    | 40.674538444
                    12 inch-pounds          | lbf·ft | 1
                    77 in. lb.              | N·m    | 8.699831
                    77 in lbs               | N·m    | 8.699831
                    52 IN-LBS               | N·m    | 5.875211
                    20 ft. lbs.             | N·m    | 27.116359
                    20 lbf.ft               | N·m    | 27.116359
                    100 °C                  | °F     | 212
                    -40 °F                  | °C     | -40
                    212 deg F               | °C     | 100
                    68 degrees Fahrenheit   | °C     | 20
                    20 degC                 | K      | 293.15
                    1 inHg                  | Pa     | 3386.388640
                    29.92 in Hg             | mbar   | 1013.207481
                    1 inH2O                 | Pa     | 249.082
                    10 mm H₂O               | Pa     | 98.0638
                    760 Torr                | Pa     | 101325
                    -0.9 bar                | kPa    | -90
                    1013.25 mbar            | Pa     | 101325
                    1 psi                   | Pa     | 6894.757293
                    1 gal                   | L      | 3.785411784
                    4 qt                    | gal    | 1
                    2 quarts                | L      | 1.892705892
                    16 oz                   | lb     | 1
                    1 lb                    | kg     | 0.45359237
                    2 L/min                 | mL/min | 2000
                    2 litres per minute     | mL/min | 2000
                    1 cfm                   | L/min  | 28.316846592
                    100 ft/min              | m/min  | 30.48
                    60 mph                  | km/h   | 96.56064
                    1 hp                    | kW     | 0.745699872
                    1.5 kW                  | hp     | 2.011533134
                    350 mA                  | A      | 0.35
                    50 %                    | %      | 50
                    500 micron              | mm     | 0.5
                    25 microns              | µm     | 25
                    25 µm                   | mm     | 0.025
                    8 thou                  | mm     | 0.2032
                    1-1/4 in                | mm     | 31.75
                    1 1⁄4 in                | mm     | 31.75
                    1¼ in                   | mm     | 31.75
                    1-1/4-inch              | mm     | 31.75
                    2⅝"                     | mm     | 66.675
                    0,8 mm                  | in     | 0.031496063
                    0,125 in                | mm     | 3.175
                    1,250 psi               | psi    | 1250
                    5,000ths in             | mm     | 0.127
                    5,000ths                | in     | 0.005
                    -1/8 turn               | deg    | -45
                    ≈ 4 mm                  | cm     | 0.4
                    about 2 turns           | deg    | 720
                    18 g                    | kg     | 0.018
                    """)
    void everyUnitInEverySpelling(String text, String to, double value) throws Exception {
        Map<String, Object> answer = convert(text, to, false);
        assertThat(exact(answer, "min")).isCloseTo(value, within(Math.abs(value) * 1e-7 + 1e-9));
        assertThat(exact(answer, "max")).isCloseTo(value, within(Math.abs(value) * 1e-7 + 1e-9));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    ± 1/16 in         | -0.0625 | 0.0625
                    0-1/4 in          | 0       | 0.25
                    at least 62 in    | 62      |
                    more than 62 in   | 62      |
                    no less than 3 in | 3       |
                    up to 3 in        |         | 3
                    no more than 3 in |         | 3
                    less than 3 in    |         | 3
                    1-1/4 to 1-1/2 in | 1.25    | 1.5
                    -0.9 to -0.5 in   | -0.9    | -0.5
                    """)
    void boundsAsPeopleWriteThem(String text, Double min, Double max) throws Exception {
        Map<String, Object> answer = convert(text, "in", false);
        assertThat(exact(answer, "min")).isEqualTo(min);
        assertThat(exact(answer, "max")).isEqualTo(max);
    }

    @Test
    void differencesOfTemperaturesHaveNoNought() throws Exception {
        assertThat(exact(convert("9 °F", "K", true), "min")).isCloseTo(5, within(1e-9));
        assertThat(exact(convert("20 °C", "K", true), "min")).isCloseTo(20, within(1e-9));
    }

    @Test
    void aboutIsToldOnlyWhereItWasSaid() throws Exception {
        assertThat(convert("≈ 4 mm", "in", false)).containsEntry("about", true);
        assertThat(convert("approx. 4 mm", "in", false)).containsEntry("about", true);
        assertThat(convert("4 mm", "in", false)).doesNotContainKey("about");
    }

    /** A bad part never passes by the converted value, a good one is hardly ever refused by it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    ≥ 62 mm        | in  | 62 mm or more            | ≥ 2.45 in
                    ≤ 0.3 mm       | in  | 0.3 mm or less           | ≤ 0.0118 in
                    52-60 in-lb    | N·m | 52 to 60                 | 5.9 to 6.75 N·m
                    ≥ 2.441 in     | mm  | 2.441 in or more         | ≥ 62.01 mm
                    """)
    void boundsAreRoundedInward(String text, String to, String note, String shown)
            throws Exception {
        assertThat((String) convert(text, to, false).get("print")).as(note).contains(shown);
    }

    @Test
    void theUnitBesideIsOneThatPeopleUse() {
        var quantity = methodos.core.quantity.Quantity.parse("1.5 mbar");
        assertThat(quantity.inOtherSystem().orElseThrow().print()).isEqualTo("0.6 inH₂O");
        assertThat(
                        methodos.core.quantity.Quantity.parse("6 bar")
                                .inOtherSystem()
                                .orElseThrow()
                                .print())
                .isEqualTo("87 psi");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "10 mil",
                "tight",
                "12",
                "5 bananas",
                "-300 °C",
                "-460 °F",
                "8 to 7 mm",
                "1/0 in",
                "7 to mm",
                "1,2,3 mm",
                "--4 mm",
                "5 kg m of",
                "1e5 mm",
                "10 mils"
            })
    void junkIsRefusedWithASentence(String text) {
        assertThatThrownBy(() -> convert(text, "mm", false))
                .isInstanceOf(WrongRequest.class)
                .hasMessageContaining("text");
    }

    @Test
    void aMassIsNoForceAndMilIsAskedBack() {
        assertThatThrownBy(() -> convert("4 kg", "N", false)).isInstanceOf(WrongRequest.class);
        assertThatThrownBy(() -> convert("10 mil", "mm", false))
                .hasMessageContaining("write mm or thou");
        for (String unit : List.of("furlong", "")) {
            assertThatThrownBy(() -> convert("4 mm", unit, false)).isInstanceOf(WrongRequest.class);
        }
    }
}
