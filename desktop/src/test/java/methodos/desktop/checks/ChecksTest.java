package methodos.desktop.checks;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.edit.Edit;
import methodos.core.edit.EditKind;
import methodos.core.edit.StepEdits;
import methodos.core.finding.Rule;
import methodos.core.manual.Action;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage.Kind;
import methodos.core.manual.Step;
import methodos.desktop.RealWindow;
import methodos.desktop.place.Place;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Findings are gone to, repaired and accepted in the real window. */
class ChecksTest extends RealWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private void spoil(FxRobot robot, UnaryOperator<Manual> change) throws Exception {
        robot.interact(() -> project.apply(Edit.named(EditKind.STEP_TEXT, change)));
        show(robot, Place.CHECKS);
    }

    /** The demo without the step that fits the snap ring of the lower bearing. */
    private static Manual withoutSnapRing(Manual m) {
        Step step = m.step(new Id<>("s199")).orElseThrow();
        return m.withStep(
                step.withParts(
                        step.parts().stream()
                                .filter(u -> !u.part().equals(new Id<>("p20")))
                                .toList()));
    }

    private static Manual withoutTakingGuideAway(Manual m) {
        return m.withStep(m.step(new Id<>("s239")).orElseThrow().withActions(List.of()));
    }

    private static Manual withThreePins(Manual m) {
        Step step = m.step(new Id<>("s229")).orElseThrow();
        Action place = step.actions().get(0);
        return m.withStep(
                step.withActions(List.of(new Action(place.verb(), place.object(), 3, ""))));
    }

    @SuppressWarnings("unchecked")
    private ListView<FindingRow> list(FxRobot robot) {
        return (ListView<FindingRow>) node(robot, "#findings", ListView.class);
    }

    private Optional<FindingRow.Found> found(FxRobot robot, Rule rule) {
        return list(robot).getItems().stream()
                .filter(FindingRow.Found.class::isInstance)
                .map(FindingRow.Found.class::cast)
                .filter(f -> f.finding().rule() == rule)
                .findFirst();
    }

    private void choose(FxRobot robot, Rule rule) throws Exception {
        until(() -> found(robot, rule).isPresent());
        robot.interact(
                () -> {
                    list(robot).requestFocus();
                    list(robot).getSelectionModel().select(found(robot, rule).orElseThrow());
                });
    }

    private String foot(FxRobot robot) {
        return node(robot, "#ledgerFoot", Label.class).getText();
    }

    @Test
    void theSoundManualHasNothingGrave(FxRobot robot) throws Exception {
        show(robot, Place.CHECKS);
        until(() -> !list(robot).getItems().isEmpty());
        assertThat(list(robot).getItems().get(0)).isInstanceOf(FindingRow.Unfollowed.class);
        assertThat(list(robot).getItems().get(1)).isInstanceOf(FindingRow.Nothing.class);
        assertThat(list(robot).getItems())
                .filteredOn(FindingRow.Covered.class::isInstance)
                .extracting(r -> ((FindingRow.Covered) r).sentence())
                .hasSize(1 + manual().clips().size())
                .first()
                .asString()
                .startsWith("78 steps: ")
                .endsWith("78 accepted");
        assertThat(foot(robot)).endsWith("none stays open.");
        assertThat(node(robot, "#ledgerUnits", ComboBox.class).getItems().size()).isEqualTo(4);
    }

    /** Steps that name nothing close nothing: that is said, and nothing else first. */
    @Test
    void whereNothingIsNamedNothingIsSaidToClose(FxRobot robot) throws Exception {
        spoil(robot, m -> namingNothing(m).withEnergies(List.of()));
        until(() -> !list(robot).getItems().isEmpty());

        assertThat(list(robot).getItems().get(0))
                .isInstanceOfSatisfying(
                        FindingRow.Unfollowed.class,
                        u ->
                                assertThat(u.sentence())
                                        .isEqualTo(
                                                "None of the 78 steps names a part, joint or"
                                                        + " energy: the ledger follows nothing"
                                                        + " yet."));
        assertThat(list(robot).getItems()).noneMatch(FindingRow.Nothing.class::isInstance);
        assertThat(foot(robot)).contains("the ledger follows nothing yet").doesNotContain("close");

        robot.interact(
                () -> {
                    list(robot).requestFocus();
                    list(robot).getSelectionModel().select(0);
                });
        robot.type(KeyCode.ENTER);
        until(() -> node(robot, "#place-STEPS", ToggleButton.class).isSelected());
    }

    private static Manual namingNothing(Manual manual) {
        Manual named = manual;
        for (Step step : manual.steps().toList()) {
            named =
                    named.withStep(
                            step.withParts(List.of()).withJoints(List.of()).withActions(List.of()));
        }
        return named;
    }

    @Test
    void aFindingIsGoneToAndComeBackTo(FxRobot robot) throws Exception {
        spoil(robot, ChecksTest::withoutSnapRing);
        choose(robot, Rule.NOT_REFITTED);
        assertThat(found(robot, Rule.NOT_REFITTED).orElseThrow().sentence())
                .isEqualTo(
                        "snap ring, lower bearing 48 (25) comes off in step 33 and never goes back"
                                + " on.");
        robot.type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(node(robot, "#place-STEPS", ToggleButton.class).isSelected()).isTrue();
        assertThat(robot.lookup("#backToFinding").query().isVisible()).isTrue();
        robot.type(KeyCode.F4);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(node(robot, "#place-CHECKS", ToggleButton.class).isSelected()).isTrue();
        assertThat(list(robot).isFocused()).isTrue();
        assertThat(list(robot).getSelectionModel().getSelectedItem())
                .isEqualTo(found(robot, Rule.NOT_REFITTED).orElseThrow());
    }

    @Test
    void aRepairClosesTheLedgerAndIsTakenBack(FxRobot robot) throws Exception {
        spoil(robot, ChecksTest::withoutSnapRing);
        choose(robot, Rule.NOT_REFITTED);
        until(() -> foot(robot).endsWith("1 stays open."));
        robot.type(KeyCode.R);
        until(() -> found(robot, Rule.NOT_REFITTED).isEmpty());
        List<Step> steps = manual().stage(Kind.BUILD_UP).orElseThrow().steps();
        Step added = steps.get(steps.indexOf(manual().step(new Id<>("s199")).orElseThrow()) + 1);
        assertThat(added.text()).isEqualTo("Fit the new lower bearing snap ring.");
        assertThat(added.accepted()).isFalse();
        assertThat(added.applicability())
                .isEqualTo(manual().step(new Id<>("s199")).orElseThrow().applicability());
        assertThat(foot(robot)).endsWith("none stays open.");
        robot.interact(() -> project.edits().undo());
        until(() -> found(robot, Rule.NOT_REFITTED).isPresent());
    }

    @Test
    void aFindingIsAcceptedWithAReasonAndANameOnly(FxRobot robot) throws Exception {
        spoil(robot, ChecksTest::withoutTakingGuideAway);
        choose(robot, Rule.AID_LEFT);
        robot.type(KeyCode.A);
        robot.clickOn("#accept");
        assertThat(manual().acceptances()).isEmpty();
        robot.clickOn("#acceptReason").write("it stays in as a dowel");
        robot.clickOn("#acceptPerson").write("M. Aldo");
        robot.clickOn("#accept");
        until(() -> found(robot, Rule.AID_LEFT).isEmpty());
        assertThat(robot.lookup("#undo").queryButton().getTooltip().getText())
                .contains("accept finding");
        assertThat(manual().acceptances())
                .singleElement()
                .satisfies(
                        a -> {
                            assertThat(a.reason()).isEqualTo("it stays in as a dowel");
                            assertThat(a.person()).isEqualTo("M. Aldo");
                        });
        until(() -> !robot.lookup("#more-ACCEPTED").queryAll().isEmpty());
        robot.clickOn("#more-ACCEPTED");
        until(() -> found(robot, Rule.AID_LEFT).isPresent());
        choose(robot, Rule.AID_LEFT);
        robot.clickOn("#reopen");
        until(() -> manual().acceptances().isEmpty());
    }

    @Test
    void aReasonThatIsBeingTypedStaysWhenOtherThingsChange(FxRobot robot) throws Exception {
        spoil(robot, ChecksTest::withoutTakingGuideAway);
        choose(robot, Rule.AID_LEFT);
        robot.clickOn("#acceptReason").write("half a rea");
        robot.interact(
                () ->
                        project.apply(
                                Edit.named(
                                        EditKind.UNIT,
                                        m -> m.withUnit(m.unit().withInterval("each spring")))));
        until(() -> project.saving().get().words().startsWith("Saved ·"));
        TextField reason = node(robot, "#acceptReason", TextField.class);
        assertThat(reason.getText()).isEqualTo("half a rea");
        assertThat(reason.isFocused()).isTrue();
    }

    @Test
    void anAcceptanceLapsesWhenWhatWasFoundChanges(FxRobot robot) throws Exception {
        spoil(robot, ChecksTest::withoutTakingGuideAway);
        choose(robot, Rule.AID_LEFT);
        robot.interact(() -> node(robot, "#acceptReason", TextField.class).setText("as a dowel"));
        robot.interact(() -> node(robot, "#acceptPerson", TextField.class).setText("M. Aldo"));
        robot.clickOn("#accept");
        until(() -> found(robot, Rule.AID_LEFT).isEmpty());
        robot.interact(
                () -> project.apply(Edit.named(EditKind.STEP_TEXT, ChecksTest::withThreePins)));
        until(() -> found(robot, Rule.AID_LEFT).isPresent());
    }

    @Test
    void onlyWhatTouchesTheUnitsLookedAtIsListed(FxRobot robot) throws Exception {
        spoil(robot, ChecksTest::withoutTakingGuideAway);
        until(() -> found(robot, Rule.AID_LEFT).isPresent());
        Sight doubleActing = Sight.of(manual().variants().get(0));
        robot.interact(() -> project.sight().set(doubleActing));
        until(() -> found(robot, Rule.AID_LEFT).isEmpty());
        assertThat(foot(robot)).endsWith("none stays open.");
        assertThat(robot.lookup("#ledgerUnits").query().isVisible()).isFalse();
    }

    @Test
    void whatCouldConfuseIsShownOnRequestWithItsWording(FxRobot robot) throws Exception {
        spoil(
                robot,
                m ->
                        m.withStep(
                                m.step(new Id<>("s261"))
                                        .orElseThrow()
                                        .withText(
                                                "Set the actuator on the valve if the seat is clean.")));
        until(() -> !robot.lookup("#more-CONFUSE").queryAll().isEmpty());
        assertThat(found(robot, Rule.LANGUAGE)).isEmpty();
        robot.clickOn("#more-CONFUSE");
        until(() -> found(robot, Rule.LANGUAGE).isPresent());
        FindingRow.Found late =
                list(robot).getItems().stream()
                        .filter(FindingRow.Found.class::isInstance)
                        .map(FindingRow.Found.class::cast)
                        .filter(f -> f.sentence().contains("gives its condition last"))
                        .findFirst()
                        .orElseThrow();
        robot.interact(
                () -> {
                    list(robot).requestFocus();
                    list(robot).getSelectionModel().select(late);
                });
        robot.type(KeyCode.R);
        until(
                () ->
                        manual().step(new Id<>("s261"))
                                .orElseThrow()
                                .text()
                                .equals("If the seat is clean, set the actuator on the valve."));
    }

    @Test
    void theBuildUpIsDraftedFromTheTakeDown(FxRobot robot) throws Exception {
        spoil(robot, ChecksTest::withoutBuildUp);
        until(() -> found(robot, Rule.NOT_REFITTED).isPresent());
        robot.clickOn("#draftBuildUp");
        until(
                () ->
                        list(robot).getItems().stream()
                                        .anyMatch(FindingRow.Nothing.class::isInstance)
                                && foot(robot).endsWith("none stays open."));
        assertThat(manual().stage(Kind.BUILD_UP).orElseThrow().steps())
                .hasSizeGreaterThan(15)
                .noneMatch(Step::accepted);
        assertThat(robot.lookup("#draftBuildUp").query().isVisible()).isFalse();
    }

    /** Each step is deleted as in the window: what led to it goes with it. */
    private static Manual withoutBuildUp(Manual manual) {
        Manual now = manual;
        for (Step step : manual.stage(Kind.BUILD_UP).orElseThrow().steps()) {
            now = StepEdits.delete(step.id()).change().apply(now);
        }
        return now;
    }
}
