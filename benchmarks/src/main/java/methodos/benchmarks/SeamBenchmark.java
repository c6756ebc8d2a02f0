package methodos.benchmarks;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.function.IntConsumer;
import java.util.prefs.Preferences;
import javafx.animation.AnimationTimer;
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
import methodos.core.check.Place;
import methodos.core.edit.StepEdits;
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

    /** Something that is done at each picture of the window. */
    private record Course(String name, int pictures, IntConsumer each) {

        String limit() {
            return name.startsWith("typed") ? "none" : "33 ms";
        }
    }

    private static Path project;
    private static Path work;

    public static void main(String[] arguments) throws Exception {
        work = Path.of(arguments[1]);
        Clips clips = new Clips(Path.of(arguments[0]), work);
        project = HourProject.make(clips.hour(), work);
        System.out.println("| What | Median | 95 of 100 | Longest | Limit |");
        System.out.println("| --- | --- | --- | --- | --- |");
        Application.launch(Window.class);
    }

    /** The toolkit's entry; public because the toolkit makes it. */
    public static final class Window extends Application {

        private final Deque<Course> courses = new ArrayDeque<>();
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
                            new Theme(false),
                            settings,
                            1280,
                            800);
            stage.show();
            shown.window().show(Place.STEPS);
            seam = shown.window().root().lookup("#seam");
            String step = open.manual().steps().skip(3).findFirst().orElseThrow().id();
            courses.add(new Course(null, WARM_UP, i -> scroll(-40, false)));
            courses.add(new Course("scrolled a line at a time", PICTURES, i -> scroll(-40, false)));
            courses.add(new Course("scrolled by pages", PICTURES, i -> scroll(-400, false)));
            courses.add(new Course("zoomed out and in", 60, i -> scroll(i < 30 ? -40 : 40, true)));
            courses.add(new Course(null, PICTURES / 2, i -> scroll(400, false)));
            courses.add(new Course("scrubbed along the film", PICTURES, this::scrub));
            courses.add(new Course("pointed along the film", PICTURES, this::point));
            courses.add(
                    new Course(
                            "typed into a step",
                            60,
                            i -> open.apply(StepEdits.text(step, "Take the cap off " + i))));
            new Waiting(this::next).start();
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

        private void next() {
            Course course = courses.poll();
            if (course == null) {
                Platform.exit();
                return;
            }
            new Timed(course, () -> new Waiting(this::next).start()).start();
        }

        /** Waits until all that is in view is there. */
        private final class Waiting extends AnimationTimer {
            private final Runnable then;

            Waiting(Runnable then) {
                this.then = then;
            }

            @Override
            public void handle(long now) {
                if (shown.window().ready()) {
                    stop();
                    then.run();
                }
            }
        }

        /** Does a course and measures from picture to picture. */
        private final class Timed extends AnimationTimer {
            private final Course course;
            private final Runnable then;
            private final List<Double> millis = new ArrayList<>();
            private int done;
            private long last;

            Timed(Course course, Runnable then) {
                this.course = course;
                this.then = then;
            }

            @Override
            public void handle(long ignored) {
                long now = System.nanoTime();
                if (last != 0) {
                    millis.add((now - last) / 1e6);
                }
                last = now;
                if (done < course.pictures) {
                    course.each.accept(done++);
                    return;
                }
                stop();
                print(course, millis);
                shoot(course.name);
                then.run();
            }
        }

        private void shoot(String name) {
            try {
                if (name != null) {
                    var picture = SwingFXUtils.fromFXImage(shown.scene().snapshot(null), null);
                    Path file = work.resolve("seam-" + name.replace(' ', '-') + ".png");
                    Files.createDirectories(work);
                    ImageIO.write(picture, "png", file.toFile());
                }
            } catch (java.io.IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        }

        private static void print(Course course, List<Double> millis) {
            if (course.name != null) {
                List<Double> sorted = millis.stream().sorted().toList();
                System.out.printf(
                        Locale.ROOT,
                        "| %s | %.0f ms | %.0f ms | %.0f ms | %s |%n",
                        course.name,
                        sorted.get(sorted.size() / 2),
                        sorted.get((int) (sorted.size() * 0.95)),
                        sorted.get(sorted.size() - 1),
                        course.limit());
            }
        }

        @Override
        public void stop() {
            shown.close();
        }
    }
}
