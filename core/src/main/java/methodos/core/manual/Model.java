package methodos.core.manual;

/** A model of the unit with the words that tell it from the others, such as "spring return". */
public record Model(String name, String kind) {
    public Model {
        name = name == null ? "" : name;
        kind = kind == null ? "" : kind;
    }
}
