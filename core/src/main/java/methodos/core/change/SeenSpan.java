package methodos.core.change;

import java.util.List;

/**
 * What changed in a span of a recording, from a clear stretch before it to one after it.
 *
 * @param before seconds of the frame that shows best what was there before
 * @param after seconds of the frame that shows best what is there after
 * @param changes the surest first
 */
public record SeenSpan(double before, double after, List<SeenChange> changes) {

    public SeenSpan {
        changes = List.copyOf(changes);
    }
}
