package methodos.core.torque;

import java.util.Optional;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.TorqueDefault;

/** The torque that the manual's list gives for the thread and class of a joint. */
public final class UsualTorque {

    private UsualTorque() {}

    /** Nothing where the thread or class is not known or the list has no such line. */
    public static Optional<TorqueDefault> of(Manual manual, Joint joint) {
        if (joint.fastener() == null || joint.propertyClass().isEmpty()) {
            return Optional.empty();
        }
        return manual.part(joint.fastener())
                .map(Part::size)
                .flatMap(UsualTorque::thread)
                .flatMap(
                        thread ->
                                manual.torqueDefaults().stream()
                                        .filter(
                                                d ->
                                                        thread(d.thread())
                                                                .filter(thread::equals)
                                                                .isPresent())
                                        .filter(
                                                d ->
                                                        d.propertyClass()
                                                                .equals(joint.propertyClass()))
                                        .filter(d -> k(d.condition()) == k(joint.condition()))
                                        .findFirst());
    }

    private static Optional<ThreadSize> thread(String size) {
        try {
            return Optional.of(ThreadSize.parse(size));
        } catch (IllegalArgumentException noThread) {
            return Optional.empty();
        }
    }

    /** Conditions are alike where their friction is. */
    private static double k(String condition) {
        try {
            return ThreadCondition.parse(condition).nutFactor();
        } catch (IllegalArgumentException unknown) {
            return Double.NaN;
        }
    }
}
