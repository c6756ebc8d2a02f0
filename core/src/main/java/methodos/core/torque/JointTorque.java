package methodos.core.torque;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import methodos.core.description.Id;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Wrench;
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

        /** Its lower end in N·m. */
        public double min() {
            return range.min().toDouble();
        }

        /** Its upper end in N·m. */
        public double max() {
            return range.max().toDouble();
        }

        /** Those of the shop's wrenches whose usable scale holds it. */
        public List<Wrench> reachedBy(List<Wrench> shop) {
            return shop.stream()
                    .filter(w -> WrenchScale.of(w.range()).holds(range, WrenchScale.USABLE_FROM))
                    .toList();
        }
    }

    public JointTorque {
        stages = List.copyOf(stages);
    }

    /** Stages that are no torque are left out; a joint that no wrench is set for has none. */
    public static JointTorque of(Manual manual, Joint joint) {
        return of(manual::part, joint);
    }

    /**
     * Stages that are no torque are left out; a joint that no wrench is set for has none.
     *
     * @param parts finds a part by its id
     */
    public static JointTorque of(Function<Id<Part>, Optional<Part>> parts, Joint joint) {
        List<Stage> stages = new ArrayList<>();
        if (!joint.byWrench()) {
            return new JointTorque(joint, stages, Optional.empty());
        }
        joint.stages().forEach(s -> stage(s).ifPresent(stages::add));
        Optional<Quantity> whole = joint.torque().known();
        whole.flatMap(JointTorque::stage).ifPresent(stages::add);
        return new JointTorque(joint, stages, whole.flatMap(q -> preload(parts, joint, q)));
    }

    private static Optional<Stage> stage(Quantity q) {
        if (q.unit().dimension() != MeasureUnit.Dimension.TORQUE) {
            return Optional.empty();
        }
        return Optional.of(new Stage(q, TorqueRange.of(q)));
    }

    /** Nothing where thread, class or condition are not known: a class is never guessed. */
    private static Optional<Preload> preload(
            Function<Id<Part>, Optional<Part>> parts, Joint joint, Quantity torque) {
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

    /**
     * The force in the screw at one end of the whole value.
     *
     * @param ofProof as a share of the proof load
     */
    public record Force(double newtons, double ofProof) {}

    /** The force at the lower end of the whole value; nothing where the screw is not known. */
    public Optional<Force> leastForce() {
        return force(Stage::min);
    }

    /** The force at the upper end of the whole value; nothing where the screw is not known. */
    public Optional<Force> mostForce() {
        return force(Stage::max);
    }

    /** The preload is told for the middle of the torque, and grows with it. */
    private Optional<Force> force(ToDoubleFunction<Stage> end) {
        return preload.map(
                p -> {
                    Stage whole = stages.get(stages.size() - 1);
                    double share = end.applyAsDouble(whole) * 2 / (whole.min() + whole.max());
                    return new Force(p.newtons() * share, p.newtons() * share / p.proofLoad());
                });
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
