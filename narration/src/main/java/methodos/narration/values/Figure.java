package methodos.narration.values;

import methodos.core.speech.Measure;

/**
 * A quantity with what it is.
 *
 * @param certainty 0 to 1
 */
public record Figure(Measure measure, Kind kind, double certainty) {

    /** What a quantity can be. */
    public enum Kind {
        TORQUE,
        /** As the words have it. */
        LIMIT,
        /** A limit of which the words name the lower bound. */
        LEAST,
        /** A limit of which the words name the upper bound. */
        MOST,
        WAIT,
        REPEAT,
        /** A size, a number of things, a time that is only told, what is taken back. */
        NONE
    }
}
