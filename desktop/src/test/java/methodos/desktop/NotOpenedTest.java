package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.layout.Pane;
import javafx.stage.Stage;
import methodos.core.manual.Manual;
import methodos.desktop.theme.Theme;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.ManualDamaged;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** A project that cannot be opened says why, and offers what is kept of it. */
@ExtendWith(ApplicationExtension.class)
class NotOpenedTest {

    private final AtomicInteger openedAgain = new AtomicInteger();
    private Path folder;

    @Start
    void start(Stage stage) throws Exception {
        folder = Scratch.folder().resolve("p");
        try (ProjectFolder project = ProjectFolder.create(folder, Manual.titled("first"))) {
            project.save(Manual.titled("second"), "type title");
        }
        Files.writeString(folder.resolve("manual.json"), "{ \"format\": ");
        Scene scene = new Scene(new Pane(), 760, 460);
        new Theme(false)
                .dress(scene, new NotOpened(problem(), openedAgain::incrementAndGet, () -> {}));
        stage.setScene(scene);
        stage.show();
        stage.toFront();
    }

    @AfterEach
    void removeFolder() throws IOException {
        Scratch.remove(folder.getParent());
    }

    private ProjectProblem problem() {
        try {
            ProjectFolder.open(folder).close();
            throw new AssertionError("it opens");
        } catch (ProjectProblem e) {
            assertThat(e).isInstanceOf(ManualDamaged.class);
            return e;
        }
    }

    @Test
    void anEarlierStateIsTakenBackFromTheList(FxRobot robot) throws Exception {
        assertThat(robot.lookup("#notOpened").queryAs(Labeled.class).getText())
                .contains("is damaged in line");
        ListView<?> states = robot.lookup("#damagedStates").queryAs(ListView.class);
        assertThat(states.getItems()).hasSize(2);
        robot.interact(() -> states.getSelectionModel().select(1));
        robot.clickOn("#takeBackDamaged");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(openedAgain).hasValue(1);
        assertThat(ProjectFolder.read(folder).manual().title()).isEqualTo("first");
        assertThat(folder.resolve("manual.damaged.json")).exists();
    }
}
