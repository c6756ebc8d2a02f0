package methodos.core.dryrun;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.finding.Rule;
import methodos.core.manual.ActedOn;
import methodos.core.manual.Action;
import methodos.core.manual.Joint;
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
 * Goes through the work on some units and knows at each step what is off, what is loose, and what
 * is in place for the work only. What is done on a condition is taken as done: nothing is called
 * missing that may be there.
 */
final class BenchWalk {

    /** Words that may stand behind the name of a thing which is meant itself. */
    private static final Set<String> BEHIND =
            Set.of(
                    "of", "and", "or", "in", "into", "on", "onto", "off", "out", "from", "to",
                    "with", "at", "by", "is", "are", "has", "have", "until", "so", "one", "back",
                    "again", "do", "does", "no", "over", "under", "that", "which", "for", "still",
                    "were");

    private final Manual manual;
    private final Sight sight;
    private final Stumbles stumbles;
    private final RepeatedSteps repeated;
    private final Map<Id<Part>, Part> parts = new LinkedHashMap<>();
    private final Map<Id<Joint>, Joint> joints = new LinkedHashMap<>();
    private final Map<Id<? extends ActedOn>, LedgerItem> items = new HashMap<>();
    private final Map<Id<Part>, List<Joint>> holds = new HashMap<>();
    private final List<Part> ofOthers;
    private final Map<Id<Part>, Integer> off = new HashMap<>();
    private final Set<Id<Part>> everOff = new HashSet<>();
    private final Set<Id<Joint>> loose = new HashSet<>();
    private final Set<Id<Joint>> everLoose = new HashSet<>();
    private final Map<Id<LedgerItem>, Integer> aids = new HashMap<>();

    BenchWalk(Manual manual, Sight sight, Stumbles stumbles) {
        this.manual = manual;
        this.sight = sight;
        this.stumbles = stumbles;
        this.repeated = new RepeatedSteps(manual);
        manual.parts().stream()
                .filter(p -> p.applicability().concerns(sight))
                .forEach(p -> parts.put(p.id(), p));
        manual.joints().stream()
                .filter(j -> j.applicability().concerns(sight))
                .forEach(j -> joints.put(j.id(), j));
        manual.ledgerItems().forEach(i -> items.put(i.id(), i));
        joints.values().forEach(this::holds);
        Set<String> own =
                parts.values().stream()
                        .map(p -> DryRunWords.head(p.name()))
                        .collect(Collectors.toSet());
        ofOthers =
                manual.parts().stream()
                        .filter(p -> !parts.containsKey(p.id()))
                        .filter(p -> !own.contains(DryRunWords.head(p.name())))
                        .toList();
    }

    /** "Right end cap to body" holds the right end cap. */
    private void holds(Joint joint) {
        List<String> words = DryRunWords.words(joint.name());
        int to = words.indexOf("to");
        if (to < 1) {
            return;
        }
        List<String> held = words.subList(0, to);
        List<Part> named =
                parts.values().stream()
                        .filter(
                                p -> {
                                    List<String> name = DryRunWords.ofName(p.name());
                                    int from = name.size() - held.size();
                                    return from >= 0
                                            && name.subList(from, name.size()).equals(held);
                                })
                        .toList();
        if (named.size() == 1) {
            holds.computeIfAbsent(named.get(0).id(), k -> new ArrayList<>()).add(joint);
        }
    }

    void walk() {
        for (Stage stage : manual.stages()) {
            for (Step step : stage.steps()) {
                if (step.applicability().concerns(sight)) {
                    step(step, stage.kind());
                }
            }
        }
    }

    private void step(Step step, Stage.Kind stage) {
        otherUnits(step);
        int times = repeated.of(step.id());
        for (Action action : step.actions()) {
            before(action, times);
        }
        for (PartUse use : step.parts()) {
            if (use.in(stage) == PartUse.Handling.TAKEN_OFF && parts.containsKey(use.part())) {
                off.merge(use.part(), use.count() * times, Integer::sum);
                everOff.add(use.part());
            }
        }
        for (PartUse use : step.parts()) {
            Part part = parts.get(use.part());
            if (part != null) {
                handled(part, use, use.in(stage), step);
            }
        }
        for (PartUse use : step.parts()) {
            if (use.in(stage) == PartUse.Handling.PUT_ON) {
                off.computeIfPresent(
                        use.part(),
                        (p, n) -> n > use.count() * times ? n - use.count() * times : null);
            }
        }
        for (Id<Joint> id : step.joints()) {
            if (joints.containsKey(id)) {
                tightened(joints.get(id), step);
            }
        }
        for (Action action : step.actions()) {
            taken(action, times, step);
        }
    }

    private void before(Action action, int times) {
        LedgerItem item = items.get(action.object());
        if (action.verb() == Action.Verb.LOOSEN) {
            joints.keySet().stream()
                    .filter(action.object()::equals)
                    .forEach(
                            j -> {
                                loose.add(j);
                                everLoose.add(j);
                            });
        } else if (action.verb() == Action.Verb.PUT_IN_PLACE && item != null) {
            aids.merge(item.id(), action.count() * times, Integer::sum);
        }
    }

    private void handled(Part part, PartUse use, PartUse.Handling handling, Step step) {
        if (handling == PartUse.Handling.TAKEN_OFF) {
            for (Joint joint : holds.getOrDefault(part.id(), List.of())) {
                if (!loose(joint)) {
                    stumbles.add(
                            Rule.STILL_TIGHT,
                            "",
                            step,
                            part.id().text(),
                            part.label(),
                            joint.name());
                }
            }
        } else if (handling != PartUse.Handling.PUT_ON
                && part.reuse() == ReuseRule.ALWAYS_NEW
                && use.supply() != PartUse.Supply.NEW
                && off.getOrDefault(part.id(), 0) >= part.quantity()
                && part.quantity() > 0
                && !DryRunWords.words(step.text()).contains("old")
                && !DryRunWords.words(step.text()).contains("new")) {
            stumbles.add(Rule.THROWN_AWAY, "", step, part.id().text(), part.label());
        }
    }

    /** Whether it was loosened, or as many of its screws are off as it takes. */
    private boolean loose(Joint joint) {
        if (loose.contains(joint.id())) {
            return true;
        }
        int others =
                joints.values().stream()
                        .filter(j -> !j.id().equals(joint.id()) && loose.contains(j.id()))
                        .filter(j -> joint.fastener() != null)
                        .filter(j -> joint.fastener().equals(j.fastener()))
                        .mapToInt(Joint::count)
                        .sum();
        return joint.fastener() != null
                && off.getOrDefault(joint.fastener(), 0) >= others + joint.count();
    }

    private void tightened(Joint joint, Step step) {
        boolean apart = !everOff.isEmpty() || !everLoose.isEmpty();
        boolean opened =
                everLoose.contains(joint.id())
                        || joint.fastener() != null && everOff.contains(joint.fastener());
        boolean another =
                manual.parts().stream()
                        .anyMatch(
                                p ->
                                        p.convertedTo() != null
                                                && (p.convertedTo().equals(joint.fastener())
                                                        || holds.getOrDefault(
                                                                        p.convertedTo(), List.of())
                                                                .contains(joint)));
        if (apart && !opened && !another) {
            stumbles.add(Rule.NOT_LOOSENED, "", step, joint.id().text(), joint.name());
        }
        loose.remove(joint.id());
    }

    private void taken(Action action, int times, Step step) {
        LedgerItem item = items.get(action.object());
        if (action.verb() != Action.Verb.TAKE_AWAY || item == null) {
            return;
        }
        int there = aids.getOrDefault(item.id(), 0);
        int away = action.count() * times;
        if (away > there) {
            stumbles.add(
                    Rule.NEVER_PUT_THERE, "", step, item.id().text(), item.name(), away, there);
        }
        aids.put(item.id(), Math.max(0, there - away));
    }

    /** The words speak of a part that these units have not got. */
    private void otherUnits(Step step) {
        if (ofOthers.isEmpty()) {
            return;
        }
        List<String> words =
                Stream.concat(
                                Stream.of(step.text(), step.expected(), step.why()),
                                step.notes().stream())
                        .flatMap(t -> DryRunWords.words(t).stream())
                        .toList();
        for (Part part : ofOthers) {
            List<String> name = DryRunWords.ofName(part.name());
            int at = name.isEmpty() ? -1 : Phrases.at(words, name, 0);
            int next = at + name.size();
            if (at >= 0 && (next >= words.size() || BEHIND.contains(words.get(next)))) {
                stumbles.add(Rule.OTHER_UNITS, "", step, part.id().text(), part.label());
            }
        }
    }
}
