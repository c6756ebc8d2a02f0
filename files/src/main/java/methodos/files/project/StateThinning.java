package methodos.files.project;

import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * Which of the kept states stay as time goes on: each of the last minute, the last one of each
 * minute for an hour, of each hour for a day, of each day for a month. The last one of an hour is
 * the last one of its last minute too, so that what stays later has stayed before.
 */
final class StateThinning {

    private static final Duration MONTH = Duration.ofDays(31);

    private StateThinning() {}

    /**
     * What has to go.
     *
     * @param states in any order; those of a time to come, by a clock that was wrong, are treated
     *     as of the last hour
     */
    static <T> List<T> superfluous(List<T> states, Function<T, Instant> when, Instant now) {
        List<T> newestFirst = new ArrayList<>(states);
        newestFirst.sort(Comparator.comparing(when).reversed());
        Map<String, T> kept = new HashMap<>();
        List<T> superfluous = new ArrayList<>();
        for (T state : newestFirst) {
            String slot = slot(when.apply(state), now);
            if (slot.isEmpty() || !slot.equals("none") && kept.putIfAbsent(slot, state) == null) {
                continue;
            }
            superfluous.add(state);
        }
        return superfluous;
    }

    /**
     * States of one slot are thinned to the last of them; empty where each stays. A slot is thinned
     * as a whole, when all of it is old enough: else what was thinned before could be missed.
     */
    private static String slot(Instant when, Instant now) {
        if (!passed(when, ChronoUnit.MINUTES, now) && !when.isAfter(now)) {
            return "";
        }
        if (!passed(when, ChronoUnit.HOURS, now)) {
            return "m" + when.truncatedTo(ChronoUnit.MINUTES);
        }
        if (!passed(when, ChronoUnit.DAYS, now)) {
            return "h" + when.truncatedTo(ChronoUnit.HOURS);
        }
        Instant day = when.truncatedTo(ChronoUnit.DAYS);
        return day.plus(MONTH).isAfter(now) ? "d" + day : "none";
    }

    /** Whether the minute, hour or day of a state ended one of its length ago. */
    private static boolean passed(Instant when, ChronoUnit unit, Instant now) {
        return !when.truncatedTo(unit).plus(2, unit).isAfter(now);
    }
}
