package methodos.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import methodos.core.description.Id;
import methodos.core.manual.Evidence;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.TorqueDefault;
import methodos.core.manual.Value;
import methodos.core.manual.Wrench;
import methodos.core.quantity.Quantity;
import methodos.core.torque.UsualTorque;

/** The changes that are made to joints and torque wrenches. */
public final class TorqueEdits {

    private TorqueEdits() {}

    /** Changes a joint; nothing where it is gone. */
    public static Edit joint(Id<Joint> joint, UnaryOperator<Joint> change) {
        return Edit.named(
                EditKind.TORQUE,
                (Manual m) -> m.joint(joint).map(j -> m.withJoint(change.apply(j))).orElse(m));
    }

    /**
     * Gives a joint the usual value for its thread and class; its evidence says that it is one, and
     * it stays to be agreed to.
     */
    public static Edit usual(Id<Joint> joint) {
        return Edit.named(
                EditKind.TORQUE,
                m ->
                        m.joint(joint)
                                .flatMap(
                                        j ->
                                                UsualTorque.of(m, j)
                                                        .map(
                                                                u ->
                                                                        m.withJoint(
                                                                                j.withTorque(
                                                                                        usual(u)))))
                                .orElse(m));
    }

    private static Value usual(TorqueDefault usual) {
        String line = usual.thread() + ", " + usual.propertyClass();
        return new Value.Known(
                usual.torque(),
                List.of(new Evidence.Documented(new Id<>("usual torques"), line)),
                false);
    }

    /** The list of usual torques. */
    public static Edit usual(List<TorqueDefault> all) {
        return Edit.named(EditKind.USUAL_TORQUES, m -> m.withTorqueDefaults(all));
    }

    /**
     * @param range a torque with an upper end
     */
    public static Edit addWrench(String name, Quantity range) {
        return Edit.named(
                EditKind.ADD_WRENCH,
                m -> {
                    List<Wrench> all = new ArrayList<>(m.wrenches());
                    all.add(new Wrench(m.nextId("w"), name, range));
                    return m.withIdTaken().withWrenches(all);
                });
    }

    /** Takes a torque wrench out of the shop. */
    public static Edit deleteWrench(Id<Wrench> wrench) {
        return Edit.named(
                EditKind.DELETE_WRENCH,
                m ->
                        m.withWrenches(
                                m.wrenches().stream()
                                        .filter(w -> !w.id().equals(wrench))
                                        .toList()));
    }
}
