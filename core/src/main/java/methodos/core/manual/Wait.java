package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import methodos.core.description.Required;

/**
 * A time during which the unit is left alone, with what for.
 *
 * @param seconds how long; 0 where only {@code until} tells
 * @param bound whether it may be longer or shorter
 * @param until what ends it, in words; empty where the time does
 */
@RecordBuilder
public record Wait(String what, @Required double seconds, Bound bound, String until)
        implements WaitBuilder.With {

    /** Whether a time may be longer or shorter. */
    public enum Bound {
        AS_LONG,
        AT_LEAST,
        AT_MOST
    }

    public Wait {
        what = what == null ? "" : what;
        until = until == null ? "" : until;
        bound = bound == null ? Bound.AS_LONG : bound;
    }

    /** As long as that. */
    public Wait(String what, double seconds) {
        this(what, seconds, Bound.AS_LONG, "");
    }
}
