package methodos.desktop.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import methodos.core.bench.BenchRun;
import methodos.core.bench.Deed;
import methodos.core.bench.RunRecord;
import methodos.demo.DemoProject;
import methodos.desktop.RealWindow;
import methodos.desktop.control.FileChoice;
import methodos.desktop.place.Place;
import methodos.files.bench.KeptRun;
import methodos.files.bench.RecordText;
import methodos.files.bench.RunFolder;
import methodos.files.instrument.SimulatedInstrument;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Whole runs in the window: by the mouse with an instrument, and by keys alone. */
class BenchRunWindowTest extends RealWindow {

    private static final int MOST_DEEDS = 200;

    private Stage stage;

    @Start
    void start(Stage window) throws Exception {
        stage = window;
        open(window);
    }

    @Override
    protected void prepare(Path target) throws Exception {
        DemoProject.HB_3.copyTo(target);
    }

    /** A photo is where the technician looks for one. */
    @Override
    protected FileChoice files() {
        return new FileChoice() {
            @Override
            public List<Path> open(Node at, String title, boolean many) {
                Path photo = folder.resolveSibling("photo.png");
                try {
                    ImageIO.write(
                            new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB),
                            "png",
                            photo.toFile());
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
                return List.of(photo);
            }

            @Override
            public Optional<Path> save(Node at, String title, String... endings) {
                return Optional.empty();
            }

            @Override
            public Optional<Path> folder(Node at, String title) {
                return Optional.empty();
            }
        };
    }

    private static boolean there(FxRobot robot, String query) {
        return robot.lookup(query)
                .tryQuery()
                .filter(n -> n.isVisible() && !n.isDisabled())
                .isPresent();
    }

    private static String text(FxRobot robot, String query) {
        return robot.lookup(query).tryQueryAs(Label.class).map(Label::getText).orElse("");
    }

    private BenchRun finished() throws Exception {
        until(() -> !stage.getScene().getRoot().lookupAll("#place-BENCH").isEmpty());
        until(() -> window().ready());
        List<Path> runs = RunFolder.list(folder);
        assertThat(runs).hasSize(1);
        RecordText text = RunFolder.text(runs.get(0));
        assertThat(text.intact()).isTrue();
        return RunFolder.run(runs.get(0), text);
    }

    /** What an inspector would type for what is asked. */
    private static String value(FxRobot robot) {
        String limit =
                robot.lookup(".bench-card .label").queryAllAs(Label.class).stream()
                        .map(Label::getText)
                        .filter(t -> t.startsWith("Limit"))
                        .findFirst()
                        .orElse("");
        return limit.contains("≥") ? "9.5" : limit.isEmpty() ? "7" : "5";
    }

    @Test
    void aWholeRunByTheMouseWithInstruments(FxRobot robot) throws Exception {
        try (SimulatedInstrument caliper =
                SimulatedInstrument.serve(SimulatedInstrument.Kind.CALIPER, 0, () -> "6.25 mm")) {
            show(robot, Place.BENCH);
            until(() -> window().ready());
            robot.clickOn("#benchBegin");
            assertThat(text(robot, "#message")).contains("serial number");
            robot.clickOn("#benchSerial").write("4711");
            robot.clickOn("#benchBegin");
            assertThat(text(robot, "#message")).contains("your name");
            robot.clickOn("#benchPerson").write("A. Lindqvist");
            robot.clickOn("#instrumentAddress").write(caliper.address());
            robot.clickOn("#connect");
            until(() -> robot.lookup("Disconnect simulated caliper").tryQuery().isPresent());
            robot.clickOn("#benchBegin");
            until(() -> there(robot, "#benchMain"));
            boolean sent = false;
            boolean refused = false;
            boolean filmed = false;
            boolean stopped = false;
            for (int i = 0; i < MOST_DEEDS && there(robot, "#bench"); i++) {
                if (there(robot, "#numberPad")) {
                    Optional<Node> from = robot.lookup("from simulated caliper").tryQuery();
                    if (!sent && from.isPresent()) {
                        String before = text(robot, "#benchTaken");
                        robot.clickOn(from.get());
                        until(() -> !text(robot, "#benchTaken").equals(before));
                        sent = true;
                    } else {
                        for (char c : value(robot).toCharArray()) {
                            robot.clickOn("#pad" + (c == '.' ? "Point" : c));
                        }
                        assertThat(text(robot, "#benchTyped")).isEqualTo(value(robot));
                        robot.clickOn("#benchMain");
                    }
                } else if (there(robot, "#benchHow")) {
                    refused = true;
                    robot.clickOn("#benchHow").write("accepted by the foreman");
                    robot.clickOn("#benchMain");
                } else if (there(robot, "#benchYes")) {
                    robot.clickOn("#benchYes");
                } else if (!filmed && there(robot, "#benchWrong") && there(robot, "#benchBack")) {
                    robot.clickOn("#benchWrong");
                    robot.clickOn("#remark-UNCLEAR").clickOn("#remarkText");
                    robot.write("Which of the two pins?");
                    robot.clickOn("#remarkPhoto");
                    until(() -> robot.lookup("Photo added").tryQuery().isPresent());
                    robot.clickOn("#benchMain");
                    robot.clickOn("#benchBack").clickOn("#benchMain");
                    filmed = true;
                } else if (!stopped && filmed) {
                    robot.clickOn("#benchStop");
                    until(() -> robot.lookup("Go on").tryQuery().isPresent());
                    robot.clickOn("Go on");
                    until(() -> there(robot, "#bench"));
                    stopped = true;
                } else if (there(robot, "#benchMain")) {
                    robot.clickOn("#benchMain");
                }
                laidOutBench(robot);
            }
            BenchRun run = finished();
            assertThat(run.state()).isEqualTo(BenchRun.State.FINISHED);
            RunRecord record = RunRecord.of(run);
            assertThat(record.people()).containsExactly("A. Lindqvist");
            assertThat(record.instruments()).containsExactly("simulated caliper");
            assertThat(record.readings()).hasSize(5);
            assertThat(record.remarks()).hasSize(1);
            assertThat(KeptRun.all(folder).get(0).photo(record.remarks().get(0).of().file()))
                    .get()
                    .extracting(BufferedImage::getWidth)
                    .isEqualTo(40);
            assertThat(record.signatures()).isNotEmpty();
            assertThat(run.entries().stream().map(e -> e.deed().getClass().getSimpleName()))
                    .contains("Stopped", "WentOn", "Warned", "Done");
            assertThat(refused || record.passes()).isTrue();
        }
    }

    private static void laidOutBench(FxRobot robot) {
        org.testfx.util.WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> {});
    }

    @Test
    void aWholeRunByKeysAlone(FxRobot robot) throws Exception {
        laidOut(robot);
        robot.press(KeyCode.ALT, KeyCode.DIGIT0).release(KeyCode.DIGIT0, KeyCode.ALT);
        until(() -> there(robot, "#benchSerial"));
        until(() -> window().ready());
        until(() -> stage.getScene().getFocusOwner() instanceof TextInputControl);
        robot.write("4712").type(KeyCode.ENTER).write("A. Lindqvist").type(KeyCode.ENTER);
        until(() -> there(robot, "#bench"));
        for (int i = 0; i < MOST_DEEDS && there(robot, "#bench"); i++) {
            if (there(robot, "#numberPad")) {
                robot.write(value(robot));
                robot.type(KeyCode.BACK_SPACE)
                        .write(value(robot).substring(value(robot).length() - 1));
                robot.type(KeyCode.ENTER);
            } else if (there(robot, "#benchHow")) {
                // measure again, with another value, or the first part renewed
                robot.type(KeyCode.DIGIT2);
            } else if (there(robot, "#benchYes")) {
                robot.type(KeyCode.DIGIT1);
            } else {
                robot.type(KeyCode.ENTER);
            }
            laidOutBench(robot);
        }
        BenchRun run = finished();
        assertThat(run.state()).isEqualTo(BenchRun.State.FINISHED);
        assertThat(run.visits()).hasSizeGreaterThan(15);
        assertThat(run.entries().get(0).deed()).isInstanceOf(Deed.Begun.class);
    }

    @Test
    void allThatIsPressedAtTheBenchIsTwelveMillimetresLarge(FxRobot robot) throws Exception {
        show(robot, Place.BENCH);
        until(() -> window().ready());
        robot.clickOn("#benchSerial").write("4713");
        robot.clickOn("#benchPerson").write("A. Lindqvist");
        robot.clickOn("#benchBegin");
        until(() -> there(robot, "#benchMain"));
        int looked = 0;
        for (int i = 0; i < 60 && there(robot, "#bench"); i++) {
            for (Button key : robot.lookup("#bench .button").queryAllAs(Button.class)) {
                if (key.isVisible() && key.getHeight() > 0) {
                    // 12 mm are 45 px at 96 to the inch
                    assertThat(Math.min(key.getWidth(), key.getHeight()))
                            .as(key.getId())
                            .isGreaterThanOrEqualTo(45);
                    looked++;
                }
            }
            robot.interact(
                    () ->
                            robot.lookup("#benchMain")
                                    .tryQueryAs(Button.class)
                                    .ifPresent(Button::fire));
            laidOutBench(robot);
        }
        assertThat(looked).isGreaterThan(200);
    }
}
