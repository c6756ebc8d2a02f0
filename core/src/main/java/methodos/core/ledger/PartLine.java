package methodos.core.ledger;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.RepeatedSteps;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;

/**
 * What happens to a part along the steps: where it comes off, is looked at and goes on.
 *
 * @param stops in the order of the steps, for the units that are looked at
 * @param loose the last stop at which it came off, where fewer go on again than came off in one
 *     group of the units that are looked at; repeated steps count at each of their places. A part
 *     that another goes on in the place of may stay off
 */
public record PartLine(Part part, List<Stop> stops, Optional<Stop> loose) {

    /**
     * @param number of the step for the units that are looked at
     */
    public record Stop(Id<Step> step, int number, Handling handling, int count) {}

    public PartLine {
        stops = List.copyOf(stops);
    }

    /** A line for each part of the units that are looked at, in the order of the parts list. */
    public static List<PartLine> of(Manual manual, Sight sight) {
        StepNumbers numbers = new StepNumbers(manual, sight);
        Map<Id<Part>, List<Stop>> stops = new LinkedHashMap<>();
        Map<Id<Step>, Step> steps = new LinkedHashMap<>();
        for (Stage stage : manual.stages()) {
            for (Step step : stage.steps()) {
                int number = numbers.of(step.id()).orElse(0);
                if (number > 0) {
                    steps.put(step.id(), step);
                    for (PartUse use : step.parts()) {
                        stops.computeIfAbsent(use.part(), p -> new ArrayList<>())
                                .add(
                                        new Stop(
                                                step.id(),
                                                number,
                                                use.in(stage.kind()),
                                                use.count()));
                    }
                }
            }
        }
        List<Sight> groups = groups(manual, sight);
        RepeatedSteps repeated = new RepeatedSteps(manual);
        List<PartLine> lines = new ArrayList<>();
        for (Part part : manual.parts()) {
            if (part.applicability().concerns(sight)) {
                List<Stop> own = stops.getOrDefault(part.id(), List.of());
                boolean converted =
                        stops.getOrDefault(part.convertedTo(), List.of()).stream()
                                .anyMatch(s -> s.handling() == Handling.PUT_ON);
                lines.add(
                        new PartLine(
                                part,
                                own,
                                converted
                                        ? Optional.empty()
                                        : loose(part, own, steps, groups, repeated)));
            }
        }
        return List.copyOf(lines);
    }

    /** Each group that is looked at by itself; a step of one says nothing about another. */
    private static List<Sight> groups(Manual manual, Sight sight) {
        List<Sight> groups =
                ClaimedUnits.of(manual).stream()
                        .map(ClaimedUnits.Group::sight)
                        .filter(sight::meets)
                        .toList();
        return groups.isEmpty() ? List.of(sight) : groups;
    }

    private static Optional<Stop> loose(
            Part part,
            List<Stop> stops,
            Map<Id<Step>, Step> steps,
            List<Sight> groups,
            RepeatedSteps repeated) {
        for (Sight group : groups) {
            if (!part.applicability().concerns(group)) {
                continue;
            }
            int off = 0;
            Stop last = null;
            for (Stop stop : stops) {
                if (steps.get(stop.step()).applicability().concerns(group)) {
                    int count = stop.count() * repeated.of(stop.step());
                    if (stop.handling() == Handling.TAKEN_OFF) {
                        off += count;
                        last = stop;
                    } else if (stop.handling() == Handling.PUT_ON) {
                        off = Math.max(0, off - count);
                    }
                }
            }
            if (off > 0) {
                return Optional.ofNullable(last);
            }
        }
        return Optional.empty();
    }

    /** Whether the work does anything with it. */
    public boolean touched() {
        return !stops.isEmpty();
    }

    /** The first stop of a kind; empty where there is none. */
    public Optional<Stop> first(Handling handling) {
        return stops.stream().filter(s -> s.handling() == handling).findFirst();
    }

    /** The last stop of a kind; empty where there is none. */
    public Optional<Stop> last(Handling handling) {
        return stops.stream().filter(s -> s.handling() == handling).reduce((a, b) -> b);
    }
}
