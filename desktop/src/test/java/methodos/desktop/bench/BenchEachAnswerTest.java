package methodos.desktop.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.stage.Stage;
import methodos.core.bench.BenchRun;
import methodos.core.bench.RunRecord;
import methodos.demo.DemoProject;
import methodos.desktop.RealWindow;
import methodos.desktop.place.Place;
import methodos.files.bench.RunFolder;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/**
 * A machine with ways, written answers, waits, decisions, angles and left-hand threads: whatever
 * the bench asks can be answered in its window, up to the end.
 */
class BenchEachAnswerTest extends RealWindow {

    private static final int MOST_DEEDS = 600;

    /** A card that stands there for so long waits for a choice among its keys. */
    private static final int LONG = 3;

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @Override
    protected void prepare(Path target) throws Exception {
        DemoProject.SG_5.copyTo(target);
    }

    private static boolean there(FxRobot robot, String query) {
        return robot.lookup(query).queryAll().stream().anyMatch(Node::isVisible);
    }

    private static void press(FxRobot robot, String id) {
        robot.interact(
                () ->
                        robot.lookup("#" + id)
                                .tryQueryAs(ButtonBase.class)
                                .ifPresent(ButtonBase::fire));
    }

    private static void type(FxRobot robot, String query, String text) {
        robot.interact(
                () ->
                        robot.lookup(query)
                                .queryAllAs(TextInputControl.class)
                                .forEach(f -> f.setText(text)));
    }

    private static String card(FxRobot robot) {
        return told(robot, ".bench-card .label");
    }

    private static String told(FxRobot robot, String labels) {
        return robot.lookup(labels).queryAllAs(Label.class).stream()
                .map(Label::getText)
                .collect(Collectors.joining(" | "));
    }

    private static void answer(FxRobot robot, String card, boolean choose) {
        if (choose) {
            robot.interact(
                    () ->
                            robot
                                    .lookup(".bench-card .bench-key")
                                    .queryAllAs(ButtonBase.class)
                                    .stream()
                                    .findFirst()
                                    .ifPresent(ButtonBase::fire));
        } else if (there(robot, "#numberPad")) {
            String value = card.contains("≥") ? "90" : card.contains("≤") ? "0.1" : "5";
            for (char c : value.toCharArray()) {
                press(robot, "pad" + (c == '.' ? "Point" : c));
            }
            press(robot, "benchMain");
        } else if (there(robot, "#benchYes")) {
            press(robot, "benchYes");
        } else if (there(robot, "#benchWhy")) {
            type(robot, "#benchWhy", "it is shown here");
            press(robot, "benchEarly");
        } else {
            type(robot, ".bench-card .text-input", "SG2417");
            press(robot, "benchMain");
        }
    }

    @Test
    void whateverIsAskedCanBeAnswered(FxRobot robot) throws Exception {
        robot.interact(() -> window().show(Place.BENCH));
        until(() -> window().ready());
        robot.interact(
                () -> {
                    robot.lookup("#benchSerial").queryAs(TextField.class).setText("SG2417");
                    robot.lookup("#benchPerson").queryAs(TextField.class).setText("A. Lindqvist");
                });
        press(robot, "benchBegin");
        until(() -> there(robot, "#bench"));
        String before = "";
        int same = 0;
        for (int i = 0; i < MOST_DEEDS && there(robot, "#bench"); i++) {
            String card = card(robot);
            String seen = told(robot, "#benchStep .label") + card;
            same = seen.equals(before) ? same + 1 : 0;
            assertThat(same).as(seen).isLessThan(4 * LONG);
            before = seen;
            answer(robot, card, same >= LONG);
        }
        until(() -> !there(robot, "#bench"));
        List<Path> runs = RunFolder.list(folder);
        BenchRun run = RunFolder.run(runs.get(0), RunFolder.text(runs.get(0)));
        assertThat(run.state()).isEqualTo(BenchRun.State.FINISHED);
        RunRecord record = RunRecord.of(run);
        assertThat(record.tightenings().stream().map(RunRecord.Tightened::joint).distinct())
                .containsExactlyInAnyOrderElementsOf(
                        manual().joints().stream().map(j -> j.name()).toList());
        assertThat(run.entries().stream().map(e -> e.deed().getClass().getSimpleName()).distinct())
                .contains("Chosen", "Warned", "Measured", "Looked", "WaitOver", "Signed", "Tried");
    }
}
