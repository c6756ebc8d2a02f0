package methodos.core.manual;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import methodos.core.description.Id;

/** The numbers of the steps that a sight shows: from 1, through all stages. */
public final class StepNumbers {

    private final Map<Id<Step>, Integer> numbers = new LinkedHashMap<>();

    /**
     * @param sight steps that are not for these units, or that are left out, have no number
     */
    public StepNumbers(Manual manual, Sight sight) {
        manual.steps()
                .filter(s -> s.applicability().concerns(sight) && manual.practices().does(s))
                .forEach(s -> numbers.put(s.id(), numbers.size() + 1));
    }

    /** The number of a step, from 1; empty where it has none. */
    public OptionalInt of(Id<Step> step) {
        Integer n = numbers.get(step);
        return n == null ? OptionalInt.empty() : OptionalInt.of(n);
    }

    /** The step that has a number, as it is typed; empty where there is none. */
    public Optional<Id<Step>> step(String number) {
        return numbers.entrySet().stream()
                .filter(e -> String.valueOf(e.getValue()).equals(number))
                .map(Map.Entry::getKey)
                .findFirst();
    }

    /** How many steps have a number. */
    public int count() {
        return numbers.size();
    }

    /** The numbers of those of the steps that the sight shows, ascending. */
    public List<Integer> of(List<Id<Step>> steps) {
        return steps.stream().filter(numbers::containsKey).map(numbers::get).sorted().toList();
    }
}
