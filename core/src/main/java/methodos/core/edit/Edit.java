package methodos.core.edit;

import java.util.List;
import java.util.function.UnaryOperator;
import methodos.core.manual.Manual;

/**
 * One change to the manual, with the name that undo shows.
 *
 * @param name key of the name in the words of the interface, such as {@code edit.moveCallout}
 * @param arguments what the name is filled in with
 * @param joinKey edits that follow each other with the same key join into one, as typing in one
 *     field does; null to stand alone
 */
public record Edit(
        String name, List<Object> arguments, String joinKey, UnaryOperator<Manual> change) {

    public static Edit named(String name, UnaryOperator<Manual> change) {
        return new Edit(name, List.of(), null, change);
    }

    public Edit with(Object... values) {
        return new Edit(name, List.of(values), joinKey, change);
    }

    public Edit joining(String key) {
        return new Edit(name, arguments, key, change);
    }
}
