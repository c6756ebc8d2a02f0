package methodos.core.plan;

import java.util.List;
import java.util.Optional;

/**
 * Who does what when.
 *
 * @param elapsed seconds from the beginning until all is done
 * @param slots of all work, by their beginning
 * @param critical ids of the longest chain by precedence, from its first to its last: whatever the
 *     number of people, nothing is done sooner unless something of it is
 */
public record WorkPlan(double elapsed, List<Slot> slots, List<String> critical) {

    /** The work of nobody: it only waits. */
    public static final int NOBODY = 0;

    /**
     * When a piece of work is done.
     *
     * @param start seconds after the beginning
     * @param free when the person who does it is free again
     * @param end when it is done, its wait included
     * @param person who does it, from 1; {@link #NOBODY} where it only waits
     */
    public record Slot(String id, double start, double free, double end, int person) {}

    public WorkPlan {
        slots = List.copyOf(slots);
        critical = List.copyOf(critical);
    }

    /** When something is done. */
    public Optional<Slot> slot(String id) {
        return slots.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** Seconds that somebody works. */
    public double hands() {
        return slots.stream().mapToDouble(s -> s.free() - s.start()).sum();
    }

    /** Seconds in which something waits and nobody works. */
    public double idle() {
        double idle = 0;
        double until = 0;
        for (Slot slot : slots.stream().filter(s -> s.free() > s.start()).toList()) {
            idle += Math.max(0, slot.start() - until);
            until = Math.max(until, slot.free());
        }
        return idle + Math.max(0, elapsed - until);
    }
}
