package methodos.core.edit;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.UnaryOperator;
import methodos.core.description.RefersTo;
import methodos.core.description.Walk;
import methodos.core.manual.Manual;

/** What leads from one thing of a manual to another, by {@link RefersTo}. */
final class References {

    private References() {}

    /**
     * The manual with another id wherever one led to a thing.
     *
     * @param type what is led to
     * @param ids the new id by the old one
     */
    static Manual renamed(Manual manual, Class<?> type, Map<String, String> ids) {
        return led(manual, type, id -> ids.getOrDefault(id, id));
    }

    /** The manual without what led to a thing: out of lists, and nothing in the place of one. */
    static Manual dropped(Manual manual, Class<?> type, String id) {
        return led(manual, type, other -> other.equals(id) ? null : other);
    }

    private static Manual led(Manual manual, Class<?> type, UnaryOperator<String> elsewhere) {
        return Walk.changed(
                manual,
                (owner, component, value) -> {
                    if (value == null || !component.refersTo().contains(type)) {
                        return value;
                    }
                    if (value instanceof List<?> list) {
                        List<String> led =
                                list.stream()
                                        .map(id -> elsewhere.apply((String) id))
                                        .filter(Objects::nonNull)
                                        .distinct()
                                        .toList();
                        return led.equals(list) ? value : led;
                    }
                    return elsewhere.apply((String) value);
                });
    }
}
