package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import methodos.core.description.Id;
import methodos.core.description.Required;

/**
 * Something that is measured in a step.
 *
 * @param what what is measured
 * @param limit what it has to be
 * @param count how many are measured
 * @param tool the instrument, null where none is said
 * @param otherwise what to do when it is outside, in words
 * @param fit the sizes by which it is brought inside, null where there are none
 * @param applicability the units whose limit this is
 */
@RecordBuilder
public record Reading(
        String what,
        @Required Value limit,
        int count,
        Id<Tool> tool,
        String otherwise,
        Fit fit,
        Applicability applicability)
        implements ReadingBuilder.With {
    public Reading {
        what = what == null ? "" : what;
        otherwise = otherwise == null ? "" : otherwise;
        count = Math.max(1, count);
        applicability = applicability == null ? Applicability.ALL : applicability;
    }

    /** A reading that no size is chosen by. */
    public Reading(String what, Value limit, int count, Id<Tool> tool, String otherwise) {
        this(what, limit, count, tool, otherwise, null, Applicability.ALL);
    }

    /** A reading of all units. */
    public Reading(String what, Value limit, int count, Id<Tool> tool, String otherwise, Fit fit) {
        this(what, limit, count, tool, otherwise, fit, Applicability.ALL);
    }
}
