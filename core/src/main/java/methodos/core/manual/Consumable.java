package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import methodos.core.description.Id;
import methodos.core.description.WrittenIfTrue;

/**
 * Grease, threadlocker, cleaner and the like, with the grade as it is ordered.
 *
 * @param amount how much of it the work takes, in words
 * @param reason why this one, empty where nothing is said
 * @param heard whether it is here only because the narration names it
 */
@RecordBuilder
public record Consumable(
        Id<Consumable> id,
        String name,
        String grade,
        String amount,
        String reason,
        @WrittenIfTrue boolean heard)
        implements ConsumableBuilder.With {
    public Consumable {
        name = name == null ? "" : name;
        grade = grade == null ? "" : grade;
        amount = amount == null ? "" : amount;
        reason = reason == null ? "" : reason;
    }

    /** One of which only name and grade are known. */
    public Consumable(Id<Consumable> id, String name, String grade) {
        this(id, name, grade, "", "", false);
    }

    /** Its name and grade. */
    public String label() {
        return grade.isEmpty() ? name : name + ", " + grade;
    }
}
