package methodos.core.manual;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/** The numbers of the steps that a sight shows: from 1, through all stages. */
public final class StepNumbers {

    private final Map<String, Integer> numbers = new LinkedHashMap<>();

    public StepNumbers(Manual manual, Sight sight) {
        manual.steps()
                .filter(s -> s.applicability().concerns(sight) && manual.practices().does(s))
                .forEach(s -> numbers.put(s.id(), numbers.size() + 1));
    }

    public OptionalInt of(String step) {
        Integer n = numbers.get(step);
        return n == null ? OptionalInt.empty() : OptionalInt.of(n);
    }

    /** The step that has a number, as it is typed; empty where there is none. */
    public Optional<String> step(String number) {
        return numbers.entrySet().stream()
                .filter(e -> String.valueOf(e.getValue()).equals(number))
                .map(Map.Entry::getKey)
                .findFirst();
    }

    public int count() {
        return numbers.size();
    }

    /** The numbers of those of the steps that the sight shows, ascending. */
    public List<Integer> of(List<String> steps) {
        return steps.stream().filter(numbers::containsKey).map(numbers::get).sorted().toList();
    }
}
