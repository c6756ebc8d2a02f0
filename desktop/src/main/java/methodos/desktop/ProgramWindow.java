package methodos.desktop;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import java.util.prefs.Preferences;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.Screen;
import javafx.stage.Stage;
import methodos.core.edit.LikeUnit;
import methodos.core.manual.Manual;
import methodos.core.speech.Recogniser;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.FileChoice;
import methodos.desktop.project.OpenProject;
import methodos.desktop.start.NewManual;
import methodos.desktop.start.StartView;
import methodos.desktop.theme.Theme;
import methodos.desktop.window.ProjectStage;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.ProjectFolder;
import methodos.files.recent.RecentProject;
import methodos.files.recent.RecentProjects;
import methodos.files.recent.ViewState;
import org.slf4j.LoggerFactory;

/** The program's window: the start, and then the project that is chosen there. */
final class ProgramWindow implements AutoCloseable {

    private static final double LEAST_WIDTH = 1024;
    private static final double LEAST_HEIGHT = 640;
    private static final double AROUND = 30;

    private final Stage stage;
    private final Outfit outfit;
    private final Theme theme;
    private final Words words = new Words("methodos.desktop.desktop", Locale.getDefault());
    private final double width;
    private final double height;
    private StartView start;
    private ProjectStage shown;
    private OpenProject opened;
    private boolean notOpened;

    /**
     * What the window works with.
     *
     * @param recogniser hears what is spoken in clips without captions
     * @param choice asks for files and folders
     * @param opener opens a project
     * @param recents what was worked on before
     * @param settings where the chosen shade is kept
     */
    record Outfit(
            Recogniser recogniser,
            FileChoice choice,
            DesktopProgram.Demo demo,
            Opener opener,
            RecentProjects recents,
            Preferences settings) {}

    /** Opens a project. */
    interface Opener {
        ProjectFolder open(Path folder) throws ProjectProblem;
    }

    ProgramWindow(Stage stage, Outfit outfit, Theme theme, double width, double height) {
        this.stage = stage;
        this.outfit = outfit;
        this.theme = theme;
        Rectangle2D screen = Screen.getPrimary().getVisualBounds();
        this.width = Math.min(width, screen.getWidth());
        this.height = Math.min(height, screen.getHeight());
        // as set here, whatever a window manager thinks of it
        stage.setWidth(this.width);
        stage.setHeight(this.height);
        stage.setMinWidth(Math.min(LEAST_WIDTH, screen.getWidth()));
        stage.setMinHeight(Math.min(LEAST_HEIGHT, screen.getHeight()));
    }

    /** Shows what was worked on last, and how to begin. */
    void begin() {
        start =
                new StartView(
                        outfit.recents(),
                        words,
                        outfit.choice(),
                        new StartView.Acts(this::openOrOffer, this::make, this::demo, this::tour));
        stage.setTitle(words.of("program"));
        show(start);
    }

    private void show(Region content) {
        Scene scene = new Scene(new Pane(), width, height);
        theme.dress(scene, content);
        stage.setScene(scene);
        stage.show();
    }

    /** Shows that a project is being opened: the window is there while its files are still read. */
    void announce(Path folder) {
        VBox opening = new VBox(Controls.prose(words.of("start.opening", folder), "soft"));
        opening.setPadding(new Insets(AROUND));
        opening.getStyleClass().add("window");
        show(opening);
    }

    /** Opens a project; where there is none one is offered, or it is said why none can be. */
    void openOrOffer(Path folder) {
        if (isProject(folder)) {
            open(folder, true);
            return;
        }
        if (start == null) {
            begin();
        }
        try {
            ProjectFolder.requireEmpty(folder);
            start.offer(folder, words.of("start.noneYet", folder));
        } catch (ProjectProblem e) {
            LoggerFactory.getLogger(ProgramWindow.class).info("no project", e);
            start.refuse(words.of("start.noProject", folder));
        }
    }

    private static boolean isProject(Path folder) {
        return Files.exists(folder.resolve("manual.json"))
                || Files.isDirectory(folder.resolve(".work").resolve("states"));
    }

    private void make(NewManual wanted) {
        try {
            Manual manual = Manual.titled(wanted.title());
            if (wanted.like() != null) {
                manual = LikeUnit.of(ProjectFolder.read(wanted.like()).manual(), wanted.title());
            }
            ProjectFolder.create(wanted.folder(), manual).close();
        } catch (ProjectProblem e) {
            LoggerFactory.getLogger(ProgramWindow.class).info("not made", e);
            start.notMade(e.getMessage());
            return;
        }
        open(wanted.folder(), true);
        if (shown != null) {
            shown.window().bring(wanted.files());
        }
    }

    private void demo() {
        try {
            open(outfit.demo().copy(), false);
        } catch (ProjectProblem e) {
            LoggerFactory.getLogger(ProgramWindow.class).warn("no demo", e);
            start.refuse(e.getMessage());
        }
    }

    private void tour() {
        demo();
        if (shown != null) {
            shown.window().tour();
        }
    }

    /**
     * @param kept whether it is found among what was worked on last, as it was left
     */
    void open(Path folder, boolean kept) {
        try {
            opened = new OpenProject(outfit.opener().open(folder));
            shown =
                    new ProjectStage(
                            stage,
                            opened,
                            outfit.recogniser(),
                            outfit.choice(),
                            new ProjectStage.Looks(theme, outfit.settings(), width, height));
            shown.window().onOthers(this::leave);
            if (kept) {
                ViewState before =
                        outfit.recents().of(folder).map(RecentProject::view).orElse(ViewState.NONE);
                place(before.bounds());
                shown.window().restore(before);
                shown.beforeClosing(() -> keep(folder));
                keep(folder);
            }
            notOpened = false;
            stage.show();
        } catch (ProjectProblem e) {
            LoggerFactory.getLogger(ProgramWindow.class).warn("not opened", e);
            notOpened = true;
            show(new NotOpened(e, () -> open(folder, kept), this::begin));
        }
    }

    /** Leaves the project, and shows the start again. */
    private void leave() {
        ProjectStage left = shown;
        left.leaveFor(
                () -> {
                    shown = null;
                    opened = null;
                    stage.setOnCloseRequest(null);
                    begin();
                });
    }

    /** Puts the window where it was, if that is on a screen that is there. */
    private void place(ViewState.Bounds bounds) {
        if (bounds == null) {
            return;
        }
        Screen.getScreensForRectangle(bounds.x(), bounds.y(), bounds.width(), bounds.height())
                .stream()
                .map(Screen::getVisualBounds)
                .findFirst()
                .ifPresent(
                        screen -> {
                            double wide = Math.min(bounds.width(), screen.getWidth());
                            double high = Math.min(bounds.height(), screen.getHeight());
                            stage.setX(Math.min(bounds.x(), screen.getMaxX() - wide));
                            stage.setY(Math.min(bounds.y(), screen.getMaxY() - high));
                            stage.setWidth(wide);
                            stage.setHeight(high);
                        });
    }

    private void keep(Path folder) {
        Manual manual = opened.manual();
        String picture =
                manual.figures().stream()
                        .map(f -> "stills/" + f.picture() + ".png")
                        .filter(f -> Files.exists(folder.resolve(f)))
                        .findFirst()
                        .orElse("");
        long drafted = manual.steps().filter(s -> !s.accepted()).count();
        ViewState.Bounds bounds =
                stage.isShowing()
                        ? new ViewState.Bounds(
                                stage.getX(), stage.getY(), stage.getWidth(), stage.getHeight())
                        : null;
        outfit.recents()
                .keep(
                        new RecentProject(
                                RecentProjects.absolute(folder),
                                manual.title(),
                                Instant.now().toString(),
                                opened.openPoints().get().size(),
                                (int) drafted,
                                picture,
                                shown.window().view().withBounds(bounds)));
    }

    /** What is open; empty at the start. */
    Optional<ProjectStage> shown() {
        return Optional.ofNullable(shown);
    }

    /** Whether the last project that was to be opened could not be. */
    boolean notOpened() {
        return notOpened;
    }

    /** Something failed that nobody foresaw. */
    void failed(Throwable cause) {
        if (opened != null) {
            Platform.runLater(() -> opened.failed("work.window", cause));
        }
    }

    @Override
    public void close() {
        if (shown != null) {
            shown.close();
        }
    }
}
