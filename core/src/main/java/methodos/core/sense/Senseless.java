package methodos.core.sense;

import methodos.core.description.Id;
import methodos.core.manual.Step;

/**
 * A place of a manual that makes no sense, though it can be read: a file that was written by hand,
 * merged or damaged.
 *
 * @param path where it stands, such as {@code stages[1].steps[0].tools}
 * @param step id of the step that it stands in, null where it stands in none
 * @param what what stands there
 */
public record Senseless(Kind kind, String path, Id<Step> step, String what) {

    /** In which way it makes no sense. */
    public enum Kind {
        /** It leads to a thing that the manual does not have. */
        LEADS_NOWHERE,
        /** Two things have the same id. */
        ID_TWICE,
        /** An id with signs that no id has. */
        STRANGE_ID,
        /** The name of a picture or of captions that is no digest of content. */
        NO_DIGEST,
        /** How many there are is less than one. */
        TOO_FEW,
        /** A time, size or place that no clip, part or picture can have. */
        OUT_OF_RANGE,
        /** A length where a torque has to stand, or the like. */
        WRONG_DIMENSION,
        /** A model that the unit does not come as. */
        NO_SUCH_MODEL,
        /** The highest number that an id was made from is lower than one in use. */
        COUNTER_TOO_LOW;

        /** Whether it is mended when the manual is read, by {@link Healing}. */
        public boolean mended() {
            return this == ID_TWICE || this == COUNTER_TOO_LOW;
        }
    }
}
