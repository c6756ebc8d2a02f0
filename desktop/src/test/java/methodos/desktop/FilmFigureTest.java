package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.core.manual.Step;
import methodos.desktop.place.Place;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Figures are drafted from what the film shows, changed and accepted by keys. */
class FilmFigureTest extends RealWindow {

    /** The indicator is lifted off, the air plate loses its screws, and comes off. */
    private static final List<Id<Step>> STEPS =
            List.of(new Id<>("s93"), new Id<>("s97"), new Id<>("s103"));

    private static final Set<String> TAKEN = Set.of("s93", "s97", "s103");

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    /** The demo with the footage of three steps only, and without their figures. */
    @Override
    protected void prepare(Path target) throws Exception {
        super.prepare(target);
        change(
                target,
                manual -> {
                    Manual some = manual;
                    for (Step step : manual.steps().toList()) {
                        some =
                                some.withStep(
                                        TAKEN.contains(step.id().text())
                                                ? step.withFigures(List.of())
                                                : step.withSpans(List.of()));
                    }
                    return some;
                });
    }

    private Figure figure(Id<Step> step) {
        Id<Figure> id = manual().step(step).orElseThrow().figures().get(0);
        return manual().figure(id).orElseThrow();
    }

    private static List<Point> callouts(Figure figure, String part) {
        List<Point> all = new ArrayList<>();
        for (Mark mark : figure.marks()) {
            if (mark instanceof Mark.Callout c && c.part().text().equals(part)) {
                all.add(c.target());
            }
        }
        return all;
    }

    private void film(FxRobot robot) throws Exception {
        show(robot, Place.FIGURES);
        until(() -> window().ready());
        inView(robot, "#fromFilm");
        robot.clickOn("#fromFilm");
        until(() -> !robot.lookup("#filmMark-1").queryAll().isEmpty());
        until(() -> window().ready());
        laidOut(robot);
    }

    @Test
    void aFigureIsAcceptedByAKeyAndItsCalloutsAreOnTheirParts(FxRobot robot) throws Exception {
        film(robot);
        for (Id<Step> step : STEPS) {
            assertThat(manual().step(step).orElseThrow().figures()).as("%s", step).isEmpty();
        }
        for (Id<Step> step : STEPS) {
            robot.type(KeyCode.A);
            until(() -> !manual().step(step).orElseThrow().figures().isEmpty());
            until(() -> window().ready());
        }
        // where things are the renderer wrote: places/1-outside.csv
        assertThat(callouts(figure(STEPS.get(0)), "p22"))
                .singleElement()
                .satisfies(p -> near(p, .55, .72, .1));
        assertThat(callouts(figure(STEPS.get(1)), "p24"))
                .singleElement()
                .satisfies(p -> near(p, .327, .448, .06));
        assertThat(figure(STEPS.get(1)).marks().stream().filter(m -> m instanceof Mark.ScrewPlace))
                .hasSize(3);
        assertThat(callouts(figure(STEPS.get(2)), "p13"))
                .singleElement()
                .satisfies(p -> near(p, .437, .525, .12));
        assertThat(figure(STEPS.get(1)).prepared().crop()).isNotNull();
    }

    @Test
    void aMarkIsTakenAwayAndNothingIsKeptBeforeItIsAccepted(FxRobot robot) throws Exception {
        film(robot);
        robot.type(KeyCode.N);
        laidOut(robot);
        int marks = robot.lookup(".film-mark").queryAll().size();
        robot.type(KeyCode.DIGIT1);
        laidOut(robot);
        assertThat(robot.lookup(".film-mark").queryAll()).hasSize(marks - 1);
        robot.type(KeyCode.V).type(KeyCode.V).type(KeyCode.ESCAPE);
        laidOut(robot);
        assertThat(robot.lookup("#filmFigures").queryAll()).isEmpty();
        assertThat(manual().step(STEPS.get(1)).orElseThrow().figures()).isEmpty();
    }

    private static void near(Point p, double x, double y, double within) {
        assertThat(Math.hypot(p.x() - x, p.y() - y)).as("%s", p).isLessThan(within);
    }
}
