package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.stage.Stage;
import methodos.desktop.place.Place;
import methodos.desktop.theme.TextSize;
import methodos.files.recent.ViewState;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The text is made larger and smaller, and where there is no room left things fold. */
class TextSizeTest extends RealWindow {

    /** The places that have drawings. */
    private static final List<Place> DRAWN =
            List.of(
                    Place.UNIT,
                    Place.FOOTAGE,
                    Place.STEPS,
                    Place.STORES,
                    Place.TORQUE,
                    Place.CHECKS);

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private static double height(FxRobot robot, String query) {
        Node node = robot.lookup(query).query();
        return node.localToScene(node.getBoundsInLocal()).getHeight();
    }

    private void size(FxRobot robot, double factor) {
        robot.interact(() -> TextSize.set(factor));
        laidOut(robot);
    }

    @Test
    void keysMakeAllOfItLargerAndSmallerAndUsualAgain(FxRobot robot) {
        laidOut(robot);
        double usual = height(robot, "#kept");
        robot.press(KeyCode.CONTROL, KeyCode.EQUALS).release(KeyCode.EQUALS, KeyCode.CONTROL);
        robot.press(KeyCode.CONTROL, KeyCode.ADD).release(KeyCode.ADD, KeyCode.CONTROL);
        laidOut(robot);
        assertThat(TextSize.factor().get()).isEqualTo(1.25);
        assertThat(height(robot, "#kept")).isGreaterThan(usual * 1.2);
        robot.press(KeyCode.CONTROL, KeyCode.MINUS).release(KeyCode.MINUS, KeyCode.CONTROL);
        assertThat(TextSize.factor().get()).isEqualTo(1.1);
        robot.press(KeyCode.CONTROL, KeyCode.DIGIT0).release(KeyCode.DIGIT0, KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(TextSize.factor().get()).isEqualTo(1);
    }

    @Test
    void buttonsAtTheFootOfTheRuleDoTheSame(FxRobot robot) {
        laidOut(robot);
        robot.clickOn("#largerText");
        assertThat(TextSize.factor().get()).isEqualTo(1.1);
        robot.clickOn("#smallerText").clickOn("#smallerText");
        assertThat(TextSize.factor().get()).isEqualTo(.95);
        robot.interact(() -> node(robot, "#smallerText", Button.class).fire());
        assertThat(TextSize.factor().get()).isEqualTo(.95);
    }

    @Test
    void thePlacesAreAMenuWhereTheRuleHasNoRoom(FxRobot robot) throws Exception {
        size(robot, 2);
        assertThat(robot.lookup("#place-STEPS").tryQuery()).isEmpty();
        robot.clickOn("#places");
        WaitForAsyncUtils.waitForFxEvents();
        robot.clickOn("#menu-STORES");
        until(() -> robot.lookup("#face-LINES").tryQuery().isPresent());
        size(robot, 1);
        assertThat(node(robot, "#place-STORES", ToggleButton.class).isSelected()).isTrue();
    }

    private static boolean seen(Node node) {
        return node == null || node.isVisible() && seen(node.getParent());
    }

    @Test
    void drawingsAreAsSharpAtEachSize(FxRobot robot) throws Exception {
        for (Place place : DRAWN) {
            show(robot, place);
            until(() -> window().ready());
            size(robot, 1.25);
            until(() -> window().ready());
            laidOut(robot);
            List<Canvas> drawings =
                    robot
                            .lookup(n -> n instanceof Canvas c && c.getWidth() > 0 && seen(c))
                            .queryAllAs(Canvas.class)
                            .stream()
                            .toList();
            assertThat(drawings).as("%s", place).isNotEmpty();
            for (Canvas drawing : drawings) {
                double wide = ((Region) drawing.getParent()).getWidth();
                assertThat(drawing.getWidth()).as("%s", place).isEqualTo(Math.ceil(wide * 1.25));
            }
            size(robot, 1);
        }
    }

    @Test
    void keysThatLeadToTheDetailsShowThem(FxRobot robot) throws Exception {
        robot.interact(() -> window().chooseStep(manual().steps().findFirst().orElseThrow().id()));
        show(robot, Place.STEPS);
        size(robot, 2);
        assertThat(node(robot, "#showMain", ToggleButton.class).isSelected()).isTrue();
        robot.interact(() -> robot.lookup("#seam").query().requestFocus());
        robot.type(KeyCode.C);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(node(robot, "#showSide", ToggleButton.class).isSelected()).isTrue();
        assertThat(robot.lookup("#stepText").query().isFocused()).isTrue();
        robot.type(KeyCode.ESCAPE);
        robot.type(KeyCode.F6);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(node(robot, "#showMain", ToggleButton.class).isSelected()).isTrue();
    }

    @Test
    void whichHalfWasShownIsFoundAgain(FxRobot robot) {
        show(robot, Place.STEPS);
        size(robot, 2);
        robot.type(KeyCode.F6);
        WaitForAsyncUtils.waitForFxEvents();
        ViewState left = window().view();
        assertThat(left.details()).containsExactly("STEPS");
        robot.interact(
                () -> {
                    window().restore(
                                    new ViewState(
                                            "FIGURES", "", "", 0, 0, List.of("FIGURES"), null));
                });
        laidOut(robot);
        assertThat(node(robot, "#showSide", ToggleButton.class).isSelected()).isTrue();
        assertThat(window().view().details()).contains("FIGURES");
    }

    @Test
    void aClickOnTheSeamMeansWhatIsSeenThere(FxRobot robot) throws Exception {
        show(robot, Place.STEPS);
        size(robot, 1.5);
        until(() -> window().ready());
        Node seam = robot.lookup("#seam").query();
        Bounds at = seam.localToScreen(seam.getBoundsInLocal());
        // the first card stands at the right end, near the top
        robot.clickOn(at.getMaxX() - 60, at.getMinY() + 100);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window().seamState().step().get())
                .isEqualTo(manual().steps().findFirst().orElseThrow().id());
    }
}
