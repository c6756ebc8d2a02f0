package methodos.files.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.narration.Workspace;
import methodos.files.problem.ProjectProblem;
import methodos.fixtures.FailingFiles;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FailingDiskTest {

    @TempDir private Path temp;

    private final FailingFiles disk = new FailingFiles();

    @Test
    void aSaveOfWhichAnyOperationFailsLeavesAWholeManual() throws Exception {
        Path real = temp.resolve("p");
        Manual first = Manual.titled("first");
        Manual second = Manual.titled("second");
        try (ProjectFolder project = ProjectFolder.create(disk.path(real), first)) {
            disk.fail(Integer.MAX_VALUE);
            project.save(second);
            int operations = disk.done();
            assertThat(operations).isGreaterThan(5);
            for (int n = 1; n <= operations; n++) {
                project.save(first);
                disk.fail(n);
                boolean failed = false;
                try {
                    project.save(second);
                } catch (ProjectProblem e) {
                    failed = true;
                    assertThat(e).hasMessageContaining("the disk is full");
                }
                disk.mend();
                assertThat(ProjectFolder.read(real).manual()).isEqualTo(failed ? first : second);
            }
            try (Stream<Path> left = Files.list(real)) {
                assertThat(left.map(p -> p.getFileName().toString()))
                        .containsExactlyInAnyOrder("manual.json", ".work");
            }
        }
    }

    @Test
    void aProjectThatCannotBeMadeIsNotThereAtAll() {
        FailingFiles counting = new FailingFiles();
        for (int n = 1; n < 40; n++) {
            Path real = temp.resolve("new-" + n);
            counting.failBehind(n - 1);
            try {
                ProjectFolder.create(counting.path(real), Manual.titled("x")).close();
                counting.mend();
                assertThat(n).isGreaterThan(4);
                return;
            } catch (ProjectProblem e) {
                assertThat(e).hasMessageContaining("disk is full");
            }
            counting.mend();
            assertThat(real.resolve("manual.json")).doesNotExist();
        }
        throw new AssertionError("it never succeeds");
    }

    @Test
    void aFolderThatWasDeletedAndMadeAgainIsLockedAgain() throws Exception {
        Path path = temp.resolve("p");
        try (ProjectFolder project = ProjectFolder.create(path, Manual.titled("x"))) {
            ProjectFolder.remove(path, true);
            Files.createDirectories(path);
            project.save(Manual.titled("y"));
            assertThat(ProjectFolder.read(path).manual().title()).isEqualTo("y");
            assertThatThrownBy(() -> ProjectFolder.open(path)).hasMessageContaining("is open");
        }
        ProjectFolder.open(path).close();
    }

    @Test
    void whatKilledWritersLeftIsSweptAway() throws Exception {
        Path path = temp.resolve("p");
        ProjectFolder.create(path, Manual.titled("x")).close();
        Path gone = Files.writeString(path.resolve(".manual.json.half-999999999-1"), "half");
        Path alive =
                Files.writeString(
                        path.resolve(
                                ".manual.json.half-" + ProcessHandle.current().pid() + "-99999"),
                        "half");
        ProjectFolder.open(path).close();
        assertThat(gone).doesNotExist();
        assertThat(alive).exists();
    }

    @Test
    void aProjectIsSavedElsewhereWithAllThatBelongsToIt() throws Exception {
        Path path = temp.resolve("p");
        Captions said = new Captions(List.of(new Caption(1, 2, "Cap off.")));
        try (ProjectFolder project = ProjectFolder.create(path, Manual.titled("x"))) {
            String digest = project.keepCaptions(new Id<>("c1"), said);
            Clip clip = new Clip(new Id<>("c1"), "a", "../a.mp4", 3, "d", 9, digest, null);
            Manual manual = Manual.titled("later").withClip(clip);
            Files.createDirectories(path.resolve("stills"));
            Files.writeString(path.resolve("stills/x.png"), "picture");
            Path deep = temp.resolve("stick/deep/copy");
            Workspace now = new Workspace(manual, Map.of(new Id<>("c1"), said));
            try (ProjectFolder copy = project.saveElsewhere(deep, now)) {
                assertThat(copy.workspace().manual().title()).isEqualTo("later");
                assertThat(copy.clipFile(copy.workspace().manual().clips().get(0)))
                        .isEqualTo(project.clipFile(clip));
                copy.save(copy.workspace().manual().withTitle("later still"));
            }
            assertThat(ProjectFolder.read(deep).captions(new Id<>("c1"))).isEqualTo(said);
            assertThat(deep.resolve("stills/x.png")).hasContent("picture");
            assertThat(ProjectFolder.read(path).manual().title()).isEqualTo("x");
            assertThatThrownBy(() -> project.saveElsewhere(deep, now))
                    .hasMessageContaining("not empty");
        }
    }
}
