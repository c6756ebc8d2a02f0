package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.speech.Recogniser;
import methodos.demo.DemoProject;
import methodos.desktop.place.Place;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Clips without captions: somebody listens to them, or it is said why nobody can. */
class ListeningTest extends RealWindow {

    private static final Captions SPOKEN =
            new Captions(List.of(new Caption(1, 3, "take the nut off")));

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @Override
    protected void prepare(Path target) throws Exception {
        DemoProject.QA_80.copyTo(target);
        try (ProjectFolder folder = ProjectFolder.open(target)) {
            Manual manual = folder.workspace().manual();
            for (Clip clip : manual.clips()) {
                manual = manual.withClip(clip.withCaptions(null));
            }
            folder.save(manual);
        }
    }

    /** Hears the first clip, nothing of the second, and fails on the third. */
    @Override
    protected Recogniser recogniser() {
        return (clip, share) -> {
            assertThat(Path.of(clip.path())).isRegularFile();
            share.accept(0.5);
            switch (clip.name().charAt(0)) {
                case '1':
                    return Optional.of(SPOKEN);
                case '2':
                    return Optional.empty();
                default:
                    throw new IOException("The model is broken.");
            }
        };
    }

    private void listen(FxRobot robot, int clip) {
        laidOut(robot);
        robot.interact(() -> robot.lookup("#hear-" + id(clip)).queryButton().fire());
    }

    private Id<Clip> id(int clip) {
        return manual().clips().get(clip).id();
    }

    private static boolean says(FxRobot robot, String part) {
        return node(robot, "#message", Label.class).getText().contains(part);
    }

    @Test
    void whatIsHeardBecomesTheCaptionsOfTheClip(FxRobot robot) throws Exception {
        show(robot, Place.FOOTAGE);
        listen(robot, 0);
        until(() -> says(robot, "One caption recognised"));
        assertThat(project.workspace().get().captions(id(0))).isEqualTo(SPOKEN);
        assertThat(robot.lookup("#hear-" + id(0)).tryQuery()).isEmpty();
    }

    @Test
    void whereNobodyCanHearOneSentenceSaysWhatToDo(FxRobot robot) throws Exception {
        show(robot, Place.FOOTAGE);
        listen(robot, 1);
        until(() -> says(robot, "import captions"));
        listen(robot, 2);
        until(() -> says(robot, "The model is broken."));
        assertThat(project.workspace().get().captions(id(1))).isEqualTo(Captions.NONE);
    }
}
