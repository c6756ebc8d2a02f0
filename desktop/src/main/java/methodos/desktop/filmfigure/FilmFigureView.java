package methodos.desktop.filmfigure;

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
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.proposal.ProposedFigure;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.footage.ChangeDesk;
import methodos.desktop.footage.FootageDesk;
import methodos.desktop.project.OpenProject;

/** One proposed figure after the other, with what changed in the film, and what to do with it. */
public final class FilmFigureView extends VBox implements AutoCloseable {

    /** Surer ones need only a glance. */
    private static final double SURE = .6;

    private static final double LARGE = 340;
    private static final double SMALL = 132;
    private static final double SMALL_WIDTH = 236;

    /** Of a finer still no more is shown than this, in pixels. */
    private static final int WIDEST = 1600;

    /** What a still is of. */
    private record Moment(Id<Clip> clip, double time) {}

    private final OpenProject project;
    private final Words words;
    private final FootageDesk desk;
    private final Consumer<String> message;
    private final Runnable leave;
    private final Consumer<Id<Figure>> accepted;
    private final FilmFigures figures;
    private final Label head = Controls.prose("", "strong");
    private final Label counts = Controls.prose("", "soft");
    private final Canvas large = new Canvas(600, LARGE);
    private final Canvas before = new Canvas(SMALL_WIDTH, SMALL);
    private final Canvas after = new Canvas(SMALL_WIDTH, SMALL);
    private final FlowPane deeds = new FlowPane(8, 6);
    private final ProposalSide side;
    private final Button stop;
    private final Map<Moment, Image> stills = new HashMap<>();
    private final Set<Moment> asked = new HashSet<>();
    private final InvalidationListener onChange = o -> drafted();
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
        this.side = new ProposalSide(project, this::take);
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

    private void drafted() {
        figures.refresh();
    }

    private void refresh() {
        ProposedFigure now = current().orElse(null);
        ChangeDesk changes = figures.changes();
        boolean looking = changes.state() == ChangeDesk.State.LOOKING;
        Controls.seen(stop, looking);
        List<ProposedFigure> all = figures.all();
        long sure = all.stream().filter(f -> f.sure() >= SURE).count();
        long none = all.stream().filter(f -> f.marks().isEmpty()).count();
        String found = words.of("film.counts", all.size(), sure, all.size() - sure - none, none);
        counts.setText(
                switch (changes.state()) {
                    case LOOKING -> words.of("film.looking", changes.left()) + " " + found;
                    case FAILED -> changes.problem();
                    case STOPPED -> words.of("film.stopped", changes.left()) + " " + found;
                    default -> found;
                });
        getChildren().stream()
                .filter(n -> n != head && n != counts.getParent() && n != deeds)
                .forEach(n -> Controls.seen(n, now != null));
        deeds.getChildren()
                .forEach(n -> Controls.seen(n, now != null || n.getId().equals("filmLeave")));
        side.seen(now != null);
        if (now == null) {
            head.setText(words.of(why(looking)));
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
        side.show(now, step, figures.seen(at), chosen);
        draw();
    }

    /** Why there is no proposal to be seen. */
    private String why(boolean looking) {
        if (looking || !figures.quiet()) {
            return "film.wait";
        }
        return figures.changes().unscanned() > 0 ? "film.unscanned" : "film.none";
    }

    private void draw() {
        ProposedFigure now = current().orElse(null);
        SeenSpan seen = now == null ? null : figures.seen(now.step()).orElse(null);
        if (seen == null) {
            return;
        }
        Id<Clip> clip = now.still().clip();
        forgetOthers(clip, seen);
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
        Moment moment = new Moment(clip, time);
        if (asked.add(moment)) {
            project.manual()
                    .clip(clip)
                    .ifPresent(
                            c ->
                                    desk.capture(
                                            new FootageDesk.Small(c, time, WIDEST, WIDEST),
                                            image -> arrived(moment, image),
                                            problem -> {
                                                arrived(moment, null);
                                                message.accept(problem);
                                            }));
        }
        return Optional.ofNullable(stills.get(moment));
    }

    private void arrived(Moment moment, Image image) {
        stills.put(moment, image);
        draw();
    }

    /** Pictures are large: only those of the proposal that is shown are held. */
    private void forgetOthers(Id<Clip> clip, SeenSpan seen) {
        Set<Moment> shown = Set.of(new Moment(clip, seen.before()), new Moment(clip, seen.after()));
        asked.retainAll(shown);
        stills.keySet().retainAll(shown);
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
                case UP -> choose(-1);
                case DOWN -> choose(1);
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
                .ifPresent(f -> go(all.get(Math.floorMod(all.indexOf(f) + by, all.size())).step()));
    }

    private void go(Id<Step> step) {
        at = step;
        chosen = 0;
        other = false;
        refresh();
        requestFocus();
    }

    private void choose(int by) {
        current()
                .filter(f -> !f.marks().isEmpty())
                .ifPresent(f -> chosen = Math.floorMod(chosen + by, f.marks().size()));
        refresh();
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
                            Step step = project.manual().step(f.step()).orElseThrow();
                            figures.put(f.withNextPlace(step, chosen));
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
        current().ifPresent(this::onward);
    }

    private void accept() {
        ProposedFigure f = current().orElse(null);
        Clip clip = f == null ? null : project.manual().clip(f.still().clip()).orElse(null);
        if (clip != null) {
            onward(f);
            desk.keep(
                    clip,
                    f.still().time(),
                    (still, picture) -> keep(f, picture),
                    problem -> {
                        figures.takeUp(f.step());
                        message.accept(problem);
                        refresh();
                    });
        }
    }

    private void keep(ProposedFigure f, String picture) {
        project.apply(FigureEdits.fromFilm(f, picture));
        figures.takeUp(f.step());
        project.manual().step(f.step()).stream()
                .flatMap(s -> s.figures().stream())
                .reduce((a, b) -> b)
                .ifPresent(accepted);
        message.accept(words.of("film.accepted"));
    }

    /** To the next proposal; this one is done with. */
    private void onward(ProposedFigure f) {
        List<ProposedFigure> all = figures.all();
        Id<Step> next = all.get((all.indexOf(f) + 1) % all.size()).step();
        figures.setAside(f.step());
        go(next);
    }

    private void stopLooking() {
        figures.changes().stop();
        requestFocus();
    }

    @Override
    public void close() {
        figures.close();
    }
}
