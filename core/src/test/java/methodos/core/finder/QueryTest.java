package methodos.core.finder;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QueryTest {

    @ParameterizedTest
    @CsvSource({
        "torque 8, torque · cap screw M6 × 25 · 7 to 8.5 N·m",
        "torque 8, torque · gland nut · 8 N·m",
        "left-hand, spindle nut · left-hand thread",
        "not accepted, Remove the worm. · drafted · not accepted",
        "O-ring, O-ring for the end cap",
        "seal cone, New O-ring over the seal cone",
        "screw, cap screws",
        "crew, cap screw",
        "8.5, 7 to 8.5 N·m",
        "'8,2', 7 to 8.5 N·m"
    })
    void allWordsAreInTheLine(String typed, String line) {
        assertThat(new Query(typed).fit(line)).isPositive();
    }

    @ParameterizedTest
    @CsvSource({
        "torque 9, torque · cap screw M6 × 25 · 7 to 8.5 N·m",
        "left right, left-hand thread",
        "re, the screw",
        "'', anything",
        "'  ', anything"
    })
    void aWordThatIsNotThereIsNotFound(String typed, String line) {
        assertThat(new Query(typed).fit(line)).isZero();
    }

    @Test
    void whatIsWholeAndFirstComesFirst() {
        Query query = new Query("nut");
        assertThat(query.fit("nut, left-hand"))
                .isGreaterThan(query.fit("lock nut"))
                .isGreaterThan(query.fit("nutshell"));
        assertThat(query.fit("lock nut")).isGreaterThan(query.fit("a wingnut"));
    }
}
