package methodos.desktop.stores;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import methodos.core.description.Id;
import methodos.core.edit.StoreEdits;
import methodos.core.manual.Consumable;
import methodos.core.manual.Kit;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Substitute;
import methodos.core.manual.Tool;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.ListTable;
import methodos.desktop.project.OpenProject;

/** The lists of the stores as tables that are typed and pasted into. */
final class StoreTables {

    private final OpenProject project;
    private final Words words;
    private final Consumer<String> message;
    private final PartEntry entry;
    private final ListTable<Part> parts;
    private final ListTable<Tool> tools;
    private final ListTable<Consumable> consumables;
    private ListTable<Part> kits;
    private List<Kit> columns = List.of();
    private String sought = "";

    StoreTables(OpenProject project, Consumer<String> message) {
        this.project = project;
        this.words = project.words();
        this.message = message;
        this.entry = new PartEntry(project);
        parts = parts();
        tools = tools();
        consumables = consumables();
        kits = kits();
    }

    private <T> ListTable<T> table(String id, String name) {
        ListTable<T> table =
                new ListTable<>(words, c -> project.apply(StoreEdits.lists(c)), message);
        Controls.named(table, id, words.of(name));
        table.setPlaceholder(Controls.prose(words.of(name + ".empty"), "soft"));
        return table;
    }

    private static BiFunction<Part, String, UnaryOperator<Manual>> part(
            BiFunction<Part, String, Part> change) {
        return (part, typed) -> {
            // what is not understood is said at once, not when the change is made
            boolean same = change.apply(part, typed).equals(part);
            return same ? m -> m : StoreEdits.part(part.id(), p -> change.apply(p, typed));
        };
    }

    private ListTable<Part> parts() {
        ListTable<Part> table = table("parts", "stores.parts");
        table.typed("stores.item", 52, Part::item, part(Part::withItem));
        table.typed("stores.part", 158, Part::name, part(entry::name));
        table.typed("stores.size", 80, Part::size, part(Part::withSize));
        table.typed("stores.number", 106, Part::number, part(Part::withNumber));
        table.typed(
                "stores.quantity", 42, p -> String.valueOf(p.quantity()), part(entry::quantity));
        table.chosen(
                "stores.rule",
                140,
                Part::reuse,
                (p, rule) -> StoreEdits.part(p.id(), x -> x.withReuse(rule)),
                ReuseRule.values());
        table.typed("stores.partOn", 66, entry::sitsOn, part(entry::sitsOn));
        table.typed("stores.partCovered", 92, entry::coveredBy, part(entry::coveredBy));
        table.shown(
                "stores.units",
                130,
                p -> p.applicability().all() ? "" : words.of(p.applicability()));
        table.typed("stores.partNote", 140, Part::note, part(Part::withNote));
        return table;
    }

    private ListTable<Part> kits() {
        ListTable<Part> table = table("kits", "stores.kits");
        table.shown("stores.item", 52, Part::item);
        table.shown("stores.part", 210, Part::label);
        table.shown("stores.rule", 150, p -> words.of(p.reuse()));
        table.shown("stores.need", 54, p -> String.valueOf(p.quantity()));
        for (Kit kit : columns) {
            table.typedUnder(
                    kit.number(),
                    110,
                    p -> {
                        int held =
                                project.manual().kit(kit.id()).map(k -> k.count(p.id())).orElse(0);
                        return held == 0 ? "" : String.valueOf(held);
                    },
                    (p, typed) ->
                            StoreEdits.kitCount(
                                    kit.id(), p.id(), typed.isEmpty() ? 0 : entry.count(typed)));
        }
        return table;
    }

    private static <T> BiFunction<T, String, UnaryOperator<Manual>> row(
            Function<T, Id<T>> id,
            BiFunction<T, String, T> change,
            BiFunction<Id<T>, UnaryOperator<T>, UnaryOperator<Manual>> in) {
        return (row, typed) -> {
            boolean same = change.apply(row, typed).equals(row);
            return same ? m -> m : in.apply(id.apply(row), x -> change.apply(x, typed));
        };
    }

    private ListTable<Tool> tools() {
        ListTable<Tool> table = table("tools", "stores.tools");
        tool(table, "stores.tool", 170, Tool::name, (t, typed) -> t.withName(entry.name(typed)));
        tool(table, "stores.toolSize", 120, Tool::size, Tool::withSize);
        table.chosen(
                "stores.kind",
                110,
                Tool::kind,
                (t, kind) -> StoreEdits.tool(t.id(), x -> x.withKind(kind)),
                Tool.Kind.values());
        tool(table, "stores.toolNote", 190, Tool::note, Tool::withNote);
        tool(
                table,
                "stores.instead",
                140,
                t ->
                        t.instead() == null
                                ? ""
                                : project.manual()
                                        .tool(t.instead().tool())
                                        .map(Tool::label)
                                        .orElse(""),
                this::instead);
        tool(
                table,
                "stores.reason",
                180,
                t -> t.instead() == null ? "" : t.instead().reason(),
                (t, typed) ->
                        t.instead() == null
                                ? t
                                : t.withInstead(new Substitute(t.instead().tool(), typed)));
        tool(
                table,
                "stores.rated",
                80,
                t -> t.rated() == null ? "" : t.rated().print(),
                (t, typed) -> t.withRated(entry.mass(typed)));
        return table;
    }

    private void tool(
            ListTable<Tool> table,
            String key,
            double width,
            Function<Tool, String> read,
            BiFunction<Tool, String, Tool> change) {
        table.typed(key, width, read, row(Tool::id, change, StoreEdits::tool));
    }

    private Tool instead(Tool tool, String typed) {
        if (typed.isEmpty()) {
            return tool.withInstead(null);
        }
        String reason = tool.instead() == null ? "" : tool.instead().reason();
        return project.manual().tools().stream()
                .filter(t -> t.label().equalsIgnoreCase(typed) || t.name().equalsIgnoreCase(typed))
                .findFirst()
                .map(t -> tool.withInstead(new Substitute(t.id(), reason)))
                .orElseThrow(() -> new IllegalArgumentException(words.of("stores.noTool", typed)));
    }

    private ListTable<Consumable> consumables() {
        ListTable<Consumable> table = table("consumables", "stores.consumables");
        consumable(
                table,
                "stores.consumable",
                170,
                Consumable::name,
                (c, typed) -> c.withName(entry.name(typed)));
        consumable(table, "stores.grade", 200, Consumable::grade, Consumable::withGrade);
        consumable(table, "stores.amount", 110, Consumable::amount, Consumable::withAmount);
        consumable(table, "stores.why", 320, Consumable::reason, Consumable::withReason);
        return table;
    }

    private static void consumable(
            ListTable<Consumable> table,
            String key,
            double width,
            Function<Consumable, String> read,
            BiFunction<Consumable, String, Consumable> change) {
        table.typed(key, width, read, row(Consumable::id, change, StoreEdits::consumable));
    }

    ListTable<Part> partTable() {
        return parts;
    }

    ListTable<Tool> toolTable() {
        return tools;
    }

    ListTable<Consumable> consumableTable() {
        return consumables;
    }

    /** The table of kits; another one when there are other kits. */
    ListTable<Part> kitTable() {
        return kits;
    }

    /** Shows the manual as it is now. */
    void refresh() {
        Manual manual = project.manual();
        List<Part> seen =
                manual.parts().stream()
                        .filter(p -> p.applicability().concerns(project.sight().get()))
                        .toList();
        parts.show(seen, Part::id);
        List<Kit> now =
                manual.kits().stream()
                        .map(k -> new Kit(k.id(), k.number(), "", List.of()))
                        .toList();
        if (!now.equals(columns)) {
            columns = new ArrayList<>(now);
            kits = kits();
            kits.filter(this::sought);
        }
        kits.show(seen, Part::id);
        tools.show(manual.tools(), Tool::id);
        consumables.show(manual.consumables(), Consumable::id);
    }

    private boolean sought(Part part) {
        return has(sought, part.item(), part.label(), part.number(), part.note());
    }

    /**
     * Shows only lines that have this text somewhere.
     *
     * @param text in small letters
     */
    void seek(String text) {
        if (text.equals(sought)) {
            return; // what is chosen stays
        }
        sought = text;
        parts.filter(this::sought);
        kits.filter(this::sought);
        tools.filter(t -> has(sought, t.label(), t.note()));
        consumables.filter(c -> has(sought, c.label(), c.reason()));
    }

    static boolean has(String sought, String... texts) {
        for (String text : texts) {
            if (text.toLowerCase(Locale.ROOT).contains(sought)) {
                return true;
            }
        }
        return false;
    }
}
