package methodos.core.hazard;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import methodos.core.description.Id;
import methodos.core.manual.Hazard;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;

/**
 * Where statements of hazards stand in full: before the first of a stretch of steps that follow
 * each other and have the same one. A stretch begins anew where somebody may come to a step without
 * having read its first: that one is for other units, or only done under a condition.
 */
public final class HazardStretches {

    /**
     * A statement with the steps that it is for.
     *
     * @param steps in their order, one at least
     */
    public record Stretch(Hazard hazard, List<Id<Step>> steps) {
        public Stretch {
            steps = List.copyOf(steps);
        }

        /** Whether it stands in full before a step. */
        public boolean begins(Id<Step> step) {
            return steps.get(0).equals(step);
        }

        private Stretch with(Id<Step> step) {
            List<Id<Step>> all = new ArrayList<>(steps);
            all.add(step);
            return new Stretch(hazard, all);
        }
    }

    private final Map<Id<Step>, Map<Hazard, Integer>> at = new HashMap<>();
    private final List<Stretch> stretches = new ArrayList<>();

    private HazardStretches() {}

    /** The stretches of what some units have of a manual. */
    public static HazardStretches of(Manual manual, Sight sight) {
        HazardStretches all = new HazardStretches();
        for (Stage stage : manual.stages()) {
            all.add(
                    stage.steps().stream().filter(s -> s.applicability().concerns(sight)).toList(),
                    sight);
        }
        return all;
    }

    private void add(List<Step> steps, Sight sight) {
        Map<Hazard, Step> firsts = Map.of();
        Map<Hazard, Integer> before = Map.of();
        for (Step step : steps) {
            Map<Hazard, Step> begun = new HashMap<>();
            Map<Hazard, Integer> here = new LinkedHashMap<>();
            for (Hazard hazard : step.hazards()) {
                if (!hazard.applicability().concerns(sight) || here.containsKey(hazard)) {
                    continue;
                }
                Step first = firsts.get(hazard);
                if (first != null && readBefore(first, step)) {
                    int open = before.get(hazard);
                    stretches.set(open, stretches.get(open).with(step.id()));
                    here.put(hazard, open);
                    begun.put(hazard, first);
                } else {
                    stretches.add(new Stretch(hazard, List.of(step.id())));
                    here.put(hazard, stretches.size() - 1);
                    begun.put(hazard, step);
                }
            }
            at.put(step.id(), here);
            firsts = begun;
            before = here;
        }
    }

    /** Whether everyone who does a step has come by the first one. */
    private static boolean readBefore(Step first, Step step) {
        boolean always =
                !first.optional()
                        && first.way() == null
                        && first.onlyIfFound() == null
                        && first.onlyIf().isBlank();
        return always
                && (first.applicability().all()
                        || first.applicability().equals(step.applicability()));
    }

    /** All of them, in the order of the work. */
    public List<Stretch> all() {
        return List.copyOf(stretches);
    }

    /** The statements that a step has, each with its stretch. */
    public List<Stretch> of(Id<Step> step) {
        return at.getOrDefault(step, Map.of()).values().stream().map(stretches::get).toList();
    }
}
