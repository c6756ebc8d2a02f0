package methodos.core.check;

import java.util.ArrayList;
import java.util.List;
import methodos.core.finding.Finding;
import methodos.core.finding.Finding.StepRef;
import methodos.core.finding.Rule;
import methodos.core.fit.TableCheck;
import methodos.core.fit.TableChecks;
import methodos.core.manual.Decision;
import methodos.core.manual.Manual;
import methodos.core.manual.Reading;
import methodos.core.manual.Step;

/** Limits that nobody knows, and decision tables that leave somebody without an answer. */
final class ValueChecks {

    private final TableChecks tables;

    ValueChecks(TableChecks tables) {
        this.tables = tables;
    }

    List<Finding> of(Manual manual) {
        List<Finding> findings = new ArrayList<>();
        manual.steps().forEach(s -> limits(s, findings));
        tables.keepOnly(manual.decisions());
        manual.decisions().forEach(d -> decision(d, findings));
        return findings;
    }

    private static void limits(Step step, List<Finding> findings) {
        for (Reading reading : step.readings()) {
            if (reading.open().filter(o -> o.document() == null).isPresent()) {
                findings.add(
                        new Finding(
                                Rule.NO_VALUE,
                                step.id() + "." + reading.what(),
                                List.of(step.id()),
                                "finding.NO_VALUE.limit",
                                List.of(new StepRef(step.id()), reading.what())));
            }
        }
    }

    private void decision(Decision decision, List<Finding> findings) {
        TableChecks.Judged now = tables.of(decision);
        if (!now.understood()) {
            findings.add(finding(decision, "wrong", now.wrong()));
            return;
        }
        for (TableCheck.Missing hole : now.check().missing()) {
            findings.add(finding(decision, "hole", hole.readings()));
        }
        for (List<String> round : now.check().endless()) {
            findings.add(finding(decision, "endless", String.join(", ", round)));
        }
    }

    private static Finding finding(Decision decision, String what, String detail) {
        return new Finding(
                Rule.TABLE_WITH_A_HOLE,
                decision.id().text(),
                decision.step() == null ? List.of() : List.of(decision.step()),
                "finding.TABLE_WITH_A_HOLE." + what,
                List.of(decision.name(), detail));
    }
}
