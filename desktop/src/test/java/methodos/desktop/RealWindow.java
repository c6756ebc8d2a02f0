package methodos.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.UnaryOperator;
import java.util.prefs.BackingStoreException;
import java.util.prefs.Preferences;
import javafx.animation.AnimationTimer;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.manual.Manual;
import methodos.core.speech.Recogniser;
import methodos.demo.DemoProject;
import methodos.desktop.control.FileChoice;
import methodos.desktop.place.Place;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.TextSize;
import methodos.desktop.theme.Theme;
import methodos.desktop.window.MainWindow;
import methodos.desktop.window.ProjectStage;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** The real window on a fresh copy of the demo, for tests that drive it as a person would. */
@ExtendWith(ApplicationExtension.class)
public abstract class RealWindow {

    private static final int PATIENCE_SECONDS = 60;

    /** After so many drawings the window stands still. */
    private static final int FRAMES = 3;

    protected Path folder;
    protected OpenProject project;
    private ProjectStage shown;
    private Preferences settings;

    /** Opens the window; each test class calls this from its own start. */
    protected void open(Stage stage) throws Exception {
        folder = Scratch.folder().resolve("qa-80.methodos");
        prepare(folder);
        project = new OpenProject(ProjectFolder.open(folder));
        settings = Preferences.userRoot().node("methodos-test/" + folder.getParent().getFileName());
        shown =
                new ProjectStage(
                        stage,
                        project,
                        recogniser(),
                        files(),
                        new ProjectStage.Looks(new Theme(dark()), settings, 1280, 800));
        TextSize.usual();
        stage.setX(0);
        stage.setY(0);
        // all tests share one stage, whatever another one has made of it
        stage.setMinWidth(0);
        stage.setMinHeight(0);
        stage.setWidth(1280);
        stage.setHeight(800);
        stage.show();
        stage.toFront();
    }

    /** Makes the project that is opened; the demo unless a test says otherwise. */
    protected void prepare(Path target) throws Exception {
        DemoProject.QA_80.copyTo(target);
    }

    /** Changes the manual of a project that is not open yet. */
    protected static void change(Path project, UnaryOperator<Manual> change) throws Exception {
        try (ProjectFolder folder = ProjectFolder.open(project)) {
            folder.save(change.apply(folder.workspace().manual()));
        }
    }

    /** Hears what is spoken in clips without captions; nothing unless a test says otherwise. */
    protected Recogniser recogniser() {
        return (clip, share) -> Optional.empty();
    }

    /** What the user would choose when he is asked for a file or folder. */
    protected FileChoice files() {
        return FileChoice.ofTheDesktop();
    }

    protected boolean dark() {
        return false;
    }

    @AfterEach
    void end(FxRobot robot) throws BackingStoreException, IOException {
        close(robot);
        settings.removeNode();
        Scratch.remove(folder.getParent());
    }

    /** Closes the window, as its frame's button does. */
    protected void close(FxRobot robot) {
        robot.interact(shown::close);
    }

    protected MainWindow window() {
        return shown.window();
    }

    protected Preferences settings() {
        return settings;
    }

    protected Manual manual() {
        return project.manual();
    }

    protected void show(FxRobot robot, Place place) {
        laidOut(robot);
        robot.clickOn("#place-" + place.name());
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Waits for what happens beside the interface; fails after a minute. */
    protected static void until(Callable<Boolean> condition) throws Exception {
        WaitForAsyncUtils.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS, condition);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Puts text into a field in the place of what is there, and ends with Enter. */
    protected void fill(FxRobot robot, String field, String text) {
        inView(robot, field);
        robot.clickOn(field).press(KeyCode.CONTROL, KeyCode.A).release(KeyCode.A, KeyCode.CONTROL);
        robot.write(text).type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Scrolls to a node, as a person would before he clicks on it. */
    protected void inView(FxRobot robot, String query) {
        laidOut(robot);
        robot.interact(
                () -> {
                    Node node = robot.lookup(query).query();
                    for (Node up = node; up != null; up = up.getParent()) {
                        if (up instanceof ScrollPane pane && pane.getContent() != null) {
                            double all = pane.getContent().getBoundsInLocal().getHeight();
                            double seen = pane.getViewportBounds().getHeight();
                            double y =
                                    pane.getContent().sceneToLocal(node.localToScene(0, 0)).getY();
                            if (all > seen) {
                                pane.setVvalue(
                                        Math.max(0, Math.min(1, (y - seen / 2) / (all - seen))));
                            }
                        }
                    }
                });
        laidOut(robot);
    }

    /**
     * Nodes made just now have no place before the next layout, and would be clicked amiss, as
     * would those that move while findings come in behind an edit. The robot asks for their bounds
     * on its own thread: they are reckoned here, on that of the window, so that the two do not
     * reckon them at once.
     */
    protected void laidOut(FxRobot robot) {
        WaitForAsyncUtils.waitForFxEvents();
        lookedThrough();
        drawn(robot);
        robot.interact(
                () -> {
                    window().root().applyCss();
                    window().root().layout();
                    reckonBounds(window().root());
                });
    }

    /** Nobody clicks before he sees: what one drawing moves another one may settle. */
    private static void drawn(FxRobot robot) {
        CountDownLatch frames = new CountDownLatch(FRAMES);
        robot.interact(
                () ->
                        new AnimationTimer() {
                            @Override
                            public void handle(long now) {
                                frames.countDown();
                                if (frames.getCount() == 0) {
                                    stop();
                                }
                            }
                        }.start());
        try {
            if (!frames.await(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                throw new AssertionError("nothing is drawn any more");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void lookedThrough() {
        try {
            until(() -> project.upToDate() || project.stale().get());
        } catch (Exception late) {
            throw new AssertionError("the findings of the last edit did not come in", late);
        }
    }

    private static void reckonBounds(Node node) {
        if (node.getBoundsInParent() != null && node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(RealWindow::reckonBounds);
        }
    }

    protected static <T extends Node> T node(FxRobot robot, String query, Class<T> type) {
        return robot.lookup(query).queryAs(type);
    }

    /** All words in the window. */
    protected static List<String> texts(FxRobot robot) {
        return robot.lookup(".label").queryAllAs(Labeled.class).stream()
                .map(Labeled::getText)
                .toList();
    }
}
