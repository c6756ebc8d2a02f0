package methodos.core.torque;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import methodos.core.Samples;
import methodos.core.description.Id;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Repeat;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Value;
import methodos.core.practice.PractisedManual;
import org.junit.jupiter.api.Test;

class TighteningTableTest {

    @Test
    void oneRowAJointInBothSystems() {
        List<TighteningTable.Row> rows =
                TighteningTable.of(PractisedManual.of(Samples.actuator()), Sight.EVERYTHING);
        assertThat(rows).hasSize(1);
        TighteningTable.Row row = rows.get(0);
        assertThat(row.entered().orElseThrow().print()).isEqualTo("7 to 8.5 N·m");
        assertThat(row.other().orElseThrow().print()).isEqualTo("62 to 75 lbf·in");
        assertThat(row.fastener().orElseThrow().item()).isEqualTo("7");
        assertThat(row.steps()).containsExactly(3);
    }

    @Test
    void numbersAreThoseOfTheUnitsLookedAt() {
        Sight doubleActing = new Sight("QA-80 D", SerialRange.ALL);
        assertThat(
                        TighteningTable.of(PractisedManual.of(Samples.actuator()), doubleActing)
                                .get(0)
                                .steps())
                .containsExactly(2);
    }

    @Test
    void anOpenValueIsARowWithoutOne() {
        Manual m = Samples.actuator();
        Joint joint = m.joint(new Id<>("j1")).orElseThrow();
        m = m.withJoint(joint.withTorque(new Value.Open("see the data sheet", null)));
        assertThat(TighteningTable.of(PractisedManual.of(m), Sight.EVERYTHING).get(0).entered())
                .isEmpty();
        assertThat(TighteningTable.of(PractisedManual.of(m), Sight.EVERYTHING).get(0).other())
                .isEmpty();
    }

    @Test
    void aStepThatIsRepeatedTightensAtEachPlace() {
        Manual m = Samples.actuator();
        assertThat(TighteningTable.of(PractisedManual.of(m), Sight.EVERYTHING).get(0).places())
                .isEqualTo(1);
        m =
                m.withRepeats(
                        List.of(
                                new Repeat(
                                        new Id<>("r"),
                                        new Id<>("s3"),
                                        new Id<>("s3"),
                                        List.of("left cap"))));
        assertThat(TighteningTable.of(PractisedManual.of(m), Sight.EVERYTHING).get(0).places())
                .isEqualTo(2);
    }

    @Test
    void aJointThatNoStepTightensHasNoRow() {
        Manual m = Samples.actuator().withoutStep(new Id<>("s3"));
        assertThat(TighteningTable.of(PractisedManual.of(m), Sight.EVERYTHING)).isEmpty();
    }
}
