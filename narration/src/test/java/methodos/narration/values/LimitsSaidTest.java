package methodos.narration.values;

import static org.assertj.core.api.Assertions.assertThat;

import methodos.core.speech.Measure;
import methodos.narration.Spoken;
import methodos.narration.grammar.Utterance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LimitsSaidTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "measure | The gap, max 0.5 mm. | null to 0.5 mm",
                "measure | You want 40 mm at least, minimum. | 40 to null mm",
                "measure | It must not rise above 80 bar. | null to 80 bar",
                "replace | If there is more than 3 mm of play, fit a new one. | null to 3 mm",
                "measure | Under 55 mm and it is scrap. | 55 to null mm",
                "measure | It should read 12 to 14 bar. | 12 to 14 bar",
                "heat | Warm it to 90 degrees. | 90 to 90 °C",
                "turn | Turn it 90 degrees. | 90 to 90 deg",
                "fill | Put 500 mils in. | 500 to 500 mL",
                "measure | The slot is 500 mm long. | 500 to 500 mm",
                "loosen | Give the nut two and a half. | 2.5 to 2.5 turn",
                "measure | The gap is nought point one five. | 0.15 to 0.15 mm"
            })
    void aLimitHasItsSideAndItsUnit(String action, String words, String limit) {
        Utterance said = Spoken.utterance(words);
        Measure m =
                new LimitsSaid(said)
                        .of(
                                new Figure(said.measures().get(0), Figure.Kind.LIMIT, 1),
                                action.strip());

        assertThat(side(m.min()) + " to " + side(m.max()) + " " + m.unit())
                .isEqualTo(limit.strip());
    }

    private static String side(methodos.core.quantity.Rational value) {
        return value == null ? "null" : value.toDecimal();
    }
}
