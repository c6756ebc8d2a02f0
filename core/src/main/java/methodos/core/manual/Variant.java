package methodos.core.manual;

/**
 * Units of one model and one range of serial numbers that are built alike.
 *
 * @param build what is special about them, in words
 */
public record Variant(String id, String model, SerialRange serials, String build) {
    public Variant {
        model = model == null ? "" : model;
        build = build == null ? "" : build;
        serials = serials == null ? SerialRange.ALL : serials;
    }
}
