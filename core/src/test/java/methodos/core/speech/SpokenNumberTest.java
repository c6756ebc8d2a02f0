package methodos.core.speech;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.quantity.Rational;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpokenNumberTest {

    static List<Token> tokens(String words) {
        return new Hearing(Map.of())
                .tokens(Transcript.of(new Captions(List.of(new Caption(0, 10, words)))));
    }

    @ParameterizedTest
    @CsvSource({
        "four, 4, 1, 1",
        "thirty-five, 35, 1, 2",
        "one hundred and ten, 110, 1, 4",
        "a hundred and five, 105, 1, 4",
        "one twenty, 120, 1, 2",
        "eighteen hundred, 1800, 1, 2",
        "two thousand five hundred, 2500, 1, 4",
        "nought point two five, 1, 4, 4",
        "point oh five, 1, 20, 3",
        "zero comma one, 1, 10, 3",
        "twenty-one point five, 43, 2, 4",
        "fifteen point nine nine, 1599, 100, 4",
        "three eighths, 3, 8, 2",
        "three-eighths, 3, 8, 2",
        "half, 1, 2, 1",
        "a quarter, 1, 4, 2",
        "one and a half, 3, 2, 4",
        "two and three quarters, 11, 4, 4",
        "four and thirty one sixty fourths, 287, 64, 6",
        "five thirty seconds, 5, 32, 3",
        "a couple of, 2, 1, 3",
        "sixty two oh threes, 6203, 1, 4",
        "six thousand and five, 6005, 1, 4",
        "3.2, 16, 5, 1",
        "1/4, 1, 4, 1",
        "1-1/8, 9, 8, 1",
        "2½, 5, 2, 2"
    })
    void asPeopleSayThem(String words, long over, long under, int used) {
        SpokenNumber number = SpokenNumber.at(tokens(words), 0).orElseThrow();
        assertThat(number.value()).isEqualTo(Rational.of(over, under));
        assertThat(number.used()).isEqualTo(used);
    }

    @ParameterizedTest
    @CsvSource({"the", "bolts", "oil", "and", "m8", "point of view"})
    void otherWordsAreNoNumbers(String words) {
        assertThat(SpokenNumber.at(tokens(words), 0)).isEmpty();
    }

    @Test
    void punctuationPartsNumbers() {
        assertThat(SpokenNumber.at(tokens("twenty, five"), 0).orElseThrow().value())
                .isEqualTo(Rational.of(20));
    }

    @Test
    void everyWholeNumberBelowAThousandIsReadAsItIsSpelled() {
        String[] units =
                ("zero one two three four five six seven eight nine ten eleven twelve thirteen"
                                + " fourteen fifteen sixteen seventeen eighteen nineteen")
                        .split(" ");
        String[] tens = "x x twenty thirty forty fifty sixty seventy eighty ninety".split(" ");
        for (int n = 1; n < 1000; n++) {
            int rest = n % 100;
            String small =
                    rest < 20
                            ? units[rest]
                            : tens[rest / 10] + (rest % 10 == 0 ? "" : "-" + units[rest % 10]);
            String words =
                    n < 100
                            ? small
                            : units[n / 100] + " hundred" + (rest == 0 ? "" : " and " + small);
            assertThat(SpokenNumber.at(tokens(words), 0).orElseThrow().value())
                    .as(words)
                    .isEqualTo(Rational.of(n));
        }
    }
}
