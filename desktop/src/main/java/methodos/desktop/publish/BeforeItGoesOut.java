package methodos.desktop.publish;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import methodos.core.check.Checks;
import methodos.core.check.OpenPoint;
import methodos.core.finding.Finding;
import methodos.core.finding.FindingScope;
import methodos.core.finding.FindingSentences;
import methodos.core.finding.Severity;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.place.FindingGoal;
import methodos.desktop.place.Place;
import methodos.desktop.project.OpenProject;

/** What is found and open, gravest first, each with the way there and its page. */
final class BeforeItGoesOut extends VBox {

    /** So many of a kind are told one by one. */
    private static final int TOLD = 8;

    private final OpenProject project;
    private final Words words;
    private final Consumer<OpenPoint> go;
    private final PagesView pages;

    BeforeItGoesOut(OpenProject project, PagesView pages, Consumer<OpenPoint> go) {
        super(6);
        this.project = project;
        this.words = project.words();
        this.go = go;
        this.pages = pages;
        setId("beforeItGoesOut");
        setPadding(new Insets(0, 0, 10, 0));
    }

    /** Whether nothing stands in the way of an issue. */
    boolean ready() {
        return project.checked().get().isPresent() && hurting().isEmpty() && drafted().isEmpty();
    }

    /** Findings that could hurt somebody and that nobody answers for. */
    List<Finding> hurting() {
        return found().getOrDefault(Severity.HURT, List.of());
    }

    private List<Step> drafted() {
        StepNumbers numbers = numbers();
        return project.manual()
                .steps()
                .filter(s -> numbers.of(s.id()).isPresent() && !s.accepted())
                .toList();
    }

    private StepNumbers numbers() {
        return new StepNumbers(project.manual(), project.sight().get());
    }

    private Map<Severity, List<Finding>> found() {
        Map<Severity, List<Finding>> all = new EnumMap<>(Severity.class);
        Manual manual = project.manual();
        Sight sight = project.sight().get();
        FindingScope scope = new FindingScope(manual, sight);
        project.checked().get().map(Checks.Result::open).orElse(List.of()).stream()
                .filter(scope::holds)
                .forEach(f -> all.computeIfAbsent(f.severity(), s -> new ArrayList<>()).add(f));
        return all;
    }

    /** Numbers of the steps with something grave, or not accepted. */
    Set<Integer> steps() {
        Set<Integer> all = new HashSet<>();
        StepNumbers numbers = numbers();
        found().values().stream()
                .flatMap(List::stream)
                .filter(f -> f.severity().grave())
                .forEach(f -> all.addAll(numbers.of(f.steps())));
        drafted().forEach(s -> numbers.of(s.id()).ifPresent(all::add));
        return all;
    }

    void refresh() {
        Controls.anew(this, this::fill);
    }

    private void fill() {
        getChildren().clear();
        getChildren().add(Controls.label(words.of("publish.before"), "section-head"));
        if (project.checked().get().isEmpty()) {
            getChildren().add(Controls.prose(words.of("checks.busy"), "soft"));
            return;
        }
        FindingSentences sentences = new FindingSentences(words, numbers());
        Map<Severity, List<Finding>> found = found();
        found.forEach(
                (severity, findings) -> {
                    if (severity.grave()) {
                        head(words.of(severity), findings.size());
                        findings.stream()
                                .limit(TOLD)
                                .forEach(f -> getChildren().add(row(f, sentences.of(f))));
                        more(findings.size());
                    }
                });
        List<Step> drafted = drafted();
        if (!drafted.isEmpty()) {
            head(words.of("publish.drafted"), drafted.size());
            getChildren()
                    .add(
                            Controls.link(
                                    "publishSettle",
                                    words.of(
                                            "publish.settle",
                                            numbers().of(drafted.get(0).id()).orElseThrow()),
                                    () -> go.accept(OpenPoint.toStep(drafted.get(0).id()))));
        }
        points();
        int confusing = found.getOrDefault(Severity.CONFUSE, List.of()).size();
        if (confusing > 0) {
            getChildren().add(Controls.prose(words.of("publish.confusing", confusing), "soft"));
        }
        if (getChildren().size() == 1) {
            getChildren().add(Controls.prose(words.of("publish.nothingOpen"), "soft"));
        }
    }

    private void head(String text, int count) {
        getChildren().add(Controls.label(text + " " + count, "open-head"));
    }

    private void more(int count) {
        if (count > TOLD) {
            getChildren().add(Controls.prose(words.of("points.more", count - TOLD), "soft"));
        }
    }

    private Node row(Finding finding, String sentence) {
        FlowPane ways =
                new FlowPane(
                        10,
                        0,
                        Controls.link(
                                "goThere",
                                words.of("publish.goThere"),
                                () -> go.accept(FindingGoal.of(finding))));
        finding.steps().stream()
                .flatMap(s -> numbers().of(s).stream().boxed())
                .findFirst()
                .ifPresent(n -> pages.page(n).ifPresent(p -> ways.getChildren().add(page(n, p))));
        VBox row = new VBox(0, Controls.prose(sentence), ways);
        row.getStyleClass().add("before-row");
        return row;
    }

    private Node page(int step, int page) {
        return Controls.link(
                "toPage", words.of("publish.toPage", page), () -> pages.showStep(step));
    }

    /** Open points by the place where they are settled. */
    private void points() {
        Map<Place, Integer> counts = Place.counts(project.openPoints().get());
        counts.forEach(
                (place, count) -> {
                    Optional<OpenPoint> first =
                            project.openPoints().get().stream()
                                    .filter(p -> Place.of(p.matter()) == place)
                                    .findFirst();
                    first.ifPresent(
                            p ->
                                    getChildren()
                                            .add(
                                                    Controls.link(
                                                            "openPoints",
                                                            words.of(
                                                                    "publish.points",
                                                                    words.of(
                                                                            "place."
                                                                                    + place.name()),
                                                                    count),
                                                            () -> go.accept(p))));
                });
    }
}
