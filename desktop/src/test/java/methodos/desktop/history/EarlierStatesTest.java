package methodos.desktop.history;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.edit.StepEdits;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.desktop.RealWindow;
import methodos.desktop.place.Place;
import methodos.files.project.KeptState;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Earlier states looked at, named and taken back in the real window. */
class EarlierStatesTest extends RealWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @SuppressWarnings("unchecked") // looked up by id, without the type of its rows
    private ListView<KeptState> list(FxRobot robot) {
        return node(robot, "#states", ListView.class);
    }

    private void shown(FxRobot robot, int many) throws Exception {
        laidOut(robot);
        robot.clickOn("#kept");
        until(() -> list(robot).getItems().size() >= many);
        laidOut(robot);
    }

    /** Deletes the first step and waits until that is on the disk. */
    private void change(FxRobot robot) throws Exception {
        Id<Step> first = manual().steps().findFirst().orElseThrow().id();
        robot.interact(() -> project.apply(StepEdits.delete(first)));
        until(() -> project.saving().get().words().startsWith("Saved ·"));
    }

    @Test
    void aStateIsLookedAtAndTakenBackByMouseAndThatIsUndone(FxRobot robot) throws Exception {
        Manual before = manual();
        change(robot);
        Manual after = manual();
        shown(robot, 2);
        assertThat(list(robot).getItems().get(0).what()).isEqualTo("delete step");
        assertThat(list(robot).getItems().get(0).steps())
                .isEqualTo((int) before.steps().count() - 1);
        robot.interact(() -> list(robot).getSelectionModel().select(1));
        until(() -> robot.lookup("#takeBack").tryQuery().isPresent());
        assertThat(texts(robot)).contains("Step comes back");
        laidOut(robot);
        robot.clickOn("#takeBack");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().withLastId(0)).isEqualTo(before.withLastId(0));
        assertThat(robot.lookup("#states").tryQuery()).isEmpty();
        assertThat(node(robot, "#message", Labeled.class).getText()).contains("undo goes back");
        robot.press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual()).isEqualTo(after);
    }

    @Test
    void aStateGetsANameByKeysAndEscapeGoesBack(FxRobot robot) throws Exception {
        change(robot);
        shown(robot, 2);
        robot.interact(() -> list(robot).requestFocus());
        robot.type(KeyCode.DOWN).type(KeyCode.DOWN);
        until(() -> robot.lookup("#stateName").tryQuery().isPresent());
        fill(robot, "#stateName", "before the visit");
        until(
                () ->
                        list(robot).getItems().stream()
                                .anyMatch(s -> s.name().equals("before the visit")));
        assertThat(project.states()).anyMatch(s -> s.name().equals("before the visit"));
        robot.interact(() -> list(robot).requestFocus());
        robot.type(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#states").tryQuery()).isEmpty();
        assertThat(robot.lookup("#seam").tryQuery().isPresent() || window().root().isVisible())
                .isTrue();
    }

    @Test
    void theStateOfNowChangesNothingAndAnotherPlaceLeavesTheList(FxRobot robot) throws Exception {
        change(robot);
        shown(robot, 2);
        robot.interact(() -> list(robot).getSelectionModel().select(0));
        until(() -> robot.lookup("#takeBack").tryQuery().isPresent());
        assertThat(node(robot, "#takeBack", Button.class).isDisabled()).isTrue();
        assertThat(node(robot, "#stateName", TextField.class).getText()).isEmpty();
        show(robot, Place.CHECKS);
        assertThat(robot.lookup("#states").tryQuery()).isEmpty();
    }
}
