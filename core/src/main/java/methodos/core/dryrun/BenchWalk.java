package methodos.core.dryrun;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
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

    private final Manual manual;
    private final Sight sight;
    private final Stumbles stumbles;
    private final RepeatedSteps repeated;
    private final Map<Id<Part>, Part> parts = new LinkedHashMap<>();
    private final Map<Id<Joint>, Joint> joints = new LinkedHashMap<>();
    private final Map<Id<? extends ActedOn>, LedgerItem> items = new HashMap<>();
    private final Map<Id<Part>, List<Joint>> holds = new HashMap<>();
    private final Map<String, List<Named>> ofOthers = new HashMap<>();
    private final Set<Id<Part>> converted = new HashSet<>();
    private final Function<String, Said> said;
    private final Tally<Id<Part>> off = new Tally<>();
    private final Set<Id<Part>> everOff = new HashSet<>();
    private final Set<Id<Joint>> loose = new HashSet<>();
    private final Set<Id<Joint>> everLoose = new HashSet<>();
    private final Tally<Id<LedgerItem>> aids = new Tally<>();

    /** A part with the words of its name, at least one. */
    record Named(Part part, List<String> name) {

        /** What it is: the last word. */
        String head() {
            return name.get(name.size() - 1);
        }
    }

    /**
     * @param named the parts of the manual
     * @param said the words of a text
     */
    BenchWalk(
            Manual manual,
            List<Named> named,
            RepeatedSteps repeated,
            Sight sight,
            Function<String, Said> said,
            Stumbles stumbles) {
        this.manual = manual;
        this.sight = sight;
        this.said = said;
        this.stumbles = stumbles;
        this.repeated = repeated;
        Map<String, List<Named>> own = new HashMap<>();
        for (Named part : named) {
            Optional.ofNullable(part.part.convertedTo()).ifPresent(converted::add);
            if (part.part.applicability().concerns(sight)) {
                parts.put(part.part.id(), part.part);
                own.computeIfAbsent(part.head(), k -> new ArrayList<>()).add(part);
            }
        }
        for (Named part : named) {
            if (!parts.containsKey(part.part.id()) && !own.containsKey(part.head())) {
                ofOthers.computeIfAbsent(part.head(), k -> new ArrayList<>()).add(part);
            }
        }
        manual.joints().stream()
                .filter(j -> j.applicability().concerns(sight))
                .forEach(j -> joints.put(j.id(), j));
        manual.ledgerItems().forEach(i -> items.put(i.id(), i));
        joints.values().forEach(j -> holds(j, own));
    }

    /** "Right end cap to body" holds the right end cap. */
    private void holds(Joint joint, Map<String, List<Named>> own) {
        List<String> words = said.apply(joint.name()).words();
        int to = words.indexOf("to");
        if (to < 1) {
            return;
        }
        List<String> held = words.subList(0, to);
        List<Named> named =
                own.getOrDefault(held.get(to - 1), List.of()).stream()
                        .filter(
                                p -> {
                                    int from = p.name.size() - to;
                                    return from >= 0
                                            && p.name.subList(from, p.name.size()).equals(held);
                                })
                        .toList();
        if (named.size() == 1) {
            holds.computeIfAbsent(named.get(0).part.id(), k -> new ArrayList<>()).add(joint);
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
                off.add(use.part(), use.count() * times);
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
                off.take(use.part(), use.count() * times);
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
            Joint joint = joints.get(action.object());
            if (joint != null) {
                loose.add(joint.id());
                everLoose.add(joint.id());
            }
        } else if (action.verb() == Action.Verb.PUT_IN_PLACE && item != null) {
            aids.add(item.id(), action.count() * times);
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
                && off.of(part.id()) >= part.quantity()
                && part.quantity() > 0
                && !said.apply(step.text()).words().contains("old")
                && !said.apply(step.text()).words().contains("new")) {
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
        return joint.fastener() != null && off.of(joint.fastener()) >= others + joint.count();
    }

    private void tightened(Joint joint, Step step) {
        boolean apart = !everOff.isEmpty() || !everLoose.isEmpty();
        boolean opened =
                everLoose.contains(joint.id())
                        || joint.fastener() != null && everOff.contains(joint.fastener());
        boolean another =
                converted.contains(joint.fastener())
                        || converted.stream()
                                .anyMatch(p -> holds.getOrDefault(p, List.of()).contains(joint));
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
        int there = aids.of(item.id());
        int away = action.count() * times;
        if (away > there) {
            stumbles.add(
                    Rule.NEVER_PUT_THERE, "", step, item.id().text(), item.name(), away, there);
        }
        aids.take(item.id(), away);
    }

    /** The words speak of a part that these units have not got. */
    private void otherUnits(Step step) {
        if (ofOthers.isEmpty()) {
            return;
        }
        otherUnits(step, step.text());
        otherUnits(step, step.expected());
        otherUnits(step, step.why());
        step.notes().forEach(n -> otherUnits(step, n));
    }

    private void otherUnits(Step step, String text) {
        Said words = said.apply(text);
        for (int i = 0; i < words.size(); i++) {
            for (Named other : ofOthers.getOrDefault(words.ones().get(i), List.of())) {
                boolean itself =
                        i + 1 == words.size() || DryRunWords.is("behind", words.words().get(i + 1));
                if (itself && words.ends(other.name, i)) {
                    stumbles.add(
                            Rule.OTHER_UNITS, "", step, other.part.id().text(), other.part.label());
                }
            }
        }
    }
}
