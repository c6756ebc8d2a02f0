package methodos.core.dryrun;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import methodos.core.description.Id;
import methodos.core.manual.Action;
import methodos.core.manual.Energy;
import methodos.core.manual.EnergyCycle;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.RepeatedSteps;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;

/**
 * What lies where when a step begins, for somebody who did what the steps before it say. What is
 * done on a condition is taken as done.
 *
 * @param unit on the unit
 * @param hand what the step itself handles
 * @param bench off, and goes on again
 * @param thrown thrown away
 * @param safe energies that are made safe
 * @param inPlace aids that are in place for the work
 */
public record Bench(
        Id<Step> step,
        List<Lot> unit,
        List<Lot> hand,
        List<Lot> bench,
        List<Lot> thrown,
        List<Id<Energy>> safe,
        List<Id<LedgerItem>> inPlace) {

    /**
     * So many of a part in one place.
     *
     * @param since the step that brought them there, null where they were there from the start
     */
    public record Lot(Id<Part> part, int count, Id<Step> since) {}

    public Bench {
        unit = List.copyOf(unit);
        hand = List.copyOf(hand);
        bench = List.copyOf(bench);
        thrown = List.copyOf(thrown);
        safe = List.copyOf(safe);
        inPlace = List.copyOf(inPlace);
    }

    /**
     * The bench at a step, for some units.
     *
     * @throws IllegalArgumentException if the units have no such step
     */
    public static Bench at(Manual manual, Sight sight, Id<Step> step) {
        return new Walk(manual, sight).to(step);
    }

    private static final class Walk {

        private final Manual manual;
        private final Sight sight;
        private final RepeatedSteps repeated;
        private final Map<Id<Step>, Integer> order = new HashMap<>();
        private final Map<Id<Part>, Part> parts = new LinkedHashMap<>();
        private final Tally<Id<Part>> off = new Tally<>();
        private final Map<Id<Part>, Id<Step>> since = new HashMap<>();
        private final Tally<Id<LedgerItem>> aids = new Tally<>();
        private final Map<Id<Energy>, List<EnergyCycle>> cycles = new LinkedHashMap<>();

        Walk(Manual manual, Sight sight) {
            this.manual = manual;
            this.sight = sight;
            this.repeated = new RepeatedSteps(manual);
            manual.parts().stream()
                    .filter(p -> p.applicability().concerns(sight))
                    .forEach(p -> parts.put(p.id(), p));
            manual.steps().forEach(s -> order.put(s.id(), order.size()));
            manual.energies().stream()
                    .filter(e -> e.applicability().concerns(sight))
                    .forEach(e -> cycles.put(e.id(), EnergyCycle.of(e, order)));
        }

        Bench to(Id<Step> wanted) {
            for (Stage stage : manual.stages()) {
                for (Step step : stage.steps()) {
                    if (step.applicability().concerns(sight)) {
                        if (step.id().equals(wanted)) {
                            return before(step);
                        }
                        act(step, stage.kind());
                    }
                }
            }
            throw new IllegalArgumentException("These units have no step " + wanted + ".");
        }

        private Bench before(Step step) {
            List<Lot> unit = new ArrayList<>();
            List<Lot> bench = new ArrayList<>();
            List<Lot> thrown = new ArrayList<>();
            for (Part part : parts.values()) {
                int away = Math.min(part.quantity(), off.of(part.id()));
                if (away < part.quantity()) {
                    unit.add(lot(part, part.quantity() - away));
                }
                if (away > 0) {
                    (part.reuse() == ReuseRule.ALWAYS_NEW ? thrown : bench).add(lot(part, away));
                }
            }
            List<Lot> hand =
                    step.parts().stream()
                            .filter(u -> parts.containsKey(u.part()))
                            .map(u -> new Lot(u.part(), u.count(), null))
                            .toList();
            int at = order.get(step.id());
            List<Id<Energy>> safe = new ArrayList<>();
            cycles.forEach(
                    (energy, all) -> {
                        if (all.stream().anyMatch(c -> c.away(at))) {
                            safe.add(energy);
                        }
                    });
            return new Bench(step.id(), unit, hand, bench, thrown, safe, aids.there());
        }

        private Lot lot(Part part, int count) {
            return new Lot(part.id(), count, since.get(part.id()));
        }

        private void act(Step step, Stage.Kind stage) {
            int times = repeated.of(step.id());
            for (PartUse use : step.parts()) {
                PartUse.Handling handling = use.in(stage);
                if (handling == PartUse.Handling.TAKEN_OFF) {
                    off.add(use.part(), use.count() * times);
                    since.put(use.part(), step.id());
                } else if (handling == PartUse.Handling.PUT_ON) {
                    off.take(use.part(), use.count() * times);
                    since.put(use.part(), step.id());
                }
            }
            for (Action action : step.actions()) {
                Id<LedgerItem> item = new Id<>(action.object().text());
                if (action.verb() == Action.Verb.PUT_IN_PLACE) {
                    aids.add(item, action.count() * times);
                } else if (action.verb() == Action.Verb.TAKE_AWAY) {
                    aids.take(item, action.count() * times);
                }
            }
        }
    }
}
