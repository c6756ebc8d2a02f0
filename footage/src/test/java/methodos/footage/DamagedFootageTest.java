package methodos.footage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DamagedFootageTest {

    @TempDir private Path folder;

    @Test
    void aFileThatIsNoVideoIsOneSentence() throws Exception {
        Path text = Files.writeString(folder.resolve("letter.mp4"), "Dear colleague, ".repeat(100));
        assertThatThrownBy(() -> Recording.open(text))
                .isInstanceOf(FootageProblem.class)
                .hasMessageContaining("letter.mp4")
                .hasMessageContaining("no recording");
        assertThatThrownBy(() -> Probe.of(text)).isInstanceOf(FootageProblem.class);
    }

    @Test
    void emptyAndMissingFilesAreOneSentence() throws Exception {
        Path empty = Files.createFile(folder.resolve("empty.mp4"));
        assertThatThrownBy(() -> Recording.open(empty)).isInstanceOf(FootageProblem.class);
        assertThatThrownBy(() -> Recording.open(folder.resolve("none.mp4")))
                .isInstanceOf(FootageProblem.class)
                .hasMessageContaining("does not exist");
        assertThatThrownBy(() -> Recording.open(folder)).isInstanceOf(FootageProblem.class);
    }

    @Test
    void aTruncatedVideoIsReadAsFarAsItGoesOrRefused() throws Exception {
        Path whole =
                CountedClip.make(folder.resolve("whole.mkv"), 100, 25, "-c:v", "mpeg4", "-g", "25");
        byte[] bytes = Files.readAllBytes(whole);
        Path half = Files.write(folder.resolve("half.mkv"), Arrays.copyOf(bytes, bytes.length / 2));
        Probe probe = Probe.of(half);
        assertThat(probe.video().frames()).isBetween(10, 90);
        assertThat(probe.problems()).singleElement().asString().contains("ends after");
        try (Recording recording = Recording.open(half)) {
            assertThat(CountedClip.read(recording.still(0.2).picture())).isEqualTo(5);
            assertThat(CountedClip.read(recording.still(60).picture()))
                    .isEqualTo(probe.video().frames() - 1);
        }
    }

    @Test
    void anMp4WithoutItsTableIsOneSentence() throws Exception {
        Path whole = CountedClip.make(folder.resolve("whole.mp4"), 50, 25, "-c:v", "mpeg4");
        byte[] bytes = Files.readAllBytes(whole);
        Path half = Files.write(folder.resolve("half.mp4"), Arrays.copyOf(bytes, bytes.length / 2));
        assertThatThrownBy(() -> Recording.open(half))
                .isInstanceOf(FootageProblem.class)
                .hasMessageMatching(".{20,}");
    }

    @Test
    void soundAloneHoldsNoPictures() throws Exception {
        Path sound = folder.resolve("sound.wav");
        byte[] header = new byte[44 + 3200];
        byte[] riff = "RIFF....WAVEfmt ".getBytes();
        System.arraycopy(riff, 0, header, 0, 16);
        header[16] = 16;
        header[20] = 1;
        header[22] = 1;
        header[24] = (byte) 0x80;
        header[25] = 0x3E;
        header[29] = 0x7D;
        header[32] = 2;
        header[34] = 16;
        System.arraycopy("data".getBytes(), 0, header, 36, 4);
        header[41] = 0x0C;
        header[40] = (byte) 0x80;
        Files.write(sound, header);
        assertThatThrownBy(() -> Recording.open(sound))
                .isInstanceOf(FootageProblem.class)
                .hasMessageContaining("no pictures");
    }

    @Test
    void probeSaysWhatAClipIs() throws Exception {
        Path clip = CountedClip.make(folder.resolve("c.mp4"), 50, 25, "-c:v", "mpeg4", "-bf", "2");
        Probe probe = Probe.of(clip);
        assertThat(probe.container()).isEqualTo("mp4");
        assertThat(probe.duration()).isEqualTo(2.0);
        assertThat(probe.video())
                .isEqualTo(new Probe.Video("mpeg4", 288, 160, 0, 25, 25, false, 50, false, false));
        assertThat(probe.audio()).isEmpty();
        assertThat(probe.problems()).isEmpty();
    }
}
