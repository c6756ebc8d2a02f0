package methodos.desktop.seam;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.edit.StepEdits;
import methodos.core.edit.StepJoining;
import methodos.core.manual.Action;
import methodos.core.manual.Applicability;
import methodos.core.manual.Hazard;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Repeat;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Step;
import methodos.core.manual.UnitOption;
import methodos.desktop.RealWindow;
import methodos.desktop.place.Place;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** What a step does beside its parts, its statements and where it is done again, as it is typed. */
class StepActionsTest extends RealWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private Step step(Id<Step> id) {
        return manual().step(id).orElseThrow();
    }

    private void edit(FxRobot robot, Id<Step> id) throws Exception {
        robot.interact(() -> window().chooseStep(id));
        until(() -> robot.lookup("#actionVerb").tryQuery().isPresent());
    }

    @SuppressWarnings("unchecked")
    private void verb(FxRobot robot, Action.Verb verb) {
        robot.interact(
                () ->
                        ((ComboBox<Action.Verb>)
                                        robot.lookup("#actionVerb").queryAs(ComboBox.class))
                                .setValue(verb));
    }

    private void type(FxRobot robot, String field, String text) {
        robot.interact(
                () -> {
                    TextField input = robot.lookup(field).queryAs(TextField.class);
                    input.requestFocus();
                    input.setText(text);
                    input.fireEvent(new javafx.event.ActionEvent());
                });
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void aNewAidIsNamedWhereItIsPutInPlace(FxRobot robot) throws Exception {
        edit(robot, new Id<>("s151"));
        verb(robot, Action.Verb.PUT_IN_PLACE);
        type(robot, "#actionObject", "2 catch pans");
        LedgerItem pan = manual().ledgerItems().get(manual().ledgerItems().size() - 1);
        assertThat(pan.name()).isEqualTo("catch pans");
        assertThat(pan.kind()).isEqualTo(LedgerItem.Kind.AID);
        assertThat(step(new Id<>("s151")).actions())
                .containsExactly(new Action(Action.Verb.PUT_IN_PLACE, pan.id(), 2, ""));
        robot.interact(() -> robot.lookup("#removeAction-0").queryButton().fire());
        assertThat(step(new Id<>("s151")).actions()).isEmpty();
        assertThat(manual().ledgerItem(pan.id())).isEmpty();
    }

    @Test
    void aJointIsLoosenedByItsName(FxRobot robot) throws Exception {
        edit(robot, new Id<>("s151"));
        type(robot, "#actionObject", "Coupling clamp");
        assertThat(step(new Id<>("s151")).actions())
                .containsExactly(new Action(Action.Verb.LOOSEN, new Id<>("j62")));
        type(robot, "#actionObject", "No such joint");
        assertThat(step(new Id<>("s151")).actions()).hasSize(1);
    }

    @Test
    void stepsAreDoneAgainElsewhere(FxRobot robot) throws Exception {
        edit(robot, new Id<>("s142"));
        type(robot, "#repeatPlaces", "third cap, fourth cap");
        assertThat(manual().repeats())
                .singleElement()
                .satisfies(
                        r -> {
                            assertThat(r.from()).isEqualTo(new Id<>("s142"));
                            assertThat(r.to()).isEqualTo(new Id<>("s142"));
                            assertThat(r.places()).containsExactly("third cap", "fourth cap");
                        });
        type(robot, "#repeatTo", "3");
        assertThat(manual().repeats().get(0).to()).isEqualTo(new Id<>("s142"));
        type(robot, "#repeatTo", "25");
        assertThat(manual().repeats().get(0).to()).isEqualTo(new Id<>("s143"));
        type(robot, "#repeatPlaces", "");
        assertThat(manual().repeats()).isEqualTo(List.<Repeat>of());
    }

    @Test
    void aStepHasSeveralStatements(FxRobot robot) throws Exception {
        edit(robot, new Id<>("s261"));
        assertThat(step(new Id<>("s261")).hazards()).hasSize(2);
        type(robot, "#hazardWhat-1", "Heavy unit, 12 kg");
        assertThat(step(new Id<>("s261")).hazards().get(1).hazard()).isEqualTo("Heavy unit, 12 kg");
        robot.interact(
                () ->
                        robot.lookup("#hazardSignal-2")
                                .queryComboBox()
                                .getSelectionModel()
                                .select(4));
        assertThat(step(new Id<>("s261")).hazards()).hasSize(3);
        assertThat(step(new Id<>("s261")).hazards().get(2).signal())
                .isEqualTo(Hazard.SignalWord.NOTICE);
    }

    @Test
    void aStatementThatTheRulesMissIsOffered(FxRobot robot) throws Exception {
        robot.interact(
                () -> project.apply(methodos.core.edit.StepEdits.hazard(new Id<>("s74"), 0, null)));
        edit(robot, new Id<>("s74"));
        until(() -> robot.lookup("#proposeHazard").tryQuery().isPresent());
        robot.interact(() -> robot.lookup("#proposeHazard").queryButton().fire());
        assertThat(step(new Id<>("s74")).hazards())
                .singleElement()
                .satisfies(h -> assertThat(h.hazard()).isEqualTo("Stored pressure"));
        until(() -> robot.lookup("#proposeHazard").tryQuery().isEmpty());
    }

    @Test
    void aStepIsForUnitsWithAnOption(FxRobot robot) throws Exception {
        edit(robot, new Id<>("s200"));
        UnitOption option = manual().unit().options().get(0);
        CheckBox box = robot.lookup("#stepOption-" + option.mark()).queryAs(CheckBox.class);
        assertThat(box.isIndeterminate()).isTrue();
        robot.interact(box::fire);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(project.words().of(step(new Id<>("s200")).applicability()))
                .isEqualTo("with option " + option.mark());
        CheckBox again = robot.lookup("#stepOption-" + option.mark()).queryAs(CheckBox.class);
        robot.interact(again::fire);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(project.words().of(step(new Id<>("s200")).applicability()))
                .isEqualTo("without option " + option.mark());
    }

    @Test
    void conditionsBesideTheOneThatIsChangedStay(FxRobot robot) throws Exception {
        Applicability either =
                new Applicability(
                        List.of(
                                new Applicability.Condition(
                                        List.of("QA-80 D"), SerialRange.upTo(1500)),
                                new Applicability.Condition(
                                        List.of("QA-80 S"), SerialRange.from(2200))));
        robot.interact(
                () ->
                        project.apply(
                                methodos.core.edit.StepEdits.applicability(
                                        new Id<>("s200"), either)));
        edit(robot, new Id<>("s200"));
        type(robot, "#stepTo", "1600");
        assertThat(project.words().of(step(new Id<>("s200")).applicability()))
                .isEqualTo("QA-80 D, up to 1600; QA-80 S, from 2200");
    }

    @Test
    void anEnergySaysInWhichStepsItIsSafe(FxRobot robot) throws Exception {
        show(robot, Place.UNIT);
        robot.interact(
                () -> robot.lookup("#energyChoice").queryComboBox().getSelectionModel().select(1));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(node(robot, "#energyBack", TextField.class).getText()).isEqualTo("64");
        type(robot, "#energyBack", "59, 64");
        assertThat(manual().energy(new Id<>("e280")).orElseThrow().restoreSteps())
                .containsExactly(new Id<>("s240"), new Id<>("s248"));
        type(robot, "#energyBack", "590");
        assertThat(manual().energy(new Id<>("e280")).orElseThrow().restoreSteps()).hasSize(2);
        assertThat(robot.lookup("#energyProblem").query().isVisible()).isTrue();
        type(robot, "#energyParts", "3, 4");
        assertThat(manual().energy(new Id<>("e280")).orElseThrow().parts())
                .containsExactly(new Id<>("p3"), new Id<>("p4"));
    }

    @Test
    void whatIsInDoubtAfterJoiningIsSettledAndAStepIsCopied(FxRobot robot) throws Exception {
        show(robot, Place.STEPS);
        robot.interact(
                () -> {
                    project.apply(StepEdits.optional(new Id<>("s200"), true));
                    project.apply(StepJoining.join(new Id<>("s200"), project.words()));
                });
        edit(robot, new Id<>("s200"));
        assertThat(step(new Id<>("s200")).doubts()).isNotEmpty();
        assertThat(texts(robot)).containsAll(step(new Id<>("s200")).doubts());
        while (!step(new Id<>("s200")).doubts().isEmpty()) {
            int before = step(new Id<>("s200")).doubts().size();
            inView(robot, "#settleDoubt");
            // however long the sentence is, the word beside it is not broken
            Button settled = node(robot, "#settleDoubt", Button.class);
            assertThat(settled.getHeight()).isLessThan(2 * settled.getFont().getSize() + 8);
            robot.clickOn("#settleDoubt");
            WaitForAsyncUtils.waitForFxEvents();
            assertThat(step(new Id<>("s200")).doubts()).hasSize(before - 1);
        }
        long steps = manual().steps().count();
        inView(robot, "#copyStep");
        robot.clickOn("#copyStep");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().steps().count()).isEqualTo(steps + 1);
    }
}
