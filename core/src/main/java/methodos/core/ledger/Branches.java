package methodos.core.ledger;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.ledger.LedgerCase.Step;
import methodos.core.ledger.VariantLedger.Whole;

/**
 * The branches of the work: alternatives of which one way is taken, and conditions on which steps
 * are done. The work is walked once with the first way of each and without conditions; of each
 * branch only what it touches is walked again, so that many branches do not multiply.
 */
final class Branches {

    /**
     * One way, or a condition that holds or does not.
     *
     * @param name such as {@code fill:a} or {@code worn}; empty for a condition that does not hold
     */
    record Option(String name, Predicate<Step> walked) {}

    /**
     * What may go one way or another.
     *
     * @param narrow what of the case its steps touch
     * @param variants those that each of its steps is for; a variant of none does not meet it
     * @param conditions those that have to hold for it to be met at all
     * @param condition whether it is itself a condition
     * @param options the first is the one that is walked with all the rest, or is met only on a
     *     condition
     */
    record Branch(
            Whole narrow,
            Set<Set<String>> variants,
            Set<String> conditions,
            boolean condition,
            List<Option> options) {}

    private record Subject(LedgerThread.Kind kind, String id) {}

    private final LedgerCase all;
    private final Map<String, String> firstWays = new LinkedHashMap<>();
    private final List<Branch> branches = new ArrayList<>();
    private final Map<Subject, Set<Integer>> stepsOf = new HashMap<>();
    private final Map<Subject, Set<Subject>> related = new HashMap<>();

    /** Where a part or a joint stands in the list of them. */
    private final Map<Subject, Integer> placeOf = new HashMap<>();

    private final Set<Subject> unlistedEnergies = new HashSet<>();

    private Branches(LedgerCase all) {
        this.all = all;
        Map<String, List<Step>> ofWays = new LinkedHashMap<>();
        Map<String, List<Step>> ofConditions = new LinkedHashMap<>();
        for (Step step : all.steps()) {
            // a condition on which nothing is done leaves everything as it is
            step.when()
                    .filter(w -> !step.actions().isEmpty())
                    .ifPresent(w -> note(ofConditions, w, step));
            step.way().ifPresent(w -> firstWays.putIfAbsent(w.either(), w.way()));
            step.way().ifPresent(w -> note(ofWays, w.either(), step));
        }
        if (ofWays.isEmpty() && ofConditions.isEmpty()) {
            return;
        }
        index();
        ofConditions.forEach(this::condition);
        ofWays.forEach(this::either);
    }

    private static void note(Map<String, List<Step>> of, String name, Step step) {
        of.computeIfAbsent(name, n -> new ArrayList<>()).add(step);
    }

    static Branches of(LedgerCase all) {
        return new Branches(all);
    }

    /** Each alternative and each condition. */
    List<Branch> all() {
        return branches;
    }

    /** What is walked with the first way of each alternative and without any condition. */
    Predicate<Step> plain() {
        return step -> taken(step, Map.of()) && step.when().isEmpty();
    }

    private boolean taken(Step step, Map<String, String> instead) {
        if (step.way().isEmpty()) {
            return true;
        }
        LedgerCase.Way way = step.way().get();
        return instead.getOrDefault(way.either(), firstWays.get(way.either())).equals(way.way());
    }

    private Predicate<Step> walk(Map<String, String> instead, Set<String> conditions) {
        return step -> taken(step, instead) && step.when().map(conditions::contains).orElse(true);
    }

    private void condition(String condition, List<Step> steps) {
        branches.add(
                new Branch(
                        narrow(steps),
                        variants(steps),
                        Set.of(),
                        true,
                        List.of(
                                new Option("", walk(Map.of(), Set.of())),
                                new Option(condition, walk(Map.of(), Set.of(condition))))));
    }

    /** A way of an alternative with no step is taken by doing none of them. */
    private void either(String either, List<Step> steps) {
        Set<String> ways = new LinkedHashSet<>();
        steps.forEach(s -> ways.add(s.way().orElseThrow().way()));
        Set<String> conditions =
                steps.stream()
                        .flatMap(s -> s.when().stream())
                        .collect(Collectors.toCollection(HashSet::new));
        branches.add(
                new Branch(
                        narrow(steps),
                        variants(steps),
                        conditions,
                        false,
                        ways.stream()
                                .map(
                                        w ->
                                                new Option(
                                                        new LedgerCase.Way(either, w).toString(),
                                                        walk(Map.of(either, w), conditions)))
                                .toList()));
    }

    private static Set<Set<String>> variants(List<Step> steps) {
        return steps.stream().map(Step::variants).collect(Collectors.toSet());
    }

    private void index() {
        for (int i = 0; i < all.steps().size(); i++) {
            for (LedgerAction action : all.steps().get(i).actions()) {
                stepsOf.computeIfAbsent(subject(action), s -> new TreeSet<>()).add(i);
            }
        }
        Set<String> listed = new HashSet<>();
        all.energies().forEach(e -> listed.add(e.id()));
        stepsOf.keySet().stream()
                .filter(s -> s.kind() == LedgerThread.Kind.ENERGY && !listed.contains(s.id()))
                .forEach(unlistedEnergies::add);
        for (LedgerCase.Part part : all.parts()) {
            Subject own = new Subject(LedgerThread.Kind.PART, part.id());
            placeOf.put(own, placeOf.size());
            part.coveredBy().forEach(c -> relate(own, new Subject(LedgerThread.Kind.PART, c)));
            part.replacedBy().ifPresent(r -> relate(own, new Subject(LedgerThread.Kind.PART, r)));
            part.set()
                    .ifPresent(
                            set ->
                                    all.parts().stream()
                                            .filter(p -> p.set().equals(Optional.of(set)))
                                            .map(p -> new Subject(LedgerThread.Kind.PART, p.id()))
                                            .forEach(p -> relate(own, p)));
        }
        for (LedgerCase.Joint joint : all.joints()) {
            Subject own = new Subject(LedgerThread.Kind.JOINT, joint.id());
            placeOf.put(own, placeOf.size() - all.parts().size());
            joint.coveredBy().forEach(c -> relate(own, new Subject(LedgerThread.Kind.PART, c)));
        }
    }

    private void relate(Subject a, Subject b) {
        related.computeIfAbsent(a, s -> new LinkedHashSet<>()).add(b);
        related.computeIfAbsent(b, s -> new LinkedHashSet<>()).add(a);
    }

    private static Subject subject(LedgerAction action) {
        LedgerThread.Kind kind;
        if (action instanceof LedgerAction.Remove
                || action instanceof LedgerAction.Install
                || action instanceof LedgerAction.Discard) {
            kind = LedgerThread.Kind.PART;
        } else if (action instanceof LedgerAction.Loosen
                || action instanceof LedgerAction.Tighten) {
            kind = LedgerThread.Kind.JOINT;
        } else if (action instanceof LedgerAction.Isolate
                || action instanceof LedgerAction.Restore) {
            kind = LedgerThread.Kind.ENERGY;
        } else if (action instanceof LedgerAction.Drain || action instanceof LedgerAction.Fill) {
            kind = LedgerThread.Kind.FLUID;
        } else if (action instanceof LedgerAction.PlaceAid
                || action instanceof LedgerAction.TakeAid) {
            kind = LedgerThread.Kind.AID;
        } else if (action instanceof LedgerAction.Mark || action instanceof LedgerAction.Align) {
            kind = LedgerThread.Kind.MARK;
        } else {
            kind = LedgerThread.Kind.COUNTER;
        }
        return new Subject(kind, action.subject());
    }

    /**
     * The part of the case on which some steps have a bearing: what they touch, what covers it or
     * is covered by it, and the energies that ask for it.
     */
    private Whole narrow(List<Step> steps) {
        Set<Subject> touched = new LinkedHashSet<>();
        for (Step step : steps) {
            for (LedgerAction action : step.actions()) {
                touched.add(subject(action));
                if (action instanceof LedgerAction.Mark m && m.part().isPresent()) {
                    touched.add(new Subject(LedgerThread.Kind.PART, m.part().get()));
                }
            }
        }
        return Collections.disjoint(touched, unlistedEnergies)
                ? Whole.of(only(around(touched)))
                : Whole.of(all);
    }

    private Set<Subject> around(Set<Subject> touched) {
        Set<Subject> kept = new HashSet<>(touched);
        touched.forEach(t -> kept.addAll(related.getOrDefault(t, Set.of())));
        for (LedgerCase.Energy energy : all.energies()) {
            Subject own = new Subject(LedgerThread.Kind.ENERGY, energy.id());
            List<Subject> needs =
                    Stream.concat(
                                    energy.parts().stream()
                                            .map(p -> new Subject(LedgerThread.Kind.PART, p)),
                                    energy.joints().stream()
                                            .map(j -> new Subject(LedgerThread.Kind.JOINT, j)))
                            .toList();
            if (touched.contains(own)) {
                kept.addAll(needs);
            } else if (needs.stream().anyMatch(touched::contains)) {
                kept.add(own);
            }
        }
        kept.addAll(unlistedEnergies);
        return kept;
    }

    private LedgerCase only(Set<Subject> kept) {
        Set<String> parts = new HashSet<>();
        kept.stream()
                .filter(s -> s.kind() == LedgerThread.Kind.PART)
                .forEach(s -> parts.add(s.id()));
        Set<Integer> ofParts = new TreeSet<>();
        Set<Integer> ofJoints = new TreeSet<>();
        for (Subject subject : kept) {
            Integer at = placeOf.get(subject);
            if (at != null) {
                (subject.kind() == LedgerThread.Kind.PART ? ofParts : ofJoints).add(at);
            }
        }
        Set<Integer> places = new TreeSet<>();
        kept.stream().map(stepsOf::get).filter(Objects::nonNull).forEach(places::addAll);
        return new LedgerCase(
                all.variants(),
                ofParts.stream().map(all.parts()::get).map(p -> narrowed(p, parts)).toList(),
                ofJoints.stream().map(all.joints()::get).map(j -> narrowed(j, parts)).toList(),
                all.kits(),
                all.energies().stream()
                        .filter(e -> kept.contains(new Subject(LedgerThread.Kind.ENERGY, e.id())))
                        .map(e -> narrowed(e, kept))
                        .toList(),
                places.stream().map(all.steps()::get).map(s -> narrowed(s, kept, parts)).toList());
    }

    private static LedgerCase.Part narrowed(LedgerCase.Part part, Set<String> parts) {
        return new LedgerCase.Part(
                part.id(),
                part.count(),
                part.reuse(),
                part.coveredBy().stream().filter(parts::contains).toList(),
                part.variants(),
                part.replacedBy().filter(parts::contains),
                part.set());
    }

    private static LedgerCase.Joint narrowed(LedgerCase.Joint joint, Set<String> parts) {
        return new LedgerCase.Joint(
                joint.id(),
                joint.valued(),
                joint.ways(),
                joint.coveredBy().stream().filter(parts::contains).toList(),
                joint.variants());
    }

    private static LedgerCase.Energy narrowed(LedgerCase.Energy energy, Set<Subject> kept) {
        return new LedgerCase.Energy(
                energy.id(),
                energy.parts().stream()
                        .filter(p -> kept.contains(new Subject(LedgerThread.Kind.PART, p)))
                        .toList(),
                energy.joints().stream()
                        .filter(j -> kept.contains(new Subject(LedgerThread.Kind.JOINT, j)))
                        .toList());
    }

    /** A mark is still made where the part that it is on is of no interest. */
    private static Step narrowed(Step step, Set<Subject> kept, Set<String> parts) {
        return step.doing(
                step.actions().stream()
                        .filter(a -> kept.contains(subject(a)))
                        .map(
                                a ->
                                        a instanceof LedgerAction.Mark m
                                                ? new LedgerAction.Mark(
                                                        m.subject(),
                                                        m.part().filter(parts::contains))
                                                : a)
                        .toList());
    }
}
