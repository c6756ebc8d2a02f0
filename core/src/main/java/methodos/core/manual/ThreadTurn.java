package methodos.core.manual;

import java.util.Objects;
import methodos.core.description.Required;

/**
 * What is done to a thread, from which the way it turns follows: a right-hand thread that is
 * tightened turns clockwise for who looks at its head (ISO 5408:2009); a left-hand thread,
 * loosening, and looking from the far end each turn that round.
 */
public record ThreadTurn(
        @Required Hand hand, @Required Action action, @Required SeenFrom seenFrom) {

    /** Hand of a thread. */
    public enum Hand {
        RIGHT,
        LEFT
    }

    /** What is done to it. */
    public enum Action {
        TIGHTEN,
        LOOSEN
    }

    /** From where one looks along the thread's axis. */
    public enum SeenFrom {
        HEAD,
        FAR_END
    }

    public ThreadTurn {
        Objects.requireNonNull(hand, "hand");
        Objects.requireNonNull(action, "action");
        Objects.requireNonNull(seenFrom, "seenFrom");
    }

    /** Which way it turns as it is seen. */
    public Rotation rotation() {
        Rotation rotation = hand == Hand.RIGHT ? Rotation.CLOCKWISE : Rotation.COUNTERCLOCKWISE;
        if (action == Action.LOOSEN) {
            rotation = rotation.reversed();
        }
        return seenFrom == SeenFrom.HEAD ? rotation : rotation.reversed();
    }
}
