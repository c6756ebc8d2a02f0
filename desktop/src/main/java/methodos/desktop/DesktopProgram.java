package methodos.desktop;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.prefs.Preferences;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.Scene;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import methodos.core.manual.StepNumbers;
import methodos.core.speech.Recogniser;
import methodos.desktop.control.FileChoice;
import methodos.desktop.place.Place;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.TextSize;
import methodos.desktop.theme.Theme;
import methodos.desktop.window.MainWindow;
import methodos.desktop.window.ProjectStage;
import methodos.files.folders.AppFolders;
import methodos.files.problem.ProjectProblem;
import methodos.files.recent.RecentProjects;
import org.slf4j.LoggerFactory;

/** Starts the window. */
public final class DesktopProgram {

    private static final int DRAWN_FRAMES = 12;
    private static final String TEXT_SIZE = "textSize";

    private DesktopProgram() {}

    /**
     * A picture of the window, taken when all is drawn.
     *
     * @param file that it is written to, null where none is taken and the window stays
     * @param step number of the step that is chosen, 0 for none
     * @param figure which figure of the manual is chosen, from 1, 0 for none
     */
    public record Picture(
            Path file, Place place, boolean dark, int width, int height, int step, int figure) {

        private static final Picture NONE = new Picture(null, Place.STEPS, false, 1280, 800, 0, 0);
    }

    /**
     * What to open, and how.
     *
     * @param kept whether the project is one that is found again at the start
     */
    private record Start(Path project, boolean kept, Picture picture, Gear gear) {}

    /**
     * What the window works with.
     *
     * @param recogniser hears what is spoken in clips without captions
     * @param demo makes a copy of the demo, and gives its folder
     */
    public record Gear(Recogniser recogniser, Demo demo) {}

    /** Makes a copy of the demo. */
    public interface Demo {
        Path copy() throws ProjectProblem;
    }

    private static Start start;
    private static OpenedAhead ahead;
    private static int status;

    /**
     * @param project the project to open, null to begin with what was worked on last
     */
    public static int open(Path project, Gear gear) {
        return launch(new Start(project, true, Picture.NONE, gear));
    }

    /** Opens a copy that is gone when the window is closed. */
    public static int openCopy(Path project, Gear gear) {
        return launch(new Start(project, false, Picture.NONE, gear));
    }

    /** Opens, waits until all is drawn, writes a picture of the window, and ends. */
    public static int shoot(Path project, Picture picture, Gear gear) {
        return launch(new Start(project, false, picture, gear));
    }

    private static int launch(Start how) {
        start = how;
        ahead = new OpenedAhead(how.project);
        if (System.getProperty("prism.order") == null
                && System.getenv("METHODOS_SOFTWARE") != null) {
            System.setProperty("prism.order", "sw");
        }
        Application.launch(Window.class);
        return status;
    }

    /** The toolkit's entry; public because the toolkit makes it. */
    public static final class Window extends Application {

        private volatile ProgramWindow window;

        @Override
        public void start(Stage stage) {
            Thread.setDefaultUncaughtExceptionHandler(
                    (thread, e) -> {
                        LoggerFactory.getLogger(DesktopProgram.class)
                                .error("on {}", thread.getName(), e);
                        status = 4;
                        if (window != null) {
                            window.failed(e);
                        }
                    });
            Preferences settings = Preferences.userRoot().node("methodos");
            TextSize.set(settings.getDouble(TEXT_SIZE, 1));
            TextSize.factor()
                    .addListener((o, was, is) -> settings.putDouble(TEXT_SIZE, is.doubleValue()));
            Picture picture = start.picture;
            window =
                    new ProgramWindow(
                            stage,
                            new ProgramWindow.Outfit(
                                    start.gear.recogniser(),
                                    FileChoice.ofTheDesktop(),
                                    start.gear.demo(),
                                    ahead::open,
                                    new RecentProjects(AppFolders.ofThisMachine().settings()),
                                    settings),
                            new Theme(picture.dark() || ProjectStage.wasDark(settings)),
                            picture.width(),
                            picture.height());
            if (start.project != null && picture.file() == null) {
                window.announce(start.project);
            }
            if (start.project == null) {
                window.begin();
            } else if (start.kept) {
                window.openOrOffer(start.project);
            } else {
                window.open(start.project, false);
            }
            if (picture.file() != null) {
                window.shown().ifPresent(s -> Platform.runLater(() -> take(s, picture)));
            }
        }

        /** Chooses what is to be in the picture, and takes it. */
        private static void take(ProjectStage shown, Picture picture) {
            shown.window().show(picture.place());
            OpenProject project = shown.project();
            new StepNumbers(project.manual(), project.sight().get())
                    .step(String.valueOf(picture.step()))
                    .ifPresent(shown.window()::chooseStep);
            project.manual().figures().stream()
                    .skip(Math.max(0, picture.figure() - 1))
                    .limit(picture.figure())
                    .findFirst()
                    .ifPresent(f -> shown.window().chooseFigure(f.id()));
            new Shot(shown.scene(), shown.window(), picture.file()).start();
        }

        @Override
        public void stop() {
            if (window != null) {
                status = status == 0 && window.notOpened() ? 3 : status;
                window.close();
            }
        }
    }

    /** Waits until nothing is left to draw, then writes the picture. */
    private static final class Shot extends AnimationTimer {
        private final Scene scene;
        private final MainWindow window;
        private final Path file;
        private int still;

        Shot(Scene scene, MainWindow window, Path file) {
            this.scene = scene;
            this.window = window;
            this.file = file;
        }

        @Override
        public void handle(long now) {
            still = window.ready() ? still + 1 : 0;
            if (still < DRAWN_FRAMES) {
                return;
            }
            stop();
            BufferedImage picture = SwingFXUtils.fromFXImage(scene.snapshot(null), null);
            try {
                ImageIO.write(picture, "png", file.toFile());
            } catch (IOException e) {
                LoggerFactory.getLogger(DesktopProgram.class).error("no picture", e);
                status = 3;
            }
            Platform.exit();
        }
    }
}
