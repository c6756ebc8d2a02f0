package methodos.core.manual;

/** Grease, threadlocker, cleaner and the like, with the grade as it is ordered. */
public record Consumable(String id, String name, String grade) {
    public Consumable {
        grade = grade == null ? "" : grade;
    }

    public String label() {
        return grade.isEmpty() ? name : name + ", " + grade;
    }
}
