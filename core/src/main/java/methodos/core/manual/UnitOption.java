package methodos.core.manual;

/** Something that some of the units carry, with the mark on the type plate that says so. */
public record UnitOption(String mark, String name, SerialRange serials) {
    public UnitOption {
        mark = mark == null ? "" : mark;
        name = name == null ? "" : name;
        serials = serials == null ? SerialRange.ALL : serials;
    }
}
