package methodos.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import methodos.core.description.Id;
import methodos.core.manual.Action;
import methodos.core.manual.Applicability;
import methodos.core.manual.Consumable;
import methodos.core.manual.ConsumableUse;
import methodos.core.manual.Dismissal;
import methodos.core.manual.Evidence;
import methodos.core.manual.Figure;
import methodos.core.manual.Hazard;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.Look;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Reading;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.manual.Wait;

/**
 * The changes that are made to steps. Ids are taken from the manual that the edit is applied to.
 */
public final class StepEdits {

    private StepEdits() {}

    /** The id that a new step would get. */
    public static Id<Step> nextStepId(Manual manual) {
        return manual.nextId("s");
    }

    /** Makes a step of a stretch of footage, with the words said there as its evidence. */
    public static Edit make(Span span, String quote, Stage.Kind stage) {
        return Edit.named(
                EditKind.MAKE_STEP,
                m -> {
                    Step step =
                            Step.of(
                                    nextStepId(m),
                                    quote,
                                    List.of(span),
                                    List.of(new Evidence.Recorded(span, quote)));
                    return m.stage(stage)
                            .map(s -> m.withIdTaken().withNewStep(s.id(), step))
                            .orElse(m);
                });
    }

    /** Takes a step away, and what led to it. */
    public static Edit delete(Id<Step> step) {
        return Edit.named(EditKind.DELETE_STEP, m -> deleted(m, step));
    }

    /** The manual without a step, and without what led to it. */
    public static Manual deleted(Manual manual, Id<Step> step) {
        return References.dropped(manual.withoutStep(step), Step.class, step);
    }

    /** Puts a copy of a step behind it, with all that is in it. */
    public static Edit copy(Id<Step> step) {
        return Edit.named(
                EditKind.COPY_STEP,
                m ->
                        m.step(step)
                                .map(s -> copied(s).withId(nextStepId(m)))
                                .map(s -> m.withIdTaken().withStepBehind(step, s))
                                .orElse(m));
    }

    /** What others refer to stays with the original. */
    static Step copied(Step step) {
        return step.withReadings(
                        step.readings().stream().map(r -> r.withId(null).withSymbol("")).toList())
                .withLooks(step.looks().stream().map(l -> l.withId(null)).toList());
    }

    /** Somebody has decided what was in doubt about a step. */
    public static Edit settleDoubt(Id<Step> step, String doubt) {
        return change(
                EditKind.SETTLE_DOUBT,
                step,
                s -> s.withDoubts(s.doubts().stream().filter(d -> !d.equals(doubt)).toList()));
    }

    /**
     * Changes one of the texts that stand beside the instruction of a step.
     *
     * @param field tells it from the others: what is typed into one field is one edit
     */
    public static Edit detail(Id<Step> step, String field, UnaryOperator<Step> change) {
        return change(EditKind.STEP_DETAIL, step, change).joining(field + " " + step);
    }

    /** Changes the instruction; what is typed on end is one edit. */
    public static Edit text(Id<Step> step, String text) {
        return change(EditKind.STEP_TEXT, step, s -> s.withText(text)).joining("text " + step);
    }

    /** Takes a remark out. */
    public static Edit withoutNote(Id<Step> step, String note) {
        return change(
                EditKind.STEP_DETAIL,
                step,
                s -> s.withNotes(s.notes().stream().filter(n -> !n.equals(note)).toList()));
    }

    /** Moves a step to another stage, to where its footage puts it. */
    public static Edit stage(Id<Step> step, Stage.Kind kind) {
        return Edit.named(
                EditKind.STEP_STAGE,
                m -> {
                    Step moved = m.step(step).orElse(null);
                    Stage target = m.stage(kind).orElse(null);
                    if (moved == null || target == null || target.steps().contains(moved)) {
                        return m;
                    }
                    return m.withoutStep(step).withNewStep(target.id(), moved);
                });
    }

    /**
     * Moves a step one place up or down; at the edge of its stage into the stage beside it.
     *
     * @param by -1 or 1
     */
    public static Edit move(Id<Step> step, int by) {
        return Edit.named(EditKind.STEP_MOVED, m -> moved(m, step, by));
    }

    private static Manual moved(Manual manual, Id<Step> id, int by) {
        Stage stage = manual.stageOf(id).orElse(null);
        if (stage == null) {
            return manual;
        }
        Step step = manual.step(id).orElseThrow();
        List<Step> steps = new ArrayList<>(stage.steps());
        int at = steps.indexOf(step);
        steps.remove(at);
        if (at + by >= 0 && at + by <= steps.size()) {
            steps.add(at + by, step);
            return withSteps(manual, stage, steps);
        }
        int beside = manual.stages().indexOf(stage) + by;
        if (beside < 0 || beside >= manual.stages().size()) {
            return manual;
        }
        Stage other = manual.stages().get(beside);
        List<Step> others = new ArrayList<>(other.steps());
        others.add(by > 0 ? 0 : others.size(), step);
        return withSteps(withSteps(manual, stage, steps), other, others);
    }

    private static Manual withSteps(Manual manual, Stage stage, List<Step> steps) {
        return manual.withStages(
                manual.stages().stream()
                        .map(s -> s.id().equals(stage.id()) ? s.withSteps(steps) : s)
                        .toList());
    }

    /** Says which units a step is for. */
    public static Edit applicability(Id<Step> step, Applicability applicability) {
        return change(EditKind.STEP_UNITS, step, s -> s.withApplicability(applicability))
                .joining("units " + step);
    }

    /** Sets how many of a part the step touches; 0 takes it out. */
    public static Edit part(Id<Step> step, Id<Part> part, int count) {
        return change(
                EditKind.STEP_PART,
                step,
                s -> {
                    List<PartUse> uses = new ArrayList<>(s.parts());
                    int at = indexOf(uses, part);
                    PartUse before = at >= 0 ? uses.remove(at) : new PartUse(part, count);
                    if (count > 0) {
                        uses.add(at >= 0 ? at : uses.size(), before.withCount(count));
                    }
                    return s.withParts(uses);
                });
    }

    /** Says what the step does with a part; null for what its stage is for. */
    public static Edit handling(Id<Step> step, Id<Part> part, PartUse.Handling handling) {
        return use(step, part, u -> u.withHandling(handling));
    }

    /** Says which ones of a part the step puts on; null for those that its rule says. */
    public static Edit supply(Id<Step> step, Id<Part> part, PartUse.Supply supply) {
        return use(step, part, u -> u.withSupply(supply));
    }

    /** Changes what a step does with a part that it uses. */
    public static Edit use(Id<Step> step, Id<Part> part, UnaryOperator<PartUse> changed) {
        return change(
                EditKind.STEP_PART,
                step,
                s ->
                        s.withParts(
                                s.parts().stream()
                                        .map(u -> u.part().equals(part) ? changed.apply(u) : u)
                                        .toList()));
    }

    /** Sets what else the step does to a joint, an aid, a fluid or a mark. */
    public static Edit actions(Id<Step> step, List<Action> actions) {
        return change(EditKind.STEP_ACTIONS, step, s -> s.withActions(actions));
    }

    private static int indexOf(List<PartUse> uses, Id<Part> part) {
        for (int i = 0; i < uses.size(); i++) {
            if (uses.get(i).part().equals(part)) {
                return i;
            }
        }
        return -1;
    }

    /** Puts a part that is not in the list yet into it and into the step. */
    public static Edit newPart(Id<Step> step, String name) {
        return Edit.named(
                EditKind.STEP_PART,
                m -> {
                    Part part = UnitEdits.part(m, name);
                    return part(step, part.id(), 1).change().apply(m.withIdTaken().withPart(part));
                });
    }

    /**
     * @param used whether the step uses it
     */
    public static Edit tool(Id<Step> step, Id<Tool> tool, boolean used) {
        return change(
                EditKind.STEP_TOOL,
                step,
                s -> {
                    List<Id<Tool>> tools = new ArrayList<>(s.tools());
                    tools.remove(tool);
                    if (used) {
                        tools.add(tool);
                    }
                    return s.withTools(tools);
                });
    }

    /** Puts a tool that is not known yet into the manual and into the step. */
    public static Edit newTool(Id<Step> step, String name) {
        return Edit.named(
                EditKind.STEP_TOOL,
                m -> {
                    Tool tool = new Tool(m.nextId("t"), name, "", Tool.Kind.STANDARD, "");
                    return tool(step, tool.id(), true)
                            .change()
                            .apply(m.withIdTaken().withTool(tool));
                });
    }

    /**
     * Sets the value that the step's first joint is tightened to, making the joint if there is
     * none.
     */
    public static Edit torque(Id<Step> step, String name, Value value) {
        return Edit.named(
                EditKind.TORQUE,
                m -> {
                    Step s = m.step(step).orElse(null);
                    if (s == null) {
                        return m;
                    }
                    if (!s.joints().isEmpty()) {
                        return m.joint(s.joints().get(0))
                                .map(j -> m.withJoint(j.withTorque(value).withName(name)))
                                .orElse(m);
                    }
                    Id<Part> fastener = s.parts().isEmpty() ? null : s.parts().get(0).part();
                    int count = s.parts().isEmpty() ? 1 : s.parts().get(0).count();
                    Joint joint =
                            JointBuilder.builder()
                                    .id(m.nextId("j"))
                                    .name(name)
                                    .fastener(fastener)
                                    .count(count)
                                    .torque(value)
                                    .build();
                    return m.withIdTaken()
                            .withJoint(joint)
                            .withStep(s.withJoints(List.of(joint.id())));
                });
    }

    /**
     * @param used whether the step uses it
     */
    public static Edit consumable(Id<Step> step, Id<Consumable> consumable, boolean used) {
        return change(
                EditKind.STEP_CONSUMABLE,
                step,
                s -> {
                    List<ConsumableUse> all = new ArrayList<>(s.consumables());
                    all.removeIf(u -> u.consumable().equals(consumable));
                    if (used) {
                        all.add(new ConsumableUse(consumable));
                    }
                    return s.withConsumables(all);
                });
    }

    /** Changes how much of a consumable a step uses, and where. */
    public static Edit consumable(Id<Step> step, ConsumableUse use) {
        return change(
                EditKind.STEP_CONSUMABLE,
                step,
                s ->
                        s.withConsumables(
                                s.consumables().stream()
                                        .map(u -> u.consumable().equals(use.consumable()) ? use : u)
                                        .toList()));
    }

    /** Puts a consumable that is not known yet into the manual and into the step. */
    public static Edit newConsumable(Id<Step> step, String name) {
        return Edit.named(
                EditKind.STEP_CONSUMABLE,
                m -> {
                    Consumable made = new Consumable(m.nextId("c"), name, "");
                    return consumable(step, made.id(), true)
                            .change()
                            .apply(m.withIdTaken().withConsumable(made));
                });
    }

    /** Adds what is measured, behind the others. */
    public static Edit addReading(Id<Step> step, Reading reading) {
        return change(
                EditKind.READING, step, s -> s.withReadings(Lists.with(s.readings(), reading)));
    }

    /** Changes a reading of a step; null takes it out. */
    public static Edit reading(Id<Step> step, int at, Reading reading) {
        return change(
                EditKind.READING, step, s -> s.withReadings(Lists.put(s.readings(), at, reading)));
    }

    /** Adds a time during which the unit is left alone, behind the others. */
    public static Edit addWait(Id<Step> step, Wait wait) {
        return change(EditKind.WAIT, step, s -> s.withWaits(Lists.with(s.waits(), wait)));
    }

    /** Changes a time during which the unit is left alone; null takes it out. */
    public static Edit wait(Id<Step> step, int at, Wait wait) {
        return change(EditKind.WAIT, step, s -> s.withWaits(Lists.put(s.waits(), at, wait)));
    }

    /** Adds what is judged by eye, behind the others. */
    public static Edit addLook(Id<Step> step, Look look) {
        return change(EditKind.LOOK, step, s -> s.withLooks(Lists.with(s.looks(), look)));
    }

    /** Changes what is judged by eye in a step; null takes it out. */
    public static Edit look(Id<Step> step, int at, Look look) {
        return change(EditKind.LOOK, step, s -> s.withLooks(Lists.put(s.looks(), at, look)));
    }

    /** Whether a step may be left out. */
    public static Edit optional(Id<Step> step, boolean optional) {
        return change(EditKind.OPTIONAL, step, s -> s.withOptional(optional));
    }

    /**
     * Puts a hazard statement in the place of another, or behind the last.
     *
     * @param hazard null to take the one at that place away
     */
    public static Edit hazard(Id<Step> step, int at, Hazard hazard) {
        return change(
                        EditKind.HAZARD,
                        step,
                        s ->
                                s.withHazards(
                                        at < s.hazards().size()
                                                ? Lists.put(s.hazards(), at, hazard)
                                                : hazard == null
                                                        ? s.hazards()
                                                        : Lists.with(s.hazards(), hazard)))
                .joining("hazard " + step + at);
    }

    /** Moves an end of a step's span. */
    public static Edit span(Id<Step> step, int index, Span span) {
        return change(
                        EditKind.STEP_SPAN,
                        step,
                        s -> {
                            List<Span> spans = new ArrayList<>(s.spans());
                            spans.set(index, span);
                            return s.withSpans(spans);
                        })
                .joining("span " + step + index);
    }

    /** Makes a figure of a still and puts it into the step. */
    public static Edit capture(Id<Step> step, Figure.Still still, String picture) {
        return Edit.named(
                EditKind.CAPTURE,
                m -> {
                    Figure figure = Figure.of(m.nextId("f"), "", still, picture);
                    return m.step(step)
                            .map(
                                    s ->
                                            m.withIdTaken()
                                                    .withFigure(figure)
                                                    .withStep(s.withFigure(figure.id())))
                            .orElse(m);
                });
    }

    /** Sets words of the narration aside. */
    public static Edit dismiss(Span span, String quote, String reason) {
        return Edit.named(
                EditKind.DISMISS,
                m -> {
                    List<Dismissal> all = new ArrayList<>(m.dismissals());
                    all.add(new Dismissal(span, quote, reason));
                    return m.withDismissals(all).withProposals(outside(m, span));
                });
    }

    /** What is still proposed where somebody has decided on a span. */
    private static List<Dismissal> outside(Manual manual, Span span) {
        return manual.proposals().stream()
                .filter(p -> p.span().shared(span) < p.span().seconds() / 2)
                .toList();
    }

    private static Edit change(
            EditKind kind, Id<Step> step, java.util.function.UnaryOperator<Step> change) {
        return Edit.named(
                kind, (Manual m) -> m.step(step).map(s -> m.withStep(change.apply(s))).orElse(m));
    }
}
