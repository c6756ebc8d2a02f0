package methodos.desktop.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.ThreadTurn;
import methodos.core.manual.TighteningWay;
import methodos.core.manual.Value;
import methodos.core.quantity.Quantity;
import methodos.core.words.Words;
import org.junit.jupiter.api.Test;

/** What the technician is told of a joint: never less than the manual says. */
class TightenToldTest {

    private static final Joint CAP =
            JointBuilder.builder()
                    .id(new Id<>("j"))
                    .name("cap")
                    .count(4)
                    .torque(Value.of("8 N·m"))
                    .stages(List.of(Quantity.parse("2.5 N·m")))
                    .build();

    private static List<String> told(Joint joint, int round) {
        Words words = new Words("methodos.desktop.desktop", Locale.ENGLISH);
        TightenTold told = TightenTold.of(joint, round, words);
        return Stream.concat(Stream.of(told.value()), told.more().stream()).toList();
    }

    @Test
    void theRoundsOfAWrenchEndWithAFinalPass() {
        assertThat(told(CAP, 0)).containsExactly("2.5 N·m", "Stage 1 of 2");
        assertThat(told(CAP, 1)).containsExactly("8 N·m", "Stage 2 of 2");
        assertThat(told(CAP, 2)).containsExactly("8 N·m", "Final pass: each once more, in order");
    }

    @Test
    void whatIsTurnedByAnAngleOrByFeelIsNotJustByHand() {
        Joint turned = CAP.withTurned(Quantity.parse("90°")).withWay(TighteningWay.ANGLE);
        assertThat(told(turned, 0)).containsExactly("", "hand-tight and then 90°");
        Joint felt = CAP.withFeel("snug, no play").withWay(TighteningWay.FEEL);
        assertThat(told(felt, 0)).containsExactly("", "by feel until snug, no play");
        Joint further = CAP.withStages(List.of()).withFurther(Quantity.parse("60°"));
        assertThat(told(further, 0)).containsExactly("8 N·m", "8 N·m, then a further 60°");
        Joint back = CAP.withStages(List.of()).withBackOff(Quantity.parse("45°"));
        assertThat(told(back, 0)).containsExactly("8 N·m", "8 N·m, then back 45°");
    }

    @Test
    void anOpenTorqueIsOpenAndNotByHand() {
        Joint open =
                CAP.withStages(List.of()).withTorque(new Value.Open("ask the maker", null, ""));
        assertThat(told(open, 0)).containsExactly("", "No value yet", "ask the maker");
    }

    @Test
    void whatElseHoldsIsTold() {
        Joint left =
                CAP.withStages(List.of())
                        .withHand(ThreadTurn.Hand.LEFT)
                        .withNewEachTime(true)
                        .withAgain("after ten lifts");
        assertThat(told(left, 0))
                .containsExactly(
                        "8 N·m",
                        "left-hand thread: turn counterclockwise",
                        "With new fasteners",
                        "Tightened once more after ten lifts");
    }
}
