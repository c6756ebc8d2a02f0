package methodos.core.manual;

import static org.assertj.core.api.Assertions.assertThat;

import methodos.core.figure.TurnTold;
import methodos.core.manual.ThreadTurn.Action;
import methodos.core.manual.ThreadTurn.Hand;
import methodos.core.manual.ThreadTurn.SeenFrom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ThreadTurnTest {

    @ParameterizedTest
    @CsvSource({
        "RIGHT, TIGHTEN, HEAD,    CLOCKWISE",
        "RIGHT, LOOSEN,  HEAD,    COUNTERCLOCKWISE",
        "LEFT,  TIGHTEN, HEAD,    COUNTERCLOCKWISE",
        "LEFT,  LOOSEN,  HEAD,    CLOCKWISE",
        "RIGHT, TIGHTEN, FAR_END, COUNTERCLOCKWISE",
        "RIGHT, LOOSEN,  FAR_END, CLOCKWISE",
        "LEFT,  TIGHTEN, FAR_END, CLOCKWISE",
        "LEFT,  LOOSEN,  FAR_END, COUNTERCLOCKWISE"
    })
    void theWayFollowsFromThreadActionAndSide(
            Hand hand, Action action, SeenFrom from, Rotation rotation) {
        assertThat(new ThreadTurn(hand, action, from).rotation()).isEqualTo(rotation);
    }

    @Test
    void theWordsOfAStepTellAWay() {
        assertThat(TurnTold.in("Turn it counterclockwise.")).contains(Rotation.COUNTERCLOCKWISE);
        assertThat(TurnTold.in("Anti-clockwise, half a turn")).contains(Rotation.COUNTERCLOCKWISE);
        assertThat(TurnTold.in("Turn it clockwise.")).contains(Rotation.CLOCKWISE);
        assertThat(TurnTold.in("Clockwise, then counter-clockwise")).isEmpty();
        assertThat(TurnTold.in("Turn it.")).isEmpty();
    }
}
