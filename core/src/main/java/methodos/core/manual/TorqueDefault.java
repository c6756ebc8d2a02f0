package methodos.core.manual;

import methodos.core.description.Required;
import methodos.core.quantity.Quantity;

/**
 * The torque for joints without a value of their own.
 *
 * @param thread such as M6
 * @param propertyClass such as 8.8
 * @param condition of the thread; empty for dry
 */
public record TorqueDefault(
        String thread, String propertyClass, String condition, @Required Quantity torque) {
    public TorqueDefault {
        thread = thread == null ? "" : thread;
        propertyClass = propertyClass == null ? "" : propertyClass;
        condition = condition == null ? "" : condition;
    }
}
