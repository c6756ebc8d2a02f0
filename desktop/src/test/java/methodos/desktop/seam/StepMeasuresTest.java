package methodos.desktop.seam;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.description.RecordShape;
import methodos.core.edit.StepEdits;
import methodos.core.manual.Alternative;
import methodos.core.manual.Document;
import methodos.core.manual.FitRule;
import methodos.core.manual.Hazard;
import methodos.core.manual.Practices;
import methodos.core.manual.Reading;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.desktop.RealWindow;
import methodos.desktop.place.Place;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** What is measured and judged by eye in a step, what it uses, and whether it may be left out. */
class StepMeasuresTest extends RealWindow {

    private static final Hazard WELDING =
            new Hazard(Hazard.SignalWord.WARNING, "Hot metal", "burns", "Wear gloves");

    private Id<Step> step;

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void chooseStep(FxRobot robot) {
        step = manual().steps().skip(20).findFirst().map(Step::id).orElseThrow();
        robot.interact(() -> window().chooseStep(step));
        laidOut(robot);
    }

    private Step now() {
        return manual().step(step).orElseThrow();
    }

    @Test
    void aReadingHasItsLimitItsInstrumentAndItsSizes(FxRobot robot) {
        fill(robot, "#addReading", "gap of the ring");
        assertThat(now().readings().get(0).limit()).isInstanceOf(Value.Open.class);
        fill(robot, "#readingLimit-0", "wide");
        assertThat(node(robot, "#readingProblem-0", Label.class).getText()).contains("wide");
        fill(robot, "#readingLimit-0", "0.05 to 0.15 mm");
        fill(robot, "#readingCount-0", "4");
        fill(robot, "#readingOtherwise-0", "fit a new ring");
        fire(robot, "#moreOfReading-0");
        fill(robot, "#readingSizes-0", "2.10 mm, 2.20 mm");
        assertThat(node(robot, "#readingProblem-0", Label.class).getText()).isNotEmpty();
        fill(robot, "#readingSizes-0", "2.10 mm, 2.20 mm; 0.10 mm");
        assertThat(now().readings().get(0).fit().rule()).isEqualTo(FitRule.NEAREST);
        fill(robot, "#readingSizes-0", "2.10 mm, 2.20 mm; 0.10 mm; thickest");
        assertThat(now().readings().get(0).fit().rule()).isEqualTo(FitRule.THICKEST);
        @SuppressWarnings("unchecked")
        ComboBox<Tool> tool = node(robot, "#readingTool-0", ComboBox.class);
        robot.interact(() -> tool.setValue(tool.getItems().get(1)));
        WaitForAsyncUtils.waitForFxEvents();
        Reading reading = now().readings().get(0);
        assertThat(reading.limit().known().orElseThrow().print()).isEqualTo("0.05 to 0.15 mm");
        assertThat(reading.count()).isEqualTo(4);
        assertThat(reading.otherwise()).isEqualTo("fit a new ring");
        assertThat(reading.fit().stock()).hasSize(2);
        assertThat(reading.tool()).isNotNull();
        fire(robot, "#deleteReading-0");
        assertThat(now().readings()).isEmpty();
    }

    @Test
    void anOpenLimitSaysInWhichDocumentItIs(FxRobot robot) {
        fill(robot, "#addReading", "gap of the ring");
        assertThat(node(robot, "#reading-0Place", TextField.class).isDisabled()).isTrue();
        @SuppressWarnings("unchecked")
        ComboBox<Document> document = node(robot, "#reading-0Document", ComboBox.class);
        Document first = manual().documents().get(0);
        robot.interact(() -> document.setValue(first));
        WaitForAsyncUtils.waitForFxEvents();
        fill(robot, "#reading-0Place", "table 3");
        Value.Open open = (Value.Open) now().readings().get(0).limit();
        assertThat(open.where(manual())).contains(first.name() + ", table 3");
        fill(robot, "#readingLimit-0", "0.05 to 0.15 mm");
        assertThat(robot.lookup("#reading-0Document").tryQuery()).isEmpty();
    }

    @Test
    void eachTextOfAStepHasItsField(FxRobot robot) {
        for (StepTexts.Text text : StepTexts.ALL) {
            fill(robot, "#step-" + text.name(), "of " + text.name());
        }
        assertThat(StepTexts.ALL)
                .allSatisfy(t -> assertThat(t.of().apply(now())).isEqualTo("of " + t.name()));
        // the instruction has its own area, what is in doubt its own rows
        assertThat(StepTexts.ALL)
                .extracting(StepTexts.Text::name)
                .containsExactlyInAnyOrderElementsOf(
                        RecordShape.of(Step.class).components().stream()
                                .filter(c -> c.type() == String.class)
                                .map(RecordShape.Component::name)
                                .filter(n -> !n.equals("id") && !n.equals("text"))
                                .toList());
    }

    /** What the checks offer behind an edit stands above the field that one is in. */
    @Test
    void aFieldStaysWhereItIsAndWhatIsTypedInItWhileHazardsAreOffered(FxRobot robot) {
        fill(robot, "#stepWay", "through the plug");
        TextField way = node(robot, "#stepWay", TextField.class);
        robot.clickOn(way).write("X");
        double height = way.localToScene(0, 0).getY();
        robot.interact(
                () -> project.apply(StepEdits.text(step, "Weld the bracket to the housing.")));
        laidOut(robot);
        assertThat(robot.lookup("#proposeHazard").tryQuery()).isPresent();
        assertThat(node(robot, "#stepWay", TextField.class)).isSameAs(way);
        assertThat(way.getText()).contains("X");
        assertThat(way.localToScene(0, 0).getY()).isCloseTo(height, within(1.0));

        // an edit makes all fields anew; the one that is pointed at stays where it was
        robot.interact(() -> project.apply(StepEdits.hazard(step, 0, WELDING)));
        laidOut(robot);
        Node again = robot.lookup("#stepWay").query();
        assertThat(again).isNotSameAs(way);
        assertThat(again.localToScene(0, 0).getY()).isCloseTo(height, within(1.0));
    }

    @Test
    void aStepIsOfAWayUntilItIsEmptied(FxRobot robot) {
        Step before = now();
        fill(robot, "#stepWay", "through the plug");
        assertThat(now()).isEqualTo(before);
        fill(robot, "#stepWay", "Fill the case: through the plug");
        fill(robot, "#stepWayWhen", "the pump is at hand");
        Alternative fill = manual().alternativeOf(now().way()).orElseThrow();
        assertThat(fill.name()).isEqualTo("Fill the case");
        assertThat(fill.ways())
                .extracting(Alternative.Way::name, Alternative.Way::when)
                .containsExactly(tuple("through the plug", "the pump is at hand"));
        robot.clickOn("#stepWay").press(KeyCode.CONTROL, KeyCode.A);
        robot.release(KeyCode.A, KeyCode.CONTROL).type(KeyCode.DELETE).type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(now()).isEqualTo(before);
        assertThat(manual().alternatives()).isEmpty();
    }

    private void fire(FxRobot robot, String id) {
        laidOut(robot);
        robot.interact(() -> ((ButtonBase) robot.lookup(id).query()).fire());
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void whatIsJudgedByEyeHasWordsForGoodAndBad(FxRobot robot) throws Exception {
        fill(robot, "#addLook", "the sealing lip");
        fill(robot, "#lookPass-0", "smooth");
        fill(robot, "#lookFail-0", "torn");
        assertThat(now().looks())
                .singleElement()
                .satisfies(
                        l -> {
                            assertThat(l.pass()).isEqualTo("smooth");
                            assertThat(l.fail()).isEqualTo("torn");
                        });
        until(
                () ->
                        project.openPoints().get().stream()
                                .anyMatch(
                                        p ->
                                                p.key().equals("open.look.figure")
                                                        && step.equals(p.step())));
        fire(robot, "#deleteLook-0");
        assertThat(now().looks()).isEmpty();
    }

    @Test
    void aConsumableIsTakenFromTheListOrMade(FxRobot robot) {
        int known = manual().consumables().size();
        fill(robot, "#addConsumable", manual().consumables().get(0).label());
        assertThat(now().consumableIds()).containsExactly(manual().consumables().get(0).id());
        fill(robot, "#addConsumable", "assembly paste");
        assertThat(manual().consumables()).hasSize(known + 1);
        fire(robot, "#removeConsumable-" + manual().consumables().get(0).id());
        assertThat(now().consumables()).hasSize(1);
    }

    @Test
    void aStepThatMayBeLeftOutIsLeftOutWhereTheManualDoesSo(FxRobot robot) {
        int all = new StepNumbers(manual(), Sight.EVERYTHING).count();
        robot.interact(() -> ((CheckBox) robot.lookup("#stepOptional").query()).fire());
        assertThat(now().optional()).isTrue();
        assertThat(new StepNumbers(manual(), Sight.EVERYTHING).count()).isEqualTo(all);
        show(robot, Place.UNIT);
        laidOut(robot);
        @SuppressWarnings("unchecked")
        ComboBox<Practices.Optional> box = node(robot, "#practice-optional", ComboBox.class);
        robot.interact(() -> box.setValue(Practices.Optional.LEFT_OUT));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(new StepNumbers(manual(), Sight.EVERYTHING).count()).isEqualTo(all - 1);
        assertThat(manual().practices().optional()).isEqualTo(Practices.Optional.LEFT_OUT);
    }
}
