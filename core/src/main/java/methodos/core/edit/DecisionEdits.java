package methodos.core.edit;

import java.util.List;
import java.util.function.UnaryOperator;
import methodos.core.manual.Decision;
import methodos.core.manual.Symptom;

/** The changes that are made to decision tables and to fault finding. */
public final class DecisionEdits {

    private DecisionEdits() {}

    public static Edit newDecision(String name) {
        return Edit.named(
                "edit.newDecision",
                m ->
                        m.withIdTaken()
                                .withDecision(
                                        new Decision(
                                                m.nextId("d"),
                                                name,
                                                null,
                                                List.of(),
                                                List.of(),
                                                List.of())));
    }

    public static Edit decision(String id, UnaryOperator<Decision> change) {
        return Edit.named(
                "edit.decision",
                m -> m.decision(id).map(d -> m.withDecision(change.apply(d))).orElse(m));
    }

    public static Edit deleteDecision(String id) {
        return Edit.named(
                "edit.deleteDecision",
                m ->
                        m.withDecisions(
                                m.decisions().stream().filter(d -> !d.id().equals(id)).toList()));
    }

    public static Edit newSymptom(String what) {
        return Edit.named(
                "edit.newSymptom",
                m -> m.withIdTaken().withSymptom(new Symptom(m.nextId("x"), what, List.of())));
    }

    public static Edit symptom(String id, UnaryOperator<Symptom> change) {
        return Edit.named(
                "edit.symptom",
                m -> m.symptom(id).map(s -> m.withSymptom(change.apply(s))).orElse(m));
    }

    public static Edit deleteSymptom(String id) {
        return Edit.named(
                "edit.deleteSymptom",
                m ->
                        m.withSymptoms(
                                m.symptoms().stream().filter(s -> !s.id().equals(id)).toList()));
    }
}
