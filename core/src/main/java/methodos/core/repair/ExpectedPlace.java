package methodos.core.repair;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import methodos.core.manual.Manual;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;

/**
 * Where something that came off should go on again: behind what came off just after it, and before
 * what came off just before it.
 *
 * @param stage id of the stage
 * @param at place in the stage, from 0
 */
public record ExpectedPlace(String stage, int at) {

    /** What comes off or goes on, in the order of the steps. */
    private record Use(Step step, String part) {}

    /** Nothing where the manual has no stage for building up. */
    public static Optional<ExpectedPlace> of(Manual manual, String takenOffIn) {
        return manual.stage(Stage.Kind.BUILD_UP).map(stage -> of(manual, takenOffIn, stage));
    }

    private static ExpectedPlace of(Manual manual, String takenOffIn, Stage buildUp) {
        List<Use> off = uses(manual, Handling.TAKEN_OFF);
        int from = 0;
        int to = -1;
        for (int i = 0; i < off.size(); i++) {
            if (off.get(i).step().id().equals(takenOffIn)) {
                to = i;
            } else if (to < 0) {
                from = i;
            }
        }
        // what came off together goes on together
        for (Use same : off) {
            int at = same.step().id().equals(takenOffIn) ? placeOf(buildUp, same.part()) : -1;
            if (at >= 0) {
                return new ExpectedPlace(buildUp.id(), at + 1);
            }
        }
        if (to >= 0) {
            for (Use later : off.subList(to + 1, off.size())) {
                int at = placeOf(buildUp, later.part());
                if (at >= 0) {
                    return new ExpectedPlace(buildUp.id(), at + 1);
                }
            }
            for (int i = from; i >= 0; i--) {
                int at = placeOf(buildUp, off.get(i).part());
                if (at >= 0) {
                    return new ExpectedPlace(buildUp.id(), at);
                }
            }
        }
        return new ExpectedPlace(buildUp.id(), buildUp.steps().size());
    }

    private static List<Use> uses(Manual manual, Handling handling) {
        List<Use> all = new ArrayList<>();
        for (Stage stage : manual.stages()) {
            for (Step step : stage.steps()) {
                for (PartUse use : step.parts()) {
                    if (use.in(stage.kind()) == handling) {
                        all.add(new Use(step, use.part()));
                    }
                }
            }
        }
        return all;
    }

    /** The last step of the stage that puts the part on; -1 where none does. */
    private static int placeOf(Stage stage, String part) {
        for (int i = stage.steps().size() - 1; i >= 0; i--) {
            boolean on =
                    stage.steps().get(i).parts().stream()
                            .anyMatch(
                                    u ->
                                            u.part().equals(part)
                                                    && u.in(stage.kind()) == Handling.PUT_ON);
            if (on) {
                return i;
            }
        }
        return -1;
    }

    /** The id of the step behind which it would stand, empty at the head of the stage. */
    public Optional<String> behind(Manual manual) {
        return manual.stages().stream()
                .filter(s -> s.id().equals(stage) && at > 0)
                .map(s -> s.steps().get(Math.min(at, s.steps().size()) - 1).id())
                .findFirst();
    }

    Manual put(Manual manual, Step step) {
        return manual.withStages(
                manual.stages().stream()
                        .map(
                                s -> {
                                    if (!s.id().equals(stage)) {
                                        return s;
                                    }
                                    List<Step> steps = new ArrayList<>(s.steps());
                                    steps.add(Math.min(at, steps.size()), step);
                                    return s.withSteps(steps);
                                })
                        .toList());
    }
}
