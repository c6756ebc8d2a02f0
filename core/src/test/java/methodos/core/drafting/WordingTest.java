package methodos.core.drafting;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Words for print: the imperative, one action a sentence, no filler. */
class WordingTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "so um we take the four M8 by 25 cap screws out of the end cap with a six mil hex key"
                        + " | Remove the 4 M8 × 25 cap screws from the end cap with a 6 mm hex key.",
                "tighten the nut to twenty two newton metres | Tighten the nut to 22 N·m.",
                "if the seal is hard replace it | If the seal is hard: replace the seal.",
                "start the screws by hand | Tighten the screws by hand.",
                "put some grease on the lip | Lubricate the lip with grease.",
                "do the bolts up to ten newton metres crosswise | Tighten the bolts to 10 N·m, cross.",
                "wait for the glue to set for ten minutes | Wait for the glue to set for ten minutes.",
                "measure the gap no more than point two millimetres"
                        + " | Measure the gap: at most 0.2 mm.",
                "don't pry on the flange | Do not pry on the flange."
            })
    void printed(String words, String text) {
        assertThat(Spoken.steps(words).get(0).text()).isEqualTo(text.strip());
    }
}
