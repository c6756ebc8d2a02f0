package methodos.core.hazard;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import methodos.core.description.Id;
import methodos.core.manual.ActedOn;
import methodos.core.manual.Action;
import methodos.core.manual.Applicability;
import methodos.core.manual.Consumable;
import methodos.core.manual.Energy;
import methodos.core.manual.EnergyCycle;
import methodos.core.manual.Hazard;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Variant;
import methodos.core.memory.Remembered;
import methodos.core.practice.PractisedManual;
import methodos.core.words.PartWords;

/**
 * Finds the steps that ask for a statement which does not stand in front of them, and those that
 * handle what an energy moves before it is made safe.
 */
public final class HazardWatch {

    /** A statement that stands at most so many steps behind its action is late, not missing. */
    private static final int BEHIND = 2;

    /**
     * @param late the step at whose head the statement stands instead, empty where it is missing
     */
    public record Untold(Step step, HazardRule rule, Optional<Step> late) {}

    /**
     * @param energy which is not made safe yet
     */
    public record Unsafe(Step step, Energy energy) {}

    /**
     * @param licensed the licensed work that is in the manual, with its first step
     */
    public record Result(
            List<Untold> untold, List<Unsafe> unsafe, Map<LicensedWork, Id<Step>> licensed) {}

    private final HazardRules rules;

    /** What words ask for, as steps rarely change their words. */
    private final Remembered<Asking, List<HazardRule>> asked;

    /**
     * @param rules those that ship, with a company's own on top
     */
    public HazardWatch(HazardRules rules) {
        this.rules = rules;
        asked = new Remembered<>(a -> rules.askedBy(a.text(), a.known()));
    }

    /** The rules that it goes by. */
    public HazardRules rules() {
        return rules;
    }

    /** Goes through a manual from its first step to its last. */
    public Result watch(PractisedManual practised) {
        return new Walk(practised.manual()).walk();
    }

    private List<HazardRule> askedBy(String text, Circumstances known) {
        return asked.of(new Asking(text, known));
    }

    private record Asking(String text, Circumstances known) {}

    private final class Walk {
        private final Manual manual;
        private final List<Step> steps = new ArrayList<>();
        private final Map<Id<Step>, Stage.Kind> stages = new HashMap<>();
        private final Map<Id<Step>, Integer> at = new HashMap<>();
        private final Map<Id<Energy>, List<EnergyCycle>> cycles = new HashMap<>();
        private final Map<Id<Consumable>, Consumable> consumables = new HashMap<>();
        private final Map<Id<Part>, Part> parts = new HashMap<>();
        private final List<Sight> sights;
        private final Map<Id<Step>, List<HazardRule>> askedHere = new HashMap<>();
        private final Map<HazardRule, List<Energy>> about = new HashMap<>();
        private final List<Untold> untold = new ArrayList<>();
        private final List<Unsafe> unsafe = new ArrayList<>();
        private final Map<LicensedWork, Id<Step>> licensed = new LinkedHashMap<>();
        private final Map<Id<Step>, Set<HazardRule>> byEnergy = new HashMap<>();

        Walk(Manual manual) {
            this.manual = manual;
            sights = manual.variants().stream().map((Variant v) -> Sight.of(v)).toList();
            for (Stage stage : manual.stages()) {
                for (Step step : stage.steps()) {
                    at.put(step.id(), steps.size());
                    steps.add(step);
                    stages.put(step.id(), stage.kind());
                }
            }
            manual.energies().forEach(e -> cycles.put(e.id(), EnergyCycle.of(e, at)));
            manual.consumables().forEach(c -> consumables.put(c.id(), c));
            manual.parts().forEach(p -> parts.put(p.id(), p));
        }

        Result walk() {
            manual.energies().forEach(this::energy);
            for (Step step : steps) {
                Set<HazardRule> asking = new LinkedHashSet<>(askedBy(step));
                asking.addAll(byEnergy.getOrDefault(step.id(), Set.of()));
                step.consumables().stream()
                        .map(consumables::get)
                        .filter(c -> c != null)
                        .forEach(c -> uses(c, asking));
                Set<HazardKind> missing = EnumSet.noneOf(HazardKind.class);
                for (HazardRule rule : asking) {
                    rule.licensed().ifPresent(l -> licensed.putIfAbsent(l, step.id()));
                    // one statement of a kind is enough, by whichever rule it is asked for
                    if (!told(rule, step) && rule.kind().map(missing::add).orElse(true)) {
                        untold.add(new Untold(step, rule, late(step, rule)));
                    }
                }
            }
            return new Result(untold, unsafe, licensed);
        }

        /** Whether each unit that has the step, and what the rule is about, is told. */
        private boolean told(HazardRule rule, Step step) {
            List<Applicability> told =
                    step.hazards().stream()
                            .filter(rule::toldBy)
                            .map(Hazard::applicability)
                            .toList();
            if (told.isEmpty() || sights.isEmpty() || told.stream().anyMatch(Applicability::all)) {
                return !told.isEmpty();
            }
            List<Energy> energies = about.computeIfAbsent(rule, this::energiesOf);
            return sights.stream()
                    .filter(s -> step.applicability().concerns(s))
                    .filter(
                            s ->
                                    energies.isEmpty()
                                            || energies.stream()
                                                    .anyMatch(e -> e.applicability().concerns(s)))
                    .allMatch(s -> told.stream().anyMatch(a -> a.concerns(s)));
        }

        private List<HazardRule> askedBy(Step step) {
            return askedHere.computeIfAbsent(step.id(), id -> worked(step));
        }

        private List<HazardRule> worked(Step step) {
            List<String> named =
                    step.parts().stream()
                            .map(u -> parts.get(u.part()))
                            .filter(Objects::nonNull)
                            .map(PartWords::said)
                            .toList();
            return HazardWatch.this
                    .askedBy(
                            step.text(), new Circumstances(live(step), named, manual.unit().name()))
                    .stream()
                    .filter(r -> !quiet(r, step))
                    .toList();
        }

        /** The energies that are there while a step is worked: not made safe yet, or given back. */
        private List<String> live(Step step) {
            int here = at.get(step.id());
            return manual.energies().stream()
                    .filter(e -> !e.concernsSome() && !away(e, here) && together(e, step))
                    .map(Energy::name)
                    .toList();
        }

        /** Whether an energy has been made safe at a place, and not yet given back. */
        private boolean away(Energy energy, int here) {
            return cycles.get(energy.id()).stream().anyMatch(c -> c.away(here));
        }

        /**
         * While what a rule is about is made safe, words like "air hose" ask for nothing; nor do
         * the steps that make it safe, behind the first of them, which tells it.
         */
        private boolean quiet(HazardRule rule, Step step) {
            int here = at.get(step.id());
            return about.computeIfAbsent(rule, this::energiesOf).stream()
                    .filter(e -> away(e, here) || toldAtFirst(rule, e, here))
                    .anyMatch(e -> together(e, step));
        }

        private List<Energy> energiesOf(HazardRule rule) {
            return manual.energies().stream().filter(e -> about(rule, e)).toList();
        }

        private boolean about(HazardRule rule, Energy energy) {
            List<String> words = HazardRule.words(energy.name());
            return HazardRule.any(rule.safe(), words) || HazardRule.any(rule.moves(), words);
        }

        private boolean toldAtFirst(HazardRule rule, Energy energy, int here) {
            return cycles.get(energy.id()).stream()
                    .map(EnergyCycle::safe)
                    .filter(safe -> !safe.isEmpty())
                    .anyMatch(
                            safe ->
                                    here > safe.get(0)
                                            && here <= safe.get(safe.size() - 1)
                                            && rule.toldIn(steps.get(safe.get(0))));
        }

        private void uses(Consumable consumable, Set<HazardRule> asking) {
            List<String> words = HazardRule.words(consumable.name());
            rules.list().stream().filter(r -> HazardRule.any(r.uses(), words)).forEach(asking::add);
        }

        private Optional<Step> late(Step step, HazardRule rule) {
            int from = at.get(step.id()) + 1;
            return steps
                    .subList(Math.min(from, steps.size()), Math.min(from + BEHIND, steps.size()))
                    .stream()
                    .filter(s -> rule.toldIn(s) && !askedBy(s).contains(rule))
                    .filter(s -> !byEnergy.getOrDefault(s.id(), Set.of()).contains(rule))
                    .findFirst();
        }

        private void energy(Energy energy) {
            List<String> words = HazardRule.words(energy.name());
            List<EnergyCycle> times = cycles.get(energy.id());
            List<Integer> safe = times.isEmpty() ? List.of() : times.get(0).safe();
            for (HazardRule rule : rules.list()) {
                if (HazardRule.any(rule.safe(), words) && !safe.isEmpty()) {
                    ask(steps.get(safe.get(0)), rule);
                }
                if (HazardRule.any(rule.back(), words)) {
                    times.forEach(c -> c.back().forEach(i -> ask(steps.get(i), rule)));
                }
                if (HazardRule.any(rule.moves(), words)) {
                    steps.stream().filter(s -> moves(energy, s)).forEach(s -> ask(s, rule));
                }
            }
            beforeSafe(energy, safe);
        }

        private void ask(Step step, HazardRule rule) {
            byEnergy.computeIfAbsent(step.id(), s -> new LinkedHashSet<>()).add(rule);
        }

        /**
         * Whether a step lets go of what holds an energy, or holds it again: it undoes its joints,
         * or takes off or puts on its parts that are not themselves called by its name.
         */
        private boolean moves(Energy energy, Step step) {
            if (!together(energy, step)) {
                return false;
            }
            boolean joint =
                    step.actions().stream()
                            .anyMatch(
                                    a ->
                                            a.verb() == Action.Verb.LOOSEN
                                                    && energy.joints().contains(a.object()));
            return joint
                    || step.parts().stream()
                            .filter(u -> energy.parts().contains(u.part()))
                            .filter(u -> handled(u, step))
                            .anyMatch(u -> !isEnergyItself(u.part(), energy));
        }

        private boolean isEnergyItself(Id<Part> part, Energy energy) {
            List<String> words = HazardRule.words(energy.name());
            return manual.part(part)
                    .map(p -> HazardRule.words(p.name()))
                    .filter(
                            name ->
                                    name.stream()
                                            .anyMatch(
                                                    n ->
                                                            words.contains(n)
                                                                    || words.contains(n + "s")))
                    .isPresent();
        }

        private boolean handled(PartUse use, Step step) {
            PartUse.Handling handling = use.in(stages.get(step.id()));
            return handling == PartUse.Handling.TAKEN_OFF || handling == PartUse.Handling.PUT_ON;
        }

        /** Whether some of the manual's units have both the energy and the step. */
        private boolean together(Energy energy, Step step) {
            return sights.isEmpty()
                    || sights.stream()
                            .anyMatch(
                                    s ->
                                            energy.applicability().concerns(s)
                                                    && step.applicability().concerns(s));
        }

        /**
         * What is taken off or undone before the energy is safe. One that names its parts is made
         * safe bit by bit, from its first step on; one of the whole unit when all its steps are
         * done.
         */
        private void beforeSafe(Energy energy, List<Integer> safe) {
            int until =
                    safe.isEmpty()
                            ? steps.size()
                            : safe.get(energy.concernsSome() ? 0 : safe.size() - 1);
            undone(energy, 0, until);
            List<EnergyCycle> times = cycles.get(energy.id());
            for (int i = 0; i < times.size(); i++) {
                List<Integer> back = times.get(i).back();
                if (!back.isEmpty()) {
                    int next =
                            i + 1 < times.size()
                                    ? times.get(i + 1).safe().get(0)
                                    : back.get(back.size() - 1);
                    undone(energy, back.get(0) + 1, next);
                }
            }
        }

        /** What is taken off or undone from one place to another, where the energy is there. */
        private void undone(Energy energy, int from, int to) {
            Set<Id<Part>> parts = new HashSet<>(energy.parts());
            Set<Id<? extends ActedOn>> joints = new HashSet<>(energy.joints());
            for (Step step : steps.subList(Math.min(from, to), to)) {
                boolean whole = !energy.concernsSome();
                boolean off =
                        step.parts().stream()
                                .anyMatch(
                                        u ->
                                                (whole || parts.contains(u.part()))
                                                        && u.in(stages.get(step.id()))
                                                                == PartUse.Handling.TAKEN_OFF);
                boolean loose =
                        step.actions().stream()
                                .anyMatch(
                                        a ->
                                                a.verb() == Action.Verb.LOOSEN
                                                        && (whole || joints.contains(a.object())));
                if ((off || loose) && together(energy, step)) {
                    unsafe.add(new Unsafe(step, energy));
                    return;
                }
            }
        }
    }
}
