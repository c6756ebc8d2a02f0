package methodos.desktop.sizes;

import java.nio.file.Path;
import javafx.stage.Stage;
import methodos.core.manual.Manual;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

class EmptySizesTest extends SizesWalk {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @Override
    protected void prepare(Path target) throws Exception {
        ProjectFolder.create(target, Manual.titled("Winch brake")).close();
    }

    @Test
    void nothingIsOutOfReachCutOrCovered(FxRobot robot) throws Exception {
        walkSmallest(robot);
    }
}
