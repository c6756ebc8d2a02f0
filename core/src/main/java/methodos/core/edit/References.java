package methodos.core.edit;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import methodos.core.description.Id;
import methodos.core.description.Walk;
import methodos.core.manual.Manual;

/** What leads from one thing of a manual to another, by the ids that it holds. */
final class References {

    private References() {}

    /**
     * The manual with another id wherever one led to a thing.
     *
     * @param type what is led to
     * @param ids the new id by the old one
     */
    static <T> Manual renamed(Manual manual, Class<T> type, Map<Id<T>, Id<T>> ids) {
        return led(manual, type, id -> ids.containsKey(id) ? ids.get(id) : id);
    }

    /** The manual without what led to a thing: out of lists, and nothing in the place of one. */
    static <T> Manual dropped(Manual manual, Class<T> type, Id<T> id) {
        return led(manual, type, other -> other.equals(id) ? null : other);
    }

    private static Manual led(Manual manual, Class<?> type, UnaryOperator<Id<?>> elsewhere) {
        return Walk.changed(
                manual,
                (owner, component, value) ->
                        component.refersTo().contains(type) ? led(value, elsewhere) : value);
    }

    private static Object led(Object value, UnaryOperator<Id<?>> elsewhere) {
        if (value instanceof List<?> list) {
            List<Id<?>> led =
                    list.stream()
                            .<Id<?>>map(id -> elsewhere.apply((Id<?>) id))
                            .filter(Objects::nonNull)
                            .distinct()
                            .toList();
            return led.equals(list) ? value : led;
        }
        return value == null ? null : elsewhere.apply((Id<?>) value);
    }

    /**
     * A record with other ids wherever it leads to something.
     *
     * @param elsewhere the new id of a thing of one of the types that may be meant, null for none
     */
    static <T extends Record> T led(T record, BiFunction<List<Class<?>>, Id<?>, Id<?>> elsewhere) {
        return Walk.changed(
                record,
                (owner, component, value) ->
                        component.refersTo().isEmpty()
                                ? value
                                : led(value, id -> elsewhere.apply(component.refersTo(), id)));
    }
}
