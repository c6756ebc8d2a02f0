package methodos.core.sense;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import methodos.core.description.Id;
import methodos.core.description.RecordShape;
import methodos.core.description.Walk;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Symptom;

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
        Manual healed = healed(manual, false, last);
        List<Symptom> symptoms = each(healed.symptoms(), last);
        List<Figure> figures = each(healed.figures(), last);
        if (!symptoms.equals(healed.symptoms()) || !figures.equals(healed.figures())) {
            healed = healed.withSymptoms(symptoms).withFigures(figures);
        }
        return healed.lastId() == last[0] ? healed : healed.withLastId(last[0]);
    }

    /** Checks have their ids within their symptom, marks within their figure. */
    private static <T extends Record> List<T> each(List<T> things, long[] last) {
        return things.stream().map(t -> healed(t, true, last)).toList();
    }

    private static <T extends Record> T healed(T root, boolean inner, long[] last) {
        Set<String> passed = new HashSet<>();
        return Walk.changed(
                root,
                (owner, component, value) -> {
                    boolean ofInner = owner instanceof Symptom.Check || owner instanceof Mark;
                    return !isId(component, value)
                                    || inner != ofInner
                                    || passed.add(kind(owner) + value)
                            ? value
                            : new Id<>(letters(((Id<?>) value).text()) + ++last[0]);
                });
    }

    private static boolean isId(RecordShape.Component component, Object value) {
        return component.name().equals("id") && value instanceof Id<?>;
    }

    private static String kind(Object owner) {
        return owner instanceof Mark ? "mark#" : owner.getClass().getName() + "#";
    }

    private static String letters(String id) {
        String letters = id.replaceAll("[^\\p{Alpha}]", "");
        return letters.isEmpty() ? "x" : letters;
    }
}
