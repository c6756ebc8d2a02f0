package methodos.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import methodos.core.description.Id;
import methodos.core.description.RecordShape;
import methodos.core.manual.Manual;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;

/**
 * Finds what in a manual makes a derivation fail: the first step with which it fails, or the first
 * thing of another list. The derivation is run again on parts of the manual, about as often as the
 * number of steps has binary digits.
 *
 * @param step id of the step, null where it is none
 * @param path where what is to blame stands, empty where no one thing is
 */
record Blame(Id<Step> step, String path) {

    /** No one thing is to blame. */
    private static final Blame NOBODY = new Blame(null, "");

    /**
     * @param derivation throws on this manual
     */
    static Blame of(Manual manual, Function<Manual, ?> derivation) {
        int steps = (int) manual.steps().count();
        if (holds(firstSteps(manual, 0), derivation)) {
            int first = firstFailing(steps, n -> holds(firstSteps(manual, n), derivation));
            return step(manual, first - 1);
        }
        RecordShape shape = RecordShape.of(Manual.class);
        for (int i = 0; i < shape.components().size(); i++) {
            RecordShape.Component component = shape.components().get(i);
            if (!component.isList()) {
                continue;
            }
            int at = i;
            List<?> all = (List<?>) component.of(manual);
            if (!all.isEmpty() && holds(cut(manual, shape, at, List.of()), derivation)) {
                int first =
                        firstFailing(
                                all.size(),
                                n -> holds(cut(manual, shape, at, all.subList(0, n)), derivation));
                return new Blame(null, component.name() + "[" + (first - 1) + "]");
            }
        }
        return NOBODY;
    }

    private interface Holds {
        boolean with(int many);
    }

    /** The smallest number with which it fails; with all it does. */
    private static int firstFailing(int all, Holds holds) {
        int good = 0;
        int bad = all;
        while (bad - good > 1) {
            int middle = (good + bad) / 2;
            if (holds.with(middle)) {
                good = middle;
            } else {
                bad = middle;
            }
        }
        return bad;
    }

    private static boolean holds(Manual manual, Function<Manual, ?> derivation) {
        try {
            Object made = derivation.apply(manual);
            return made != null;
        } catch (RuntimeException | StackOverflowError e) {
            return false;
        }
    }

    private static Manual firstSteps(Manual manual, int many) {
        List<Stage> stages = new ArrayList<>();
        int left = many;
        for (Stage stage : manual.stages()) {
            int here = Math.min(left, stage.steps().size());
            stages.add(stage.withSteps(stage.steps().subList(0, here)));
            left -= here;
        }
        return manual.withStages(stages);
    }

    private static Blame step(Manual manual, int index) {
        int left = index;
        for (int i = 0; i < manual.stages().size(); i++) {
            List<Step> steps = manual.stages().get(i).steps();
            if (left < steps.size()) {
                return new Blame(steps.get(left).id(), "stages[" + i + "].steps[" + left + "]");
            }
            left -= steps.size();
        }
        return NOBODY;
    }

    private static Manual cut(Manual manual, RecordShape shape, int component, List<?> instead) {
        Object[] values = shape.components().stream().map(c -> c.of(manual)).toArray();
        values[component] = instead;
        return (Manual) shape.make(values);
    }
}
