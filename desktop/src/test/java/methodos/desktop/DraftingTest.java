package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.coverage.ShownNotTold;
import methodos.core.description.Id;
import methodos.core.edit.EditKind;
import methodos.core.figure.ProposedStill;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.core.narration.WordState;
import methodos.core.narration.WordStates;
import methodos.demo.DemoProject;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Drafting from the narration, and settling what is drafted with a key each. */
class DraftingTest extends RealWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    /** The demo's footage and narration, with no step written yet. */
    @Override
    protected void prepare(Path target) throws Exception {
        DemoProject.QA_80.copyTo(target);
        try (ProjectFolder folder = ProjectFolder.open(target)) {
            Manual manual = folder.workspace().manual();
            folder.save(
                    manual.withStages(
                                    manual.stages().stream()
                                            .map(s -> s.withSteps(List.of()))
                                            .toList())
                            .withFigures(List.of())
                            .withJoints(List.of())
                            .withEnergies(List.of())
                            .withDismissals(List.of()));
        }
    }

    private List<Step> drafted() {
        return manual().steps().filter(s -> !s.accepted()).toList();
    }

    private Step chosen() {
        return manual().step(window().seamState().step().get()).orElseThrow();
    }

    private void draft(FxRobot robot) throws Exception {
        Node seam = robot.lookup("#seam").query();
        Bounds b = seam.localToScreen(seam.getBoundsInLocal());
        robot.clickOn(b.getMinX() + 100, b.getMinY() + 200);
        robot.type(KeyCode.D);
        until(() -> !drafted().isEmpty());
    }

    @Test
    void draftedStepsAreSettledWithAKeyEach(FxRobot robot) throws Exception {
        draft(robot);
        Id<Clip> clip = manual().clips().get(0).id();
        int all = drafted().size();
        assertThat(all).isGreaterThan(5);
        assertThat(drafted())
                .allSatisfy(
                        s -> {
                            assertThat(s.evidence()).isNotEmpty();
                            assertThat(s.spans().get(0).clip()).isEqualTo(clip);
                        });
        assertThat(chosen()).isEqualTo(drafted().get(0));

        Step first = chosen();
        robot.type(KeyCode.A);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().step(first.id()).orElseThrow().accepted()).isTrue();
        assertThat(chosen().id()).isNotEqualTo(first.id());

        Step second = chosen();
        robot.type(KeyCode.X);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().step(second.id())).isEmpty();
        assertThat(manual().dismissals()).hasSameSizeAs(second.evidence());

        robot.type(KeyCode.C);
        laidOut(robot);
        assertThat(robot.lookup("#stepText").queryAs(TextArea.class).isFocused()).isTrue();
        Id<Step> before = chosen().id();
        robot.clickOn("#nextDraft");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(chosen().id()).isNotEqualTo(before);

        Step third = chosen();
        Span span = third.spans().get(0);
        robot.interact(() -> window().seamState().time().set((span.start() + span.end()) / 2));
        robot.clickOn("#splitStep");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(drafted()).hasSize(all - 1);
        robot.clickOn("#joinStep");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(drafted()).hasSize(all - 2);

        // drafting again leaves alone what is settled
        robot.clickOn("#draftSteps");
        until(() -> project.edits().undoable().filter(e -> e.kind() == EditKind.DRAFT).isPresent());
        assertThat(manual().step(first.id()).orElseThrow().accepted()).isTrue();
        assertThat(manual().dismissals()).hasSameSizeAs(second.evidence());
    }

    @Test
    void acceptingADraftedStepKeepsTheStillThatIsProposedForIt(FxRobot robot) throws Exception {
        Id<Clip> clip = manual().clips().get(0).id();
        until(() -> project.workspace().get().scan(clip).isPresent());
        draft(robot);
        Step first = chosen();
        Figure.Still proposed =
                ProposedStill.of(project.workspace().get(), first, project.words())
                        .orElseThrow()
                        .still();
        laidOut(robot);
        assertThat(node(robot, "#proposedStill", Label.class).getText()).contains("proposed");
        assertThat(window().seamState().time().get()).isEqualTo(proposed.time());
        robot.type(KeyCode.A);
        until(() -> !manual().step(first.id()).orElseThrow().figures().isEmpty());
        Id<Figure> figure = manual().step(first.id()).orElseThrow().figures().get(0);
        Figure kept = manual().figure(figure).orElseThrow();
        assertThat(kept.still().clip()).isEqualTo(clip);
        assertThat(kept.still().time()).isCloseTo(proposed.time(), within(0.05));
    }

    @Test
    void whatIsInDoubtIsSaidWithTheStep(FxRobot robot) throws Exception {
        draft(robot);
        Step step =
                drafted().stream()
                        .filter(s -> s.doubts().stream().anyMatch(d -> d.contains("“it”")))
                        .findFirst()
                        .orElseThrow();
        robot.interact(() -> window().chooseStep(step.id()));
        laidOut(robot);
        assertThat(robot.lookup("#settleDoubt").queryAll()).isNotEmpty();
        // what is in doubt is settled with the step, and is on the disk until then
        assertThat(project.saveNow()).isEmpty();
        assertThat(ProjectFolder.read(folder).manual().step(step.id()).orElseThrow().doubts())
                .isEqualTo(step.doubts());
        robot.type(KeyCode.A);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().step(step.id()).orElseThrow().doubts()).isEmpty();
    }

    @Test
    void whatIsShownAndNotToldIsSettledLikeWords(FxRobot robot) throws Exception {
        Id<Clip> clip = manual().clips().get(0).id();
        until(() -> project.workspace().get().scan(clip).isPresent());
        draft(robot);
        var untold = ShownNotTold.open(project.workspace().get(), clip).get(0);
        until(
                () ->
                        project.openPoints().get().stream()
                                .anyMatch(p -> p.key().equals("open.untold")));
        robot.interact(
                () -> {
                    window().seamState().step().set(null);
                    window().seamState().span().set(new Span(clip, untold.from(), untold.to()));
                });
        int steps = drafted().size();
        robot.type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(ShownNotTold.open(project.workspace().get(), clip)).isEmpty();
        assertThat(manual().steps().count()).isEqualTo(steps + 1);
        until(
                () ->
                        project.openPoints().get().stream()
                                .noneMatch(p -> p.key().equals("open.untold")));
    }

    @Test
    void whatIsProposedToBeSetAsideIsOpenUntilSomebodyAgrees(FxRobot robot) throws Exception {
        draft(robot);
        Id<Clip> clip = manual().clips().get(0).id();
        var workspace = project.workspace().get();
        var proposed =
                workspace.captions(clip).captions().stream()
                        .filter(c -> new WordStates(manual(), clip).of(c) == WordState.PROPOSED)
                        .toList();
        assertThat(proposed).isNotEmpty();
        robot.interact(
                () -> {
                    window().seamState().step().set(null);
                    window().seamState()
                            .span()
                            .set(new Span(clip, proposed.get(0).start(), proposed.get(0).end()));
                });
        robot.type(KeyCode.X);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().dismissals())
                .singleElement()
                .satisfies(
                        d -> {
                            assertThat(d.quote()).isEqualTo(proposed.get(0).words());
                            assertThat(d.reason()).isEqualTo("talk");
                        });
        assertThat(new WordStates(manual(), clip).of(proposed.get(0)))
                .isEqualTo(WordState.DISMISSED);
    }
}
