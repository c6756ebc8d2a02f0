package methodos.core.torque;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.TorqueDefault;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;

/** The torque that the manual's list gives for the thread and class of a joint. */
public final class UsualTorque {

    private static final Pattern LINE = Pattern.compile("([^,:]+),([^,:]+)(?:,([^,:]+))?:(.+)");

    private UsualTorque() {}

    /**
     * Reads a line of the list: "M8, 8.8, oiled: 22 N·m", the condition where there is one.
     *
     * @return empty where it is no such line
     * @throws IllegalArgumentException with a sentence if a part of it is not understood
     */
    public static Optional<TorqueDefault> parse(String typed) {
        Matcher line = LINE.matcher(typed);
        if (!line.matches()) {
            return Optional.empty();
        }
        String condition = line.group(3) == null ? "" : line.group(3).strip();
        ThreadSize.parse(line.group(1).strip());
        PropertyClass.parse(line.group(2).strip());
        ThreadCondition.parse(condition);
        return Optional.of(
                new TorqueDefault(
                        line.group(1).strip(),
                        line.group(2).strip(),
                        condition,
                        Quantity.parse(line.group(4), MeasureUnit.Dimension.TORQUE)));
    }

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
