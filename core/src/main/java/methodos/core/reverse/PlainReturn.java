package methodos.core.reverse;

import java.util.regex.Pattern;
import methodos.core.manual.Manual;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;

/**
 * Tells a step of the build-up that is the mere reverse of the take-down from one that differs:
 * with new parts, a tightening, a lubricant, a measurement, a warning, or words on which way round
 * something goes.
 */
public final class PlainReturn {

    /** Words that say which way round, how far or in what state something goes on. */
    private static final Pattern WAY =
            Pattern.compile(
                    "\\b(up|upwards?|down|downwards?|facing|faces?|towards?|side|lip|edge|chamfer|mark"
                            + "|marks|gap|noted|written|chosen|evenly|crosswise|same time|until|only"
                            + "|never|not|new)\\b",
                    Pattern.CASE_INSENSITIVE);

    private PlainReturn() {}

    /**
     * @param step one of the build-up
     */
    public static boolean is(Step step, Manual manual) {
        boolean more =
                !step.joints().isEmpty()
                        || !step.actions().isEmpty()
                        || !step.consumables().isEmpty()
                        || !step.hazards().isEmpty()
                        || !step.readings().isEmpty()
                        || !step.looks().isEmpty()
                        || !step.waits().isEmpty()
                        || manual.decisions().stream().anyMatch(d -> step.id().equals(d.step()));
        return !more
                && !WAY.matcher(step.text()).find()
                && step.parts().stream().noneMatch(u -> fresh(u, manual));
    }

    private static boolean fresh(PartUse use, Manual manual) {
        if (use.in(Stage.Kind.BUILD_UP) != Handling.PUT_ON) {
            return false;
        }
        boolean always =
                manual.part(use.part()).filter(p -> p.reuse() == ReuseRule.ALWAYS_NEW).isPresent();
        return use.supply() == null ? always : use.supply() == PartUse.Supply.NEW;
    }
}
