package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import methodos.core.description.Id;
import methodos.core.description.Required;

/**
 * A bag of parts that the maker sells under one number.
 *
 * @param applicability the units that it is for
 */
@RecordBuilder
public record Kit(
        Id<Kit> id, String number, String name, List<Content> contents, Applicability applicability)
        implements KitBuilder.With {

    /** So many of a part; more than a unit needs are spares. */
    public record Content(@Required Id<Part> part, @Required int count) {}

    public Kit {
        number = number == null ? "" : number;
        name = name == null ? "" : name;
        contents = contents == null ? List.of() : List.copyOf(contents);
        applicability = applicability == null ? Applicability.ALL : applicability;
    }

    /** A kit for all units. */
    public Kit(Id<Kit> id, String number, String name, List<Content> contents) {
        this(id, number, name, contents, Applicability.ALL);
    }

    /** How many of a part it holds, 0 or more. */
    public int count(Id<Part> part) {
        return contents.stream().filter(c -> c.part().equals(part)).mapToInt(Content::count).sum();
    }
}
