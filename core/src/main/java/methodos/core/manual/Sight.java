package methodos.core.manual;

import java.util.Collections;
import java.util.Set;

/**
 * The units through whose eyes the manual is looked at.
 *
 * @param model the model, null for every model
 * @param serials the serial numbers; one alone for a single unit
 * @param with marks of options that the units have
 * @param without marks of options that they do not have; of others they may or may not have it
 */
public record Sight(String model, SerialRange serials, Set<String> with, Set<String> without) {

    public static final Sight EVERYTHING = new Sight(null, SerialRange.ALL);

    public Sight {
        serials = serials == null ? SerialRange.ALL : serials;
        with = with == null ? Set.of() : Set.copyOf(with);
        without = without == null ? Set.of() : Set.copyOf(without);
    }

    /** Whatever the options. */
    public Sight(String model, SerialRange serials) {
        this(model, serials, Set.of(), Set.of());
    }

    /** The units of a variant. */
    public static Sight of(Variant variant) {
        return new Sight(variant.model(), variant.serials());
    }

    /** Whether some unit is among those of both. */
    public boolean meets(Sight other) {
        return (model == null || other.model == null || model.equals(other.model))
                && serials.overlaps(other.serials)
                && Collections.disjoint(with, other.without)
                && Collections.disjoint(without, other.with);
    }

    /** Whether all units are looked at. */
    public boolean everything() {
        return model == null && serials.all() && with.isEmpty() && without.isEmpty();
    }
}
