package methodos.core.torque;

import java.util.ArrayList;
import java.util.List;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Wrench;
import methodos.core.quantity.Bound;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;

/**
 * The shop's torque wrenches against all stages of all joints.
 *
 * @param fewest that reach everything that can be reached, in the shop's order
 * @param unreached stages that none reaches
 */
public record WrenchPlan(List<Wrench> fewest, List<Unreached> unreached) {

    /** Share of full scale from which a wrench is usable. */
    public static final Rational FROM = Rational.of(2, 10);

    /** A stage of a joint that no wrench of the shop reaches. */
    public record Unreached(JointTorque joint, JointTorque.Stage stage) {}

    public static WrenchPlan of(Manual manual, Sight sight) {
        List<Unreached> stages = new ArrayList<>();
        List<FewestWrenches.Range> ranges = new ArrayList<>();
        for (TighteningTable.Row row : TighteningTable.of(manual, sight)) {
            JointTorque joint = JointTorque.of(manual, row.joint());
            for (JointTorque.Stage stage : joint.stages()) {
                stages.add(new Unreached(joint, stage));
                ranges.add(range(stage.entered()));
            }
        }
        FewestWrenches fewest =
                FewestWrenches.of(
                        manual.wrenches().stream().map(w -> scale(w.range())).toList(),
                        ranges,
                        FROM);
        return new WrenchPlan(
                fewest.fewest().stream().map(manual.wrenches()::get).toList(),
                fewest.unreached().stream().map(stages::get).toList());
    }

    private static FewestWrenches.Range range(Quantity q) {
        Conversion metres = new Conversion(q, MeasureUnit.NEWTON_METRE);
        Bound low = q.min() == null ? q.max() : q.min();
        Bound high = q.max() == null ? q.min() : q.max();
        return new FewestWrenches.Range(metres.exact(low), metres.exact(high));
    }

    private static FewestWrenches.Scale scale(Quantity q) {
        FewestWrenches.Range range = range(q);
        return new FewestWrenches.Scale(
                q.min() == null || q.single() ? Rational.ZERO : range.min(), range.max());
    }

    /** Whether a wrench holds a stage in the usable part of its scale. */
    public static boolean reaches(Wrench wrench, JointTorque.Stage stage) {
        FewestWrenches.Scale scale = scale(wrench.range());
        double least = Math.max(scale.from().toDouble(), scale.to().times(FROM).toDouble());
        return stage.min() >= least - 1e-9 && stage.max() <= scale.to().toDouble() + 1e-9;
    }

    /** Whether a quantity can be the range of a wrench: a torque with an upper end. */
    public static boolean isRange(Quantity q) {
        return q.unit().dimension() == MeasureUnit.Dimension.TORQUE
                && q.max() != null
                && q.max().value().signum() > 0;
    }
}
