package methodos.core.edit;

import java.util.List;
import java.util.function.UnaryOperator;
import methodos.core.description.Id;
import methodos.core.manual.Symptom;
import methodos.core.manual.Symptom.Check;
import methodos.core.manual.Symptom.Outcome;

/** The changes that are made to fault finding. */
public final class FaultEdits {

    private FaultEdits() {}

    /** Makes a symptom without checks. */
    public static Edit newSymptom(String what) {
        return Edit.named(
                EditKind.NEW_SYMPTOM,
                m -> m.withIdTaken().withSymptom(new Symptom(m.nextId("x"), what, List.of())));
    }

    /** Changes a symptom; nothing where it is gone. */
    public static Edit symptom(Id<Symptom> id, UnaryOperator<Symptom> change) {
        return Edit.named(
                EditKind.SYMPTOM,
                m -> m.symptom(id).map(s -> m.withSymptom(change.apply(s))).orElse(m));
    }

    /** Takes a symptom away with its checks. */
    public static Edit deleteSymptom(Id<Symptom> id) {
        return Edit.named(
                EditKind.DELETE_SYMPTOM,
                m ->
                        m.withSymptoms(
                                m.symptoms().stream().filter(s -> !s.id().equals(id)).toList()));
    }

    /** Adds a question for yes or no behind the others; its answers are open. */
    public static Edit addCheck(Id<Symptom> id, String ask) {
        return symptom(
                id,
                s -> {
                    int next = 1;
                    while (s.check(new Id<>("k" + next)).isPresent()) {
                        next++;
                    }
                    return s.withChecks(
                            Lists.with(
                                    s.checks(), new Check(new Id<>("k" + next), ask, null, null)));
                });
    }

    /**
     * @param at which check, from 0
     */
    public static Edit check(Id<Symptom> id, int at, UnaryOperator<Check> change) {
        return symptom(
                id, s -> s.withChecks(Lists.put(s.checks(), at, change.apply(s.checks().get(at)))));
    }

    /**
     * @param outcome where the answer leads, null to leave it open
     */
    public static Edit outcome(Id<Symptom> id, int at, boolean yes, Outcome outcome) {
        return check(id, at, c -> yes ? c.withYes(outcome) : c.withNo(outcome));
    }

    /** Takes a check out; answers that led to it are open then. */
    public static Edit deleteCheck(Id<Symptom> id, int at) {
        return symptom(
                id,
                s -> {
                    Id<Symptom.Check> gone = s.checks().get(at).id();
                    return s.withChecks(
                            Lists.put(s.checks(), at, null).stream()
                                    .map(
                                            c ->
                                                    c.withYes(other(c.yes(), gone))
                                                            .withNo(other(c.no(), gone)))
                                    .toList());
                });
    }

    private static Outcome other(Outcome outcome, Id<Symptom.Check> gone) {
        return outcome != null && gone.equals(outcome.check()) ? null : outcome;
    }
}
