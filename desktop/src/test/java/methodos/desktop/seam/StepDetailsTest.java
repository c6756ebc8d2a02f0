package methodos.desktop.seam;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.manual.Answer;
import methodos.core.manual.Found;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Reading;
import methodos.core.manual.Repeat;
import methodos.core.manual.Step;
import methodos.core.manual.Wait;
import methodos.demo.DemoProject;
import methodos.desktop.RealWindow;
import methodos.desktop.place.Place;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/**
 * What a step says of answers, waits, places, amounts, rounds and conditions; on the sluice gate.
 */
class StepDetailsTest extends RealWindow {

    private Id<Step> step;

    @Override
    protected void prepare(Path target) throws Exception {
        DemoProject.SG_5.copyTo(target);
    }

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private void choose(FxRobot robot, String id) {
        step = new Id<>(id);
        show(robot, Place.STEPS);
        robot.interact(() -> window().chooseStep(step));
        laidOut(robot);
    }

    private Step now() {
        return manual().step(step).orElseThrow();
    }

    private Reading reading(int at) {
        return now().readings().get(at);
    }

    private void fire(FxRobot robot, String id) {
        robot.interact(() -> ((ButtonBase) robot.lookup(id).query()).fire());
        WaitForAsyncUtils.waitForFxEvents();
        laidOut(robot);
    }

    /** Chooses by keys, as a hand on the keyboard does. */
    private void pick(FxRobot robot, String box, int index) {
        inView(robot, box);
        ComboBox<?> combo = node(robot, box, ComboBox.class);
        robot.interact(combo::requestFocus);
        int from = Math.max(0, combo.getSelectionModel().getSelectedIndex());
        for (int i = from; i < index; i++) {
            robot.type(KeyCode.DOWN);
        }
        for (int i = from; i > index; i--) {
            robot.type(KeyCode.UP);
        }
        WaitForAsyncUtils.waitForFxEvents();
        laidOut(robot);
    }

    private String message(FxRobot robot) {
        return node(robot, "#message", Labeled.class).getText();
    }

    @Test
    void aReadingIsAnsweredInWordsAndHeldAgainstAnEarlierOne(FxRobot robot) {
        choose(robot, "s151");
        fill(robot, "#addReading", "the counter stands at nought");
        fire(robot, "#moreOfReading-0");
        pick(robot, "#readingKind-0", 1);
        assertThat(reading(0).answer()).isInstanceOf(Answer.Choice.class);
        assertThat(reading(0).limit()).as("words have no limit").isNull();
        fill(robot, "#readingAnswer-0", "yes");
        assertThat(node(robot, "#readingProblem-0", Label.class).getText()).contains("two answers");
        fill(robot, "#readingAnswer-0", "yes*, no");
        assertThat(((Answer.Choice) reading(0).answer()).good()).containsExactly("yes");
        pick(robot, "#readingKind-0", 2);
        fill(robot, "#readingAnswer-0", "C7, C8");
        pick(robot, "#readingAgainst-0", 1);
        assertThat(reading(0).against()).isEqualTo(new Id<>("r101"));
        assertThat(((Answer.Written) reading(0).answer()).among()).containsExactly("C7", "C8");
    }

    @Test
    void severalReadingsHaveNamesAndAreReckonedWith(FxRobot robot) {
        choose(robot, "s142");
        fill(robot, "#addReading", "play of the ring");
        fill(robot, "#readingLimit-0", "0.1 to 0.3 mm");
        fire(robot, "#moreOfReading-0");
        fill(robot, "#readingNames-0", "axial, radial");
        fill(robot, "#readingSymbol-0", "2x");
        assertThat(node(robot, "#readingProblem-0", Label.class).getText()).contains("letter");
        fill(robot, "#readingSymbol-0", "w");
        assertThat(reading(0).labels()).containsExactly("axial", "radial");
        assertThat(reading(0).symbol()).isEqualTo("w");
        fill(robot, "#addReading", "both");
        fire(robot, "#moreOfReading-1");
        pick(robot, "#readingKind-1", 4);
        fill(robot, "#readingAnswer-1", "w1 + w2 in mm");
        assertThat(reading(1).answer()).isEqualTo(new Answer.Reckoned("w1 + w2", "mm"));
    }

    @Test
    void answersAreTriedAgainstWhatIsAsked(FxRobot robot) {
        show(robot, Place.TORQUE);
        fill(robot, "#try-s135-0", "no");
        assertThat(verdict(robot, "s135-0")).startsWith("no: not good");
        fill(robot, "#try-s135-0", "perhaps");
        assertThat(message(robot)).isEqualTo("“perhaps” is none of: yes, no.");
        fill(robot, "#try-s165-0", "SG1042; sg 1042");
        assertThat(verdict(robot, "s165-0")).endsWith("good").doesNotContain("not");
        fill(robot, "#try-s134-2", "9 mm");
        assertThat(verdict(robot, "s134-2")).as("about judges nothing").endsWith("written down");
    }

    private static String verdict(FxRobot robot, String of) {
        return node(robot, "#verdict-" + of, Label.class).getText();
    }

    @Test
    void whatIsReadEarlierGetsItsIdWhenItIsNeeded(FxRobot robot) {
        choose(robot, "s134");
        assertThat(reading(2).id()).isNull();
        choose(robot, "s150");
        ComboBox<?> found = node(robot, "#onlyIfFound", ComboBox.class);
        int chamfer = 0;
        for (int i = 0; i < found.getItems().size(); i++) {
            if (String.valueOf(found.getItems().get(i)).contains("chamfer of the ring")) {
                chamfer = i;
            }
        }
        pick(robot, "#onlyIfFound", chamfer);
        Id<Reading> named = ((Found.Outside) now().onlyIfFound()).reading();
        Step measured = manual().step(new Id<>("s134")).orElseThrow();
        assertThat(measured.readings()).anyMatch(r -> named.equals(r.id()));
        pick(robot, "#onlyIfFound", 0);
        assertThat(now().onlyIfFound()).isNull();
    }

    @Test
    void aWaitHasATimeAnEndAndAReason(FxRobot robot) {
        choose(robot, "s147");
        fill(robot, "#addWait", "at least 30 min");
        fill(robot, "#waitUntil-0", "the sealant has a skin");
        fill(robot, "#waitWhat-0", "the sealant sets");
        assertThat(now().waits())
                .containsExactly(
                        new Wait(
                                "the sealant sets",
                                1800,
                                Wait.Bound.AT_LEAST,
                                "the sealant has a skin"));
        fill(robot, "#waitTime-0", "two spans");
        assertThat(message(robot)).contains("two spans");
        fill(robot, "#waitTime-0", "≤ 2 h");
        assertThat(now().waits().get(0).seconds()).isEqualTo(7200);
        fire(robot, "#removeWait-0");
        assertThat(now().waits()).isEmpty();
    }

    @Test
    void partsHavePlacesAndAWayRoundAndConsumablesAnAmount(FxRobot robot) {
        choose(robot, "s142");
        fill(robot, "#partWayRound-p13", "number on top");
        fill(robot, "#partPlaces-p13", "above the wheel, below the wheel");
        assertThat(now().parts().get(0).wayRound()).isEqualTo("number on top");
        assertThat(now().parts().get(0).places())
                .containsExactly("above the wheel", "below the wheel");
        fill(robot, "#consumableMuch-c71", "12 g, races");
        assertThat(now().consumables().get(0).amount().print()).isEqualTo("12 g");
        assertThat(now().consumables().get(0).place()).isEqualTo("races");
    }

    @Test
    void aFluidHasAmountLevelAndGrade(FxRobot robot) {
        choose(robot, "s149");
        fill(robot, "#actionAmount-0", "0.75 L");
        fill(robot, "#fluidHeld-0", "0.7 to 0.8 L");
        fill(robot, "#fluidLevel-0", "the mark");
        fill(robot, "#fluidGrade-0", "ISO VG 150");
        assertThat(now().actions().get(0).amount().print()).isEqualTo("0.75 L");
        LedgerItem oil = manual().ledgerItem(new Id<LedgerItem>("i94")).orElseThrow();
        assertThat(oil.amount().print()).isEqualTo("0.7 to 0.8 L");
        assertThat(oil.level() + ", " + oil.grade()).isEqualTo("the mark, ISO VG 150");
        fill(robot, "#actionAmount-0", "a bit");
        assertThat(message(robot)).contains("a bit");
    }

    @Test
    void roundsEndByAStateOrANumber(FxRobot robot) {
        choose(robot, "s162");
        fill(robot, "#repeatMost", "often");
        assertThat(message(robot)).contains("often");
        fill(robot, "#repeatMost", "8");
        fill(robot, "#repeatLeast", "2");
        fill(robot, "#repeatUntil", "it runs as it should");
        fill(robot, "#repeatOtherwise", "ask the maker");
        Repeat repeat = manual().repeats().get(manual().repeats().size() - 1);
        assertThat(repeat.least()).isEqualTo(2);
        assertThat(repeat.most()).isEqualTo(8);
        assertThat(repeat.until()).isEqualTo("it runs as it should");
        assertThat(repeat.otherwise()).isEqualTo("ask the maker");
    }
}
