package methodos.core.bench;

import java.time.Instant;
import java.util.Objects;
import methodos.core.description.Required;

/**
 * A line of a run's record: nothing in it is ever changed, what was wrong is corrected by a later
 * one.
 *
 * @param at when it was entered
 * @param by who entered it, by the name that he gave
 */
public record Entry(@Required Instant at, @Required String by, @Required Deed deed) {
    public Entry {
        Objects.requireNonNull(at, "at");
        Objects.requireNonNull(deed, "deed");
        by = by == null ? "" : by;
    }
}
