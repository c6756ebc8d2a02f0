package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import methodos.core.quantity.Quantity;

/**
 * The ways that a manual keeps to where good people differ. Parts and joints may have another one.
 *
 * @param renewal what happens to parts whose rule is {@link ReuseRule#AS_PRACTISED}
 * @param tightening how joints are brought to their tightness
 * @param round the order in which screws on a circle are tightened
 * @param tools whether tools are those of the book, or what may be used in their place
 * @param optional whether steps that may be left out are done
 * @param reassembly whether the build-up is written out, or told as the reverse of the take-down
 * @param byHand the greatest mass that is lifted without an aid; 25 kg where nothing is said
 */
@RecordBuilder
public record Practices(
        Renewal renewal,
        TighteningWay tightening,
        Round round,
        ToolChoice tools,
        Optional optional,
        Reassembly reassembly,
        Quantity byHand)
        implements PracticesBuilder.With {

    /** What happens to seals and the like. */
    public enum Renewal {
        ALWAYS_NEW,
        INSPECT
    }

    /** Order of screws on a circle, where the joint gives none. */
    public enum Round {
        STAR,
        CROSS
    }

    /** Which tools are used. */
    public enum ToolChoice {
        BOOK,
        SUBSTITUTE
    }

    /** What becomes of steps that may be left out. */
    public enum Optional {
        DONE,
        LEFT_OUT
    }

    /** How the build-up is told. */
    public enum Reassembly {
        WRITTEN_OUT,
        /** In reverse order, but for what differs. */
        IN_REVERSE
    }

    /** What most national rules let one person lift now and then. */
    private static final Quantity BY_HAND = Quantity.parse("25 kg");

    /** What is usual where nothing is said. */
    public static final Practices USUAL =
            new Practices(
                    Renewal.ALWAYS_NEW,
                    TighteningWay.WRENCH,
                    Round.STAR,
                    ToolChoice.BOOK,
                    Optional.DONE,
                    Reassembly.WRITTEN_OUT,
                    null);

    /** Whether a step is done at all. */
    public boolean does(Step step) {
        return optional == Optional.DONE || !step.optional();
    }

    public Practices {
        byHand = byHand == null ? BY_HAND : byHand;
        renewal = renewal == null ? Renewal.ALWAYS_NEW : renewal;
        tightening = tightening == null ? TighteningWay.WRENCH : tightening;
        round = round == null ? Round.STAR : round;
        tools = tools == null ? ToolChoice.BOOK : tools;
        optional = optional == null ? Optional.DONE : optional;
        reassembly = reassembly == null ? Reassembly.WRITTEN_OUT : reassembly;
    }
}
