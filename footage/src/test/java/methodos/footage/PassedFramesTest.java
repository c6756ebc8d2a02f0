package methodos.footage;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class PassedFramesTest {

    private static final BufferedImage PICTURE =
            new BufferedImage(2, 2, BufferedImage.TYPE_3BYTE_BGR);

    private static Still still(long stamp) {
        return new Still(stamp, PICTURE);
    }

    @Test
    void neighboursAreThoseOfTheFrameThatIsShown() {
        Random random = new Random(3);
        for (int round = 0; round < 100; round++) {
            PassedFrames passed = new PassedFrames(40);
            TreeMap<Long, Still> all = new TreeMap<>();
            long stamp = 0;
            for (int i = 0; i < 30; i++) {
                stamp += 1 + random.nextInt(90); // no even distance
                all.put(stamp, still(stamp));
            }
            passed.begin(stamp + 500, 16, 9);
            all.forEach(passed::add);
            for (long time = 0; time < stamp + 500; time += 7) {
                Long shown = all.floorKey(time);
                Long before = shown == null ? null : all.lowerKey(shown);
                Long after = shown == null ? null : all.higherKey(shown);
                assertThat(passed.before(time, 16, 9).map(s -> (long) s.time()))
                        .isEqualTo(java.util.Optional.ofNullable(before));
                assertThat(passed.after(time, 16, 9).map(s -> (long) s.time()))
                        .isEqualTo(java.util.Optional.ofNullable(after));
            }
        }
    }

    @Test
    void nothingIsKnownOfOtherSizesAndOfWhatMayHaveComeSince() {
        PassedFrames passed = new PassedFrames(40);
        passed.begin(80, 16, 9);
        passed.add(0, still(0));
        passed.add(40, still(40));
        passed.add(80, still(80));
        assertThat(passed.before(90, 16, 9)).isPresent();
        assertThat(passed.before(90, 32, 18)).isEmpty();
        assertThat(passed.before(121, 16, 9)).isEmpty(); // another frame may be shown by then
        assertThat(passed.before(0, 16, 9)).isEmpty();
        assertThat(passed.after(80, 16, 9)).isEmpty();
    }

    @Test
    void theEarliestGoWhereThereIsNoRoomAndLargePicturesHaveLess() {
        PassedFrames passed = new PassedFrames(1);
        passed.begin(10_000, 1920, 1080);
        int room = passed.capacity();
        assertThat(room).isBetween(2, 20);
        for (int i = 0; i <= room; i++) {
            passed.add(i, still(i));
        }
        assertThat(passed.before(1, 1920, 1080)).isEmpty();
        assertThat(passed.before(2, 1920, 1080)).isPresent();
        passed.begin(10_000, 128, 72);
        assertThat(passed.capacity()).isGreaterThan(300);
        assertThat(passed.before(2, 128, 72)).isEmpty();
    }

    @Test
    void aReaderThatWentBackBeginsAnew() {
        PassedFrames passed = new PassedFrames(40);
        passed.begin(200, 16, 9);
        passed.add(120, still(120));
        passed.add(160, still(160));
        passed.add(80, still(80));
        passed.add(120, still(120));
        assertThat(passed.before(125, 16, 9)).contains(still(80));
        assertThat(passed.before(85, 16, 9)).isEmpty();
    }
}
