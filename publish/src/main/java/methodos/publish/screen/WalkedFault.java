package methodos.publish.screen;

import java.util.List;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Symptom;

/** A fault as it is looked for on the screen: one question after the other. */
record WalkedFault(List<Check> checks) {

    /** An answer that leads nowhere yet is null. */
    record Check(String ask, Outcome yes, Outcome no) {}

    /**
     * @param check index of the question that is next, null where there is a cause
     * @param steps numbers of those that cure it
     */
    record Outcome(Integer check, String cause, List<Integer> steps) {}

    static WalkedFault of(Symptom symptom, StepNumbers numbers) {
        return new WalkedFault(
                symptom.checks().stream()
                        .map(
                                c ->
                                        new Check(
                                                c.ask(),
                                                outcome(symptom, c.yes(), numbers),
                                                outcome(symptom, c.no(), numbers)))
                        .toList());
    }

    private static Outcome outcome(Symptom symptom, Symptom.Outcome to, StepNumbers numbers) {
        if (to == null) {
            return null;
        }
        return to.check() == null
                ? new Outcome(null, to.cause(), numbers.of(to.steps()))
                : new Outcome(
                        symptom.checks().stream()
                                .map(Symptom.Check::id)
                                .toList()
                                .indexOf(to.check()),
                        null,
                        List.of());
    }
}
