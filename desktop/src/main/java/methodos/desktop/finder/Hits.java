package methodos.desktop.finder;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.check.Matter;
import methodos.core.check.OpenPoint;
import methodos.core.finding.Finding;
import methodos.core.finding.FindingSentences;
import methodos.core.manual.Clip;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Reading;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.ThreadTurn;
import methodos.core.manual.Value;
import methodos.core.words.Words;
import methodos.desktop.project.OpenProject;

/** All lines of a project that can be found, as it is now. */
final class Hits {

    private final OpenProject project;
    private final Manual manual;
    private final Words words;
    private final StepNumbers numbers;
    private final Consumer<OpenPoint> go;
    private final Runnable checks;
    private final List<Hit> all = new ArrayList<>();

    private Hits(OpenProject project, Consumer<OpenPoint> go, Runnable checks) {
        this.project = project;
        this.checks = checks;
        this.manual = project.manual();
        this.words = project.words();
        this.numbers = new StepNumbers(manual, project.sight().get());
        this.go = go;
    }

    /** The lines, those of what the program does first. */
    static List<Hit> of(OpenProject project, List<Deed> deeds, FinderView.Ways ways) {
        Hits hits = new Hits(project, ways.go(), ways.checks());
        deeds.forEach(d -> hits.add("deed", d.name(), d.key(), d.run()));
        project.manual().steps().forEach(hits::step);
        hits.stores();
        project.manual().joints().forEach(hits::joint);
        hits.figures();
        hits.findings();
        hits.spoken(ways.look());
        return hits.all;
    }

    private void add(String kind, String text, String more, Runnable run) {
        if (!text.isBlank()) {
            all.add(new Hit(words.of("finder." + kind), text, more, run));
        }
    }

    private void step(Step step) {
        String number =
                numbers.of(step.id()).isPresent()
                        ? words.of("step.number", numbers.of(step.id()).getAsInt())
                        : words.of("step.outOfSight");
        String state = step.accepted() ? "" : words.of("finder.notAccepted");
        Runnable there = () -> go.accept(OpenPoint.toStep(step.id()));
        add("step", step.text(), joined(number, state), there);
        for (Reading reading : step.readings()) {
            add("value", reading.what(), joined(value(reading.limit()), number), there);
        }
        step.hazards()
                .forEach(h -> add("hazard", h.hazard(), joined(h.avoidance(), number), there));
        step.notes().forEach(n -> add("note", n, number, there));
    }

    private void stores() {
        manual.parts()
                .forEach(
                        p ->
                                add(
                                        "part",
                                        p.label(),
                                        joined(p.item(), p.number(), p.note()),
                                        to(Matter.STORES, p.id().text())));
        manual.tools()
                .forEach(
                        t ->
                                add(
                                        "tool",
                                        t.label(),
                                        "",
                                        first(s -> s.tools().contains(t.id()), Matter.STORES)));
        manual.consumables()
                .forEach(
                        c ->
                                add(
                                        "consumable",
                                        c.label(),
                                        "",
                                        first(
                                                s -> s.consumableIds().contains(c.id()),
                                                Matter.STORES)));
    }

    private void joint(Joint joint) {
        String hand = joint.hand() == ThreadTurn.Hand.LEFT ? words.of("finder.leftHand") : "";
        add(
                "torque",
                joint.name(),
                joined(value(joint.torque()), hand),
                to(Matter.VALUES, joint.id().text()));
    }

    private void figures() {
        manual.figures()
                .forEach(
                        f ->
                                add(
                                        "figure",
                                        f.title(),
                                        "",
                                        () -> go.accept(OpenPoint.toFigure(f.id()))));
    }

    private void findings() {
        FindingSentences sentences = new FindingSentences(words, numbers);
        project.checked().get().stream()
                .flatMap(r -> r.findings().stream())
                .forEach(f -> add("finding", sentences.of(f), "", to(f)));
    }

    /** What is of no step stands among the findings. */
    private Runnable to(Finding finding) {
        return finding.steps().isEmpty()
                ? checks
                : () -> go.accept(OpenPoint.toStep(finding.steps().get(0)));
    }

    private void spoken(FinderView.Look look) {
        for (Clip clip : manual.clips()) {
            project.workspace()
                    .get()
                    .captions(clip.id())
                    .captions()
                    .forEach(
                            c ->
                                    add(
                                            "words",
                                            c.words(),
                                            clip.name(),
                                            () -> look.at(clip.id(), c.start())));
        }
    }

    private Runnable to(Matter matter, String subject) {
        return () -> go.accept(new OpenPoint(matter, "", List.of(), null, subject));
    }

    /** The first step that uses something, or else where it is listed. */
    private Runnable first(Predicate<Step> uses, Matter matter) {
        return manual.steps()
                .filter(uses)
                .findFirst()
                .<Runnable>map(s -> () -> go.accept(OpenPoint.toStep(s.id())))
                .orElse(to(matter, null));
    }

    private String value(Value value) {
        return value == null
                ? ""
                : value.known().map(q -> q.print()).orElse(words.of("finder.valueOpen"));
    }

    private static String joined(String... parts) {
        return Stream.of(parts)
                .filter(Objects::nonNull)
                .filter(p -> !p.isBlank())
                .collect(Collectors.joining(" · "));
    }
}
