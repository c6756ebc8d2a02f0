package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Region;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.desktop.place.Place;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** From a stretch of footage to a published step with its figure, through the real window. */
class JourneyTest extends RealWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @Test
    void fromFootageToThePrintedPage(FxRobot robot) throws Exception {
        int steps = (int) manual().steps().count();
        Id<Step> id = makeStep(robot);
        assertThat(manual().steps()).hasSize(steps + 1);

        write(robot, "Look at the cap from the side.");
        assertThat(manual().step(id).orElseThrow().text())
                .isEqualTo("Look at the cap from the side.");

        giveItsParts(robot, id);
        Figure figure = capture(robot, id);
        addCallout(robot, figure);
        undoAndRedo(robot, figure);

        Path out = folder.resolveSibling("printed");
        publish(robot, out);
        String page = Files.readString(out.resolve("html/index.html"));
        assertThat(page)
                .contains("Look at the cap from the side.")
                .contains("Mind the edge")
                .contains("12 to 14 N·m");
        assertThat(out.resolve("manual.pdf")).isNotEmptyFile();

        Manual expected = manual();
        close(robot);
        assertThat(ProjectFolder.read(folder).manual()).isEqualTo(expected);
    }

    private Id<Step> makeStep(FxRobot robot) throws Exception {
        Node seam = robot.lookup("#seam").query();
        Bounds b = seam.localToScreen(seam.getBoundsInLocal());
        robot.clickOn(b.getMinX() + 100, b.getMinY() + 260);
        double start = window().seamState().time().get();
        assertThat(start).isPositive();
        robot.type(KeyCode.B)
                .type(KeyCode.DOWN)
                .type(KeyCode.DOWN)
                .type(KeyCode.DOWN)
                .type(KeyCode.E);
        WaitForAsyncUtils.waitForFxEvents();
        Span span = window().seamState().span().get();
        assertThat(span.start()).isEqualTo(start);
        assertThat(span.seconds()).isEqualTo(3.0);
        int before = (int) manual().steps().count();
        robot.type(KeyCode.ENTER);
        until(() -> manual().steps().count() > before);
        Step made = manual().step(window().seamState().step().get()).orElseThrow();
        assertThat(made.spans()).containsExactly(span);
        return made.id();
    }

    private static void write(FxRobot robot, String text) {
        robot.clickOn("#stepText")
                .press(KeyCode.CONTROL, KeyCode.A)
                .release(KeyCode.A, KeyCode.CONTROL);
        robot.write(text);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#stepText").queryAs(TextArea.class).getText()).isEqualTo(text);
    }

    private void giveItsParts(FxRobot robot, Id<Step> id) {
        fill(robot, "#addPart", "edge guard");
        assertThat(manual().parts()).anyMatch(p -> p.name().equals("edge guard"));
        fill(robot, "#addTool", "mirror");
        assertThat(manual().step(id).orElseThrow().tools()).hasSize(1);

        fill(robot, "#stepTorque", "tight");
        assertThat(robot.lookup("#torqueProblem").queryAs(Label.class).getText()).contains("tight");
        assertThat(manual().step(id).orElseThrow().joints()).isEmpty();
        fill(robot, "#stepTorque", "12 to 14 Nm");
        assertThat(manual().step(id).orElseThrow().joints()).hasSize(1);

        robot.interact(
                () -> robot.lookup("#hazardSignal").queryComboBox().getSelectionModel().select(3));
        WaitForAsyncUtils.waitForFxEvents();
        fill(robot, "#hazardWhat", "Mind the edge");
        assertThat(manual().step(id).orElseThrow().hazards())
                .singleElement()
                .satisfies(h -> assertThat(h.hazard()).isEqualTo("Mind the edge"));
        assertThat(robot.lookup("#hazardHarm").queryAs(TextField.class)).isNotNull();
    }

    private Figure capture(FxRobot robot, Id<Step> id) throws Exception {
        robot.clickOn("#captureStill");
        until(() -> !manual().step(id).orElseThrow().figures().isEmpty());
        Figure figure =
                manual().figure(manual().step(id).orElseThrow().figures().get(0)).orElseThrow();
        assertThat(folder.resolve("stills/" + figure.picture() + ".png")).isNotEmptyFile();
        return figure;
    }

    private void addCallout(FxRobot robot, Figure figure) throws Exception {
        show(robot, Place.FIGURES);
        robot.interact(() -> robot.lookup("#figure-" + figure.id()).queryButton().fire());
        until(() -> window().ready());
        Id<Part> part =
                manual().parts().stream()
                        .filter(p -> p.name().equals("edge guard"))
                        .findFirst()
                        .orElseThrow()
                        .id();
        robot.clickOn("#pick-" + part);
        Region canvas = robot.lookup("#figure").queryAs(Region.class);
        robot.clickOn(canvas);
        WaitForAsyncUtils.waitForFxEvents();
        Mark.Callout callout =
                (Mark.Callout) manual().figure(figure.id()).orElseThrow().marks().get(0);
        assertThat(callout.part()).isEqualTo(part);
        assertThat(callout.target().x()).isBetween(.45, .55);
        assertThat(callout.target().y()).isBetween(.45, .55);

        Bounds b = canvas.localToScreen(canvas.getBoundsInLocal());
        robot.drag(b.getCenterX(), b.getCenterY(), MouseButton.PRIMARY);
        robot.moveBy(90, -40).drop();
        WaitForAsyncUtils.waitForFxEvents();
        Mark.Callout moved =
                (Mark.Callout) manual().figure(figure.id()).orElseThrow().marks().get(0);
        assertThat(moved.target().x()).isGreaterThan(callout.target().x() + .05);
        assertThat(moved.target().y()).isLessThan(callout.target().y());
    }

    private void undoAndRedo(FxRobot robot, Figure figure) {
        Manual now = manual();
        robot.press(KeyCode.CONTROL, KeyCode.Z).release(KeyCode.Z, KeyCode.CONTROL);
        robot.press(KeyCode.CONTROL, KeyCode.Z).release(KeyCode.Z, KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().figure(figure.id()).orElseThrow().marks()).isEmpty();
        assertThat(robot.lookup("#redo").queryButton().getAccessibleText())
                .isEqualTo("Redo add callout");
        for (int i = 0; i < 2; i++) {
            robot.press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z)
                    .release(KeyCode.Z, KeyCode.SHIFT, KeyCode.CONTROL);
        }
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual()).isEqualTo(now);
    }

    private void publish(FxRobot robot, Path out) throws Exception {
        show(robot, Place.PUBLISH);
        fill(robot, "#publishFolder", out.toString());
        robot.clickOn("#publish");
        until(() -> !robot.lookup("#published").queryAs(Label.class).getText().isEmpty());
        assertThat(robot.lookup("#published").queryAs(Label.class).getText())
                .startsWith("Published: ");
    }
}
