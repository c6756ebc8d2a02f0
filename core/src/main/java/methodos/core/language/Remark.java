package methodos.core.language;

import java.util.List;
import java.util.Optional;

/**
 * Something in the words of a step that makes it hard to follow.
 *
 * @param kind what it is
 * @param arguments what its sentence is filled in with
 * @param wording the text of the step as it is proposed instead, empty where nobody but its author
 *     can tell
 */
public record Remark(Kind kind, List<Object> arguments, Optional<String> wording) {

    /** What can be hard to follow. */
    public enum Kind {
        LONG,
        /** It does not begin with the verb. */
        OPENER,
        /** Its condition stands behind the instruction. */
        CONDITION_LAST,
        /** "It" or "them" with nothing before that they could stand for. */
        PRONOUN,
        NO_UNIT,
        /** A unit that is spelt otherwise than everywhere else. */
        UNIT,
        /** A short form that is explained nowhere. */
        SHORT_FORM
    }

    static Remark of(Kind kind, Object... arguments) {
        return new Remark(kind, List.of(arguments), Optional.empty());
    }

    Remark proposing(String text) {
        return new Remark(kind, arguments, Optional.of(text));
    }
}
