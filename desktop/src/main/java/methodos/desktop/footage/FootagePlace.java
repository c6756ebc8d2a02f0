package methodos.desktop.footage;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Parent;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.image.ImageView;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import methodos.core.check.OpenPoint;
import methodos.core.check.Place;
import methodos.core.edit.Edit;
import methodos.core.manual.Clip;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;
import methodos.desktop.window.OpenPointList;
import methodos.desktop.window.PlaceView;
import methodos.files.captions.CaptionFile;
import methodos.files.project.ClipFiles;
import methodos.files.project.ProjectProblem;
import methodos.footage.FootageProblem;
import methodos.footage.Probe;

/** The place Footage: the clips in order, each with its film and its captions. */
public final class FootagePlace implements PlaceView {

    private static final int STILLS = 5;

    private final OpenProject project;
    private final Words words;
    private final Consumer<String> message;
    private final BorderPane node = new BorderPane();
    private final VBox clips = new VBox(16);
    private final ProgressBar busy = new ProgressBar();
    private final FilmStrip film;
    private final ExecutorService reading =
            Executors.newSingleThreadExecutor(
                    r -> {
                        Thread thread = new Thread(r, "bringing in");
                        thread.setDaemon(true);
                        return thread;
                    });

    public FootagePlace(OpenProject project, Consumer<String> message, Consumer<OpenPoint> go) {
        this.project = project;
        this.words = project.words();
        this.message = message;
        this.film = new FilmStrip(project, this::refresh);
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
        node.setCenter(scroll);
        node.setRight(side);
        project.workspace().addListener(o -> refresh());
        node.setOnDragOver(
                e -> {
                    if (e.getDragboard().hasFiles()) {
                        e.acceptTransferModes(javafx.scene.input.TransferMode.COPY);
                    }
                });
        node.setOnDragDropped(e -> e.getDragboard().getFiles().forEach(f -> bring(f.toPath())));
        refresh();
    }

    private void refresh() {
        clips.getChildren().clear();
        if (project.manual().clips().isEmpty()) {
            clips.getChildren().add(Controls.prose(words.of("footage.empty"), "soft"));
        }
        project.manual().clips().forEach(c -> clips.getChildren().add(clip(c)));
    }

    private VBox clip(Clip clip) {
        int captions = project.workspace().get().captions(clip.id()).captions().size();
        HBox head =
                new HBox(
                        14,
                        Controls.label(clip.name(), "section-head"),
                        Controls.label(words.of("footage.seconds", clip.duration()), "soft"),
                        Controls.label(
                                words.of("footage.captions", captions),
                                captions == 0 ? "open" : "soft"),
                        Controls.link(
                                "captions-" + clip.id(),
                                words.of("footage.bringCaptions"),
                                () -> chooseCaptions(clip)));
        head.setAlignment(Pos.BASELINE_LEFT);
        HBox stills = new HBox(6);
        boolean there = Files.isRegularFile(project.clipFile(clip));
        if (!there) {
            return new VBox(
                    6, head, Controls.prose(words.of("footage.moved", clip.path()), "open"));
        }
        for (int i = 0; i < STILLS; i++) {
            double time = Math.floor(clip.duration() * (i + .5) / STILLS);
            StackPane frame = new StackPane();
            frame.setMinSize(FilmStrip.WIDTH, FilmStrip.HEIGHT);
            frame.getStyleClass().add("picture");
            film.at(clip, time).ifPresent(image -> frame.getChildren().add(new ImageView(image)));
            stills.getChildren().add(frame);
        }
        HBox.setHgrow(stills, Priority.ALWAYS);
        return new VBox(6, head, stills);
    }

    private void chooseFootage() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(words.of("footage.bring"));
        var files = chooser.showOpenMultipleDialog(node.getScene().getWindow());
        if (files != null) {
            files.forEach(f -> bring(f.toPath()));
        }
    }

    /** Brings a recording in; reading it happens beside the interface. */
    public void bring(Path file) {
        busy.setVisible(true);
        reading.execute(
                () -> {
                    try {
                        Probe probe = Probe.of(file);
                        Clip clip =
                                ClipFiles.clip(
                                        project.manual(), project.path(), file, probe.duration());
                        Platform.runLater(
                                () -> {
                                    project.apply(
                                            Edit.named(
                                                    "edit.footage",
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
        FileChooser chooser = new FileChooser();
        chooser.setTitle(words.of("footage.bringCaptions"));
        File file = chooser.showOpenDialog(node.getScene().getWindow());
        if (file != null) {
            bringCaptions(clip, file.toPath());
        }
    }

    void bringCaptions(Clip clip, Path file) {
        reading.execute(
                () -> {
                    try {
                        var captions = CaptionFile.read(file);
                        Platform.runLater(
                                () -> {
                                    try {
                                        project.keepCaptions(clip, captions);
                                    } catch (ProjectProblem e) {
                                        message.accept(e.getMessage());
                                    }
                                });
                    } catch (ProjectProblem e) {
                        Platform.runLater(() -> message.accept(e.getMessage()));
                    }
                });
    }

    @Override
    public Parent node() {
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
        film.close();
    }
}
