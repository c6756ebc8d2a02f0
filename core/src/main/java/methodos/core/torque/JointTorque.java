package methodos.core.torque;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;

/**
 * The tightening of a joint in N·m: its stages in order, the last the whole value, and what it does
 * to its screw where thread and class are known.
 */
public record JointTorque(Joint joint, List<Stage> stages, Optional<Preload> preload) {

    /**
     * A stage as it was typed, and in N·m.
     *
     * @param entered as it was typed
     */
    public record Stage(Quantity entered, TorqueRange range) {

        public double min() {
            return range.min().toDouble();
        }

        public double max() {
            return range.max().toDouble();
        }
    }

    public JointTorque {
        stages = List.copyOf(stages);
    }

    /** Stages that are no torque are left out; a joint that is turned by an angle has none. */
    public static JointTorque of(Manual manual, Joint joint) {
        return of(manual::part, joint);
    }

    /**
     * Stages that are no torque are left out; a joint that is turned by an angle has none.
     *
     * @param parts finds a part by its id
     */
    public static JointTorque of(Function<String, Optional<Part>> parts, Joint joint) {
        List<Stage> stages = new ArrayList<>();
        if (joint.byAngle()) {
            return new JointTorque(joint, stages, Optional.empty());
        }
        for (String text : joint.stages()) {
            read(text).flatMap(JointTorque::stage).ifPresent(stages::add);
        }
        Optional<Quantity> whole = joint.torque().known();
        whole.flatMap(JointTorque::stage).ifPresent(stages::add);
        return new JointTorque(joint, stages, whole.flatMap(q -> preload(parts, joint, q)));
    }

    private static Optional<Quantity> read(String text) {
        try {
            return Optional.of(Quantity.parse(text));
        } catch (IllegalArgumentException noQuantity) {
            return Optional.empty();
        }
    }

    private static Optional<Stage> stage(Quantity q) {
        if (q.unit().dimension() != MeasureUnit.Dimension.TORQUE) {
            return Optional.empty();
        }
        return Optional.of(new Stage(q, TorqueRange.of(q)));
    }

    /** Nothing where thread, class or condition are not known: a class is never guessed. */
    private static Optional<Preload> preload(
            Function<String, Optional<Part>> parts, Joint joint, Quantity torque) {
        Optional<Part> fastener = Optional.ofNullable(joint.fastener()).flatMap(parts);
        if (fastener.isEmpty() || torque.unit().dimension() != MeasureUnit.Dimension.TORQUE) {
            return Optional.empty();
        }
        try {
            return Optional.of(
                    Preload.of(
                            ThreadSize.parse(fastener.get().size()),
                            PropertyClass.parse(joint.propertyClass()),
                            torque,
                            ThreadCondition.parse(joint.condition()).nutFactor(),
                            joint.soft()));
        } catch (IllegalArgumentException notKnown) {
            return Optional.empty();
        }
    }

    /** Where the whole value would lie without the slip, in N·m; nothing where there is none. */
    public Optional<TorqueRange> meant() {
        if (preload.isEmpty() || preload.get().slip().isEmpty() || stages.isEmpty()) {
            return Optional.empty();
        }
        Rational factor = Rational.of(BigDecimal.valueOf(preload.get().slip().get().factor()));
        boolean large = preload.get().ofProof() > 0.5;
        TorqueRange whole = stages.get(stages.size() - 1).range();
        return Optional.of(whole.times(large ? Rational.ONE.over(factor) : factor));
    }
}
