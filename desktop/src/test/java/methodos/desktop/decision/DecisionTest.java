package methodos.desktop.decision;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.fault.FaultFinding;
import methodos.core.fit.DecisionTables;
import methodos.core.fit.TableCheck;
import methodos.core.manual.Decision;
import methodos.core.manual.Symptom;
import methodos.desktop.RealWindow;
import methodos.desktop.place.Place;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Decision tables and fault finding, typed and tried in the real window. */
class DecisionTest extends RealWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void openPlace(FxRobot robot) {
        show(robot, Place.TORQUE);
        laidOut(robot);
    }

    private void fire(FxRobot robot, String id) {
        robot.interact(() -> ((ButtonBase) robot.lookup(id).query()).fire());
        WaitForAsyncUtils.waitForFxEvents();
        laidOut(robot);
    }

    private void work(FxRobot robot, Id<?> id) {
        fire(robot, "#open-" + id);
    }

    private Decision decision(int index) {
        return manual().decisions().get(index);
    }

    private static List<String> texts(FxRobot robot, String within) {
        return robot.lookup(within + " .label").queryAllAs(Labeled.class).stream()
                .map(Labeled::getText)
                .toList();
    }

    private static String message(FxRobot robot) {
        return node(robot, "#message", Labeled.class).getText();
    }

    @Test
    void readingsAreTriedAndTheWayIsShown(FxRobot robot) {
        work(robot, decision(1).id());
        fill(robot, "#tried-g", "0.31");
        assertThat(texts(robot, "#path"))
                .containsExactly("end float 0.31: rule 2", "Now measure: thrust washer that is in");
        fill(robot, "#tried-w", "2.10");
        assertThat(texts(robot, "#path"))
                .contains("n = 2.31")
                .endsWith("→ fit the washer nearest to n");
        fill(robot, "#tried-g", "4 thou");
        assertThat(texts(robot, "#path")).endsWith("→ leave the washer in");
        fill(robot, "#tried-g", "wide");
        assertThat(message(robot)).contains("wide");
    }

    @Test
    void aHoleIsSaidWhereItIsTypedAndInTheOpenPoints(FxRobot robot) throws Exception {
        Id<Decision> id = decision(0).id();
        work(robot, id);
        fill(robot, "#when-2", "above 80.2");
        until(
                () ->
                        texts(robot, ".side").stream()
                                .anyMatch(t -> t.startsWith("Nothing is said for b = 80.")));
        until(
                () ->
                        project.openPoints().get().stream()
                                .anyMatch(
                                        p ->
                                                p.key().equals("open.decision.hole")
                                                        && id.equals(new Id<>(p.subject()))));
        fill(robot, "#when-2", "soon");
        assertThat(message(robot)).isNotEmpty();
        assertThat(decision(0).rules().get(2).when().get(0).is()).isEqualTo("above 80.2");
        fill(robot, "#when-2", "> 80.18");
        until(() -> texts(robot, ".side").contains("Every case is covered."));
    }

    @Test
    void aDecisionIsMadeFromNothing(FxRobot robot) throws Exception {
        fill(robot, "#newDecision", "gap of the ring");
        Decision made = decision(manual().decisions().size() - 1);
        work(robot, made.id());
        fill(robot, "#newMeasure", "wide");
        assertThat(message(robot)).startsWith("Type a letter");
        fill(robot, "#newMeasure", "g ring gap 0 to 1 mm");
        fill(robot, "#newMeasure", "w washer, 1 to 3 mm");
        fill(robot, "#newDerived", "n = w + g");
        fire(robot, "#newRule-g");
        fire(robot, "#newRule-g");
        fill(robot, "#when-0", "≤ 0.3");
        fill(robot, "#verdict-0", "reuse the ring");
        ComboBox<?> next = node(robot, "#next-1", ComboBox.class);
        robot.interact(() -> next.getSelectionModel().select(2));
        laidOut(robot);
        fire(robot, "#newRule-w");
        fill(robot, "#verdict-2", "fit a new ring");
        fill(robot, "#decisionStep", "400");
        assertThat(message(robot)).isEqualTo("There is no step 400.");
        fill(robot, "#decisionStep", "40");
        Decision now = manual().decision(made.id()).orElseThrow();
        assertThat(now.step()).isNotNull();
        assertThat(now.measures()).hasSize(2);
        assertThat(now.measures().get(1).name()).isEqualTo("washer");
        assertThat(now.rules()).hasSize(3);
        assertThat(now.rules().get(1).measure()).isEqualTo("w");
        TableCheck check = TableCheck.of(DecisionTables.of(now));
        assertThat(check.missing()).isEmpty();
        assertThat(check.unreachable()).isEmpty();
        fire(robot, "#up-1");
        assertThat(manual().decision(made.id()).orElseThrow().rules().get(0).measure())
                .isEqualTo("w");
        until(() -> texts(robot, ".side").contains("Rule 2 never applies."));
        fire(robot, "#deleteDecision");
        assertThat(manual().decision(made.id())).isEmpty();
        assertThat(robot.lookup("#torqueOverview").tryQuery()).isPresent();
    }

    @Test
    void answersAreTriedAndLeadToACause(FxRobot robot) {
        work(robot, manual().symptoms().get(0).id());
        fire(robot, "#yes-0");
        assertThat(node(robot, "#found", Labeled.class).getText())
                .isEqualTo("Go on with the next check.");
        fire(robot, "#yes-1");
        assertThat(node(robot, "#found", Labeled.class).getText())
                .isEqualTo("The cause: worn O-rings on the pistons");
    }

    @Test
    void aFaultIsMadeFromNothingUntilEveryAnswerLeadsToACause(FxRobot robot) throws Exception {
        fill(robot, "#newSymptom", "It hums");
        Id<Symptom> id = manual().symptoms().get(manual().symptoms().size() - 1).id();
        work(robot, id);
        fill(robot, "#newCheck", "Is the vent open?");
        fill(robot, "#newCheck", "Is it loose?");
        @SuppressWarnings("unchecked")
        ComboBox<Symptom.Check> leads = node(robot, "#leads-yes-0", ComboBox.class);
        robot.interact(() -> leads.setValue(leads.getItems().get(1)));
        laidOut(robot);
        fill(robot, "#steps-no-0", "12");
        assertThat(message(robot)).isEqualTo("Say first what the cause is.");
        fill(robot, "#cause-no-0", "a closed vent");
        fill(robot, "#steps-no-0", "12, 900");
        assertThat(message(robot)).isEqualTo("There is no step 900.");
        fill(robot, "#steps-no-0", "12, 13");
        until(
                () ->
                        project.openPoints().get().stream()
                                .anyMatch(p -> p.key().equals("open.fault.yes")));
        fill(robot, "#cause-yes-1", "a loose cap");
        fill(robot, "#cause-no-1", "a worn seal");
        Symptom now = manual().symptom(id).orElseThrow();
        assertThat(FaultFinding.of(now).complete()).isTrue();
        assertThat(now.checks().get(0).no().steps()).hasSize(2);
        until(
                () ->
                        project.openPoints().get().stream()
                                        .filter(p -> p.key().equals("open.fault.uncured"))
                                        .count()
                                == 2);
        fire(robot, "#deleteCheck-1");
        assertThat(manual().symptom(id).orElseThrow().checks().get(0).yes()).isNull();
        fire(robot, "#faultBack");
        assertThat(robot.lookup("#torqueOverview").tryQuery()).isPresent();
        work(robot, id);
        fire(robot, "#deleteSymptom");
        assertThat(manual().symptom(id)).isEmpty();
    }

    @Test
    void aDecisionAsksForAWordLeadsToStepsAndGoesBack(FxRobot robot) {
        fill(robot, "#newDecision", "the pawl");
        Decision made = decision(manual().decisions().size() - 1);
        work(robot, made.id());
        fill(robot, "#newMeasure", "p the pawl moves: yes / no");
        fire(robot, "#newRule-p");
        fire(robot, "#newRule-p");
        fill(robot, "#when-0", "maybe");
        assertThat(message(robot)).contains("maybe");
        fill(robot, "#when-0", "yes");
        fill(robot, "#ruleSteps-0", "4 to 5000");
        assertThat(message(robot)).isEqualTo("There is no step 5000.");
        fill(robot, "#ruleSteps-0", "40 to 42");
        ComboBox<?> next = node(robot, "#next-1", ComboBox.class);
        robot.interact(() -> next.getSelectionModel().select(2));
        laidOut(robot);
        fill(robot, "#againChanges-1", "oil it");
        fill(robot, "#againMost-1", "2");
        fill(robot, "#againExhausted-1", "get a new pawl");
        Decision now = manual().decision(made.id()).orElseThrow();
        assertThat(now.measures().get(0).choices()).containsExactly("yes", "no");
        assertThat(now.rules().get(0).steps()).hasSize(3);
        assertThat(now.rules().get(1).again())
                .isEqualTo(new Decision.Again("p", "oil it", 2, "get a new pawl"));
        fill(robot, "#tried-p", "no");
        assertThat(texts(robot, "#path")).endsWith("It was tried as often as it may be.");
        fill(robot, "#tried-p", "yes");
        assertThat(texts(robot, "#path")).contains("the pawl moves yes: rule 1");
    }

    @Test
    void anOpenPointOfADecisionLeadsToIt(FxRobot robot) throws Exception {
        Id<Decision> id = decision(0).id();
        robot.interact(
                () ->
                        project.apply(
                                methodos.core.edit.DecisionEdits.decision(
                                        id, d -> d.withRules(d.rules().subList(0, 1)))));
        show(robot, Place.CHECKS);
        ListView<?> findings = node(robot, "#findings", ListView.class);
        until(() -> findings.getItems().stream().anyMatch(DecisionTest::bore));
        robot.interact(
                () -> {
                    findings.requestFocus();
                    findings.getItems().stream()
                            .filter(DecisionTest::bore)
                            .findFirst()
                            .ifPresent(
                                    r ->
                                            findings.getSelectionModel()
                                                    .select(findings.getItems().indexOf(r)));
                });
        robot.type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#decision").tryQuery()).isPresent();
    }

    private static boolean bore(Object finding) {
        return finding.toString().contains("“Bore of the body” says nothing");
    }
}
