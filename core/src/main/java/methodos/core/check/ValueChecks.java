package methodos.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import methodos.core.finding.Finding;
import methodos.core.finding.Finding.StepRef;
import methodos.core.finding.Rule;
import methodos.core.fit.DecisionTables;
import methodos.core.fit.TableCheck;
import methodos.core.manual.Decision;
import methodos.core.manual.Manual;
import methodos.core.manual.Reading;
import methodos.core.manual.Step;
import methodos.core.manual.Value;
import methodos.core.quantity.Rational;

/** Limits that nobody knows, and decision tables that leave somebody without an answer. */
final class ValueChecks {

    /** What a table says, or why it is not understood. */
    private record Judged(TableCheck check, String wrong) {}

    /** Tables rarely change, and a check of one can take long. */
    private final Map<Decision, Judged> judged = new ConcurrentHashMap<>();

    List<Finding> of(Manual manual) {
        List<Finding> findings = new ArrayList<>();
        manual.steps().forEach(s -> limits(s, findings));
        judged.keySet().retainAll(manual.decisions());
        manual.decisions().forEach(d -> decision(d, findings));
        return findings;
    }

    private static void limits(Step step, List<Finding> findings) {
        for (Reading reading : step.readings()) {
            if (reading.limit() instanceof Value.Open open && open.document() == null) {
                findings.add(
                        new Finding(
                                Rule.NO_VALUE,
                                step.id() + "." + reading.what(),
                                List.of(step.id()),
                                List.of(),
                                "finding.NO_VALUE.limit",
                                List.of(new StepRef(step.id()), reading.what())));
            }
        }
    }

    private void decision(Decision decision, List<Finding> findings) {
        Judged now = judged.computeIfAbsent(decision, ValueChecks::judge);
        if (now.check() == null) {
            findings.add(finding(decision, "wrong", now.wrong()));
            return;
        }
        for (TableCheck.Missing hole : now.check().missing()) {
            findings.add(finding(decision, "hole", readings(hole.example())));
        }
        for (List<String> round : now.check().endless()) {
            findings.add(finding(decision, "endless", String.join(", ", round)));
        }
    }

    private static Judged judge(Decision decision) {
        try {
            return new Judged(TableCheck.of(DecisionTables.of(decision)), "");
        } catch (IllegalArgumentException notUnderstood) {
            return new Judged(null, notUnderstood.getMessage());
        }
    }

    private static String readings(Map<String, Rational> example) {
        return example.entrySet().stream()
                .map(e -> e.getKey() + " = " + e.getValue().toDecimal())
                .collect(Collectors.joining(", "));
    }

    private static Finding finding(Decision decision, String what, String detail) {
        return new Finding(
                Rule.TABLE_WITH_A_HOLE,
                decision.id(),
                decision.step() == null ? List.of() : List.of(decision.step()),
                List.of(),
                "finding.TABLE_WITH_A_HOLE." + what,
                List.of(decision.name(), detail));
    }
}
