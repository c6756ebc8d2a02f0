package methodos.footage;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The quick picture from near a time, and that exact ones are exact after it. */
class NearbyTest {

    private static final int FRAMES = 150;
    private static final int GROUP = 30;

    @TempDir Path folder;

    @ParameterizedTest
    @ValueSource(strings = {"near.mp4", "near.ts", "near.mkv"})
    void itIsTheKeyFrameBeforeAndLeavesExactStillsExact(String name) throws Exception {
        Path clip =
                CountedClip.make(
                        folder.resolve(name),
                        FRAMES,
                        25,
                        "-c:v",
                        name.endsWith(".ts") ? "mpeg2video" : "mpeg4",
                        "-q:v",
                        "2",
                        "-sc_threshold",
                        "1000000000",
                        "-g",
                        String.valueOf(GROUP));
        Random random = new Random(9);
        try (Recording recording = Recording.open(clip)) {
            for (int i = 0; i < 40; i++) {
                int frame = random.nextInt(FRAMES);
                double time = (frame + 0.5) / 25;
                Still near = recording.nearby(time, CountedClip.WIDTH, CountedClip.HEIGHT);
                assertThat(CountedClip.read(near.picture())).isEqualTo(frame / GROUP * GROUP);
                if (random.nextBoolean()) {
                    int other = 1 + random.nextInt(FRAMES - 1);
                    Still exact = recording.still((other + 0.5) / 25);
                    assertThat(CountedClip.read(exact.picture())).isEqualTo(other);
                    assertThat(recording.isNext((other + 1.5) / 25)).isTrue();
                    assertThat(recording.isNext((other + 60.5) / 25)).isFalse();
                    assertThat(recording.isNext((other - 0.5) / 25)).isFalse();
                }
            }
        }
    }

    @Test
    void aReaderInTheBackgroundSeesTheSame() throws Exception {
        Path clip = CountedClip.make(folder.resolve("b.mp4"), FRAMES, 25, "-c:v", "mpeg4");
        try (Recording recording = Recording.openInBackground(clip)) {
            for (int frame = 3; frame < FRAMES; frame += 29) {
                assertThat(CountedClip.read(recording.still((frame + 0.5) / 25).picture()))
                        .isEqualTo(frame);
            }
        }
    }
}
