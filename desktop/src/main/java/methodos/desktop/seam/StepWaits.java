package methodos.desktop.seam;

import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.edit.StepEdits;
import methodos.core.manual.Step;
import methodos.core.manual.Wait;
import methodos.core.typed.WaitTime;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/** How long the unit is left alone in a step, until what, and what for. */
final class StepWaits {

    private static final double TIME = 84;

    private final OpenProject project;
    private final Words words;
    private final Consumer<String> message;

    StepWaits(OpenProject project, Consumer<String> message) {
        this.project = project;
        this.words = project.words();
        this.message = message;
    }

    Node waits(Step step) {
        VBox list = new VBox(4);
        for (int i = 0; i < step.waits().size(); i++) {
            list.getChildren().add(wait(step, i));
        }
        TextField adder = Controls.named(new TextField(), "addWait", words.of("step.addWait"));
        adder.setPromptText(words.of("step.addWait"));
        adder.setOnAction(e -> add(step, adder.getText().strip()));
        list.getChildren().add(adder);
        return list;
    }

    /** A time, or what ends the wait. */
    private void add(Step step, String typed) {
        if (!typed.isEmpty()) {
            project.apply(StepEdits.addWait(step.id(), WaitTime.wait(typed)));
        }
    }

    private VBox wait(Step step, int at) {
        Wait wait = step.waits().get(at);
        TextField time =
                field(
                        "waitTime-" + at,
                        "step.waitTime",
                        WaitTime.text(wait),
                        step,
                        at,
                        typed -> WaitTime.timed(wait, typed));
        Controls.width(time, TIME);
        TextField until =
                field("waitUntil-" + at, "step.waitUntil", wait.until(), step, at, wait::withUntil);
        HBox.setHgrow(until, Priority.ALWAYS);
        var out =
                Controls.button(
                        "removeWait-" + at,
                        "×",
                        () -> project.apply(StepEdits.wait(step.id(), at, null)));
        out.setAccessibleText(words.of("decision.out"));
        TextField what =
                field("waitWhat-" + at, "step.waitWhat", wait.what(), step, at, wait::withWhat);
        return new VBox(3, Controls.row(4, time, until, out), what);
    }

    private TextField field(
            String id, String key, String now, Step step, int at, Function<String, Wait> change) {
        TextField field = Controls.named(new TextField(now), id, words.of(key));
        field.setPromptText(words.of(key));
        Controls.kept(
                field,
                typed -> project.apply(StepEdits.wait(step.id(), at, change.apply(typed))),
                message);
        return field;
    }
}
