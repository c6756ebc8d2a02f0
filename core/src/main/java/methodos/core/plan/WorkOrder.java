package methodos.core.plan;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.fit.Formula;
import methodos.core.fit.ReckonedReading;
import methodos.core.manual.Action;
import methodos.core.manual.Answer;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Reading;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;

/**
 * Which steps have to be done before which, by what the ledger follows. Of two steps the one that
 * is told first comes first where
 *
 * <ul>
 *   <li>both have to do with one part, joint, fluid, mark, aid or counter, and one of them changes
 *       it,
 *   <li>one has to do with a part that covers a part of the other,
 *   <li>one takes off or puts on parts, and of some thing of one of them nobody has said what
 *       covers it,
 *   <li>one makes an energy safe or gives it back: all work lies between,
 *   <li>one decides or compares by what is measured in the other,
 *   <li>one prepares or tests, or names nothing that the ledger follows: it may concern all.
 * </ul>
 *
 * <p>What is left may be done side by side.
 */
public final class WorkOrder {

    /**
     * A step as far as its order goes.
     *
     * @param all whether it may concern all
     * @param things the parts that it has to do with, or what else there is where it names none
     * @param changed ids and symbols of what it changes or measures
     * @param seen of what it only looks at or reckons with
     * @param moved the parts that it takes off or puts on
     * @param covers the parts that cover its own
     */
    private record Told(
            Step step,
            boolean all,
            Set<String> things,
            Set<String> changed,
            Set<String> seen,
            Set<String> moved,
            Set<String> covers) {}

    private final Manual manual;
    private final Map<String, Set<String>> coveredBy = new HashMap<>();
    private final Set<String> known = new HashSet<>();
    private final List<Told> told = new ArrayList<>();
    private final List<BitSet> before = new ArrayList<>();

    /** Of a manual whose steps are still to be told. */
    public WorkOrder(Manual manual) {
        this.manual = manual;
        for (Part part : manual.parts()) {
            for (Id<Part> cover : part.coveredBy()) {
                coveredBy.computeIfAbsent(part.id().text(), p -> new HashSet<>()).add(cover.text());
                known.add(part.id().text());
                known.add(cover.text());
            }
        }
    }

    /**
     * Tells it the step that comes next.
     *
     * @return ids of those that come right before it
     */
    public List<Id<Step>> next(Step step, Stage.Kind stage) {
        Told now = told(step, stage);
        BitSet all = new BitSet();
        LinkedList<Id<Step>> right = new LinkedList<>();
        for (int i = told.size() - 1; i >= 0; i--) {
            if (!all.get(i) && bound(told.get(i), now)) {
                right.addFirst(told.get(i).step.id());
                all.set(i);
                all.or(before.get(i));
            }
        }
        told.add(now);
        before.add(all);
        return right;
    }

    private Told told(Step step, Stage.Kind stage) {
        Set<String> changed = new HashSet<>();
        Set<String> seen = new HashSet<>();
        Set<String> moved = new HashSet<>();
        Set<String> things = new HashSet<>();
        for (PartUse use : step.parts()) {
            String part = use.part().text();
            things.add(part);
            switch (use.in(stage)) {
                case TAKEN_OFF, PUT_ON -> {
                    changed.add(part);
                    moved.add(part);
                }
                case TOUCHED -> changed.add(part);
                case LOOKED_AT -> seen.add(part);
            }
        }
        Stream.concat(step.joints().stream(), step.actions().stream().map(Action::object))
                .forEach(
                        object -> {
                            changed.add(object.text());
                            fastener(object).ifPresent(changed::add);
                            fastener(object).ifPresent(things::add);
                        });
        if (things.isEmpty()) {
            things.addAll(changed);
        }
        step.readings().forEach(r -> reading(r, changed, seen));
        manual.decisions().stream()
                .filter(d -> step.id().equals(d.step()))
                .flatMap(d -> d.measures().stream())
                .forEach(m -> seen.add(symbol(m.symbol())));
        Set<String> covers = new HashSet<>();
        things.forEach(p -> covers.addAll(coveredBy.getOrDefault(p, Set.of())));
        boolean all =
                things.isEmpty()
                        || stage == Stage.Kind.PREPARE
                        || stage == Stage.Kind.TEST
                        || manual.energies().stream()
                                .anyMatch(
                                        e ->
                                                e.safeSteps().contains(step.id())
                                                        || e.restoreSteps().contains(step.id()));
        return new Told(step, all, things, changed, seen, moved, covers);
    }

    /** The part that holds a joint; none of what is no joint. */
    private Optional<String> fastener(Id<?> object) {
        return manual.joints().stream()
                .filter(j -> j.id().equals(object) && j.fastener() != null)
                .map(j -> j.fastener().text())
                .findFirst();
    }

    private static void reading(Reading reading, Set<String> changed, Set<String> seen) {
        if (reading.id() != null) {
            changed.add("reading " + reading.id().text());
        }
        if (reading.against() != null) {
            seen.add("reading " + reading.against().text());
        }
        if (!reading.symbol().isEmpty()) {
            changed.add(symbol(reading.symbol()));
            ReckonedReading.symbols(reading).forEach(s -> changed.add(symbol(s)));
        }
        if (reading.answer() instanceof Answer.Reckoned reckoned) {
            try {
                Formula.parse(reckoned.formula()).names().forEach(n -> seen.add(symbol(n)));
            } catch (IllegalArgumentException unfinished) {
                return; // a formula that is none yet waits for nothing
            }
        }
    }

    private static String symbol(String symbol) {
        return "symbol " + symbol;
    }

    private boolean bound(Told first, Told second) {
        return first.all
                || second.all
                || shares(first.changed, second.changed)
                || shares(first.changed, second.seen)
                || shares(first.seen, second.changed)
                || shares(first.covers, second.moved)
                || shares(first.moved, second.covers)
                || unknown(first, second);
    }

    /**
     * Nothing says that two things are free of each other where nobody has said what covers one.
     */
    private boolean unknown(Told first, Told second) {
        return !(first.moved.isEmpty() && second.moved.isEmpty())
                && !(known.containsAll(first.things) && known.containsAll(second.things));
    }

    private static boolean shares(Set<String> some, Set<String> others) {
        return some.stream().anyMatch(others::contains);
    }
}
