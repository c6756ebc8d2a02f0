package methodos.cli.defects;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import methodos.core.description.Id;
import methodos.core.finding.Rule;
import methodos.core.manual.ActedOn;
import methodos.core.manual.Action;
import methodos.core.manual.Applicability;
import methodos.core.manual.Decision;
import methodos.core.manual.Energy;
import methodos.core.manual.Hazard;
import methodos.core.manual.Joint;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.Reading;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;

/** Every way in which a sound manual can be spoilt in one place, by kind. */
final class Defects {

    private final Manual sound;
    private final Map<String, List<Defect>> kinds = new LinkedHashMap<>();

    private Defects(Manual sound) {
        this.sound = sound;
    }

    static Map<String, List<Defect>> of(Manual sound) {
        Defects all = new Defects(sound);
        for (Stage stage : sound.stages()) {
            for (Step step : stage.steps()) {
                all.parts(step, stage.kind());
                all.actions(step);
                all.joints(step);
                all.hazards(step);
                all.readings(step);
                all.applicability(step);
            }
        }
        all.values();
        all.kits();
        all.energies();
        all.order();
        all.tables();
        all.fluids();
        return all.kinds;
    }

    private void add(Defect defect) {
        kinds.computeIfAbsent(defect.kind(), k -> new ArrayList<>()).add(defect);
    }

    private void add(String kind, Manual manual, Rule rule, String subject, Set<Id<Step>> steps) {
        add(new Defect(kind, manual, rule, subject, steps));
    }

    private Set<Id<Step>> handling(Id<Part> part, Handling handling) {
        Set<Id<Step>> steps = new HashSet<>();
        for (Stage stage : sound.stages()) {
            for (Step step : stage.steps()) {
                if (step.parts().stream()
                        .anyMatch(u -> u.part().equals(part) && u.in(stage.kind()) == handling)) {
                    steps.add(step.id());
                }
            }
        }
        return steps;
    }

    private Set<Id<Step>> stepsWith(Predicate<Step> which) {
        return sound.steps().filter(which).map(Step::id).collect(Collectors.toSet());
    }

    private Manual with(Step step, PartUse before, PartUse after) {
        List<PartUse> uses = new ArrayList<>(step.parts());
        int at = uses.indexOf(before);
        uses.remove(at);
        if (after != null) {
            uses.add(at, after);
        }
        return sound.withStep(step.withParts(uses));
    }

    private static PartUse count(PartUse use, int count) {
        return new PartUse(use.part(), count, use.handling(), use.supply());
    }

    private void parts(Step step, Stage.Kind stage) {
        for (PartUse use : step.parts()) {
            Id<Part> part = use.part();
            Set<Id<Step>> off = handling(part, Handling.TAKEN_OFF);
            Set<Id<Step>> on = handling(part, Handling.PUT_ON);
            Set<Id<Step>> here = Set.of(step.id());
            if (use.in(stage) == Handling.PUT_ON) {
                add("not refitted", with(step, use, null), Rule.NOT_REFITTED, part.text(), off);
                add(
                        "too many fitted",
                        with(step, use, count(use, use.count() + 1)),
                        Rule.TOO_MANY_FITTED,
                        part.text(),
                        on);
                if (use.count() > 1) {
                    add(
                            "fewer fitted",
                            with(step, use, count(use, use.count() - 1)),
                            Rule.NOT_REFITTED,
                            part.text(),
                            off);
                }
                if (sound.part(part).orElseThrow().reuse() == ReuseRule.ALWAYS_NEW) {
                    PartUse old =
                            new PartUse(part, use.count(), use.handling(), PartUse.Supply.SAME);
                    add("reused", with(step, use, old), Rule.REUSED, part.text(), here);
                }
            } else if (use.in(stage) == Handling.TAKEN_OFF) {
                add(
                        new Defect(
                                "not removed",
                                with(step, use, null),
                                Set.of(Rule.NOT_REMOVED_FIRST, Rule.TOO_MANY_FITTED),
                                part.text(),
                                on));
                add(
                        "too many removed",
                        with(step, use, count(use, use.count() + 1)),
                        Rule.TOO_MANY_REMOVED,
                        part.text(),
                        off);
            }
        }
    }

    private void actions(Step step) {
        for (Action action : step.actions()) {
            List<Action> rest = new ArrayList<>(step.actions());
            rest.remove(action);
            Manual without = sound.withStep(step.withActions(rest));
            Id<? extends ActedOn> object = action.object();
            switch (action.verb()) {
                case TAKE_AWAY ->
                        add(
                                "aid left",
                                without,
                                Rule.AID_LEFT,
                                object.text(),
                                doing(Action.Verb.PUT_IN_PLACE, object));
                case MATCH ->
                        add(
                                "not matched",
                                without,
                                Rule.NOT_MATCHED,
                                object.text(),
                                doing(Action.Verb.MARK, object));
                case MARK ->
                        add(
                                "never marked",
                                without,
                                Rule.NEVER_MARKED,
                                object.text(),
                                doing(Action.Verb.MATCH, object));
                default -> {}
            }
        }
    }

    private Set<Id<Step>> doing(Action.Verb verb, Id<? extends ActedOn> object) {
        return stepsWith(
                s ->
                        s.actions().stream()
                                .anyMatch(a -> a.verb() == verb && a.object().equals(object)));
    }

    private void joints(Step step) {
        for (Id<Joint> joint : step.joints()) {
            add(
                    "not tightened",
                    sound.withStep(step.withJoints(List.of())),
                    Rule.NOT_TIGHTENED,
                    joint.text(),
                    doing(Action.Verb.LOOSEN, joint));
            sized(step, joint);
            wrench(step, joint);
        }
    }

    private void sized(Step step, Id<Joint> joint) {
        for (Id<Tool> id : step.tools()) {
            Tool tool = sound.tool(id).orElseThrow();
            if (tool.size().matches("\\d+ mm") && tool.kind() == Tool.Kind.STANDARD) {
                for (String other : List.of("6 mm", "1/4 in")) {
                    Manual m = sound.withTool(tool.withId(new Id<>("other")).withSize(other));
                    List<Id<Tool>> tools = new ArrayList<>(step.tools());
                    tools.set(tools.indexOf(id), new Id<>("other"));
                    add(
                            "other size",
                            m.withStep(step.withTools(tools)),
                            Rule.OTHER_SIZE,
                            joint.text(),
                            Set.of(step.id()));
                }
            }
        }
    }

    private void wrench(Step step, Id<Joint> joint) {
        boolean known = sound.joint(joint).orElseThrow().torque().known().isPresent();
        for (Id<Tool> id : step.tools()) {
            Tool tool = sound.tool(id).orElseThrow();
            if (known && tool.name().equals("torque wrench")) {
                Manual m = sound.withTool(tool.withId(new Id<>("other")).withSize("40 to 200 N·m"));
                List<Id<Tool>> tools = new ArrayList<>(step.tools());
                tools.set(tools.indexOf(id), new Id<>("other"));
                add(
                        "no wrench",
                        m.withStep(step.withTools(tools)),
                        Rule.NO_WRENCH,
                        joint.text(),
                        Set.of(step.id()));
            }
        }
    }

    private void hazards(Step step) {
        List<Hazard> own =
                step.hazards().stream()
                        .filter(h -> h.signal() != Hazard.SignalWord.NOTICE)
                        .toList();
        if (own.isEmpty()) {
            return;
        }
        Manual without = sound.withStep(step.withHazards(List.of()));
        Set<Rule> either = Set.of(Rule.HAZARD_MISSING, Rule.HAZARD_LATE);
        add(new Defect("hazard missing", without, either, null, Set.of(step.id())));
        List<Step> all = sound.steps().toList();
        int at = all.indexOf(step);
        if (at + 1 < all.size()) {
            Step next = all.get(at + 1);
            List<Hazard> more = new ArrayList<>(next.hazards());
            more.addAll(own);
            add(
                    new Defect(
                            "hazard late",
                            without.withStep(next.withHazards(more)),
                            either,
                            null,
                            Set.of(step.id())));
        }
    }

    private void readings(Step step) {
        for (Reading reading : step.readings()) {
            List<Reading> readings = new ArrayList<>(step.readings());
            readings.set(
                    readings.indexOf(reading), reading.withLimit(new Value.Open("not said", null)));
            add(
                    "limit missing",
                    sound.withStep(step.withReadings(readings)),
                    Rule.NO_VALUE,
                    null,
                    Set.of(step.id()));
        }
    }

    private void applicability(Step step) {
        for (Applicability none :
                List.of(
                        Applicability.model("QA-80 X"),
                        Applicability.serials(SerialRange.upTo(999)))) {
            add(
                    "no variant",
                    sound.withStep(step.withApplicability(none)),
                    Rule.NO_VARIANT,
                    step.id().text(),
                    Set.of(step.id()));
        }
    }

    private void values() {
        for (Joint joint : sound.joints()) {
            Set<Id<Step>> steps = stepsWith(s -> s.joints().contains(joint.id()));
            add(
                    "torque missing",
                    sound.withJoint(joint.withTorque(new Value.Open("not said", null))),
                    Rule.NO_VALUE,
                    joint.id().text(),
                    steps);
            joint.torque()
                    .known()
                    .ifPresent(
                            q -> {
                                wrongUnit(joint, q, steps);
                                disagreeing(joint, q, steps);
                            });
        }
    }

    /** Pound-feet where newton metres stood, or newton metres where pound-inches did. */
    private void wrongUnit(Joint joint, Quantity q, Set<Id<Step>> steps) {
        MeasureUnit other =
                q.unit() == MeasureUnit.NEWTON_METRE
                        ? MeasureUnit.POUND_FOOT
                        : MeasureUnit.NEWTON_METRE;
        Quantity slipped = Quantity.parse(q.digits() + " " + other.symbol());
        Set<Rule> rules = Set.of(Rule.IMPLAUSIBLE_TORQUE, Rule.VALUES_DISAGREE, Rule.NO_WRENCH);
        add(
                new Defect(
                        "wrong unit",
                        sound.withJoint(
                                joint.withTorque(new Value.Known(slipped, List.of(), true))),
                        rules,
                        joint.id().text(),
                        steps));
    }

    private void disagreeing(Joint joint, Quantity q, Set<Id<Step>> steps) {
        Quantity converted = new Conversion(q, MeasureUnit.POUND_FOOT).shown();
        Quantity wrong = Quantity.parse(converted.digits() + " lbf·in");
        add(
                "values disagree",
                sound.withJoint(joint.withSecond(wrong)),
                Rule.VALUES_DISAGREE,
                joint.id().text(),
                steps);
    }

    private void kits() {
        for (Part part : sound.parts()) {
            boolean held = sound.kits().stream().anyMatch(k -> k.count(part.id()) > 0);
            if (held && part.reuse() == ReuseRule.ALWAYS_NEW) {
                Manual m =
                        sound.withKits(
                                sound.kits().stream()
                                        .map(
                                                k ->
                                                        k.withContents(
                                                                k.contents().stream()
                                                                        .filter(
                                                                                c ->
                                                                                        !c.part()
                                                                                                .equals(
                                                                                                        part
                                                                                                                .id()))
                                                                        .toList()))
                                        .toList());
                add(
                        "kit short",
                        m,
                        Rule.IN_NO_KIT,
                        part.id().text(),
                        handling(part.id(), Handling.PUT_ON));
            }
        }
    }

    private void energies() {
        for (Energy energy : sound.energies()) {
            add(
                    "not restored",
                    sound.withEnergy(energy.withRestoreSteps(List.of())),
                    Rule.NOT_RESTORED,
                    energy.id().text(),
                    Set.copyOf(energy.safeSteps()));
            add(
                    "never safe",
                    sound.withEnergy(energy.withSafeSteps(List.of())),
                    Rule.NOT_ISOLATED,
                    energy.id().text(),
                    Set.of());
            for (String early : List.of("s198", "s209", "s226", "s234")) {
                add(
                        "restored early",
                        sound.withEnergy(energy.withRestoreSteps(List.of(new Id<>(early)))),
                        Rule.RESTORED_TOO_EARLY,
                        energy.id().text(),
                        Set.of(new Id<>(early)));
            }
        }
    }

    /** What is covered comes off before what covers it. */
    private void order() {
        for (Part part : sound.parts()) {
            for (Id<Part> cover : part.coveredBy()) {
                for (Id<Step> step : handling(part.id(), Handling.TAKEN_OFF)) {
                    Step moved = sound.step(step).orElseThrow();
                    Manual m = sound.withoutStep(step);
                    add(
                            "precedence",
                            m.withStages(
                                            m.stages().stream()
                                                    .map(
                                                            s ->
                                                                    s.kind() == Stage.Kind.PREPARE
                                                                            ? s.withSteps(
                                                                                    plus(s, moved))
                                                                            : s)
                                                    .toList())
                                    .withStep(asInTakeDown(moved)),
                            Rule.COVERED,
                            part.id().text(),
                            Set.of(step));
                }
                List<Id<Part>> all = new ArrayList<>(sound.part(cover).orElseThrow().coveredBy());
                all.add(part.id());
                add(
                        "cycle",
                        sound.withPart(sound.part(cover).orElseThrow().withCoveredBy(all)),
                        Rule.CYCLE,
                        null,
                        Set.of());
            }
        }
    }

    private static List<Step> plus(Stage stage, Step step) {
        List<Step> steps = new ArrayList<>(stage.steps());
        steps.add(step);
        return steps;
    }

    private static Step asInTakeDown(Step step) {
        return step.withParts(
                step.parts().stream()
                        .map(
                                u ->
                                        u.handling() == null
                                                ? new PartUse(
                                                        u.part(), u.count(), Handling.TAKEN_OFF)
                                                : u)
                        .toList());
    }

    private void tables() {
        for (Decision decision : sound.decisions()) {
            List<Decision.Rule> rules = decision.rules();
            add(
                    "table with a hole",
                    sound.withDecision(decision.withRules(rules.subList(0, rules.size() - 1))),
                    Rule.TABLE_WITH_A_HOLE,
                    decision.id().text(),
                    Set.of(decision.step()));
        }
    }

    /** Oil that is drained somewhere in the take-down. */
    private void fluids() {
        Manual m =
                sound.withLedgerItem(
                        new LedgerItem(new Id<>("oil"), LedgerItem.Kind.FLUID, "gear oil"));
        for (Step step : sound.stage(Stage.Kind.TAKE_DOWN).orElseThrow().steps()) {
            List<Action> actions = new ArrayList<>(step.actions());
            actions.add(new Action(Action.Verb.DRAIN, new Id<>("oil")));
            add(
                    "not filled",
                    m.withStep(step.withActions(actions)),
                    Rule.NOT_FILLED,
                    "oil",
                    Set.of(step.id()));
        }
    }
}
