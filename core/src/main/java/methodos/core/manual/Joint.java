package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import methodos.core.description.Id;
import methodos.core.description.Required;
import methodos.core.quantity.Quantity;

/**
 * What is screwed to what, and how tight.
 *
 * @param fastener the part that holds it, null where it is none of the list
 * @param count how many fasteners
 * @param propertyClass such as 8.8 or A2-70, empty where not known
 * @param condition state of the thread: dry, oiled, with threadlocker …
 * @param torque the value of the last stage
 * @param stages the values before it, as entered, in order
 * @param order the order of tightening: cross, star, … or numbers; empty where there is none
 * @param second the same value as it was given in another unit, null where it was given once
 * @param soft whether something soft is clamped (plastic, gasket, sight glass)
 * @param angle how much further it is turned after the torque, or after hand-tight; null for no
 *     further
 * @param again when it is tightened once more, in words; empty where it is not
 * @param way how it is brought to its tightness, null for the way of the manual
 */
@RecordBuilder
public record Joint(
        Id<Joint> id,
        String name,
        Id<Part> fastener,
        @Required int count,
        String propertyClass,
        String condition,
        @Required Value torque,
        List<Quantity> stages,
        String order,
        Applicability applicability,
        Quantity second,
        boolean soft,
        Quantity angle,
        String again,
        TighteningWay way)
        implements JointBuilder.With, ActedOn {
    public Joint {
        name = name == null ? "" : name;
        propertyClass = propertyClass == null ? "" : propertyClass;
        condition = condition == null ? "" : condition;
        order = order == null ? "" : order;
        again = again == null ? "" : again;
        stages = stages == null ? List.of() : List.copyOf(stages);
        applicability = applicability == null ? Applicability.ALL : applicability;
    }

    /** Whether no wrench is set: hand-tight, then an angle. */
    public boolean byAngle() {
        return way == TighteningWay.ANGLE;
    }
}
