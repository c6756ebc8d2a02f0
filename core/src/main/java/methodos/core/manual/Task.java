package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import methodos.core.description.Id;

/**
 * Work that is due again and again.
 *
 * @param what is done
 * @param every after what time or count it is due, in words or figures: "12 months", "500 lifts"
 * @param counter what counts, null where it is due by the calendar
 * @param steps those that do it, none where they are not in this manual
 */
@RecordBuilder
public record Task(
        Id<Task> id, String what, String every, Id<LedgerItem> counter, List<Id<Step>> steps)
        implements TaskBuilder.With {
    public Task {
        what = what == null ? "" : what;
        every = every == null ? "" : every;
        steps = steps == null ? List.of() : List.copyOf(steps);
    }
}
