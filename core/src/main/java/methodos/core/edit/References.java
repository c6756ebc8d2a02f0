package methodos.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
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
        return Walk.changed(
                manual,
                (owner, component, value) -> {
                    if (!component.refersTo().contains(type)) {
                        return value;
                    }
                    if (value instanceof List<?> list) {
                        return list.stream().anyMatch(ids::containsKey)
                                ? list.stream()
                                        .map(id -> ids.getOrDefault(id, (String) id))
                                        .distinct()
                                        .toList()
                                : value;
                    }
                    return value == null ? null : ids.getOrDefault(value, (String) value);
                });
    }

    /** The manual without what led to a thing: out of lists, and nothing in the place of one. */
    static Manual dropped(Manual manual, Class<?> type, String id) {
        return Walk.changed(
                manual,
                (owner, component, value) -> {
                    if (!component.refersTo().contains(type)) {
                        return value;
                    }
                    if (value instanceof List<?> list) {
                        if (!list.contains(id)) {
                            return value;
                        }
                        List<Object> rest = new ArrayList<>(list);
                        rest.removeIf(id::equals);
                        return rest;
                    }
                    return id.equals(value) ? null : value;
                });
    }
}
