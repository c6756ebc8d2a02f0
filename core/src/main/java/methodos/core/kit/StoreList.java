package methodos.core.kit;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import methodos.core.description.Id;
import methodos.core.ledger.PartLine;
import methodos.core.manual.Action;
import methodos.core.manual.Consumable;
import methodos.core.manual.Kit;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.StepUses;
import methodos.core.manual.Tool;
import methodos.core.practice.PractisedManual;

/**
 * Parts, kits, tools and consumables laid along the steps, for the units that are looked at.
 *
 * @param steps how many steps there are
 * @param stages first and last step of each stage that has any
 */
public record StoreList(
        int steps,
        Map<Stage.Kind, Range> stages,
        List<PartRow> parts,
        List<Kit> kits,
        List<ToolRow> tools,
        List<ConsumableRow> consumables,
        OrderList order) {

    /** Steps of a stage, by number. */
    public record Range(int first, int last) {}

    /** Of the parts needed new, how many a kit holds, and how many more than are needed. */
    public record InKit(int used, int spare) {
        public static final InKit NONE = new InKit(0, 0);
    }

    /** Whether a part has to be ordered beside the kits. */
    public enum Extra {
        NO,
        ORDER,
        /** If what is measured or looked at says so. */
        ON_CONDITION
    }

    /**
     * @param kits for each kit of the list
     */
    public record PartRow(PartLine line, List<InKit> kits, Extra extra, int toOrder) {
        /** The part that the line is about. */
        public Part part() {
            return line.part();
        }

        /** Whether something is the matter: it never goes back, or it is needed and in no kit. */
        public boolean open() {
            return line.loose().isPresent() || extra == Extra.ORDER;
        }
    }

    /**
     * @param inPlace the steps from and to which it stays in place as an aid; one that is never
     *     taken away has no last step, 0
     */
    public record ToolRow(Tool tool, List<Integer> steps, List<Range> inPlace) {}

    public record ConsumableRow(Consumable consumable, List<Integer> steps) {}

    /** What the work on the units that are looked at needs. */
    public static StoreList of(PractisedManual practised, Sight sight) {
        Manual manual = practised.manual();
        StepNumbers numbers = new StepNumbers(manual, sight);
        List<KitCoverage.Row> coverage = KitCoverage.of(practised.seenBy(sight));
        OrderList order = OrderList.of(manual, coverage);
        Map<Id<Part>, KitCoverage.Row> covered = new HashMap<>();
        coverage.forEach(r -> covered.put(r.part().id(), r));
        Map<Id<Part>, Integer> extras = order.extrasByPart();
        Set<Id<Part>> judged = judged(manual, numbers);
        List<PartRow> parts = new ArrayList<>();
        for (PartLine line : PartLine.of(manual, sight)) {
            Id<Part> id = line.part().id();
            int extra = extras.getOrDefault(id, 0);
            parts.add(row(line, manual, covered.get(id), extra, judged.contains(id)));
        }
        return new StoreList(
                numbers.count(),
                stages(manual, numbers),
                List.copyOf(parts),
                manual.kits(),
                tools(manual, numbers),
                consumables(manual, numbers),
                order);
    }

    /** Parts that steps measure or judge by eye. */
    private static Set<Id<Part>> judged(Manual manual, StepNumbers numbers) {
        Set<Id<Part>> judged = new HashSet<>();
        manual.steps()
                .filter(s -> numbers.of(s.id()).isPresent())
                .filter(
                        s ->
                                !s.looks().isEmpty()
                                        || s.readings().stream()
                                                .anyMatch(r -> !r.otherwise().isEmpty()))
                .forEach(s -> s.parts().forEach(u -> judged.add(u.part())));
        return judged;
    }

    private static PartRow row(
            PartLine line, Manual manual, KitCoverage.Row covered, int extra, boolean judged) {
        Part part = line.part();
        List<InKit> kits = new ArrayList<>();
        for (Kit kit : manual.kits()) {
            int held = covered == null ? 0 : covered.inKit().getOrDefault(kit.id(), 0);
            int needed = covered == null ? 0 : covered.needed();
            kits.add(
                    held == 0
                            ? InKit.NONE
                            : new InKit(Math.min(needed, held), Math.max(0, held - needed)));
        }
        boolean onCondition =
                part.reuse() == ReuseRule.INSPECT
                        && judged
                        && line.first(Handling.LOOKED_AT).isPresent();
        return new PartRow(
                line,
                List.copyOf(kits),
                extra > 0 ? Extra.ORDER : onCondition ? Extra.ON_CONDITION : Extra.NO,
                extra);
    }

    private static Map<Stage.Kind, Range> stages(Manual manual, StepNumbers numbers) {
        Map<Stage.Kind, Range> stages = new EnumMap<>(Stage.Kind.class);
        for (Stage stage : manual.stages()) {
            for (Step step : stage.steps()) {
                int number = numbers.of(step.id()).orElse(0);
                if (number > 0) {
                    stages.merge(
                            stage.kind(),
                            new Range(number, number),
                            (a, b) -> new Range(a.first(), b.last()));
                }
            }
        }
        return stages;
    }

    private static List<ToolRow> tools(Manual manual, StepNumbers numbers) {
        StepUses<Tool> uses = new StepUses<>(manual, numbers, Step::tools);
        Map<Id<Tool>, List<Range>> stays = stays(manual, numbers);
        return manual.tools().stream()
                .map(t -> new ToolRow(t, uses.of(t.id()), stays.getOrDefault(t.id(), List.of())))
                .toList();
    }

    /** From where to where tools stay in place as aids, by the tool. */
    private static Map<Id<Tool>, List<Range>> stays(Manual manual, StepNumbers numbers) {
        Map<Id<Tool>, List<Range>> stays = new HashMap<>();
        for (LedgerItem aid : manual.ledgerItems()) {
            if (aid.kind() != LedgerItem.Kind.AID || aid.tool() == null) {
                continue;
            }
            List<Integer> placed = numbers.of(doing(manual, Action.Verb.PUT_IN_PLACE, aid));
            List<Integer> taken = numbers.of(doing(manual, Action.Verb.TAKE_AWAY, aid));
            if (!placed.isEmpty()) {
                int last = taken.isEmpty() ? 0 : taken.get(taken.size() - 1);
                stays.computeIfAbsent(aid.tool(), t -> new ArrayList<>())
                        .add(new Range(placed.get(0), last));
            }
        }
        return stays;
    }

    private static List<Id<Step>> doing(Manual manual, Action.Verb verb, LedgerItem aid) {
        return manual.steps()
                .filter(
                        s ->
                                s.actions().stream()
                                        .anyMatch(
                                                a ->
                                                        a.verb() == verb
                                                                && a.object().equals(aid.id())))
                .map(Step::id)
                .toList();
    }

    private static List<ConsumableRow> consumables(Manual manual, StepNumbers numbers) {
        StepUses<Consumable> uses = new StepUses<>(manual, numbers, Step::consumableIds);
        return manual.consumables().stream()
                .map(c -> new ConsumableRow(c, uses.of(c.id())))
                .toList();
    }

    /** How many of the parts the work does anything with. */
    public long touched() {
        return parts.stream().filter(p -> p.line().touched()).count();
    }
}
