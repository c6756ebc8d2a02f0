package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import methodos.core.description.Id;
import methodos.core.description.Required;

/**
 * So many of a part, in a step.
 *
 * @param handling what is done with them, null for what its stage is for
 * @param supply which ones go on, null for those that the rule of the part says
 * @param wayRound which way round it goes here, in words; empty where nothing is said
 * @param places of those of the part the ones that are meant, none for whichever
 * @param named how it was named in the narration that the step was drafted from, null where
 *     somebody chose it
 */
@RecordBuilder
public record PartUse(
        @Required Id<Part> part,
        @Required int count,
        Handling handling,
        Supply supply,
        String wayRound,
        List<String> places,
        Named named)
        implements PartUseBuilder.With {

    /** Which ones go on. */
    public enum Supply {
        NEW,
        /** Those that came off. */
        SAME
    }

    /** What becomes of a part in a step. */
    public enum Handling {
        TAKEN_OFF,
        LOOKED_AT,
        PUT_ON,
        /**
         * It stays where it is: it is loosened, marked, greased, held, or something goes onto it.
         */
        TOUCHED
    }

    public PartUse {
        wayRound = wayRound == null ? "" : wayRound;
        places = places == null ? List.of() : List.copyOf(places);
    }

    /** With nothing said of place and way round. */
    public PartUse(Id<Part> part, int count, Handling handling, Supply supply) {
        this(part, count, handling, supply, "", List.of(), null);
    }

    /** With the supply that the rule of the part says. */
    public PartUse(Id<Part> part, int count, Handling handling) {
        this(part, count, handling, null);
    }

    /** With what the stage of its step does to parts. */
    public PartUse(Id<Part> part, int count) {
        this(part, count, null, null);
    }

    /** What is done with them in a step of a stage. */
    public Handling in(Stage.Kind stage) {
        if (handling != null) {
            return handling;
        }
        return switch (stage) {
            case TAKE_DOWN -> Handling.TAKEN_OFF;
            case INSPECT -> Handling.LOOKED_AT;
            case BUILD_UP -> Handling.PUT_ON;
            case PREPARE, TEST -> Handling.TOUCHED;
        };
    }
}
