package methodos.desktop.footage;

import java.nio.file.Files;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.TextField;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import methodos.core.manual.Clip;
import methodos.core.scan.Scan;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Theme;

/** One clip in the place Footage: its film, what its scan found, and how far the scan is. */
final class ClipCard extends VBox {

    private static final int STILLS = 6;
    private static final double GAP = 3;
    private static final int MINUTE = 60;

    /** What can be asked for at a card. */
    record Actions(
            Consumer<Clip> captions,
            Consumer<Clip> hear,
            BiConsumer<Clip, Clip> join,
            BiConsumer<Clip, String> name,
            Consumer<Clip> turn,
            Runnable find,
            Consumer<Clip> stop,
            Consumer<Clip> again) {}

    private final Clip clip;
    private final Words words;
    private final HBox stills = new HBox(GAP);
    private final ClipRule rule;
    private final HBox status = new HBox(12);
    private final Label told = Controls.label("", "soft");
    private final ProgressBar bar = new ProgressBar();
    private final Button stop;
    private final Button again;

    ClipCard(OpenProject project, Theme theme, Clip clip, Actions actions) {
        super(6);
        this.clip = clip;
        this.words = project.words();
        this.rule = new ClipRule(clip, theme);
        stop =
                Controls.link(
                        "stopScan-" + clip.id(),
                        words.of("scan.stop"),
                        () -> actions.stop().accept(clip));
        again =
                Controls.link(
                        "scan-" + clip.id(),
                        words.of("scan.again"),
                        () -> actions.again().accept(clip));
        bar.setAccessibleText(words.of("scan.busy"));
        int captions = project.workspace().get().captions(clip.id()).captions().size();
        FlowPane head =
                new FlowPane(
                        14,
                        4,
                        name(actions),
                        Controls.label(words.of("footage.seconds", clip.duration()), "soft"),
                        Controls.label(
                                words.of("footage.captions", captions),
                                captions == 0 ? "open" : "soft"),
                        Controls.link(
                                "captions-" + clip.id(),
                                words.of("footage.bringCaptions"),
                                () -> actions.captions().accept(clip)),
                        Controls.link(
                                "turn-" + clip.id(),
                                words.of("footage.turn"),
                                () -> actions.turn().accept(clip)));
        if (captions == 0) {
            head.getChildren()
                    .add(
                            Controls.link(
                                    "hear-" + clip.id(),
                                    words.of("footage.hear"),
                                    () -> actions.hear().accept(clip)));
        }
        head.setRowValignment(VPos.BASELINE);
        before(project).ifPresent(b -> head.getChildren().add(join(b, actions)));
        getChildren().add(head);
        if (!Files.isRegularFile(project.clipFile(clip))) {
            getChildren()
                    .addAll(
                            Controls.prose(words.of("footage.moved", clip.path()), "open"),
                            Controls.link(
                                    "find-" + clip.id(), words.of("footage.find"), actions.find()));
            return;
        }
        for (int i = 0; i < STILLS; i++) {
            StackPane frame = new StackPane(new ImageView());
            frame.setMinSize(FilmStrip.WIDTH, FilmStrip.HEIGHT);
            frame.getStyleClass().add("picture");
            stills.getChildren().add(frame);
        }
        status.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(stills, rule, status);
        rule.maxWidthProperty().bind(stills.widthProperty());
        stills.setMaxWidth(STILLS * (FilmStrip.WIDTH + GAP) - GAP);
    }

    private TextField name(Actions actions) {
        TextField name =
                Controls.named(
                        new TextField(clip.name()), "name-" + clip.id(), words.of("footage.name"));
        name.getStyleClass().add("section-head");
        Controls.kept(name, text -> actions.name().accept(clip, text));
        Controls.wordWide(name, 90, this);
        return name;
    }

    private Optional<Clip> before(OpenProject project) {
        int at = project.manual().clips().indexOf(clip);
        return at <= 0 ? Optional.empty() : Optional.of(project.manual().clips().get(at - 1));
    }

    private CheckBox join(Clip before, Actions actions) {
        CheckBox join = new CheckBox(words.of("footage.goesOn", before.name()));
        join.setId("join-" + clip.id());
        join.setSelected(before.id().equals(clip.follows()));
        join.setOnAction(e -> actions.join().accept(clip, join.isSelected() ? before : null));
        return join;
    }

    /** Shows the stills that are there and asks for the others. */
    void film(FilmStrip film) {
        for (int i = 0; i < stills.getChildren().size(); i++) {
            double time = Math.floor(clip.duration() * (i + .5) / STILLS);
            ImageView view =
                    (ImageView) ((StackPane) stills.getChildren().get(i)).getChildren().get(0);
            film.at(clip, time).ifPresent(view::setImage);
        }
    }

    void scan(Optional<ScanDesk.Progress> progress, Optional<Scan> scan) {
        rule.show(scan);
        status.getChildren().clear();
        if (progress.isEmpty()) {
            return;
        }
        ScanDesk.Progress now = progress.get();
        told.setText(say(now, scan));
        told.getStyleClass()
                .setAll("label", now.state() == ScanDesk.State.FAILED ? "open" : "soft");
        bar.setProgress(now.share());
        switch (now.state()) {
            case WAITING -> status.getChildren().addAll(told, stop);
            case RUNNING -> status.getChildren().addAll(bar, told, stop);
            case STOPPED, FAILED -> status.getChildren().addAll(told, again);
            case DONE -> status.getChildren().add(told);
        }
    }

    private String say(ScanDesk.Progress now, Optional<Scan> scan) {
        return switch (now.state()) {
            case WAITING -> words.of("scan.waiting");
            case RUNNING -> running(now);
            case STOPPED -> words.of("scan.stopped");
            case FAILED -> now.problem();
            case DONE -> scan.map(this::found).orElse("");
        };
    }

    private String running(ScanDesk.Progress now) {
        long percent = Math.round(100 * now.share());
        if (Double.isNaN(now.secondsLeft())) {
            return words.of("scan.running", percent);
        }
        long left = Math.max(1, Math.round(now.secondsLeft()));
        return left < 2 * MINUTE
                ? words.of("scan.seconds", percent, left)
                : words.of("scan.minutes", percent, Math.round(left / (double) MINUTE));
    }

    private String found(Scan scan) {
        double seconds = scan.unusable().stream().mapToDouble(u -> u.to() - u.from()).sum();
        return words.of("scan.found", scan.cuts().size() + 1, scan.unusable().size(), seconds);
    }
}
