package methodos.desktop.seam;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.input.KeyEvent;
import methodos.core.description.Id;
import methodos.core.edit.CopiedSteps;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.CopiedThings;
import methodos.desktop.project.OpenProject;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.StepsText;

/** Steps are copied and put behind others, in the same manual or in that of another window. */
final class StepClipboard {

    private final OpenProject project;
    private final SeamState state;
    private final Words words;
    private final Consumer<String> message;
    private final CopiedThings shelf;

    StepClipboard(OpenProject project, SeamState state, Consumer<String> message) {
        this.project = project;
        this.state = state;
        this.words = project.words();
        this.message = message;
        this.shelf = new CopiedThings(project, "steps");
    }

    /** Ctrl+C, Ctrl+V, and Ctrl+A for all steps. */
    void act(KeyEvent e) {
        if (!e.isShortcutDown() || e.isAltDown() || Controls.takesText(e.getTarget())) {
            return;
        }
        switch (e.getCode()) {
            case C -> copy();
            case V -> paste();
            case A -> state.choose(ids());
            default -> {
                return;
            }
        }
        e.consume();
    }

    /** Copies the chosen steps; a letter gets their words. */
    void copy() {
        Manual manual = project.manual();
        List<Id<Step>> steps = state.chosen(manual);
        if (steps.isEmpty()) {
            message.accept(words.of("seam.chooseStep"));
            return;
        }
        shelf.put(
                CopiedSteps.of(manual, steps),
                steps.stream()
                        .flatMap(id -> manual.step(id).stream())
                        .map(Step::text)
                        .collect(Collectors.joining("\n")));
        message.accept(words.of("seam.copied", steps.size()));
    }

    /** Puts what was copied behind the chosen step, and chooses it. */
    void paste() {
        try {
            Optional<StepsText.Copied> copied = shelf.get();
            if (copied.isEmpty()) {
                message.accept(words.of("seam.nothingCopied"));
                return;
            }
            boolean elsewhere = shelf.elsewhere(copied.get());
            List<Id<Step>> before = ids();
            project.apply(CopiedSteps.put(copied.get().manual(), elsewhere, state.step().get()));
            List<Id<Step>> put = ids().stream().filter(id -> !before.contains(id)).toList();
            state.choose(put);
            message.accept(
                    words.of(elsewhere ? "seam.pastedElsewhere" : "seam.pasted", put.size()));
        } catch (ProjectProblem e) {
            message.accept(e.getMessage());
        }
    }

    private List<Id<Step>> ids() {
        return project.manual().steps().map(Step::id).toList();
    }
}
