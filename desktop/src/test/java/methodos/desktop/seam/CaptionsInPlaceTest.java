package methodos.desktop.seam;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.ClipBuilder;
import methodos.core.manual.Evidence;
import methodos.core.manual.Manual;
import methodos.core.manual.Span;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.desktop.RealWindow;
import methodos.desktop.place.Place;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Captions are corrected where they stand, and lined up with the film at one place or two. */
class CaptionsInPlaceTest extends RealWindow {

    private static final Id<Clip> CLIP = new Id<>("c1");

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    /** A foot pump, heard badly. */
    @Override
    protected void prepare(Path target) throws Exception {
        try (ProjectFolder folder =
                ProjectFolder.create(target, Manual.titled("Foot pump").withLastId(10))) {
            List<Caption> all = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                all.add(
                        new Caption(
                                4 * i,
                                4 * i + 3.5,
                                i % 2 == 0
                                        ? "Undo the glad nut with the ten mil spanner."
                                        : "Take the leather cup off the rod."));
            }
            String kept = folder.keepCaptions(CLIP, new Captions(all));
            Clip clip =
                    ClipBuilder.builder()
                            .id(CLIP)
                            .name("pump")
                            .path("pump.mp4")
                            .duration(60)
                            .captions(kept)
                            .build();
            folder.save(folder.workspace().manual().withClip(clip));
        }
    }

    @BeforeEach
    void openSteps(FxRobot robot) {
        show(robot, Place.STEPS);
        laidOut(robot);
    }

    private List<Caption> captions() {
        return project.workspace().get().captions(CLIP).captions();
    }

    /** Clicks into the words near a height of the seam, and gives what is chosen by it. */
    private Caption choose(FxRobot robot, double height) {
        Span span = null;
        for (double at = height; span == null; at -= .02) {
            click(robot, at, MouseButton.PRIMARY);
            span = window().seamState().span().get();
        }
        return said(span);
    }

    private Caption said(Span span) {
        return captions().stream()
                .filter(c -> span.contains(Captions.middle(c)))
                .findFirst()
                .orElseThrow();
    }

    private void click(FxRobot robot, double height, MouseButton button) {
        Node seam = robot.lookup("#seam").query();
        Bounds at = seam.localToScreen(seam.getBoundsInLocal());
        double words = SeamColumns.of(at.getWidth() - 12).words();
        robot.clickOn(at.getMinX() + words + 40, at.getMinY() + at.getHeight() * height, button);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private String said(FxRobot robot) {
        return node(robot, "#message", Label.class).getText();
    }

    @Test
    void wordsAreCorrectedWhereTheyStandAndDraftedSo(FxRobot robot) throws Exception {
        Caption wrong = choose(robot, .1);
        String right = "Undo the gland nut with the ten mil spanner.";
        robot.type(KeyCode.W).write(right).type(KeyCode.ENTER);
        laidOut(robot);
        Caption now = captions().get(captions().indexOf(wrong.corrected(right)));
        assertThat(now.recognised()).isEqualTo(wrong.words());
        assertThat(robot.lookup("#seam").query().isFocused()).isTrue();

        robot.type(KeyCode.D);
        until(() -> manual().steps().count() > 0);
        assertThat(manual().steps().flatMap(s -> s.evidence().stream()))
                .anyMatch(e -> ((Evidence.Recorded) e).quote().contains("gland nut"));

        robot.press(KeyCode.CONTROL).type(KeyCode.Z).type(KeyCode.Z).release(KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(captions()).contains(wrong);
    }

    @Test
    void escapeLeavesThemAndTheMenuGivesThemBack(FxRobot robot) {
        Caption wrong = choose(robot, .1);
        robot.type(KeyCode.W).write("nonsense").type(KeyCode.ESCAPE);
        assertThat(captions()).contains(wrong);
        robot.type(KeyCode.W);
        TextArea field = node(robot, "#captionField", TextArea.class);
        assertThat(field.getText()).isEqualTo(wrong.words());
        assertThat(node(robot, "#recognised", Label.class).getText()).contains(wrong.words());
        robot.write("Undo the gland nut.");
        click(robot, .8, MouseButton.PRIMARY); // leaving the field keeps it, too
        laidOut(robot);
        assertThat(captions()).contains(wrong.corrected("Undo the gland nut."));
        click(robot, .1, MouseButton.PRIMARY);
        click(robot, .1, MouseButton.SECONDARY);
        robot.clickOn("#wordsMenu-back");
        laidOut(robot);
        assertThat(captions()).contains(wrong);
    }

    @Test
    void linedUpAtOnePlaceTheyMoveAndAtTwoTheyAreStretched(FxRobot robot) {
        robot.interact(() -> robot.lookup("#seam").query().requestFocus());
        robot.type(KeyCode.L);
        assertThat(said(robot)).startsWith("Choose words");
        Caption first = choose(robot, .1);
        robot.type(KeyCode.DOWN, KeyCode.DOWN).type(KeyCode.L);
        laidOut(robot);
        double by = captions().get(0).start();
        assertThat(by).isCloseTo(2, within(.001));
        assertThat(said(robot)).contains("moved by 2.0 s");
        assertThat(captions()).contains(first.at(first.start() + 2, first.end() + 2));

        Caption later = choose(robot, .8);
        robot.type(KeyCode.DOWN).type(KeyCode.L);
        laidOut(robot);
        assertThat(said(robot)).startsWith("Captions stretched by");
        // the place that was right stays so, and the other one is right now
        assertThat(captions()).anyMatch(c -> Math.abs(c.start() - first.start() - 2) < .001);
        assertThat(captions()).anyMatch(c -> Math.abs(c.start() - later.start() - 1) < .001);
        robot.press(KeyCode.CONTROL).type(KeyCode.Z).type(KeyCode.Z).release(KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(captions().get(0).start()).isZero();
    }

    @Test
    void theMenuOnWordsIsForWhatIsChosenAtTheMomentThatIsShown(FxRobot robot) {
        Caption first = choose(robot, .1);
        robot.type(KeyCode.DOWN, KeyCode.DOWN, KeyCode.DOWN);
        click(robot, .1, MouseButton.SECONDARY);
        robot.clickOn("#wordsMenu-lineUp");
        laidOut(robot);
        assertThat(captions()).contains(first.at(first.start() + 3, first.end() + 3));
    }
}
