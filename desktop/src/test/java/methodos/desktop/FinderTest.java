package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import methodos.core.edit.Edit;
import methodos.core.edit.EditKind;
import methodos.core.edit.StepEdits;
import methodos.core.manual.Joint;
import methodos.core.manual.Step;
import methodos.core.manual.ThreadTurn;
import methodos.desktop.place.Place;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** One field that finds everything, and the guide, by their keys. */
class FinderTest extends RealWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private void find(FxRobot robot, String text) {
        robot.interact(() -> window().root().requestFocus());
        robot.press(KeyCode.CONTROL, KeyCode.F).release(KeyCode.F, KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#find").query().isFocused()).isTrue();
        robot.interact(() -> robot.lookup("#find").queryTextInputControl().setText(text));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private List<?> found(FxRobot robot) {
        return robot.lookup("#found").queryAs(ListView.class).getItems();
    }

    @Test
    void enterGoesToAStepByItsWords(FxRobot robot) {
        Step last = manual().steps().reduce((a, b) -> b).orElseThrow();
        find(robot, last.text());
        robot.type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window().seamState().step().get()).isEqualTo(last.id());
        assertThat(window().view().place()).isEqualTo(Place.STEPS.name());
    }

    @Test
    void valuesPartsWordsAndCommandsAreFound(FxRobot robot) {
        Joint first = manual().joints().get(0);
        robot.interact(
                () ->
                        project.apply(
                                Edit.named(
                                        EditKind.TORQUE,
                                        m -> m.withJoint(first.withHand(ThreadTurn.Hand.LEFT)))));
        find(robot, "left-hand");
        assertThat(found(robot)).isNotEmpty().anyMatch(h -> h.toString().contains(first.name()));
        find(robot, "torque 8");
        assertThat(found(robot)).isNotEmpty();
        find(robot, "not accepted");
        assertThat(found(robot)).isEmpty();
        Step one = manual().steps().findFirst().orElseThrow();
        robot.interact(
                () ->
                        project.apply(
                                Edit.named(
                                        EditKind.ACCEPT,
                                        m -> m.withStep(one.withAccepted(false)))));
        find(robot, "not accepted");
        assertThat(found(robot)).hasSize(1);

        find(robot, "go to stores");
        robot.type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window().view().place()).isEqualTo(Place.STORES.name());

        find(robot, "crosswise");
        assertThat(found(robot)).as("words that are spoken").isNotEmpty();
    }

    @Test
    void escapeGoesBackToThePlaceAndNothingFoundSaysSo(FxRobot robot) {
        show(robot, Place.TORQUE);
        robot.press(KeyCode.CONTROL, KeyCode.F).release(KeyCode.F, KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
        robot.write("qqqq");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(texts(robot)).contains("nothing found");
        robot.type(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#find").tryQuery()).isEmpty();
        assertThat(window().view().place()).isEqualTo(Place.TORQUE.name());
    }

    @Test
    void theGuideOpensWhereOneIsAndIsSearched(FxRobot robot) {
        show(robot, Place.FIGURES);
        robot.type(KeyCode.F1);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(chosenSection(robot)).isEqualTo("Figures");
        robot.clickOn("#searchGuide").write("left-hand");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#guideFound").queryAs(Labeled.class).getText()).startsWith("in ");
        robot.type(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window().view().place()).isEqualTo(Place.FIGURES.name());

        // each place has its section
        for (Place place : List.of(Place.UNIT, Place.STORES, Place.TORQUE, Place.PUBLISH)) {
            show(robot, place);
            robot.type(KeyCode.F1);
            WaitForAsyncUtils.waitForFxEvents();
            assertThat(chosenSection(robot)).isEqualTo(project.words().of("place." + place));
            laidOut(robot);
            assertThat(beginning(robot, project.words().of("place." + place)))
                    .as("the section is at the top, or the guide at its end")
                    .isTrue();
        }
    }

    private static boolean beginning(FxRobot robot, String title) {
        ScrollPane guide = robot.lookup("#guide").queryAs(ScrollPane.class);
        Text first =
                robot.lookup(".guide-strong").queryAllAs(Text.class).stream()
                        .filter(t -> t.getText().equals(title + "."))
                        .findFirst()
                        .orElseThrow();
        double top = guide.localToScene(0, 0).getY();
        double at = first.localToScene(first.getBoundsInLocal()).getMinY();
        return guide.getVvalue() > .99 || at >= top - 2 && at < top + 40;
    }

    private static String chosenSection(FxRobot robot) {
        return robot.lookup(".pick").queryAllAs(ToggleButton.class).stream()
                .filter(ToggleButton::isSelected)
                .map(ToggleButton::getText)
                .findFirst()
                .orElse("");
    }

    @Test
    void ctrlSSaysThatAllIsSaved(FxRobot robot) {
        robot.press(KeyCode.CONTROL, KeyCode.S).release(KeyCode.S, KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#message").queryAs(Labeled.class).getText()).contains("saved");
    }

    @Test
    void whatIsSaidMovesNothing(FxRobot robot) {
        double before = height(robot);
        robot.press(KeyCode.CONTROL, KeyCode.S).release(KeyCode.S, KeyCode.CONTROL);
        laidOut(robot);
        assertThat(robot.lookup("#message").query().isVisible()).isTrue();
        assertThat(height(robot)).isEqualTo(before);
    }

    private static double height(FxRobot robot) {
        return robot.lookup("#makeStep").query().localToScene(0, 0).getY();
    }

    @Test
    void ctrlZInAFieldTakesBackWhatIsTypedThereAndThenTheEdit(FxRobot robot) {
        Step first = manual().steps().findFirst().orElseThrow();
        robot.interact(
                () -> {
                    window().chooseStep(first.id());
                    project.apply(StepEdits.optional(first.id(), true));
                });
        inView(robot, "#addPart");
        robot.clickOn("#addPart").write("x");
        undo(robot);
        assertThat(robot.lookup("#addPart").queryTextInputControl().getText()).isEmpty();
        assertThat(manual().step(first.id()).orElseThrow().optional()).isTrue();
        undo(robot);
        assertThat(manual().step(first.id()).orElseThrow().optional()).isFalse();
        assertThat(robot.lookup("#addPart").query().isFocused()).isTrue();
    }

    private static void undo(FxRobot robot) {
        robot.press(KeyCode.CONTROL, KeyCode.Z).release(KeyCode.Z, KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
    }
}
