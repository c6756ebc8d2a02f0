package methodos.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import methodos.core.description.Id;
import methodos.core.manual.ActedOn;
import methodos.core.manual.Action;
import methodos.core.manual.Joint;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Repeat;
import methodos.core.manual.Step;
import methodos.core.manual.Task;
import methodos.core.manual.Tool;

/** What steps do to joints, aids, fluids and marks, and which are done once more elsewhere. */
public final class ActionEdits {

    private ActionEdits() {}

    /**
     * Adds an action. A joint is one of the manual; an aid, fluid or mark of that name is made
     * where there is none.
     *
     * @param count how many of an aid
     */
    public static Edit add(Id<Step> step, Action.Verb verb, String name, int count) {
        return Edit.named(EditKind.STEP_ACTIONS, m -> added(m, step, verb, name, count));
    }

    private static Manual added(
            Manual manual, Id<Step> step, Action.Verb verb, String name, int count) {
        if (verb.ofJoint()) {
            return manual.joints().stream()
                    .filter(j -> j.name().equalsIgnoreCase(name))
                    .map(Joint::id)
                    .findFirst()
                    .map(id -> with(manual, step, new Action(verb, id)))
                    .orElse(manual);
        }
        Optional<LedgerItem> known =
                manual.ledgerItems().stream()
                        .filter(x -> verb.of(x.kind()) && x.name().equalsIgnoreCase(name))
                        .findFirst();
        if (known.isPresent()) {
            return with(manual, step, new Action(verb, known.get().id(), count, ""));
        }
        // an aid that is called like a tool is that tool
        Id<Tool> tool =
                verb.of(LedgerItem.Kind.AID)
                        ? manual.tools().stream()
                                .filter(t -> t.label().equalsIgnoreCase(name))
                                .map(Tool::id)
                                .findFirst()
                                .orElse(null)
                        : null;
        LedgerItem made = new LedgerItem(manual.nextId("m"), kind(verb), name).withTool(tool);
        return with(
                manual.withIdTaken().withLedgerItem(made),
                step,
                new Action(verb, made.id(), count, ""));
    }

    private static LedgerItem.Kind kind(Action.Verb verb) {
        for (LedgerItem.Kind kind : LedgerItem.Kind.values()) {
            if (verb.of(kind)) {
                return kind;
            }
        }
        throw new IllegalArgumentException(verb + " is done to a joint");
    }

    private static Manual with(Manual manual, Id<Step> step, Action action) {
        return manual.step(step)
                .map(s -> manual.withStep(s.withActions(Lists.with(s.actions(), action))))
                .orElse(manual);
    }

    /** Changes an action of a step, such as the amount of a fluid. */
    public static Edit action(Id<Step> step, int at, UnaryOperator<Action> change) {
        return Edit.named(
                EditKind.STEP_ACTIONS,
                m ->
                        m.step(step)
                                .map(
                                        s ->
                                                m.withStep(
                                                        s.withActions(
                                                                Lists.put(
                                                                        s.actions(),
                                                                        at,
                                                                        change.apply(
                                                                                s.actions()
                                                                                        .get(
                                                                                                at))))))
                                .orElse(m));
    }

    /** Changes what is known of an aid, a fluid, a mark or a counter. */
    public static Edit item(Id<LedgerItem> id, UnaryOperator<LedgerItem> change) {
        return Edit.named(
                EditKind.LEDGER_ITEM,
                m -> m.ledgerItem(id).map(i -> m.withLedgerItem(change.apply(i))).orElse(m));
    }

    /** Takes an action out of a step; what nothing is done to any more is forgotten. */
    public static Edit remove(Id<Step> step, int at) {
        return Edit.named(
                EditKind.STEP_ACTIONS,
                m ->
                        m.step(step)
                                .map(
                                        s ->
                                                forgotten(
                                                        m.withStep(
                                                                s.withActions(
                                                                        Lists.put(
                                                                                s.actions(),
                                                                                at,
                                                                                null)))))
                                .orElse(m));
    }

    private static Manual forgotten(Manual manual) {
        List<Id<? extends ActedOn>> used = new ArrayList<>();
        manual.steps().flatMap(s -> s.actions().stream()).map(Action::object).forEach(used::add);
        manual.tasks().stream().map(Task::counter).forEach(used::add);
        return manual.withLedgerItems(
                manual.ledgerItems().stream().filter(x -> used.contains(x.id())).toList());
    }

    /**
     * Says where the steps from one to another are done once more, and until when.
     *
     * @param told what is said of it; what says nothing is no repeat any more
     */
    public static Edit repeat(Id<Step> from, Id<Step> to, UnaryOperator<Repeat> told) {
        return Edit.named(
                EditKind.REPEAT,
                m -> {
                    List<Repeat> all = new ArrayList<>(m.repeats());
                    Optional<Repeat> before =
                            all.stream().filter(r -> r.from().equals(from)).findFirst();
                    before.ifPresent(all::remove);
                    Repeat repeat =
                            told.apply(
                                    before.orElseGet(
                                                    () ->
                                                            new Repeat(
                                                                    m.nextId("r"),
                                                                    from,
                                                                    to,
                                                                    List.of()))
                                            .withTo(to));
                    if (repeat.endless() && repeat.least() == 0) {
                        return m.withRepeats(all);
                    }
                    all.add(repeat);
                    return (before.isPresent() ? m : m.withIdTaken()).withRepeats(all);
                });
    }
}
