package methodos.desktop.figure;

import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.function.Consumer;
import javafx.application.Platform;
import methodos.core.description.Id;
import methodos.core.edit.FigureEdits;
import methodos.core.edit.StepEdits;
import methodos.core.manual.Figure;
import methodos.core.manual.Step;
import methodos.desktop.project.OpenProject;
import methodos.files.picture.PictureFile;
import methodos.files.picture.PictureProblem;
import methodos.files.problem.ProjectProblem;
import methodos.publish.PublishProblem;
import methodos.publish.figure.FigureExport;

/** Brings pictures in from files and writes figures to files, beside the interface. */
final class PictureFiles implements AutoCloseable {

    private final OpenProject project;
    private final Consumer<String> message;
    private final Consumer<Id<Figure>> show;
    private final ExecutorService working;

    /**
     * @param show called with the figure that was made
     */
    PictureFiles(OpenProject project, Consumer<String> message, Consumer<Id<Figure>> show) {
        this.working = project.background().thread("work.pictures");
        this.project = project;
        this.message = message;
        this.show = show;
    }

    /** Makes a figure of a picture file, in a step or, with null, in none. */
    void bring(Path file, Id<Step> step) {
        message.accept(project.words().of("figure.reading", file.getFileName()));
        working.execute(
                () -> {
                    try {
                        PictureFile read = PictureFile.read(file);
                        String digest = project.stills().keep(read.picture());
                        Platform.runLater(() -> made(digest, step, read));
                    } catch (PictureProblem | ProjectProblem e) {
                        Platform.runLater(() -> message.accept(e.getMessage()));
                    }
                });
    }

    private void made(String digest, Id<Step> step, PictureFile read) {
        project.apply(
                step == null
                        ? FigureEdits.newFigure(null, digest)
                        : StepEdits.capture(step, null, digest));
        var figures = project.manual().figures();
        show.accept(figures.get(figures.size() - 1).id());
        message.accept(
                read.notes().isEmpty()
                        ? project.words().of("figure.brought")
                        : String.join(" ", read.notes()));
    }

    /** Writes the figure as it is printed; the ending of the name tells the form. */
    void save(Figure figure, Path file) {
        working.execute(
                () -> {
                    try {
                        FigureExport.write(
                                figure, project.manual(), project.words(), this::still, file);
                        Platform.runLater(
                                () ->
                                        message.accept(
                                                project.words()
                                                        .of("figure.saved", file.getFileName())));
                    } catch (PublishProblem e) {
                        Platform.runLater(() -> message.accept(e.getMessage()));
                    }
                });
    }

    private Optional<BufferedImage> still(Figure figure) {
        try {
            return figure.picture() == null
                    ? Optional.empty()
                    : Optional.of(project.stills().read(figure.picture()));
        } catch (ProjectProblem missing) {
            return Optional.empty();
        }
    }

    @Override
    public void close() {
        working.shutdown();
    }
}
