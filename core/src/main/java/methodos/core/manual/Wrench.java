package methodos.core.manual;

import methodos.core.quantity.Quantity;

/**
 * A torque wrench of the shop.
 *
 * @param name as it is called there
 * @param range from the lower end to the full of its scale; a torque
 */
public record Wrench(String id, String name, Quantity range) {
    public Wrench {
        name = name == null ? "" : name;
    }
}
