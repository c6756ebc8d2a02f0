package methodos.footage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SpanSoundTest {

    @TempDir Path folder;

    private Path clip() throws Exception {
        return CountedClip.sounding(folder.resolve("tone.mp4"), 3, 1, 2);
    }

    /** Root mean square of a stretch. */
    static double loudness(float[] samples, int rate, double from, double to) {
        double squares = 0;
        int first = (int) (from * rate);
        int last = (int) (to * rate);
        for (int i = first; i < last; i++) {
            squares += samples[i] * samples[i];
        }
        return Math.sqrt(squares / (last - first));
    }

    private static double loudness(float[] samples, double from, double to) {
        return loudness(samples, SpanSound.RATE, from, to);
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
