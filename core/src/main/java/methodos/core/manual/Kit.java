package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import methodos.core.description.Id;
import methodos.core.description.Required;

/**
 * A bag of parts, and of what goes with them, that the maker sells under one number.
 *
 * @param consumables what comes with the parts to be used up
 * @param tools what comes with them to work with
 * @param applicability the units that it is for
 */
@RecordBuilder
public record Kit(
        Id<Kit> id,
        String number,
        String name,
        List<Content> contents,
        List<ConsumableContent> consumables,
        List<ToolContent> tools,
        Applicability applicability)
        implements KitBuilder.With {

    /** So many of a part; more than a unit needs are spares. */
    public record Content(@Required Id<Part> part, @Required int count) {}

    /**
     * Some of a consumable.
     *
     * @param amount in words, empty where nothing is said
     */
    public record ConsumableContent(@Required Id<Consumable> consumable, String amount) {
        public ConsumableContent {
            amount = amount == null ? "" : amount;
        }
    }

    /** So many of a tool. */
    public record ToolContent(@Required Id<Tool> tool, @Required int count) {}

    public Kit {
        number = number == null ? "" : number;
        name = name == null ? "" : name;
        contents = contents == null ? List.of() : List.copyOf(contents);
        consumables = consumables == null ? List.of() : List.copyOf(consumables);
        tools = tools == null ? List.of() : List.copyOf(tools);
        applicability = applicability == null ? Applicability.ALL : applicability;
    }

    /** A kit of parts alone. */
    public Kit(
            Id<Kit> id,
            String number,
            String name,
            List<Content> contents,
            Applicability applicability) {
        this(id, number, name, contents, List.of(), List.of(), applicability);
    }

    /** A kit of parts alone, for all units. */
    public Kit(Id<Kit> id, String number, String name, List<Content> contents) {
        this(id, number, name, contents, Applicability.ALL);
    }

    /** How many of a part it holds, 0 or more. */
    public int count(Id<Part> part) {
        return contents.stream().filter(c -> c.part().equals(part)).mapToInt(Content::count).sum();
    }
}
