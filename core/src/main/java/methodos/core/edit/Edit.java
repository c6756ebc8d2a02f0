package methodos.core.edit;

import java.util.List;
import java.util.function.UnaryOperator;
import methodos.core.manual.Manual;

/**
 * One change to the manual, with what undo says of it.
 *
 * @param kind what is done
 * @param arguments what its name is filled in with
 * @param joinKey edits that follow each other with the same key join into one, as typing in one
 *     field does; null to stand alone
 */
public record Edit(
        EditKind kind, List<Object> arguments, String joinKey, UnaryOperator<Manual> change) {

    /** An edit that is a step of undo on its own. */
    public static Edit named(EditKind kind, UnaryOperator<Manual> change) {
        return new Edit(kind, List.of(), null, change);
    }

    /** The same with the values that its name tells, in their order. */
    public Edit with(Object... values) {
        return new Edit(kind, List.of(values), joinKey, change);
    }

    /**
     * @param key edits with the same one that follow each other are undone together
     */
    public Edit joining(String key) {
        return new Edit(kind, arguments, key, change);
    }
}
