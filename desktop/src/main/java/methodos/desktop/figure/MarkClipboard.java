package methodos.desktop.figure;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import methodos.core.edit.CopiedSteps;
import methodos.core.manual.Figure;
import methodos.core.manual.Mark;
import methodos.core.words.Words;
import methodos.desktop.project.OpenProject;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.StepsText;

/** Marks are copied from one picture and put on another, in the same manual or another one. */
final class MarkClipboard {

    private static final DataFormat MARKS = format("application/x-methodos-marks+json");

    private final OpenProject project;
    private final FigureBench bench;
    private final Words words;
    private final Consumer<String> say;

    MarkClipboard(OpenProject project, FigureBench bench, Consumer<String> say) {
        this.project = project;
        this.bench = bench;
        this.words = project.words();
        this.say = say;
    }

    private static DataFormat format(String type) {
        return Optional.ofNullable(DataFormat.lookupMimeType(type))
                .orElseGet(() -> new DataFormat(type));
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
        ClipboardContent content = new ClipboardContent();
        content.put(
                MARKS,
                StepsText.of(
                        new StepsText.Copied(
                                here(), CopiedSteps.ofMarks(project.manual(), figure, marks))));
        Clipboard.getSystemClipboard().setContent(content);
        say.accept(words.of("figure.copied", marks.size()));
    }

    /** Puts what was copied on the picture that is shown, at the same places. */
    void paste() {
        if (bench.figure().isEmpty()
                || !(Clipboard.getSystemClipboard().getContent(MARKS) instanceof String text)) {
            say.accept(words.of("figure.nothingCopied"));
            return;
        }
        try {
            StepsText.Copied copied = StepsText.read(text);
            if (copied.manual().figures().isEmpty()) {
                say.accept(words.of("figure.nothingCopied"));
                return;
            }
            boolean elsewhere = !copied.from().equals(here());
            project.apply(CopiedSteps.putMarks(copied.manual(), elsewhere, bench.shown()));
            bench.chooseNewest();
        } catch (ProjectProblem e) {
            say.accept(e.getMessage());
        }
    }

    private String here() {
        return project.path().toAbsolutePath().normalize().toString();
    }
}
