package methodos.desktop.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import methodos.demo.DemoProject;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SoundPlayTest {

    @TempDir static Path folder;
    private static Path clip;
    private static Path text;

    /** A card that takes all at once and keeps it. */
    private static final class Card implements SoundOut {
        private long bytes;
        private int loudest;
        private final CountDownLatch closed = new CountDownLatch(1);

        @Override
        public void write(byte[] more, int length) {
            bytes += length;
            for (int i = 0; i < length; i += 2) {
                int value = (short) (more[i] & 0xff | more[i + 1] << 8);
                loudest = Math.max(loudest, Math.abs(value));
            }
        }

        @Override
        public void drain() {}

        @Override
        public double heard() {
            return bytes / 2.0 / RATE;
        }

        @Override
        public void close() {
            closed.countDown();
        }

        void ends() throws InterruptedException {
            assertThat(closed.await(30, TimeUnit.SECONDS)).isTrue();
        }
    }

    @BeforeAll
    static void copyDemo() throws Exception {
        Path project = folder.resolve("demo.methodos");
        DemoProject.QA_80.copyTo(project);
        try (Stream<Path> files = Files.walk(project)) {
            clip = files.filter(f -> f.toString().endsWith(".mp4")).sorted().findFirst().get();
        }
        text = Files.writeString(folder.resolve("letter.mp4"), "no recording");
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.5, 1, 4})
    void theSoundFromATimeOnLastsAsLongAsTheSpeedSays(double speed) throws Exception {
        Card card = new Card();
        CountDownLatch ready = new CountDownLatch(1);
        SoundPlay play =
                SoundPlay.begin(clip, 65, speed, () -> Optional.of(card), ready::countDown);
        assertThat(ready.await(30, TimeUnit.SECONDS)).isTrue();
        card.ends();
        double seconds = 75 - 65;
        assertThat(card.heard() * speed).isCloseTo(seconds, within(0.4));
        assertThat(card.loudest).isGreaterThan(1000);
        play.close();
    }

    @Test
    void withoutACardOrWithoutSoundItSaysSoAtOnce() throws Exception {
        for (Path file : new Path[] {clip, text, folder.resolve("none.mp4")}) {
            CountDownLatch ready = new CountDownLatch(1);
            SoundPlay play = SoundPlay.begin(file, 0, 1, Optional::empty, ready::countDown);
            assertThat(ready.await(30, TimeUnit.SECONDS)).isTrue();
            assertThat(play.time()).isEmpty();
            play.close();
        }
    }
}
