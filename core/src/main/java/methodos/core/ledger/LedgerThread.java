package methodos.core.ledger;

import java.util.Optional;

/**
 * Something that leaves in one step and comes back in another.
 *
 * @param closed the step in which it comes back, empty for a loose end
 * @param count how many, 1 where nothing is counted
 */
public record LedgerThread(
        Kind kind, String subject, String opened, Optional<String> closed, int count) {

    /** What the thread follows. */
    public enum Kind {
        PART,
        JOINT,
        FLUID,
        ENERGY,
        AID,
        MARK,
        COUNTER
    }
}
