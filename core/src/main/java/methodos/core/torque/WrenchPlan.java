package methodos.core.torque;

import java.util.ArrayList;
import java.util.List;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Wrench;
import methodos.core.practice.PractisedManual;

/**
 * The shop's torque wrenches against all stages of all joints.
 *
 * @param fewest that reach everything that can be reached, in the shop's order
 * @param unreached stages that none reaches
 */
public record WrenchPlan(List<Wrench> fewest, List<Unreached> unreached) {

    /** A stage of a joint that no wrench of the shop reaches. */
    public record Unreached(JointTorque joint, JointTorque.Stage stage) {}

    /** Plans for the joints of the units that are looked at. */
    public static WrenchPlan of(PractisedManual practised, Sight sight) {
        Manual manual = practised.manual();
        List<Unreached> stages = new ArrayList<>();
        for (TighteningTable.Row row : TighteningTable.of(practised, sight)) {
            JointTorque joint = JointTorque.of(manual, row.joint());
            joint.stages().forEach(stage -> stages.add(new Unreached(joint, stage)));
        }
        FewestWrenches fewest =
                FewestWrenches.of(
                        manual.wrenches().stream().map(w -> WrenchScale.of(w.range())).toList(),
                        stages.stream().map(s -> s.stage().range()).toList(),
                        WrenchScale.USABLE_FROM);
        return new WrenchPlan(
                fewest.fewest().stream().map(manual.wrenches()::get).toList(),
                fewest.unreached().stream().map(stages::get).toList());
    }
}
