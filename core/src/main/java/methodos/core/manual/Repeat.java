package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import methodos.core.description.Id;
import methodos.core.description.Required;

/**
 * Steps that are done again: once more at other places ("the same for the other end cap"), or until
 * something is reached ("until no air comes, at most 30 times").
 *
 * @param from id of the first of the steps
 * @param to id of the last of them, in the same stage
 * @param places where they are done once more, each by its name; once more for each
 * @param until what ends it, in words; empty where it is done once at each place
 * @param least how often at least, 0 where nothing is said
 * @param most how often at most, 0 where nothing is said
 * @param otherwise what to do when it did not end by then, in words
 */
@RecordBuilder
public record Repeat(
        Id<Repeat> id,
        @Required Id<Step> from,
        @Required Id<Step> to,
        List<String> places,
        String until,
        int least,
        int most,
        String otherwise)
        implements RepeatBuilder.With {
    public Repeat {
        places = places == null ? List.of() : List.copyOf(places);
        until = until == null ? "" : until;
        otherwise = otherwise == null ? "" : otherwise;
        least = Math.max(0, least);
        most = Math.max(0, most);
    }

    /** Once more at each of some places. */
    public Repeat(Id<Repeat> id, Id<Step> from, Id<Step> to, List<String> places) {
        this(id, from, to, places, "", 0, 0, "");
    }

    /** At how many places the steps are done altogether. */
    public int times() {
        return 1 + places.size();
    }

    /** Whether nothing says how it ends: neither a state nor a greatest number of rounds. */
    public boolean endless() {
        return places.isEmpty() && until.isBlank() && most == 0;
    }
}
