package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.manual.Figure;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.core.manual.Step;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** The tour, done as it says. */
class TourTest extends FigureWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private void begin(FxRobot robot) {
        robot.interact(() -> window().tour());
        laidOut(robot);
    }

    /** The stop that the tour is at, from 1. */
    private int stop(FxRobot robot) {
        String count = robot.lookup(".tour .soft").queryAs(Label.class).getText();
        return Integer.parseInt(count.replaceAll("\\D+(\\d+) of.*", "$1"));
    }

    private void reached(FxRobot robot, int number) throws Exception {
        until(() -> stop(robot) == number);
        laidOut(robot);
        until(() -> window().ready());
    }

    @Test
    void eachDeedLeadsToTheNextStop(FxRobot robot) throws Exception {
        begin(robot);
        assertThat(stop(robot)).isEqualTo(1);
        fill(robot, "#plateSerial", "2417");
        robot.clickOn("#lookAsUnit");
        reached(robot, 2);
        robot.clickOn("#lens").clickOn("#lens-all");
        reached(robot, 3);
        robot.clickOn("#place-STEPS");
        reached(robot, 4);
        Step shown =
                manual().steps()
                        .filter(s -> !s.figures().isEmpty() && callout(s) != null)
                        .findFirst()
                        .orElseThrow();
        Node seam = robot.lookup("#seam").query();
        Bounds at = seam.localToScreen(seam.getBoundsInLocal());
        robot.clickOn(at.getMaxX() - 60, at.getMinY() + 90);
        reached(robot, 5);
        robot.interact(() -> window().chooseStep(shown.id()));
        robot.clickOn("#play");
        reached(robot, 6);
        robot.clickOn("#place-FIGURES");
        reached(robot, 7);
        figure = shown.figures().get(0);
        Point of = callout(shown).target();
        drag(robot, spot(robot, of.x(), of.y()), spot(robot, of.x() + .1, of.y()));
        reached(robot, 8);
        robot.press(KeyCode.CONTROL, KeyCode.Z).release(KeyCode.Z, KeyCode.CONTROL);
        reached(robot, 9);
        robot.clickOn("#stores").type(KeyCode.DOWN);
        reached(robot, 10);
        TextField reading =
                robot.lookup("#limits .text-field").queryAllAs(TextField.class).stream()
                        .filter(f -> f.getId().startsWith("try-"))
                        .findFirst()
                        .orElseThrow();
        fill(robot, "#" + reading.getId(), "2");
        reached(robot, 11);
        robot.clickOn("#findings").type(KeyCode.DOWN);
        reached(robot, 12);
        robot.press(KeyCode.CONTROL, KeyCode.F).release(KeyCode.F, KeyCode.CONTROL);
        reached(robot, 13);
        assertThat(node(robot, "#tourSentence", Label.class).getText()).contains("print");
        robot.clickOn("#tourEnd");
        assertThat(robot.lookup("#tourSentence").tryQuery()).isEmpty();
        assertThat(robot.lookup(".tour-frame").tryQuery()).isEmpty();
    }

    private Mark.Callout callout(Step step) {
        Figure of = manual().figure(step.figures().get(0)).orElseThrow();
        return of.marks().stream()
                .filter(Mark.Callout.class::isInstance)
                .map(Mark.Callout.class::cast)
                .findFirst()
                .orElse(null);
    }

    @Test
    void whoWandersOffIsTakenBackAndWhoWantsGoesOn(FxRobot robot) throws Exception {
        begin(robot);
        robot.clickOn("#place-CHECKS");
        until(() -> robot.lookup("#tourThere").query().isVisible());
        laidOut(robot);
        assertThat(stop(robot)).isEqualTo(1);
        assertThat(robot.lookup(".tour-frame").query().isVisible()).isFalse();
        robot.clickOn("#tourThere");
        until(() -> robot.lookup(".tour-frame").query().isVisible());
        assertThat(robot.lookup("#plateSerial").tryQuery()).isPresent();
        int before = 0;
        while (robot.lookup("#tourNext").tryQuery().isPresent()) {
            assertThat(stop(robot)).isGreaterThan(before);
            before = stop(robot);
            robot.clickOn("#tourNext");
            laidOut(robot);
        }
        assertThat(before).isEqualTo(13);
    }
}
