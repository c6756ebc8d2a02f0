package methodos.benchmarks;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.prefs.Preferences;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.PickResult;
import javafx.scene.input.ScrollEvent;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import methodos.core.description.Id;
import methodos.core.edit.StepEdits;
import methodos.core.manual.Step;
import methodos.desktop.control.FileChoice;
import methodos.desktop.place.Place;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Theme;
import methodos.desktop.window.ProjectStage;
import methodos.files.project.ProjectFolder;

/**
 * Scrolls, zooms and scrubs the seam over a clip of an hour in the real window, and prints how long
 * each picture of the interface took. Arguments: the folder of the demo's clips, a working folder.
 */
public final class SeamBenchmark {

    private static final int PICTURES = 300;
    private static final int WARM_UP = 120;
    private static final double MIDDLE = 600;

    private SeamBenchmark() {}

    private static Path project;
    private static Path work;

    public static void main(String[] arguments) throws Exception {
        work = Path.of(arguments[1]);
        Clips clips = new Clips(Path.of(arguments[0]), work);
        project = HourProject.make(clips.hour(), work);
        Application.launch(Window.class);
    }

    /** The toolkit's entry; public because the toolkit makes it. */
    public static final class Window extends Application {

        private ProjectStage shown;
        private Node seam;

        @Override
        public void start(Stage stage) throws Exception {
            OpenProject open = new OpenProject(ProjectFolder.open(project));
            Preferences settings = Preferences.userRoot().node("methodos-benchmark");
            shown =
                    new ProjectStage(
                            stage,
                            open,
                            (clip, share) -> java.util.Optional.empty(),
                            FileChoice.ofTheDesktop(),
                            new ProjectStage.Looks(new Theme(false), settings, 1280, 800));
            stage.show();
            shown.window().show(Place.STEPS);
            seam = shown.window().root().lookup("#seam");
            Id<Step> step = open.manual().steps().skip(3).findFirst().orElseThrow().id();
            Courses courses = new Courses(() -> shown.window().ready(), this::shoot);
            courses.add(null, WARM_UP, "", i -> scroll(-40, false));
            courses.add(
                    "scrolled a line at a time", PICTURES, Courses.LIMIT, i -> scroll(-40, false));
            courses.add("scrolled by pages", PICTURES, Courses.LIMIT, i -> scroll(-400, false));
            courses.add(
                    "zoomed out and in", 60, Courses.LIMIT, i -> scroll(i < 30 ? -40 : 40, true));
            courses.add(null, PICTURES / 2, "", i -> scroll(400, false));
            courses.add("scrubbed along the film", PICTURES, Courses.LIMIT, this::scrub);
            courses.add("pointed along the film", PICTURES, Courses.LIMIT, this::point);
            courses.add(
                    "typed into a step",
                    60,
                    "none",
                    i -> open.apply(StepEdits.text(step, "Take the cap off " + i)));
            courses.run(Platform::exit);
        }

        private void scroll(double by, boolean zoom) {
            Event.fireEvent(
                    seam,
                    new ScrollEvent(
                            ScrollEvent.SCROLL,
                            300,
                            300,
                            300,
                            300,
                            false,
                            zoom,
                            false,
                            false,
                            false,
                            false,
                            0,
                            by,
                            0,
                            by,
                            ScrollEvent.HorizontalTextScrollUnits.NONE,
                            0,
                            ScrollEvent.VerticalTextScrollUnits.NONE,
                            0,
                            0,
                            new PickResult(seam, 300, 300)));
        }

        private void scrub(int i) {
            mouse(
                    i == 0 ? MouseEvent.MOUSE_PRESSED : MouseEvent.MOUSE_DRAGGED,
                    120,
                    80 + MIDDLE * i / PICTURES);
        }

        private void point(int i) {
            mouse(MouseEvent.MOUSE_MOVED, 120, 80 + MIDDLE * i / PICTURES);
        }

        private void mouse(javafx.event.EventType<MouseEvent> type, double x, double y) {
            Event.fireEvent(
                    seam,
                    new MouseEvent(
                            type,
                            x,
                            y,
                            x,
                            y,
                            MouseButton.PRIMARY,
                            1,
                            false,
                            false,
                            false,
                            false,
                            type != MouseEvent.MOUSE_MOVED,
                            false,
                            false,
                            true,
                            false,
                            true,
                            new PickResult(seam, x, y)));
        }

        private void shoot(String name) {
            try {
                var picture = SwingFXUtils.fromFXImage(shown.scene().snapshot(null), null);
                Path file = work.resolve("seam-" + name.replace(' ', '-') + ".png");
                Files.createDirectories(work);
                ImageIO.write(picture, "png", file.toFile());
            } catch (java.io.IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        }

        @Override
        public void stop() {
            shown.close();
        }
    }
}
