package methodos.core.kit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import methodos.core.manual.Consumable;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Tool;
import methodos.core.manual.Wrench;
import methodos.core.practice.SeenManual;
import methodos.core.quantity.Quantity;
import methodos.core.torque.JointTorque;
import methodos.core.torque.TighteningTable;
import methodos.core.torque.WrenchPlan;

/** What is fetched before the work on some units begins, by where it lies. */
public final class FetchList {

    /** Where it lies. */
    public enum Shelf {
        TOOLS,
        WRENCHES,
        STORES,
        CONSUMABLES,
        AIDS
    }

    /**
     * A thing to fetch.
     *
     * @param key tells it from the others for good
     * @param tool what kind of tool it is, null where it is none
     * @param count how many; 0 where it is not counted
     * @param note its number, how it is made, its range, how much; empty where nothing is to tell
     * @param settings what a torque wrench is set to
     * @param steps numbers of the steps that want it
     */
    public record Thing(
            String key,
            Shelf shelf,
            Tool.Kind tool,
            String name,
            int count,
            String note,
            List<String> settings,
            List<Integer> steps) {
        public Thing {
            settings = List.copyOf(settings);
            steps = List.copyOf(steps);
        }
    }

    private final SeenManual seen;
    private final Manual manual;
    private final StepNumbers numbers;
    private final Map<Wrench, Set<String>> settings = new LinkedHashMap<>();
    private final List<Thing> things = new ArrayList<>();

    private FetchList(SeenManual seen) {
        this.seen = seen;
        this.manual = seen.manual();
        this.numbers = new StepNumbers(manual, seen.sight());
    }

    /** What the work on the units that are looked at wants, shelf by shelf. */
    public static List<Thing> of(SeenManual seen) {
        FetchList list = new FetchList(seen);
        list.settings();
        list.tools();
        list.wrenches();
        list.stores();
        list.consumables();
        list.aids();
        return list.things;
    }

    private List<Integer> steps(Predicate<Step> uses) {
        return manual.steps()
                .filter(s -> numbers.of(s.id()).isPresent() && uses.test(s))
                .map(s -> numbers.of(s.id()).getAsInt())
                .toList();
    }

    /** What the fewest wrenches that reach all are set to. */
    private void settings() {
        List<Wrench> fewest = WrenchPlan.of(seen.practised(), seen.sight()).fewest();
        fewest.forEach(w -> settings.put(w, new LinkedHashSet<>()));
        for (TighteningTable.Row row : TighteningTable.of(seen.practised(), seen.sight())) {
            for (JointTorque.Stage stage : JointTorque.of(manual, row.joint()).stages()) {
                stage.reachedBy(fewest).stream()
                        .findFirst()
                        .ifPresent(w -> settings.get(w).add(stage.entered().print()));
            }
        }
    }

    private void tools() {
        for (Tool.Kind kind : Tool.Kind.values()) {
            for (Tool tool : manual.tools()) {
                List<Integer> steps = steps(s -> uses(s, tool));
                if (tool.kind() == kind && !steps.isEmpty()) {
                    List<String> set =
                            settings.keySet().stream()
                                    .filter(w -> named(tool, w))
                                    .flatMap(w -> settings.get(w).stream())
                                    .toList();
                    things.add(
                            new Thing(
                                    tool.id().text(),
                                    Shelf.TOOLS,
                                    kind,
                                    tool.label(),
                                    1,
                                    tool.note(),
                                    set,
                                    steps));
                }
            }
        }
    }

    private static boolean uses(Step step, Tool tool) {
        return step.tools().contains(tool.id())
                || step.readings().stream().anyMatch(r -> tool.id().equals(r.tool()));
    }

    private static boolean uses(Step step, Part part) {
        return step.parts().stream().anyMatch(u -> u.part().equals(part.id()));
    }

    private static boolean acts(Step step, LedgerItem item) {
        return step.actions().stream().anyMatch(a -> a.object().equals(item.id()));
    }

    /** The wrenches of the shop that the steps do not name by their range already. */
    private void wrenches() {
        settings.forEach(
                (wrench, set) -> {
                    if (manual.tools().stream().noneMatch(t -> named(t, wrench))) {
                        things.add(
                                new Thing(
                                        wrench.id().text(),
                                        Shelf.WRENCHES,
                                        null,
                                        wrench.name(),
                                        1,
                                        wrench.range().print(),
                                        List.copyOf(set),
                                        List.of()));
                    }
                });
    }

    private static boolean named(Tool tool, Wrench wrench) {
        return tool.label().contains(wrench.range().print());
    }

    private void stores() {
        OrderList order = OrderList.of(seen.practised(), seen.sight());
        order.kits()
                .forEach(
                        k ->
                                things.add(
                                        stored(
                                                k.kit().id().text(),
                                                k.kit().name(),
                                                k.count(),
                                                k.kit().number(),
                                                List.of())));
        order.extras()
                .forEach(
                        p ->
                                things.add(
                                        stored(
                                                p.part().id().text(),
                                                p.part().label(),
                                                p.count(),
                                                p.part().number(),
                                                steps(s -> uses(s, p.part())))));
    }

    private static Thing stored(
            String key, String name, int count, String number, List<Integer> steps) {
        return new Thing(key, Shelf.STORES, null, name, count, number, List.of(), steps);
    }

    private void consumables() {
        Consumption consumption = new Consumption(manual, numbers);
        for (Consumable consumable : manual.consumables()) {
            List<Integer> steps = steps(s -> s.consumableIds().contains(consumable.id()));
            if (!steps.isEmpty()) {
                Optional<Quantity> total = consumption.total(consumable);
                things.add(
                        new Thing(
                                consumable.id().text(),
                                Shelf.CONSUMABLES,
                                null,
                                consumable.label(),
                                0,
                                total.map(Quantity::print).orElse(""),
                                List.of(),
                                steps));
            }
        }
    }

    private void aids() {
        for (LedgerItem item : manual.ledgerItems()) {
            if (item.kind() == LedgerItem.Kind.AID
                    && item.tool() == null
                    && item.applicability().concerns(seen.sight())) {
                things.add(
                        new Thing(
                                item.id().text(),
                                Shelf.AIDS,
                                null,
                                item.name(),
                                1,
                                item.note(),
                                List.of(),
                                steps(s -> acts(s, item))));
            }
        }
    }
}
