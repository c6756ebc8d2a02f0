package methodos.files.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.edit.StepEdits;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Value;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.files.problem.ProjectProblem;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ProjectFolderTest {

    @TempDir private Path temp;
    private Path path;

    @BeforeEach
    void place() {
        path = temp.resolve("brake.methodos");
    }

    private static Manual withStep(Manual m, String text) {
        return StepEdits.make(new Span(new Id<>("clip9"), 1, 4), text, Stage.Kind.TAKE_DOWN)
                .change()
                .apply(m);
    }

    private ProjectFolder created() throws ProjectProblem {
        return ProjectFolder.create(path, Manual.titled("Hand brake HB-3"));
    }

    @Test
    void whatIsSavedIsReadAgain() throws Exception {
        Manual saved;
        try (ProjectFolder project = created()) {
            saved = withStep(project.workspace().manual(), "Slacken the nut.");
            saved =
                    StepEdits.torque(
                                    saved.steps().findFirst().orElseThrow().id(),
                                    "nut",
                                    Value.of("18 ± 2 Nm"))
                            .change()
                            .apply(saved);
            project.save(saved);
        }
        assertThat(ProjectFolder.read(path).manual()).isEqualTo(saved);
    }

    @Test
    void emptyTextsStayEmptyTexts() throws Exception {
        Manual saved;
        try (ProjectFolder project = created()) {
            saved = withStep(project.workspace().manual(), "");
            saved =
                    StepEdits.dismiss(new Span(new Id<>("clip9"), 5, 6), "", "")
                            .change()
                            .apply(saved);
            project.save(saved);
        }
        assertThat(ProjectFolder.read(path).manual()).isEqualTo(saved);
    }

    @Test
    void theFileIsTheSameForTheSameManual() throws Exception {
        try (ProjectFolder project = created()) {
            byte[] first = Files.readAllBytes(path.resolve("manual.json"));
            project.save(project.workspace().manual());
            assertThat(Files.readAllBytes(path.resolve("manual.json"))).isEqualTo(first);
            assertThat(new String(first))
                    .endsWith("}\n")
                    .contains("\"format\" : \"" + ManualJson.MAJOR + "." + ManualJson.MINOR + "\"");
        }
    }

    @Test
    void unknownFieldsOfANewerMinorFormatSurvive() throws Exception {
        try (ProjectFolder project = created()) {
            project.save(withStep(project.workspace().manual(), "One."));
        }
        ObjectMapper json = new ObjectMapper();
        Path file = path.resolve("manual.json");
        ObjectNode tree = (ObjectNode) json.readTree(file.toFile());
        tree.put("format", ManualJson.MAJOR + ".99").put("mood", "calm");
        ((ObjectNode) tree.at("/stages/1/steps/0")).putObject("newerThing").put("level", 3);
        json.writeValue(file.toFile(), tree);
        try (ProjectFolder project = ProjectFolder.open(path)) {
            project.save(withStep(project.workspace().manual(), "Two."));
        }
        ObjectNode after = (ObjectNode) json.readTree(file.toFile());
        assertThat(after.path("mood").asText()).isEqualTo("calm");
        assertThat(after.at("/stages/1/steps")).hasSize(2);
        boolean kept = false;
        for (var step : after.at("/stages/1/steps")) {
            kept |= step.at("/newerThing/level").asInt() == 3;
        }
        assertThat(kept).isTrue();
    }

    @Test
    void aNewerMajorFormatIsRefusedAndUntouched() throws Exception {
        created().close();
        Path file = path.resolve("manual.json");
        Files.writeString(file, Files.readString(file).replaceFirst("\"2\\.\\d+\"", "\"3.0\""));
        byte[] before = Files.readAllBytes(file);
        assertThatThrownBy(() -> ProjectFolder.open(path))
                .isInstanceOf(ProjectProblem.class)
                .hasMessageContaining("newer version");
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
    }

    @Test
    void damagedManualsAreOneSentence() throws Exception {
        created().close();
        Path file = path.resolve("manual.json");
        for (String text :
                List.of(
                        "",
                        "[]",
                        "{\"format\":",
                        "{}",
                        "{\"format\":\"x\"}",
                        "{\"format\":\"1.0\",\"stages\":7}")) {
            Files.writeString(file, text);
            assertThatThrownBy(() -> ProjectFolder.open(path))
                    .as(text)
                    .isInstanceOf(ProjectProblem.class)
                    .hasMessageContaining("manual.json");
        }
    }

    @Test
    void aQuantityThatIsNotUnderstoodIsNamed() throws Exception {
        created().close();
        Files.writeString(
                path.resolve("manual.json"),
                "{\"format\":\"1.0\",\"title\":\"x\",\"language\":\"en\",\"unit\":{},\"stages\":[],\"lastId\":1,\"joints\":[{\"id\":\"j\",\"name\":\"n\",\"count\":1,\"torque\":{\"state\":\"known\",\"quantity\":\"5 bananas\",\"accepted\":true}}]}");
        assertThatThrownBy(() -> ProjectFolder.open(path)).hasMessageContaining("bananas");
    }

    @Test
    void twoWritersAreRefused() throws Exception {
        ProjectFolder first = created();
        assertThatThrownBy(() -> ProjectFolder.open(path))
                .isInstanceOf(ProjectProblem.class)
                .hasMessageContaining("open in another window");
        first.close();
        ProjectFolder.open(path).close();
    }

    @Test
    void aFolderThatIsNotEmptyIsNoNewProject() throws Exception {
        Files.createDirectories(path);
        Files.writeString(path.resolve("letter.txt"), "hello");
        assertThatThrownBy(this::created)
                .isInstanceOf(ProjectProblem.class)
                .hasMessageContaining("not empty");
        assertThat(path.resolve("manual.json")).doesNotExist();
    }

    @Test
    void aFolderWithoutManualIsNoProject() {
        assertThatThrownBy(() -> ProjectFolder.open(temp))
                .isInstanceOf(ProjectProblem.class)
                .hasMessageContaining("no project");
    }

    @Test
    void captionsAreKeptByDigestAndReadBack() throws Exception {
        Captions captions = new Captions(List.of(new Caption(1, 2, "Cap off.")));
        try (ProjectFolder project = created()) {
            String digest = project.keepCaptions(new Id<>("clip1"), captions);
            Clip clip = new Clip(new Id<>("clip1"), "a", "../a.mp4", 3, "d", 9, digest, null);
            project.save(project.workspace().manual().withClip(clip));
        }
        assertThat(ProjectFolder.read(path).captions(new Id<>("clip1"))).isEqualTo(captions);
    }

    @Test
    void stillsAreKeptOnceAndRead() throws Exception {
        BufferedImage picture = new BufferedImage(8, 6, BufferedImage.TYPE_INT_RGB);
        picture.setRGB(3, 2, 0xFF8800);
        try (ProjectFolder project = created()) {
            String digest = project.stills().keep(picture);
            assertThat(project.stills().keep(picture)).isEqualTo(digest);
            assertThat(project.stills().read(digest).getRGB(3, 2)).isEqualTo(0xFFFF8800);
            assertThatThrownBy(() -> project.stills().read("../../elsewhere"))
                    .hasMessageContaining("names no picture of the project");
            assertThatThrownBy(() -> project.stills().read("0".repeat(64)))
                    .isInstanceOf(ProjectProblem.class)
                    .hasMessageContaining("missing from the project");
        }
        assertThat(new KeptPictures(path).still("missing")).isEmpty();
    }

    @Test
    void aFullDiskLosesNothing() throws Exception {
        Path small = Path.of("/tmp/methodos-full-disk");
        assumeTrue(mounted(small), "needs the right to mount a small disk");
        try (ProjectFolder project = ProjectFolder.create(small.resolve("p"), Manual.titled("x"))) {
            byte[] before = Files.readAllBytes(small.resolve("p/manual.json"));
            fill(small);
            Manual large = withStep(project.workspace().manual(), "long ".repeat(100_000));
            assertThatThrownBy(() -> project.save(large))
                    .isInstanceOf(ProjectProblem.class)
                    .hasMessageContaining("disk is full");
            assertThat(Files.readAllBytes(small.resolve("p/manual.json"))).isEqualTo(before);
            try (Stream<Path> left = Files.list(small.resolve("p"))) {
                assertThat(left.map(p -> p.getFileName().toString()))
                        .containsExactlyInAnyOrder("manual.json", ".work");
            }
        } finally {
            run("umount", small.toString());
        }
    }

    private static boolean mounted(Path at) throws IOException, InterruptedException {
        Files.createDirectories(at);
        return run("mount", "-t", "tmpfs", "-o", "size=256k", "tmpfs", at.toString()) == 0;
    }

    private static void fill(Path disk) throws IOException {
        try (var out = Files.newOutputStream(disk.resolve("filler"))) {
            byte[] block = new byte[4096];
            while (true) {
                out.write(block);
            }
        } catch (IOException e) {
            assertThat(e).hasMessageContaining("No space left");
        }
    }

    private static int run(String... command) throws IOException, InterruptedException {
        try {
            return new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start()
                    .waitFor();
        } catch (IOException e) {
            return -1;
        }
    }

    @Test
    void clipsAreRelativeToTheProject() throws Exception {
        Path video = Files.write(temp.resolve("take.mp4"), new byte[] {1, 2, 3});
        Clip clip = ClipFiles.clip(Manual.titled("x"), path, video, 12.5);
        assertThat(clip.path()).isEqualTo("../take.mp4");
        assertThat(clip.name()).isEqualTo("take");
        assertThat(clip.size()).isEqualTo(3);
        Manual with = Manual.titled("x").withClip(clip);
        assertThatThrownBy(() -> ClipFiles.clip(with, path, video, 12.5))
                .hasMessageContaining("already");
    }

    @Test
    void aWriteThatFailsLeavesTheOldFile() throws Exception {
        Path file = Files.writeString(temp.resolve("a.txt"), "old");
        assertThatThrownBy(() -> AtomicFile.write(temp.resolve("none/a.txt"), new byte[1]))
                .isInstanceOf(IOException.class);
        AtomicFile.write(file, "new".getBytes());
        assertThat(file).hasContent("new");
        try (Stream<Path> all = Files.list(temp)) {
            assertThat(all).containsExactly(file);
        }
    }

    @Test
    void problemsOfTheSystemAreSentences() {
        Path p = Path.of("/x/manual.json");
        assertThat(ProjectProblem.writing(p, new AccessDeniedException("x")).getMessage())
                .contains("read-only");
        assertThat(ProjectProblem.writing(p, new IOException("No space left on device")))
                .hasMessageContaining("disk is full");
        assertThat(ProjectProblem.writing(p, new NoSuchFileException("x")))
                .hasMessage("/x/manual.json cannot be written: there is no folder /x.");
        assertThat(ProjectProblem.reading(p, new NoSuchFileException("x")))
                .hasMessage("/x/manual.json does not exist.");
        assertThat(ProjectProblem.reading(p, new IOException("stra\u001bnge\nthing")))
                .hasMessage("/x/manual.json cannot be read: stra nge thing.");
        assertThat(ProjectProblem.reading(p, new IOException("x".repeat(9000))).getMessage())
                .hasSizeLessThan(300);
    }
}
