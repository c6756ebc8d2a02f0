package methodos.desktop.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import methodos.core.edit.StepEdits;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.Wait;
import methodos.desktop.RealWindow;
import methodos.desktop.place.Place;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Who does what, and what if. */
class TimePlaceTest extends RealWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private void time(FxRobot robot) throws Exception {
        show(robot, Place.TIME);
        until(() -> window().ready());
        laidOut(robot);
    }

    private static String text(FxRobot robot, String id) {
        return robot.lookup(id).queryAs(Label.class).getText();
    }

    private static String step(FxRobot robot) {
        VBox details = robot.lookup("#stepInPlan").queryAs(VBox.class);
        return robot.from(details).lookup(".panel-head").queryAs(Label.class).getText();
    }

    private static String rule(FxRobot robot) {
        return robot.lookup("#timeRule").query().getAccessibleText();
    }

    @Test
    void morePeopleAreDoneSoonerAndLateKitsMakeItLater(FxRobot robot) throws Exception {
        time(robot);
        String alone = text(robot, "#planTotal");
        robot.clickOn("#people-2");
        until(() -> rule(robot).contains("2 people"));
        String both = text(robot, "#planTotal");
        assertThat(both).isNotEqualTo(alone);
        assertThat(text(robot, "#planTold")).contains("2 people", "in eight of ten cases");
        robot.clickOn("#kitsFrom").write("soon").type(KeyCode.ENTER);
        until(() -> texts(robot).contains("“soon” is no number of minutes."));
        robot.eraseText(4).write("600").type(KeyCode.ENTER);
        until(() -> !text(robot, "#planTotal").equals(both));
        assertThat(text(robot, "#planTotal")).startsWith("1").contains("h");
    }

    @Test
    void aStepIsChosenByMouseAndByKeysAndShown(FxRobot robot) throws Exception {
        time(robot);
        assertThat(step(robot)).isEqualTo("Step 1");
        robot.clickOn("#longest-66");
        assertThat(step(robot)).isEqualTo("Step 66");
        robot.interact(() -> robot.lookup("#timeRule").query().requestFocus());
        robot.type(KeyCode.RIGHT);
        assertThat(step(robot)).isEqualTo("Step 67");
        robot.type(KeyCode.LEFT, 2);
        assertThat(step(robot)).isEqualTo("Step 65");
        Node rule = robot.lookup("#timeRule").query();
        Point2D corner = rule.localToScreen(0, 0);
        robot.clickOn(corner.getX() + 84, corner.getY() + 60);
        assertThat(step(robot)).as("the first slot").isEqualTo("Step 1");
        robot.type(KeyCode.RIGHT);
        robot.clickOn("#planStep");
        assertThat(text(robot, ".place-name")).isEqualTo("Steps");
    }

    @Test
    void anotherUnitAndAnEditGiveAnotherPlan(FxRobot robot) throws Exception {
        time(robot);
        String all = text(robot, "#planTotal");
        robot.interact(() -> project.sight().set(new Sight("QA-80 D", SerialRange.ALL)));
        until(() -> !text(robot, "#planTotal").equals(all));
        robot.interact(() -> project.sight().set(Sight.EVERYTHING));
        until(() -> text(robot, "#planTotal").equals(all));
        Step first = manual().steps().findFirst().orElseThrow();
        robot.interact(
                () ->
                        project.apply(
                                StepEdits.detail(
                                        first.id(),
                                        "waits",
                                        s -> s.withWaits(List.of(new Wait("it soaks", 36_000))))));
        until(() -> !text(robot, "#planTotal").equals(all));
        assertThat(text(robot, "#planTotal")).contains("12 h");
        VBox early = robot.lookup("#planEarly").queryAs(VBox.class);
        assertThat(robot.from(early).lookup(".label").queryAllAs(Label.class))
                .anyMatch(l -> l.getText().contains("Then 10 h alone"))
                .anyMatch(l -> l.getText().startsWith("Order "));
    }
}
