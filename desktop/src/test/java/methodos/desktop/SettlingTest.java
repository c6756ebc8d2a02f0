package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.edit.DraftEdits;
import methodos.core.edit.Edit;
import methodos.core.edit.EditKind;
import methodos.core.edit.HeardLinks;
import methodos.core.edit.StepEdits;
import methodos.core.manual.Clip;
import methodos.core.manual.ClipBuilder;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.words.Words;
import methodos.files.project.ProjectFolder;
import methodos.narration.draft.NarrationReader;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.robot.Motion;
import org.testfx.util.WaitForAsyncUtils;

/** A draft of another machine than the demo's is settled by keys, with and without its lists. */
class SettlingTest extends RealWindow {

    private static final Id<Clip> CLIP = new Id<>("c1");

    private static final String[] SAID = {
        "Take the cover off.",
        "Undo the nut with a nineteen mil spanner.",
        "Remove the worm.",
        "Pull the old seal out.",
        "Fit the new seal with the lip towards the worm.",
        "Put some grease on the worm.",
        "Put the cover back on.",
        "Thanks for watching, see you next time."
    };

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @Override
    protected void prepare(Path target) throws Exception {
        List<Caption> captions = new ArrayList<>();
        for (int i = 0; i < SAID.length; i++) {
            captions.add(new Caption(4 * i, 4 * i + 3, SAID[i]));
        }
        Clip clip = ClipBuilder.builder().id(CLIP).name("lift").path("a.mp4").duration(40).build();
        Manual manual =
                Manual.titled("Lift")
                        .withClip(clip)
                        .withPart(part("x1", "1", "lock nut"))
                        .withPart(part("x2", "2", "gland nut"))
                        .withLastId(10);
        Captions all = new Captions(captions);
        Manual drafted =
                DraftEdits.draft(
                                CLIP,
                                NarrationReader.english().read(all),
                                new Words(null, Locale.ENGLISH))
                        .change()
                        .apply(manual);
        try (ProjectFolder folder = ProjectFolder.create(target, manual)) {
            String kept = folder.keepCaptions(CLIP, all);
            folder.save(drafted.withClips(List.of(clip.withCaptions(kept))));
        }
    }

    private static Part part(String id, String item, String name) {
        return PartBuilder.builder().id(new Id<>(id)).item(item).name(name).quantity(1).build();
    }

    private Step step(String words) {
        return manual().steps().filter(s -> s.text().contains(words)).findFirst().orElseThrow();
    }

    private void choose(FxRobot robot, Step step) {
        robot.interact(() -> window().chooseStep(step.id()));
        laidOut(robot);
        robot.interact(() -> robot.lookup("#seam").query().requestFocus());
    }

    private void type(FxRobot robot, KeyCode... keys) {
        robot.press(keys).release(keys);
        WaitForAsyncUtils.waitForFxEvents();
        laidOut(robot);
    }

    private List<String> partsOf(Step step) {
        return manual().step(step.id()).orElseThrow().parts().stream()
                .map(u -> manual().part(u.part()).orElseThrow().name())
                .toList();
    }

    @Test
    void whichPartIsMeantIsAnsweredByAKey(FxRobot robot) {
        Step nut = step("nut");
        assertThat(nut.questions()).hasSize(1);
        choose(robot, nut);
        assertThat(node(robot, "#acceptDraft", Labeled.class).getText()).contains("1  lock nut");
        type(robot, KeyCode.DIGIT2);
        assertThat(partsOf(nut)).containsExactly("gland nut");
        assertThat(node(robot, "#acceptDraft", Labeled.class).getText()).doesNotContain("nut");
        type(robot, KeyCode.A);
        assertThat(manual().step(nut.id()).orElseThrow().accepted()).isTrue();
    }

    @Test
    void acceptingTakesTheLikeliestAndNoneOfThemIsAPartOfItsOwn(FxRobot robot) {
        Step nut = step("nut");
        choose(robot, nut);
        type(robot, KeyCode.DIGIT3);
        assertThat(partsOf(nut)).containsExactly("nut");
        robot.interact(() -> project.edits().undo());
        choose(robot, nut);
        type(robot, KeyCode.A);
        assertThat(partsOf(nut)).containsExactly("lock nut");
    }

    @Test
    void whatIsHeardIsShownAndALineThatComesLaterTakesItsPlace(FxRobot robot) {
        Step worm = step("Remove the worm");
        assertThat(manual().part(worm.parts().get(0).part()).orElseThrow().heard()).isTrue();
        assertThat(robot.lookup("#heardParts").query().isVisible()).isTrue();
        robot.interact(
                () ->
                        project.apply(
                                Edit.named(
                                        EditKind.IMPORT_PARTS,
                                        m ->
                                                HeardLinks.in(
                                                        m.withPart(part("x3", "3", "worm"))
                                                                .withPart(
                                                                        part(
                                                                                "x4",
                                                                                "4",
                                                                                "cover plate"))))));
        assertThat(worm.id()).isNotNull();
        assertThat(manual().step(worm.id()).orElseThrow().parts().get(0).part())
                .isEqualTo(new Id<>("x3"));
        assertThat(manual().parts()).noneMatch(p -> p.heard() && p.name().equals("worm"));
        // a cover may be the cover plate: one key says so, wherever it was heard
        Step cover = step("cover");
        choose(robot, cover);
        type(robot, KeyCode.DIGIT1);
        assertThat(partsOf(cover)).containsExactly("cover plate");
        assertThat(manual().parts()).noneMatch(p -> p.heard() && p.name().equals("cover"));
    }

    @Test
    void allUpToHereAreAcceptedAtOnceAndComeBackAtOnce(FxRobot robot) {
        List<Step> all = manual().steps().toList();
        choose(robot, all.get(3));
        type(robot, KeyCode.U);
        assertThat(manual().steps().filter(Step::accepted)).hasSize(4);
        robot.interact(() -> project.edits().undo());
        assertThat(manual().steps().noneMatch(Step::accepted)).isTrue();
    }

    @Test
    void theSureOnesInViewAreAcceptedAndNextIsOneInDoubt(FxRobot robot) {
        choose(robot, manual().steps().findFirst().orElseThrow());
        type(robot, KeyCode.SHIFT, KeyCode.A);
        List<Step> left = manual().steps().filter(s -> !s.accepted()).toList();
        assertThat(left).isNotEmpty();
        assertThat(manual().steps().filter(Step::accepted)).isNotEmpty();
        assertThat(left).anyMatch(s -> !s.questions().isEmpty());
        type(robot, KeyCode.N);
        Step next = manual().step(window().seamState().step().get()).orElseThrow();
        assertThat(next.accepted()).isFalse();
    }

    @Test
    void whatIsProposedToBeSetAsideIsSetAsideByOneKey(FxRobot robot) {
        int proposed = manual().proposals().size();
        assertThat(proposed).isPositive();
        choose(robot, manual().steps().findFirst().orElseThrow());
        type(robot, KeyCode.SHIFT, KeyCode.X);
        assertThat(manual().proposals()).isEmpty();
        assertThat(manual().dismissals()).hasSize(proposed);
        robot.interact(() -> project.edits().undo());
        assertThat(manual().proposals()).hasSize(proposed);
    }

    @Test
    void wordsAreKeptByEnterAndLeftByEscape(FxRobot robot) {
        Step first = manual().steps().findFirst().orElseThrow();
        choose(robot, first);
        type(robot, KeyCode.C);
        TextInputControl text = node(robot, "#stepText", TextInputControl.class);
        assertThat(text.isFocused()).isTrue();
        assertThat(text.getText()).isEqualTo(first.text());
        robot.interact(() -> text.setText("Take the cover off slowly."));
        type(robot, KeyCode.ENTER);
        assertThat(manual().step(first.id()).orElseThrow().text())
                .isEqualTo("Take the cover off slowly.");
        assertThat(robot.lookup("#seam").query().isFocused()).isTrue();
        type(robot, KeyCode.C);
        robot.interact(() -> text.setText("something else"));
        type(robot, KeyCode.ESCAPE);
        assertThat(manual().step(first.id()).orElseThrow().text())
                .isEqualTo("Take the cover off slowly.");
    }

    @Test
    void aPartIsTakenByItsNumberInWhicheverCaseAndOnlyMatchAndWhatIsNewSaysSo(FxRobot robot) {
        Step worm = step("Remove the worm");
        for (String typed : List.of("2", "GLAND NUTS", "gland")) {
            choose(robot, worm);
            type(robot, KeyCode.C);
            type(robot, KeyCode.TAB);
            Node field = robot.lookup("#addPart").query();
            assertThat(field.isFocused()).isTrue();
            robot.interact(() -> ((TextInputControl) field).setText(typed));
            type(robot, KeyCode.ENTER);
            assertThat(partsOf(worm)).as(typed).contains("gland nut");
            robot.interact(() -> project.edits().undo());
        }
        int before = manual().parts().size();
        choose(robot, worm);
        robot.interact(
                () -> {
                    TextInputControl field = node(robot, "#addPart", TextInputControl.class);
                    field.requestFocus();
                    field.setText("yoke");
                });
        laidOut(robot);
        assertThat(robot.lookup("new: yoke").tryQuery()).isPresent();
        type(robot, KeyCode.ENTER);
        assertThat(manual().parts()).hasSize(before + 1);
    }

    @Test
    void whatIsTypedStaysWhileTheEditorIsMadeAnew(FxRobot robot) {
        Step worm = step("Remove the worm");
        choose(robot, worm);
        robot.interact(
                () -> {
                    TextInputControl field = node(robot, "#addPart", TextInputControl.class);
                    field.requestFocus();
                    field.setText("gland");
                });
        robot.interact(() -> project.apply(StepEdits.optional(worm.id(), true)));
        laidOut(robot);
        assertThat(node(robot, "#addPart", TextInputControl.class).getText()).isEqualTo("gland");
        assertThat(node(robot, "#addPart", TextInputControl.class).isFocused()).isTrue();
        type(robot, KeyCode.ENTER);
        assertThat(partsOf(worm)).contains("gland nut");
    }

    @Test
    void partsAreAddedByTwoKeysWhichAcceptTheStepAsWell(FxRobot robot) {
        Step worm = step("Remove the worm");
        choose(robot, worm);
        type(robot, KeyCode.P);
        assertThat(robot.lookup("#addPart").query().isFocused()).isTrue();
        robot.write("2");
        type(robot, KeyCode.CONTROL, KeyCode.ENTER);
        assertThat(partsOf(worm)).contains("gland nut");
        assertThat(manual().step(worm.id()).orElseThrow().accepted()).isTrue();
        assertThat(window().seamState().step().get()).isNotEqualTo(worm.id());
        assertThat(robot.lookup("#seam").query().isFocused()).isTrue();
        // the keys of the seam act again
        Step next = manual().step(window().seamState().step().get()).orElseThrow();
        type(robot, KeyCode.A);
        assertThat(manual().step(next.id()).orElseThrow().accepted()).isTrue();
    }

    @Test
    void whatCanBeDoneWithAStepStandsInItsMenuWithItsKeys(FxRobot robot) {
        Step second = manual().steps().skip(1).findFirst().orElseThrow();
        choose(robot, second);
        Node seam = robot.lookup("#seam").query();
        Bounds at = seam.localToScreen(seam.getBoundsInLocal());
        robot.rightClickOn(new Point2D(at.getMaxX() - 60, at.getMinY() + 120), Motion.DIRECT);
        robot.interact(() -> window().seamState().step().set(second.id()));
        laidOut(robot);
        assertThat(
                        robot.lookup(".menu-item").queryAll().stream()
                                .map(n -> ((Labeled) n.lookup(".label")).getText()))
                .contains("Accept (A)", "Change (C)", "Add parts (P)", "Move up (Alt+\u2191)");
        robot.clickOn("Move up (Alt+\u2191)");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().steps().findFirst().orElseThrow().id()).isEqualTo(second.id());
        assertThat(robot.lookup("#stepText").queryTextInputControl().getText())
                .isEqualTo(second.text());
    }

    @Test
    void aStepMadeOfAStretchHasWhatItsWordsSay(FxRobot robot) throws Exception {
        Span span = new Span(CLIP, 24, 27);
        robot.interact(
                () -> {
                    project.apply(StepEdits.delete(step("Install the cover").id()));
                    window().seamState().step().set(null);
                    window().seamState().span().set(span);
                    robot.lookup("#seam").query().requestFocus();
                });
        type(robot, KeyCode.ENTER);
        until(() -> window().seamState().step().get() != null);
        Step made = manual().step(window().seamState().step().get()).orElseThrow();
        assertThat(made.spans()).containsExactly(span);
        assertThat(made.text()).contains("cover").isNotEqualTo("Put the cover back on.");
        assertThat(partsOf(made)).containsExactly("cover");
    }

    @Test
    void aStepIsMovedWithinItsStageAndIntoTheNext(FxRobot robot) {
        Step second = manual().steps().toList().get(1);
        choose(robot, second);
        type(robot, KeyCode.ALT, KeyCode.UP);
        assertThat(manual().steps().findFirst().orElseThrow().id()).isEqualTo(second.id());
        int stage = manual().stages().indexOf(manual().stageOf(second.id()).orElseThrow());
        type(robot, KeyCode.ALT, KeyCode.UP);
        assertThat(manual().stages().indexOf(manual().stageOf(second.id()).orElseThrow()))
                .isEqualTo(stage - 1);
    }
}
