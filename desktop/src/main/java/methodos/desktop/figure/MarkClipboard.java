package methodos.desktop.figure;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import methodos.core.edit.CopiedSteps;
import methodos.core.manual.Figure;
import methodos.core.manual.Mark;
import methodos.core.words.Words;
import methodos.desktop.project.CopiedThings;
import methodos.desktop.project.OpenProject;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.StepsText;

/** Marks are copied from one picture and put on another, in the same manual or another one. */
final class MarkClipboard {

    private final OpenProject project;
    private final FigureBench bench;
    private final Words words;
    private final Consumer<String> say;
    private final CopiedThings shelf;

    MarkClipboard(OpenProject project, FigureBench bench, Consumer<String> say) {
        this.project = project;
        this.bench = bench;
        this.words = project.words();
        this.say = say;
        this.shelf = new CopiedThings(project, "marks");
    }

    /** Copies the chosen mark, or all where none is chosen. */
    void copy() {
        Figure figure = bench.figure().orElse(null);
        List<Mark> marks =
                bench.chosenMark()
                        .map(List::of)
                        .orElseGet(() -> figure == null ? List.of() : figure.marks());
        if (marks.isEmpty()) {
            say.accept(words.of("figure.noMark"));
            return;
        }
        shelf.put(CopiedSteps.ofMarks(project.manual(), figure, marks), "");
        say.accept(words.of("figure.copied", marks.size()));
    }

    /** Puts what was copied on the picture that is shown, at the same places. */
    void paste() {
        try {
            Optional<StepsText.Copied> copied =
                    shelf.get().filter(c -> !c.manual().figures().isEmpty());
            if (bench.figure().isEmpty() || copied.isEmpty()) {
                say.accept(words.of("figure.nothingCopied"));
                return;
            }
            project.apply(
                    CopiedSteps.putMarks(
                            copied.get().manual(), shelf.elsewhere(copied.get()), bench.shown()));
            bench.chooseNewest();
        } catch (ProjectProblem e) {
            say.accept(e.getMessage());
        }
    }
}
