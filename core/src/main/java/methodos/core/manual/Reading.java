package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import methodos.core.description.GivenWhenNeeded;
import methodos.core.description.Id;
import methodos.core.quantity.Quantity;

/**
 * Something that is measured, counted, read off or answered in a step.
 *
 * @param id by which others refer to it, null while nothing does
 * @param what what is measured
 * @param answer how it is answered, null for a number that is measured against the limit
 * @param limit what the number has to be; null where nothing is asked of it
 * @param count how many are measured
 * @param names what each of several is called: "ring 1", "ring 2"; none where they are all alike
 * @param symbol what formulas call it, empty where none does
 * @param against the earlier reading that it is held against: of numbers the limit is one for the
 *     difference, this one less that one; words have to be the same; null where there is none
 * @param tool the instrument, null where none is said
 * @param otherwise what to do when it is outside, in words
 * @param fit the sizes by which it is brought inside, null where there are none
 * @param applicability the units whose limit this is
 */
@RecordBuilder
public record Reading(
        @GivenWhenNeeded Id<Reading> id,
        String what,
        Answer answer,
        Value limit,
        int count,
        List<String> names,
        String symbol,
        Id<Reading> against,
        Id<Tool> tool,
        String otherwise,
        Fit fit,
        Applicability applicability)
        implements ReadingBuilder.With {

    public Reading {
        what = what == null ? "" : what;
        symbol = symbol == null ? "" : symbol;
        otherwise = otherwise == null ? "" : otherwise;
        names = names == null ? List.of() : List.copyOf(names);
        count = Math.max(Math.max(1, count), names.size());
        applicability = applicability == null ? Applicability.ALL : applicability;
    }

    /** Numbers of all units that are measured against a limit. */
    public static Reading of(String what, Value limit, int count, Id<Tool> tool) {
        return ReadingBuilder.builder().what(what).limit(limit).count(count).tool(tool).build();
    }

    /** The limit where it is known. */
    public Optional<Quantity> known() {
        return limit == null ? Optional.empty() : limit.known();
    }

    /** The limit where one is asked for and not known. */
    public Optional<Value.Open> open() {
        return limit instanceof Value.Open open ? Optional.of(open) : Optional.empty();
    }

    /** What each of them is called: its name, or its number where it has none. */
    public List<String> labels() {
        List<String> labels = new ArrayList<>(names);
        while (labels.size() < count) {
            labels.add(String.valueOf(labels.size() + 1));
        }
        return labels;
    }
}
