package methodos.footage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.net.URISyntaxException;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.function.IntToDoubleFunction;
import java.util.stream.Stream;
import methodos.core.scan.Scan;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every kind of recording that people bring: each time gives the frame that is on the screen. */
class ClipKindsTest {

    private static final int STILLS = 40;
    private static final int FRAMES = 90;

    @TempDir private static Path folder;

    /**
     * A kind of clip.
     *
     * @param first the number of the first frame that is shown
     * @param times when each frame comes on the screen
     * @param encoding how it is made; none for those that were made elsewhere
     */
    private record Kind(String name, int first, IntToDoubleFunction times, List<String> encoding) {

        static Kind made(String name, String... encoding) {
            return new Kind(name, 0, i -> i / 25.0, List.of(encoding));
        }

        static Kind kept(String name, int first, IntToDoubleFunction times) {
            return new Kind(name, first, times, List.of());
        }

        Path clip() throws Exception {
            return encoding.isEmpty()
                    ? elsewhere(name)
                    : CountedClip.make(
                            folder.resolve(name), FRAMES, 25, encoding.toArray(String[]::new));
        }

        @Override
        public String toString() {
            return name;
        }
    }

    private static Path elsewhere(String name) throws URISyntaxException {
        return Path.of(ClipKindsTest.class.getResource("kinds/" + name).toURI());
    }

    static Stream<Kind> kinds() {
        IntToDoubleFunction even = i -> i / 25.0;
        return Stream.of(
                Kind.kept("hevc.mp4", 0, even),
                Kind.kept("hevc-10-bit.mkv", 0, even),
                Kind.kept("hevc-hdr.mp4", 0, even),
                Kind.kept("open-gop.mp4", 0, even),
                Kind.kept("interlaced.mts", 0, even),
                Kind.kept("edit-list.mp4", 25, i -> (i - 25) / 25.0),
                Kind.kept("variable-rate.mp4", 0, i -> (i * 40 + i % 3 * 12) / 1000.0),
                Kind.made("h264.mov", "-c:v", "libopenh264", "-b:v", "600k", "-g", "40"),
                Kind.made("h264.mkv", "-c:v", "libopenh264", "-b:v", "600k", "-g", "40"),
                Kind.made("mpeg4.avi", "-c:v", "mpeg4", "-bf", "2", "-q:v", "3", "-g", "30"),
                Kind.made("mpeg2.ts", "-c:v", "mpeg2video", "-bf", "2", "-q:v", "3", "-g", "15"),
                Kind.made("vp8.webm", "-c:v", "libvpx", "-cpu-used", "8", "-b:v", "700k"),
                Kind.made("av1.mp4", "-c:v", "libsvtav1", "-preset", "12", "-g", "40"),
                Kind.made("prores.mov", "-c:v", "prores_ks", "-profile:v", "1"),
                Kind.made("mjpeg.mov", "-c:v", "mjpeg", "-q:v", "4", "-pix_fmt", "yuvj422p"),
                Kind.made("odd-size.mkv", "-c:v", "ffv1", "-vf", "scale=287:159"),
                Kind.made("wide-pixels.mp4", "-c:v", "mpeg4", "-q:v", "3", "-aspect", "32:9"),
                Kind.made("late.ts", "-c:v", "mpeg2video", "-output_ts_offset", "1000"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("kinds")
    void fortyRandomTimesGiveTheRightFrame(Kind kind) throws Exception {
        Random random = new Random(kind.name.hashCode());
        try (Recording recording = Recording.open(kind.clip())) {
            double end = kind.times.applyAsDouble(FRAMES - 1);
            for (int i = 0; i < STILLS * 5 / 4; i++) {
                double time = random.nextDouble() * end;
                int expected = FRAMES - 1;
                while (kind.times.applyAsDouble(expected) > time) {
                    expected--;
                }
                double since = time - kind.times.applyAsDouble(expected);
                double until = kind.times.applyAsDouble(expected + 1) - time;
                if (Math.min(since, until) < 0.003) {
                    continue; // containers keep times to the millisecond
                }
                Still still = recording.still(time);
                assertThat(CountedClip.read(still.picture()))
                        .as("%s at %.4f", kind.name, time)
                        .isEqualTo(expected);
                assertThat(still.time())
                        .isCloseTo(kind.times.applyAsDouble(expected), within(0.003));
            }
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("kinds")
    void aScanHasARowForEachFrameAtItsTime(Kind kind) throws Exception {
        Scan scan = Scanner.scan(kind.clip(), share -> {}, () -> false);
        assertThat(scan.frames()).hasSize(FRAMES - kind.first);
        for (int i = 0; i < scan.frames().size(); i++) {
            assertThat(scan.frames().get(i).time())
                    .isCloseTo(kind.times.applyAsDouble(kind.first + i), within(0.003));
        }
        assertThat(scan.pauses()).isEmpty();
    }

    @Test
    void squarePixelsOnTheScreen() throws Exception {
        Kind wide = kinds().filter(k -> k.name.equals("wide-pixels.mp4")).findFirst().orElseThrow();
        try (Recording recording = Recording.open(wide.clip())) {
            BufferedImage picture = recording.still(0).picture();
            assertThat(picture.getWidth() / (double) picture.getHeight())
                    .isCloseTo(32 / 9.0, within(0.02));
        }
    }

    @Test
    void highDynamicRangeIsShownInOrdinaryRange() throws Exception {
        Path clip = elsewhere("hevc-hdr.mp4");
        assertThat(Probe.of(clip).video().highDynamicRange()).isTrue();
        try (Recording recording = Recording.open(clip)) {
            BufferedImage picture = recording.still(0).picture();
            // the strip's white cell is nearly the brightest that the curve can say, the black one
            // its darkest; a tenth of the curve's way up is still dark, not grey
            assertThat(picture.getRGB(8, 12) >> 8 & 255).isGreaterThan(235);
            assertThat(picture.getRGB(280, 12) >> 8 & 255).isLessThan(12);
        }
    }

    @Test
    void aSecondScanOfOneThatWasStoppedIsWhole() throws Exception {
        Path clip = elsewhere("hevc.mp4");
        int[] asked = {0};
        org.assertj.core.api.Assertions.assertThatThrownBy(
                        () -> Scanner.scan(clip, share -> {}, () -> asked[0]++ > 0))
                .isInstanceOf(java.util.concurrent.CancellationException.class);
        assertThat(Scanner.scan(clip, share -> {}, () -> false).frames()).hasSize(FRAMES);
    }
}
