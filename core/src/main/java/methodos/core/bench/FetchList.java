package methodos.core.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Collectors;
import methodos.core.kit.Consumption;
import methodos.core.kit.OrderList;
import methodos.core.manual.Action;
import methodos.core.manual.Consumable;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.StepUses;
import methodos.core.manual.Tool;
import methodos.core.manual.Wrench;
import methodos.core.practice.PractisedManual;
import methodos.core.quantity.Quantity;
import methodos.core.torque.JointTorque;
import methodos.core.torque.TighteningTable;
import methodos.core.torque.WrenchPlan;

/** What has to lie at the bench before the work on a unit begins. */
public final class FetchList {

    /** What kind of thing it is, in the order in which they are fetched. */
    public enum Group {
        TOOL,
        WRENCH,
        KIT,
        PART,
        CONSUMABLE,
        AID
    }

    /**
     * @param key tells it from the others for good
     * @param detail how many, how much, or what a wrench is set to; empty where nothing is to tell
     * @param steps numbers of the steps that want it
     */
    public record Thing(String key, Group group, String name, String detail, List<Integer> steps) {
        public Thing {
            steps = List.copyOf(steps);
        }
    }

    private FetchList() {}

    /** What the work on these units wants, by its groups. */
    public static List<Thing> of(PractisedManual practised, Sight sight) {
        Manual manual = practised.manual();
        StepNumbers numbers = new StepNumbers(manual, sight);
        List<Thing> things = new ArrayList<>();
        StepUses<Tool> tools = new StepUses<>(manual, numbers, Step::tools);
        for (Tool tool : manual.tools()) {
            add(things, tool.id().text(), Group.TOOL, tool.label(), "", tools.of(tool.id()));
        }
        wrenches(practised, sight, things);
        OrderList order = OrderList.of(practised, sight);
        for (OrderList.KitCount kit : order.kits()) {
            String name = (kit.kit().number() + " " + kit.kit().name()).strip();
            things.add(
                    new Thing(
                            kit.kit().id().text(), Group.KIT, name, count(kit.count()), List.of()));
        }
        for (OrderList.PartCount part : order.extras()) {
            things.add(
                    new Thing(
                            part.part().id().text(),
                            Group.PART,
                            part.part().label(),
                            count(part.count()),
                            List.of()));
        }
        Consumption consumption = new Consumption(manual, numbers);
        StepUses<Consumable> uses = new StepUses<>(manual, numbers, Step::consumableIds);
        for (Consumable consumable : manual.consumables()) {
            add(
                    things,
                    consumable.id().text(),
                    Group.CONSUMABLE,
                    consumable.label(),
                    consumption.total(consumable).map(Quantity::print).orElse(""),
                    uses.of(consumable.id()));
        }
        for (LedgerItem item : manual.ledgerItems()) {
            if (item.kind() == LedgerItem.Kind.AID && item.tool() == null) {
                add(
                        things,
                        item.id().text(),
                        Group.AID,
                        item.name(),
                        item.note(),
                        placed(manual, numbers, item));
            }
        }
        return things;
    }

    private static void add(
            List<Thing> things,
            String key,
            Group group,
            String name,
            String detail,
            List<Integer> steps) {
        if (!steps.isEmpty()) {
            things.add(new Thing(key, group, name, detail, steps));
        }
    }

    private static String count(int count) {
        return count == 1 ? "" : "× " + count;
    }

    private static List<Integer> placed(Manual manual, StepNumbers numbers, LedgerItem item) {
        return numbers.of(
                manual.steps()
                        .filter(
                                s ->
                                        s.actions().stream()
                                                .anyMatch(
                                                        a ->
                                                                a.verb() == Action.Verb.PUT_IN_PLACE
                                                                        && a.object()
                                                                                .equals(item.id())))
                        .map(Step::id)
                        .toList());
    }

    /** The fewest wrenches that reach all, each with what it is set to. */
    private static void wrenches(PractisedManual practised, Sight sight, List<Thing> things) {
        List<Wrench> fewest = WrenchPlan.of(practised, sight).fewest();
        Map<Wrench, Map<String, TreeSet<Integer>>> set = new LinkedHashMap<>();
        fewest.forEach(w -> set.put(w, new LinkedHashMap<>()));
        for (TighteningTable.Row row : TighteningTable.of(practised, sight)) {
            JointTorque joint = JointTorque.of(practised.manual(), row.joint());
            for (JointTorque.Stage stage : joint.stages()) {
                stage.reachedBy(fewest).stream()
                        .findFirst()
                        .ifPresent(
                                w ->
                                        set.get(w)
                                                .computeIfAbsent(
                                                        stage.entered().print(),
                                                        v -> new TreeSet<>())
                                                .addAll(row.steps()));
            }
        }
        set.forEach(
                (wrench, values) ->
                        things.add(
                                new Thing(
                                        wrench.id().text(),
                                        Group.WRENCH,
                                        wrench.name(),
                                        String.join(", ", values.keySet()),
                                        values.values().stream()
                                                .flatMap(TreeSet::stream)
                                                .distinct()
                                                .sorted()
                                                .collect(Collectors.toList()))));
    }
}
