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

    @Test
    void allOfTheSoundIsGivenOnTheClockOfThePictures() throws Exception {
        Path clip = CountedClip.sounding(folder.resolve("tone.mp4"), 3, 1, 2);
        float[] samples = SoundReader.samples(clip, RATE);
        assertThat(samples.length / (double) RATE).isCloseTo(3, within(0.15));
        double tone = SpanSoundTest.loudness(samples, RATE, 1.1, 1.9);
        assertThat(tone).isGreaterThan(0.02);
        assertThat(SpanSoundTest.loudness(samples, RATE, 0.1, 0.9)).isLessThan(tone / 20);
        assertThat(SpanSoundTest.loudness(samples, RATE, 2.1, 2.8)).isLessThan(tone / 20);
    }

    @Test
    void aRecordingWithoutSoundSaysSo() throws Exception {
        Path silent = CountedClip.make(folder.resolve("silent.mp4"), 30, 25, "-c:v", "mpeg4");
        assertThatThrownBy(() -> SoundReader.samples(silent, RATE))
                .isInstanceOf(FootageProblem.class)
                .hasMessageContaining("has no sound");
    }
}
