package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Point;
import methodos.core.manual.Step;
import methodos.desktop.place.Place;
import methodos.desktop.theme.TextSize;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** While marks are put on a picture, it and the lists beside it stay where they are. */
class FigureStaysTest extends FigureWindow {

    /** Marks of which three bring words under the picture; more than three would need its room. */
    private static final List<KeyCode> KINDS =
            List.of(KeyCode.C, KeyCode.F, KeyCode.A, KeyCode.O, KeyCode.T, KeyCode.R, KeyCode.L);

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private List<Id<Part>> parts() {
        Step step =
                manual().steps()
                        .filter(s -> s.figures().contains(figure))
                        .findFirst()
                        .orElseThrow();
        return step.parts().stream().map(PartUse::part).distinct().toList();
    }

    /** Corners of the picture on the screen, and the heights of the parts beside it. */
    private List<Object> places(FxRobot robot) {
        List<Object> all = new ArrayList<>();
        Point2D corner = onScreen(robot, drawing().picture().at(new Point(0, 0)));
        Point2D other = onScreen(robot, drawing().picture().at(new Point(1, 1)));
        all.add(
                new Rectangle2D(
                        Math.round(corner.getX()),
                        Math.round(corner.getY()),
                        Math.round(other.getX() - corner.getX()),
                        Math.round(other.getY() - corner.getY())));
        for (Id<Part> part : parts()) {
            Bounds at = robot.lookup("#pick-" + part).query().getBoundsInLocal();
            all.add(robot.lookup("#pick-" + part).query().localToScreen(at).getMinY());
        }
        return all;
    }

    @Test
    void fiveCalloutsLandOnTheirPartsWithoutLookingAgain(FxRobot robot) throws Exception {
        openBare(robot, s -> s.parts().size() >= 3);
        List<Object> before = places(robot);
        // what is clicked is where it was before the first mark was put
        List<Point2D> buttons = parts().stream().map(p -> middle(robot, "#pick-" + p)).toList();
        List<Point2D> spots = new ArrayList<>();
        for (int i = 0; i < parts().size(); i++) {
            spots.add(spot(robot, .2 + .1 * i, .3 + .08 * i));
        }
        for (int i = 0; i < parts().size(); i++) {
            robot.clickOn(buttons.get(i)).clickOn(spots.get(i));
            laidOut(robot);
            assertThat(places(robot)).as("after mark %d", i + 1).isEqualTo(before);
        }
        assertThat(marks())
                .extracting(m -> ((Mark.Callout) m).part())
                .containsExactlyElementsOf(parts());
        for (int i = 0; i < parts().size(); i++) {
            assertThat(marks().get(i).points().get(0).x()).isCloseTo(.2 + .1 * i, within(.01));
        }
    }

    private Point2D middle(FxRobot robot, String query) {
        Bounds at = robot.lookup(query).query().getBoundsInLocal();
        Bounds screen = robot.lookup(query).query().localToScreen(at);
        return new Point2D(screen.getCenterX(), screen.getCenterY());
    }

    @Test
    void noKindOfMarkMovesThePictureAtAnySize(FxRobot robot) throws Exception {
        for (double size : List.of(1.0, 1.5)) {
            openBare(robot, s -> s.parts().size() > 1);
            robot.interact(() -> TextSize.set(size));
            laidOut(robot);
            robot.interact(() -> node(robot, "#pick-" + parts().get(0), ToggleButton.class).fire());
            List<Object> before = places(robot);
            for (KeyCode kind : KINDS) {
                key(robot, kind);
                draw(robot, .3, .3, .5, .6);
                laidOut(robot);
                assertThat(places(robot).get(0))
                        .as("%s at %s", kind, size)
                        .isEqualTo(before.get(0));
            }
            robot.interact(() -> TextSize.set(1));
            show(robot, Place.STEPS);
        }
    }
}
