package methodos.desktop.seam;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import methodos.core.edit.AlternativeEdits;
import methodos.core.manual.Alternative;
import methodos.core.manual.Step;
import methodos.desktop.control.Controls;
import methodos.desktop.control.PickField;
import methodos.desktop.project.OpenProject;

/** Of which way of an alternative a step is, and when that way is taken. */
final class StepWay {

    private final OpenProject project;
    private final Consumer<String> message;

    StepWay(OpenProject project, Consumer<String> message) {
        this.project = project;
        this.message = message;
    }

    Node field(Step step) {
        return project.manual()
                .alternativeOf(step.way())
                .map(a -> ofWay(step, a, a.way(step.way()).orElseThrow()))
                .orElseGet(() -> ofNone(step));
    }

    /** Emptied, the step is always done again. */
    private Node ofWay(Step step, Alternative alternative, Alternative.Way own) {
        TextField way = named(new TextField(alternative.told(own)), "stepWay", "step.wayField");
        Controls.kept(way, typed -> take(step, typed));
        TextField when = named(new TextField(own.when()), "stepWayWhen", "step.wayWhenField");
        Controls.kept(when, typed -> project.apply(AlternativeEdits.when(own.id(), typed)));
        return new VBox(4, way, when);
    }

    private Node ofNone(Step step) {
        List<String> known =
                project.manual().alternatives().stream()
                        .flatMap(a -> a.ways().stream().map(a::told))
                        .toList();
        return named(
                new PickField(known, project.words(), typed -> take(step, typed)),
                "stepWay",
                "step.wayField");
    }

    private <F extends TextField> F named(F field, String id, String key) {
        field.setPromptText(project.words().of(key));
        return Controls.named(field, id, project.words().of(key));
    }

    private void take(Step step, String typed) {
        try {
            project.apply(AlternativeEdits.way(step.id(), typed));
        } catch (IllegalArgumentException notUnderstood) {
            message.accept(notUnderstood.getMessage());
        }
    }
}
