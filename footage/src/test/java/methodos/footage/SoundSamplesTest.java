package methodos.footage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SoundSamplesTest {

    private static final int RATE = 16_000;

    @TempDir Path folder;

    private static double loudness(float[] samples, double from, double to) {
        double squares = 0;
        for (int i = (int) (from * RATE); i < (int) (to * RATE); i++) {
            squares += samples[i] * samples[i];
        }
        return Math.sqrt(squares / ((to - from) * RATE));
    }

    @Test
    void allOfTheSoundIsGivenOnTheClockOfThePictures() throws Exception {
        Path clip =
                CountedClip.make(
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
        float[] samples = SoundReader.samples(clip, RATE);
        assertThat(samples.length / (double) RATE).isCloseTo(3, within(0.15));
        double tone = loudness(samples, 1.1, 1.9);
        assertThat(tone).isGreaterThan(0.02);
        assertThat(loudness(samples, 0.1, 0.9)).isLessThan(tone / 20);
        assertThat(loudness(samples, 2.1, 2.8)).isLessThan(tone / 20);
    }

    @Test
    void aRecordingWithoutSoundSaysSo() throws Exception {
        Path silent = CountedClip.make(folder.resolve("silent.mp4"), 30, 25, "-c:v", "mpeg4");
        assertThatThrownBy(() -> SoundReader.samples(silent, RATE))
                .isInstanceOf(FootageProblem.class)
                .hasMessageContaining("has no sound");
    }
}
