package methodos.publish.document;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.hazard.HazardStretches;
import methodos.core.kit.KitCoverage;
import methodos.core.manual.Identity;
import methodos.core.manual.Kit;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Practices;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Symptom;
import methodos.core.manual.Tool;
import methodos.core.manual.Variant;
import methodos.core.words.Sentences;
import methodos.core.words.Words;
import methodos.publish.screen.ScreenData;

/** Everything a template needs, as plain values: the manual for the units looked at, in words. */
final class DocumentModel {

    private final Publication publication;
    private final Manual manual;
    private final Sight sight;
    private final Words words;
    private final StepNumbers numbers;
    private final StepViews views;
    private final UnitLabels labels;
    private final HazardStretches stretches;

    /**
     * @param films by the id of the step
     */
    DocumentModel(Publication publication, FigureFiles figures, Map<Id<Step>, Films.Film> films) {
        this.publication = publication;
        this.manual = publication.manual();
        this.sight = publication.sight();
        this.words = publication.words();
        this.numbers = new StepNumbers(manual, sight);
        this.labels = new UnitLabels(publication);
        this.stretches = HazardStretches.of(manual, sight);
        this.views = new StepViews(publication, numbers, figures, labels, stretches, films);
    }

    /**
     * @param inReverse how its steps go, where they are the reverse of those of the take-down;
     *     empty where all are written out
     */
    public record StageView(String title, String kind, String inReverse, List<StepView> steps) {}

    public record VariantView(String model, String kind, String serials, String build) {}

    public record ToolView(String label, String kind, String note, String steps) {}

    public record PartRow(
            String item, String number, String label, String quantity, String rule, String units) {}

    public record KitRow(
            String item,
            String label,
            String needed,
            List<String> inKits,
            String extra,
            String rule) {}

    public record EnergyView(
            String name, String amount, String madeSafe, String safe, String restored) {}

    /**
     * @param yes where that answer leads
     * @param no where that answer leads
     */
    public record CheckView(int number, String ask, String yes, String no) {}

    public record FaultView(String what, List<CheckView> checks) {}

    Map<String, Object> values() {
        Map<String, Object> m = new LinkedHashMap<>();
        FactTables facts = new FactTables(publication, numbers);
        m.put("title", manual.title());
        m.put("language", manual.language());
        m.put("unit", manual.unit());
        m.put("identity", manual.identity());
        m.put("house", publication.house());
        m.put("units", words.of(sight));
        m.put("everything", sight.everything());
        m.put("running", running());
        m.put("made", made());
        m.put("variants", variants());
        m.put("documents", manual.documents());
        m.put("energies", energies());
        HazardTables hazards = new HazardTables(publication, numbers, stretches);
        m.put("hazards", hazards.statements());
        m.put("worn", hazards.worn());
        m.put("tools", tools());
        m.put("consumables", facts.consumables());
        m.put("kits", manual.kits());
        m.put("kitRows", kitRows());
        m.put("choice", choice());
        m.put("parts", parts());
        m.put("torques", new TorqueTable(publication, views).rows());
        ReadingTables readings = new ReadingTables(manual, numbers, views, words);
        m.put("limits", readings.limits());
        m.put("record", readings.record());
        m.put("tasks", facts.tasks());
        m.put("options", facts.options());
        m.put("kitExtras", facts.kitExtras());
        m.put("partNotes", facts.partNotes());
        m.put("training", manual.training());
        m.put("faults", faults());
        List<StageView> stages = stages();
        m.put("stages", stages);
        m.put("contents", contents(m, stages));
        m.put("screen", ScreenData.of(manual, sight, labels.given(), made(), words));
        return m;
    }

    /** What stands at the head of each page. */
    private String running() {
        Identity known = manual.identity();
        String document =
                known.revision().isEmpty()
                        ? known.number()
                        : words.of("identity.short", known.number(), known.revision());
        return Stream.of(document, manual.title(), words.of(sight))
                .filter(t -> !t.isEmpty())
                .collect(Collectors.joining(" · "));
    }

    /** When it was issued; a draft while steps of it are not accepted, and says so. */
    private String made() {
        long open = shown().filter(s -> !s.accepted()).count();
        if (open == 0 && publication.hurting() == 0) {
            return words.of(
                    publication.draft() ? "title.draftOnly" : "title.made", publication.date());
        }
        List<String> why = new ArrayList<>();
        if (open > 0) {
            why.add(words.of("title.open", open));
        }
        if (publication.hurting() > 0) {
            why.add(words.of("title.hurting", publication.hurting()));
        }
        return words.of("title.draft", publication.date(), String.join(", ", why));
    }

    private List<Contents.Row> contents(Map<String, Object> made, List<StageView> stages) {
        Contents contents = new Contents(words);
        contents.section("units", "units.head");
        contents.section("hazards", "hazards.head");
        contents.section("tools", "tools.head", made.get("tools"));
        contents.section("kits", "kits.head", made.get("kitRows"));
        contents.section("parts", "parts.head", made.get("parts"));
        contents.section("torques", "torque.head", made.get("torques"));
        contents.section("faults", "fault.head", made.get("faults"));
        stages.forEach(contents::stage);
        contents.section("record", "record.head");
        return contents.rows();
    }

    private List<VariantView> variants() {
        return manual.variants().stream()
                .filter(v -> concerned(v))
                .map(
                        v ->
                                new VariantView(
                                        v.model(),
                                        manual.unit().models().stream()
                                                .filter(x -> x.name().equals(v.model()))
                                                .map(x -> x.kind())
                                                .findFirst()
                                                .orElse(""),
                                        words.of(v.serials()),
                                        v.build()))
                .toList();
    }

    private boolean concerned(Variant v) {
        return Sight.of(v).meets(sight);
    }

    private List<EnergyView> energies() {
        return manual.energies().stream()
                .filter(e -> e.applicability().concerns(sight))
                .map(
                        e ->
                                new EnergyView(
                                        e.name(),
                                        e.amount(),
                                        e.madeSafe(),
                                        list(numbers.of(e.safeSteps())),
                                        list(numbers.of(e.restoreSteps()))))
                .toList();
    }

    private Stream<Step> shown() {
        return manual.steps().filter(s -> numbers.of(s.id()).isPresent());
    }

    /** The numbers of steps with commas between them, a dash for none. */
    static String list(List<Integer> steps) {
        return steps.isEmpty()
                ? "–"
                : steps.stream().map(String::valueOf).collect(Collectors.joining(", "));
    }

    private String stepsWith(java.util.function.Predicate<Step> uses) {
        return list(shown().filter(uses).map(s -> numbers.of(s.id()).orElseThrow()).toList());
    }

    private List<ToolView> tools() {
        return manual.tools().stream()
                .filter(t -> shown().anyMatch(s -> uses(s, t)))
                .map(
                        t ->
                                new ToolView(
                                        t.label(),
                                        words.of(t.kind()),
                                        note(t),
                                        stepsWith(s -> uses(s, t))))
                .toList();
    }

    /** How a tool is made, and what may be used in its place. */
    private String note(Tool tool) {
        if (tool.instead() == null) {
            return tool.note();
        }
        String other = manual.tool(tool.instead().tool()).map(Tool::label).orElse("");
        String instead = words.of("tools.instead", other, tool.instead().reason());
        return Sentences.joined(tool.note(), instead);
    }

    private static boolean uses(Step step, Tool tool) {
        return step.tools().contains(tool.id())
                || step.readings().stream().anyMatch(r -> tool.id().equals(r.tool()));
    }

    private List<KitRow> kitRows() {
        List<KitRow> rows = new ArrayList<>();
        for (KitCoverage.Row row : KitCoverage.of(publication.seen())) {
            List<String> inKits =
                    manual.kits().stream()
                            .map(k -> row.inKit().getOrDefault(k.id(), 0))
                            .map(n -> n == 0 ? "–" : String.valueOf(n))
                            .toList();
            int most = row.inKit().values().stream().mapToInt(n -> n).max().orElse(0);
            int extra = row.certain() ? Math.max(0, row.needed() - most) : 0;
            rows.add(
                    new KitRow(
                            row.part().item(),
                            row.part().label(),
                            row.certain() ? String.valueOf(row.needed()) : "(" + row.needed() + ")",
                            inKits,
                            extra == 0 ? "–" : String.valueOf(extra),
                            words.of(row.part().reuse())));
        }
        return rows;
    }

    private String choice() {
        List<Kit> kits = KitCoverage.sufficient(publication.seen());
        if (kits.isEmpty()) {
            return "";
        }
        List<String> extra =
                KitCoverage.of(publication.seen()).stream()
                        .filter(KitCoverage.Row::inNoKit)
                        .map(r -> r.needed() + " × " + r.part().label())
                        .toList();
        return extra.isEmpty()
                ? words.of("kits.choose", kits.get(0).number())
                : words.of("kits.chooseAnd", kits.get(0).number(), String.join(", ", extra));
    }

    private List<PartRow> parts() {
        return manual.parts().stream()
                .filter(p -> p.applicability().concerns(sight))
                .map(
                        p ->
                                new PartRow(
                                        p.item(),
                                        p.number().isEmpty() ? "–" : p.number(),
                                        p.label()
                                                + (p.mass() == null ? "" : ", " + p.mass().print()),
                                        String.valueOf(p.quantity()),
                                        rule(p),
                                        labels.of(p.applicability())))
                .toList();
    }

    /** Whether a part goes back, and if not, what goes on or is new with it. */
    private String rule(Part part) {
        Optional<Part> instead = Optional.ofNullable(part.convertedTo()).flatMap(manual::part);
        if (instead.isPresent()) {
            Part other = instead.get();
            return words.of(
                    "parts.converted", other.item().isEmpty() ? other.label() : other.item());
        }
        String rule = words.of(part.reuse());
        return part.set().isEmpty() ? rule : words.of("parts.set", rule, part.set());
    }

    private List<FaultView> faults() {
        return manual.symptoms().stream().map(this::fault).toList();
    }

    private FaultView fault(Symptom symptom) {
        List<CheckView> checks = new ArrayList<>();
        for (Symptom.Check check : symptom.checks()) {
            checks.add(
                    new CheckView(
                            checks.size() + 1,
                            check.ask(),
                            outcome(symptom, check.yes()),
                            outcome(symptom, check.no())));
        }
        return new FaultView(symptom.what(), checks);
    }

    private String outcome(Symptom symptom, Symptom.Outcome outcome) {
        if (outcome == null) {
            return words.of("fault.open");
        }
        if (outcome.check() != null) {
            int next = symptom.checks().stream().map(c -> c.id()).toList().indexOf(outcome.check());
            return words.of("fault.check", next + 1);
        }
        List<Integer> steps = numbers.of(outcome.steps());
        return steps.isEmpty()
                ? outcome.cause()
                : words.of("fault.cause", outcome.cause(), list(steps));
    }

    private String inReverse(Stage stage) {
        List<Integer> off =
                manual.stage(Stage.Kind.TAKE_DOWN)
                        .map(s -> numbers.of(s.steps().stream().map(Step::id).toList()))
                        .orElse(List.of());
        boolean told =
                stage.kind() == Stage.Kind.BUILD_UP
                        && manual.practices().reassembly() == Practices.Reassembly.IN_REVERSE;
        return told && !off.isEmpty()
                ? words.of("stage.inReverse", off.get(0), off.get(off.size() - 1))
                : "";
    }

    /** What is wrong with one step is said with its number. */
    private StepView view(Step step) {
        try {
            return views.of(step);
        } catch (CancellationException e) {
            throw e;
        } catch (RuntimeException | StackOverflowError e) {
            throw new StepFailed(numbers.of(step.id()).orElse(0), e);
        }
    }

    private List<StageView> stages() {
        List<StageView> result = new ArrayList<>();
        for (Stage stage : manual.stages()) {
            List<StepView> steps =
                    stage.steps().stream()
                            .filter(s -> numbers.of(s.id()).isPresent())
                            .map(this::view)
                            .toList();
            if (!steps.isEmpty()) {
                String kind = words.of(stage.kind());
                result.add(
                        new StageView(
                                stage.title().isEmpty() ? kind : stage.title(),
                                kind,
                                inReverse(stage),
                                steps));
            }
        }
        return result;
    }
}
