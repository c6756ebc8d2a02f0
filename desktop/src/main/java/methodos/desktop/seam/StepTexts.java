package methodos.desktop.seam;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import methodos.core.edit.StepEdits;
import methodos.core.manual.Step;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/** The texts that stand beside the instruction of a step, each a field of its own. */
final class StepTexts {

    /**
     * A text of a step.
     *
     * @param name of its field; its words are the step's of that name
     */
    record Text(String name, Function<Step, String> of, BiFunction<Step, String, Step> with) {

        String key() {
            return "step." + name;
        }
    }

    static final Text ONLY_IF = new Text("onlyIf", Step::onlyIf, Step::withOnlyIf);

    static final List<Text> ALL =
            List.of(
                    new Text("expected", Step::expected, Step::withExpected),
                    new Text("why", Step::why, Step::withWhy),
                    ONLY_IF,
                    new Text("optionalWhy", Step::optionalWhy, StepTexts::optional),
                    new Text("witness", Step::witness, Step::withWitness));

    /** What has a reason to be left out may be left out. */
    private static Step optional(Step step, String why) {
        return step.withOptionalWhy(why).withOptional(step.optional() || !why.isBlank());
    }

    private final OpenProject project;

    StepTexts(OpenProject project) {
        this.project = project;
    }

    Node field(Step step, Text text) {
        TextField field =
                Controls.named(
                        new TextField(text.of().apply(step)),
                        "step-" + text.name(),
                        project.words().of(text.key() + "Field"));
        field.setPromptText(project.words().of(text.key() + "Field"));
        Controls.kept(
                field,
                typed ->
                        project.apply(
                                StepEdits.detail(
                                        step.id(), text.name(), s -> text.with().apply(s, typed))));
        return field;
    }
}
