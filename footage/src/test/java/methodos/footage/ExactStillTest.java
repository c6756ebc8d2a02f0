package methodos.footage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class ExactStillTest {

    private static final int FRAMES = 160;

    @TempDir private static Path folder;

    static Stream<Arguments> kinds() {
        return Stream.of(
                kind(
                        "h264.mp4",
                        25,
                        "-c:v",
                        "libopenh264",
                        "-b:v",
                        "600k",
                        "-g",
                        "50",
                        "-pix_fmt",
                        "yuv420p"),
                kind("b-frames.mp4", 25, "-c:v", "mpeg4", "-bf", "2", "-q:v", "3", "-g", "40"),
                kind(
                        "late-start.mkv",
                        25,
                        "-c:v",
                        "mpeg4",
                        "-bf",
                        "2",
                        "-q:v",
                        "3",
                        "-g",
                        "40",
                        "-output_ts_offset",
                        "7.3"),
                kind("b-frames.ts", 25, "-c:v", "mpeg2video", "-bf", "2", "-q:v", "3", "-g", "30"),
                kind(
                        "vp9.webm",
                        30,
                        "-c:v",
                        "libvpx-vp9",
                        "-deadline",
                        "realtime",
                        "-cpu-used",
                        "8",
                        "-b:v",
                        "800k",
                        "-g",
                        "60"),
                kind("mjpeg.avi", 15, "-c:v", "mjpeg", "-q:v", "4"));
    }

    private static Arguments kind(String name, int rate, String... encoding) {
        return Arguments.of(name, rate, encoding);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("kinds")
    void fiftyRandomTimesGiveTheRightFrame(String name, int rate, String[] encoding)
            throws Exception {
        Path clip = CountedClip.make(folder.resolve(name), FRAMES, rate, encoding);
        Random random = new Random(name.hashCode());
        try (Recording recording = Recording.open(clip)) {
            for (int i = 0; i < 50; i++) {
                int frame = random.nextInt(FRAMES);
                double time = (frame + 0.1 + 0.8 * random.nextDouble()) / rate;
                Still still = recording.still(time);
                assertThat(CountedClip.read(still.picture()))
                        .as("%s at %.3f", name, time)
                        .isEqualTo(frame);
                assertThat(still.time()).isCloseTo(frame / (double) rate, within(0.002));
            }
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("kinds")
    void theEndsAreTheFirstAndTheLastFrame(String name, int rate, String[] encoding)
            throws Exception {
        Path clip = CountedClip.make(folder.resolve("ends-" + name), 40, rate, encoding);
        try (Recording recording = Recording.open(clip)) {
            assertThat(CountedClip.read(recording.still(0).picture())).isZero();
            assertThat(CountedClip.read(recording.still(-3).picture())).isZero();
            assertThat(CountedClip.read(recording.still(1e6).picture())).isEqualTo(39);
            assertThat(CountedClip.read(recording.still(0).picture())).isZero();
        }
    }

    @Test
    void aTimeJustBeforeAFrameIsStillTheOneBefore() throws Exception {
        Path clip =
                CountedClip.make(folder.resolve("edges.mp4"), 30, 25, "-c:v", "mpeg4", "-g", "10");
        try (Recording recording = Recording.open(clip)) {
            for (int frame = 1; frame < 30; frame++) {
                double at = frame / 25.0;
                assertThat(CountedClip.read(recording.still(at - 0.0001).picture()))
                        .isEqualTo(frame - 1);
                assertThat(CountedClip.read(recording.still(at).picture())).isEqualTo(frame);
                double printed = Math.round(recording.still(at).time() * 1e6) / 1e6;
                assertThat(CountedClip.read(recording.still(printed).picture())).isEqualTo(frame);
            }
        }
    }

    @Test
    void oneFrameForwardAndBack() throws Exception {
        Path clip =
                CountedClip.make(
                        folder.resolve("steps.mp4"),
                        60,
                        25,
                        "-c:v",
                        "mpeg4",
                        "-bf",
                        "2",
                        "-g",
                        "20");
        try (Recording recording = Recording.open(clip)) {
            recording.still(0);
            for (int frame = 1; frame < 60; frame++) {
                Optional<Still> next =
                        recording.after((frame - 0.5) / 25, CountedClip.WIDTH, CountedClip.HEIGHT);
                assertThat(CountedClip.read(next.orElseThrow().picture())).isEqualTo(frame);
            }
            assertThat(recording.after(59.5 / 25, 100, 100)).isEmpty();
            for (int frame = 58; frame >= 0; frame--) {
                Still before =
                        recording.before((frame + 1.5) / 25, CountedClip.WIDTH, CountedClip.HEIGHT);
                assertThat(CountedClip.read(before.picture())).isEqualTo(frame);
            }
            assertThat(CountedClip.read(recording.before(0, 288, 160).picture())).isZero();
            Random random = new Random(4);
            int at = 30;
            for (int i = 0; i < 60; i++) {
                boolean on = random.nextBoolean() && at < 59 || at == 0;
                Still step =
                        on
                                ? recording.after((at + 0.5) / 25, 288, 160).orElseThrow()
                                : recording.before((at + 0.5) / 25, 288, 160);
                at += on ? 1 : -1;
                assertThat(CountedClip.read(step.picture())).isEqualTo(at);
            }
        }
    }

    @Test
    void aTurnedClipIsShownUpright() throws Exception {
        Path lying =
                CountedClip.make(folder.resolve("lying.mp4"), 10, 25, "-c:v", "mpeg4", "-q:v", "2");
        Path turned = folder.resolve("turned.mp4");
        Process process =
                CountedClip.encoder(
                        List.of(
                                "-display_rotation",
                                "90",
                                "-i",
                                lying.toString(),
                                "-c",
                                "copy",
                                turned.toString()));
        assertThat(process.waitFor()).isZero();
        Probe probe = Probe.of(turned);
        assertThat(probe.video().width()).isEqualTo(CountedClip.HEIGHT);
        assertThat(probe.video().height()).isEqualTo(CountedClip.WIDTH);
        assertThat(probe.video().rotation()).isEqualTo(270);
        try (Recording recording = Recording.open(turned)) {
            var picture = recording.still(0).picture();
            assertThat(picture.getWidth()).isEqualTo(CountedClip.HEIGHT);
            // the strip that lay on top stands on the left; its white first cell is at the bottom
            assertThat(picture.getRGB(8, CountedClip.WIDTH - 6) & 255).isGreaterThan(128);
            assertThat(picture.getRGB(8, 6) & 255).isLessThan(100);
        }
    }

    @Test
    void aSmallPictureKeepsItsShape() throws Exception {
        Path clip = CountedClip.make(folder.resolve("small.mp4"), 10, 25, "-c:v", "mpeg4");
        try (Recording recording = Recording.open(clip)) {
            var picture = recording.still(0.2, 144, 144).picture();
            assertThat(picture.getWidth()).isEqualTo(144);
            assertThat(picture.getHeight()).isEqualTo(80);
            assertThat(CountedClip.read(picture)).isEqualTo(5);
        }
    }
}
