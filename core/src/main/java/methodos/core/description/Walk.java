package methodos.core.description;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import methodos.core.quantity.Quantity;

/**
 * Goes through all that a record holds, records in records and in lists, in the order in which they
 * stand. A quantity is one value, not the numbers in it, and so is an id.
 */
public final class Walk {

    /** Told each value on the way. */
    @FunctionalInterface
    public interface Visitor {

        /**
         * @param where the record whose component it is
         * @param value null where nothing is said; a list as a whole, before its records
         */
        void visit(Where where, RecordShape.Component component, Object value);
    }

    /**
     * A record on the way. Its path is put together only when somebody asks for it: most records
     * are passed without a word.
     *
     * @param outer the record that holds it, null for the one where the walk began
     * @param through the component that holds it
     * @param index its place in a list, -1 where it stands alone
     */
    public record Where(Where outer, RecordShape.Component through, int index, Object owner) {

        /** Where a component of it stands, such as {@code stages[1].steps[0].tools}. */
        public String path(RecordShape.Component component) {
            return outer == null ? component.name() : path() + "." + component.name();
        }

        /** Where it stands itself, empty where the walk began. */
        public String path() {
            if (outer == null) {
                return "";
            }
            String place = outer.path(through);
            return index < 0 ? place : place + "[" + index + "]";
        }

        /** The nearest record of a type that it is, or stands in. */
        public <T> Optional<T> within(Class<T> type) {
            for (Where at = this; at != null; at = at.outer) {
                if (type.isInstance(at.owner)) {
                    return Optional.of(type.cast(at.owner));
                }
            }
            return Optional.empty();
        }
    }

    /** Gives another value in the place of each component that holds no records. */
    @FunctionalInterface
    public interface Change {
        Object of(Object owner, RecordShape.Component component, Object value);
    }

    private Walk() {}

    /** Tells a visitor each value of a record, the record itself aside. */
    public static void through(Object root, Visitor visitor) {
        through(root, record -> true, visitor);
    }

    /**
     * The same without what stands in some of its records.
     *
     * @param into whether a record is gone into
     */
    public static void through(Object root, Predicate<Object> into, Visitor visitor) {
        through(new Where(null, null, -1, root), new Way(component -> true, into), visitor);
    }

    /** Which components are looked at, and which records are gone into. */
    private record Way(Predicate<RecordShape.Component> components, Predicate<Object> records) {
        boolean into(Object value) {
            return holds(value) && records.test(value);
        }
    }

    /**
     * Tells a visitor only the ids by which records are known; what can hold none is not entered.
     */
    public static void ids(Object root, Visitor visitor) {
        through(
                new Where(null, null, -1, root),
                new Way(RecordShape.Component::leadsToIds, record -> true),
                (where, component, value) -> {
                    if (component.ownId() && value != null) {
                        visitor.visit(where, component, value);
                    }
                });
    }

    private static void through(Where where, Way way, Visitor visitor) {
        Object owner = where.owner();
        for (RecordShape.Component component : RecordShape.of(owner.getClass()).components()) {
            if (!way.components().test(component)) {
                continue;
            }
            Object value = component.of(owner);
            visitor.visit(where, component, value);
            if (value instanceof List<?> list) {
                for (int i = 0; i < list.size(); i++) {
                    if (way.into(list.get(i))) {
                        through(new Where(where, component, i, list.get(i)), way, visitor);
                    }
                }
            } else if (way.into(value)) {
                through(new Where(where, component, -1, value), way, visitor);
            }
        }
    }

    /** Whether a value is gone into. */
    private static boolean holds(Object value) {
        return value instanceof Record && !(value instanceof Quantity) && !(value instanceof Id<?>);
    }

    /** The same record with other values in it; what does not change stays the very same object. */
    @SuppressWarnings("unchecked") // a record is made again of its own type
    public static <T extends Record> T changed(T root, Change change) {
        return (T) changedRecord(root, new Rule(change, record -> null));
    }

    /**
     * The same record with others in the place of all records of a type in it, which are not gone
     * into; what does not change stays the very same object.
     */
    @SuppressWarnings("unchecked") // a record is made again of its own type
    public static <T extends Record, R extends Record> T replaced(
            T root, Class<R> type, UnaryOperator<R> by) {
        return (T)
                changedRecord(
                        root,
                        new Rule(
                                (owner, component, value) -> value,
                                r -> type.isInstance(r) ? by.apply(type.cast(r)) : null));
    }

    /**
     * @param records what stands in the place of a record, null where it is gone into
     */
    private record Rule(Change values, UnaryOperator<Object> records) {

        Object instead(Object record) {
            Object other = records.apply(record);
            return other == null ? changedRecord(record, this) : other;
        }
    }

    private static Object changedRecord(Object owner, Rule rule) {
        RecordShape shape = RecordShape.of(owner.getClass());
        Object[] values = new Object[shape.components().size()];
        boolean same = true;
        for (int i = 0; i < values.length; i++) {
            RecordShape.Component component = shape.components().get(i);
            Object value = component.of(owner);
            values[i] = changedValue(owner, component, value, rule);
            same &= values[i] == value;
        }
        return same ? owner : shape.make(values);
    }

    private static Object changedValue(
            Object owner, RecordShape.Component component, Object value, Rule rule) {
        if (value instanceof List<?> list && list.stream().anyMatch(Walk::holds)) {
            List<Object> all = new ArrayList<>(list.size());
            boolean same = true;
            for (Object one : list) {
                Object other = holds(one) ? rule.instead(one) : one;
                same &= other == one;
                all.add(other);
            }
            return same ? value : all;
        }
        return holds(value) ? rule.instead(value) : rule.values().of(owner, component, value);
    }
}
