package methodos.desktop.seam;

import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import methodos.core.edit.ConditionEdits;
import methodos.core.edit.ConditionEdits.Finding;
import methodos.core.manual.Found;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.words.Words;
import methodos.core.words.WorkText;
import methodos.desktop.control.Controls;
import methodos.desktop.control.NameConverter;
import methodos.desktop.project.OpenProject;

/** On which earlier finding a step hangs. */
final class StepCondition {

    private final OpenProject project;
    private final Words words;

    StepCondition(OpenProject project) {
        this.project = project;
        this.words = project.words();
    }

    Node field(Step step) {
        StepNumbers numbers = new StepNumbers(project.manual(), project.sight().get());
        WorkText text = new WorkText(words, project.manual(), numbers);
        ComboBox<Finding> box =
                Controls.named(new ComboBox<>(), "onlyIfFound", words.of("step.onlyIfFoundField"));
        box.getItems().add(null);
        box.getItems().addAll(ConditionEdits.findings(project.manual(), step.id()));
        box.setConverter(new NameConverter<>(f -> name(f, text)));
        box.setValue(
                box.getItems().stream()
                        .filter(f -> f != null && is(f, step.onlyIfFound()))
                        .findFirst()
                        .orElse(null));
        box.setMaxWidth(Double.MAX_VALUE);
        box.setOnAction(e -> project.apply(ConditionEdits.onlyIf(step.id(), box.getValue())));
        return box;
    }

    private String name(Finding finding, WorkText text) {
        if (finding == null) {
            return words.of("step.onlyIfNothing");
        }
        if (finding instanceof Finding.OfReading of) {
            return text.outside(of.at().reading(), of.at().step());
        }
        if (finding instanceof Finding.OfLook of) {
            return text.bad(of.look(), of.step());
        }
        return text.found(((Finding.Ready) finding).found());
    }

    private static boolean is(Finding finding, Found found) {
        if (finding instanceof Finding.OfReading of) {
            return found instanceof Found.Outside outside
                    && outside.reading().equals(of.at().reading().id());
        }
        if (finding instanceof Finding.OfLook of) {
            return found instanceof Found.Fails fails && fails.look().equals(of.look().id());
        }
        return ((Finding.Ready) finding).found().equals(found);
    }
}
