package methodos.core.description;

import java.util.ArrayList;
import java.util.List;
import methodos.core.quantity.Quantity;

/**
 * Goes through all that a record holds, records in records and in lists, in the order in which they
 * stand. A quantity is one value, not the numbers in it.
 */
public final class Walk {

    /** Told each value on the way. */
    @FunctionalInterface
    public interface Visitor {

        /**
         * @param path where it stands, such as {@code stages[1].steps[0].tools}
         * @param owner the record whose component it is
         * @param value null where nothing is said; a list as a whole, before its records
         */
        void visit(String path, Object owner, RecordShape.Component component, Object value);
    }

    /** Gives another value in the place of each component that holds no records. */
    @FunctionalInterface
    public interface Change {
        Object of(Object owner, RecordShape.Component component, Object value);
    }

    private Walk() {}

    public static void through(Object root, Visitor visitor) {
        through("", root, visitor);
    }

    private static void through(String path, Object owner, Visitor visitor) {
        for (RecordShape.Component component : RecordShape.of(owner.getClass()).components()) {
            String here = path.isEmpty() ? component.name() : path + "." + component.name();
            Object value = component.of(owner);
            visitor.visit(here, owner, component, value);
            if (value instanceof List<?> list) {
                for (int i = 0; i < list.size(); i++) {
                    if (holds(list.get(i))) {
                        through(here + "[" + i + "]", list.get(i), visitor);
                    }
                }
            } else if (holds(value)) {
                through(here, value, visitor);
            }
        }
    }

    /** Whether a value is gone into. */
    private static boolean holds(Object value) {
        return value instanceof Record && !(value instanceof Quantity);
    }

    /** The same record with other values in it; what does not change stays the very same object. */
    @SuppressWarnings("unchecked") // a record is made again of its own type
    public static <T extends Record> T changed(T root, Change change) {
        return (T) changedRecord(root, change);
    }

    private static Object changedRecord(Object owner, Change change) {
        RecordShape shape = RecordShape.of(owner.getClass());
        Object[] values = new Object[shape.components().size()];
        boolean same = true;
        for (int i = 0; i < values.length; i++) {
            RecordShape.Component component = shape.components().get(i);
            Object value = component.of(owner);
            values[i] = changedValue(owner, component, value, change);
            same &= values[i] == value;
        }
        return same ? owner : shape.make(values);
    }

    private static Object changedValue(
            Object owner, RecordShape.Component component, Object value, Change change) {
        if (value instanceof List<?> list && list.stream().anyMatch(Walk::holds)) {
            List<Object> all = new ArrayList<>(list.size());
            boolean same = true;
            for (Object one : list) {
                Object other = holds(one) ? changedRecord(one, change) : one;
                same &= other == one;
                all.add(other);
            }
            return same ? value : all;
        }
        return holds(value) ? changedRecord(value, change) : change.of(owner, component, value);
    }
}
