package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;
import methodos.core.edit.Edit;
import methodos.core.edit.EditKind;
import methodos.core.manual.Manual;
import methodos.desktop.control.FileChoice;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** What is typed is kept, and what fails says so, in the real window. */
class SavingTest extends RealWindow {

    private Path elsewhere;
    private Stage stage;
    private Runnable whileAsked = () -> {};

    @Start
    void start(Stage shown) throws Exception {
        stage = shown;
        elsewhere = Scratch.folder();
        open(shown);
    }

    @AfterEach
    void removeElsewhere() throws IOException {
        Scratch.remove(elsewhere);
    }

    @Override
    protected FileChoice files() {
        return new FileChoice() {
            @Override
            public Optional<Path> folder(Node owner, String title) {
                whileAsked.run();
                return Optional.of(elsewhere);
            }

            @Override
            public List<Path> open(Node owner, String title, boolean many) {
                return List.of();
            }

            @Override
            public Optional<Path> save(Node owner, String title, String... endings) {
                return Optional.empty();
            }
        };
    }

    private void title(FxRobot robot, String title) {
        robot.interact(
                () -> project.apply(Edit.named(EditKind.STEP_TEXT, m -> m.withTitle(title))));
    }

    /** A file where a folder has to be: nothing can be written there, whoever one is. */
    private void breakTheDisk() throws Exception {
        Files.move(folder, folder.resolveSibling("away"));
        Files.writeString(folder, "no folder");
    }

    private void mendTheDisk() {
        try {
            Files.delete(folder);
            Files.move(folder.resolveSibling("away"), folder);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private boolean barShown(FxRobot robot) {
        return robot.lookup("#savingBar").query().isVisible();
    }

    private void askToClose(FxRobot robot) {
        robot.interact(
                () -> stage.fireEvent(new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST)));
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void aSaveThatFailsIsSaidTriedAgainAndDoneWhenTheDiskIsBack(FxRobot robot) throws Exception {
        assertThat(barShown(robot)).isFalse();
        breakTheDisk();
        title(robot, "not lost");
        until(() -> barShown(robot));
        assertThat(node(robot, "#kept", Labeled.class).getText()).isEqualTo("Not saved");
        assertThat(node(robot, "#savingProblem", Labeled.class).getText())
                .startsWith("Not saved:")
                .contains(folder.toString())
                .contains("One change is not on the disk");
        mendTheDisk();
        until(() -> !barShown(robot)); // by itself
        assertThat(ProjectFolder.read(folder).manual().title()).isEqualTo("not lost");
    }

    @Test
    void nothingClosesOverUnsavedWork(FxRobot robot) throws Exception {
        breakTheDisk();
        title(robot, "kept");
        askToClose(robot);
        assertThat(stage.isShowing()).isTrue();
        until(() -> barShown(robot));
        assertThat(node(robot, "#savingProblem", Labeled.class).getText())
                .startsWith("The window stays open");
        assertThat(node(robot, "#closeUnsaved", Labeled.class).getText())
                .isEqualTo("Close and lose one change");
        laidOut(robot);
        robot.clickOn("#saveAgain"); // in vain, and nothing is lost by it
        assertThat(stage.isShowing()).isTrue();
        robot.interact(
                () -> {
                    mendTheDisk(); // and at once, before the next try by itself
                    node(robot, "#saveAgain", Button.class).fire();
                });
        until(() -> !barShown(robot));
        askToClose(robot);
        until(() -> !stage.isShowing());
        assertThat(ProjectFolder.read(folder).manual().title()).isEqualTo("kept");
    }

    @Test
    void theProjectIsSavedElsewhereAndWorkGoesOnThere(FxRobot robot) throws Exception {
        Manual before = manual();
        breakTheDisk();
        title(robot, "moved");
        until(() -> barShown(robot));
        // The disk is back while somebody chooses another place: his choice stands. Any earlier,
        // the next try by itself could take the bar away from under the click.
        whileAsked = this::mendTheDisk;
        laidOut(robot);
        robot.clickOn("#saveElsewhere");
        Path copy = elsewhere.resolve("qa-80.methodos");
        until(() -> Files.exists(copy.resolve("manual.json")) && project.path().equals(copy));
        until(() -> !barShown(robot));
        title(robot, "goes on");
        assertThat(project.saveNow()).isEmpty();
        Manual there = ProjectFolder.read(copy).manual();
        assertThat(there.title()).isEqualTo("goes on");
        assertThat(there.steps().toList()).isEqualTo(before.steps().toList());
        assertThat(there.clips())
                .allMatch(c -> Files.exists(project.clipFile(c)) || c.path().isEmpty());
        robot.interact(() -> project.edits().undo());
        robot.interact(() -> project.edits().undo());
        robot.interact(() -> project.edits().undo());
        assertThat(manual().clips()).allMatch(c -> Files.exists(project.clipFile(c)));
    }

    @Test
    void whatFailsBesideTheWindowIsASentenceInIt(FxRobot robot) throws Exception {
        project.background()
                .thread("work.scanning")
                .execute(
                        () -> {
                            throw new IllegalStateException("a bug");
                        });
        until(
                () ->
                        robot.lookup("#message").query().isVisible()
                                && node(robot, "#message", Labeled.class)
                                        .getText()
                                        .contains("while analysing frames"));
        laidOut(robot);
        robot.clickOn("#message");
        assertThat(robot.lookup("#message").query().isVisible()).isFalse();
    }
}
