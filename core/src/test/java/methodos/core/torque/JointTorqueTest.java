package methodos.core.torque;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import methodos.core.Samples;
import methodos.core.check.OpenPoint;
import methodos.core.check.OpenPoints;
import methodos.core.description.Id;
import methodos.core.edit.TorqueEdits;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.Value;
import methodos.core.manual.Wrench;
import methodos.core.narration.Workspace;
import methodos.core.practice.PractisedManual;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantityList;
import org.junit.jupiter.api.Test;

class JointTorqueTest {

    private final Part screw =
            PartBuilder.builder()
                    .id(new Id<>("ps"))
                    .item("7")
                    .name("cap screw")
                    .size("M6 × 25")
                    .quantity(4)
                    .reuse(ReuseRule.INSPECT)
                    .build();

    private static Joint joint(String torque, String strength, String stages) {
        return JointBuilder.builder()
                .id(new Id<>("jx"))
                .name("cap")
                .fastener(new Id<>("ps"))
                .count(4)
                .propertyClass(strength)
                .condition("oiled")
                .torque(Value.of(torque))
                .stages(QuantityList.parse(stages))
                .order("cross")
                .build();
    }

    private Manual with(Joint joint) {
        Manual m = Samples.actuator().withPart(screw).withJoint(joint);
        for (Step step : m.steps().toList()) {
            m = m.withStep(step.withJoints(List.of()));
        }
        Step first = m.steps().findFirst().orElseThrow();
        return m.withStep(first.withJoints(List.of(new Id<>("jx"))));
    }

    private static List<String> keys(Manual m) {
        return OpenPoints.of(new Workspace(m, Map.of()), Sight.EVERYTHING).stream()
                .map(OpenPoint::key)
                .toList();
    }

    @Test
    void stagesComeBeforeTheValueAllInNewtonMetres() {
        JointTorque torque =
                JointTorque.of(
                        with(joint("62 to 75 lbf·in", "8.8", "2.5 N·m, 3 mm")),
                        joint("62 to 75 lbf·in", "8.8", "2.5 N·m, 3 mm"));
        assertThat(torque.stages()).hasSize(2);
        assertThat(torque.stages().get(0).min()).isCloseTo(2.5, within(1e-9));
        assertThat(torque.stages().get(1).max()).isCloseTo(75 * 0.1129848, within(1e-4));
        assertThat(torque.preload().orElseThrow().verdict()).isEqualTo(Preload.Verdict.PLAUSIBLE);
        assertThat(torque.meant()).isEmpty();
    }

    @Test
    void aSlipIsShownWhereItWasMeantAndIsAnOpenPoint() {
        Manual m = with(joint("70 lbf·ft", "8.8", ""));
        JointTorque torque = JointTorque.of(m, m.joint(new Id<>("jx")).orElseThrow());
        assertThat(torque.meant().orElseThrow().max().toDouble())
                .isCloseTo(70 * 0.1129848, within(1e-3));
        assertThat(keys(m)).contains("open.torque.SLIP");
        assertThat(keys(with(joint("7 N·m", "8.8", "")))).doesNotContain("open.torque.SLIP");
    }

    @Test
    void withoutAKnownClassNothingIsJudged() {
        Manual m = with(joint("70 lbf·ft", "8", ""));
        assertThat(JointTorque.of(m, m.joint(new Id<>("jx")).orElseThrow()).preload()).isEmpty();
        assertThat(keys(m)).doesNotContain("open.torque.SLIP");
    }

    @Test
    void theShopsWrenchesHaveToReachEveryStage() {
        Manual m = with(joint("7 to 8.5 N·m", "8.8", "2.5 N·m"));
        assertThat(keys(m)).doesNotContain("open.torque.wrench");
        m = TorqueEdits.addWrench("W1", Quantity.parse("5 to 25 N·m")).change().apply(m);
        WrenchPlan plan = WrenchPlan.of(PractisedManual.of(m), Sight.EVERYTHING);
        assertThat(plan.unreached())
                .extracting(u -> u.stage().entered().print())
                .containsExactly("2.5 N·m");
        assertThat(keys(m)).contains("open.torque.wrench");
        m = TorqueEdits.addWrench("W2", Quantity.parse("2 to 10 N·m")).change().apply(m);
        plan = WrenchPlan.of(PractisedManual.of(m), Sight.EVERYTHING);
        assertThat(plan.unreached()).isEmpty();
        assertThat(plan.fewest()).extracting(w -> w.name()).containsExactly("W2");
        assertThat(keys(m)).doesNotContain("open.torque.wrench");
        Id<Wrench> first = m.wrenches().get(0).id();
        assertThat(TorqueEdits.deleteWrench(first).change().apply(m).wrenches()).hasSize(1);
    }

    @Test
    void aWrenchHasATorqueWithAnUpperEnd() {
        assertThat(WrenchScale.isScale(Quantity.parse("2 to 10 N·m"))).isTrue();
        assertThat(WrenchScale.isScale(Quantity.parse("up to 10 N·m"))).isTrue();
        assertThat(WrenchScale.isScale(Quantity.parse("≥ 2 N·m"))).isFalse();
        assertThat(WrenchScale.isScale(Quantity.parse("2 to 10 mm"))).isFalse();
    }
}
