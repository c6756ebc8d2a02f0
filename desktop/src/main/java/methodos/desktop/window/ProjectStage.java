package methodos.desktop.window;

import java.util.prefs.Preferences;
import javafx.scene.Scene;
import javafx.scene.layout.Pane;
import javafx.stage.Stage;
import methodos.core.speech.Recogniser;
import methodos.desktop.control.FileChoice;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Theme;

/** A project shown in a stage, light or dark; the shade that was chosen last is remembered. */
public final class ProjectStage implements AutoCloseable {

    private static final String DARK = "dark";

    private final OpenProject project;
    private final Scene scene;
    private final MainWindow window;
    private Runnable before = () -> {};
    private boolean closed;

    /**
     * How the window looks at first.
     *
     * @param settings where the chosen shade is kept
     */
    public record Looks(Theme theme, Preferences settings, double width, double height) {}

    /**
     * @param recogniser hears what is spoken in clips without captions
     * @param choice asks for files and folders
     */
    public ProjectStage(
            Stage stage,
            OpenProject project,
            Recogniser recogniser,
            FileChoice choice,
            Looks looks) {
        this.project = project;
        Theme theme = looks.theme();
        scene = new Scene(new Pane(), looks.width(), looks.height());
        window =
                new MainWindow(
                        project,
                        recogniser,
                        choice,
                        theme,
                        () -> {
                            theme.change();
                            looks.settings().putBoolean(DARK, theme.dark());
                        });
        theme.dress(scene, window.root());
        stage.setScene(scene);
        stage.setOnCloseRequest(
                e -> {
                    if (!closed && !window.savedBeforeClosing(() -> closeAnyhow(stage))) {
                        e.consume(); // nothing closes over unsaved work
                    }
                });
        stage.setTitle(project.manual().title() + " – Methodos");
    }

    /** Leaves the project for something else, once all of it is saved. */
    public void leaveFor(Runnable next) {
        Runnable leave =
                () -> {
                    close();
                    next.run();
                };
        if (closed || window.savedBeforeClosing(leave)) {
            leave.run();
        }
    }

    private void closeAnyhow(Stage stage) {
        close();
        stage.close();
    }

    /** Whether the dark variant was chosen when the program ran last. */
    public static boolean wasDark(Preferences settings) {
        return settings.getBoolean(DARK, false);
    }

    public MainWindow window() {
        return window;
    }

    public OpenProject project() {
        return project;
    }

    /** What is done when the window is left, while all is still there. */
    public void beforeClosing(Runnable last) {
        before = last;
    }

    public Scene scene() {
        return scene;
    }

    /** Leaves the window and closes the project; closing again does nothing. */
    @Override
    public void close() {
        if (!closed) {
            closed = true;
            before.run();
            window.leave();
            project.close();
        }
    }
}
