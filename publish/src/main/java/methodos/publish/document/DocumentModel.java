package methodos.publish.document;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.CancellationException;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.hazard.HazardStretches;
import methodos.core.hazard.ProtectiveEquipment;
import methodos.core.kit.KitCoverage;
import methodos.core.manual.Applicability;
import methodos.core.manual.Hazard;
import methodos.core.manual.Joint;
import methodos.core.manual.Kit;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Practices;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Symptom;
import methodos.core.manual.ThreadTurn;
import methodos.core.manual.TighteningWay;
import methodos.core.manual.Tool;
import methodos.core.manual.Variant;
import methodos.core.quantity.QuantityList;
import methodos.core.torque.TighteningTable;
import methodos.core.words.Sentences;
import methodos.core.words.Words;
import methodos.publish.document.StepView.HazardView;

/** Everything a template needs, as plain values: the manual for the units looked at, in words. */
final class DocumentModel {

    /** Sections that are there where what they list is, in the order of the document. */
    private static final Map<String, String> SECTIONS = new LinkedHashMap<>();

    static {
        SECTIONS.put("tools", "tools");
        SECTIONS.put("kits", "kitRows");
        SECTIONS.put("parts", "parts");
        SECTIONS.put("torques", "torques");
        SECTIONS.put("faults", "faults");
    }

    private static final Map<String, String> HEADS =
            Map.of("torques", "torque.head", "faults", "fault.head");

    private final Publication publication;
    private final Manual manual;
    private final Sight sight;
    private final Words words;
    private final StepNumbers numbers;
    private final StepViews views;
    private final UnitLabels labels;

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
        this.views = new StepViews(publication, numbers, figures, labels, films);
    }

    /**
     * @param inReverse how its steps go, where they are the reverse of those of the take-down;
     *     empty where all are written out
     */
    public record StageView(String title, String kind, String inReverse, List<StepView> steps) {}

    public record VariantView(String model, String kind, String serials, String build) {}

    /**
     * @param against the hazards, empty where only steps and tools name it
     */
    public record WornRow(String what, String against, String steps) {}

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

    public record TorqueRow(
            String item,
            String joint,
            String fasteners,
            String newtonMetres,
            String pounds,
            String stages,
            String order,
            String thread,
            String steps) {}

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
        m.put("units", words.of(sight));
        m.put("everything", sight.everything());
        m.put("made", made());
        m.put("variants", variants());
        m.put("documents", manual.documents());
        m.put("energies", energies());
        m.put("hazards", hazards());
        m.put("worn", worn());
        m.put("tools", tools());
        m.put("consumables", facts.consumables());
        m.put("kits", manual.kits());
        m.put("kitRows", kitRows());
        m.put("choice", choice());
        m.put("parts", parts());
        m.put("torques", torques());
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
        return m;
    }

    /** When it was issued; a draft while steps of it are not accepted, and says so. */
    private String made() {
        long open = shown().filter(s -> !s.accepted()).count();
        return open == 0
                ? words.of("title.made", publication.date())
                : words.of("title.draft", publication.date(), open);
    }

    /**
     * @param steps from the first to the last of a stage, empty where it is none
     * @param stage which stage it is, from 1; 0 where it is none
     */
    public record ContentsRow(String anchor, String title, String steps, int stage) {}

    private List<ContentsRow> contents(Map<String, Object> made, List<StageView> stages) {
        List<ContentsRow> rows = new ArrayList<>();
        rows.add(section("units", "units.head"));
        rows.add(section("hazards", "hazards.head"));
        SECTIONS.forEach(
                (anchor, values) -> {
                    if (!((List<?>) made.get(values)).isEmpty()) {
                        rows.add(section(anchor, HEADS.getOrDefault(anchor, anchor + ".head")));
                    }
                });
        for (StageView stage : stages) {
            int first = stage.steps().get(0).number();
            int last = stage.steps().get(stage.steps().size() - 1).number();
            rows.add(
                    new ContentsRow(
                            "stage" + (stages.indexOf(stage) + 1),
                            stage.title(),
                            words.of("hazards.range", first, last),
                            stages.indexOf(stage) + 1));
        }
        rows.add(section("record", "record.head"));
        return rows;
    }

    private ContentsRow section(String anchor, String key) {
        return new ContentsRow(anchor, words.of(key), "", 0);
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

    /** Each statement once, whichever units it is for, gravest first. */
    private List<HazardView> hazards() {
        Map<Hazard, Set<Integer>> at = new LinkedHashMap<>();
        for (HazardStretches.Stretch stretch : HazardStretches.of(manual, sight).all()) {
            at.computeIfAbsent(
                            stretch.hazard().withApplicability(Applicability.ALL),
                            h -> new TreeSet<>())
                    .addAll(numbers.of(stretch.steps()));
        }
        return at.entrySet().stream()
                .sorted(Comparator.comparing(e -> e.getKey().signal()))
                .map(e -> HazardView.of(e.getKey(), words, "", list(List.copyOf(e.getValue())), 0))
                .toList();
    }

    private List<WornRow> worn() {
        return ProtectiveEquipment.of(manual, sight).stream()
                .map(
                        u ->
                                new WornRow(
                                        words.of(u.kind()),
                                        String.join("; ", u.against()),
                                        list(numbers.of(u.steps()))))
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

    private List<TorqueRow> torques() {
        return TighteningTable.of(publication.seen().practised(), sight).stream()
                .map(this::torque)
                .toList();
    }

    private TorqueRow torque(TighteningTable.Row row) {
        var quantities = Stream.concat(row.entered().stream(), row.other().stream()).toList();
        String metric =
                quantities.stream()
                        .filter(q -> q.unit() == methodos.core.quantity.MeasureUnit.NEWTON_METRE)
                        .map(q -> q.digits())
                        .findFirst()
                        .orElseGet(() -> views.openTorque(row.joint().torque()));
        String pounds =
                quantities.stream()
                        .filter(q -> q.unit() != methodos.core.quantity.MeasureUnit.NEWTON_METRE)
                        .map(q -> q.print())
                        .findFirst()
                        .orElse("–");
        var joint = row.joint();
        if (!joint.told().equals(List.of(TighteningWay.WRENCH))) {
            metric = views.value(joint);
            pounds = "";
        } else if (!views.further(joint).isEmpty()) {
            metric += ", " + views.further(joint);
        }
        String fasteners =
                row.fastener()
                                .map(Part::label)
                                .map(l -> joint.count() * row.places() + " × " + l)
                                .orElse("–")
                        + (joint.propertyClass().isEmpty() ? "" : ", " + joint.propertyClass())
                        + (joint.newEachTime() ? ", " + words.of("tighten.newEachTime") : "");
        return new TorqueRow(
                row.fastener().map(Part::item).orElse(""),
                joint.name(),
                fasteners,
                metric,
                pounds,
                joint.stages().isEmpty()
                        ? words.of("torque.once")
                        : QuantityList.entered(joint.stages()),
                joint.order().isEmpty() ? "–" : joint.order(),
                thread(joint) + views.source(joint.torque()),
                list(row.steps()));
    }

    private String thread(Joint joint) {
        String condition = joint.condition();
        if (joint.hand() == ThreadTurn.Hand.LEFT) {
            String left = words.of("torque.leftHand");
            return condition.isEmpty() ? left : condition + ", " + left;
        }
        return condition.isEmpty() ? "–" : condition;
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
