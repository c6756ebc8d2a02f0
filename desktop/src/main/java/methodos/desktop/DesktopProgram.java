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
import methodos.core.manual.Mark;
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

    /** What to open and, for a picture, how and where to. */
    private record Start(
            Path project,
            Path shot,
            Place place,
            boolean dark,
            int width,
            int height,
            Recogniser recogniser) {}

    private static Start start;
    private static int status;

    /**
     * @param project the project to open, null to ask for one
     * @param recogniser hears what is spoken in clips without captions
     */
    public static int open(Path project, Recogniser recogniser) {
        return launch(new Start(project, null, Place.STEPS, false, 1280, 800, recogniser));
    }

    /** Opens, waits until all is drawn, writes a picture of the window, and ends. */
    public static int shoot(
            Path project,
            Path shot,
            String place,
            boolean dark,
            String size,
            Recogniser recogniser) {
        String[] sides = size.toLowerCase(Locale.ROOT).split("x");
        return launch(
                new Start(
                        project,
                        shot,
                        Place.valueOf(place.toUpperCase(Locale.ROOT)),
                        dark,
                        Integer.parseInt(sides[0]),
                        Integer.parseInt(sides[1]),
                        recogniser));
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
            Theme theme = new Theme(start.dark || ProjectStage.wasDark(settings));
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
                                new ProjectStage.Looks(theme, settings, start.width, start.height));
                stage.show();
                shown.window().show(start.place);
                if (start.shot != null) {
                    Platform.runLater(() -> pose(opened));
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

        /** Shows something worth a picture, and takes it. */
        private void pose(OpenProject project) {
            if (start.place == Place.STEPS) {
                project.manual()
                        .steps()
                        .filter(s -> !s.hazards().isEmpty() && s.figures().size() == 1)
                        .skip(3)
                        .findFirst()
                        .or(() -> project.manual().steps().filter(s -> !s.accepted()).findFirst())
                        .ifPresent(s -> shown.window().chooseStep(s.id()));
            }
            if (start.place == Place.FIGURES) {
                project.manual().figures().stream()
                        .filter(f -> f.marks().stream().anyMatch(m -> m instanceof Mark.ScrewOrder))
                        .findFirst()
                        .ifPresent(f -> shown.window().chooseFigure(f.id()));
            }
            new Shot(shown.scene(), shown.window(), start.shot).start();
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
