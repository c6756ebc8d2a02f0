package methodos.core.manual;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import methodos.core.description.Id;

/**
 * The numbers of the steps in which things are used, found in one walk over the steps.
 *
 * @param <T> what is used
 */
public final class StepUses<T> {

    private final Map<Id<T>, List<Integer>> numbers = new HashMap<>();

    /**
     * @param numbering of the steps that are looked at; others count for nothing
     * @param used the ids of what a step uses
     */
    public StepUses(Manual manual, StepNumbers numbering, Function<Step, List<Id<T>>> used) {
        manual.steps()
                .forEach(step -> numbering.of(step.id()).ifPresent(n -> add(n, used.apply(step))));
    }

    private void add(int number, List<Id<T>> used) {
        for (Id<T> id : used) {
            numbers.computeIfAbsent(id, i -> new ArrayList<>()).add(number);
        }
    }

    /** In which steps a thing is used, ascending. */
    public List<Integer> of(Id<T> id) {
        return numbers.getOrDefault(id, List.of());
    }
}
