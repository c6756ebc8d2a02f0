package methodos.core.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.edit.EditKind;
import methodos.core.manual.Kit;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.sheet.SheetReading.Fate;
import methodos.core.sheet.SheetReading.Item;

/**
 * Kits from a sheet, a row for each part that a kit holds; where a row names no kit, that of the
 * row above is meant. A kit that the manual has gets the contents of the sheet in the place of its
 * own.
 */
final class KitSheet {

    private static final Field KIT =
            Field.of("kit", "kit", "kit number", "kit no", "set", "bag").needed();
    private static final Field KIT_NAME =
            Field.of("kitName", "kit name", "kit description", "set name");
    private static final Field ITEM =
            Field.of("item", "item", "item no", "item number", "pos", "position", "#");
    private static final Field NUMBER =
            Field.of("number", "part number", "part no", "p/n", "number", "article", "contents");
    private static final Field COUNT =
            Field.of("quantity", "quantity", "qty", "count", "pcs", "pieces");

    static final List<Field> FIELDS = List.of(KIT, KIT_NAME, ITEM, NUMBER, COUNT);

    private final Columns columns;
    private final Manual manual;
    private final List<RowProblem> problems = new ArrayList<>();
    private final Map<String, Kit> read = new LinkedHashMap<>();

    private final Map<String, Part> byItem = new HashMap<>();
    private final Map<String, Part> byNumber = new HashMap<>();

    private KitSheet(Columns columns, Manual manual) {
        this.columns = columns;
        this.manual = manual;
        for (Part part : manual.parts()) {
            byItem.putIfAbsent(part.item(), part);
            byNumber.putIfAbsent(part.number(), part);
        }
    }

    static SheetReading of(Sheet sheet, Columns columns, Manual manual) {
        KitSheet kits = new KitSheet(columns, manual);
        String number = "";
        for (Sheet.Row row : sheet.rows()) {
            String named = columns.text(row, KIT);
            number = named.isEmpty() ? number : named;
            kits.row(row, number);
        }
        return new SheetReading(kits.items(), kits.problems, EditKind.IMPORT_KITS, kits::takenInto);
    }

    private void row(Sheet.Row row, String number) {
        if (number.isEmpty()) {
            problems.add(columns.problem(row, KIT, "the kit is missing."));
            return;
        }
        Optional<Kit> known = known(number);
        Kit kit =
                read.computeIfAbsent(
                        number,
                        n ->
                                new Kit(
                                        known.map(Kit::id).orElse(new Id<>("")),
                                        n,
                                        known.map(Kit::name).orElse(""),
                                        List.of()));
        String name = columns.text(row, KIT_NAME);
        List<Kit.Content> contents = new ArrayList<>(kit.contents());
        part(row).ifPresent(p -> contents.add(new Kit.Content(p.id(), count(row))));
        read.put(number, new Kit(kit.id(), number, name.isEmpty() ? kit.name() : name, contents));
    }

    private Optional<Kit> known(String number) {
        return manual.kits().stream().filter(k -> k.number().equals(number)).findFirst();
    }

    private Optional<Part> part(Sheet.Row row) {
        String item = columns.text(row, ITEM);
        String number = columns.text(row, NUMBER);
        if (item.isEmpty() && number.isEmpty()) {
            problems.add(columns.problem(row, ITEM, "the part is missing."));
            return Optional.empty();
        }
        Optional<Part> part =
                Optional.ofNullable(item.isEmpty() ? byNumber.get(number) : byItem.get(item));
        if (part.isEmpty()) {
            problems.add(
                    item.isEmpty()
                            ? columns.problem(row, NUMBER, "no part has the number " + number + ".")
                            : columns.problem(row, ITEM, "there is no item " + item + "."));
        }
        return part;
    }

    private int count(Sheet.Row row) {
        String count = columns.text(row, COUNT);
        if (count.isEmpty()) {
            return 1;
        }
        if (!count.matches("[1-9]\\d{0,4}(\\.0+)?")) {
            problems.add(
                    columns.problem(row, COUNT, "“" + count + "” is no whole number above 0."));
            return 1;
        }
        return (int) Double.parseDouble(count);
    }

    private List<Item> items() {
        List<Item> items = new ArrayList<>();
        for (Kit kit : read.values()) {
            Kit before = known(kit.number()).orElse(null);
            if (before == null) {
                items.add(new Item(Fate.ADDED, kit.number(), List.of(), 0, 0));
            } else if (!before.equals(kit)) {
                items.add(new Item(Fate.CHANGED, kit.number(), differences(before, kit), 0, 0));
            }
        }
        manual.kits().stream()
                .filter(k -> !read.containsKey(k.number()))
                .forEach(k -> items.add(new Item(Fate.ABSENT, k.number(), List.of(), 0, 0)));
        return items;
    }

    private List<String> differences(Kit before, Kit after) {
        Differences all = new Differences().add("name", before.name(), after.name());
        for (Part part : manual.parts()) {
            all.add(part.label(), before.count(part.id()), after.count(part.id()));
        }
        return all.all();
    }

    private Manual takenInto(Manual start) {
        Manual now = start;
        for (Kit kit : read.values()) {
            if (kit.id().text().isEmpty()) {
                now =
                        now.withKit(
                                        new Kit(
                                                now.nextId("k"),
                                                kit.number(),
                                                kit.name(),
                                                kit.contents()))
                                .withIdTaken();
            } else {
                now = now.withKit(kit);
            }
        }
        return now;
    }
}
