package methodos.core.manual;

import methodos.core.description.Id;
import methodos.core.description.Required;

/**
 * A stretch of a clip.
 *
 * @param start seconds from the start of playback
 * @param end seconds, not before the start
 */
public record Span(@Required Id<Clip> clip, @Required double start, @Required double end) {

    /**
     * @throws IllegalArgumentException if the end is before the start
     */
    public Span {
        if (!(start <= end)) {
            throw new IllegalArgumentException("A span ends at " + end + " before " + start);
        }
    }

    /** Its length, 0 or more. */
    public double seconds() {
        return end - start;
    }

    /**
     * @param time in seconds of the clip, both ends included
     */
    public boolean contains(double time) {
        return start <= time && time < end;
    }

    /** How many seconds it has in common with another; 0 where the clips are not the same. */
    public double shared(Span other) {
        double both = Math.min(end, other.end) - Math.max(start, other.start);
        return clip.equals(other.clip) ? Math.max(0, both) : 0;
    }

    /** Whether it has a moment in common with a stretch of its clip, in seconds. */
    public boolean overlaps(double from, double to) {
        return start < to && from < end;
    }
}
