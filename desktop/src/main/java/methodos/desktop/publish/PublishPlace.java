package methodos.desktop.publish;

import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.coverage.Reshoot;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.StepNumbers;
import methodos.core.narration.Workspace;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.FileChoice;
import methodos.desktop.control.Scrolled;
import methodos.desktop.place.PlaceView;
import methodos.desktop.project.OpenProject;
import methodos.files.project.KeptPictures;
import methodos.publish.PublishProblem;
import methodos.publish.document.Films;
import methodos.publish.document.Publication;
import methodos.publish.document.Publisher;
import methodos.publish.document.Signs;
import org.slf4j.LoggerFactory;

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
    private final Label progress = Controls.prose("", "soft");
    private final Label signs = Controls.prose("", "open");
    private final Label made;
    private final Label units = Controls.prose("");
    private final Label open = Controls.prose("", "open");
    private static final int MOST_SIGNS = 12;

    private final ExecutorService writing;
    private final ExecutorService looking;
    private volatile Manual signsOf;

    public PublishPlace(OpenProject project, FileChoice choice, Consumer<String> message) {
        this.writing = project.background().thread("work.publishing");
        this.looking = project.background().thread("work.signs");
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
        made = Controls.named(Controls.prose(""), "published", words.of("publish.made"));
        stop = Controls.link("publishStop", words.of("publish.stop"), () -> stopped.set(true));
        stop.visibleProperty().bind(busy.visibleProperty());
        stop.managedProperty().bind(stop.visibleProperty());
        progress.setId("publishProgress");
        progress.visibleProperty().bind(busy.visibleProperty());
        progress.managedProperty().bind(progress.visibleProperty());
        signs.setId("publishSigns");
        for (Label mayBeEmpty : List.of(signs, open, made)) {
            mayBeEmpty.managedProperty().bind(mayBeEmpty.textProperty().isNotEmpty());
        }
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
        busy.setVisible(false);
        busy.setAccessibleText(words.of("publish.busy"));
        HBox where =
                new HBox(
                        8,
                        folder,
                        Controls.button("publishChoose", words.of("publish.choose"), this::choose));
        busy.setPrefWidth(220);
        HBox run = new HBox(12, go, busy, stop);
        run.setAlignment(Pos.CENTER_LEFT);
        VBox form =
                new VBox(
                        12,
                        Controls.label(words.of("publish.forWhom"), "section-head"),
                        units,
                        open,
                        signs,
                        Controls.label(words.of("publish.what"), "section-head"),
                        pdf,
                        html,
                        films,
                        reshoot,
                        Controls.label(words.of("publish.folder"), "section-head"),
                        where,
                        run,
                        progress,
                        made,
                        Controls.prose(words.of("publish.notice"), "soft"));
        form.setPadding(new Insets(18, 24, 24, 20));
        form.setMaxWidth(760);
        BorderPane.setAlignment(form, Pos.TOP_LEFT);
        node.setCenter(new Scrolled(new BorderPane(form)));
        project.sight().addListener(o -> refresh());
        project.openPoints().addListener(o -> refresh());
        refresh();
    }

    private void refresh() {
        units.setText(words.of("publish.units", words.of(project.sight().get())));
        int points = project.openPoints().get().size();
        open.setText(points == 0 ? "" : words.of("publish.open", points));
        signs();
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
        Path out;
        try {
            out = Path.of(folder.getText());
        } catch (InvalidPathException e) {
            message.accept(words.of("publish.noFolder", folder.getText()));
            return;
        }
        Manual manual = project.manual();
        Workspace now = project.workspace().get();
        Sight sight = project.sight().get();
        boolean withFilms = films.isSelected() && html.isSelected();
        stopped.set(false);
        go.setDisable(true);
        busy.setProgress(ProgressBar.INDETERMINATE_PROGRESS);
        busy.setVisible(true);
        progress.setText(words.of("publish.beginning"));
        made.setText("");
        writing.execute(() -> publish(now, sight, out, formats, withFilms, manual));
    }

    /** Makes the documents, beside the interface. Whatever happens ends in a sentence. */
    private void publish(
            Workspace now,
            Sight sight,
            Path out,
            Set<Publisher.Format> formats,
            boolean withFilms,
            Manual manual) {
        String sentence = words.of("publish.failed");
        try {
            Publication publication =
                    Publication.of(
                                    manual,
                                    sight,
                                    new KeptPictures(project.path())::still,
                                    LocalDate.now().toString())
                            .withReshoots(Reshoot.of(now, sight));
            Films stepFilms =
                    withFilms
                            ? new StepFilms(now, project::clipFile, step -> {}, stopped::get)
                            : Films.NONE;
            List<Path> files =
                    new Publisher()
                            .publish(
                                    publication,
                                    out,
                                    formats,
                                    stepFilms,
                                    new PublishWatch(words, stopped::get, this::tell));
            project.keepPublished(manual);
            sentence =
                    words.of(
                            "publish.done",
                            String.join(", ", files.stream().map(Path::toString).toList()));
        } catch (PublishProblem e) {
            LoggerFactory.getLogger(PublishPlace.class).error("not published", e);
            sentence = e.getMessage();
        } catch (CancellationException e) {
            sentence = words.of("publish.stopped");
        } finally {
            String last = sentence;
            Platform.runLater(() -> done(last));
        }
    }

    private void tell(PublishWatch.State state) {
        Platform.runLater(
                () -> {
                    busy.setProgress(state.share());
                    progress.setText(state.words());
                });
    }

    /** Names the signs that would be missing in print; looked for beside the interface. */
    private void signs() {
        Manual manual = project.manual();
        Sight sight = project.sight().get();
        if (manual == signsOf) {
            return;
        }
        signsOf = manual;
        looking.execute(
                () -> {
                    if (manual != signsOf) {
                        return; // there is a later state
                    }
                    List<Signs.Missing> missing = Signs.missing(manual);
                    StepNumbers numbers = new StepNumbers(manual, sight);
                    String text =
                            missing.stream()
                                    .limit(MOST_SIGNS)
                                    .map(s -> sign(s, numbers))
                                    .collect(Collectors.joining(", "));
                    Platform.runLater(
                            () ->
                                    signs.setText(
                                            missing.isEmpty()
                                                    ? ""
                                                    : words.of(
                                                            "publish.signs",
                                                            text,
                                                            missing.size())));
                });
    }

    private String sign(Signs.Missing sign, StepNumbers numbers) {
        List<Integer> steps = numbers.of(sign.steps());
        return steps.isEmpty()
                ? sign.sign()
                : words.of(
                        "publish.sign",
                        sign.sign(),
                        String.join(", ", steps.stream().map(String::valueOf).toList()));
    }

    private void done(String sentence) {
        go.setDisable(false);
        busy.setVisible(false);
        made.setText(sentence);
    }

    @Override
    public Region node() {
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
        looking.shutdownNow();
    }
}
