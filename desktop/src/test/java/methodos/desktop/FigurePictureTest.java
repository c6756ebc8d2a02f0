package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import methodos.core.manual.Figure;
import methodos.core.manual.FigureLayout;
import methodos.core.manual.Mark;
import methodos.core.manual.Preparation;
import methodos.core.manual.Step;
import methodos.desktop.control.FileChoice;
import methodos.desktop.figure.FigurePlace;
import methodos.desktop.footage.FootageDesk;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Preparing a still, choosing another, and what stands beside it, in the real window. */
class FigurePictureTest extends FigureWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void openFigure(FxRobot robot) throws Exception {
        openBare(robot, s -> !s.spans().isEmpty());
    }

    private void tab(FxRobot robot, String name) {
        laidOut(robot);
        robot.clickOn("#tab-" + name);
        laidOut(robot);
    }

    private void ready() throws Exception {
        until(() -> window().ready());
    }

    @Test
    void aPieceOfThePictureIsCroppedInTheRatioThatIsChosen(FxRobot robot) throws Exception {
        Figure before = now();
        tab(robot, "picture");
        ComboBox<?> ratio = robot.lookup("#ratio").queryComboBox();
        robot.interact(() -> ratio.getSelectionModel().select(4)); // a square
        robot.clickOn("#crop");
        draw(robot, .3, .2, .6, .9);
        Preparation.Crop crop = now().prepared().crop();
        assertThat(crop.width()).isCloseTo(crop.height(), within(1e-9));
        assertThat(crop.left()).isCloseTo(-.2, within(.01));
        ready();
        assertThat(differing(robot)).isZero();
        assertThat(drawing().picture().width())
                .isCloseTo(drawing().picture().height(), within(1e-9));
        robot.interact(() -> canvas(robot).requestFocus());
        shortcut(robot, KeyCode.Z);
        assertThat(now()).isEqualTo(before);
    }

    @Test
    void aCropIsMadeByKeysAloneAndTakenBackByItself(FxRobot robot) throws Exception {
        tab(robot, "picture");
        assertThat(robot.lookup("#wholePicture").query().isVisible()).isFalse();
        Slider shadows = node(robot, "#shadows", Slider.class);
        robot.interact(shadows::requestFocus);
        robot.type(KeyCode.RIGHT, 3);
        Preparation light = now().prepared();
        robot.interact(() -> robot.lookup("#crop").query().requestFocus());
        robot.type(KeyCode.SPACE);
        WaitForAsyncUtils.waitForFxEvents();
        robot.type(KeyCode.LEFT, 2);
        robot.type(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(now().prepared()).isEqualTo(light);

        robot.interact(() -> robot.lookup("#crop").query().requestFocus());
        robot.type(KeyCode.SPACE);
        robot.type(KeyCode.RIGHT, 2);
        robot.type(KeyCode.UP, 1);
        robot.press(KeyCode.SHIFT).type(KeyCode.LEFT, 5).release(KeyCode.SHIFT);
        robot.type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        Preparation.Crop crop = now().prepared().crop();
        // offered .1 to .9; two to the right, one up, the right edge five to the left, of .02 each
        assertThat(crop.left()).isCloseTo(-.36, within(1e-9));
        assertThat(crop.right()).isCloseTo(.34, within(1e-9));
        ready();
        assertThat(differing(robot)).isZero();
        laidOut(robot);
        robot.clickOn("#wholePicture");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(now().prepared()).isEqualTo(light);
    }

    @Test
    void aLineThatLeansIsMadeLevelAndAQuarterTurnKeepsThePiece(FxRobot robot) throws Exception {
        tab(robot, "picture");
        robot.clickOn("#straightenByLine");
        draw(robot, .3, .5, .6, .53);
        double degrees = now().prepared().straighten();
        assertThat(degrees).isCloseTo(-Math.toDegrees(Math.atan2(.03 * .5625, .3)), within(.4));
        ready();
        laidOut(robot);
        robot.clickOn("#turnRight");
        assertThat(now().prepared().quarterTurns()).isEqualTo(1);
        ready();
        assertThat(differing(robot)).isZero();
        laidOut(robot);
        robot.clickOn("#turnLeft");
        robot.clickOn("#asTaken");
        assertThat(now().preparation()).isNull();
    }

    @Test
    void lightIsSetByKeysAndOneDragIsOneChange(FxRobot robot) throws Exception {
        Figure before = now();
        tab(robot, "picture");
        Slider shadows = node(robot, "#shadows", Slider.class);
        robot.interact(shadows::requestFocus);
        robot.type(KeyCode.RIGHT, 6);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(now().prepared().shadows()).isCloseTo(.2, within(.02));
        ready();
        assertThat(differing(robot)).isZero();
        robot.interact(() -> canvas(robot).requestFocus());
        shortcut(robot, KeyCode.Z);
        assertThat(now()).isEqualTo(before);
        assertThat(shadows.getValue()).isZero();
    }

    @Test
    void marksStayOnTheThingWhenThePictureIsTurned(FxRobot robot) throws Exception {
        key(robot, KeyCode.F);
        click(robot, .4, .4);
        Mark mark = marks().get(0);
        tab(robot, "picture");
        robot.clickOn("#turnRight");
        ready();
        assertThat(marks().get(0)).isEqualTo(mark);
        key(robot, KeyCode.ESCAPE);
        laidOut(robot);
        Point2D from = spot(robot, mark.points().get(0).x(), mark.points().get(0).y());
        drag(robot, from, from.add(40, 0));
        // to the right on the turned picture is upward on the still
        assertThat(marks().get(0).points().get(0).y()).isLessThan(mark.points().get(0).y() - .02);
    }

    @Test
    void anotherFrameIsFoundByScrubbing(FxRobot robot) throws Exception {
        double time = now().still().time();
        Slider scrub = node(robot, "#scrub", Slider.class);
        robot.interact(scrub::requestFocus);
        robot.type(KeyCode.LEFT, 6);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#takeFrame").queryButton().isDisabled()).isFalse();
        robot.type(KeyCode.ENTER);
        until(() -> Math.abs(now().still().time() - time) > .2);
        assertThat(now().still().time()).isCloseTo(time - .5, within(.09));
        ready();
        assertThat(differing(robot)).isZero();
    }

    @Test
    void twoPicturesOfAStepAreComparedAndTakenApart(FxRobot robot) throws Exception {
        Step step =
                manual().steps()
                        .filter(s -> s.figures().contains(figure))
                        .findFirst()
                        .orElseThrow();
        Figure other =
                manual().figures().stream()
                        .filter(f -> !f.id().equals(figure))
                        .findFirst()
                        .orElseThrow();
        tab(robot, "beside");
        ComboBox<FigureLayout> layout = box(robot, "#layout");
        robot.interact(() -> layout.setValue(FigureLayout.COMPARISON));
        ComboBox<Figure> others = box(robot, "#besideOther");
        robot.interact(() -> others.setValue(manual().figure(other.id()).orElseThrow()));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(now().beside()).containsExactly(other.id());
        assertThat(now().layout()).isEqualTo(FigureLayout.COMPARISON);
        ready();
        assertThat(differing(robot)).isZero();
        laidOut(robot);
        robot.clickOn("#apart-" + other.id());
        assertThat(now().layout()).isNull();
        assertThat(manual().step(step.id()).orElseThrow().figures()).contains(other.id());
    }

    @SuppressWarnings("unchecked")
    private static <T> ComboBox<T> box(FxRobot robot, String query) {
        return robot.lookup(query).queryAs(ComboBox.class);
    }

    @Test
    void aStackIsTypedARowALine(FxRobot robot) throws Exception {
        var part = manual().parts().get(0);
        tab(robot, "beside");
        TextArea stack = node(robot, "#stack", TextArea.class);
        robot.clickOn("#stack");
        robot.write("snap ring\n4 disc springs, hollow down, alternating\n2 #" + part.item());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(now().stack()).hasSize(3);
        assertThat(now().stack().get(2).part()).isEqualTo(part.id());
        ready();
        assertThat(differing(robot)).isZero();
        robot.interact(() -> canvas(robot).requestFocus());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(stack.getText()).endsWith("2 #" + part.item());
    }

    @Test
    void aPictureFromAFileIsAFigureAndABadOneIsASentence(FxRobot robot) throws Exception {
        FigurePlace[] place = new FigurePlace[1];
        String[] said = new String[1];
        FootageDesk desk = new FootageDesk(project);
        robot.interact(
                () ->
                        place[0] =
                                new FigurePlace(
                                        project,
                                        desk,
                                        FileChoice.ofTheDesktop(),
                                        s -> said[0] = s,
                                        point -> {}));
        int before = manual().figures().size();
        Path png = folder.resolveSibling("drawing.png");
        ImageIO.write(new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB), "png", png.toFile());
        robot.interact(() -> place[0].importPicture(png));
        until(() -> manual().figures().size() == before + 1);
        List<Figure> all = manual().figures();
        Figure made = all.get(all.size() - 1);
        assertThat(made.still()).isNull();
        assertThat(project.stills().read(made.picture()).getWidth()).isEqualTo(300);

        Path letter = Files.writeString(folder.resolveSibling("letter.png"), "no picture");
        robot.interact(() -> place[0].importPicture(letter));
        until(() -> said[0].equals("letter.png is no PNG, JPEG or SVG picture."));
        assertThat(manual().figures()).isEqualTo(all);
        robot.interact(place[0]::close);
        desk.close();
    }

    @Test
    void whatIsHardToReadIsSaid(FxRobot robot) throws Exception {
        laidOut(robot);
        until(() -> robot.lookup("#legibility .label").tryQuery().isPresent());
        assertThat(robot.lookup("#legibility .label").queryAs(Label.class).getText())
                .startsWith("It can be read");
        robot.interact(
                () ->
                        project.apply(
                                methodos.core.edit.FigureEdits.prepare(
                                        figure,
                                        "crop",
                                        p ->
                                                p.withCrop(
                                                        new Preparation.Crop(
                                                                -.05, -.05, .05, .05)))));
        until(
                () ->
                        robot.lookup("#legibility .label").queryAllAs(Label.class).stream()
                                .anyMatch(l -> l.getText().contains("coarse in print")));
    }
}
