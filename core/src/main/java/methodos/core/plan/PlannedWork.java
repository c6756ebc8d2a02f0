package methodos.core.plan;

import java.util.List;

/**
 * A piece of work that is not interrupted: somebody works at it, then it may wait for itself.
 *
 * @param id by which others name it
 * @param hands seconds that one person works at it, 0 where it only waits
 * @param alone seconds after that in which it needs nobody and is not yet done
 * @param from seconds after the beginning before which it cannot begin
 * @param after ids of what has to be done before it begins
 */
public record PlannedWork(String id, double hands, double alone, double from, List<String> after) {

    /**
     * @throws IllegalArgumentException if a time is below 0 or no number
     */
    public PlannedWork {
        after = List.copyOf(after);
        for (double time : new double[] {hands, alone, from}) {
            if (!(time >= 0 && time < Double.POSITIVE_INFINITY)) {
                throw new IllegalArgumentException(
                        "“" + id + "” has a time that is no number of seconds from 0 up.");
            }
        }
    }

    /** One that can begin at once. */
    public PlannedWork(String id, double hands, double alone, List<String> after) {
        this(id, hands, alone, 0, after);
    }

    double lasts() {
        return hands + alone;
    }
}
