package methodos.core.repair;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import methodos.core.description.Id;
import methodos.core.finding.Finding;
import methodos.core.ledger.ClaimedUnits;
import methodos.core.manual.Applicability;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.RepeatedSteps;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;

/**
 * How a part that never goes back on gets there: what came off in a step and what goes on in
 * another in the same number belong together; what is left over tells which step fits too few, or
 * which take-down has no step on the way back at all.
 *
 * @param tooFew the step that fits too few; empty where one is missing altogether
 * @param takenOffIn id of the step in which the part came off that does not go back
 * @param count how many the step has to fit more, or the missing step altogether, at each place
 * @param units those that lack it
 */
record Refitting(Optional<Step> tooFew, Id<Step> takenOffIn, int count, Applicability units) {

    /**
     * @param count how many at each place
     */
    private record Use(Step step, int count, int times) {
        int altogether() {
            return count * times;
        }
    }

    /**
     * @param finding that a part is not refitted
     */
    static Refitting of(Manual manual, Part part, Finding finding, int missing) {
        List<Use> off = uses(manual, part, finding.units(), Handling.TAKEN_OFF);
        List<Use> on = uses(manual, part, finding.units(), Handling.PUT_ON);
        for (Use use : List.copyOf(on)) {
            off.stream()
                    .filter(o -> o.altogether() == use.altogether())
                    .findFirst()
                    .ifPresent(
                            o -> {
                                off.remove(o);
                                on.remove(use);
                            });
        }
        Applicability units = units(manual, part, finding.units());
        for (Use fitted : on) {
            for (Use taken : off) {
                boolean fits =
                        taken.altogether() - fitted.altogether() == missing
                                && missing % fitted.times() == 0;
                if (fits) {
                    return new Refitting(
                            Optional.of(fitted.step()),
                            taken.step().id(),
                            missing / fitted.times(),
                            units);
                }
            }
        }
        Id<Step> from =
                off.stream()
                        .filter(o -> o.altogether() == missing)
                        .findFirst()
                        .map(o -> o.step().id())
                        .orElse(finding.steps().get(finding.steps().size() - 1));
        return new Refitting(Optional.empty(), from, missing, units);
    }

    private static List<Use> uses(Manual manual, Part part, List<Sight> units, Handling handling) {
        RepeatedSteps repeated = new RepeatedSteps(manual);
        List<Use> uses = new ArrayList<>();
        for (Stage stage : manual.stages()) {
            for (Step step : stage.steps()) {
                boolean seen =
                        units.isEmpty() || units.stream().anyMatch(step.applicability()::concerns);
                for (PartUse use : step.parts()) {
                    if (seen && use.part().equals(part.id()) && use.in(stage.kind()) == handling) {
                        uses.add(new Use(step, use.count(), repeated.of(step.id())));
                    }
                }
            }
        }
        return uses;
    }

    /** All units where all that have the part lack it; else those that do, one by one. */
    private static Applicability units(Manual manual, Part part, List<Sight> lacking) {
        boolean all =
                ClaimedUnits.of(manual).stream()
                        .map(ClaimedUnits.Group::sight)
                        .filter(part.applicability()::concerns)
                        .allMatch(s -> lacking.isEmpty() || lacking.contains(s));
        if (all) {
            return part.applicability();
        }
        return new Applicability(
                lacking.stream()
                        .map(
                                s ->
                                        new Applicability.Condition(
                                                s.model() == null ? List.of() : List.of(s.model()),
                                                s.serials(),
                                                List.copyOf(s.with()),
                                                List.copyOf(s.without())))
                        .collect(Collectors.toList()));
    }
}
