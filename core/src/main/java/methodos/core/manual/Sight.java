package methodos.core.manual;

/**
 * The units through whose eyes the manual is looked at.
 *
 * @param model the model, null for every model
 * @param serials the serial numbers; one alone for a single unit
 */
public record Sight(String model, SerialRange serials) {

    public static final Sight EVERYTHING = new Sight(null, SerialRange.ALL);

    public Sight {
        serials = serials == null ? SerialRange.ALL : serials;
    }

    public static Sight of(Variant variant) {
        return new Sight(variant.model(), variant.serials());
    }

    public boolean everything() {
        return model == null && serials.all();
    }
}
