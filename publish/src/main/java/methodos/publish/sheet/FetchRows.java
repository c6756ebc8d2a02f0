package methodos.publish.sheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import methodos.core.kit.FetchList;
import methodos.core.manual.Manual;
import methodos.core.manual.StepNumbers;
import methodos.core.practice.SeenManual;
import methodos.core.words.Words;
import methodos.core.words.WorkText;

/** What is fetched before the work begins, in words: cabinet, stores, shelf of agents. */
public final class FetchRows {

    /**
     * @param title where it lies
     */
    public record Group(String title, List<Row> rows) {}

    /**
     * @param note setting, size, what may stand in for it
     * @param steps in which it is used first and again
     */
    public record Row(String what, String amount, String note, String steps) {}

    private final Manual manual;
    private final StepNumbers numbers;
    private final Words words;

    private FetchRows(SeenManual seen, StepNumbers numbers, Words words) {
        this.manual = seen.manual();
        this.numbers = numbers;
        this.words = words;
    }

    /** The list for the units that are looked at; groups with nothing in them are left out. */
    public static List<Group> of(SeenManual seen, StepNumbers numbers, Words words) {
        FetchRows rows = new FetchRows(seen, numbers, words);
        Map<String, List<Row>> groups = new LinkedHashMap<>();
        for (FetchList.Thing thing : FetchList.of(seen)) {
            groups.computeIfAbsent(rows.title(thing), t -> new ArrayList<>()).add(rows.row(thing));
        }
        List<Group> all = new ArrayList<>();
        groups.forEach((title, of) -> all.add(new Group(title, of)));
        return all;
    }

    private String title(FetchList.Thing thing) {
        return switch (thing.shelf()) {
            case TOOLS -> words.of(thing.tool());
            case WRENCHES -> words.of("fetch.wrenches");
            case STORES -> words.of("fetch.stores");
            case CONSUMABLES -> words.of("fetch.agents");
            case AIDS -> words.of("fetch.aids");
        };
    }

    private Row row(FetchList.Thing thing) {
        boolean wrench = thing.shelf() == FetchList.Shelf.WRENCHES;
        boolean consumable = thing.shelf() == FetchList.Shelf.CONSUMABLES;
        return new Row(
                wrench ? words.of("fetch.wrench", thing.name()) : thing.name(),
                thing.count() == 0 ? "" : "" + thing.count(),
                consumable ? amounts(thing.key()) : thing.note(),
                thing.steps().stream().map(String::valueOf).collect(Collectors.joining(", ")));
    }

    /** How much of a consumable and where, as the steps say it. */
    private String amounts(String consumable) {
        WorkText work = new WorkText(words, manual, numbers);
        return manual.steps()
                .filter(s -> numbers.of(s.id()).isPresent())
                .flatMap(s -> s.consumables().stream())
                .filter(u -> u.consumable().text().equals(consumable))
                .filter(u -> u.amount() != null || !u.place().isEmpty())
                .map(work::consumable)
                .distinct()
                .collect(Collectors.joining("; "));
    }
}
