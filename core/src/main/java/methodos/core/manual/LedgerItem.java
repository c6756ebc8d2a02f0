package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import methodos.core.description.Id;
import methodos.core.description.Required;
import methodos.core.quantity.Quantity;

/**
 * Something beside parts, joints and energies that has to be as before at the end: an aid that is
 * in place for the work only, a fluid, a match mark, a counter that is set back.
 *
 * @param note of an aid how it is made, of a fluid how much and which, of a mark where it is
 * @param tool id of the tool that an aid is, null where it is none of the list
 * @param amount of a fluid, null where nothing is said
 * @param level of a fluid to which it is filled, in words; empty where nothing is said
 * @param grade of a fluid, as it is ordered; empty where nothing is said
 */
@RecordBuilder
public record LedgerItem(
        Id<LedgerItem> id,
        @Required Kind kind,
        String name,
        String note,
        Id<Tool> tool,
        Applicability applicability,
        Quantity amount,
        String level,
        String grade)
        implements LedgerItemBuilder.With, ActedOn {

    /** What it is. */
    public enum Kind {
        AID,
        FLUID,
        MARK,
        COUNTER
    }

    public LedgerItem {
        name = name == null ? "" : name;
        note = note == null ? "" : note;
        level = level == null ? "" : level;
        grade = grade == null ? "" : grade;
        applicability = applicability == null ? Applicability.ALL : applicability;
    }

    /** For all units, with nothing more said. */
    public LedgerItem(Id<LedgerItem> id, Kind kind, String name) {
        this(id, kind, name, "", null, Applicability.ALL, null, "", "");
    }
}
