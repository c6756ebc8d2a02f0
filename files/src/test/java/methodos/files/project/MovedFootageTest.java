package methodos.files.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import methodos.core.edit.ClipEdits;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.files.problem.ProjectProblem;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class MovedFootageTest {

    @TempDir Path folder;
    private Path project;
    private Manual manual = Manual.titled("moved");

    @BeforeEach
    void bringIn() throws Exception {
        project = Files.createDirectories(folder.resolve("a.methodos"));
        Path camera = Files.createDirectories(folder.resolve("camera"));
        for (String name : List.of("first", "second", "third")) {
            Path file = Files.writeString(camera.resolve(name + ".mp4"), name + " recording");
            manual = manual.withClip(ClipFiles.clip(manual, project, file, 10)).withIdTaken();
        }
    }

    private MovedFootage moved() {
        return new MovedFootage(project, manual);
    }

    @Test
    void nothingIsMissingAtFirst() {
        assertThat(moved().missing()).isEmpty();
    }

    @Test
    void allThatMovedAreFoundInOneGo() throws Exception {
        Path disk = Files.createDirectories(folder.resolve("disk/2026/hall 3"));
        Files.move(folder.resolve("camera/first.mp4"), disk.resolve("first.mp4"));
        Files.move(folder.resolve("camera/second.mp4"), disk.resolve("renamed.mp4"));
        Files.delete(folder.resolve("camera/third.mp4"));
        Files.writeString(disk.resolve("third.mp4"), "other recording"); // same name and size
        assertThat(moved().missing()).hasSize(3);
        List<Clip> found = moved().findIn(folder.resolve("disk"));
        assertThat(found).extracting(Clip::name).containsExactly("first", "second");
        manual = ClipEdits.relink(found).change().apply(manual);
        assertThat(moved().missing()).extracting(Clip::name).containsExactly("third");
        assertThat(manual.clips().get(1).path()).isEqualTo("../disk/2026/hall 3/renamed.mp4");
    }

    @Test
    void aFolderThatIsNotThereIsOneSentence() throws Exception {
        Files.delete(folder.resolve("camera/first.mp4"));
        assertThatThrownBy(() -> moved().findIn(folder.resolve("nowhere")))
                .isInstanceOf(ProjectProblem.class)
                .hasMessageContaining("nowhere")
                .hasMessageContaining("does not exist");
    }
}
