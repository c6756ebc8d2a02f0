package methodos.core.manual;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import methodos.core.description.Id;

/**
 * One time that an energy is made safe and given back; a press that is jogged in mid-work has two.
 *
 * @param safe places of the steps that make it safe, in order; it is safe behind the last of them
 * @param back places of the steps that give it back, in order; the last gives it back
 */
public record EnergyCycle(List<Integer> safe, List<Integer> back) {

    public EnergyCycle {
        safe = List.copyOf(safe);
        back = List.copyOf(back);
    }

    /**
     * The cycles of an energy, in order; none where no step touches it.
     *
     * @param places of the steps of the work by their ids; steps that are in none are left out
     */
    public static List<EnergyCycle> of(Energy energy, Map<Id<Step>, Integer> places) {
        TreeMap<Integer, Boolean> safeAt = new TreeMap<>();
        energy.restoreSteps().stream()
                .filter(places::containsKey)
                .forEach(s -> safeAt.put(places.get(s), false));
        energy.safeSteps().stream()
                .filter(places::containsKey)
                .forEach(s -> safeAt.put(places.get(s), true));
        List<EnergyCycle> cycles = new ArrayList<>();
        List<Integer> safe = new ArrayList<>();
        List<Integer> back = new ArrayList<>();
        for (Map.Entry<Integer, Boolean> step : safeAt.entrySet()) {
            if (step.getValue() && !back.isEmpty()) {
                cycles.add(new EnergyCycle(safe, back));
                safe.clear();
                back.clear();
            }
            (step.getValue() ? safe : back).add(step.getKey());
        }
        if (!safe.isEmpty() || !back.isEmpty()) {
            cycles.add(new EnergyCycle(safe, back));
        }
        return cycles;
    }

    /** Whether it is safe at a place: behind all that make it safe, before any that gives back. */
    public boolean away(int here) {
        return !safe.isEmpty()
                && here > safe.get(safe.size() - 1)
                && (back.isEmpty() || here < back.get(0));
    }
}
