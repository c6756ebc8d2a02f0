package methodos.core.sheet;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import methodos.core.edit.Edit;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.ReuseRule;

/**
 * A parts list from a sheet, held against that of the manual: a part is known again by its item
 * number, or without one by its part number. What the sheet has no column for stays as it is.
 *
 * @param added parts that the manual does not have, without ids yet
 * @param changed parts as they are afterwards
 * @param absent parts of the manual that the sheet does not name; they stay
 * @param problems cells that were not understood; with any, nothing is to be taken in
 */
public record PartSheet(
        List<Part> added, List<Part> changed, List<Part> absent, List<RowProblem> problems) {

    /** What a parts list tells of a part. */
    public enum Field {
        ITEM,
        NUMBER,
        NAME,
        SIZE,
        QUANTITY,
        REUSE,
        NOTE
    }

    private static final Map<Field, List<String>> SPELLINGS =
            Map.of(
                    Field.ITEM, List.of("item", "item no", "item number", "pos", "position", "#"),
                    Field.NUMBER,
                            List.of(
                                    "part number",
                                    "part no",
                                    "partno",
                                    "p/n",
                                    "number",
                                    "article",
                                    "article number",
                                    "order number"),
                    Field.NAME, List.of("name", "part", "description", "designation", "part name"),
                    Field.SIZE, List.of("size", "dimension", "dimensions", "thread"),
                    Field.QUANTITY, List.of("quantity", "qty", "count", "pcs", "pieces", "off"),
                    Field.REUSE, List.of("reuse", "reuse rule", "rule", "renew"),
                    Field.NOTE, List.of("note", "notes", "remark", "remarks", "comment"));

    private static final Map<ReuseRule, List<String>> RULES =
            Map.of(
                    ReuseRule.ALWAYS_NEW,
                    List.of("new", "always new", "renew", "replace", "yes"),
                    ReuseRule.INSPECT,
                    List.of("inspect", "inspect then reuse", "check", "on condition"),
                    ReuseRule.REUSE,
                    List.of("reuse", "keep", "no"));

    public static PartSheet of(Sheet sheet, Manual manual) {
        Columns<Field> columns = Columns.of(sheet, Field.class, SPELLINGS);
        List<RowProblem> problems = new ArrayList<>();
        if (!columns.has(Field.NAME)) {
            problems.add(new RowProblem(1, "header", "No column is called name or description."));
            return new PartSheet(List.of(), List.of(), List.of(), problems);
        }
        List<Part> added = new ArrayList<>();
        List<Part> changed = new ArrayList<>();
        Set<String> named = new HashSet<>();
        Set<String> items = new HashSet<>();
        for (Sheet.Row row : sheet.rows()) {
            Optional<Part> before = known(manual, columns, row);
            int count = problems.size();
            Part part = read(sheet, columns, row, before, problems);
            if (!part.item().isEmpty() && !items.add(part.item())) {
                problems.add(
                        problem(
                                sheet,
                                columns,
                                row,
                                Field.ITEM,
                                "item " + part.item() + " stands twice."));
            }
            if (problems.size() > count) {
                continue;
            }
            before.ifPresent(b -> named.add(b.id()));
            if (before.isEmpty()) {
                added.add(part);
            } else if (!before.get().equals(part)) {
                changed.add(part);
            }
        }
        List<Part> absent = manual.parts().stream().filter(p -> !named.contains(p.id())).toList();
        return new PartSheet(added, changed, absent, problems);
    }

    private static RowProblem problem(
            Sheet sheet, Columns<Field> columns, Sheet.Row row, Field field, String reason) {
        return new RowProblem(
                row.line(),
                columns.head(sheet, field).orElse(field.name().toLowerCase(Locale.ROOT)),
                reason);
    }

    private static Optional<Part> known(Manual manual, Columns<Field> columns, Sheet.Row row) {
        String item = columns.text(row, Field.ITEM);
        String number = columns.text(row, Field.NUMBER);
        return manual.parts().stream()
                .filter(
                        p ->
                                item.isEmpty()
                                        ? !number.isEmpty() && p.number().equals(number)
                                        : p.item().equals(item))
                .findFirst();
    }

    private static Part read(
            Sheet sheet,
            Columns<Field> columns,
            Sheet.Row row,
            Optional<Part> before,
            List<RowProblem> problems) {
        Part part =
                before.orElseGet(
                        () -> new Part("", "", "", "", "", 1, ReuseRule.INSPECT, null, ""));
        String name = columns.text(row, Field.NAME);
        if (name.isEmpty()) {
            problems.add(problem(sheet, columns, row, Field.NAME, "the name is missing."));
        }
        part = part.withName(name);
        if (columns.has(Field.ITEM)) {
            part = part.withItem(columns.text(row, Field.ITEM));
        }
        if (columns.has(Field.NUMBER)) {
            part = part.withNumber(columns.text(row, Field.NUMBER));
        }
        if (columns.has(Field.SIZE)) {
            part = part.withSize(columns.text(row, Field.SIZE));
        }
        if (columns.has(Field.NOTE)) {
            part = part.withNote(columns.text(row, Field.NOTE));
        }
        String quantity = columns.text(row, Field.QUANTITY);
        if (quantity.matches("\\d{1,5}(\\.0+)?")) {
            part = part.withQuantity((int) Double.parseDouble(quantity));
        } else if (!quantity.isEmpty()) {
            problems.add(
                    problem(
                            sheet,
                            columns,
                            row,
                            Field.QUANTITY,
                            "“" + quantity + "” is no whole number."));
        }
        String rule = columns.text(row, Field.REUSE).toLowerCase(Locale.ROOT);
        if (!rule.isEmpty()) {
            Optional<ReuseRule> found =
                    RULES.entrySet().stream()
                            .filter(e -> e.getValue().contains(rule))
                            .map(Map.Entry::getKey)
                            .findFirst();
            if (found.isEmpty()) {
                problems.add(
                        problem(
                                sheet,
                                columns,
                                row,
                                Field.REUSE,
                                "“" + rule + "” is none of new, inspect and reuse."));
            }
            part = part.withReuse(found.orElse(part.reuse()));
        }
        return part;
    }

    /**
     * Takes the sheet into the manual, as one change.
     *
     * @throws IllegalStateException if cells were not understood: nothing is taken in by halves
     */
    public Edit edit() {
        if (!problems.isEmpty()) {
            throw new IllegalStateException("the sheet has rows that are not understood");
        }
        return Edit.named(
                "edit.importParts",
                m -> {
                    Manual now = m;
                    for (Part part : changed) {
                        now = now.withPart(part);
                    }
                    for (Part part : added) {
                        now = now.withPart(part.withId(now.nextId("p"))).withIdTaken();
                    }
                    return now;
                });
    }
}
