package methodos.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import methodos.core.quantity.MeasureUnit.Dimension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuantitiesInTextTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Tighten the four M8 screws to 22 N·m. | 22 N·m",
                "Tighten them to 7 to 8.5 N·m (62-75 in-lb). | 7 to 8.5 N·m; 62 to 75 lbf·in",
                "First 10 Nm, then 20 Nm. | 10 N·m; 20 N·m",
                "Torque: 18 ± 2 N·m, in a cross. | 16 to 20 N·m",
                "Tighten to 40 ft-lbs | 40 lbf·ft",
                "Tighten to 40 foot-pounds. | 40 lbf·ft",
                "Turn it 90 degrees, 3 mm further, 2 turns. | ",
                "Fit screw 22 to the cap. | ",
                "Model N80 Nm | "
            })
    void torquesAreFoundInSentences(String text, String found) {
        assertThat(QuantitiesInText.of(text, Dimension.TORQUE).stream().map(Quantity::print))
                .containsExactly(found == null ? new String[0] : found.split("; "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Leave 0,5 mm, at most 1 1/4 in. | 0.5 mm; 1 1/4 in",
                "Set 3 mm. Then go on. | 3 mm",
                "From 2 to 4 mm | 2 to 4 mm"
            })
    void lengthsToo(String text, String found) {
        assertThat(QuantitiesInText.of(text, Dimension.LENGTH).stream().map(Quantity::print))
                .containsExactly(found.split("; "));
    }
}
