package methodos.core.torque;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
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
        for (int i = 0; i < joints.size(); i++) {
            Joint joint = joints.get(i);
            Optional<Quantity> value = joint.torque().known();
            if (value.isEmpty()) {
                continue;
            }
            add(conflicts, joint, Optional.empty(), value.get(), joint.second());
            for (Joint before : joints.subList(0, i)) {
                if (alike(joint, before)) {
                    add(
                            conflicts,
                            joint,
                            Optional.of(before),
                            before.torque().known().orElse(null),
                            value.get());
                }
            }
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

    /**
     * Whether two joints have the same screw in the same state, and clamp the same sort of thing.
     */
    private static boolean alike(Joint a, Joint b) {
        return a.fastener() != null
                && a.fastener().equals(b.fastener())
                && a.propertyClass().equals(b.propertyClass())
                && a.condition().equals(b.condition())
                && a.soft() == b.soft()
                && a.count() == b.count();
    }
}
