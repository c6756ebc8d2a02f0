package methodos.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import methodos.core.manual.SerialRange;
import org.junit.jupiter.api.Test;

class SerialDivisionTest {

    @Test
    void eachPieceLiesWhollyInsideOrOutsideOfEachRange() {
        Random random = new Random(5);
        for (int i = 0; i < 500; i++) {
            SerialRange whole =
                    random.nextBoolean() ? SerialRange.ALL : numbers(random, "SG", 4_000);
            List<SerialRange> ranges = new ArrayList<>();
            for (int k = 0; k < 3; k++) {
                ranges.add(
                        random.nextBoolean()
                                ? numbers(random, random.nextBoolean() ? "SG" : "", 4_000)
                                : endings(random));
            }
            List<SerialRange> pieces = SerialDivision.of(whole, ranges);
            assertThat(pieces).isNotEmpty();
            for (SerialRange piece : pieces) {
                assertThat(whole.overlaps(piece)).isTrue();
                for (SerialRange range : ranges) {
                    if (!piece.all()) {
                        assertThat(range.contains(piece) || !range.overlaps(piece))
                                .as("%s in %s of %s", piece, range, whole)
                                .isTrue();
                    }
                }
            }
        }
    }

    private static SerialRange numbers(Random random, String letters, int most) {
        long from = random.nextInt(most);
        return new SerialRange(from, from + random.nextInt(most), letters, 0);
    }

    private static SerialRange endings(Random random) {
        long from = random.nextInt(100);
        return new SerialRange(from, from + random.nextLong(100 - from), "SG", 2);
    }
}
