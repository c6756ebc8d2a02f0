package methodos.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.manual.ActedOn;
import methodos.core.manual.Action;
import methodos.core.manual.Applicability;
import methodos.core.manual.Joint;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Repeat;
import methodos.core.manual.Step;
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
        LedgerItem made =
                new LedgerItem(manual.nextId("m"), kind(verb), name, "", tool, Applicability.ALL);
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
        List<Id<? extends ActedOn>> used =
                manual.steps().flatMap(s -> s.actions().stream()).map(Action::object).toList();
        return manual.withLedgerItems(
                manual.ledgerItems().stream().filter(x -> used.contains(x.id())).toList());
    }

    /**
     * Says where the steps from one to another are done once more.
     *
     * @param places none where they are done once
     */
    public static Edit repeat(Id<Step> from, Id<Step> to, List<String> places) {
        return Edit.named(
                EditKind.REPEAT,
                m -> {
                    List<Repeat> all = new ArrayList<>(m.repeats());
                    Optional<Repeat> before =
                            all.stream().filter(r -> r.from().equals(from)).findFirst();
                    before.ifPresent(all::remove);
                    if (places.isEmpty()) {
                        return m.withRepeats(all);
                    }
                    Id<Repeat> id = before.map(Repeat::id).orElse(m.nextId("r"));
                    all.add(new Repeat(id, from, to, places));
                    return (before.isPresent() ? m : m.withIdTaken()).withRepeats(all);
                });
    }
}
