package methodos.core.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import methodos.core.description.Id;
import methodos.core.edit.EditKind;
import methodos.core.edit.HeardLinks;
import methodos.core.edit.StoreEdits;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.ReuseRule;
import methodos.core.sheet.SheetReading.Fate;
import methodos.core.sheet.SheetReading.Item;

/**
 * A parts list from a sheet, held against that of the manual: a part is known again by its item
 * number, or without one by its part number. What the sheet has no column for stays as it is.
 */
final class PartSheet {

    private static final Field ITEM =
            Field.of(
                    "item",
                    "item",
                    "item no",
                    "item number",
                    "item nr",
                    "pos",
                    "pos no",
                    "pos nr",
                    "position",
                    "ref",
                    "ref no",
                    "ref number",
                    "key no",
                    "key number",
                    "find number",
                    "find no",
                    "index",
                    "index no",
                    "balloon",
                    "callout",
                    "#");
    private static final Field NUMBER = new Field("number", false, numbers());
    private static final Field NAME =
            Field.of(
                            "name",
                            "name or description",
                            "name",
                            "part",
                            "description",
                            "designation",
                            "part name")
                    .needed();
    private static final Field SIZE = Field.of("size", "size", "dimension", "dimensions", "thread");
    private static final Field QUANTITY =
            Field.of("quantity", "quantity", "qty", "count", "pcs", "pieces", "off");
    private static final Field REUSE = Field.of("reuse", "reuse", "reuse rule", "rule", "renew");
    private static final Field SITS_ON =
            Field.of("sitsOn", "sits on", "on", "fitted to", "carried by");
    private static final Field COVERED_BY =
            Field.of("coveredBy", "covered by", "under", "behind", "remove first");
    private static final Field NOTE =
            Field.of("note", "note", "notes", "remark", "remarks", "comment");

    /** "Part No.", "Art.-Nr.", "Material number", "Cat. code": what has a number, and its word. */
    private static List<String> numbers() {
        List<String> all = new ArrayList<>(List.of("part number"));
        for (String of :
                List.of(
                        "part",
                        "article",
                        "art",
                        "order",
                        "material",
                        "mat",
                        "stock",
                        "catalogue",
                        "catalog",
                        "cat",
                        "product",
                        "spare part",
                        "component")) {
            for (String number : List.of("number", "no", "nr", "num", "code", "id")) {
                all.add(of + " " + number);
            }
        }
        all.addAll(List.of("p/n", "pn", "sku", "article", "number"));
        return all;
    }

    static final List<Field> FIELDS =
            List.of(ITEM, NUMBER, NAME, SIZE, QUANTITY, REUSE, SITS_ON, COVERED_BY, NOTE);

    private static final Map<ReuseRule, List<String>> RULES =
            Map.of(
                    ReuseRule.ALWAYS_NEW,
                    List.of("new", "always new", "renew", "replace", "yes"),
                    ReuseRule.INSPECT,
                    List.of("inspect", "inspect then reuse", "check", "on condition"),
                    ReuseRule.REUSE,
                    List.of("reuse", "keep", "no"),
                    ReuseRule.AS_PRACTISED,
                    List.of("by convention", "as practised", "as this manual does it"));

    private static final Part NONE =
            PartBuilder.builder().id(new Id<>("")).name("").quantity(1).build();

    /**
     * A row as it was understood.
     *
     * @param part with the id of the part that it is known as, empty for a new one
     * @param on item that it sits on, null where the sheet does not say
     * @param covers items that cover it, null where the sheet does not say
     */
    private record Read(Part part, List<String> on, List<String> covers) {}

    private final Sheet sheet;
    private final Columns columns;
    private final Manual manual;
    private final Map<String, Part> byItem = new HashMap<>();
    private final Map<String, Part> byNumber = new HashMap<>();
    private final List<RowProblem> problems = new ArrayList<>();
    private final List<Read> changes = new ArrayList<>();
    private final List<Item> items = new ArrayList<>();

    private PartSheet(Sheet sheet, Columns columns, Manual manual) {
        this.sheet = sheet;
        this.columns = columns;
        this.manual = manual;
        for (Part part : manual.parts()) {
            byItem.putIfAbsent(part.item(), part);
            byNumber.putIfAbsent(part.number(), part);
        }
    }

    static SheetReading of(Sheet sheet, Columns columns, Manual manual) {
        PartSheet parts = new PartSheet(sheet, columns, manual);
        parts.read();
        List<Read> changes = List.copyOf(parts.changes);
        return new SheetReading(
                parts.items, parts.problems, EditKind.IMPORT_PARTS, m -> takenInto(m, changes));
    }

    private void read() {
        Uses<Part> uses = Uses.ofParts(manual);
        Set<Id<Part>> named = new HashSet<>();
        Set<String> itemsAfter = new HashSet<>();
        for (Sheet.Row row : sheet.rows()) {
            int count = problems.size();
            Optional<Part> before = known(row);
            Read read = read(row, before.orElse(NONE));
            Part part = read.part();
            if (!part.item().isEmpty() && !itemsAfter.add(part.item())) {
                problem(row, ITEM, "item " + part.item() + " stands twice.");
            }
            if (problems.size() > count) {
                continue;
            }
            if (before.isEmpty()) {
                changes.add(read);
                items.add(uses.item(Fate.ADDED, new Id<>(""), part.label(), List.of()));
                continue;
            }
            named.add(part.id());
            List<String> differences = differences(before.get(), read);
            if (!differences.isEmpty()) {
                changes.add(read);
                items.add(uses.item(Fate.CHANGED, part.id(), part.label(), differences));
            }
        }
        for (Part part : manual.parts()) {
            if (!named.contains(part.id()) && !part.heard()) {
                itemsAfter.add(part.item());
                items.add(uses.item(Fate.ABSENT, part.id(), part.label(), List.of()));
            }
        }
        for (Sheet.Row row : sheet.rows()) {
            inList(row, SITS_ON, itemsAfter);
            inList(row, COVERED_BY, itemsAfter);
        }
    }

    private List<String> differences(Part before, Read read) {
        Part after = read.part();
        Differences all =
                new Differences()
                        .add("item", before.item(), after.item())
                        .add("number", before.number(), after.number())
                        .add("name", before.name(), after.name())
                        .add("size", before.size(), after.size())
                        .add("quantity", before.quantity(), after.quantity())
                        .add("reuse", before.reuse(), after.reuse())
                        .add("note", before.note(), after.note());
        if (read.on() != null) {
            all.add("sits on", StoreEdits.itemOf(manual, before.sitsOn()), text(read.on()));
        }
        if (read.covers() != null) {
            all.add(
                    "covered by",
                    StoreEdits.items(manual, before.coveredBy()),
                    text(read.covers()));
        }
        return all.all();
    }

    private static String text(List<String> items) {
        return String.join(", ", items);
    }

    private void problem(Sheet.Row row, Field field, String reason) {
        problems.add(columns.problem(row, field, reason));
    }

    private Optional<Part> known(Sheet.Row row) {
        String item = columns.text(row, ITEM);
        String number = columns.text(row, NUMBER);
        return Optional.ofNullable(
                !item.isEmpty()
                        ? byItem.get(item)
                        : number.isEmpty() ? null : byNumber.get(number));
    }

    /** Items that are named in a cell are in the list as it will be. */
    private void inList(Sheet.Row row, Field field, Set<String> items) {
        for (String item : list(columns.text(row, field))) {
            if (!items.contains(item)) {
                problem(row, field, "there is no item " + item + ".");
            }
        }
    }

    private static List<String> list(String text) {
        return Arrays.stream(text.split("[,;\\s]+")).filter(s -> !s.isEmpty()).toList();
    }

    private Read read(Sheet.Row row, Part before) {
        return new Read(
                part(row, before),
                columns.has(SITS_ON) ? list(columns.text(row, SITS_ON)) : null,
                columns.has(COVERED_BY) ? list(columns.text(row, COVERED_BY)) : null);
    }

    private Part part(Sheet.Row row, Part before) {
        String name = columns.text(row, NAME);
        if (name.isEmpty()) {
            problem(row, NAME, "the name is missing.");
        }
        Part part = before.withName(name);
        if (columns.has(ITEM)) {
            part = part.withItem(columns.text(row, ITEM));
        }
        if (columns.has(NUMBER)) {
            part = part.withNumber(columns.text(row, NUMBER));
        }
        if (columns.has(SIZE)) {
            part = part.withSize(columns.text(row, SIZE));
        }
        if (columns.has(NOTE)) {
            part = part.withNote(columns.text(row, NOTE));
        }
        return reuse(row, quantity(row, part));
    }

    private Part quantity(Sheet.Row row, Part part) {
        String quantity = columns.text(row, QUANTITY);
        if (quantity.matches("[1-9]\\d{0,4}(\\.0+)?")) {
            return part.withQuantity((int) Double.parseDouble(quantity));
        }
        if (!quantity.isEmpty()) {
            problem(row, QUANTITY, "“" + quantity + "” is no whole number above 0.");
        }
        return part;
    }

    private Part reuse(Sheet.Row row, Part part) {
        String rule = columns.text(row, REUSE).toLowerCase(Locale.ROOT).replace(",", "");
        if (rule.isEmpty()) {
            return part;
        }
        Optional<ReuseRule> found =
                RULES.entrySet().stream()
                        .filter(e -> e.getValue().contains(rule))
                        .map(Map.Entry::getKey)
                        .findFirst();
        if (found.isEmpty()) {
            problem(row, REUSE, "“" + rule + "” is none of new, inspect and reuse.");
        }
        return part.withReuse(found.orElse(part.reuse()));
    }

    private static Manual takenInto(Manual start, List<Read> changes) {
        Map<Id<Part>, Part> parts = new LinkedHashMap<>();
        start.parts().forEach(p -> parts.put(p.id(), p));
        long last = start.lastId();
        List<Id<Part>> ids = new ArrayList<>();
        for (Read read : changes) {
            boolean isNew = read.part().id().text().isEmpty();
            Id<Part> id = isNew ? start.withLastId(last++).nextId("p") : read.part().id();
            ids.add(id);
            parts.put(id, read.part().withId(id));
        }
        // what a part sits on may be a part that is new itself
        Map<String, Id<Part>> byItem = new HashMap<>();
        parts.values().forEach(p -> byItem.putIfAbsent(p.item(), p.id()));
        for (int i = 0; i < changes.size(); i++) {
            Read read = changes.get(i);
            Part part = parts.get(ids.get(i));
            if (read.on() != null) {
                part = part.withSitsOn(read.on().isEmpty() ? null : byItem.get(read.on().get(0)));
            }
            if (read.covers() != null) {
                part = part.withCoveredBy(read.covers().stream().map(byItem::get).toList());
            }
            parts.put(part.id(), part);
        }
        return HeardLinks.in(start.withParts(List.copyOf(parts.values())).withLastId(last));
    }
}
