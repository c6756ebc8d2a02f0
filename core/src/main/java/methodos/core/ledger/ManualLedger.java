package methodos.core.ledger;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.manual.Action;
import methodos.core.manual.Alternative;
import methodos.core.manual.Applicability;
import methodos.core.manual.Energy;
import methodos.core.manual.EnergyCycle;
import methodos.core.manual.Joint;
import methodos.core.manual.Kit;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.RepeatedSteps;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.TighteningWay;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.practice.PractisedManual;

/**
 * The ledger of a manual: brings its steps into the form that a {@link Ledger} is kept of. Variants
 * there are the groups of {@link ClaimedUnits}.
 */
public final class ManualLedger {

    /** The condition of all steps that may be left out without a reason. */
    private static final String OPTIONAL = "what may be left out is done";

    private final Manual manual;
    private final List<ClaimedUnits.Group> groups;
    private final Map<Applicability, Set<String>> concerned = new HashMap<>();
    private final Map<Id<Part>, Part> parts;
    private final Map<Id<Tool>, Tool> tools;
    private final Map<Id<Joint>, Joint> joints;
    private final Map<Id<Step>, List<String>> isolated = new HashMap<>();
    private final Map<Id<Step>, List<String>> restored = new HashMap<>();
    private final Map<Id<LedgerItem>, LedgerItem> items;
    private final LedgerCase walked;
    private final Ledger ledger;

    /** In a step things come loose and off before others go on and get tight. */
    private enum Phase {
        SAFE,
        LOOSE,
        OFF,
        ON,
        TIGHT,
        BACK
    }

    private record Phased(Phase phase, LedgerAction action) {}

    private ManualLedger(Manual manual, Optional<ManualLedger> earlier) {
        this.manual = manual;
        groups = ClaimedUnits.of(manual);
        parts = byId(manual.parts(), Part::id);
        tools = byId(manual.tools(), Tool::id);
        joints = byId(manual.joints(), Joint::id);
        items = byId(manual.ledgerItems(), LedgerItem::id);
        energies();
        walked = ledgerCase();
        ledger =
                earlier.filter(e -> e.walked.equals(walked))
                        .map(e -> e.ledger)
                        .orElseGet(() -> Ledger.of(walked));
    }

    /** Walks what is carried out. */
    public static ManualLedger of(PractisedManual practised) {
        return new ManualLedger(practised.manual(), Optional.empty());
    }

    /** The same after an edit: what changed nothing that a ledger follows is not walked again. */
    public static ManualLedger after(ManualLedger earlier, PractisedManual practised) {
        return new ManualLedger(practised.manual(), Optional.of(earlier));
    }

    /** The findings; their variants are names of groups. */
    public List<LedgerFinding> findings() {
        return ledger.findings();
    }

    /** The groups of units that were walked. */
    public List<ClaimedUnits.Group> groups() {
        return groups;
    }

    /** What leaves and comes back in the work on a group of units. */
    public List<LedgerThread> threads(ClaimedUnits.Group group) {
        return ledger.threads().getOrDefault(group.name(), List.of());
    }

    private static <T> Map<Id<T>, T> byId(List<T> list, Function<T, Id<T>> id) {
        Map<Id<T>, T> all = new LinkedHashMap<>();
        list.forEach(t -> all.put(id.apply(t), t));
        return all;
    }

    private void energies() {
        Map<Id<Step>, Integer> at = new HashMap<>();
        List<Id<Step>> steps = manual.steps().map(Step::id).toList();
        steps.forEach(s -> at.put(s, at.size()));
        for (Energy energy : manual.energies()) {
            String id = energy.id().text();
            for (EnergyCycle cycle : EnergyCycle.of(energy, at)) {
                cycle.safe().forEach(i -> note(isolated, steps.get(i), id));
                cycle.back().stream()
                        .reduce((first, last) -> last)
                        .ifPresent(i -> note(restored, steps.get(i), id));
            }
        }
    }

    private static void note(Map<Id<Step>, List<String>> all, Id<Step> step, String energy) {
        all.computeIfAbsent(step, s -> new ArrayList<>()).add(energy);
    }

    private LedgerCase ledgerCase() {
        List<String> names = groups.stream().map(ClaimedUnits.Group::name).toList();
        RepeatedSteps repeated = new RepeatedSteps(manual);
        List<LedgerCase.Step> steps = new ArrayList<>();
        for (Stage stage : manual.stages()) {
            for (Step step : stage.steps()) {
                steps.add(
                        new LedgerCase.Step(
                                step.id().text(),
                                groups(step.applicability()),
                                repeated.of(step.id()),
                                way(step),
                                condition(step),
                                actions(step, stage.kind())));
            }
        }
        return new LedgerCase(
                manual.variants().isEmpty() ? List.of() : names,
                parts.values().stream().map(this::part).toList(),
                joints.values().stream().map(this::joint).toList(),
                kits(),
                manual.energies().stream().filter(Energy::concernsSome).map(this::energy).toList(),
                steps);
    }

    /**
     * What a step hangs on. Those that may be left out for the same reason are all done or none.
     */
    private Optional<String> condition(Step step) {
        String said =
                Stream.concat(
                                Stream.ofNullable(step.onlyIfFound())
                                        .map(f -> FoundNames.of(manual, f)),
                                Stream.of(step.onlyIf().strip()))
                        .filter(c -> !c.isEmpty())
                        .collect(Collectors.joining(", "));
        if (said.isEmpty() && step.optional()) {
            return Optional.of(step.optionalWhy().isBlank() ? OPTIONAL : step.optionalWhy());
        }
        return Optional.of(said).filter(c -> !c.isEmpty());
    }

    private Optional<LedgerCase.Way> way(Step step) {
        return manual.alternativeOf(step.way()).flatMap(a -> a.way(step.way()).map(w -> way(a, w)));
    }

    /** A way of an alternative as the ledger names it in its findings. */
    public static LedgerCase.Way way(Alternative alternative, Alternative.Way way) {
        return new LedgerCase.Way(alternative.id().text(), way.id().text());
    }

    /** The groups that something is for; a name that no group has where it is for none. */
    private Set<String> groups(Applicability applicability) {
        if (applicability.all() || manual.variants().isEmpty()) {
            return Set.of();
        }
        return concerned.computeIfAbsent(
                applicability,
                a -> {
                    Set<String> names =
                            groups.stream()
                                    .filter(g -> a.concerns(g.sight()))
                                    .map(ClaimedUnits.Group::name)
                                    .collect(Collectors.toSet());
                    return names.isEmpty() ? Set.of("none") : names;
                });
    }

    private LedgerCase.Part part(Part part) {
        return new LedgerCase.Part(
                part.id().text(),
                part.quantity(),
                part.reuse(),
                part.coveredBy().stream().filter(parts::containsKey).map(Id::text).toList(),
                groups(part.applicability()),
                Optional.ofNullable(part.convertedTo())
                        .filter(c -> parts.containsKey(c) && !c.equals(part.id()))
                        .map(Id::text),
                Optional.of(part.set()).filter(s -> !s.isEmpty()));
    }

    /** A value that a document holds is known to whoever has the document. */
    private LedgerCase.Joint joint(Joint joint) {
        boolean valued = !(joint.torque() instanceof Value.Open open) || open.document() != null;
        return new LedgerCase.Joint(
                joint.id().text(),
                valued,
                EnumSet.copyOf(joint.told()),
                List.of(),
                groups(joint.applicability()));
    }

    private LedgerCase.Energy energy(Energy energy) {
        return new LedgerCase.Energy(
                energy.id().text(),
                energy.parts().stream().filter(parts::containsKey).map(Id::text).toList(),
                energy.joints().stream().filter(joints::containsKey).map(Id::text).toList());
    }

    /** Without kits there is nothing to hold the new parts against. */
    private Optional<List<LedgerCase.Kit>> kits() {
        if (manual.kits().isEmpty()) {
            return Optional.empty();
        }
        List<LedgerCase.Kit> held = new ArrayList<>();
        for (Kit kit : manual.kits()) {
            Map<String, Integer> contents = new HashMap<>();
            kit.contents().forEach(c -> contents.merge(c.part().text(), c.count(), Integer::sum));
            held.add(new LedgerCase.Kit(contents, groups(kit.applicability())));
        }
        return Optional.of(held);
    }

    private List<LedgerAction> actions(Step step, Stage.Kind stage) {
        List<Phased> all = new ArrayList<>();
        isolated.getOrDefault(step.id(), List.of())
                .forEach(e -> all.add(new Phased(Phase.SAFE, new LedgerAction.Isolate(e))));
        Optional<String> size = DriveSize.of(step, tools);
        step.actions().stream()
                .filter(
                        a ->
                                a.verb().ofJoint()
                                        ? joints.containsKey(a.object())
                                        : items.containsKey(a.object()))
                .flatMap(a -> phased(a, step, size))
                .forEach(all::add);
        step.parts().stream()
                .filter(u -> parts.containsKey(u.part()) && u.count() > 0)
                .map(u -> use(u, stage))
                .filter(Objects::nonNull)
                .forEach(all::add);
        step.joints().stream()
                .filter(joints::containsKey)
                .forEach(
                        j ->
                                all.add(
                                        new Phased(
                                                Phase.TIGHT,
                                                new LedgerAction.Tighten(
                                                        j.text(),
                                                        size,
                                                        joints.get(j).told().get(0)))));
        restored.getOrDefault(step.id(), List.of())
                .forEach(e -> all.add(new Phased(Phase.BACK, new LedgerAction.Restore(e))));
        return all.stream()
                .sorted(Comparator.comparing(Phased::phase))
                .map(Phased::action)
                .toList();
    }

    /** One for each part that a mark is made on; of all else one. */
    private Stream<Phased> phased(Action a, Step step, Optional<String> ofTools) {
        if (a.verb() != Action.Verb.MARK) {
            return Stream.of(phased(a, ofTools));
        }
        List<Id<Part>> marked =
                Stream.ofNullable(items.get(a.object()))
                        .flatMap(mark -> MarkedParts.in(step, parts, mark).stream())
                        .filter(parts::containsKey)
                        .toList();
        return marked.isEmpty()
                ? Stream.of(phased(a, ofTools))
                : marked.stream()
                        .map(
                                p ->
                                        new Phased(
                                                Phase.SAFE,
                                                new LedgerAction.Mark(
                                                        a.object().text(), Optional.of(p.text()))));
    }

    private static Phased phased(Action a, Optional<String> ofTools) {
        String id = a.object().text();
        Optional<String> size = a.size().isBlank() ? ofTools : Optional.of(a.size());
        return switch (a.verb()) {
            case LOOSEN -> new Phased(Phase.LOOSE, new LedgerAction.Loosen(id, size));
            case TIGHTEN_BY_HAND ->
                    new Phased(
                            Phase.ON,
                            new LedgerAction.Tighten(id, Optional.empty(), TighteningWay.HAND));
            case PUT_IN_PLACE -> new Phased(Phase.SAFE, new LedgerAction.PlaceAid(id, a.count()));
            case TAKE_AWAY -> new Phased(Phase.BACK, new LedgerAction.TakeAid(id, a.count()));
            case DRAIN -> new Phased(Phase.SAFE, new LedgerAction.Drain(id));
            case FILL -> new Phased(Phase.TIGHT, new LedgerAction.Fill(id));
            case MARK -> new Phased(Phase.SAFE, new LedgerAction.Mark(id));
            case READ -> new Phased(Phase.SAFE, new LedgerAction.ReadCounter(id));
            case RESET -> new Phased(Phase.BACK, new LedgerAction.ResetCounter(id));
            case MATCH -> new Phased(Phase.ON, new LedgerAction.Align(id));
        };
    }

    private Phased use(PartUse use, Stage.Kind stage) {
        return switch (use.in(stage)) {
            case TAKEN_OFF ->
                    new Phased(Phase.OFF, new LedgerAction.Remove(use.part().text(), use.count()));
            case PUT_ON ->
                    new Phased(
                            Phase.ON,
                            new LedgerAction.Install(use.part().text(), use.count(), fresh(use)));
            case LOOKED_AT, TOUCHED -> null;
        };
    }

    private boolean fresh(PartUse use) {
        return use.supply() == null
                ? parts.get(use.part()).reuse() == ReuseRule.ALWAYS_NEW
                : use.supply() == PartUse.Supply.NEW;
    }
}
