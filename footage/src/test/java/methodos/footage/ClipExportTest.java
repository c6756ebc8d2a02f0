package methodos.footage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ClipExportTest {

    @TempDir Path folder;
    private Path clip;

    @BeforeEach
    void makeClip() throws Exception {
        clip = CountedClip.make(folder.resolve("long.mp4"), 200, 25, "-c:v", "mpeg4", "-g", "50");
    }

    @Test
    void theFilmShowsTheSpanFromItsFirstFrameOn() throws Exception {
        Path film = folder.resolve("films/step.webm");
        List<Double> progress = new ArrayList<>();
        new ClipExport(clip, 2.0, 5.0, CountedClip.HEIGHT).write(film, progress::add, () -> false);
        Probe probe = Probe.of(film);
        assertThat(probe.container()).isIn("webm", "matroska");
        assertThat(probe.duration()).isCloseTo(3, within(0.08));
        try (Recording recording = Recording.open(film)) {
            for (int frame = 0; frame < 75; frame += 7) {
                Still still = recording.still((frame + 0.5) / 25);
                assertThat(CountedClip.read(still.picture())).isEqualTo(50 + frame);
            }
        }
        assertThat(progress).isSorted().endsWith(1.0);
        assertThat(film.getParent()).isDirectoryContaining(p -> p.equals(film));
        assertThat(Files.list(film.getParent()).toList()).hasSize(1);
    }

    @Test
    void whatIsTurnedIsUprightInStillsAndFilms() throws Exception {
        try (Recording recording = Recording.open(clip)) {
            recording.still(1.02, CountedClip.WIDTH, CountedClip.HEIGHT);
            BufferedImage lying = recording.still(1.02).picture();
            BufferedImage turned = recording.turned(1).still(1.02).picture();
            assertThat(turned.getWidth()).isEqualTo(lying.getHeight());
            assertThat(turned.getHeight()).isEqualTo(lying.getWidth());
            // left above comes to lie right above
            assertThat(turned.getRGB(turned.getWidth() - 1, 0)).isEqualTo(lying.getRGB(0, 0));
            assertThat(recording.after(1.02, 100, 100).orElseThrow().picture().getHeight())
                    .isEqualTo(100);
            assertThat(CountedClip.read(recording.turned(0).still(1.02).picture())).isEqualTo(25);
        }
        Path film = folder.resolve("turned.webm");
        new ClipExport(clip, 1, 2.0, 3.0, 240).write(film, share -> {}, () -> false);
        try (Recording recording = Recording.open(film)) {
            BufferedImage picture = recording.still(.5).picture();
            assertThat(picture.getHeight()).isGreaterThan(picture.getWidth());
        }
    }

    @Test
    void aFilmThatIsStoppedLeavesTheOldOne() throws Exception {
        Path film = Files.writeString(folder.resolve("step.webm"), "the old one");
        assertThatThrownBy(
                        () -> new ClipExport(clip, 0, 4, 160).write(film, share -> {}, () -> true))
                .isInstanceOf(CancellationException.class);
        assertThat(film).hasContent("the old one");
        assertThat(Files.list(folder).filter(p -> p.toString().endsWith(".half"))).isEmpty();
    }

    @Test
    void whatCannotBeWrittenIsOneSentence() {
        assertThatThrownBy(() -> new ClipExport(clip, 3, 3, 160))
                .isInstanceOf(FootageProblem.class)
                .hasMessageContaining("empty");
        assertThatThrownBy(() -> new ClipExport(clip, 0, 5000, 160))
                .isInstanceOf(FootageProblem.class)
                .hasMessageContaining("20 minutes");
        assertThatThrownBy(
                        () ->
                                new ClipExport(folder.resolve("none.mp4"), 0, 1, 160)
                                        .write(folder.resolve("x.webm"), s -> {}, () -> false))
                .isInstanceOf(FootageProblem.class)
                .hasMessageContaining("does not exist");
    }
}
