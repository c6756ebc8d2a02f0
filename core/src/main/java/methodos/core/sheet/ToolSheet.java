package methodos.core.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import methodos.core.description.Id;
import methodos.core.edit.EditKind;
import methodos.core.edit.HeardLinks;
import methodos.core.manual.Manual;
import methodos.core.manual.Tool;
import methodos.core.sheet.SheetReading.Fate;
import methodos.core.sheet.SheetReading.Item;

/** Tools from a sheet; a tool is known again by its name and size. */
final class ToolSheet {

    private static final Field NAME =
            Field.of("name", "name", "tool", "description", "designation").needed();
    private static final Field SIZE =
            Field.of("size", "size", "resolution", "range", "dimension", "opening");
    private static final Field KIND = Field.of("kind", "kind", "type", "class");
    private static final Field NOTE =
            Field.of("note", "note", "notes", "remark", "remarks", "made from");

    static final List<Field> FIELDS = List.of(NAME, SIZE, KIND, NOTE);

    private static final Map<Tool.Kind, List<String>> KINDS =
            Map.of(
                    Tool.Kind.STANDARD, List.of("standard", "hand tool", "hand"),
                    Tool.Kind.MEASURING, List.of("measuring", "gauge", "instrument"),
                    Tool.Kind.SPECIAL, List.of("special", "special tool"),
                    Tool.Kind.MADE_UP, List.of("made up", "made-up", "made here", "improvised"),
                    Tool.Kind.LIFTING, List.of("lifting", "lifting gear"));

    private ToolSheet() {}

    static SheetReading of(Sheet sheet, Columns columns, Manual manual) {
        List<RowProblem> problems = new ArrayList<>();
        List<Tool> read = new ArrayList<>();
        List<Item> items = new ArrayList<>();
        Set<String> labels = new HashSet<>();
        Map<String, Tool> known = new HashMap<>();
        manual.tools().forEach(t -> known.putIfAbsent(t.label(), t));
        Uses<Tool> uses = Uses.ofTools(manual);
        for (Sheet.Row row : sheet.rows()) {
            int count = problems.size();
            Tool tool = tool(row, columns, known, problems);
            if (!labels.add(tool.label())) {
                problems.add(columns.problem(row, NAME, tool.label() + " stands twice."));
            }
            if (problems.size() > count) {
                continue;
            }
            Optional<Tool> before = Optional.ofNullable(known.get(tool.label()));
            if (before.isEmpty()) {
                read.add(tool);
                items.add(uses.item(Fate.ADDED, new Id<>(""), tool.label(), List.of()));
            } else if (!before.get().equals(tool)) {
                read.add(tool);
                List<String> differences =
                        new Differences()
                                .add("kind", before.get().kind(), tool.kind())
                                .add("note", before.get().note(), tool.note())
                                .all();
                items.add(uses.item(Fate.CHANGED, tool.id(), tool.label(), differences));
            }
        }
        manual.tools().stream()
                .filter(t -> !labels.contains(t.label()) && !t.heard())
                .forEach(t -> items.add(uses.item(Fate.ABSENT, t.id(), t.label(), List.of())));
        return new SheetReading(items, problems, EditKind.IMPORT_TOOLS, m -> takenInto(m, read));
    }

    private static Tool tool(
            Sheet.Row row, Columns columns, Map<String, Tool> known, List<RowProblem> problems) {
        String name = columns.text(row, NAME);
        String size = columns.text(row, SIZE);
        if (name.isEmpty()) {
            problems.add(columns.problem(row, NAME, "the name is missing."));
        }
        Tool tool = new Tool(new Id<>(""), name, size, null, "");
        tool = known.getOrDefault(tool.label(), tool).withHeard(false);
        String kind = columns.text(row, KIND).toLowerCase(Locale.ROOT);
        if (!kind.isEmpty()) {
            Optional<Tool.Kind> found =
                    KINDS.entrySet().stream()
                            .filter(e -> e.getValue().contains(kind))
                            .map(Map.Entry::getKey)
                            .findFirst();
            if (found.isEmpty()) {
                problems.add(
                        columns.problem(
                                row,
                                KIND,
                                "“"
                                        + kind
                                        + "” is none of standard, measuring, special, made up and"
                                        + " lifting."));
            }
            tool = tool.withKind(found.orElse(tool.kind()));
        }
        return columns.has(NOTE) ? tool.withNote(columns.text(row, NOTE)) : tool;
    }

    private static Manual takenInto(Manual start, List<Tool> read) {
        Manual now = start;
        for (Tool tool : read) {
            now =
                    tool.id().text().isEmpty()
                            ? now.withTool(tool.withId(now.nextId("t"))).withIdTaken()
                            : now.withTool(tool);
        }
        return HeardLinks.in(now);
    }
}
