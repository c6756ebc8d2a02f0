package methodos.desktop.publish;

import java.io.IOException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.bench.Lesson;
import methodos.core.check.OpenPoint;
import methodos.core.coverage.Reshoot;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.StepNumbers;
import methodos.core.narration.Workspace;
import methodos.core.practice.PractisedManual;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.FileChoice;
import methodos.desktop.control.Halves;
import methodos.desktop.control.SidePanel;
import methodos.desktop.place.PlaceView;
import methodos.desktop.project.OpenProject;
import methodos.files.project.KeptPictures;
import methodos.publish.PublishProblem;
import methodos.publish.document.Films;
import methodos.publish.document.Publication;
import methodos.publish.document.Publisher;
import methodos.publish.document.Signs;
import methodos.publish.house.HouseStyle;
import org.slf4j.LoggerFactory;

/**
 * The place Publish: the document as it will be, what is open before it goes out, and making it.
 */
public final class PublishPlace implements PlaceView {

    private static final int MOST_SIGNS = 12;
    private static final double LEAST = 560;

    private final OpenProject project;
    private final Words words;
    private final FileChoice choice;
    private final Consumer<String> message;
    private final Halves node;
    private final WhatToMake what;
    private final PageStack stack;
    private final PagesView pages;
    private final BeforeItGoesOut before;
    private final IdentityForm identity;
    private final AtomicBoolean stopped = new AtomicBoolean();
    private final TextField folder;
    private final Button draft;
    private final Button issue;
    private final ProgressBar busy = new ProgressBar();
    private final Label progress = Controls.prose("", "soft");
    private final Label signs = Controls.prose("", "open");
    private final Label made;
    private final Label units = Controls.prose("");
    private final Label needs = Controls.prose("", "soft");
    private final Label styled = Controls.prose("", "soft");
    private final PaintedBefore paintings = new PaintedBefore();
    private final ExecutorService writing;
    private final ExecutorService looking;
    private volatile Manual signsOf;
    private volatile HouseStyle house = HouseStyle.USUAL;
    private PageStack.Pages laid = PageStack.Pages.NONE;
    private Object shown = "nothing yet";

    public PublishPlace(
            OpenProject project,
            FileChoice choice,
            Consumer<String> message,
            Consumer<OpenPoint> go) {
        this.writing = project.background().thread("work.publishing");
        this.looking = project.background().thread("work.signs");
        this.project = project;
        this.choice = choice;
        this.words = project.words();
        this.message = message;
        node = new Halves(words, LEAST);
        what = new WhatToMake(words);
        stack = new PageStack(project.background().thread("work.pages"), this::laid);
        pages = new PagesView(words, stack);
        before = new BeforeItGoesOut(project, pages, go);
        identity = new IdentityForm(project, message);
        made = Controls.named(Controls.prose(""), "published", words.of("publish.made"));
        signs.setId("publishSigns");
        for (Label mayBeEmpty : List.of(signs, made, needs)) {
            mayBeEmpty.managedProperty().bind(mayBeEmpty.textProperty().isNotEmpty());
        }
        folder =
                Controls.named(
                        new TextField(project.path().resolveSibling("published").toString()),
                        "publishFolder",
                        words.of("publish.folder"));
        draft = Controls.button("publish", words.of("publish.draft"), () -> publish(true));
        draft.setDefaultButton(true);
        issue = Controls.button("issue", words.of("publish.issue"), () -> publish(false));
        node.setMain(new BorderPane(pages, null, null, making(), null));
        node.setSide(
                new SidePanel(
                        before,
                        signs,
                        identity,
                        Controls.prose(words.of("publish.notice"), "soft")));
        readHouse(HouseStyle.ofProject(project.path()), false);
        project.sight().addListener(o -> refresh());
        project.openPoints().addListener(o -> refresh());
        project.checked().addListener(o -> refresh());
        project.workspace().addListener(o -> refresh());
        node.sceneProperty().addListener(o -> refresh());
        refresh();
    }

    private Region making() {
        progress.setId("publishProgress");
        Button stop =
                Controls.link("publishStop", words.of("publish.stop"), () -> stopped.set(true));
        busy.setAccessibleText(words.of("publish.busy"));
        busy.setPrefWidth(150);
        HBox.setHgrow(folder, Priority.ALWAYS);
        folder.setPrefWidth(120);
        HBox run =
                new HBox(
                        8,
                        draft,
                        issue,
                        folder,
                        Controls.button("publishChoose", words.of("publish.choose"), this::choose),
                        Controls.button("publishHouse", words.of("publish.house"), this::style));
        run.setAlignment(Pos.CENTER_LEFT);
        HBox course = new HBox(10, busy, stop, progress);
        course.setAlignment(Pos.CENTER_LEFT);
        course.visibleProperty().bind(draft.disabledProperty());
        course.managedProperty().bind(draft.disabledProperty());
        FlowPane whom = new FlowPane(12, 0, units, styled);
        VBox making = new VBox(7, whom, what, run, needs, course, made);
        making.getStyleClass().add("making");
        return making;
    }

    private void laid(PageStack.Pages now) {
        boolean more = now.whole() && !laid.whole();
        laid = now;
        pages.show(now, before.steps());
        if (more) {
            before.refresh(); // the pages of what is found are known now
        }
    }

    /** What is not in view is shown when it comes into view. */
    private void refresh() {
        if (node.getScene() == null) {
            return;
        }
        units.setText(words.of("publish.units", words.of(project.sight().get())));
        identity.refresh();
        before.refresh();
        boolean ready = before.ready();
        issue.setDisable(!ready || draft.isDisabled());
        needs.setText(ready ? "" : words.of("publish.needs"));
        signs();
        Object now =
                List.of(project.manual(), project.sight().get(), house, before.hurting().size());
        if (!now.equals(shown)) {
            shown = now;
            Manual manual = project.manual();
            Sight sight = project.sight().get();
            int hurting = before.hurting().size();
            stack.show(() -> publication(manual, sight, hurting, !ready));
        } else {
            pages.show(laid, before.steps());
        }
    }

    private Publication publication(Manual manual, Sight sight, int hurting, boolean asDraft) {
        return Publication.of(
                        manual,
                        sight,
                        new KeptPictures(project.path())::still,
                        LocalDate.now().toString())
                .withHurting(hurting)
                .asDraft(asDraft)
                .withHouse(house)
                .withPaintings(paintings);
    }

    private void choose() {
        choice.folder(node, words.of("publish.folder"))
                .ifPresent(chosen -> folder.setText(chosen.toString()));
    }

    private void style() {
        choice.open(node, words.of("publish.house"), false).forEach(f -> readHouse(f, true));
    }

    /**
     * @param asked whether somebody chose it; else one that is not there is none
     */
    private void readHouse(Path file, boolean asked) {
        try {
            house = asked ? HouseStyle.read(file) : HouseStyle.in(project.path());
            styled.setText(
                    house.equals(HouseStyle.USUAL)
                            ? ""
                            : words.of("publish.styled", file.getFileName()));
        } catch (IllegalArgumentException e) {
            message.accept(e.getMessage());
        } catch (IOException e) {
            LoggerFactory.getLogger(PublishPlace.class).warn("no house style", e);
            message.accept(words.of("publish.noHouse", file));
        }
        refresh();
    }

    private void publish(boolean asDraft) {
        Set<Publisher.Format> formats = what.formats();
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
        Workspace now = project.workspace().get();
        Publication publication =
                publication(now.manual(), project.sight().get(), before.hurting().size(), asDraft);
        Films films =
                what.films()
                        ? new StepFilms(now, project::clipFile, step -> {}, stopped::get)
                        : Films.NONE;
        stopped.set(false);
        draft.setDisable(true);
        issue.setDisable(true);
        busy.setProgress(ProgressBar.INDETERMINATE_PROGRESS);
        progress.setText(words.of("publish.beginning"));
        made.setText("");
        writing.execute(() -> publish(publication, now, out, formats, films));
    }

    /** Makes the documents, beside the interface. Whatever happens ends in a sentence. */
    private void publish(
            Publication publication,
            Workspace now,
            Path out,
            Set<Publisher.Format> formats,
            Films films) {
        String sentence = words.of("publish.failed");
        try {
            List<Path> files =
                    new Publisher()
                            .publish(
                                    publication
                                            .withReshoots(Reshoot.of(now, publication.sight()))
                                            .withTimes(
                                                    Lesson.times(
                                                            PractisedManual.of(now.manual()),
                                                            now.runs())),
                                    out,
                                    formats,
                                    films,
                                    new PublishWatch(words, stopped::get, this::tell));
            project.keepPublished(now.manual());
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
        draft.setDisable(false);
        issue.setDisable(!before.ready());
        made.setText(sentence);
    }

    @Override
    public Region node() {
        return node;
    }

    @Override
    public double leastHeight() {
        return 420;
    }

    @Override
    public String subtitle() {
        return words.of("publish.subtitle");
    }

    @Override
    public boolean ready() {
        return pages.ready();
    }

    @Override
    public void close() {
        stopped.set(true);
        stack.close();
        writing.shutdown();
        looking.shutdownNow();
    }
}
