package methodos.core.manual;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import methodos.core.description.Id;

/** How often each step of a manual is done, found in one walk. */
public final class RepeatedSteps {

    private final Map<Id<Step>, Integer> times = new HashMap<>();

    /** Counts for all steps of a manual. */
    public RepeatedSteps(Manual manual) {
        manual.repeats().forEach(r -> note(manual, r));
    }

    private void note(Manual manual, Repeat repeat) {
        steps(manual, repeat).forEach(s -> times.merge(s, repeat.times(), (a, b) -> a * b));
    }

    /** The ids of the steps that are repeated; none where an end of them is gone. */
    public static List<Id<Step>> steps(Manual manual, Repeat repeat) {
        for (Stage stage : manual.stages()) {
            List<Id<Step>> ids = new ArrayList<>(stage.steps().stream().map(Step::id).toList());
            int from = ids.indexOf(repeat.from());
            int to = ids.indexOf(repeat.to());
            if (from >= 0 && to >= from) {
                return ids.subList(from, to + 1);
            }
        }
        return List.of();
    }

    /** The repeats of a manual without a step; where it was an end, the next step inside is. */
    static List<Repeat> without(Manual manual, Id<Step> step) {
        List<Repeat> rest = new ArrayList<>();
        for (Repeat repeat : manual.repeats()) {
            List<Id<Step>> steps = new ArrayList<>(steps(manual, repeat));
            if (!steps.remove(step)) {
                rest.add(repeat);
            } else if (!steps.isEmpty()) {
                rest.add(repeat.withFrom(steps.get(0)).withTo(steps.get(steps.size() - 1)));
            }
        }
        return rest;
    }

    /** 1 where a step is not repeated. */
    public int of(Id<Step> step) {
        return times.getOrDefault(step, 1);
    }
}
