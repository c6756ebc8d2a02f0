package methodos.core.bench;

import java.time.Instant;
import java.util.Optional;
import methodos.core.fit.JudgedAnswer;
import methodos.core.fit.ReadingVerdict;

/**
 * A reading that was taken.
 *
 * @param by who took it
 * @param instrument which instrument sent it; empty where it was typed
 * @param correction why what was entered before was wrong; null where it was measured anew
 */
public record Taken(
        Instant at, String by, JudgedAnswer answer, String instrument, String correction) {

    /** What its limit says, empty where it has none. */
    public Optional<ReadingVerdict> verdict() {
        return answer.verdict();
    }
}
