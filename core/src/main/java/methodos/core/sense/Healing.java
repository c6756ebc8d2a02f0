package methodos.core.sense;

import java.util.HashSet;
import java.util.Set;
import methodos.core.description.RecordShape;
import methodos.core.description.Walk;
import methodos.core.manual.Manual;

/**
 * Mends what would lose something as soon as somebody works on: a second thing with the id of
 * another would be overwritten by it, and with a counter of ids that is too low the next new thing
 * would be. Nothing else is changed.
 */
public final class Healing {

    private Healing() {}

    /**
     * The manual with a counter that is high enough and a new id for each later one of two things
     * of a kind. References lead to the first of them.
     */
    public static Manual of(Manual manual) {
        long[] last = {Math.max(manual.lastId(), Sense.highestId(manual))};
        Set<String> passed = new HashSet<>();
        Manual healed =
                Walk.changed(
                        manual,
                        (owner, component, value) ->
                                !isId(component, value) || passed.add(kind(owner) + value)
                                        ? value
                                        : letters((String) value) + ++last[0]);
        return healed.lastId() == last[0] ? healed : healed.withLastId(last[0]);
    }

    private static boolean isId(RecordShape.Component component, Object value) {
        return component.name().equals("id") && value instanceof String;
    }

    private static String kind(Object owner) {
        return owner.getClass().getName() + "#";
    }

    private static String letters(String id) {
        String letters = id.replaceAll("[^\\p{Alpha}]", "");
        return letters.isEmpty() ? "x" : letters;
    }
}
