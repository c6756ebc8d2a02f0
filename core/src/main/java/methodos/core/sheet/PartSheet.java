package methodos.core.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
            Field.of("item", "item", "item no", "item number", "pos", "position", "#");
    private static final Field NUMBER =
            Field.of(
                    "number",
                    "part number",
                    "part no",
                    "partno",
                    "p/n",
                    "number",
                    "article",
                    "article number",
                    "order number");
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
                    List.of("as practised", "as this manual does it"));

    private static final Part NONE = PartBuilder.builder().name("").quantity(1).build();

    private final Sheet sheet;
    private final Columns columns;
    private final Manual manual;
    private final Map<String, Part> byItem = new HashMap<>();
    private final Map<String, Part> byNumber = new HashMap<>();
    private final List<RowProblem> problems = new ArrayList<>();
    private final List<Part> added = new ArrayList<>();
    private final List<Part> changed = new ArrayList<>();
    private final List<Item> items = new ArrayList<>();

    /** Items that a part sits on or is covered by, by the item of the part. */
    private final Map<String, List<String>> on = new LinkedHashMap<>();

    private final Map<String, List<String>> covers = new LinkedHashMap<>();

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
        return new SheetReading(
                parts.items, parts.problems, "edit.importParts", m -> parts.takenInto(m));
    }

    private void read() {
        Set<String> named = new HashSet<>();
        Set<String> seen = new HashSet<>();
        for (Sheet.Row row : sheet.rows()) {
            Optional<Part> before = known(row);
            int count = problems.size();
            Part part = part(row, before.orElse(NONE));
            if (!part.item().isEmpty() && !seen.add(part.item())) {
                problem(row, ITEM, "item " + part.item() + " stands twice.");
            }
            references(row, part);
            if (problems.size() > count) {
                continue;
            }
            before.ifPresent(b -> named.add(b.id()));
            if (before.isEmpty()) {
                added.add(part);
                items.add(item(Fate.ADDED, part, List.of()));
            } else if (!before.get().equals(part)) {
                changed.add(part);
                items.add(item(Fate.CHANGED, part, differences(before.get(), part)));
            }
        }
        for (Sheet.Row row : sheet.rows()) {
            known(row, SITS_ON, seen);
            known(row, COVERED_BY, seen);
        }
        manual.parts().stream()
                .filter(p -> !named.contains(p.id()))
                .forEach(p -> items.add(item(Fate.ABSENT, p, List.of())));
    }

    private Item item(Fate fate, Part part, List<String> differences) {
        return Uses.item(
                manual,
                fate,
                part.label(),
                differences,
                s -> Uses.uses(s, part.id()),
                f -> Uses.shows(f, part.id()));
    }

    private static List<String> differences(Part before, Part after) {
        return new Differences()
                .add("item", before.item(), after.item())
                .add("number", before.number(), after.number())
                .add("name", before.name(), after.name())
                .add("size", before.size(), after.size())
                .add("quantity", before.quantity(), after.quantity())
                .add("reuse", before.reuse(), after.reuse())
                .add("note", before.note(), after.note())
                .all();
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

    /** Items that are named in a cell are in the manual or in the sheet. */
    private void known(Sheet.Row row, Field field, Set<String> ofSheet) {
        for (String item : list(columns.text(row, field))) {
            if (!byItem.containsKey(item) && !ofSheet.contains(item)) {
                problem(row, field, "there is no item " + item + ".");
            }
        }
    }

    private static List<String> list(String text) {
        return java.util.Arrays.stream(text.split("[,;\\s]+")).filter(s -> !s.isEmpty()).toList();
    }

    private void references(Sheet.Row row, Part part) {
        if (columns.has(SITS_ON)) {
            on.put(key(part), list(columns.text(row, SITS_ON)));
        }
        if (columns.has(COVERED_BY)) {
            covers.put(key(part), list(columns.text(row, COVERED_BY)));
        }
    }

    private static String key(Part part) {
        return part.item() + "\n" + part.number() + "\n" + part.name();
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
        if (quantity.matches("\\d{1,5}(\\.0+)?")) {
            return part.withQuantity((int) Double.parseDouble(quantity));
        }
        if (!quantity.isEmpty()) {
            problem(row, QUANTITY, "“" + quantity + "” is no whole number.");
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

    private Manual takenInto(Manual start) {
        Manual now = start;
        for (Part part : changed) {
            now = now.withPart(part);
        }
        for (Part part : added) {
            now = now.withPart(part.withId(now.nextId("p"))).withIdTaken();
        }
        if (on.isEmpty() && covers.isEmpty()) {
            return now;
        }
        Map<String, String> ids = new HashMap<>();
        now.parts().forEach(p -> ids.putIfAbsent(p.item(), p.id()));
        List<Part> placed = new ArrayList<>();
        for (Part part : now.parts()) {
            Part next = part;
            if (on.containsKey(key(part))) {
                List<String> under = on.get(key(part));
                next = next.withSitsOn(under.isEmpty() ? null : ids.get(under.get(0)));
            }
            if (covers.containsKey(key(part))) {
                next = next.withCoveredBy(covers.get(key(part)).stream().map(ids::get).toList());
            }
            placed.add(next);
        }
        return now.withParts(placed);
    }
}
