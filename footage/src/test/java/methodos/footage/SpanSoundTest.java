package methodos.footage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SpanSoundTest {

    @TempDir Path folder;

    /** A tone that sounds from second 1 to second 2 only. */
    private Path clip() throws Exception {
        return CountedClip.make(
                folder.resolve("tone.mp4"),
                75,
                25,
                "-f",
                "lavfi",
                "-i",
                "sine=frequency=440:duration=3,volume='between(t,1,2)':eval=frame",
                "-c:v",
                "mpeg4",
                "-c:a",
                "aac",
                "-shortest");
    }

    private static double loudness(float[] samples, double from, double to) {
        double squares = 0;
        int first = (int) (from * SpanSound.RATE);
        int last = (int) (to * SpanSound.RATE);
        for (int i = first; i < last; i++) {
            squares += samples[i] * samples[i];
        }
        return Math.sqrt(squares / (last - first));
    }

    @Test
    void theSoundBeginsWithTheSpanAndSilenceFillsItsEnd() throws Exception {
        try (SpanSound sound = new SpanSound(clip(), 0.5, 4.5)) {
            assertThat(sound.present()).isTrue();
            float[] first = sound.until(0.25);
            assertThat(first).hasSize(SpanSound.RATE / 4);
            float[] rest = sound.until(99);
            assertThat(rest).hasSize(4 * SpanSound.RATE - first.length);
            double tone = loudness(rest, 0.4, 1.1); // 1.15 s to 1.85 s of the clip
            assertThat(tone).isGreaterThan(0.02);
            assertThat(loudness(first, 0, 0.2)).isCloseTo(0, within(tone / 20));
            assertThat(loudness(rest, 1.5, 2.1)).isCloseTo(0, within(tone / 20));
            assertThat(loudness(rest, 2.6, 3.7)).isZero();
            assertThat(sound.until(99)).isEmpty();
        }
    }

    @Test
    void aClipWithoutSoundGivesNone() throws Exception {
        Path silent = CountedClip.make(folder.resolve("silent.mp4"), 30, 25, "-c:v", "mpeg4");
        try (SpanSound sound = new SpanSound(silent, 0, 1)) {
            assertThat(sound.present()).isFalse();
            assertThat(sound.until(1)).isEmpty();
        }
    }
}
