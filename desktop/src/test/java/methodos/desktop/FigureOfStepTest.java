package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.geometry.VerticalDirection;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.stage.Stage;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Step;
import methodos.desktop.control.Sideways;
import methodos.desktop.place.Place;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Figures follows the step that is worked on, and no callout is a dead end. */
class FigureOfStepTest extends RealWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private Step withFigure() {
        List<Step> all = manual().steps().filter(s -> !s.figures().isEmpty()).toList();
        return all.get(all.size() - 1);
    }

    private void figuresOf(FxRobot robot, Step step) throws Exception {
        robot.interact(() -> window().chooseStep(step.id()));
        show(robot, Place.FIGURES);
        until(() -> window().ready());
        laidOut(robot);
    }

    @Test
    void figuresOpensOnTheChosenStep(FxRobot robot) throws Exception {
        Step step = withFigure();
        figuresOf(robot, step);
        assertThat(robot.lookup("#figure-" + step.figures().get(0)).query().getStyleClass())
                .contains("thumb-chosen");
    }

    @Test
    void anyPartGetsACalloutAndThenBelongsToTheStep(FxRobot robot) throws Exception {
        Step step = withFigure();
        Part other =
                manual().parts().stream()
                        .filter(p -> step.parts().stream().noneMatch(u -> u.part().equals(p.id())))
                        .findFirst()
                        .orElseThrow();
        figuresOf(robot, step);
        int marks = manual().figure(step.figures().get(0)).orElseThrow().marks().size();
        fill(robot, "#addCalloutPart", other.item());
        assertThat(manual().step(step.id()).orElseThrow().parts())
                .extracting(PartUse::part)
                .contains(other.id());
        robot.clickOn("#figure");
        laidOut(robot);
        List<Mark> now = manual().figure(step.figures().get(0)).orElseThrow().marks();
        assertThat(now).hasSize(marks + 1);
        assertThat(((Mark.Callout) now.get(marks)).part()).isEqualTo(other.id());
    }

    @Test
    void theWheelTurnsTheStripAndTheNextStepWithoutAFigureIsNear(FxRobot robot) throws Exception {
        Step first = manual().steps().filter(s -> !s.figures().isEmpty()).findFirst().orElseThrow();
        figuresOf(robot, first);
        ScrollPane strip =
                (ScrollPane) robot.lookup(n -> n instanceof Sideways p && shows(p, first)).query();
        double before = strip.getHvalue();
        robot.moveTo("#figure-" + first.figures().get(0)).scroll(5, VerticalDirection.DOWN);
        laidOut(robot);
        assertThat(strip.getHvalue()).isGreaterThan(before);

        long lacking = manual().steps().filter(s -> s.figures().isEmpty()).count();
        assertThat(lacking).isPositive();
        robot.interact(() -> robot.lookup("#nextWithoutFigure").queryButton().fire());
        laidOut(robot);
        assertThat(window().view().place()).isEqualTo(Place.STEPS.name());
        assertThat(manual().step(window().seamState().step().get()).orElseThrow().figures())
                .isEmpty();
    }

    private static boolean shows(ScrollPane pane, Step step) {
        return pane.getContent() != null
                && !(pane.getContent() instanceof Label)
                && pane.getContent().lookup("#figure-" + step.figures().get(0)) != null;
    }
}
