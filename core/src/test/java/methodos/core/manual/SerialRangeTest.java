package methodos.core.manual;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import methodos.core.typed.SerialText;
import org.junit.jupiter.api.Test;

class SerialRangeTest {

    @Test
    void lettersTellRangesApart() {
        SerialRange sg = SerialText.range("SG1000", "SG1999");
        assertThat(sg.overlaps(SerialText.only("sg1042").orElseThrow())).isTrue();
        assertThat(sg.overlaps(SerialText.only("1042").orElseThrow())).isFalse();
        assertThat(sg.overlaps(SerialText.only("SH1042").orElseThrow())).isFalse();
        assertThat(sg.overlaps(SerialRange.ALL)).isTrue();
        assertThat(SerialText.range("SG2000", "").contains(SerialText.range("SG2500", "")))
                .isTrue();
    }

    @Test
    void lastDigitsAreThoseOfAnyNumber() {
        SerialRange ending = SerialText.range("…40", "…59");
        assertThat(ending.overlaps(SerialRange.only(1042))).isTrue();
        assertThat(ending.overlaps(SerialRange.only(1060))).isFalse();
        assertThat(ending.contains(new SerialRange(1140L, 1159L))).isTrue();
        assertThat(ending.contains(new SerialRange(1140L, 1160L))).isFalse();
        assertThat(ending.overlaps(new SerialRange(1060L, 1139L))).isFalse();
        assertThat(SerialText.from(SerialText.range("…05", "…09"))).isEqualTo("…05");
    }

    @Test
    void whatIsNoRangeIsRefused() {
        assertThatThrownBy(() -> SerialText.range("SG1", "SH2"))
                .hasMessageContaining("not numbers of one kind");
        assertThatThrownBy(() -> SerialText.range("…1", "…20"))
                .hasMessageContaining("not numbers of one kind");
        assertThatThrownBy(() -> SerialText.range("seven", ""))
                .hasMessage("“seven” is no serial number.");
        assertThatThrownBy(() -> new SerialRange(1L, null, "", 2))
                .hasMessageContaining("both ends");
    }

    /** Against counting: a number is in a range if its last digits are. */
    @Test
    void overlapAndContainmentAgreeWithCounting() {
        Random random = new Random(7);
        for (int i = 0; i < 5_000; i++) {
            SerialRange one = random(random);
            SerialRange other = random(random);
            List<Long> both =
                    LongStream.rangeClosed(0, 2_999)
                            .filter(n -> in(one, n) && in(other, n))
                            .boxed()
                            .toList();
            boolean all =
                    LongStream.rangeClosed(0, 2_999)
                            .filter(n -> in(other, n))
                            .allMatch(n -> in(one, n));
            assertThat(one.overlaps(other)).as("%s and %s", one, other).isEqualTo(!both.isEmpty());
            assertThat(one.contains(other)).as("%s holds %s", one, other).isEqualTo(all);
        }
    }

    private static SerialRange random(Random random) {
        int digits = random.nextInt(3);
        long most = digits == 0 ? 2_000 : Math.round(Math.pow(10, digits));
        long from = random.nextLong(most);
        long to = from + random.nextLong(most - from);
        return new SerialRange(from, to, "", digits);
    }

    private static boolean in(SerialRange range, long number) {
        long cycle = Math.round(Math.pow(10, range.lastDigits()));
        long compared = range.lastDigits() == 0 ? number : number % cycle;
        return range.from() <= compared && compared <= range.to();
    }
}
