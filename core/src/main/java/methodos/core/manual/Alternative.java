package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import methodos.core.description.Id;

/**
 * Work that is done in one of several ways: either these steps or those.
 *
 * @param name of what is done, such as "fill the gear case"
 * @param ways in their order; the steps of each say that they are of it
 */
@RecordBuilder
public record Alternative(Id<Alternative> id, String name, List<Way> ways)
        implements AlternativeBuilder.With {

    /**
     * One of the ways.
     *
     * @param name what it is called, such as "through the plug"
     * @param when it is taken rather than another, in words; empty where all are as good
     */
    @RecordBuilder
    public record Way(Id<Way> id, String name, String when) implements AlternativeWayBuilder.With {
        public Way {
            name = name == null ? "" : name;
            when = when == null ? "" : when;
        }
    }

    public Alternative {
        name = name == null ? "" : name;
        ways = ways == null ? List.of() : List.copyOf(ways);
    }

    /** One of its ways; empty where it has no such way. */
    public Optional<Way> way(Id<Way> id) {
        return ways.stream().filter(w -> w.id().equals(id)).findFirst();
    }

    /** "fill the gear case: through the plug", as it is typed and told. */
    public String told(Way way) {
        return name + ": " + way.name();
    }
}
