package methodos.publish.document;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import methodos.core.description.Id;
import methodos.core.description.RecordShape;
import methodos.core.description.Walk;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.publish.Typeface;

/**
 * Signs of a manual's words that no typeface of the program has: they would be missing in print.
 * Scripts that are written from right to left count as missing too, since print does not turn them.
 */
public final class Signs {

    /**
     * @param sign as it is written
     * @param steps ids of the steps in which it occurs, none where it stands elsewhere only
     */
    public record Missing(String sign, List<Id<Step>> steps) {

        /** As its number is written: {@code U+6F22}. */
        public String code() {
            return String.format("U+%04X", sign.codePointAt(0));
        }
    }

    private final Map<String, Set<Id<Step>>> found = new LinkedHashMap<>();

    private Signs() {}

    /** In the order in which they stand; none where all can be printed. */
    public static List<Missing> missing(Manual manual) {
        Signs signs = new Signs();
        Walk.through(manual, signs::look);
        List<Missing> missing = new ArrayList<>();
        signs.found.forEach((sign, steps) -> missing.add(new Missing(sign, List.copyOf(steps))));
        return missing;
    }

    private void look(Walk.Where where, RecordShape.Component component, Object value) {
        if (value instanceof String text && component.refersTo().isEmpty()) {
            text.codePoints().filter(c -> !printable(c)).forEach(c -> note(c, where));
        }
    }

    private void note(int sign, Walk.Where where) {
        Set<Id<Step>> steps =
                found.computeIfAbsent(Character.toString(sign), s -> new LinkedHashSet<>());
        where.within(Step.class).map(Step::id).ifPresent(steps::add);
    }

    /** Whether a sign is printed as what it is. Signs of control are left out of print. */
    static boolean printable(int sign) {
        byte direction = Character.getDirectionality(sign);
        if (direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT
                || direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT_ARABIC) {
            return false;
        }
        return Character.isISOControl(sign)
                || Character.getType(sign) == Character.FORMAT
                || Typeface.TEXT.font().canDisplay(sign)
                || Typeface.SIGNS.font().canDisplay(sign);
    }
}
