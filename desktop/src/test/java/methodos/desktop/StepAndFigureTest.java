package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import javafx.event.Event;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.figure.ScrewNumbers;
import methodos.core.manual.Figure;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.Point;
import methodos.core.manual.Stage.Kind;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.desktop.place.Place;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The chosen step and its figure, changed in the real window. */
class StepAndFigureTest extends RealWindow {

    private Step chosen;

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    /** A step with parts, a tool and a figure that has callouts. */
    @BeforeEach
    void choose(FxRobot robot) {
        chosen =
                manual().steps()
                        .filter(
                                s ->
                                        !s.parts().isEmpty()
                                                && !s.tools().isEmpty()
                                                && s.figures().size() == 1)
                        .filter(
                                s ->
                                        manual().figure(s.figures().get(0))
                                                        .orElseThrow()
                                                        .marks()
                                                        .size()
                                                > 1)
                        .findFirst()
                        .orElseThrow();
        robot.interact(() -> window().chooseStep(chosen.id()));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private Step now() {
        return manual().step(chosen.id()).orElseThrow();
    }

    @Test
    void itsStageIsChosenFromTheList(FxRobot robot) {
        robot.interact(
                () -> robot.lookup("#stepStage").queryComboBox().getSelectionModel().select(4));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().stageOf(chosen.id()).orElseThrow().kind()).isEqualTo(Kind.TEST);
        robot.clickOn("#undo");
        assertThat(manual().stageOf(chosen.id()).orElseThrow().kind()).isNotEqualTo(Kind.TEST);
    }

    @Test
    void itsUnitsAreSetAndSaidInWords(FxRobot robot) {
        robot.interact(() -> robot.lookup("#stepModel-QA-80-D").queryAs(CheckBox.class).fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(project.words().of(now().applicability())).isEqualTo("QA-80 S");
        fill(robot, "#stepFrom", "2200");
        assertThat(project.words().of(now().applicability())).isEqualTo("QA-80 S, from 2200");
        fill(robot, "#stepTo", "soon");
        assertThat(project.words().of(now().applicability())).isEqualTo("QA-80 S, from 2200");
        assertThat(
                        robot.lookup(n -> n instanceof Label l && l.getText().contains("“soon”"))
                                .tryQuery())
                .isPresent();
    }

    @Test
    void aCountIsTypedAndZeroTakesThePartOut(FxRobot robot) {
        Id<Part> part = chosen.parts().get(0).part();
        fill(robot, "#partCount-" + part, "3");
        assertThat(now().parts().get(0).count()).isEqualTo(3);
        fill(robot, "#partCount-" + part, "many");
        assertThat(now().parts().get(0).count()).isEqualTo(3);
        assertThat(node(robot, "#partCount-" + part, TextField.class).getText()).isEqualTo("3");
        fill(robot, "#partCount-" + part, "0");
        assertThat(now().parts()).noneMatch(p -> p.part().equals(part));
    }

    @Test
    void aToolIsTakenOut(FxRobot robot) {
        Id<Tool> tool = chosen.tools().get(0);
        robot.interact(() -> robot.lookup("#removeTool-" + tool).queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(now().tools()).doesNotContain(tool);
    }

    @Test
    void itIsDeletedAndComesBack(FxRobot robot) {
        long before = manual().steps().count();
        robot.interact(() -> robot.lookup("#deleteStep").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().steps().count()).isEqualTo(before - 1);
        assertThat(window().seamState().step().get()).isNull();
        robot.clickOn("#undo");
        assertThat(now()).isEqualTo(chosen);
        assertThat(node(robot, "#message", Label.class).getText()).isEqualTo("Undone: delete step");
    }

    @Test
    void theNextAndThePreviousStepAreOneKeyAway(FxRobot robot) {
        Node seam = robot.lookup("#seam").query();
        robot.interact(seam::requestFocus);
        var ids = manual().steps().map(Step::id).toList();
        robot.type(KeyCode.J);
        assertThat(window().seamState().step().get())
                .isEqualTo(ids.get(ids.indexOf(chosen.id()) + 1));
        robot.type(KeyCode.I);
        assertThat(window().seamState().step().get()).isEqualTo(chosen.id());
    }

    @Test
    void framesAreSteppedOneByOne(FxRobot robot) throws Exception {
        robot.interact(() -> window().seamState().time().set(10.0));
        Button on = node(robot, "#frameOn", Button.class);
        robot.interact(on::fire);
        until(() -> window().seamState().time().get() > 10.0);
        assertThat(window().seamState().time().get()).isCloseTo(10 + 1 / 12.0, within(0.002));
        robot.interact(() -> node(robot, "#frameBack", Button.class).fire());
        until(() -> window().seamState().time().get() < 10.05);
        assertThat(window().seamState().time().get()).isCloseTo(10.0, within(0.002));
    }

    @Test
    void playingMovesOnAndStops(FxRobot robot) throws Exception {
        robot.interact(() -> window().seamState().time().set(3.0));
        Button play = node(robot, "#play", Button.class);
        robot.interact(play::fire);
        assertThat(play.getText()).isEqualTo("Stop");
        until(() -> window().seamState().time().get() > 3.2);
        robot.interact(play::fire);
        assertThat(play.getText()).isEqualTo("Play");
    }

    @Test
    void wordsAreSetAsideByOneKey(FxRobot robot) {
        int before = manual().dismissals().size();
        Node seam = robot.lookup("#seam").query();
        robot.interact(seam::requestFocus);
        robot.type(KeyCode.X);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().dismissals()).hasSize(before + 1);

        robot.type(KeyCode.X);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().dismissals()).as("the same words once more").hasSize(before + 1);

        robot.interact(() -> window().seamState().span().set(null));
        robot.type(KeyCode.X);
        assertThat(manual().dismissals()).hasSize(before + 1);
        assertThat(node(robot, "#message", Label.class).getText())
                .startsWith("Choose a stretch first");
    }

    @Test
    void aKeyThatIsHeldChangesTheManualOnce(FxRobot robot) throws Exception {
        Node seam = robot.lookup("#seam").query();
        robot.interact(seam::requestFocus);
        int before = chosen.figures().size();
        KeyEvent press =
                new KeyEvent(KeyEvent.KEY_PRESSED, "k", "k", KeyCode.K, false, false, false, false);
        KeyEvent release =
                new KeyEvent(
                        KeyEvent.KEY_RELEASED, "k", "k", KeyCode.K, false, false, false, false);
        robot.interact(
                () -> {
                    for (int i = 0; i < 5; i++) {
                        Event.fireEvent(seam, press.copyFor(seam, seam));
                    }
                    Event.fireEvent(seam, release.copyFor(seam, seam));
                    Event.fireEvent(seam, press.copyFor(seam, seam));
                });
        WaitForAsyncUtils.waitForFxEvents();
        until(() -> now().figures().size() == before + 2);
    }

    private Figure openFigure(FxRobot robot) throws Exception {
        show(robot, Place.FIGURES);
        Id<Figure> id = chosen.figures().get(0);
        robot.interact(() -> robot.lookup("#figure-" + id).queryButton().fire());
        until(() -> window().ready());
        return manual().figure(id).orElseThrow();
    }

    @Test
    void marksAreChosenNudgedAndDeletedByKeys(FxRobot robot) throws Exception {
        Figure figure = openFigure(robot);
        Region canvas = node(robot, "#figure", Region.class);
        robot.interact(canvas::requestFocus);
        robot.type(KeyCode.N).type(KeyCode.RIGHT).type(KeyCode.DOWN);
        WaitForAsyncUtils.waitForFxEvents();
        Mark.Callout before = (Mark.Callout) figure.marks().get(0);
        Mark.Callout after =
                (Mark.Callout) manual().figure(figure.id()).orElseThrow().marks().get(0);
        assertThat(after.target().x()).isCloseTo(before.target().x() + .004, within(1e-9));
        assertThat(after.target().y()).isCloseTo(before.target().y() + .004, within(1e-9));
        robot.type(KeyCode.DELETE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().figure(figure.id()).orElseThrow().marks())
                .hasSize(figure.marks().size() - 1);
    }

    @Test
    void aBalloonThatIsDraggedIsHeld(FxRobot robot) throws Exception {
        Figure figure = openFigure(robot);
        Region canvas = node(robot, "#figure", Region.class);
        Bounds b = canvas.localToScreen(canvas.getBoundsInLocal());
        robot.interact(canvas::requestFocus);
        Mark.Callout first = (Mark.Callout) figure.marks().get(0);
        assertThat(first.balloon()).isNull();
        robot.interact(
                () ->
                        project.apply(
                                methodos.core.edit.FigureEdits.hold(
                                        figure.id(),
                                        first.id(),
                                        new methodos.core.manual.Point(.5, .5))));
        WaitForAsyncUtils.waitForFxEvents();
        robot.drag(b.getCenterX(), b.getCenterY());
        robot.moveBy(60, 30).drop();
        WaitForAsyncUtils.waitForFxEvents();
        Mark.Callout held =
                (Mark.Callout) manual().figure(figure.id()).orElseThrow().marks().get(0);
        assertThat(held.balloon().x()).isGreaterThan(.53);
        assertThat(held.balloon().y()).isGreaterThan(.53);
    }

    @Test
    void aClickWithoutAPartSaysWhatToDo(FxRobot robot) throws Exception {
        Figure figure = openFigure(robot);
        Region canvas = node(robot, "#figure", Region.class);
        Bounds b = canvas.localToScreen(canvas.getBoundsInLocal());
        robot.clickOn(b.getMinX() + b.getWidth() * .8, b.getMinY() + b.getHeight() * .75);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().figure(figure.id()).orElseThrow().marks())
                .hasSameSizeAs(figure.marks());
    }

    @Test
    void theTitleIsTyped(FxRobot robot) throws Exception {
        Figure figure = openFigure(robot);
        fill(robot, "#figureTitle", "Seen from the right");
        assertThat(manual().figure(figure.id()).orElseThrow().title())
                .isEqualTo("Seen from the right");
        robot.interact(() -> node(robot, "#deleteFigure", Button.class).fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().figure(figure.id())).isEmpty();
        assertThat(now().figures()).isEmpty();
    }

    @Test
    void screwsThatAreClickedAreNumberedInTheOrderOfTightening(FxRobot robot) throws Exception {
        Figure figure = openFigure(robot);
        Region canvas = node(robot, "#figure", Region.class);
        robot.clickOn("#tool-SCREW_ORDER");
        laidOut(robot);
        int marks = figure.marks().size();
        double[][] spots = {{.35, .35}, {.65, .35}, {.65, .65}, {.35, .65}};
        for (double[] spot : spots) {
            Bounds b = canvas.localToScreen(canvas.getBoundsInLocal());
            robot.clickOn(
                    b.getMinX() + spot[0] * b.getWidth(), b.getMinY() + spot[1] * b.getHeight());
            WaitForAsyncUtils.waitForFxEvents();
        }
        assertThat(manual().figure(figure.id()).orElseThrow().marks()).hasSize(marks + 1);
        assertThat(order(figure).screws()).hasSize(4);
        assertThat(ScrewNumbers.of(order(figure), 960, 540)).containsExactly(1, 3, 2, 4);

        Point last = order(figure).screws().get(3);
        robot.type(KeyCode.ESCAPE);
        laidOut(robot);
        Bounds b = canvas.localToScreen(canvas.getBoundsInLocal());
        robot.clickOn(b.getMinX() + .35 * b.getWidth(), b.getMinY() + .65 * b.getHeight());
        robot.type(KeyCode.RIGHT);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(order(figure).screws().get(3).x()).isGreaterThan(last.x());
        robot.type(KeyCode.DELETE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(order(figure).screws()).hasSize(3);
        robot.press(KeyCode.CONTROL, KeyCode.Z).release(KeyCode.Z, KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(order(figure).screws()).hasSize(4);
    }

    private Mark.ScrewOrder order(Figure figure) {
        return manual().figure(figure.id()).orElseThrow().marks().stream()
                .filter(m -> m instanceof Mark.ScrewOrder)
                .map(m -> (Mark.ScrewOrder) m)
                .findFirst()
                .orElseThrow();
    }
}
