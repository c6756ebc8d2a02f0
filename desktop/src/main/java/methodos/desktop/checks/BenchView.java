package methodos.desktop.checks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
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
    private List<Bench> benches = List.of();
    private List<Finding> findings = List.of();
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
        this.rule = new BenchRule(theme, i -> choose(benches.get(i).step()));
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
        // what has just been put into a window can be focused only once it is in it
        sceneProperty()
                .addListener(
                        (o, was, is) -> {
                            if (is != null) {
                                Platform.runLater(this::requestFocus);
                            }
                        });
    }

    /** Shows the bench for the units that are looked at. */
    void show(Checks.Result result) {
        Manual manual = project.practised().manual();
        benches = Bench.of(manual, project.sight().get());
        FindingScope scope = new FindingScope(manual, project.sight().get());
        findings =
                result.open().stream()
                        .filter(f -> DryRun.stumbles(f.rule()) && scope.holds(f))
                        .toList();
        draw();
    }

    /** Goes to a step. */
    void choose(Id<Step> step) {
        at = step;
        draw();
    }

    boolean ready() {
        return stills.complete();
    }

    private int place() {
        return IntStream.range(0, benches.size())
                .filter(i -> benches.get(i).step().equals(at))
                .findFirst()
                .orElse(0);
    }

    private void move(int by) {
        if (!benches.isEmpty()) {
            int to = Math.max(0, Math.min(benches.size() - 1, place() + by));
            choose(benches.get(to).step());
        }
        requestFocus();
    }

    /** To the next step at which one would stumble, round again at the end. */
    private void onward() {
        int from = place();
        IntStream.rangeClosed(1, benches.size())
                .mapToObj(i -> benches.get((from + i) % benches.size()).step())
                .filter(s -> !stumbles(s).isEmpty())
                .findFirst()
                .ifPresent(this::choose);
        requestFocus();
    }

    private List<Finding> stumbles(Id<Step> step) {
        return findings.stream()
                .filter(f -> !f.steps().isEmpty() && f.steps().get(0).equals(step))
                .toList();
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
                IntStream.range(0, benches.size())
                        .filter(i -> !stumbles(benches.get(i).step()).isEmpty())
                        .boxed()
                        .toList();
        String told = words.of("bench.count", benches.size(), places.size());
        count.setText(told);
        rule.show(benches.size(), place(), places, told);
        getChildren().stream().skip(3).forEach(n -> Controls.seen(n, !benches.isEmpty()));
        if (benches.isEmpty()) {
            return;
        }
        Bench bench = benches.get(place());
        at = bench.step();
        StepNumbers numbers = new StepNumbers(project.manual(), project.sight().get());
        Step step = project.practised().manual().step(at).orElseThrow();
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
                project.manual().step(at).stream()
                        .flatMap(s -> s.figures().stream())
                        .flatMap(f -> project.manual().figure(f).stream())
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
        all.forEach(
                l -> panel.getChildren().add(Controls.prose(l, lines.isEmpty() ? "soft" : "line")));
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
                .flatMap(t -> project.manual().tool(t).stream())
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
        Part part = project.practised().manual().part(lot.part()).orElseThrow();
        String name = (part.item() + " " + part.label()).strip();
        return lot.count() == 1 ? name : words.of("bench.lot", name, lot.count());
    }

    private List<String> safe(Bench bench) {
        List<String> all = new ArrayList<>();
        Manual manual = project.manual();
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
        List<Finding> here = stumbles(at);
        if (here.isEmpty()) {
            stops.getChildren().add(Controls.prose(words.of("bench.free"), "soft"));
        }
        FindingSentences sentences = new FindingSentences(words, numbers);
        for (Finding finding : here) {
            stops.getChildren()
                    .add(
                            new VBox(
                                    2,
                                    Controls.prose(sentences.of(finding), "warn"),
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
