package methodos.desktop.torque;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.manual.Wrench;
import methodos.core.quantity.Quantity;
import methodos.core.torque.JointTorque;
import methodos.core.torque.TorqueRange;
import org.junit.jupiter.api.Test;

class TorqueRuleTest {

    private static JointTorque joint(String torque) {
        return new JointTorque(
                null,
                List.of(
                        new JointTorque.Stage(
                                Quantity.parse(torque), TorqueRange.of(Quantity.parse(torque)))),
                Optional.empty());
    }

    @Test
    void itShowsTwoDecadesAtLeastAndAsManyAsAreNeeded() {
        assertThat(TorqueRule.of(List.of(), List.of(), 400)).isEqualTo(new TorqueRule(1, 100, 400));
        TorqueRule wide =
                TorqueRule.of(
                        List.of(joint("0.5 N·m")),
                        List.of(new Wrench(new Id<>("w"), "W", Quantity.parse("100 to 350 N·m"))),
                        400);
        assertThat(wide.least()).isCloseTo(0.1, within(1e-12));
        assertThat(wide.most()).isCloseTo(1000, within(1e-9));
    }

    @Test
    void equalRatiosLieEquallyFarApart() {
        TorqueRule rule = new TorqueRule(1, 100, 400);
        assertThat(rule.x(10) - rule.x(1)).isCloseTo(rule.x(100) - rule.x(10), within(1e-9));
        assertThat(rule.x(4) - rule.x(2)).isCloseTo(rule.x(40) - rule.x(20), within(1e-9));
        assertThat(rule.x(0.2)).as("below its end").isEqualTo(rule.x(1));
    }

    @Test
    void itsMarksAreThoseOfEachDecade() {
        TorqueRule rule = new TorqueRule(1, 100, 400);
        assertThat(rule.numbered()).containsExactly(1.0, 2.0, 5.0, 10.0, 20.0, 50.0, 100.0);
        assertThat(rule.marks()).hasSize(19).startsWith(1.0, 2.0).endsWith(100.0);
    }
}
