package methodos.core.repair;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.manual.Manual;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;

/**
 * Where a step should stand that is missing.
 *
 * @param stage id of the stage
 * @param at place in the stage, from 0; behind the last where it has fewer steps
 */
public record ExpectedPlace(Id<Stage> stage, int at) {

    /** The id of the step behind which it would stand, empty at the head of the stage. */
    public Optional<Id<Step>> behind(Manual manual) {
        return manual.stages().stream()
                .filter(s -> s.id().equals(stage) && at > 0 && !s.steps().isEmpty())
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
