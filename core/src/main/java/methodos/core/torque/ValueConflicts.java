package methodos.core.torque;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Sight;
import methodos.core.quantity.Agreement;
import methodos.core.quantity.Quantity;

/**
 * Torques that contradict each other: of one joint in two units, and of joints with the same
 * screws. This is where slips show that are too small for the screw to tell, such as a factor of
 * 1.356 or two digits changed round.
 */
public final class ValueConflicts {

    /**
     * @param joint whose value is doubted
     * @param other the joint that contradicts it, empty where its own second value does
     * @param likely what the second was probably meant to be (written for meant)
     */
    public record Conflict(
            Joint joint,
            Optional<Joint> other,
            Quantity first,
            Quantity second,
            Optional<String> likely) {}

    private ValueConflicts() {}

    /** The conflicts between the joints of the units that are looked at, in the joints' order. */
    public static List<Conflict> of(Manual manual, Sight sight) {
        List<Joint> joints =
                manual.joints().stream().filter(j -> j.applicability().concerns(sight)).toList();
        List<Conflict> conflicts = new ArrayList<>();
        Map<Alike, List<Joint>> before = new HashMap<>();
        for (Joint joint : joints) {
            Optional<Quantity> value = joint.torque().known();
            if (value.isEmpty()) {
                continue;
            }
            add(conflicts, joint, Optional.empty(), value.get(), joint.second());
            if (joint.fastener() == null) {
                continue;
            }
            List<Joint> alike = before.computeIfAbsent(Alike.of(joint), a -> new ArrayList<>());
            for (Joint other : alike) {
                add(
                        conflicts,
                        joint,
                        Optional.of(other),
                        other.torque().known().orElse(null),
                        value.get());
            }
            alike.add(joint);
        }
        return List.copyOf(conflicts);
    }

    private static void add(
            List<Conflict> conflicts,
            Joint joint,
            Optional<Joint> other,
            Quantity first,
            Quantity second) {
        if (first == null
                || second == null
                || first.unit().dimension() != second.unit().dimension()) {
            return;
        }
        Agreement agreement = Agreement.of(first, second);
        if (!agreement.agree()) {
            conflicts.add(new Conflict(joint, other, first, second, agreement.likely()));
        }
    }

    /** Joints with the same screw in the same state, which clamp the same sort of thing. */
    private record Alike(
            Id<Part> fastener, String propertyClass, String condition, boolean soft, int count) {

        static Alike of(Joint joint) {
            return new Alike(
                    joint.fastener(),
                    joint.propertyClass(),
                    joint.condition(),
                    joint.soft(),
                    joint.count());
        }
    }
}
