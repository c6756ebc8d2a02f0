package methodos.desktop.window;

import java.util.prefs.Preferences;
import javafx.scene.Scene;
import javafx.stage.Stage;
import methodos.desktop.project.OpenProject;
import methodos.desktop.seam.SeamState;
import methodos.desktop.theme.Theme;

/** A project shown in a stage, light or dark; the shade that was chosen last is remembered. */
public final class ProjectStage implements AutoCloseable {

    private static final String DARK = "dark";

    private final OpenProject project;
    private final Preferences settings;
    private final SeamState seam = new SeamState();
    private final Scene scene;
    private MainWindow window;
    private boolean dark;
    private boolean closed;

    /**
     * @param settings where the chosen shade is kept
     */
    public ProjectStage(
            Stage stage, OpenProject project, boolean dark, Preferences settings, double[] size) {
        this.project = project;
        this.settings = settings;
        this.dark = dark;
        this.window = make();
        this.scene = new Scene(window.root(), size[0], size[1]);
        new Theme(dark).dress(scene);
        stage.setScene(scene);
        stage.setTitle(project.manual().title() + " – Methodos");
    }

    /** Whether the dark variant was chosen when the program ran last. */
    public static boolean wasDark(Preferences settings) {
        return settings.getBoolean(DARK, false);
    }

    private MainWindow make() {
        return new MainWindow(project, new Theme(dark).palette(), seam, this::otherShade);
    }

    private void otherShade() {
        var place = window.place();
        window.leave();
        dark = !dark;
        settings.putBoolean(DARK, dark);
        window = make();
        scene.setRoot(window.root());
        new Theme(dark).dress(scene);
        window.show(place);
    }

    public MainWindow window() {
        return window;
    }

    public Scene scene() {
        return scene;
    }

    /** Leaves the window and closes the project; closing again does nothing. */
    @Override
    public void close() {
        if (!closed) {
            closed = true;
            window.leave();
            project.close();
        }
    }
}
