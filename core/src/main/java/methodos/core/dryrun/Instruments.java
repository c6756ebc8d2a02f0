package methodos.core.dryrun;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import methodos.core.description.Id;
import methodos.core.finding.Finding.StepRef;
import methodos.core.finding.Rule;
import methodos.core.manual.Decision;
import methodos.core.manual.Energy;
import methodos.core.manual.EnergyCycle;
import methodos.core.manual.Manual;
import methodos.core.manual.Reading;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.quantity.Bound;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.MeasureUnit.Dimension;
import methodos.core.quantity.QuantitiesInText;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;

/**
 * Whether what is asked can be read: with an instrument that is fine enough, and at this moment.
 */
final class Instruments {

    /** What is counted, or told by the eye. */
    private static final Set<Dimension> COUNTED =
            Set.of(Dimension.COUNT, Dimension.ANGLE, Dimension.TIME);

    private final Stumbles stumbles;
    private final Map<Id<Tool>, Tool> tools = new HashMap<>();
    private final Map<Id<Step>, Integer> order = new HashMap<>();
    private final List<Step> steps;
    private final Map<Id<Step>, List<Decision>> decisions;
    private final Set<Integer> withoutPressure = new HashSet<>();

    Instruments(Manual manual, Stumbles stumbles) {
        this.stumbles = stumbles;
        this.steps = manual.steps().toList();
        steps.forEach(s -> order.put(s.id(), order.size()));
        manual.tools().forEach(t -> tools.put(t.id(), t));
        decisions =
                manual.decisions().stream()
                        .filter(d -> d.step() != null)
                        .collect(Collectors.groupingBy(Decision::step));
        for (Energy energy : manual.energies()) {
            if (DryRunWords.has("pressures", energy.name())) {
                List<EnergyCycle> cycles = EnergyCycle.of(energy, order);
                for (int i = 0; i < steps.size(); i++) {
                    int here = i;
                    if (cycles.stream().anyMatch(c -> c.away(here))) {
                        withoutPressure.add(i);
                    }
                }
            }
        }
    }

    void at(Step step) {
        for (Reading reading : step.readings()) {
            reading.known().ifPresent(limit -> read(step, reading, limit));
        }
        for (Decision decision : decisions.getOrDefault(step.id(), List.of())) {
            for (Decision.Measure measure : decision.measures()) {
                if (measure.range() != null && measured(measure.range())) {
                    instrument(step, measure.name(), measure.range(), measure.tool(), false);
                }
            }
        }
    }

    private static boolean measured(Quantity quantity) {
        return !COUNTED.contains(quantity.unit().dimension());
    }

    private void read(Step step, Reading reading, Quantity limit) {
        if (!measured(limit)) {
            return;
        }
        instrument(step, reading.what(), limit, reading.tool(), true);
        if (limit.unit().dimension() == Dimension.PRESSURE) {
            if (withoutPressure.contains(order.get(step.id()))) {
                stumbles.add(Rule.CANNOT_BE_READ, ".off", step, reading.what(), reading.what());
            }
            over(step, reading, limit);
        }
    }

    private void instrument(Step step, String what, Quantity limit, Id<Tool> tool, boolean fine) {
        Tool own = tool == null ? null : tools.get(tool);
        if (own == null) {
            boolean one =
                    step.tools().stream()
                            .map(tools::get)
                            .anyMatch(t -> t != null && t.kind() == Tool.Kind.MEASURING);
            if (!one) {
                stumbles.add(Rule.NO_TOOL, ".instrument", step, what, what);
            }
            return;
        }
        List<Quantity> sizes = QuantitiesInText.of(own.size(), limit.unit().dimension());
        if (sizes.isEmpty()) {
            return;
        }
        Quantity size = sizes.get(0);
        if (size.single() && fine && coarser(size, limit)) {
            stumbles.add(Rule.TOO_COARSE, "", step, what, what, limit.print(), own.label());
        } else if (!size.single() && size.max() != null && beyond(limit, size)) {
            stumbles.add(Rule.TOO_COARSE, ".range", step, what, what, limit.print(), own.label());
        }
    }

    /** The last digit of a limit has to be told. */
    private static boolean coarser(Quantity resolution, Quantity limit) {
        Bound bound = limit.max() == null ? limit.min() : limit.max();
        Rational told = new Conversion(resolution, limit.unit(), true).exact(resolution.min());
        return bound.lastDigit().compareTo(told) < 0;
    }

    private static boolean beyond(Quantity limit, Quantity range) {
        Bound bound = limit.max() == null ? limit.min() : limit.max();
        Rational there = new Conversion(limit, range.unit()).exact(bound);
        return there.compareTo(range.max().value()) > 0;
    }

    /** What begins at some pressure is over once a step before has brought more. */
    private void over(Step step, Reading reading, Quantity limit) {
        if (!DryRunWords.has("before", reading.what() + " " + step.text()) || limit.max() == null) {
            return;
        }
        if (DryRunWords.has("away", step.text())) {
            return;
        }
        for (int i = order.get(step.id()) - 1; i >= 0 && !withoutPressure.contains(i); i--) {
            Step before = steps.get(i);
            if (DryRunWords.has("away", before.text())) {
                return;
            }
            for (Quantity brought : QuantitiesInText.of(before.text(), Dimension.PRESSURE)) {
                if (beyond(brought, limit)) {
                    stumbles.add(
                            Rule.CANNOT_BE_READ,
                            ".over",
                            step,
                            reading.what(),
                            reading.what(),
                            new StepRef(before.id()),
                            brought.print());
                    return;
                }
            }
        }
    }
}
