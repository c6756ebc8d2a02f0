package methodos.desktop.start;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.FileChoice;
import methodos.desktop.place.Place;
import methodos.files.recent.RecentProject;
import methodos.files.recent.RecentProjects;

/** What the program shows before a project is open. */
public final class StartView extends BorderPane {

    /** Narrower than this the two halves stand below each other. */
    private static final double SIDE_BY_SIDE = 940;

    private static final double FORM = 400;
    private static final double AROUND = 40;
    private static final int MOST = 6;

    private final RecentProjects recents;
    private final Words words;
    private final Acts acts;
    private final NewManualForm form;
    private final VBox goOn = new VBox(10);
    private final VBox beginning = new VBox(22);
    private final VBox page = new VBox(24);
    private final Label problem = Controls.prose("", "problem");

    /**
     * What can be done here.
     *
     * @param open opens a project that is there
     * @param make makes a new one and opens it
     * @param demo opens a copy of the demo
     * @param tour does so, and leads through it
     */
    public record Acts(
            Consumer<Path> open, Consumer<NewManual> make, Runnable demo, Runnable tour) {}

    public StartView(RecentProjects recents, Words words, FileChoice choice, Acts acts) {
        this.recents = recents;
        this.words = words;
        this.acts = acts;
        this.form = new NewManualForm(recents.all(), words, choice, acts.make());
        getStyleClass().add("window");
        problem.setId("startProblem");
        Controls.seen(problem, false);
        Button demo = Controls.button("openDemo", words.of("start.demo"), acts.demo());
        VBox see =
                new VBox(
                        8,
                        Controls.label(words.of("start.see"), "section-head"),
                        Controls.row(
                                10,
                                demo,
                                Controls.link("openTour", words.of("start.tour"), acts.tour())),
                        Controls.prose(words.of("start.demoHow"), "soft"));
        beginning.getChildren().setAll(form, see);
        recent(choice);
        page.setPadding(new Insets(26, AROUND, 20, AROUND));
        ScrollPane scroll = new ScrollPane(page);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("place");
        setCenter(scroll);
        Label safety = Controls.prose(words.of("start.safety"), "soft");
        safety.setPadding(new Insets(8, AROUND, 12, AROUND));
        setBottom(safety);
        widthProperty().addListener(o -> lay());
        setOnDragOver(
                e -> {
                    if (e.getDragboard().hasFiles()) {
                        e.acceptTransferModes(TransferMode.COPY);
                    }
                });
        setOnDragDropped(
                e -> e.getDragboard().getFiles().stream().map(File::toPath).forEach(this::dropped));
        lay();
    }

    private void lay() {
        boolean wide = getWidth() >= SIDE_BY_SIDE;
        Pane halves = wide ? new HBox(40, goOn, beginning) : new VBox(26, goOn, beginning);
        HBox.setHgrow(goOn, Priority.ALWAYS);
        if (wide) {
            Controls.width(beginning, FORM);
        } else {
            beginning.setMinWidth(0);
            beginning.setPrefWidth(Region.USE_COMPUTED_SIZE);
            beginning.setMaxWidth(Double.MAX_VALUE);
        }
        HBox head =
                Controls.row(
                        18,
                        Controls.label(words.of("program"), "start-program"),
                        Controls.prose(words.of("start.motto"), "place-subtitle"));
        head.setAlignment(Pos.BASELINE_LEFT);
        page.getChildren().setAll(head, rule(), problem, halves);
    }

    /** The order of work as the folding rule that it is in a project. */
    private HBox rule() {
        HBox rule = new HBox();
        for (Place place : Place.values()) {
            VBox leaf =
                    new VBox(
                            1,
                            Controls.label(words.of("place." + place.name()), "leaf-name"),
                            Controls.label(words.of("start.place." + place.name()), "start-leaf"));
            leaf.getStyleClass().addAll("leaf", "start-rule");
            leaf.setMinWidth(0);
            leaf.setTranslateY(place.ordinal() % 2 * 8);
            HBox.setHgrow(leaf, Priority.ALWAYS);
            rule.getChildren().add(leaf);
        }
        rule.setPadding(new Insets(0, 0, 8, 0));
        return rule;
    }

    private void recent(FileChoice choice) {
        List<RecentProject> all = recents.all();
        goOn.getChildren()
                .setAll(
                        Controls.label(
                                words.of(all.isEmpty() ? "start.nothingYet" : "start.goOn"),
                                "section-head"));
        if (all.isEmpty()) {
            goOn.getChildren().add(Controls.prose(words.of("start.nothingYetHow"), "soft"));
        }
        for (RecentProject one : all.subList(0, Math.min(MOST, all.size()))) {
            RecentCard card = new RecentCard(one, words, this::open, p -> forget(p, choice));
            card.setId("recent-" + goOn.getChildren().size());
            goOn.getChildren().add(card);
        }
        goOn.getChildren()
                .add(
                        Controls.row(
                                6,
                                Controls.link(
                                        "openOther",
                                        words.of("start.other"),
                                        () ->
                                                choice.folder(this, words.of("start.other"))
                                                        .ifPresent(this::open)),
                                Controls.label(words.of("start.orDrop"), "soft")));
        goOn.setMinWidth(0);
    }

    private void forget(Path folder, FileChoice choice) {
        recents.forget(folder);
        recent(choice);
    }

    /** Opens a folder that holds a project; in another one a manual may be begun. */
    private void open(Path folder) {
        if (!Files.isDirectory(folder)) {
            refuse(words.of("start.gone", folder));
            return;
        }
        acts.open().accept(folder);
    }

    private void dropped(Path file) {
        if (Files.isDirectory(file)) {
            open(file);
        } else {
            form.beginWith(file);
        }
    }

    /** Offers to make a manual in a folder that was asked for and is none yet. */
    public void offer(Path asked, String why) {
        form.at(asked);
        refuse(why);
    }

    /** Says why something could not be opened. */
    public void refuse(String sentence) {
        problem.setText(sentence);
        Controls.seen(problem, !sentence.isEmpty());
    }

    /** Says why nothing was made. */
    public void notMade(String sentence) {
        form.refuse(sentence);
    }
}
