package methodos.desktop.publish;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.coverage.Reshoot;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.FileChoice;
import methodos.desktop.project.OpenProject;
import methodos.desktop.window.PlaceView;
import methodos.files.project.KeptPictures;
import methodos.publish.PublishProblem;
import methodos.publish.document.Films;
import methodos.publish.document.Publication;
import methodos.publish.document.Publisher;

/** The place Publish: which documents, for which units, and where to. */
public final class PublishPlace implements PlaceView {

    private final OpenProject project;
    private final Words words;
    private final FileChoice choice;
    private final Consumer<String> message;
    private final BorderPane node = new BorderPane();
    private final CheckBox pdf;
    private final CheckBox html;
    private final CheckBox films;
    private final CheckBox reshoot;
    private final Button stop;
    private final AtomicBoolean stopped = new AtomicBoolean();
    private final TextField folder;
    private final Button go;
    private final ProgressBar busy = new ProgressBar();
    private final Label made;
    private final Label units = Controls.prose("");
    private final Label open = Controls.prose("", "open");
    private final ExecutorService writing;

    public PublishPlace(OpenProject project, FileChoice choice, Consumer<String> message) {
        this.writing = project.background().thread("work.publishing");
        this.project = project;
        this.choice = choice;
        this.words = project.words();
        this.message = message;
        pdf =
                Controls.named(
                        new CheckBox(words.of("publish.pdf")),
                        "publishPdf",
                        words.of("publish.pdf"));
        html =
                Controls.named(
                        new CheckBox(words.of("publish.html")),
                        "publishHtml",
                        words.of("publish.html"));
        films =
                Controls.named(
                        new CheckBox(words.of("publish.films")),
                        "publishFilms",
                        words.of("publish.films"));
        VBox.setMargin(films, new Insets(0, 0, 0, 25)); // it belongs to the line above
        films.disableProperty().bind(html.selectedProperty().not());
        reshoot =
                Controls.named(
                        new CheckBox(words.of("publish.reshoot")),
                        "publishReshoot",
                        words.of("publish.reshoot"));
        stop = Controls.link("publishStop", words.of("publish.stop"), () -> stopped.set(true));
        stop.visibleProperty().bind(busy.visibleProperty().and(films.selectedProperty()));
        pdf.setSelected(true);
        html.setSelected(true);
        folder =
                Controls.named(
                        new TextField(project.path().resolveSibling("published").toString()),
                        "publishFolder",
                        words.of("publish.folder"));
        HBox.setHgrow(folder, Priority.ALWAYS);
        go = Controls.button("publish", words.of("publish.go"), this::publish);
        go.setDefaultButton(true);
        made = Controls.named(Controls.prose(""), "published", words.of("publish.made"));
        busy.setVisible(false);
        busy.setAccessibleText(words.of("publish.busy"));
        HBox where =
                new HBox(
                        8,
                        folder,
                        Controls.button("publishChoose", words.of("publish.choose"), this::choose));
        HBox run = new HBox(12, go, busy, stop);
        run.setAlignment(Pos.CENTER_LEFT);
        VBox form =
                new VBox(
                        12,
                        Controls.label(words.of("publish.forWhom"), "section-head"),
                        units,
                        open,
                        Controls.label(words.of("publish.what"), "section-head"),
                        pdf,
                        html,
                        films,
                        reshoot,
                        Controls.label(words.of("publish.folder"), "section-head"),
                        where,
                        run,
                        made,
                        Controls.prose(words.of("publish.notice"), "soft"));
        form.setPadding(new Insets(18, 24, 24, 20));
        form.setMaxWidth(760);
        node.setCenter(form);
        BorderPane.setAlignment(form, Pos.TOP_LEFT);
        project.sight().addListener(o -> refresh());
        project.openPoints().addListener(o -> refresh());
        refresh();
    }

    private void refresh() {
        units.setText(words.of("publish.units", words.of(project.sight().get())));
        int points = project.openPoints().get().size();
        open.setText(points == 0 ? "" : words.of("publish.open", points));
    }

    private void choose() {
        choice.folder(node, words.of("publish.folder"))
                .ifPresent(chosen -> folder.setText(chosen.toString()));
    }

    private void publish() {
        Set<Publisher.Format> formats = EnumSet.noneOf(Publisher.Format.class);
        if (pdf.isSelected()) {
            formats.add(Publisher.Format.PDF);
        }
        if (html.isSelected()) {
            formats.add(Publisher.Format.HTML);
        }
        if (reshoot.isSelected()) {
            formats.add(Publisher.Format.RESHOOT);
        }
        if (formats.isEmpty()) {
            message.accept(words.of("publish.nothing"));
            return;
        }
        Publication publication =
                Publication.of(
                                project.manual(),
                                project.sight().get(),
                                new KeptPictures(project.path())::still,
                                LocalDate.now().toString())
                        .withReshoots(Reshoot.of(project.workspace().get(), project.sight().get()));
        Path out = Path.of(folder.getText());
        Films stepFilms = films.isSelected() ? films(publication) : Films.NONE;
        stopped.set(false);
        go.setDisable(true);
        busy.setProgress(ProgressBar.INDETERMINATE_PROGRESS);
        busy.setVisible(true);
        made.setText("");
        writing.execute(
                () -> {
                    try {
                        List<Path> files =
                                new Publisher().publish(publication, out, formats, stepFilms);
                        Platform.runLater(
                                () ->
                                        done(
                                                words.of(
                                                        "publish.done",
                                                        String.join(
                                                                ", ",
                                                                files.stream()
                                                                        .map(Path::toString)
                                                                        .toList()))));
                    } catch (PublishProblem e) {
                        Platform.runLater(() -> done(e.getMessage()));
                    } catch (CancellationException e) {
                        Platform.runLater(() -> done(words.of("publish.stopped")));
                    }
                });
    }

    private Films films(Publication publication) {
        long all =
                publication
                        .manual()
                        .steps()
                        .filter(s -> s.applicability().concerns(publication.sight()))
                        .count();
        AtomicInteger begun = new AtomicInteger();
        return new StepFilms(
                project.workspace().get(),
                project::clipFile,
                step -> {
                    double share = begun.getAndIncrement() / (double) all;
                    Platform.runLater(() -> busy.setProgress(share));
                },
                stopped::get);
    }

    private void done(String sentence) {
        go.setDisable(false);
        busy.setVisible(false);
        made.setText(sentence);
    }

    @Override
    public Parent node() {
        return node;
    }

    @Override
    public String subtitle() {
        return words.of("publish.subtitle");
    }

    @Override
    public void close() {
        stopped.set(true);
        writing.shutdown();
    }
}
