package methodos.desktop.sizes;

import java.nio.file.Path;
import java.util.List;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.edit.StepEdits;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

class LargeSizesTest extends SizesWalk {

    private static final int STEPS = 800;

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    /** The demo with each step many times over. */
    @Override
    protected void prepare(Path target) throws Exception {
        super.prepare(target);
        try (ProjectFolder folder = ProjectFolder.open(target)) {
            Manual manual = folder.workspace().manual();
            List<Id<Step>> own = manual.steps().map(Step::id).toList();
            for (int i = 0; i + own.size() < STEPS; i++) {
                manual = StepEdits.copy(own.get(i % own.size())).change().apply(manual);
            }
            folder.save(manual);
        }
    }

    @Test
    void nothingIsOutOfReachCutOrCovered(FxRobot robot) throws Exception {
        walkSmallest(robot);
    }
}
