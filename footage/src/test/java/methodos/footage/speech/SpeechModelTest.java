package methodos.footage.speech;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.narration.Captions;
import methodos.footage.CountedClip;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SpeechModelTest {

    @TempDir Path folder;

    private Clip clip(Path file) {
        return new Clip(new Id<>("a"), "first", file.toString(), 1, "d", 5, null, null);
    }

    private Path sounding() throws Exception {
        return CountedClip.sounding(folder.resolve("tone.mp4"), 5, 0, 5);
    }

    @Test
    void withoutAModelNothingIsHeard() throws Exception {
        SpeechModel none = new SpeechModel(folder.resolve("nowhere"));
        assertThat(none.hear(clip(Path.of("x.mp4")), share -> {})).isEmpty();
    }

    @Test
    void aModelHearsWordsWithTimesInsideTheClip() throws Exception {
        Path models = Files.createDirectory(folder.resolve("speech"));
        OneWordModel.write(models.resolve("one.bin"), " torque");
        List<Double> shares = new ArrayList<>();
        Captions heard = new SpeechModel(models).hear(clip(sounding()), shares::add).orElseThrow();
        assertThat(heard.captions())
                .isNotEmpty()
                .allSatisfy(
                        c -> {
                            assertThat(c.words()).startsWith("torque");
                            assertThat(c.start()).isBetween(0.0, 5.1);
                            assertThat(c.end()).isBetween(c.start(), 5.1);
                        });
        assertThat(shares).last().isEqualTo(1.0);
    }

    @Test
    void whatIsNoModelAndWhatHasNoSoundIsSaidInOneSentence() throws Exception {
        Path models = Files.createDirectory(folder.resolve("speech"));
        Files.write(models.resolve("broken.bin"), new byte[4000]);
        SpeechModel broken = new SpeechModel(models);
        Clip clip = clip(sounding());
        assertThatThrownBy(() -> broken.hear(clip, share -> {}))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("broken.bin is no speech model");
        Path silent = CountedClip.make(folder.resolve("silent.mp4"), 30, 25, "-c:v", "mpeg4");
        assertThatThrownBy(() -> broken.hear(clip(silent), share -> {}))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("has no sound");
    }
}
