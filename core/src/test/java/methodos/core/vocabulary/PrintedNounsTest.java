package methodos.core.vocabulary;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PrintedNounsTest {

    @ParameterizedTest
    @CsvSource({
        "o-ring, O-ring",
        "Remove the 2 o-rings., Remove the 2 O-rings.",
        "v-belt and u-bolt, V-belt and U-bolt",
        "end-cap, end-cap",
        "6-inch rule, 6-inch rule",
        "O-ring, O-ring"
    })
    void aLetterThatStandsForAShapeIsACapital(String said, String printed) {
        assertThat(Nouns.printed(said)).isEqualTo(printed);
    }
}
