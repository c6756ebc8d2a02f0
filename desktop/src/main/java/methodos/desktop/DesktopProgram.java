package methodos.desktop;

import java.awt.image.BufferedImage;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.prefs.Preferences;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.Scene;
import javafx.scene.layout.Pane;
import javafx.stage.DirectoryChooser;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import methodos.core.manual.Manual;
import methodos.core.manual.StepNumbers;
import methodos.core.speech.Recogniser;
import methodos.core.words.Words;
import methodos.desktop.control.FileChoice;
import methodos.desktop.place.Place;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Theme;
import methodos.desktop.window.MainWindow;
import methodos.desktop.window.ProjectStage;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.ProjectFolder;
import org.slf4j.LoggerFactory;

/** Starts the window. */
public final class DesktopProgram {

    private static final int DRAWN_FRAMES = 12;

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

    /** What to open, and how. */
    private record Start(Path project, Picture picture, Recogniser recogniser) {}

    private static Start start;
    private static int status;

    /**
     * @param project the project to open, null to ask for one
     * @param recogniser hears what is spoken in clips without captions
     */
    public static int open(Path project, Recogniser recogniser) {
        return launch(new Start(project, Picture.NONE, recogniser));
    }

    /** Opens, waits until all is drawn, writes a picture of the window, and ends. */
    public static int shoot(Path project, Picture picture, Recogniser recogniser) {
        return launch(new Start(project, picture, recogniser));
    }

    private static int launch(Start how) {
        start = how;
        if (System.getProperty("prism.order") == null
                && System.getenv("METHODOS_SOFTWARE") != null) {
            System.setProperty("prism.order", "sw");
        }
        Application.launch(Window.class);
        return status;
    }

    /** The toolkit's entry; public because the toolkit makes it. */
    public static final class Window extends Application {

        private ProjectStage shown;
        private volatile OpenProject opened;

        @Override
        public void start(Stage stage) {
            Thread.setDefaultUncaughtExceptionHandler(
                    (thread, e) -> {
                        LoggerFactory.getLogger(DesktopProgram.class)
                                .error("on {}", thread.getName(), e);
                        status = 4;
                        if (opened != null) {
                            opened.failed("work.window", e);
                        }
                    });
            stage.setTitle("Methodos");
            Preferences settings = Preferences.userRoot().node("methodos");
            Theme theme = new Theme(start.picture.dark() || ProjectStage.wasDark(settings));
            Path path = start.project != null ? start.project : ask(stage);
            if (path == null) {
                Platform.exit();
                return;
            }
            open(stage, path, theme, settings);
        }

        private void open(Stage stage, Path path, Theme theme, Preferences settings) {
            try {
                opened = new OpenProject(folder(path));
                shown =
                        new ProjectStage(
                                stage,
                                opened,
                                start.recogniser,
                                FileChoice.ofTheDesktop(),
                                new ProjectStage.Looks(
                                        theme,
                                        settings,
                                        start.picture.width(),
                                        start.picture.height()));
                stage.show();
                shown.window().show(start.picture.place());
                if (start.picture.file() != null) {
                    Platform.runLater(() -> take(opened, start.picture));
                }
            } catch (ProjectProblem e) {
                LoggerFactory.getLogger(DesktopProgram.class).warn("not opened", e);
                status = 3;
                NotOpened sentence =
                        new NotOpened(
                                e,
                                () -> {
                                    status = 0;
                                    open(stage, path, theme, settings);
                                });
                Scene scene = new Scene(new Pane(), 760, 460);
                theme.dress(scene, sentence);
                stage.setScene(scene);
                stage.show();
            }
        }

        private static ProjectFolder folder(Path path) throws ProjectProblem {
            boolean there =
                    Files.exists(path.resolve("manual.json"))
                            || Files.isDirectory(path.resolve(".work").resolve("states"));
            return there
                    ? ProjectFolder.open(path)
                    : ProjectFolder.create(
                            path,
                            Manual.titled(path.getFileName().toString().replace(".methodos", "")));
        }

        /** Chooses what is to be in the picture, and takes it. */
        private void take(OpenProject project, Picture picture) {
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

        private Path ask(Stage stage) {
            DirectoryChooser chooser = new DirectoryChooser();
            chooser.setTitle(
                    new Words("methodos.desktop.desktop", Locale.getDefault()).of("open.ask"));
            File chosen = chooser.showDialog(stage);
            return chosen == null ? null : chosen.toPath();
        }

        @Override
        public void stop() {
            if (shown != null) {
                shown.close();
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
