package methodos.core.manual;

/**
 * A part as it was named in the narration.
 *
 * @param size null where it is not said
 * @param quantity null where it is not said
 */
public record Named(String name, String size, Integer quantity) {
    public Named {
        name = name == null ? "" : name;
    }

    /** Its name with its size, as far as it is said: "screw M6". */
    public String label() {
        return size == null ? name : name + " " + size;
    }
}
