package methodos.core.edit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import methodos.core.description.Id;
import methodos.core.manual.Applicability;
import methodos.core.manual.Consumable;
import methodos.core.manual.Kit;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Replacement;
import methodos.core.manual.Tool;

/** The changes that are made to parts, kits, tools and consumables. */
public final class StoreEdits {

    private StoreEdits() {}

    /** A change of the lists, as one edit. */
    public static Edit lists(UnaryOperator<Manual> change) {
        return Edit.named(EditKind.LISTS, change);
    }

    /** Changes a part of the list; nothing where it is gone. */
    public static UnaryOperator<Manual> part(Id<Part> id, UnaryOperator<Part> change) {
        return m -> m.part(id).map(p -> m.withPart(change.apply(p))).orElse(m);
    }

    /** Changes a tool of the list; nothing where it is gone. */
    public static UnaryOperator<Manual> tool(Id<Tool> id, UnaryOperator<Tool> change) {
        return m -> m.tool(id).map(t -> m.withTool(change.apply(t))).orElse(m);
    }

    /** Changes a consumable of the list; nothing where it is gone. */
    public static UnaryOperator<Manual> consumable(
            Id<Consumable> id, UnaryOperator<Consumable> change) {
        return m -> m.consumable(id).map(c -> m.withConsumable(change.apply(c))).orElse(m);
    }

    /** Sets how many of a part a kit holds; 0 takes it out. */
    public static UnaryOperator<Manual> kitCount(Id<Kit> kit, Id<Part> part, int count) {
        return m ->
                m.kit(kit)
                        .map(
                                k -> {
                                    List<Kit.Content> contents = new ArrayList<>(k.contents());
                                    contents.removeIf(c -> c.part().equals(part));
                                    if (count > 0) {
                                        contents.add(new Kit.Content(part, count));
                                    }
                                    return m.withKit(
                                            new Kit(k.id(), k.number(), k.name(), contents));
                                })
                        .orElse(m);
    }

    /**
     * How much of a consumable a kit holds.
     *
     * @param amount in words, null where it holds none
     */
    public static UnaryOperator<Manual> kitConsumable(
            Id<Kit> kit, Id<Consumable> consumable, String amount) {
        return m ->
                m.kit(kit)
                        .map(
                                k -> {
                                    List<Kit.ConsumableContent> all =
                                            new ArrayList<>(k.consumables());
                                    all.removeIf(s -> s.consumable().equals(consumable));
                                    if (amount != null) {
                                        all.add(new Kit.ConsumableContent(consumable, amount));
                                    }
                                    return m.withKit(k.withConsumables(all));
                                })
                        .orElse(m);
    }

    /** How many of a tool a kit holds. */
    public static UnaryOperator<Manual> kitTools(Id<Kit> kit, Id<Tool> tool, int count) {
        return m ->
                m.kit(kit)
                        .map(
                                k -> {
                                    List<Kit.ToolContent> all = new ArrayList<>(k.tools());
                                    all.removeIf(t -> t.tool().equals(tool));
                                    if (count > 0) {
                                        all.add(new Kit.ToolContent(tool, count));
                                    }
                                    return m.withKit(k.withTools(all));
                                })
                        .orElse(m);
    }

    /** Makes an empty kit. */
    public static Edit newKit(String number) {
        return Edit.named(
                EditKind.NEW_KIT,
                m -> m.withIdTaken().withKit(new Kit(m.nextId("k"), number, "", List.of())));
    }

    /** Makes a standard tool. */
    public static Edit newTool(String name) {
        return Edit.named(
                EditKind.NEW_TOOL,
                m ->
                        m.withIdTaken()
                                .withTool(
                                        new Tool(m.nextId("t"), name, "", Tool.Kind.STANDARD, "")));
    }

    /** Makes a consumable with nothing but its name. */
    public static Edit newConsumable(String name) {
        return Edit.named(
                EditKind.NEW_CONSUMABLE,
                m -> m.withIdTaken().withConsumable(new Consumable(m.nextId("c"), name, "")));
    }

    /** Puts down that a newer number takes the place of a part's. */
    public static Edit replaced(Id<Part> part, Replacement replacement) {
        return Edit.named(EditKind.REPLACE_PART, part(part, p -> p.withReplacement(replacement)));
    }

    /** Puts the newer number of a part in the place of the one that it has. */
    public static Edit replace(Id<Part> part) {
        return Edit.named(
                EditKind.REPLACE_PART,
                part(
                        part,
                        p ->
                                p.replacement() == null
                                        ? p
                                        : p.withNumber(p.replacement().number())
                                                .withReplacement(null)));
    }

    /**
     * The parts that are named by item numbers, such as "3, 4".
     *
     * @throws IllegalArgumentException naming the first item that there is not
     */
    public static List<Id<Part>> items(Manual manual, String typed) {
        return Arrays.stream(typed.split("[,;\\s]+"))
                .filter(s -> !s.isEmpty())
                .map(
                        item -> {
                            Optional<Part> part =
                                    manual.parts().stream()
                                            .filter(p -> p.item().equals(item))
                                            .findFirst();
                            return part.map(Part::id)
                                    .orElseThrow(
                                            () ->
                                                    new IllegalArgumentException(
                                                            "There is no item " + item + "."));
                        })
                .toList();
    }

    /** The item number of a part, empty for null. */
    public static String itemOf(Manual manual, Id<Part> part) {
        return part == null ? "" : manual.part(part).map(Part::item).orElse("");
    }

    /** The item numbers of parts, as they are typed. */
    public static String items(Manual manual, List<Id<Part>> parts) {
        return String.join(
                ", ",
                parts.stream().flatMap(p -> manual.part(p).stream()).map(Part::item).toList());
    }

    /** Says for which units a kit is. */
    public static Edit kitUnits(Id<Kit> kit, Applicability units) {
        return Edit.named(
                        EditKind.KIT_UNITS,
                        m -> m.kit(kit).map(k -> m.withKit(k.withApplicability(units))).orElse(m))
                .joining("units " + kit);
    }
}
