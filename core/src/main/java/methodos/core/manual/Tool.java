package methodos.core.manual;

/** A tool with its size, its kind, and how it is made where it is made on the spot. */
public record Tool(String id, String name, String size, Kind kind, String note) {

    public enum Kind {
        STANDARD,
        MEASURING,
        SPECIAL,
        MADE_UP,
        LIFTING
    }

    public Tool {
        size = size == null ? "" : size;
        note = note == null ? "" : note;
        kind = kind == null ? Kind.STANDARD : kind;
    }

    public String label() {
        return size.isEmpty() ? name : name + " " + size;
    }
}
