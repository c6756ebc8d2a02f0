package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.manual.Step;
import methodos.desktop.place.Place;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/**
 * The bench is walked step by step, to where a newcomer would stumble, and from there to mend it.
 */
class DryRunPlaceTest extends RealWindow {

    private static final Id<Step> SCREWS = new Id<>("s97");

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    /** Nobody says with which tool the screws of the air plate are undone. */
    @Override
    protected void prepare(Path target) throws Exception {
        super.prepare(target);
        change(target, m -> m.withStep(m.step(SCREWS).orElseThrow().withTools(List.of())));
    }

    private static String words(FxRobot robot, String query) {
        return robot.lookup(query + " .label").queryAll().stream()
                .map(n -> ((Label) n).getText())
                .collect(Collectors.joining("\n"));
    }

    @Test
    void theBenchIsWalkedToWhereOneStumbles(FxRobot robot) throws Exception {
        show(robot, Place.CHECKS);
        until(() -> window().ready());
        inView(robot, "#toBench");
        robot.clickOn("#toBench");
        laidOut(robot);
        assertThat(words(robot, "#bench")).contains("Step 1: Read the type plate");
        assertThat(words(robot, "#bench-unit")).contains("29 air plate screw M5 × 16 (× 4)");
        robot.type(KeyCode.N);
        until(() -> words(robot, "#bench").contains("Step 11: Take the four screws"));
        assertThat(words(robot, "#bench"))
                .contains("Step 11 loosens “Air plate to body”, and no tool for it is listed.");
        assertThat(words(robot, "#bench-bench")).contains("27 position indicator, step 10");
        assertThat(words(robot, "#bench-safe")).contains("Compressed air: isolated");
        robot.type(KeyCode.RIGHT);
        until(
                () ->
                        words(robot, "#bench-bench")
                                .contains("29 air plate screw M5 × 16 (× 4), step 11"));
        robot.type(KeyCode.LEFT);
        until(() -> words(robot, "#bench").contains("Step 11: Take the four screws"));
        inView(robot, "#benchGo-1");
        robot.clickOn("#benchGo-1");
        until(() -> robot.lookup("#benchGo-1").queryAll().isEmpty());
        show(robot, Place.CHECKS);
        inView(robot, "#benchLeave");
        robot.clickOn("#benchLeave");
        laidOut(robot);
        assertThat(robot.lookup("#ledgerDrawing").queryAll()).isNotEmpty();
    }
}
