package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import methodos.core.description.Id;
import methodos.core.description.Required;
import methodos.core.quantity.Quantity;

/**
 * A consumable in a step.
 *
 * @param amount how much of it, null where nothing is said
 * @param place where it goes, in words; empty where nothing is said
 */
@RecordBuilder
public record ConsumableUse(@Required Id<Consumable> consumable, Quantity amount, String place)
        implements ConsumableUseBuilder.With {
    public ConsumableUse {
        place = place == null ? "" : place;
    }

    /** With no amount and no place said. */
    public ConsumableUse(Id<Consumable> consumable) {
        this(consumable, null, "");
    }
}
