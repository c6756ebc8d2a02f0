package methodos.desktop.seam;

import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import methodos.core.edit.StepEdits;
import methodos.core.manual.Step;
import methodos.core.manual.Wait;
import methodos.core.typed.WaitTime;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/** How long the unit is left alone in a step, until what, and what for. */
final class StepWaits {

    private static final double TIME = 84;

    private final OpenProject project;
    private final StepFields fields;

    StepWaits(OpenProject project, Consumer<String> message) {
        this.project = project;
        this.fields = new StepFields(project.words(), message);
    }

    Node waits(Step step) {
        VBox list = new VBox(4);
        for (int i = 0; i < step.waits().size(); i++) {
            list.getChildren().add(wait(step, i));
        }
        list.getChildren()
                .add(
                        fields.adder(
                                "addWait",
                                "step.addWait",
                                typed ->
                                        project.apply(
                                                StepEdits.addWait(
                                                        step.id(), WaitTime.wait(typed)))));
        return list;
    }

    private VBox wait(Step step, int at) {
        Wait wait = step.waits().get(at);
        TextField time =
                fields.field(
                        "waitTime-" + at,
                        "step.waitTime",
                        WaitTime.text(wait),
                        typed -> put(step, at, WaitTime.timed(wait, typed)));
        Controls.width(time, TIME);
        TextField until =
                fields.field(
                        "waitUntil-" + at,
                        "step.waitUntil",
                        wait.until(),
                        typed -> put(step, at, wait.withUntil(typed)));
        TextField what =
                fields.field(
                        "waitWhat-" + at,
                        "step.waitWhat",
                        wait.what(),
                        typed -> put(step, at, wait.withWhat(typed)));
        Button out = fields.out("removeWait-" + at, () -> put(step, at, null));
        return new VBox(3, Controls.row(4, time, until, out), what);
    }

    private void put(Step step, int at, Wait wait) {
        project.apply(StepEdits.wait(step.id(), at, wait));
    }
}
