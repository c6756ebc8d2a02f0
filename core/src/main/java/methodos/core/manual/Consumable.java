package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Grease, threadlocker, cleaner and the like, with the grade as it is ordered.
 *
 * @param amount how much of it the work takes, in words
 * @param reason why this one, empty where nothing is said
 */
@RecordBuilder
public record Consumable(String id, String name, String grade, String amount, String reason)
        implements ConsumableBuilder.With {
    public Consumable {
        name = name == null ? "" : name;
        grade = grade == null ? "" : grade;
        amount = amount == null ? "" : amount;
        reason = reason == null ? "" : reason;
    }

    /** One of which only name and grade are known. */
    public Consumable(String id, String name, String grade) {
        this(id, name, grade, "", "");
    }

    public String label() {
        return grade.isEmpty() ? name : name + ", " + grade;
    }
}
