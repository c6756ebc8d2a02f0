package methodos.desktop.checks;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.check.Checks;
import methodos.core.check.Matter;
import methodos.core.check.OpenPoint;
import methodos.core.description.Id;
import methodos.core.dryrun.Bench;
import methodos.core.dryrun.DryRun;
import methodos.core.finding.Finding;
import methodos.core.finding.FindingScope;
import methodos.core.finding.FindingSentences;
import methodos.core.manual.Energy;
import methodos.core.manual.Figure;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.figure.StillCache;
import methodos.desktop.footage.Pixels;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Theme;

/** The dry run: what lies where at a step, and what would stop a newcomer there. */
final class BenchView extends VBox implements AutoCloseable {

    private static final double PICTURE = 250;
    private static final double PANEL = 262;

    private final OpenProject project;
    private final Words words;
    private final Consumer<OpenPoint> go;
    private final BenchRule rule;
    private final StillCache stills;
    private final Label head = Controls.prose("", "strong");
    private final Label count = Controls.prose("", "soft");
    private final ImageView picture = new ImageView();
    private final FlowPane panels = new FlowPane(12, 10);
    private final VBox stops = new VBox(6);
    private Manual manual = Manual.titled("");
    private Sight sight = Sight.EVERYTHING;
    private List<Id<Step>> steps = List.of();
    private Map<Id<Step>, List<Finding>> stumbles = Map.of();
    private Id<Step> at;

    /**
     * @param go leads to a step
     * @param leave back to the ledger
     */
    BenchView(
            OpenProject project,
            Theme theme,
            Consumer<String> message,
            Consumer<OpenPoint> go,
            Runnable leave) {
        super(10);
        this.project = project;
        this.words = project.words();
        this.go = go;
        this.rule =
                new BenchRule(
                        theme,
                        i -> {
                            choose(steps.get(i));
                            requestFocus();
                        });
        this.stills = new StillCache(project, this::picture, message);
        setId("bench");
        setPadding(new Insets(16, 16, 10, 18));
        getStyleClass().add("ledger");
        setFocusTraversable(true);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        picture.setFitWidth(PICTURE);
        picture.setPreserveRatio(true);
        HBox.setHgrow(head, Priority.ALWAYS);
        panels.setPrefWrapLength(2 * PANEL + 12);
        stops.setPrefWidth(PANEL + 40);
        getChildren()
                .addAll(
                        Controls.row(
                                8,
                                Controls.prose(words.of("bench.head"), "panel-head"),
                                gap,
                                Controls.link("benchLeave", words.of("bench.leave"), leave)),
                        rule.node(),
                        count,
                        new FlowPane(
                                8,
                                6,
                                Controls.button(
                                        "benchBack", words.of("bench.back"), () -> move(-1)),
                                Controls.button("benchOn", words.of("bench.on"), () -> move(1)),
                                Controls.button(
                                        "benchStumble", words.of("bench.stumble"), this::onward)),
                        head,
                        new FlowPane(12, 8, picture, stops),
                        panels);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        Controls.onEscape(this, leave);
        // what has just been put into a window can be focused only once it is in it
        sceneProperty()
                .addListener(
                        (o, was, is) -> {
                            if (is != null) {
                                Platform.runLater(this::requestFocus);
                            }
                        });
    }

    /** Shows the bench for the units that are looked at; what was found is of the same manual. */
    void show(Checks.Result result) {
        sight = project.sight().get();
        manual = project.practised().manual();
        steps =
                manual.steps()
                        .filter(s -> s.applicability().concerns(sight))
                        .map(Step::id)
                        .toList();
        FindingScope scope = new FindingScope(manual, sight);
        stumbles =
                result.open().stream()
                        .filter(f -> DryRun.stumbles(f.rule()) && scope.holds(f))
                        .filter(f -> !f.steps().isEmpty())
                        .collect(Collectors.groupingBy(f -> f.steps().get(0)));
        draw();
    }

    /** Goes to a step. */
    void choose(Id<Step> step) {
        at = step;
        if (getScene() != null) {
            draw();
        }
    }

    boolean ready() {
        return stills.complete();
    }

    private int place() {
        return Math.max(0, steps.indexOf(at));
    }

    private void move(int by) {
        if (!steps.isEmpty()) {
            choose(steps.get(Math.max(0, Math.min(steps.size() - 1, place() + by))));
        }
        requestFocus();
    }

    /** To the next step at which one would stumble, round again at the end. */
    private void onward() {
        int from = place();
        IntStream.rangeClosed(1, steps.size())
                .mapToObj(i -> steps.get((from + i) % steps.size()))
                .filter(stumbles::containsKey)
                .findFirst()
                .ifPresent(this::choose);
        requestFocus();
    }

    private void key(KeyEvent e) {
        if (e.isControlDown() || e.isAltDown() || e.isMetaDown()) {
            return;
        }
        switch (e.getCode()) {
            case LEFT -> move(-1);
            case RIGHT -> move(1);
            case N -> onward();
            default -> {
                return;
            }
        }
        e.consume();
    }

    private void draw() {
        List<Integer> places =
                IntStream.range(0, steps.size())
                        .filter(i -> stumbles.containsKey(steps.get(i)))
                        .boxed()
                        .toList();
        String told = words.of("bench.count", steps.size(), places.size());
        count.setText(told);
        rule.show(steps.size(), place(), places, told);
        getChildren().stream().skip(3).forEach(n -> Controls.seen(n, !steps.isEmpty()));
        if (steps.isEmpty()) {
            return;
        }
        at = steps.get(place());
        Step step = manual.step(at).orElseThrow();
        Bench bench = Bench.at(manual, sight, at);
        StepNumbers numbers = new StepNumbers(manual, sight);
        head.setText(words.of("bench.step", numbers.of(at).orElse(0), step.text()));
        picture();
        panels.getChildren()
                .setAll(
                        panel("hand", hand(bench, step)),
                        panel("bench", lots(bench.bench(), numbers)),
                        panel("thrown", lots(bench.thrown(), numbers)),
                        panel("safe", safe(bench)),
                        unit(lots(bench.unit(), numbers)));
        stops(numbers);
    }

    private void picture() {
        Optional<String> digest =
                manual.step(at).stream()
                        .flatMap(s -> s.figures().stream())
                        .flatMap(f -> manual.figure(f).stream())
                        .map(Figure::picture)
                        .findFirst();
        picture.setImage(digest.flatMap(stills::picture).map(Pixels::image).orElse(null));
        Controls.seen(picture, picture.getImage() != null);
    }

    private Region panel(String what, List<String> lines) {
        VBox panel = new VBox(3, Controls.prose(words.of("bench." + what), "strong"));
        panel.setId("bench-" + what);
        panel.setPrefWidth(PANEL);
        panel.getStyleClass().add("bench-panel");
        List<String> all = lines.isEmpty() ? List.of(words.of("bench.nothing")) : lines;
        String[] styles = lines.isEmpty() ? new String[] {"soft"} : new String[0];
        all.forEach(l -> panel.getChildren().add(Controls.prose(l, styles)));
        return panel;
    }

    /** Most of the parts most of the time: run on, so that all of it is seen. */
    private Region unit(List<String> lots) {
        Region panel =
                panel("unit", lots.isEmpty() ? List.of() : List.of(String.join(" \u00b7 ", lots)));
        panel.setPrefWidth(2 * PANEL + 12);
        return panel;
    }

    private List<String> hand(Bench bench, Step step) {
        List<String> all = new ArrayList<>();
        bench.hand().forEach(l -> all.add(lot(l)));
        step.tools().stream()
                .flatMap(t -> manual.tool(t).stream())
                .forEach(t -> all.add(t.label()));
        return all;
    }

    private List<String> lots(List<Bench.Lot> lots, StepNumbers numbers) {
        return lots.stream()
                .map(
                        l ->
                                l.since() == null || numbers.of(l.since()).isEmpty()
                                        ? lot(l)
                                        : words.of(
                                                "bench.since",
                                                lot(l),
                                                numbers.of(l.since()).getAsInt()))
                .toList();
    }

    private String lot(Bench.Lot lot) {
        Part part = manual.part(lot.part()).orElseThrow();
        String name = (part.item() + " " + part.label()).strip();
        return lot.count() == 1 ? name : words.of("bench.lot", name, lot.count());
    }

    private List<String> safe(Bench bench) {
        List<String> all = new ArrayList<>();
        for (Id<Energy> id : bench.safe()) {
            manual.energies().stream()
                    .filter(e -> e.id().equals(id))
                    .forEach(e -> all.add(words.of("bench.made", e.name())));
        }
        for (Id<LedgerItem> id : bench.inPlace()) {
            manual.ledgerItem(id).ifPresent(i -> all.add(words.of("bench.there", i.name())));
        }
        return all;
    }

    private void stops(StepNumbers numbers) {
        stops.getChildren().setAll(Controls.prose(words.of("bench.stops"), "strong"));
        List<Finding> here = stumbles.getOrDefault(at, List.of());
        if (here.isEmpty()) {
            stops.getChildren().add(Controls.prose(words.of("bench.free"), "soft"));
        }
        FindingSentences sentences = new FindingSentences(words, numbers);
        for (Finding finding : here) {
            stops.getChildren()
                    .add(
                            new VBox(
                                    2,
                                    Controls.prose(sentences.of(finding), "problem"),
                                    Controls.link(
                                            "benchGo-" + stops.getChildren().size(),
                                            words.of("checks.go"),
                                            () -> there(finding))));
        }
    }

    private void there(Finding finding) {
        go.accept(new OpenPoint(Matter.STEPS, finding.key(), List.of(), at, finding.subject()));
    }

    @Override
    public void close() {
        stills.close();
    }
}
