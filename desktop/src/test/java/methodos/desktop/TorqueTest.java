package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.edit.TorqueEdits;
import methodos.core.fit.LimitTable;
import methodos.core.manual.Figure;
import methodos.core.manual.Joint;
import methodos.core.manual.Sight;
import methodos.core.manual.ThreadTurn;
import methodos.core.manual.TighteningWay;
import methodos.core.manual.Value;
import methodos.core.manual.Wrench;
import methodos.core.practice.PractisedManual;
import methodos.core.quantity.Quantity;
import methodos.core.torque.JointTorque;
import methodos.core.torque.Preload;
import methodos.core.torque.TighteningTable;
import methodos.desktop.place.Place;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Values along the rule, the shop's wrenches and what a screw bears, in the real window. */
class TorqueTest extends RealWindow {

    private Joint cap;

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void openPlace(FxRobot robot) {
        show(robot, Place.TORQUE);
        laidOut(robot);
        cap =
                manual().joints().stream()
                        .filter(j -> j.name().equals("Right end cap to body"))
                        .findFirst()
                        .orElseThrow();
    }

    private Joint now() {
        return manual().joint(cap.id()).orElseThrow();
    }

    private List<String> said(FxRobot robot, String within) {
        return robot.lookup(within + " .label").queryAllAs(Label.class).stream()
                .map(Labeled::getText)
                .toList();
    }

    @Test
    void eachJointOfTheStepsHasARow(FxRobot robot) {
        assertThat(node(robot, "#joints", VBox.class).getChildren())
                .extracting(n -> n.getId())
                .isEqualTo(
                        TighteningTable.of(PractisedManual.of(manual()), Sight.EVERYTHING).stream()
                                .map(r -> "joint-" + r.joint().id())
                                .toList());
    }

    @Test
    void aSlipThatIsTypedIsSaidAndTakenBack(FxRobot robot) throws Exception {
        fill(robot, "#torque-" + cap.id(), "70 lbf·ft");
        assertThat(now().torque().known().map(Quantity::entered)).contains("70 lbf·ft");
        until(
                () ->
                        project.openPoints().get().stream()
                                .anyMatch(p -> p.key().equals("open.torque.SLIP")));
        robot.clickOn("#undo");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(now()).isEqualTo(cap);
        assertThat(node(robot, "#torque-" + cap.id(), TextField.class).getText())
                .isEqualTo("7 to 8.5 N·m");
    }

    @Test
    void whatIsNoTorqueIsSaidAndChangesNothing(FxRobot robot) {
        fill(robot, "#torque-" + cap.id(), "tight");
        assertThat(now()).isEqualTo(cap);
        assertThat(node(robot, "#message", Label.class).getText()).contains("“tight”");
        assertThat(node(robot, "#torque-" + cap.id(), TextField.class).getText())
                .isEqualTo("tight");
    }

    @Test
    void wrenchesAreAddedAndTheFewestAreNamed(FxRobot robot) {
        int before = manual().wrenches().size();
        inView(robot, "#wrenchName");
        robot.clickOn("#wrenchName").write("W9");
        fill(robot, "#wrenchRange", "much");
        assertThat(manual().wrenches()).hasSize(before);
        fill(robot, "#wrenchRange", "1 to 30 mm");
        assertThat(manual().wrenches()).hasSize(before);
        fill(robot, "#wrenchRange", "0.2 to 20 N·m");
        assertThat(manual().wrenches()).hasSize(before + 1);
        Id<Wrench> id = manual().wrenches().get(before).id();
        assertThat(said(robot, "#jointPanel")).anyMatch(t -> t.contains("W9"));
        laidOut(robot);
        robot.interact(() -> robot.lookup("#deleteWrench-" + id).queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().wrenches()).hasSize(before);
    }

    @Test
    void theChosenJointTellsItsRoundsAndWhatItsScrewBears(FxRobot robot) {
        robot.clickOn("#torque-" + cap.id());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(said(robot, "#jointPanel"))
                .contains("all by hand", "2.5 N·m", "5 N·m", "7 to 8.5 N·m", "final pass")
                // 7 and 8.5 / (0.15 · 0.006), of 20.1 mm² · 580 MPa
                .contains("7.8 to 9.4 kN, 67 to 81 % of proof");
        fill(robot, "#jointClass", "soft");
        assertThat(now().propertyClass()).isEqualTo("8.8");
        assertThat(node(robot, "#message", Label.class).getText()).contains("no known class");
        fill(robot, "#jointClass", "10.9");
        assertThat(now().propertyClass()).isEqualTo("10.9");
        fill(robot, "#jointStages", "3 N·m");
        assertThat(now().stages()).containsExactly(Quantity.parse("3 N·m"));
    }

    @Test
    void readingsAreTriedAgainstTheirLimit(FxRobot robot) {
        var before = manual();
        LimitTable.Row row =
                LimitTable.of(PractisedManual.of(manual()), Sight.EVERYTHING).stream()
                        .filter(r -> r.reading().what().equals("Free length of a spring"))
                        .findFirst()
                        .orElseThrow();
        String key = row.step().id() + "-" + row.index();
        TextField field = node(robot, "#try-" + key, TextField.class);
        robot.interact(field::requestFocus);
        robot.write("63.5, 63").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        Label verdict = node(robot, "#verdict-" + key, Label.class);
        assertThat(verdict.getText()).isEqualTo("All 2 are inside.");
        robot.write(", 62.05").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(verdict.getText()).startsWith("One is within one resolution");
        robot.write(", 61.9 mm").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(verdict.getText()).isEqualTo("One is outside: replace all ten springs");
        robot.write(", long").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(node(robot, "#message", Label.class).getText()).contains("“long”");
        assertThat(manual()).isEqualTo(before);
    }

    @Test
    void aSizeIsChosenByTheClearanceThatWasMeasured(FxRobot robot) {
        LimitTable.Row row =
                LimitTable.of(PractisedManual.of(manual()), Sight.EVERYTHING).stream()
                        .filter(r -> r.reading().fit() != null)
                        .findFirst()
                        .orElseThrow();
        String key = row.step().id() + "-" + row.index();
        Label verdict = node(robot, "#verdict-" + key, Label.class);
        assertThat(verdict.getText()).startsWith("Stocked: 2.10, 2.20, 2.30, 2.40");
        TextField field = node(robot, "#try-" + key, TextField.class);
        robot.interact(field::requestFocus);
        robot.write("2.10, 0.31").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        // 2.10 + 0.31 − 2.30 = 0.11
        assertThat(verdict.getText()).isEqualTo("Take 2.30: 0.11 mm stay.");
        robot.write("; 3").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(node(robot, "#message", Label.class).getText()).startsWith("Type two readings");
        robot.type(KeyCode.BACK_SPACE, 7).write("1.2").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(verdict.getText()).startsWith("None of the stocked sizes fits");
    }

    @Test
    void twoUnitsOfAJointAreHeldAgainstEachOther(FxRobot robot) throws Exception {
        robot.clickOn("#torque-" + cap.id());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(said(robot, "#jointPanel")).contains("62 to 75 lbf·in was specified: agrees");
        fill(robot, "#jointSecond", "62 to 75 lbf·ft");
        assertThat(said(robot, "#jointPanel"))
                .contains("62 to 75 lbf·ft was specified: does not agree. lbf·ft for lbf·in");
        until(
                () ->
                        project.openPoints().get().stream()
                                .anyMatch(p -> p.key().equals("open.torque.units")));
        fill(robot, "#jointSecond", "62 mm");
        assertThat(node(robot, "#message", Label.class).getText())
                .isEqualTo("“62 mm” is no torque.");
    }

    @Test
    void aJointIsTurnedByAnAngleAsTheManualDoesItOrInItsOwnWay(FxRobot robot) {
        robot.clickOn("#torque-" + cap.id());
        fill(robot, "#jointAngle", "60°");
        assertThat(now().further().print()).isEqualTo("60°");
        assertThat(said(robot, "#jointPanel")).contains("then angle 60°", "7 to 8.5 N·m");
        assertThat(said(robot, "#joint-" + cap.id())).anyMatch(t -> t.endsWith("then angle 60°"));
        fill(robot, "#jointTurned", "1/8 turn");
        @SuppressWarnings("unchecked")
        ComboBox<TighteningWay> way = node(robot, "#jointWay", ComboBox.class);
        robot.interact(() -> way.setValue(TighteningWay.ANGLE));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(said(robot, "#joint-" + cap.id())).contains("hand-tight and then 1/8 turn");
        assertThat(said(robot, "#jointPanel")).doesNotContain("7 to 8.5 N·m");
        robot.interact(() -> project.edits().undo());
        assertThat(said(robot, "#jointPanel")).contains("7 to 8.5 N·m");
    }

    @Test
    void whatPracticeSaysOfAJointIsTypedAndTicked(FxRobot robot) {
        robot.clickOn("#torque-" + cap.id());
        fill(robot, "#jointFeel", "snug, no play");
        fill(robot, "#jointBack", "1/8 turn");
        fill(robot, "#jointLoosenOrder", "cross");
        fill(robot, "#jointLoosenRounds", "two");
        assertThat(node(robot, "#message", Label.class).getText())
                .isEqualTo("“two” is no number of rounds from 1 to 99.");
        fill(robot, "#jointLoosenRounds", "2");
        robot.interact(() -> ((CheckBox) robot.lookup("#jointNew").query()).fire());
        robot.interact(() -> ((CheckBox) robot.lookup("#jointByHand").query()).fire());
        @SuppressWarnings("unchecked")
        ComboBox<ThreadTurn.Hand> hand = node(robot, "#jointHand", ComboBox.class);
        robot.interact(() -> hand.setValue(ThreadTurn.Hand.LEFT));
        WaitForAsyncUtils.waitForFxEvents();
        @SuppressWarnings("unchecked")
        ComboBox<TighteningWay> way = node(robot, "#jointWay", ComboBox.class);
        robot.interact(() -> way.setValue(TighteningWay.EITHER));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(now())
                .isEqualTo(
                        cap.withFeel("snug, no play")
                                .withBackOff(Quantity.parse("1/8 turn"))
                                .withLoosenOrder("cross")
                                .withLoosenRounds(2)
                                .withNewEachTime(true)
                                .withByHand(true)
                                .withHand(ThreadTurn.Hand.LEFT)
                                .withWay(TighteningWay.EITHER));
        assertThat(said(robot, "#jointPanel"))
                .anyMatch(t -> t.endsWith("or hand-tight; and then back 1/8 turn"));
    }

    @Test
    void aSoftJointMayBearLittleAndAJointWithoutAValueTakesTheUsualOne(FxRobot robot) {
        fill(robot, "#torque-" + cap.id(), "1.5 N·m");
        assertThat(Preload.Verdict.PLAUSIBLE)
                .isNotEqualTo(JointTorque.of(manual(), now()).preload().orElseThrow().verdict());
        robot.interact(() -> ((CheckBox) robot.lookup("#jointSoft").query()).fire());
        assertThat(JointTorque.of(manual(), now()).preload().orElseThrow().verdict())
                .isEqualTo(Preload.Verdict.PLAUSIBLE);
        robot.interact(
                () ->
                        project.apply(
                                TorqueEdits.joint(
                                        cap.id(),
                                        j ->
                                                j.withTorque(new Value.Open("not said", null))
                                                        .withCondition("dry"))));
        laidOut(robot);
        robot.interact(() -> ((Button) robot.lookup("#takeUsual").query()).fire());
        Value.Known usual = (Value.Known) now().torque();
        assertThat(usual.quantity().print()).isEqualTo("9.5 N·m");
        assertThat(usual.accepted()).isFalse();
    }

    @Test
    void theScrewsAreDrawnInTheirOrderAndLeadToTheirFigure(FxRobot robot) {
        robot.clickOn("#torque-" + cap.id());
        WaitForAsyncUtils.waitForFxEvents();
        laidOut(robot);
        robot.interact(() -> ((Button) robot.lookup("#changeOrder").query()).fire());
        WaitForAsyncUtils.waitForFxEvents();
        Id<Figure> figure =
                manual().steps()
                        .filter(s -> s.joints().contains(cap.id()))
                        .findFirst()
                        .orElseThrow()
                        .figures()
                        .get(0);
        assertThat(robot.lookup("#figure-" + figure).tryQuery()).isPresent();
    }

    @Test
    void usualTorquesAreTypedOnOneLine(FxRobot robot) {
        int before = manual().torqueDefaults().size();
        fill(robot, "#addUsual", "M10, 8.8, dry");
        assertThat(manual().torqueDefaults()).hasSize(before);
        fill(robot, "#addUsual", "M10, 8.8, dry: 46 mm");
        assertThat(node(robot, "#message", Label.class).getText())
                .isEqualTo("“46 mm” is no torque.");
        fill(robot, "#addUsual", "M10, 8.8: 46 N·m");
        assertThat(manual().torqueDefaults()).hasSize(before + 1);
        assertThat(manual().torqueDefaults().get(before).torque().print()).isEqualTo("46 N·m");
        robot.interact(() -> ((Button) robot.lookup("#deleteUsual-" + before).query()).fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().torqueDefaults()).hasSize(before);
    }

    @Test
    void anAdapterOnTheWrenchIsReckonedIn(FxRobot robot) {
        fill(robot, "#torque-" + cap.id(), "40 N·m");
        robot.clickOn("#torque-" + cap.id());
        WaitForAsyncUtils.waitForFxEvents();
        fill(robot, "#adapter", "400 mm, 60 mm");
        // 40 · 400 / 460
        assertThat(node(robot, "#adapterSet", Label.class).getText())
                .isEqualTo("Set the wrench to 34.8 N·m.");
        fill(robot, "#adapter", "400 mm, 60 mm, 90°");
        assertThat(node(robot, "#adapterSet", Label.class).getText())
                .isEqualTo("Set the wrench to 40.0 N·m.");
        fill(robot, "#adapter", "400 mm");
        assertThat(node(robot, "#message", Label.class).getText()).startsWith("wrench, adapter");
    }

    @Test
    void tabKeepsWhatWasTypedAndGoesToTheNextField(FxRobot robot) throws Exception {
        inView(robot, "#jointClass");
        robot.clickOn("#jointClass");
        robot.interact(() -> robot.lookup("#jointClass").queryAs(TextField.class).setText("10.9"));
        robot.type(KeyCode.TAB);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(now().propertyClass()).isEqualTo("10.9");
        assertThat(robot.lookup("#jointCondition").query().isFocused()).isTrue();
    }

    @Test
    void theOrderOfTheManualStandsAsAPromptOnly(FxRobot robot) {
        robot.interact(() -> project.apply(TorqueEdits.joint(cap.id(), j -> j.withOrder(""))));
        WaitForAsyncUtils.waitForFxEvents();
        TextField order = robot.lookup("#jointOrder").queryAs(TextField.class);
        assertThat(order.getText()).isEmpty();
        assertThat(order.getPromptText()).isEqualTo("star, by convention");
    }
}
