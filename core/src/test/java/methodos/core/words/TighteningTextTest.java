package methodos.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import methodos.core.description.Id;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.ThreadTurn;
import methodos.core.manual.TighteningWay;
import methodos.core.manual.Value;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantityList;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A hand pump's packing nut, and what else practice says of a joint. */
class TighteningTextTest {

    private final TighteningText text = new TighteningText(new Words(null, Locale.ENGLISH));

    private static Joint joint() {
        return JointBuilder.builder()
                .id(new Id<>("j"))
                .name("Packing nut")
                .count(1)
                .torque(Value.of("30 lbf·in"))
                .build();
    }

    private static Quantity q(String entered) {
        return Quantity.parse(entered);
    }

    @Test
    void torqueOrTurnsIsNeverOneOnTopOfTheOther() {
        Joint both = joint().withTurned(q("1/8 turn"));
        assertThat(text.whole(both)).isEqualTo("30 lbf·in");
        assertThat(text.whole(both.withWay(TighteningWay.ANGLE)))
                .isEqualTo("hand-tight and then 1/8 turn");
        assertThat(text.whole(both.withWay(TighteningWay.EITHER)))
                .isEqualTo("either 30 lbf·in; or hand-tight and then 1/8 turn");
    }

    @Test
    void eachWayIsToldWholeWithItsStagesItsAngleAndTheOtherUnit() {
        Joint all =
                joint().withStages(QuantityList.parse("10 lbf·in, 20 lbf·in"))
                        .withFurther(q("60°"))
                        .withTurned(q("1/4 turn"))
                        .withFeel("snug, no play")
                        .withByHand(true)
                        .withBackOff(q("1/8 turn"))
                        .withWay(TighteningWay.EITHER);
        assertThat(text.whole(all))
                .isEqualTo(
                        "either 10 lbf·in, 20 lbf·in, then 30 lbf·in, then a further 60°; or"
                                + " hand-tight and then 1/4 turn; or by feel until snug, no play;"
                                + " or hand-tight; and then back 1/8 turn");
        assertThat(text.inBoth(joint().withBackOff(q("1/8 turn"))))
                .isEqualTo("30 lbf·in (3.38 N·m), then back 1/8 turn");
    }

    @Test
    void aJointWithoutATorqueIsStillTightByWhatItHas() {
        Joint feel = joint().withTorque(new Value.Open("", null)).withFeel("snug, no play");
        assertThat(feel.ways()).isEqualTo(List.of(TighteningWay.FEEL));
        assertThat(text.whole(feel)).isEqualTo("by feel until snug, no play");
        assertThat(text.whole(joint().withTorque(new Value.Open("", null)))).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(TighteningWay.class)
    void whatIsAskedForAndNotThereLeavesWhatIsThere(TighteningWay way) {
        assertThat(joint().withWay(way).told()).isEqualTo(List.of(TighteningWay.WRENCH));
    }

    @Test
    void looseningHasItsOrderItsRoundsAndItsHand() {
        Joint flange = joint().withLoosenOrder("cross").withLoosenRounds(2);
        assertThat(text.loosening(flange)).isEqualTo("crosswise, in 2 rounds");
        assertThat(text.loosening(joint().withLoosenRounds(1))).isEqualTo("in 1 round");
        assertThat(text.loosening(joint())).isEmpty();
        Joint left = joint().withHand(ThreadTurn.Hand.LEFT);
        assertThat(text.thread(left, ThreadTurn.Action.LOOSEN))
                .isEqualTo("left-hand thread: turn clockwise");
        assertThat(text.thread(left, ThreadTurn.Action.TIGHTEN))
                .isEqualTo("left-hand thread: turn counterclockwise");
        assertThat(text.thread(joint(), ThreadTurn.Action.TIGHTEN)).isEmpty();
    }
}
