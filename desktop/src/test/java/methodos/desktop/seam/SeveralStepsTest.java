package methodos.desktop.seam;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.edit.CopiedSteps;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Step;
import methodos.demo.DemoProject;
import methodos.desktop.RealWindow;
import methodos.desktop.place.Place;
import methodos.files.project.ProjectFolder;
import methodos.files.project.StepsText;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Several steps are chosen, settled, copied and pasted. */
class SeveralStepsTest extends RealWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    /** The hand brake, with nothing agreed to. */
    @Override
    protected void prepare(Path target) throws Exception {
        DemoProject.HB_3.copyTo(target);
        try (ProjectFolder folder = ProjectFolder.open(target)) {
            Manual manual = folder.workspace().manual();
            for (Step step : manual.steps().toList()) {
                manual = manual.withStep(step.withAccepted(false));
            }
            folder.save(manual);
        }
    }

    @BeforeEach
    void openSteps(FxRobot robot) throws Exception {
        show(robot, Place.STEPS);
        until(() -> window().ready());
        laidOut(robot);
    }

    private Point2D at(FxRobot robot, double fromRight, double fromTop) {
        Node seam = robot.lookup("#seam").query();
        Bounds b = seam.localToScreen(seam.getBoundsInLocal());
        return new Point2D(b.getMaxX() - fromRight, b.getMinY() + fromTop);
    }

    /** Where the cards in view are, by their steps, from the upper edge down. */
    private Map<Id<Step>, Point2D> cards(FxRobot robot) {
        Map<Id<Step>, Point2D> all = new LinkedHashMap<>();
        double height = robot.lookup("#seam").query().getLayoutBounds().getHeight();
        for (double y = 50; y < height - 30; y += 45) {
            Point2D there = at(robot, 60, y);
            robot.clickOn(there);
            WaitForAsyncUtils.waitForFxEvents();
            all.putIfAbsent(window().seamState().step().get(), there);
        }
        return all;
    }

    private List<Id<Step>> chosen() {
        return window().seamState().chosen(manual());
    }

    private void ctrl(FxRobot robot, KeyCode code) {
        robot.press(KeyCode.CONTROL).type(code).release(KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void shiftAndCtrlChooseSeveralAndOneKeySettlesThem(FxRobot robot) {
        Map<Id<Step>, Point2D> cards = cards(robot);
        List<Id<Step>> ids = List.copyOf(cards.keySet());
        assertThat(ids).hasSizeGreaterThan(2);
        List<Id<Step>> order = manual().steps().map(Step::id).toList();
        Id<Step> first = ids.get(0);
        Id<Step> last = ids.get(2);
        robot.clickOn(cards.get(first));
        robot.press(KeyCode.SHIFT).clickOn(cards.get(last)).release(KeyCode.SHIFT);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(chosen())
                .isEqualTo(order.subList(order.indexOf(first), order.indexOf(last) + 1));
        int all = chosen().size();
        robot.press(KeyCode.CONTROL).clickOn(cards.get(first)).release(KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(chosen()).hasSize(all - 1).doesNotContain(first);
        List<Id<Step>> settled = chosen();
        robot.type(KeyCode.A);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().steps().filter(Step::accepted))
                .extracting(Step::id)
                .containsExactlyElementsOf(settled);
        // a plain click chooses one again
        robot.clickOn(cards.get(first));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(chosen()).containsExactly(first);
    }

    @Test
    void copiedStepsStandBehindTheChosenOne(FxRobot robot) {
        Map<Id<Step>, Point2D> cards = cards(robot);
        Id<Step> first = cards.keySet().iterator().next();
        robot.clickOn(cards.get(first));
        robot.press(KeyCode.SHIFT).type(KeyCode.J).release(KeyCode.SHIFT);
        List<Id<Step>> copied = chosen();
        assertThat(copied).hasSize(2);
        ctrl(robot, KeyCode.C);
        long before = manual().steps().count();
        Manual was = manual();
        ctrl(robot, KeyCode.V);
        assertThat(manual().steps().count()).isEqualTo(before + 2);
        assertThat(chosen()).hasSize(2).doesNotContainAnyElementsOf(copied);
        assertThat(chosen())
                .extracting(id -> manual().step(id).orElseThrow().text())
                .containsExactlyElementsOf(
                        copied.stream().map(id -> was.step(id).orElseThrow().text()).toList());
        ctrl(robot, KeyCode.Z);
        assertThat(manual()).isEqualTo(was);
    }

    @Test
    void stepsOfAnotherManualComeAsDraftedWithWhatTheyNeed(FxRobot robot) throws Exception {
        Path other = folder.resolveSibling("other.methodos");
        DemoProject.SG_5.copyTo(other);
        Manual gate;
        try (ProjectFolder open = ProjectFolder.open(other)) {
            gate = open.workspace().manual();
        }
        Step step = gate.steps().filter(s -> s.parts().size() > 1).findFirst().orElseThrow();
        robot.interact(
                () -> {
                    ClipboardContent content = new ClipboardContent();
                    content.put(
                            DataFormat.lookupMimeType("application/x-methodos-steps+json"),
                            StepsText.of(
                                    new StepsText.Copied(
                                            other.toString(),
                                            CopiedSteps.of(gate, List.of(step.id())))));
                    Clipboard.getSystemClipboard().setContent(content);
                });
        Id<Step> first = cards(robot).keySet().iterator().next();
        robot.interact(() -> window().chooseStep(first));
        int parts = manual().parts().size();
        ctrl(robot, KeyCode.V);
        assertThat(node(robot, "#message", Label.class).getText()).contains("another manual");
        Step pasted = manual().step(chosen().get(0)).orElseThrow();
        assertThat(pasted.text()).isEqualTo(step.text());
        assertThat(pasted.accepted()).isFalse();
        assertThat(manual().parts()).hasSizeGreaterThan(parts);
        assertThat(pasted.parts())
                .extracting(u -> manual().part(u.part()).map(Part::name).orElseThrow())
                .containsExactlyElementsOf(
                        step.parts().stream()
                                .map(u -> gate.part(u.part()).orElseThrow().name())
                                .toList());
        // drafting goes on beside steps that have no footage here
        robot.type(KeyCode.N);
        assertThat(project.trouble().get()).isNull();
    }

    @Test
    void whatIsNoCopyOfStepsIsOneSentence(FxRobot robot) {
        robot.interact(
                () -> {
                    ClipboardContent content = new ClipboardContent();
                    content.put(
                            DataFormat.lookupMimeType("application/x-methodos-steps+json"),
                            "{\"manual\": [1]}");
                    Clipboard.getSystemClipboard().setContent(content);
                });
        Manual before = manual();
        robot.interact(() -> robot.lookup("#seam").query().requestFocus());
        ctrl(robot, KeyCode.V);
        assertThat(manual()).isEqualTo(before);
        assertThat(node(robot, "#message", Label.class).getText()).contains("holds no steps");
    }
}
