package methodos.core.manual;

import methodos.core.description.RefersTo;

/**
 * A stretch of a clip.
 *
 * @param start seconds from the start of playback
 * @param end seconds, not before the start
 */
public record Span(@RefersTo(Clip.class) String clip, double start, double end) {

    /**
     * @throws IllegalArgumentException if the end is before the start
     */
    public Span {
        if (!(start <= end)) {
            throw new IllegalArgumentException("A span ends at " + end + " before " + start);
        }
    }

    public double seconds() {
        return end - start;
    }

    public boolean contains(double time) {
        return start <= time && time < end;
    }

    public boolean overlaps(double from, double to) {
        return start < to && from < end;
    }
}
