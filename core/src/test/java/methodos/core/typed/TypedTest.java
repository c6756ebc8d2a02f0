package methodos.core.typed;

import static org.assertj.core.api.Assertions.assertThat;

import methodos.core.manual.SerialRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TypedTest {

    @ParameterizedTest
    @CsvSource({"0, 0", "4, 4", "' 12 ', 12", "99999, 99999"})
    void countsAreWholeNumbers(String typed, int count) {
        assertThat(TypedNumber.count(typed)).contains(count);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "-1", "1.5", "four", "100000", "１２", "2 2"})
    void allElseIsNoCount(String typed) {
        assertThat(TypedNumber.count(typed)).isEmpty();
    }

    @Test
    void serialNumbersAreLong() {
        assertThat(SerialText.only("999999999999999"))
                .contains(SerialRange.only(999_999_999_999_999L));
        assertThat(SerialText.only("1000000000000000")).isEmpty();
        assertThat(SerialText.only("QA-80 S")).isEmpty();
    }

    @Test
    void namesMayHaveBlanksAndWordsMayNot() {
        assertThat(TypedList.names("left end cap, right end cap;; ,guide"))
                .containsExactly("left end cap", "right end cap", "guide");
        assertThat(TypedList.words("3, 1;2 4")).containsExactly("3", "1", "2", "4");
        assertThat(TypedList.names(" ")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "2 blocks, 2, blocks",
        "3 × strap, 3, strap",
        "2x strap, 2, strap",
        "strap, 1, strap",
        "3mm key, 1, 3mm key"
    })
    void aThingMayHaveItsCountBeforeIt(String typed, int count, String name) {
        assertThat(Counted.parse(typed)).isEqualTo(new Counted(count, name));
    }
}
