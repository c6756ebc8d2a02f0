package methodos.desktop.unit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import methodos.core.description.Id;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Variant;
import org.junit.jupiter.api.Test;

class SerialScaleTest {

    private static Variant variant(Long from, Long to) {
        return new Variant(new Id<>("v"), "QA-80", new SerialRange(from, to), "");
    }

    @Test
    void showsEveryBoundWithRoom() {
        Random random = new Random(1);
        for (int i = 0; i < 200; i++) {
            long from = random.nextInt(100_000);
            long to = from + random.nextInt(50_000);
            SerialScale scale =
                    SerialScale.of(List.of(variant(from, to), variant(to + 1, null)), 100, 700);
            assertThat(scale.x(from)).isBetween(100.0, 700.0);
            assertThat(scale.x(to + 1)).isBetween(100.0, 700.0);
            assertThat(scale.x(from)).isLessThanOrEqualTo(scale.x(to));
            assertThat((scale.last() - scale.first()) / scale.step()).isBetween(2L, 14L);
        }
    }

    @Test
    void openRangesReachTheEnds() {
        SerialScale scale = SerialScale.of(List.of(variant(1000L, 2199L)), 100, 700);
        assertThat(scale.left(SerialRange.upTo(2199))).isEqualTo(100);
        assertThat(scale.right(SerialRange.from(2200))).isEqualTo(700);
        assertThat(scale.right(new SerialRange(1000L, 2199L)))
                .isEqualTo(scale.left(SerialRange.from(2200)));
    }

    @Test
    void withoutVariantsThereIsARuleToo() {
        SerialScale scale = SerialScale.of(List.of(), 0, 100);
        assertThat(scale.step()).isPositive();
        assertThat(scale.first()).isLessThan(scale.last());
    }
}
