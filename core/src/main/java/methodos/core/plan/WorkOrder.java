package methodos.core.plan;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.manual.Decision;
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
 *   <li>one takes off or puts on parts, the other has to do with parts, and of one of all these
 *       nobody has said what covers it,
 *   <li>one makes an energy safe or gives it back: all work lies between,
 *   <li>one decides or compares by what is measured in the other,
 *   <li>one prepares or tests, or names nothing that the ledger follows: it may concern all.
 * </ul>
 *
 * <p>What is left may be done side by side.
 */
final class WorkOrder {

    /** A step as far as its order goes. */
    private record Told(
            Step step,
            boolean all,
            Set<String> changed,
            Set<String> seen,
            Set<String> covers,
            Set<String> moved,
            Set<String> parts) {}

    private final Manual manual;
    private final Map<String, Set<String>> coveredBy = new HashMap<>();
    private final Set<String> known = new HashSet<>();

    private WorkOrder(Manual manual) {
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
     * For each of some steps those that come right before it.
     *
     * @param steps in the order in which they are told, with what their stage is for
     */
    static Map<Id<Step>, List<Id<Step>>> of(Manual manual, Map<Step, Stage.Kind> steps) {
        WorkOrder order = new WorkOrder(manual);
        List<Told> told =
                steps.entrySet().stream().map(e -> order.told(e.getKey(), e.getValue())).toList();
        List<BitSet> earlier = new ArrayList<>();
        Map<Id<Step>, List<Id<Step>>> all = new LinkedHashMap<>();
        for (int j = 0; j < told.size(); j++) {
            BitSet known = new BitSet();
            List<Id<Step>> right = new ArrayList<>();
            for (int i = j - 1; i >= 0; i--) {
                if (!known.get(i) && order.bound(told.get(i), told.get(j))) {
                    right.add(0, told.get(i).step.id());
                    known.set(i);
                    known.or(earlier.get(i));
                }
            }
            earlier.add(known);
            all.put(told.get(j).step.id(), right);
        }
        return all;
    }

    private Told told(Step step, Stage.Kind stage) {
        Set<String> changed = new HashSet<>();
        Set<String> seen = new HashSet<>();
        Set<String> moved = new HashSet<>();
        Set<String> parts = new HashSet<>();
        for (PartUse use : step.parts()) {
            String part = use.part().text();
            parts.add(part);
            switch (use.in(stage)) {
                case TAKEN_OFF, PUT_ON -> {
                    changed.add(part);
                    moved.add(part);
                }
                case TOUCHED -> changed.add(part);
                case LOOKED_AT -> seen.add(part);
            }
        }
        step.joints().forEach(j -> joint(j, changed));
        step.actions()
                .forEach(
                        a -> {
                            changed.add(a.object().text());
                            joint(a.object(), changed);
                        });
        step.readings().forEach(r -> reading(r, changed, seen));
        for (Decision decision : manual.decisions()) {
            if (step.id().equals(decision.step())) {
                decision.measures().forEach(m -> seen.add(symbol(m.symbol())));
            }
        }
        seen.removeAll(changed);
        Set<String> covers = new HashSet<>();
        Stream.concat(changed.stream(), seen.stream())
                .forEach(p -> covers.addAll(coveredBy.getOrDefault(p, Set.of())));
        boolean energy =
                manual.energies().stream()
                        .anyMatch(
                                e ->
                                        e.safeSteps().contains(step.id())
                                                || e.restoreSteps().contains(step.id()));
        boolean whole = stage == Stage.Kind.PREPARE || stage == Stage.Kind.TEST;
        boolean all = energy || whole || changed.isEmpty() && seen.isEmpty();
        return new Told(step, all, changed, seen, covers, moved, parts);
    }

    private void joint(Id<?> id, Set<String> changed) {
        manual.joints().stream()
                .filter(j -> j.id().equals(id))
                .forEach(
                        j -> {
                            changed.add(id.text());
                            if (j.fastener() != null) {
                                changed.add(j.fastener().text());
                            }
                        });
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

    /** Nothing says that two parts are free of each other where nobody has said what covers one. */
    private boolean unknown(Told first, Told second) {
        return !(first.moved.isEmpty() && second.moved.isEmpty())
                && !first.parts.isEmpty()
                && !second.parts.isEmpty()
                && !(known.containsAll(first.parts) && known.containsAll(second.parts));
    }

    private static boolean shares(Set<String> some, Set<String> others) {
        return some.stream().anyMatch(others::contains);
    }
}
