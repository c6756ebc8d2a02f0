package methodos.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import methodos.core.change.SeenSpan;
import methodos.core.coverage.ShownNotTold;
import methodos.core.coverage.ToldInReverse;
import methodos.core.description.Id;
import methodos.core.fit.TableChecks;
import methodos.core.manual.Clip;
import methodos.core.manual.Energy;
import methodos.core.manual.Manual;
import methodos.core.manual.Model;
import methodos.core.manual.Reading;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Variant;
import methodos.core.narration.Caption;
import methodos.core.narration.WordStates;
import methodos.core.narration.Workspace;
import methodos.core.practice.PractisedManual;
import methodos.core.proposal.SeenAgainstTold;
import methodos.core.scan.Scan;
import methodos.core.words.Named;

/** What is still open in a manual, by the place where it is settled. */
public final class OpenPoints {

    private final Workspace workspace;
    private final Manual manual;
    private final Sight sight;
    private final StepNumbers numbers;
    private final List<OpenPoint> points = new ArrayList<>();

    private OpenPoints(Workspace workspace, Sight sight) {
        this.workspace = workspace;
        this.manual = workspace.manual();
        this.sight = sight;
        this.numbers = new StepNumbers(manual, sight);
    }

    /** What is still open, by the order of the places; tables are read anew. */
    public static List<OpenPoint> of(Workspace workspace, Sight sight) {
        return of(workspace, sight, new TableChecks());
    }

    /**
     * @param tables what is remembered of decision tables
     */
    public static List<OpenPoint> of(Workspace workspace, Sight sight, TableChecks tables) {
        return of(workspace, sight, tables, failed -> {});
    }

    /**
     * Never throws: what cannot be worked out is an open point itself.
     *
     * @param tables what is remembered of decision tables
     * @param report told what could not be worked out
     */
    public static List<OpenPoint> of(
            Workspace workspace, Sight sight, TableChecks tables, Consumer<Failed> report) {
        Guard guard = new Guard();
        Manual raw = workspace.manual();
        // what hangs on the manual's ways; words and figures of a step that is left out are settled
        PractisedManual practised =
                guard.of("derived.ways", raw, PractisedManual::of, PractisedManual.asWritten(raw));
        List<OpenPoint> points = new ArrayList<>();
        for (Section section : sections(workspace, sight, tables)) {
            points.addAll(section.points(guard, raw, practised));
        }
        for (Failed failed : guard.failed()) {
            report.accept(failed);
            points.add(failure(failed, sections(workspace, sight, tables)));
        }
        return List.copyOf(points);
    }

    /** A part of what is open, worked out for itself. */
    private sealed interface Section {

        Matter matter();

        String what();

        List<OpenPoint> points(Guard guard, Manual raw, PractisedManual practised);
    }

    private record OfManual(Matter matter, String what, Function<Manual, List<OpenPoint>> points)
            implements Section {
        @Override
        public List<OpenPoint> points(Guard guard, Manual raw, PractisedManual practised) {
            return guard.of(what, raw, points, List.of());
        }
    }

    /** What hangs on the manual's ways. */
    private record OfPractised(
            Matter matter, String what, Function<PractisedManual, List<OpenPoint>> points)
            implements Section {
        @Override
        public List<OpenPoint> points(Guard guard, Manual raw, PractisedManual practised) {
            return guard.of(what, practised, points, List.of());
        }
    }

    private static List<Section> sections(Workspace workspace, Sight sight, TableChecks tables) {
        Function<Manual, OpenPoints> in = m -> new OpenPoints(workspace.with(m), sight);
        return List.of(
                new OfManual(Matter.UNIT, "derived.unit", m -> in.apply(m).unit()),
                new OfManual(Matter.FOOTAGE, "derived.footage", m -> in.apply(m).footage()),
                new OfManual(Matter.STEPS, "derived.steps", m -> in.apply(m).steps()),
                new OfPractised(
                        Matter.STEPS,
                        "derived.bench",
                        m -> BenchPoints.of(m, sight, workspace.runs())),
                new OfManual(
                        Matter.FIGURES,
                        "derived.figures",
                        m -> FigurePoints.of(m, new StepNumbers(m, sight))),
                new OfPractised(
                        Matter.STORES,
                        "derived.stores",
                        m -> StorePoints.of(m, sight, workspace.partsAnswer())),
                new OfPractised(
                        Matter.VALUES,
                        "derived.torques",
                        m -> TorquePoints.of(workspace.manual(), m, sight)),
                new OfPractised(
                        Matter.VALUES,
                        "derived.values",
                        m ->
                                DecisionPoints.of(
                                        m.manual(), new StepNumbers(m.manual(), sight), tables)));
    }

    private static OpenPoint failure(Failed failed, List<Section> sections) {
        Matter matter =
                sections.stream()
                        .filter(s -> s.what().equals(failed.what()))
                        .map(Section::matter)
                        .findFirst()
                        .orElse(Matter.STEPS);
        return new OpenPoint(
                matter,
                "open.failed",
                List.of(new Named(failed.what()), failed.path()),
                failed.step(),
                null);
    }

    private void add(
            Matter matter, String key, Id<Step> step, String subject, Object... arguments) {
        points.add(new OpenPoint(matter, key, List.of(arguments), step, subject));
    }

    private List<OpenPoint> unit() {
        if (manual.unit().name().isBlank()) {
            add(Matter.UNIT, "open.unit.name", null, null);
        }
        if (manual.variants().isEmpty()) {
            add(Matter.UNIT, "open.unit.variants", null, null);
        }
        for (Model model : manual.unit().models()) {
            if (manual.variants().stream().noneMatch(v -> v.model().equals(model.name()))) {
                add(Matter.UNIT, "open.unit.model", null, model.name(), model.name());
            }
        }
        for (int i = 0; i < manual.variants().size(); i++) {
            for (int j = i + 1; j < manual.variants().size(); j++) {
                overlap(manual.variants().get(i), manual.variants().get(j));
            }
        }
        for (Energy energy : manual.energies()) {
            if (energy.applicability().concerns(sight)) {
                if (numbers.of(energy.safeSteps()).isEmpty()) {
                    add(Matter.UNIT, "open.energy.safe", null, energy.id().text(), energy.name());
                } else if (numbers.of(energy.restoreSteps()).isEmpty()) {
                    add(
                            Matter.UNIT,
                            "open.energy.restore",
                            energy.safeSteps().get(0),
                            energy.id().text(),
                            energy.name());
                }
            }
        }
        return points;
    }

    private void overlap(Variant a, Variant b) {
        if (a.model().equals(b.model()) && a.serials().overlaps(b.serials())) {
            add(
                    Matter.UNIT,
                    "open.unit.overlap",
                    null,
                    b.id().text(),
                    a.model(),
                    a.build(),
                    b.build());
        }
    }

    private List<OpenPoint> footage() {
        if (manual.clips().isEmpty()) {
            add(Matter.FOOTAGE, "open.footage.none", null, null);
        }
        for (Clip clip : manual.clips()) {
            if (workspace.captions(clip.id()).captions().isEmpty()) {
                String key =
                        clip.captions() == null
                                ? "open.footage.captions"
                                : "open.footage.captionsLost";
                add(Matter.FOOTAGE, key, null, clip.id().text(), clip.name());
            }
        }
        manual.steps()
                .filter(s -> numbers.of(s.id()).isPresent())
                .forEach(
                        s -> {
                            reshoot(s);
                            seenAgainstTold(s);
                        });
        return points;
    }

    /** Where the film shows something else than the words of its step tell. */
    private void seenAgainstTold(Step step) {
        SeenSpan seen = workspace.seen().get(step.id());
        if (seen == null || step.spans().isEmpty()) {
            return;
        }
        for (SeenAgainstTold.Difference d : SeenAgainstTold.of(manual, step, seen)) {
            add(
                    Matter.FOOTAGE,
                    "open.footage.seen." + d.kind(),
                    step.id(),
                    step.spans().get(0).clip().text(),
                    numbers.of(step.id()).orElseThrow(),
                    d.told(),
                    d.seen());
        }
    }

    /** A step that has no figure and whose footage offers none has to be filmed again. */
    private void reshoot(Step step) {
        if (!step.figures().isEmpty()) {
            return;
        }
        Optional<Scan.Why> why = Optional.empty();
        for (Span span : step.spans()) {
            Optional<Scan> scan = workspace.scan(span.clip());
            why = scan.flatMap(s -> s.hopeless(span.start(), span.end()));
            if (why.isEmpty()) {
                return;
            }
        }
        why.ifPresent(
                w ->
                        add(
                                Matter.FOOTAGE,
                                "open.footage.reshoot." + w,
                                step.id(),
                                step.spans().get(0).clip().text(),
                                numbers.of(step.id()).orElseThrow()));
    }

    private List<OpenPoint> steps() {
        for (Clip clip : manual.clips()) {
            List<Caption> captions = workspace.captions(clip.id()).captions();
            WordStates states = new WordStates(manual, clip.id());
            long open = captions.stream().filter(c -> states.of(c).open()).count();
            if (open > 0) {
                add(Matter.STEPS, "open.words", null, clip.id().text(), open, clip.name());
            }
            ToldInReverse.open(workspace, clip.id())
                    .ifPresent(
                            c ->
                                    add(
                                            Matter.STEPS,
                                            "open.reverse",
                                            null,
                                            clip.id().text(),
                                            c.words(),
                                            clip.name()));
            int untold = ShownNotTold.open(workspace, clip.id()).size();
            if (untold > 0) {
                add(Matter.STEPS, "open.untold", null, clip.id().text(), untold, clip.name());
            }
        }
        manual.steps().filter(s -> numbers.of(s.id()).isPresent()).forEach(this::step);
        return points;
    }

    private void step(Step step) {
        int number = numbers.of(step.id()).orElseThrow();
        if (step.text().isBlank()) {
            add(Matter.STEPS, "open.step.text", step.id(), null, number);
        }
        if (!step.accepted()) {
            add(Matter.STEPS, "open.step.drafted", step.id(), null, number);
        }
        // what a draft doubts is settled with it
        for (String doubt : step.accepted() ? step.doubts() : List.<String>of()) {
            add(Matter.STEPS, "open.step.doubt", step.id(), doubt, number, doubt);
        }
        if (step.evidence().isEmpty() && step.spans().isEmpty()) {
            add(Matter.STEPS, "open.step.evidence", step.id(), null, number);
        }
        if (manual.variants().stream().noneMatch(v -> step.applicability().concerns(Sight.of(v)))
                && !manual.variants().isEmpty()) {
            add(Matter.STEPS, "open.step.noVariant", step.id(), null, number);
        }
        for (Reading reading : step.readings()) {
            reading.open()
                    .ifPresent(
                            open ->
                                    add(
                                            Matter.VALUES,
                                            "open.limit",
                                            step.id(),
                                            Id.textOf(open.document()),
                                            reading.what(),
                                            number,
                                            open.why()));
        }
    }

    /** Serial numbers between those of a model's variants that no variant claims. */
    public static List<SerialRange> gaps(Manual manual, String model) {
        List<SerialRange> ranges =
                manual.variants().stream()
                        .filter(v -> v.model().equals(model))
                        .map(Variant::serials)
                        .filter(r -> r.lastDigits() == 0)
                        .sorted(
                                java.util.Comparator.comparingLong(
                                        r -> r.from() == null ? Long.MIN_VALUE : r.from()))
                        .toList();
        List<SerialRange> gaps = new ArrayList<>();
        Long reached = null;
        if (ranges.stream().map(SerialRange::letters).distinct().count() > 1) {
            return gaps; // between other letters nothing is missing
        }
        for (int i = 0; i < ranges.size(); i++) {
            SerialRange range = ranges.get(i);
            if (i > 0 && reached != null && range.from() != null && range.from() > reached + 1) {
                gaps.add(new SerialRange(reached + 1, range.from() - 1, range.letters(), 0));
            }
            if (range.to() == null) {
                break;
            }
            reached = reached == null ? range.to() : Long.valueOf(Math.max(reached, range.to()));
        }
        return gaps;
    }
}
