package methodos.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DurationTest {

    private static final Words WORDS = new Words(null, Locale.ENGLISH);

    @ParameterizedTest
    @CsvSource({
        "0, 0 s",
        "0.4, 0 s",
        "59.6, 1 min",
        "40, 40 s",
        "60, 1 min",
        "145, 2 min 25 s",
        "3600, 1 h",
        "5400, 1 h 30 min",
        "3629, 1 h",
        "3631, 1 h 1 min",
        "28800, 8 h",
        "86400, 1 d",
        "90000, 1 d 1 h",
        "259200, 3 d"
    })
    void aTimeIsWrittenAsAPersonWritesIt(double seconds, String written) {
        assertThat(WORDS.duration(seconds)).isEqualTo(written);
    }
}
