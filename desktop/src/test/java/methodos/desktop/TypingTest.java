package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.manual.Hazard;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Step;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Nothing that was typed is lost, and nothing is taken that was not meant. */
class TypingTest extends RealWindow {

    private Step chosen;

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
        chosen = manual().steps().filter(s -> !s.hazards().isEmpty()).findFirst().orElseThrow();
        window().chooseStep(chosen.id());
    }

    private Step now() {
        return manual().step(chosen.id()).orElseThrow();
    }

    private Hazard hazard() {
        return now().hazards().get(0);
    }

    private void over(FxRobot robot, String field, String text) {
        inView(robot, field);
        laidOut(robot);
        robot.clickOn(field).press(KeyCode.CONTROL, KeyCode.A).release(KeyCode.A, KeyCode.CONTROL);
        robot.write(text);
    }

    @Test
    void aFieldThatIsLeftKeepsItsTextAndTheNextOneHasTheFocus(FxRobot robot) {
        over(robot, "#hazardWhat", "The lever swings back");
        over(robot, "#hazardHarm", "Bruised fingers");
        inView(robot, "#hazardAvoid");
        robot.clickOn("#hazardAvoid");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(hazard().hazard()).isEqualTo("The lever swings back");
        assertThat(hazard().consequence()).isEqualTo("Bruised fingers");
        assertThat(node(robot, "#hazardAvoid", TextField.class).isFocused()).isTrue();
    }

    @Test
    void whatIsBeingTypedWhenTheWindowClosesIsKept(FxRobot robot) throws Exception {
        over(robot, "#hazardAvoid", "Hold the lever");
        close(robot);
        Step kept = ProjectFolder.read(folder).manual().step(chosen.id()).orElseThrow();
        assertThat(kept.hazards().get(0).avoidance()).isEqualTo("Hold the lever");
    }

    @Test
    void aKnownPartIsOfferedWhileOneTypes(FxRobot robot) {
        Part known =
                manual().parts().stream()
                        .filter(
                                p ->
                                        p.name().contains("snap ring")
                                                && !chosen.parts().contains(new PartUse(p.id(), 1)))
                        .findFirst()
                        .orElseThrow();
        robot.clickOn("#addPart").write("nap ri");
        robot.type(KeyCode.DOWN);
        assertThat(now().parts()).isEqualTo(chosen.parts());
        robot.type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(now().parts()).contains(new PartUse(known.id(), 1));
        assertThat(manual().parts()).hasSameSizeAs(project.manual().parts());
        assertThat(node(robot, "#addPart", TextField.class).getText()).isEmpty();
        assertThat(node(robot, "#addPart", TextField.class).isFocused()).isTrue();
    }

    @Test
    void movingThroughTheListTakesNothing(FxRobot robot) {
        robot.clickOn("#addPart").type(KeyCode.DOWN, KeyCode.DOWN, KeyCode.UP, KeyCode.ESCAPE);
        inView(robot, "#hazardWhat");
        robot.clickOn("#hazardWhat");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(now()).isEqualTo(chosen);
    }

    @Test
    void lightAndDarkChangeOverWithTheSameStepChosen(FxRobot robot) {
        robot.clickOn("#shade");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window().root().getScene().getRoot().getStyleClass()).contains("dark");
        assertThat(window().seamState().step().get()).isEqualTo(chosen.id());
        assertThat(settings().getBoolean("dark", false)).isTrue();
        over(robot, "#hazardWhat", "Typed in the dark");
        robot.clickOn("#shade");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window().root().getScene().getRoot().getStyleClass()).contains("light");
        assertThat(hazard().hazard()).isEqualTo("Typed in the dark");
    }
}
