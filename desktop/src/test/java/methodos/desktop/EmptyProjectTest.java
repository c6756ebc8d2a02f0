package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import methodos.core.manual.Manual;
import methodos.desktop.control.FileChoice;
import methodos.desktop.footage.FootagePlace;
import methodos.desktop.footage.ScanDesk;
import methodos.desktop.place.Place;
import methodos.desktop.theme.Theme;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

class EmptyProjectTest extends RealWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @Override
    protected void prepare(Path target) throws Exception {
        ProjectFolder.create(target, Manual.titled("Hand brake HB-3")).close();
    }

    @Override
    protected boolean dark() {
        return true;
    }

    @Test
    void everyPlaceSaysWhatToDoFirst(FxRobot robot) throws Exception {
        until(() -> window().ready());
        assertThat(robot.lookup("No footage yet").tryQuery()).isPresent();
        show(robot, Place.FIGURES);
        assertThat(
                        robot.lookup(
                                        n ->
                                                n instanceof Label l
                                                        && l.getText().startsWith("Keep a still"))
                                .tryQuery())
                .isPresent();
        show(robot, Place.FOOTAGE);
        assertThat(
                        robot.lookup(
                                        n ->
                                                n instanceof Label l
                                                        && l.getText()
                                                                .startsWith(
                                                                        "Import the first clip"))
                                .tryQuery())
                .isPresent();
        show(robot, Place.STORES);
        show(robot, Place.TORQUE);
        show(robot, Place.UNIT);
        show(robot, Place.CHECKS);
        show(robot, Place.PUBLISH);
    }

    @Test
    void aFileThatIsNoVideoIsOneSentenceAndChangesNothing(FxRobot robot) throws Exception {
        Path letter = Files.writeString(folder.resolveSibling("letter.mp4"), "Dear colleague");
        Manual before = manual();
        FootagePlace[] place = new FootagePlace[1];
        String[] said = new String[1];
        Theme theme = new Theme(false);
        ScanDesk scans = new ScanDesk(project);
        robot.interact(
                () ->
                        place[0] =
                                new FootagePlace(
                                        project,
                                        new FootagePlace.Recognisers(
                                                scans, (clip, share) -> Optional.empty()),
                                        theme,
                                        FileChoice.ofTheDesktop(),
                                        s -> said[0] = s,
                                        p -> {}));
        robot.interact(() -> place[0].bring(letter));
        until(() -> said[0] != null);
        assertThat(said[0]).contains("letter.mp4");
        assertThat(manual()).isEqualTo(before);
        robot.interact(() -> place[0].close());
        robot.interact(scans::close);
    }
}
