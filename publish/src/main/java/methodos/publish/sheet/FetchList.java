package methodos.publish.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.kit.OrderList;
import methodos.core.manual.Consumable;
import methodos.core.manual.ConsumableUse;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Tool;
import methodos.core.manual.Wrench;
import methodos.core.practice.SeenManual;
import methodos.core.torque.WrenchPlan;
import methodos.core.words.Words;
import methodos.core.words.WorkText;

/** What is fetched before the work begins, by where it lies: cabinet, stores, shelf of agents. */
public final class FetchList {

    /**
     * @param title where it lies
     */
    public record Group(String title, List<Row> rows) {}

    /**
     * @param note setting, size, what may stand in for it
     * @param steps in which it is used first and again
     */
    public record Row(String what, String amount, String note, String steps) {}

    private final SeenManual seen;
    private final Manual manual;
    private final Sight sight;
    private final StepNumbers numbers;
    private final Words words;
    private final List<Group> groups = new ArrayList<>();

    private FetchList(SeenManual seen, StepNumbers numbers, Words words) {
        this.seen = seen;
        this.manual = seen.manual();
        this.sight = seen.sight();
        this.numbers = numbers;
        this.words = words;
    }

    /** The list for the units that are looked at; groups with nothing in them are left out. */
    public static List<Group> of(SeenManual seen, StepNumbers numbers, Words words) {
        FetchList list = new FetchList(seen, numbers, words);
        for (Tool.Kind kind : Tool.Kind.values()) {
            list.add(words.of(kind), list.tools(kind));
        }
        list.add(words.of("fetch.wrenches"), list.wrenches());
        list.add(words.of("fetch.stores"), list.stores());
        list.add(words.of("fetch.agents"), list.consumables());
        list.add(words.of("fetch.aids"), list.aids());
        return list.groups;
    }

    private void add(String title, List<Row> rows) {
        if (!rows.isEmpty()) {
            groups.add(new Group(title, rows));
        }
    }

    private String steps(Predicate<Step> uses) {
        return String.join(
                ", ",
                manual.steps()
                        .filter(s -> numbers.of(s.id()).isPresent())
                        .filter(uses)
                        .map(s -> "" + numbers.of(s.id()).orElseThrow())
                        .toList());
    }

    private static boolean uses(Step step, Tool tool) {
        return step.tools().contains(tool.id())
                || step.readings().stream().anyMatch(r -> tool.id().equals(r.tool()));
    }

    private List<Row> tools(Tool.Kind kind) {
        return manual.tools().stream()
                .filter(t -> t.kind() == kind)
                .map(t -> new Row(t.label(), "1", t.note(), steps(s -> uses(s, t))))
                .filter(r -> !r.steps().isEmpty())
                .toList();
    }

    /** The wrenches of the shop that the steps do not name by their range already. */
    private List<Row> wrenches() {
        return WrenchPlan.of(seen.practised(), sight).fewest().stream()
                .filter(w -> manual.tools().stream().noneMatch(t -> named(t, w)))
                .map(w -> new Row(words.of("fetch.wrench", w.name()), "1", w.range().print(), ""))
                .toList();
    }

    private static boolean named(Tool tool, Wrench wrench) {
        return tool.label().contains(wrench.range().print());
    }

    private List<Row> stores() {
        OrderList order = OrderList.of(seen.practised(), sight);
        List<Row> rows = new ArrayList<>();
        for (OrderList.KitCount k : order.kits()) {
            rows.add(new Row(k.kit().name(), "" + k.count(), k.kit().number(), ""));
        }
        for (OrderList.PartCount p : order.extras()) {
            String steps = steps(s -> uses(s, p.part()));
            rows.add(new Row(p.part().label(), "" + p.count(), p.part().number(), steps));
        }
        return rows;
    }

    private static boolean uses(Step step, Part part) {
        return step.parts().stream().anyMatch(u -> u.part().equals(part.id()));
    }

    private List<Row> consumables() {
        List<Row> rows = new ArrayList<>();
        for (Consumable consumable : manual.consumables()) {
            String steps = steps(s -> uses(s, consumable).findAny().isPresent());
            if (!steps.isEmpty()) {
                rows.add(new Row(consumable.label(), "", amounts(consumable), steps));
            }
        }
        return rows;
    }

    private static Stream<ConsumableUse> uses(Step step, Consumable consumable) {
        return step.consumables().stream().filter(u -> u.consumable().equals(consumable.id()));
    }

    /** How much of it and where, as the steps say it. */
    private String amounts(Consumable consumable) {
        WorkText work = new WorkText(words, manual, numbers);
        return manual.steps()
                .filter(s -> numbers.of(s.id()).isPresent())
                .flatMap(s -> uses(s, consumable))
                .filter(u -> u.amount() != null || !u.place().isEmpty())
                .map(work::consumable)
                .distinct()
                .collect(Collectors.joining("; "));
    }

    private List<Row> aids() {
        return manual.ledgerItems().stream()
                .filter(i -> i.kind() == LedgerItem.Kind.AID && i.tool() == null)
                .filter(i -> i.applicability().concerns(sight))
                .map(i -> new Row(i.name(), "1", i.note(), steps(s -> uses(s, i))))
                .toList();
    }

    private static boolean uses(Step step, LedgerItem item) {
        return step.actions().stream().anyMatch(a -> item.id().text().equals(a.object().text()));
    }
}
