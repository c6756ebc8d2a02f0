package methodos.core.manual;

import methodos.core.description.Id;
import methodos.core.description.Required;
import methodos.core.quantity.Quantity;

/**
 * A torque wrench of the shop.
 *
 * @param name as it is called there
 * @param range from the lower end to the full of its scale; a torque
 */
public record Wrench(Id<Wrench> id, String name, @Required Quantity range) {
    public Wrench {
        name = name == null ? "" : name;
    }
}
