package methodos.desktop.footage;

import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import javafx.application.Platform;
import javafx.collections.MapChangeListener;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.check.OpenPoint;
import methodos.core.description.Id;
import methodos.core.edit.CaptionEdits;
import methodos.core.edit.ClipEdits;
import methodos.core.edit.Edit;
import methodos.core.edit.EditKind;
import methodos.core.manual.Clip;
import methodos.core.narration.Captions;
import methodos.core.speech.Recogniser;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.FileChoice;
import methodos.desktop.control.Halves;
import methodos.desktop.place.OpenPointList;
import methodos.desktop.place.Place;
import methodos.desktop.place.PlaceView;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Theme;
import methodos.files.captions.CaptionFile;
import methodos.files.folders.AppFolders;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.ClipFiles;
import methodos.files.project.MovedFootage;
import methodos.footage.FootageProblem;
import methodos.footage.Probe;
import org.slf4j.LoggerFactory;

/** The place Footage: the clips in order, each with its film and its captions. */
public final class FootagePlace implements PlaceView {

    private final OpenProject project;
    private final ScanDesk scans;
    private final Recogniser recogniser;
    private final Theme theme;
    private final Words words;
    private final FileChoice choice;
    private final Consumer<String> message;
    private static final Pattern CAPTIONS =
            Pattern.compile(".*\\.(vtt|srt)", Pattern.CASE_INSENSITIVE);

    private final Halves node;
    private final VBox clips = new VBox(20);
    private final Map<Id<Clip>, ClipCard> cards = new LinkedHashMap<>();
    private final ProgressBar busy = new ProgressBar();
    private final FilmStrip film;
    private final ExecutorService reading;
    private final ExecutorService listening;

    /**
     * What looks and listens.
     *
     * @param recogniser hears what is spoken in clips without captions
     */
    public record Recognisers(ScanDesk scans, Recogniser recogniser) {}

    /**
     * @param message where to say what went wrong
     */
    public FootagePlace(
            OpenProject project,
            Recognisers ears,
            Theme theme,
            FileChoice choice,
            Consumer<String> message,
            Consumer<OpenPoint> go) {
        this.reading = project.background().thread("work.importing");
        this.listening = project.background().thread("work.listening");
        this.project = project;
        this.choice = choice;
        this.scans = ears.scans();
        this.recogniser = ears.recogniser();
        this.theme = theme;
        this.words = project.words();
        this.node = new Halves(words, 520);
        this.message = message;
        this.film = new FilmStrip(project, this::film);
        busy.setVisible(false);
        busy.setAccessibleText(words.of("footage.busy"));
        HBox bar =
                new HBox(
                        12,
                        Controls.button(
                                "bringFootage", words.of("footage.bring"), this::chooseFootage),
                        busy);
        bar.setAlignment(Pos.CENTER_LEFT);
        VBox main = new VBox(16, bar, clips);
        main.setPadding(new Insets(18, 24, 24, 20));
        ScrollPane scroll = new ScrollPane(main);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("place");
        VBox side = new VBox(12, new OpenPointList(project, Place.FOOTAGE, go));
        side.setPadding(new Insets(16));
        side.setPrefWidth(290);
        side.setMinWidth(290);
        side.getStyleClass().add("side");
        node.setMain(scroll);
        node.setSide(side);
        project.workspace()
                .addListener(
                        (o, was, is) -> {
                            if (!was.manual().clips().equals(is.manual().clips())
                                    || !was.captions().equals(is.captions())) {
                                refresh();
                            }
                        });
        scans.progress()
                .addListener((MapChangeListener<Id<Clip>, Object>) c -> scanned(c.getKey()));
        theme.palette().addListener(o -> refresh());
        node.setOnDragOver(
                e -> {
                    if (e.getDragboard().hasFiles()) {
                        e.acceptTransferModes(javafx.scene.input.TransferMode.COPY);
                    }
                });
        node.setOnDragDropped(
                e -> {
                    e.getDragboard().getFiles().forEach(f -> bring(f.toPath()));
                    e.consume();
                });
        refresh();
    }

    private void refresh() {
        clips.getChildren().clear();
        cards.clear();
        if (project.manual().clips().isEmpty()) {
            clips.getChildren().add(Controls.prose(words.of("footage.empty"), "soft"));
        }
        ClipCard.Actions actions =
                new ClipCard.Actions(
                        this::chooseCaptions,
                        this::hear,
                        this::join,
                        (c, name) -> project.apply(ClipEdits.name(c.id(), name)),
                        c -> project.apply(ClipEdits.turn(c.id())),
                        this::chooseFolder,
                        scans::stop,
                        scans::again);
        for (Clip clip : project.manual().clips()) {
            ClipCard card = new ClipCard(project, theme, clip, actions);
            cards.put(clip.id(), card);
            clips.getChildren().add(card);
            scanned(clip.id());
        }
        film();
    }

    private void join(Clip clip, Clip before) {
        project.apply(ClipEdits.follows(clip.id(), before == null ? null : before.id()));
    }

    private void film() {
        film.newView(false);
        cards.values().forEach(c -> c.film(film));
    }

    private void scanned(Id<Clip> clip) {
        ClipCard card = cards.get(clip);
        if (card != null) {
            card.scan(
                    Optional.ofNullable(scans.progress().get(clip)),
                    project.workspace().get().scan(clip));
        }
    }

    private void chooseFolder() {
        choice.folder(node, words.of("footage.findIn")).ifPresent(this::find);
    }

    /** Looks for all recordings that moved, in a folder and below it. */
    public void find(Path folder) {
        MovedFootage moved = new MovedFootage(project.path(), project.manual());
        int missing = moved.missing().size();
        busy.setVisible(true);
        reading.execute(
                () -> {
                    try {
                        List<Clip> found = moved.findIn(folder);
                        Platform.runLater(() -> relink(found, missing));
                    } catch (ProjectProblem e) {
                        Platform.runLater(() -> done(e.getMessage()));
                    }
                });
    }

    private void relink(List<Clip> found, int missing) {
        if (!found.isEmpty()) {
            project.apply(ClipEdits.relink(found));
        }
        done(words.of("footage.found", found.size(), missing));
    }

    private void chooseFootage() {
        choice.open(node, words.of("footage.bring"), true).forEach(this::bring);
    }

    /** Brings a recording in; reading it happens beside the interface. */
    public void bring(Path file) {
        if (CAPTIONS.matcher(file.getFileName().toString()).matches()) {
            // behind the clips that come in with it
            reading.execute(() -> Platform.runLater(() -> bringCaptions(file)));
            return;
        }
        busy.setVisible(true);
        reading.execute(
                () -> {
                    try {
                        ScanProcess.look(file.toAbsolutePath()).run(share -> {});
                        Probe probe = Probe.of(file);
                        Clip clip =
                                ClipFiles.clip(
                                        project.manual(), project.path(), file, probe.duration());
                        Platform.runLater(
                                () -> {
                                    project.apply(
                                            Edit.named(
                                                    EditKind.FOOTAGE,
                                                    m -> m.withClip(clip).withIdTaken()));
                                    done(String.join(" ", probe.problems()));
                                });
                    } catch (FootageProblem | ProjectProblem e) {
                        Platform.runLater(() -> done(e.getMessage()));
                    }
                });
    }

    private void done(String sentence) {
        busy.setVisible(false);
        if (!sentence.isEmpty()) {
            message.accept(sentence);
        }
    }

    private void chooseCaptions(Clip clip) {
        choice.open(node, words.of("footage.bringCaptions"), false)
                .forEach(file -> bringCaptions(clip, file));
    }

    /** Captions belong to the clip that is called as they are, else to the only one without any. */
    private void bringCaptions(Path file) {
        String name = stem(file);
        List<Clip> clips = project.manual().clips();
        List<Clip> silent =
                clips.stream()
                        .filter(
                                c ->
                                        project.workspace()
                                                .get()
                                                .captions(c.id())
                                                .captions()
                                                .isEmpty())
                        .toList();
        clips.stream()
                .filter(c -> stem(Path.of(c.path())).equals(name))
                .findFirst()
                .or(() -> silent.size() == 1 ? silent.stream().findFirst() : Optional.empty())
                .ifPresentOrElse(
                        clip -> bringCaptions(clip, file),
                        () ->
                                message.accept(
                                        words.of("footage.whoseCaptions", file.getFileName())));
    }

    private static String stem(Path file) {
        return file.getFileName().toString().replaceFirst("\\.[^.]*$", "");
    }

    void bringCaptions(Clip clip, Path file) {
        reading.execute(
                () -> {
                    try {
                        Captions captions = CaptionFile.read(file);
                        Platform.runLater(() -> done(keep(clip, captions)));
                    } catch (ProjectProblem e) {
                        Platform.runLater(() -> done(e.getMessage()));
                    }
                });
    }

    /** Keeps captions, and gives what went wrong; nothing where all is well. */
    private String keep(Clip clip, Captions captions) {
        try {
            project.keepCaptions(clip, captions, d -> CaptionEdits.bring(clip, d));
            return "";
        } catch (ProjectProblem e) {
            return e.getMessage();
        }
    }

    /** Makes captions of what is spoken in a clip. */
    private void hear(Clip clip) {
        busy.setVisible(true);
        message.accept(words.of("footage.hearing", clip.name(), 0));
        Clip whole = clip.withPath(project.clipFile(clip).toString());
        listening.execute(
                () -> {
                    try {
                        Optional<Captions> heard =
                                recogniser.hear(whole, share -> heardSoFar(clip, share));
                        Platform.runLater(() -> heard(clip, heard));
                    } catch (IOException e) {
                        LoggerFactory.getLogger(FootagePlace.class).warn("not heard", e);
                        Platform.runLater(() -> done(e.getMessage()));
                    }
                });
    }

    private void heardSoFar(Clip clip, double share) {
        long percent = Math.round(100 * share);
        Platform.runLater(() -> message.accept(words.of("footage.hearing", clip.name(), percent)));
    }

    private void heard(Clip clip, Optional<Captions> captions) {
        if (captions.isEmpty()) {
            Path folder = AppFolders.ofThisMachine().settings().resolve("speech");
            done(words.of("footage.notHeard", clip.name(), folder));
            return;
        }
        String problem = keep(clip, captions.get());
        done(
                problem.isEmpty()
                        ? words.of("footage.heard", captions.get().captions().size(), clip.name())
                        : problem);
    }

    @Override
    public Region node() {
        return node;
    }

    @Override
    public String subtitle() {
        return words.of("footage.subtitle");
    }

    @Override
    public boolean ready() {
        return film.complete();
    }

    @Override
    public void close() {
        reading.shutdownNow();
        listening.shutdownNow();
        film.close();
    }
}
