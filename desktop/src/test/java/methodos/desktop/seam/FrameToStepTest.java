package methodos.desktop.seam;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import methodos.core.manual.Figure;
import methodos.core.manual.Step;
import methodos.desktop.RealWindow;
import methodos.desktop.place.Place;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** A frame of the film is dragged to the step that it shows. */
class FrameToStepTest extends RealWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @Test
    void itIsAFigureOfTheStepThatItIsDroppedOn(FxRobot robot) throws Exception {
        show(robot, Place.STEPS);
        until(() -> window().ready());
        laidOut(robot);
        Node seam = robot.lookup("#seam").query();
        Bounds b = seam.localToScreen(seam.getBoundsInLocal());
        robot.clickOn(b.getMaxX() - 60, b.getMinY() + 90);
        WaitForAsyncUtils.waitForFxEvents();
        Step step = manual().step(window().seamState().step().get()).orElseThrow();
        double film = b.getMinX() + SeamColumns.FILM_X + 40;
        robot.moveTo(film, b.getMinY() + 200)
                .press(MouseButton.PRIMARY)
                .moveTo(b.getCenterX(), b.getMinY() + 150)
                .moveTo(b.getMaxX() - 60, b.getMinY() + 90)
                .release(MouseButton.PRIMARY);
        int before = step.figures().size();
        until(() -> manual().step(step.id()).orElseThrow().figures().size() == before + 1);
        Figure taken =
                manual().figure(manual().step(step.id()).orElseThrow().figures().get(before))
                        .orElseThrow();
        assertThat(taken.still().time()).isCloseTo(window().seamState().time().get(), within(.2));
        // dropped beside the steps nothing is taken
        long figures = manual().figures().size();
        robot.moveTo(film, b.getMinY() + 220)
                .press(MouseButton.PRIMARY)
                .moveTo(film, b.getMinY() + 260)
                .release(MouseButton.PRIMARY);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window().seamState().span().get().seconds()).isPositive();
        assertThat(manual().figures()).hasSize((int) figures);
    }
}
