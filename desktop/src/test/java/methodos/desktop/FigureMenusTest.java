package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.edit.CopiedSteps;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.Point;
import methodos.core.manual.Step;
import methodos.files.project.StepsText;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/**
 * Marks are copied from picture to picture, parts dragged there, and menus say what can be done.
 */
class FigureMenusTest extends FigureWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void openFigure(FxRobot robot) throws Exception {
        openBare(robot, s -> s.parts().size() > 1);
    }

    private Step step() {
        return manual().steps().filter(s -> s.figures().contains(figure)).findFirst().orElseThrow();
    }

    @Test
    void aMarkIsCopiedToAnotherPicture(FxRobot robot) throws Exception {
        key(robot, KeyCode.F);
        click(robot, .4, .45);
        shortcut(robot, KeyCode.C);
        Mark copied = marks().get(0);
        Id<Figure> other =
                manual().figures().stream()
                        .filter(f -> !f.id().equals(figure) && f.picture() != null)
                        .findFirst()
                        .orElseThrow()
                        .id();
        figure = other;
        robot.interact(() -> robot.lookup("#figure-" + other).queryButton().fire());
        until(() -> window().ready());
        int before = marks().size();
        robot.interact(() -> canvas(robot).requestFocus());
        shortcut(robot, KeyCode.V);
        assertThat(marks()).hasSize(before + 1);
        Mark put = marks().get(before);
        assertThat(put.withId(copied.id())).isEqualTo(copied);
        // on the same picture it lies beside the first
        shortcut(robot, KeyCode.C);
        shortcut(robot, KeyCode.V);
        assertThat(marks().get(before + 1).points().get(0)).isNotEqualTo(put.points().get(0));
    }

    @Test
    void aCalloutOfAnotherManualBringsItsPart(FxRobot robot) {
        Part cup =
                PartBuilder.builder()
                        .id(new Id<>("p9001"))
                        .item("77")
                        .number("FP-77")
                        .name("leather cup")
                        .quantity(1)
                        .build();
        Mark callout = new Mark.Callout(new Id<>("m1"), cup.id(), new Point(.3, .3), null);
        Figure bare = now().withMarks(List.of(callout)).withId(new Id<>("f1"));
        Manual pump = Manual.titled("Foot pump").withPart(cup).withFigure(bare);
        robot.interact(
                () -> {
                    ClipboardContent content = new ClipboardContent();
                    content.put(
                            DataFormat.lookupMimeType("application/x-methodos-marks+json"),
                            StepsText.of(
                                    new StepsText.Copied(
                                            "/pump",
                                            CopiedSteps.ofMarks(pump, bare, List.of(callout)))));
                    Clipboard.getSystemClipboard().setContent(content);
                    canvas(robot).requestFocus();
                });
        shortcut(robot, KeyCode.V);
        Mark.Callout put = (Mark.Callout) marks().get(0);
        assertThat(manual().part(put.part()).orElseThrow().number()).isEqualTo("FP-77");
    }

    @Test
    void aPartIsDraggedToWhereItIsSeen(FxRobot robot) throws Exception {
        Id<Part> part = step().parts().get(1).part();
        robot.drag("#pick-" + part).moveTo(spot(robot, .3, .4)).dropTo(spot(robot, .35, .4));
        until(() -> !marks().isEmpty());
        Mark.Callout put = (Mark.Callout) marks().get(0);
        assertThat(put.part()).isEqualTo(part);
        assertThat(put.points().get(0).x()).isCloseTo(.35, within(.02));
    }

    @Test
    void theMenuIsForTheMarkThatIsPointedAtAndMakesNone(FxRobot robot) {
        key(robot, KeyCode.F);
        click(robot, .4, .45);
        robot.rightClickOn(spot(robot, .8, .8));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(marks()).hasSize(1);
        assertThat(robot.lookup("#markMenu-delete").tryQuery()).isEmpty();
        robot.type(KeyCode.ESCAPE);
        robot.rightClickOn(spot(robot, .4, .45));
        WaitForAsyncUtils.waitForFxEvents();
        robot.clickOn("#markMenu-delete", MouseButton.PRIMARY);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(marks()).isEmpty();
    }

    @Test
    void theMenuOfAThumbnailLeadsToItsStep(FxRobot robot) throws Exception {
        robot.rightClickOn("#figure-" + figure);
        robot.clickOn("#figureMenu-step");
        until(() -> window().view().place().equals("STEPS"));
        assertThat(window().seamState().step().get()).isEqualTo(step().id());
    }

    @Test
    void nothingCopiedIsOneSentence(FxRobot robot) {
        robot.interact(
                () -> {
                    Clipboard.getSystemClipboard().clear();
                    canvas(robot).requestFocus();
                });
        shortcut(robot, KeyCode.V);
        assertThat(marks()).isEmpty();
        assertThat(node(robot, "#message", Label.class).getText()).startsWith("No marks");
    }
}
