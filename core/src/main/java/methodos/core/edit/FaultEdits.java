package methodos.core.edit;

import java.util.List;
import java.util.function.UnaryOperator;
import methodos.core.manual.Symptom;
import methodos.core.manual.Symptom.Check;
import methodos.core.manual.Symptom.Outcome;

/** The changes that are made to fault finding. */
public final class FaultEdits {

    private FaultEdits() {}

    public static Edit newSymptom(String what) {
        return Edit.named(
                EditKind.NEW_SYMPTOM,
                m -> m.withIdTaken().withSymptom(new Symptom(m.nextId("x"), what, List.of())));
    }

    public static Edit symptom(String id, UnaryOperator<Symptom> change) {
        return Edit.named(
                EditKind.SYMPTOM,
                m -> m.symptom(id).map(s -> m.withSymptom(change.apply(s))).orElse(m));
    }

    public static Edit deleteSymptom(String id) {
        return Edit.named(
                EditKind.DELETE_SYMPTOM,
                m ->
                        m.withSymptoms(
                                m.symptoms().stream().filter(s -> !s.id().equals(id)).toList()));
    }

    /** Adds a question for yes or no behind the others; its answers are open. */
    public static Edit addCheck(String id, String ask) {
        return symptom(
                id,
                s -> {
                    int next = 1;
                    while (s.check("k" + next).isPresent()) {
                        next++;
                    }
                    return s.withChecks(
                            Lists.with(s.checks(), new Check("k" + next, ask, null, null)));
                });
    }

    public static Edit check(String id, int at, UnaryOperator<Check> change) {
        return symptom(
                id, s -> s.withChecks(Lists.put(s.checks(), at, change.apply(s.checks().get(at)))));
    }

    /**
     * @param outcome where the answer leads, null to leave it open
     */
    public static Edit outcome(String id, int at, boolean yes, Outcome outcome) {
        return check(id, at, c -> yes ? c.withYes(outcome) : c.withNo(outcome));
    }

    /** Takes a check out; answers that led to it are open then. */
    public static Edit deleteCheck(String id, int at) {
        return symptom(
                id,
                s -> {
                    String gone = s.checks().get(at).id();
                    return s.withChecks(
                            Lists.put(s.checks(), at, null).stream()
                                    .map(
                                            c ->
                                                    c.withYes(other(c.yes(), gone))
                                                            .withNo(other(c.no(), gone)))
                                    .toList());
                });
    }

    private static Outcome other(Outcome outcome, String gone) {
        return outcome != null && gone.equals(outcome.check()) ? null : outcome;
    }
}
