package methodos.desktop.seam;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.edit.CaptionEdits;
import methodos.core.edit.Edit;
import methodos.core.edit.EditKind;
import methodos.core.manual.Clip;
import methodos.core.manual.ClipBuilder;
import methodos.core.manual.Manual;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.desktop.RealWindow;
import methodos.desktop.place.Place;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** A clip and its narration come into an empty project while its Steps are open. */
class ComingInTest extends RealWindow {

    private static final Id<Clip> CLIP = new Id<>("c1");

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @Override
    protected void prepare(Path target) throws Exception {
        ProjectFolder.create(target, Manual.titled("Bench vice").withLastId(10)).close();
    }

    private static Captions said() {
        List<Caption> all = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            all.add(
                    new Caption(
                            2 * i,
                            2 * i + 1.9,
                            i % 2 == 0
                                    ? "Undo screw number " + (i + 1) + " with the six mil key."
                                    : "Take the washer off, and lay it down beside the jaw."));
        }
        return new Captions(all);
    }

    @Test
    void itIsShownAsAfterOpeningAnewAndDraftedWithoutAClick(FxRobot robot) throws Exception {
        show(robot, Place.STEPS);
        robot.interact(
                () -> {
                    Clip clip =
                            ClipBuilder.builder()
                                    .id(CLIP)
                                    .name("vice")
                                    .path("vice.mp4")
                                    .duration(60)
                                    .build();
                    project.apply(Edit.named(EditKind.FOOTAGE, m -> m.withClip(clip)));
                    try {
                        project.keepCaptions(clip, said(), d -> CaptionEdits.bring(clip, d));
                    } catch (Exception e) {
                        throw new AssertionError(e);
                    }
                });
        laidOut(robot);
        assertThat(window().seamState().clip().get()).isEqualTo(CLIP);
        assertThat(window().seamState().scale().get()).isEqualTo(fitting());
        robot.interact(() -> robot.lookup("#seam").query().requestFocus());
        robot.type(KeyCode.D);
        until(() -> manual().steps().count() > 10);
        laidOut(robot);
        assertThat(window().seamState().scale().get()).isEqualTo(fitting());

        // what was zoomed by hand stays
        robot.interact(
                () -> {
                    window().seamState().scale().set(21);
                    project.edits().undo();
                });
        laidOut(robot);
        assertThat(window().seamState().scale().get()).isEqualTo(21);
    }

    private double fitting() {
        return SeamLayout.fittingScale(project.workspace().get());
    }
}
