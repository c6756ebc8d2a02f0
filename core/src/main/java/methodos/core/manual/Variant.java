package methodos.core.manual;

import methodos.core.description.Id;

/**
 * Units of one model and one range of serial numbers that are built alike.
 *
 * @param build what is special about them, in words
 */
public record Variant(Id<Variant> id, String model, SerialRange serials, String build) {
    public Variant {
        model = model == null ? "" : model;
        build = build == null ? "" : build;
        serials = serials == null ? SerialRange.ALL : serials;
    }
}
