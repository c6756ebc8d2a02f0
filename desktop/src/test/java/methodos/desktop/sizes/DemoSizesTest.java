package methodos.desktop.sizes;

import javafx.stage.Stage;
import methodos.core.manual.Step;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

class DemoSizesTest extends SizesWalk {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @Test
    void nothingIsOutOfReachCutOrCovered(FxRobot robot) throws Exception {
        Step full =
                manual().steps()
                        .filter(s -> !s.hazards().isEmpty() && !s.tools().isEmpty())
                        .findFirst()
                        .orElseThrow();
        robot.interact(() -> window().chooseStep(full.id()));
        walk(robot);
    }
}
