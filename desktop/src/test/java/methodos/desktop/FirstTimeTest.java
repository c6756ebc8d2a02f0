package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.prefs.Preferences;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.desktop.control.FileChoice;
import methodos.desktop.theme.TextSize;
import methodos.desktop.theme.Theme;
import methodos.files.project.ProjectFolder;
import methodos.files.recent.RecentProjects;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.bytedeco.ffmpeg.ffmpeg;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/**
 * Somebody who has never seen the program, with a clip, what was said in it and two lists of a
 * machine that no other test knows. Each deed is told by words that stand on the screen when it is
 * done: what is pressed is looked for by them, and where they are not there the way ends.
 */
@ExtendWith(ApplicationExtension.class)
class FirstTimeTest {

    private static final int PATIENCE_SECONDS = 60;

    private static final String SAID =
            """
            WEBVTT

            00:00.500 --> 00:05.000
            This is the foot pump of the spray tank, and the cup leather has gone hard.

            00:06.000 --> 00:11.000
            Let the pressure out of the tank first, open the valve and wait until it is quiet.

            00:12.000 --> 00:17.000
            Remove the split pin with the pliers.

            00:18.000 --> 00:23.000
            Pull out the clevis pin and lift off the lever.

            00:24.000 --> 00:29.000
            Unscrew the gland nut with the twenty-two millimetre wrench.

            00:30.000 --> 00:35.000
            Pull out the piston rod.

            00:36.000 --> 00:41.000
            Fit a new cup leather on the piston rod.

            00:42.000 --> 00:47.000
            Tighten the gland nut to fifteen newton metres.

            00:48.000 --> 00:53.000
            Fit the lever and the clevis pin, and a new split pin.
            """;

    private static final String PARTS =
            """
            Pos,Order no.,Name,Qty,Rule
            1,FP-201,split pin,1,new
            2,FP-202,clevis pin,1,reuse
            3,FP-203,lever,1,reuse
            4,FP-204,gland nut,1,inspect
            5,FP-205,piston rod,1,inspect
            6,FP-206,cup leather,1,new
            """;

    private static final String TOOLS =
            """
            Tool,Size,Kind
            pliers,,standard
            wrench,22 mm,standard
            """;

    private Stage stage;
    private Path home;
    private Preferences settings;
    private ProgramWindow window;
    private List<Path> chosen = List.of();
    private int clicks;
    private int keys;
    private final List<String> deadEnds = new ArrayList<>();

    @Start
    void start(Stage stage) throws Exception {
        this.stage = stage;
        home = Scratch.folder();
        settings = Preferences.userRoot().node("methodos-test/" + home.getFileName());
        material();
        TextSize.usual();
        window =
                new ProgramWindow(
                        stage,
                        new ProgramWindow.Outfit(
                                (clip, share) -> Optional.empty(),
                                choice(),
                                () -> home,
                                ProjectFolder::open,
                                new RecentProjects(home.resolve("settings")),
                                settings),
                        new Theme(false),
                        1280,
                        800);
        window.begin();
        stage.setX(0);
        stage.setY(0);
        stage.setWidth(1280);
        stage.setHeight(800);
        stage.toFront();
        stage.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> clicks++);
        stage.addEventFilter(
                KeyEvent.KEY_PRESSED, e -> keys += e.getCode().isModifierKey() ? 0 : 1);
    }

    @AfterEach
    void end(FxRobot robot) throws Exception {
        robot.interact(window::close);
        settings.removeNode();
        Scratch.remove(home);
    }

    private void material() throws Exception {
        Process encoder =
                new ProcessBuilder(
                                org.bytedeco.javacpp.Loader.load(ffmpeg.class),
                                "-v",
                                "error",
                                "-f",
                                "lavfi",
                                "-i",
                                "testsrc=duration=55:size=320x180:rate=10",
                                "-c:v",
                                "mpeg4",
                                home.resolve("foot-pump.mp4").toString())
                        .inheritIO()
                        .start();
        assertThat(encoder.waitFor()).isZero();
        Files.writeString(home.resolve("foot-pump.vtt"), SAID);
        Files.writeString(home.resolve("parts of the pump.csv"), PARTS);
        Files.writeString(home.resolve("tools of the shop.csv"), TOOLS);
    }

    private FileChoice choice() {
        return new FileChoice() {
            @Override
            public List<Path> open(Node at, String title, boolean many) {
                return chosen;
            }

            @Override
            public Optional<Path> save(Node at, String title, String... endings) {
                return Optional.empty();
            }

            @Override
            public Optional<Path> folder(Node at, String title) {
                return chosen.stream().findFirst();
            }
        };
    }

    private Manual manual() {
        return window.shown().orElseThrow().project().manual();
    }

    private static void until(Callable<Boolean> condition) throws Exception {
        WaitForAsyncUtils.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS, condition);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** What stands on the screen and is written so, on a control or above a field. */
    private Optional<Node> written(FxRobot robot, String words) {
        return robot
                .lookup(
                        n ->
                                n instanceof Labeled l && says(l.getText(), words)
                                        || n instanceof TextInputControl f
                                                && says(f.getPromptText(), words))
                .queryAll()
                .stream()
                .filter(n -> seen(n) && !n.isDisabled())
                .findFirst();
    }

    private static boolean says(String text, String words) {
        return text != null && text.startsWith(words);
    }

    private static boolean seen(Node node) {
        return node == null || node.isVisible() && seen(node.getParent());
    }

    /** Presses what has these words on it; where nothing has, that is a dead end. */
    private void press(FxRobot robot, String words) throws Exception {
        settled(robot);
        Optional<Node> found = written(robot, words);
        if (found.isEmpty()) {
            deadEnds.add("nothing is called “" + words + "”");
            return;
        }
        inView(robot, found.get());
        robot.clickOn(found.get());
        settled(robot);
    }

    private void settled(FxRobot robot) throws Exception {
        WaitForAsyncUtils.waitForFxEvents();
        if (window.shown().isPresent()) {
            until(() -> window.shown().orElseThrow().window().ready());
        }
        robot.interact(
                () -> {
                    stage.getScene().getRoot().applyCss();
                    stage.getScene().getRoot().layout();
                });
    }

    /** Scrolls to something as a person would. */
    private static void inView(FxRobot robot, Node node) {
        robot.interact(
                () -> {
                    for (Node up = node; up != null; up = up.getParent()) {
                        if (up instanceof ScrollPane pane && pane.getContent() != null) {
                            double all = pane.getContent().getBoundsInLocal().getHeight();
                            double shown = pane.getViewportBounds().getHeight();
                            double y =
                                    pane.getContent().sceneToLocal(node.localToScene(0, 0)).getY();
                            if (all > shown) {
                                pane.setVvalue(
                                        Math.max(0, Math.min(1, (y - shown / 2) / (all - shown))));
                            }
                        }
                    }
                });
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void fromAClipToThePrintedManualByWhatTheScreenSays(FxRobot robot) throws Exception {
        press(robot, "Overhaul of …");
        robot.write("Foot pump");
        chosen =
                List.of(
                        home.resolve("foot-pump.mp4"),
                        home.resolve("foot-pump.vtt"),
                        home.resolve("parts of the pump.csv"));
        press(robot, "Choose clips and lists …");
        robot.interact(
                () ->
                        robot.lookup("#newFolder")
                                .queryTextInputControl()
                                .setText(home.resolve("foot pump").toString()));
        press(robot, "Make it");
        until(() -> manual().clips().size() == 1 && words() == 9);

        press(robot, "Stores");
        press(robot, "Import");
        assertThat(manual().parts()).hasSize(6);
        settled(robot);
        // what came in is there at once, not when the project is opened anew
        ListView<?> along = robot.lookup("#stores").queryListView();
        assertThat(along.getItems()).hasSizeGreaterThanOrEqualTo(6);
        assertThat(along.lookupAll(".list-cell"))
                .anyMatch(n -> n.isVisible() && n.getBoundsInLocal().getHeight() > 20);
        chosen = List.of(home.resolve("tools of the shop.csv"));
        press(robot, "From a file");
        until(() -> written(robot, "Cancel").isPresent());
        press(robot, "Import");
        assertThat(manual().tools()).hasSize(2);

        press(robot, "Steps");
        press(robot, "Draft (D)");
        until(() -> manual().steps().count() > 5);
        settle(robot);
        assertThat(manual().steps()).allMatch(Step::accepted);

        press(robot, "Publish");
        chosen = List.of(home.resolve("printed"));
        press(robot, "Choose …");
        settled(robot);
        Node go = robot.lookup("#publish").query();
        assertThat(((Labeled) go).getText()).isEqualTo("Publish as a draft");
        inView(robot, go);
        robot.clickOn(go);
        until(() -> !robot.lookup("#published").queryAs(Label.class).getText().isEmpty());

        assertThat(deadEnds).isEmpty();
        long steps = manual().steps().count();
        System.out.printf(
                "first time: %d clicks and %d keys to a manual of %d steps, %d dead ends%n",
                clicks, keys, steps, deadEnds.size());
        try (var document = Loader.loadPDF(home.resolve("printed/manual.pdf").toFile())) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("Foot pump", "gland nut", "15 N·m", "cup leather");
        }
    }

    private int words() {
        return window.shown()
                .orElseThrow()
                .project()
                .workspace()
                .get()
                .captions(manual().clips().get(0).id())
                .captions()
                .size();
    }

    /**
     * Goes on with what the buttons below the seam offer, by their words: the next draft in doubt,
     * an answer, agreeing, until nothing is left.
     */
    private void settle(FxRobot robot) throws Exception {
        Node seam = robot.lookup("#seam").query();
        Bounds b = seam.localToScreen(seam.getBoundsInLocal());
        robot.clickOn(b.getMinX() + 100, b.getMinY() + 60);
        int before = -1;
        while (manual().steps().anyMatch(s -> !s.accepted())) {
            int left = (int) manual().steps().filter(s -> !s.accepted()).count();
            if (left == before) {
                deadEnds.add("a drafted step can neither be accepted nor left");
                return;
            }
            before = left;
            if (written(robot, "Accept").isEmpty()) {
                press(robot, "Next in doubt");
            }
            press(robot, "Accept");
        }
    }
}
