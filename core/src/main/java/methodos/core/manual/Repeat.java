package methodos.core.manual;

import java.util.List;
import methodos.core.description.Id;
import methodos.core.description.Required;

/**
 * Steps that are done once more at other places: "the same for the other end cap".
 *
 * @param from id of the first of the steps
 * @param to id of the last of them, in the same stage
 * @param places where they are done once more, each by its name; once more for each
 */
public record Repeat(
        Id<Repeat> id, @Required Id<Step> from, @Required Id<Step> to, List<String> places) {
    public Repeat {
        places = places == null ? List.of() : List.copyOf(places);
    }

    /** At how many places the steps are done altogether. */
    public int times() {
        return 1 + places.size();
    }
}
