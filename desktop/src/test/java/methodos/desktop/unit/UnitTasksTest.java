package methodos.desktop.unit;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.stage.Stage;
import methodos.core.manual.Kit;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Task;
import methodos.demo.DemoProject;
import methodos.desktop.RealWindow;
import methodos.desktop.place.Place;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** What is due when, where the manual stands in a series, and numbers with letters. */
class UnitTasksTest extends RealWindow {

    @Override
    protected void prepare(Path target) throws Exception {
        DemoProject.SG_5.copyTo(target);
    }

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private void fire(FxRobot robot, String id) {
        robot.interact(() -> ((ButtonBase) robot.lookup(id).query()).fire());
        WaitForAsyncUtils.waitForFxEvents();
        laidOut(robot);
    }

    @Test
    void theTitleOfTheManualIsTypedHere(FxRobot robot) {
        show(robot, Place.UNIT);
        fill(robot, "#manualTitle", "Overhaul of the QA-95");
        assertThat(manual().title()).isEqualTo("Overhaul of the QA-95");
        robot.interact(() -> project.edits().undo());
        laidOut(robot);
        assertThat(robot.lookup("#manualTitle").queryTextInputControl().getText())
                .isEqualTo(manual().title())
                .isNotEqualTo("Overhaul of the QA-95");
    }

    @Test
    void aTaskIsCountedAndDoneByItsSteps(FxRobot robot) {
        show(robot, Place.UNIT);
        fill(robot, "#newTask", "Look at the shear pins");
        fill(robot, "#taskEvery-2", "250 lifts");
        fill(robot, "#taskSteps-2", "12, 21 to 22");
        inView(robot, "#taskCounter-2");
        ComboBox<?> counter = node(robot, "#taskCounter-2", ComboBox.class);
        robot.interact(() -> counter.getSelectionModel().select(1));
        laidOut(robot);
        Task task = manual().tasks().get(2);
        assertThat(task.every()).isEqualTo("250 lifts");
        assertThat(task.steps()).hasSize(3);
        assertThat(task.counter()).isEqualTo(manual().tasks().get(0).counter());
        fill(robot, "#taskSteps-2", "900");
        assertThat(node(robot, "#message", Labeled.class).getText())
                .isEqualTo("There is no step 900.");
        fire(robot, "#deleteTask-2");
        assertThat(manual().tasks()).hasSize(2);
    }

    @Test
    void theSeriesAndWhatIsLiftedByHandAreTyped(FxRobot robot) {
        show(robot, Place.UNIT);
        fill(robot, "#trainingBefore", "Knots; Water, deep and fast");
        assertThat(manual().training().presupposes())
                .containsExactly("Knots", "Water, deep and fast");
        fill(robot, "#practice-byHand", "15 kg");
        assertThat(manual().practices().byHand().print()).isEqualTo("15 kg");
        fill(robot, "#practice-byHand", "15 mm");
        assertThat(manual().practices().byHand().print()).isEqualTo("15 kg");
    }

    @Test
    void aUnitIsLookedAtByItsNumberWithLetters(FxRobot robot) {
        show(robot, Place.UNIT);
        fill(robot, "#plateSerial", "sg1047");
        fire(robot, "#lookAsUnit");
        assertThat(project.sight().get().serials()).isEqualTo(SerialRange.only("SG", 1047));
    }

    @Test
    void aKitHoldsConsumablesAndTools(FxRobot robot) {
        show(robot, Place.STORES);
        Kit kit = manual().kits().get(0);
        robot.interact(
                () ->
                        ((javafx.scene.control.ListView<?>) robot.lookup("#stores").query())
                                .getSelectionModel()
                                .selectLast());
        laidOut(robot);
        String field = "#inKit-" + kit.id();
        assertThat(robot.lookup(field).tryQuery()).isPresent();
        fill(robot, field, "50 g");
        Kit now = manual().kit(kit.id()).orElseThrow();
        assertThat(now.consumables()).anyMatch(s -> s.amount().equals("50 g"));
    }
}
