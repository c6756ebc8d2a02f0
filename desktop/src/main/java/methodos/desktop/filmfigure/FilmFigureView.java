package methodos.desktop.filmfigure;

import java.awt.image.BufferedImage;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.InvalidationListener;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.change.SeenChange;
import methodos.core.change.SeenSpan;
import methodos.core.description.Id;
import methodos.core.edit.FigureEdits;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.proposal.ProposedFigure;
import methodos.core.proposal.ProposedFigure.ProposedMark;
import methodos.core.proposal.SeenAgainstTold;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.footage.FootageDesk;
import methodos.desktop.footage.Pixels;
import methodos.desktop.footage.SightDesk;
import methodos.desktop.project.OpenProject;
import methodos.files.problem.ProjectProblem;

/** One proposed figure after the other, with what changed in the film, and what to do with it. */
public final class FilmFigureView extends VBox implements AutoCloseable {

    /** Surer ones need only a glance. */
    private static final double SURE = .6;

    private static final double SIDE = 284;
    private static final double LARGE = 340;
    private static final double SMALL = 132;
    private static final double SMALL_WIDTH = 236;

    private final OpenProject project;
    private final Words words;
    private final FootageDesk desk;
    private final Consumer<String> message;
    private final Runnable leave;
    private final Consumer<Id<Figure>> accepted;
    private final FilmFigures figures;
    private final Label head = Controls.prose("", "strong");
    private final Label told = Controls.prose("", "soft");
    private final Label counts = Controls.prose("", "soft");
    private final Canvas large = new Canvas(600, LARGE);
    private final Canvas before = new Canvas(SMALL_WIDTH, SMALL);
    private final Canvas after = new Canvas(SMALL_WIDTH, SMALL);
    private final VBox marks = new VBox(6);
    private final VBox differ = new VBox(4);
    private final FlowPane deeds = new FlowPane(8, 6);
    private final VBox side = new VBox(10);
    private final Button stop;
    private final Map<String, Image> stills = new HashMap<>();
    private final Set<String> asked = new HashSet<>();
    private final InvalidationListener onChange = o -> refresh();
    private Id<Step> at;
    private int chosen;
    private boolean other;

    /**
     * @param leave back to the figures
     * @param accepted told the figure that has just been made
     */
    public FilmFigureView(
            OpenProject project,
            FootageDesk desk,
            Consumer<String> message,
            Runnable leave,
            Consumer<Id<Figure>> accepted) {
        super(8);
        this.project = project;
        this.words = project.words();
        this.desk = desk;
        this.message = message;
        this.leave = leave;
        this.accepted = accepted;
        this.stop = Controls.link("filmStop", words.of("film.stop"), this::stopLooking);
        this.figures = new FilmFigures(project, this::refresh);
        setId("filmFigures");
        setPadding(new Insets(14, 16, 10, 18));
        setFocusTraversable(true);
        Pane picture = new Pane(large);
        picture.setMinHeight(200);
        picture.setPrefHeight(LARGE);
        VBox.setVgrow(picture, Priority.ALWAYS);
        picture.widthProperty().addListener((o, was, is) -> sized(picture));
        picture.heightProperty().addListener((o, was, is) -> sized(picture));
        deeds.getChildren()
                .addAll(
                        Controls.button("filmAccept", words.of("film.accept"), this::accept),
                        Controls.button("filmGive", words.of("film.give"), this::give),
                        Controls.button("filmOther", words.of("film.other"), this::switchOver),
                        Controls.button("filmNext", words.of("film.next"), () -> move(1)),
                        Controls.button("filmPass", words.of("film.pass"), this::pass),
                        Controls.link("filmLeave", words.of("film.leave"), leave));
        FlowPane changed =
                new FlowPane(
                        12,
                        6,
                        new VBox(2, before, Controls.label(words.of("film.before"), "soft")),
                        new VBox(2, after, Controls.label(words.of("film.after"), "soft")));
        getChildren()
                .addAll(
                        head,
                        picture,
                        Controls.label(words.of("film.changed"), "strong"),
                        changed,
                        deeds,
                        Controls.row(10, counts, stop));
        side.getChildren()
                .addAll(
                        Controls.prose(words.of("film.proposed"), "panel-head"),
                        marks,
                        differ,
                        told);
        side.setPadding(new Insets(14));
        side.setPrefWidth(SIDE);
        side.setMinWidth(SIDE);
        side.getStyleClass().add("side");
        // what has just been put into a window can be focused only once it is in it
        sceneProperty()
                .addListener(
                        (o, was, is) -> {
                            if (is == null) {
                                project.workspace().removeListener(onChange);
                            } else {
                                project.workspace().addListener(onChange);
                                Platform.runLater(this::requestFocus);
                            }
                        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        side.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    /** What goes beside it: the marks, and where film and words differ. */
    public Region side() {
        return side;
    }

    private void sized(Pane picture) {
        large.setWidth(picture.getWidth());
        large.setHeight(picture.getHeight());
        draw();
    }

    /** Begins to look, and shows what is proposed for a step, or the first there is. */
    public void open(Id<Step> step) {
        at = step;
        figures.begin();
        refresh();
        requestFocus();
    }

    /** Whether everything is shown that will be. */
    public boolean ready() {
        return figures.quiet() && stills.keySet().containsAll(asked);
    }

    private Optional<ProposedFigure> current() {
        List<ProposedFigure> all = figures.all();
        return all.stream()
                .filter(f -> f.step().equals(at))
                .findFirst()
                .or(() -> all.stream().findFirst());
    }

    private void refresh() {
        ProposedFigure now = current().orElse(null);
        SightDesk sights = figures.sights();
        boolean looking = sights.state() == SightDesk.State.LOOKING;
        Controls.seen(stop, looking);
        List<ProposedFigure> all = figures.all();
        long sure = all.stream().filter(f -> f.sure() >= SURE).count();
        long none = all.stream().filter(f -> f.marks().isEmpty()).count();
        String found = words.of("film.counts", all.size(), sure, all.size() - sure - none, none);
        counts.setText(
                switch (sights.state()) {
                    case LOOKING -> words.of("film.looking", sights.left()) + " " + found;
                    case FAILED -> sights.problem();
                    case STOPPED -> words.of("film.stopped", sights.left()) + " " + found;
                    default -> found;
                });
        getChildren().stream()
                .filter(n -> n != head && n != counts.getParent() && n != deeds)
                .forEach(n -> Controls.seen(n, now != null));
        deeds.getChildren()
                .forEach(n -> Controls.seen(n, now != null || n.getId().equals("filmLeave")));
        side.getChildren().forEach(n -> Controls.seen(n, now != null));
        if (now == null) {
            head.setText(words.of(looking || !figures.quiet() ? "film.wait" : "film.none"));
            return;
        }
        if (!now.step().equals(at)) {
            at = now.step();
            other = false;
            chosen = 0;
        }
        chosen = Math.max(0, Math.min(chosen, now.marks().size() - 1));
        Step step = project.manual().step(at).orElseThrow();
        StepNumbers numbers = new StepNumbers(project.manual(), project.sight().get());
        head.setText(
                words.of(
                        "film.head",
                        numbers.of(at).isPresent() ? numbers.of(at).getAsInt() : 0,
                        step.text()));
        told.setText(words.of("film.how"));
        fillMarks(now, step);
        fillDiffer(now, step);
        draw();
    }

    private void fillMarks(ProposedFigure now, Step step) {
        marks.getChildren().clear();
        for (int i = 0; i < now.marks().size(); i++) {
            int index = i;
            ProposedMark mark = now.marks().get(i);
            Button take =
                    Controls.button(
                            "filmMark-" + (i + 1),
                            words.of(
                                    "film.mark",
                                    i + 1,
                                    name(mark.mark()),
                                    (int) Math.round(100 * mark.sure())),
                            () -> take(index));
            take.getStyleClass().add("film-mark");
            take.setMaxWidth(Double.MAX_VALUE);
            take.setAlignment(Pos.CENTER_LEFT);
            marks.getChildren().add(take);
        }
        List<String> lacking = FilmFigures.lacking(now, step).stream().map(this::name).toList();
        if (!lacking.isEmpty()) {
            marks.getChildren()
                    .add(
                            Controls.prose(
                                    words.of("film.lacking", String.join(", ", lacking)), "soft"));
        }
    }

    private void fillDiffer(ProposedFigure now, Step step) {
        differ.getChildren().clear();
        figures.seen(step.id())
                .ifPresent(
                        seen ->
                                SeenAgainstTold.of(project.manual(), step, seen)
                                        .forEach(
                                                d ->
                                                        differ.getChildren()
                                                                .add(
                                                                        Controls.prose(
                                                                                words.of(
                                                                                        "film.differ."
                                                                                                + d
                                                                                                        .kind(),
                                                                                        d.told(),
                                                                                        d.seen()),
                                                                                "warn"))));
    }

    private String name(Mark mark) {
        if (mark instanceof Mark.OfPart of) {
            return name(of.part());
        }
        return words.of("film.closer");
    }

    private String name(Id<Part> part) {
        return project.manual().part(part).map(Part::label).orElse("");
    }

    private void draw() {
        ProposedFigure now = current().orElse(null);
        SeenSpan seen = now == null ? null : figures.seen(now.step()).orElse(null);
        if (seen == null) {
            return;
        }
        Id<Clip> clip = now.still().clip();
        double second = now.still().time() == seen.before() ? seen.after() : seen.before();
        still(clip, now.still().time())
                .ifPresent(
                        i -> {
                            if (!other) {
                                ProposalDrawing.proposal(large, i, now, chosen);
                            }
                        });
        still(clip, second)
                .ifPresent(
                        i -> {
                            if (other) {
                                ProposalDrawing.plain(large, i);
                            }
                        });
        still(clip, seen.before())
                .ifPresent(i -> ProposalDrawing.changes(before, i, of(seen, SeenChange.Kind.GONE)));
        still(clip, seen.after())
                .ifPresent(i -> ProposalDrawing.changes(after, i, of(seen, SeenChange.Kind.NEW)));
    }

    private static List<SeenChange> of(SeenSpan seen, SeenChange.Kind kind) {
        return seen.changes().stream().filter(c -> c.kind() == kind).toList();
    }

    private Optional<Image> still(Id<Clip> clip, double time) {
        String key = clip.text() + "@" + time;
        if (asked.add(key)) {
            project.manual()
                    .clip(clip)
                    .ifPresent(
                            c ->
                                    desk.capture(
                                            c,
                                            time,
                                            s -> {
                                                Image image = Pixels.image(s.picture());
                                                Platform.runLater(
                                                        () -> {
                                                            stills.put(key, image);
                                                            draw();
                                                        });
                                            },
                                            message));
        }
        return Optional.ofNullable(stills.get(key));
    }

    private void key(KeyEvent e) {
        if (e.isControlDown()
                || e.isAltDown()
                || e.isMetaDown()
                || Controls.takesText(e.getTarget())) {
            return;
        }
        if (e.getCode() == KeyCode.ESCAPE) {
            leave.run();
        } else if (current().isEmpty()) {
            return;
        } else if (e.getCode().isDigitKey()) {
            take(e.getText().isEmpty() ? -1 : e.getText().charAt(0) - '1');
        } else {
            switch (e.getCode()) {
                case A -> accept();
                case G -> give();
                case V -> switchOver();
                case X -> pass();
                case N, RIGHT -> move(1);
                case LEFT -> move(-1);
                default -> {
                    return;
                }
            }
        }
        e.consume();
    }

    private void move(int by) {
        List<ProposedFigure> all = figures.all();
        current()
                .ifPresent(
                        f -> {
                            int index = all.indexOf(f) + by;
                            at = all.get(Math.floorMod(index, all.size())).step();
                            chosen = 0;
                            other = false;
                            refresh();
                        });
        requestFocus();
    }

    private void take(int index) {
        current()
                .filter(f -> index >= 0 && index < f.marks().size())
                .ifPresent(
                        f -> {
                            figures.put(f.without(index));
                            refresh();
                        });
        requestFocus();
    }

    private void give() {
        current()
                .ifPresent(
                        f -> {
                            figures.give(f, chosen);
                            refresh();
                        });
        requestFocus();
    }

    private void switchOver() {
        other = !other;
        draw();
        requestFocus();
    }

    private void pass() {
        current()
                .ifPresent(
                        f -> {
                            List<ProposedFigure> all = figures.all();
                            int next = (all.indexOf(f) + 1) % all.size();
                            at = all.get(next).step();
                            figures.pass(f.step());
                            refresh();
                        });
        requestFocus();
    }

    private void accept() {
        ProposedFigure f = current().orElse(null);
        Clip clip = f == null ? null : project.manual().clip(f.still().clip()).orElse(null);
        if (clip == null) {
            return;
        }
        List<ProposedFigure> all = figures.all();
        Id<Step> next = all.get((all.indexOf(f) + 1) % all.size()).step();
        desk.capture(clip, f.still().time(), still -> keep(f, next, still.picture()), message);
    }

    private void keep(ProposedFigure f, Id<Step> next, BufferedImage picture) {
        try {
            String kept = project.stills().keep(picture);
            Platform.runLater(
                    () -> {
                        at = next;
                        project.apply(FigureEdits.fromFilm(f, kept));
                        project.manual().step(f.step()).stream()
                                .flatMap(s -> s.figures().stream())
                                .reduce((a, b) -> b)
                                .ifPresent(accepted);
                        message.accept(words.of("film.accepted"));
                        refresh();
                        requestFocus();
                    });
        } catch (ProjectProblem e) {
            Platform.runLater(() -> message.accept(e.getMessage()));
        }
    }

    private void stopLooking() {
        figures.sights().stop();
        requestFocus();
    }

    @Override
    public void close() {
        figures.close();
    }
}
