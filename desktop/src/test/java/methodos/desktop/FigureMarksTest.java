package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.edit.FigureEdits;
import methodos.core.manual.Arrangement;
import methodos.core.manual.Figure;
import methodos.core.manual.KnownShape;
import methodos.core.manual.Mark;
import methodos.core.manual.Movement;
import methodos.core.manual.Part;
import methodos.core.manual.Point;
import methodos.core.manual.Rotation;
import methodos.core.manual.ThreadTurn;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Every kind of mark, made and changed with mouse and keys in the real window. */
class FigureMarksTest extends FigureWindow {

    /** A click on the screen is so near to the spot of the still that was meant. */
    private static final double NEAR = 0.006;

    /** Kinds that are drawn from one place to another, by the key that picks them. */
    private static final Map<KeyCode, Class<? extends Mark>> DRAWN =
            new LinkedHashMap<>(
                    Map.of(
                            KeyCode.A, Mark.Shift.class,
                            KeyCode.R, Mark.Turn.class,
                            KeyCode.D, Mark.Detail.class,
                            KeyCode.O, Mark.Outline.class,
                            KeyCode.L, Mark.Length.class,
                            KeyCode.K, Mark.Scale.class,
                            KeyCode.M, Mark.MatchMark.class,
                            KeyCode.X, Mark.Cover.class));

    private static final Map<KeyCode, Class<? extends Mark>> CLICKED =
            new LinkedHashMap<>(
                    Map.of(
                            KeyCode.C, Mark.Callout.class,
                            KeyCode.T, Mark.ScrewOrder.class,
                            KeyCode.S, Mark.ScrewPlace.class,
                            KeyCode.F, Mark.ByFeel.class,
                            KeyCode.W, Mark.Label.class));

    private Id<Part> part;

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void openFigure(FxRobot robot) throws Exception {
        openBare(robot, s -> s.parts().size() > 1);
        part =
                manual().steps()
                        .filter(s -> s.figures().contains(figure))
                        .findFirst()
                        .orElseThrow()
                        .parts()
                        .get(0)
                        .part();
    }

    private Mark last() {
        return marks().get(marks().size() - 1);
    }

    private static void near(Point p, double x, double y) {
        assertThat(p.x()).isCloseTo(x, within(NEAR));
        assertThat(p.y()).isCloseTo(y, within(NEAR * 2));
    }

    @Test
    void eachKindThatIsDrawnBeginsAndEndsWhereTheMouseDid(FxRobot robot) {
        DRAWN.forEach(
                (code, kind) -> {
                    Figure before = now();
                    key(robot, code);
                    draw(robot, .3, .3, .5, .6);
                    assertThat(marks()).hasSize(1);
                    assertThat(last()).isInstanceOf(kind);
                    List<Point> points = last().points();
                    if (kind == Mark.Outline.class) {
                        near(points.get(0), .4, .3);
                        near(points.get(3), .4, .6);
                    } else {
                        near(points.get(0), .3, .3);
                        near(points.get(kind == Mark.Scale.class ? 2 : 1), .5, .6);
                    }
                    WaitForAsyncUtils.waitForFxEvents();
                    assertThatItIsDrawnAsSaved(robot);
                    shortcut(robot, KeyCode.Z);
                    assertThat(now()).isEqualTo(before);
                    robot.press(KeyCode.SHIFT);
                    shortcut(robot, KeyCode.Z);
                    robot.release(KeyCode.SHIFT);
                    assertThat(last()).isInstanceOf(kind);
                    shortcut(robot, KeyCode.Z);
                });
    }

    private void assertThatItIsDrawnAsSaved(FxRobot robot) {
        try {
            until(() -> window().ready());
        } catch (Exception e) {
            throw new AssertionError(e);
        }
        assertThat(differing(robot)).as(String.valueOf(marks())).isZero();
    }

    @Test
    void eachKindThatIsClickedLiesWhereTheMouseWas(FxRobot robot) {
        robot.interact(() -> robot.lookup("#pick-" + part).queryAs(ToggleButton.class).fire());
        CLICKED.forEach(
                (code, kind) -> {
                    Figure before = now();
                    key(robot, code);
                    click(robot, .4, .45);
                    assertThat(marks()).as(kind.getSimpleName()).hasSize(1);
                    assertThat(last()).isInstanceOf(kind);
                    near(last().points().get(0), .4, .45);
                    assertThatItIsDrawnAsSaved(robot);
                    shortcut(robot, KeyCode.Z);
                    assertThat(now()).isEqualTo(before);
                });
    }

    @Test
    void eachKindIsMadeMovedCopiedAndDeletedByKeysAlone(FxRobot robot) {
        robot.interact(() -> robot.lookup("#pick-" + part).queryAs(ToggleButton.class).fire());
        Map<KeyCode, Class<? extends Mark>> all = new LinkedHashMap<>(DRAWN);
        all.putAll(CLICKED);
        all.forEach(
                (code, kind) -> {
                    key(robot, code, KeyCode.ENTER);
                    assertThat(marks()).as(kind.getSimpleName()).hasSize(1);
                    Mark made = last();
                    assertThat(made).isInstanceOf(kind);
                    key(robot, KeyCode.RIGHT, KeyCode.DOWN);
                    Point moved = last().points().get(0);
                    assertThat(moved.x()).isCloseTo(made.points().get(0).x() + .004, within(1e-9));
                    assertThat(moved.y()).isCloseTo(made.points().get(0).y() + .004, within(1e-9));
                    robot.press(KeyCode.SHIFT).type(KeyCode.LEFT).release(KeyCode.SHIFT);
                    WaitForAsyncUtils.waitForFxEvents();
                    for (int i = 1; i < made.points().size(); i++) {
                        assertThat(last().points().get(i).x())
                                .isCloseTo(made.points().get(i).x() - .004, within(1e-9));
                    }
                    shortcut(robot, KeyCode.D);
                    assertThat(marks()).hasSize(2);
                    assertThat(last().getClass()).isEqualTo(kind);
                    key(robot, KeyCode.N);
                    while (!marks().isEmpty()) {
                        int left = marks().stream().mapToInt(m -> m.points().size()).sum();
                        key(robot, KeyCode.N, KeyCode.DELETE);
                        assertThat(marks().stream().mapToInt(m -> m.points().size()).sum())
                                .isLessThan(left);
                    }
                });
    }

    @Test
    void onePointOfAMarkIsDraggedAndTheOthersStay(FxRobot robot) {
        key(robot, KeyCode.A);
        draw(robot, .3, .3, .5, .6);
        key(robot, KeyCode.ESCAPE);
        drag(robot, spot(robot, .5, .6), spot(robot, .7, .4));
        near(last().points().get(0), .3, .3);
        near(last().points().get(1), .7, .4);
        shortcut(robot, KeyCode.Z);
        near(last().points().get(1), .5, .6);
    }

    @Test
    void aLensIsHeldWhereItIsDraggedAndLetGoAgain(FxRobot robot) {
        key(robot, KeyCode.D);
        draw(robot, .3, .3, .34, .3);
        var lens =
                drawing().handles().stream().filter(h -> h.index() < 0).findFirst().orElseThrow();
        key(robot, KeyCode.ESCAPE);
        drag(robot, onScreen(robot, lens.at()), spot(robot, .7, .5));
        Point held = ((Mark.Detail) last()).lens();
        near(held, .7, .5);
        assertThatItIsDrawnAsSaved(robot);
        laidOut(robot);
        robot.clickOn("#freeBalloon");
        assertThat(((Mark.Detail) last()).lens()).isNull();
    }

    @Test
    void whatAMarkTellsIsTyped(FxRobot robot) {
        key(robot, KeyCode.W);
        click(robot, .4, .4);
        fill(robot, "#markText", "front");
        assertThat(((Mark.Label) last()).text()).isEqualTo("front");
        assertThatItIsDrawnAsSaved(robot);
        assertThat(robot.lookup("#reads").queryTextInputControl().getText())
                .contains("Written on it: front.");
        shortcut(robot, KeyCode.Z); // the field has the keys: its own undo
        robot.interact(() -> canvas(robot).requestFocus());
        assertThat(((Mark.Label) last()).text()).isNotEqualTo("frontfront");
    }

    @SuppressWarnings("unchecked")
    private <T> void choose(FxRobot robot, String box, T value) {
        laidOut(robot);
        ComboBox<T> choice = robot.lookup(box).queryAs(ComboBox.class);
        robot.interact(() -> choice.setValue(value));
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void anArrowTurnsAsItsThreadTells(FxRobot robot) {
        key(robot, KeyCode.R);
        draw(robot, .4, .4, .5, .4);
        choose(robot, "#rotation", Rotation.COUNTERCLOCKWISE);
        assertThat(((Mark.Turn) last()).rotation()).isEqualTo(Rotation.COUNTERCLOCKWISE);
        choose(robot, "#threadHand", ThreadTurn.Hand.LEFT);
        assertThat(((Mark.Turn) last()).rotation()).isEqualTo(Rotation.CLOCKWISE);
        choose(robot, "#threadAction", ThreadTurn.Action.TIGHTEN);
        assertThat(((Mark.Turn) last()).rotation()).isEqualTo(Rotation.COUNTERCLOCKWISE);
        choose(robot, "#seenFrom", ThreadTurn.SeenFrom.FAR_END);
        assertThat(((Mark.Turn) last()).rotation()).isEqualTo(Rotation.CLOCKWISE);
        choose(robot, "#threadHand", (ThreadTurn.Hand) null);
        assertThat(((Mark.Turn) last()).thread()).isNull();
        assertThat(((Mark.Turn) last()).rotation()).isEqualTo(Rotation.CLOCKWISE);
        key(robot, KeyCode.A);
        draw(robot, .6, .6, .7, .6);
        choose(robot, "#movement", Movement.LIFT);
        assertThat(((Mark.Shift) last()).movement()).isEqualTo(Movement.LIFT);
    }

    @Test
    void aLengthIsMeasuredByTheSizeThatIsTyped(FxRobot robot) {
        robot.interact(() -> robot.lookup("#tool-SCALE").queryAs(ToggleButton.class).fire());
        laidOut(robot);
        robot.clickOn("#known-LENGTH");
        draw(robot, .2, .5, .6, .5);
        assertThat(((Mark.Scale) last()).shape()).isEqualTo(KnownShape.LENGTH);
        fill(robot, "#size-0", "5 Nm");
        assertThat(((Mark.Scale) last()).sizes()).isEmpty();
        assertThat(node(robot, "#message", Label.class).getText()).contains("“5 Nm” is no length");
        fill(robot, "#size-0", "80 mm");
        assertThat(((Mark.Scale) last()).sizes()).hasSize(1);
        key(robot, KeyCode.L);
        draw(robot, .3, .7, .5, .7);
        assertThat(
                        drawing().shapes().stream()
                                .filter(s -> s instanceof methodos.core.figure.Shape.Text)
                                .map(s -> ((methodos.core.figure.Shape.Text) s).text()))
                .anyMatch(t -> t.startsWith("≈ 40") || t.startsWith("≈ 39"))
                .anyMatch(t -> t.contains("the tilt is not corrected"));
    }

    @Test
    void theOrderOfScrewsCanBeGiven(FxRobot robot) {
        key(robot, KeyCode.T);
        for (double[] at : new double[][] {{.3, .3}, {.6, .3}, {.6, .7}, {.3, .7}}) {
            click(robot, at[0], at[1]);
        }
        assertThat(last().points()).hasSize(4);
        assertThat(marks()).hasSize(1);
        choose(robot, "#arrangement", Arrangement.GIVEN);
        fill(robot, "#givenOrder", "4 3 2 2");
        assertThat(((Mark.ScrewOrder) last()).given()).containsExactly(1, 2, 3, 4);
        assertThat(node(robot, "#message", Label.class).getText()).contains("Each of the 4 screws");
        fill(robot, "#givenOrder", "4, 3, 2, 1");
        assertThat(((Mark.ScrewOrder) last()).given()).containsExactly(4, 3, 2, 1);
        assertThatItIsDrawnAsSaved(robot);
    }

    @Test
    void anOutlineGetsAndLosesPoints(FxRobot robot) {
        key(robot, KeyCode.O);
        draw(robot, .3, .3, .5, .6);
        int points = last().points().size();
        key(robot, KeyCode.INSERT);
        assertThat(last().points()).hasSize(points + 1);
        key(robot, KeyCode.P, KeyCode.DELETE);
        assertThat(last().points()).hasSize(points);
    }

    @Test
    void aDoubtfulMarkIsAnOpenPointUntilItIsConfirmed(FxRobot robot) throws Exception {
        key(robot, KeyCode.F);
        click(robot, .4, .4);
        Id<Mark> mark = last().id();
        robot.interact(
                () ->
                        project.apply(
                                FigureEdits.still(
                                        figure, now().still(), now().picture(), Map.of())));
        until(
                () ->
                        project.openPoints().get().stream()
                                .anyMatch(p -> p.key().equals("open.figure.doubt")));
        key(robot, KeyCode.N);
        laidOut(robot);
        robot.clickOn("#confirmMark");
        assertThat(now().doubtful()).isEmpty();
        assertThat(now().mark(mark)).isPresent();
        until(
                () ->
                        project.openPoints().get().stream()
                                .noneMatch(p -> p.key().equals("open.figure.doubt")));
    }

    @Test
    void withoutAToolOrAPartAClickSaysWhatIsMissing(FxRobot robot) {
        click(robot, .5, .5);
        assertThat(node(robot, "#message", Label.class).getText()).startsWith("Pick first");
        key(robot, KeyCode.C);
        click(robot, .5, .5);
        assertThat(node(robot, "#message", Label.class).getText()).startsWith("Choose the part");
        key(robot, KeyCode.ENTER);
        assertThat(marks()).isEmpty();
    }

    @Test
    void whatIsReadOutIsTypedByTheAuthor(FxRobot robot) {
        robot.interact(() -> robot.lookup("#reads").query().requestFocus());
        TextField title = node(robot, "#figureTitle", TextField.class);
        robot.clickOn("#reads")
                .press(KeyCode.CONTROL, KeyCode.A)
                .release(KeyCode.A, KeyCode.CONTROL);
        robot.write("Cap from the right");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(now().text()).isEqualTo("Cap from the right");
        robot.press(KeyCode.CONTROL, KeyCode.A).release(KeyCode.A, KeyCode.CONTROL);
        robot.type(KeyCode.BACK_SPACE);
        robot.interact(title::requestFocus);
        assertThat(now().text()).isEmpty();
        List<String> shown = new ArrayList<>();
        robot.interact(() -> shown.add(robot.lookup("#reads").queryTextInputControl().getText()));
        assertThat(shown.get(0)).isNotBlank();
    }
}
