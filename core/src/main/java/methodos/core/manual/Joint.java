package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

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
 */
@RecordBuilder
public record Joint(
        String id,
        String name,
        String fastener,
        int count,
        String propertyClass,
        String condition,
        Value torque,
        List<String> stages,
        String order,
        Applicability applicability)
        implements JointBuilder.With {
    public Joint {
        propertyClass = propertyClass == null ? "" : propertyClass;
        condition = condition == null ? "" : condition;
        order = order == null ? "" : order;
        stages = stages == null ? List.of() : List.copyOf(stages);
        applicability = applicability == null ? Applicability.ALL : applicability;
    }
}
