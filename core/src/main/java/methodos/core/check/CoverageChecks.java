package methodos.core.check;

import java.util.ArrayList;
import java.util.List;
import methodos.core.finding.Finding;
import methodos.core.finding.Finding.StepRef;
import methodos.core.finding.Rule;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.core.narration.WordState;
import methodos.core.narration.WordStates;
import methodos.core.narration.Workspace;

/** Steps that show or prove nothing, and words that became nothing. */
final class CoverageChecks {

    private CoverageChecks() {}

    /**
     * @param manual as it is carried out
     */
    static List<Finding> of(Workspace workspace, Manual manual) {
        List<Finding> findings = new ArrayList<>();
        manual.steps().forEach(s -> step(s, findings));
        for (Clip clip : workspace.manual().clips()) {
            WordStates states = new WordStates(workspace.manual(), clip.id());
            int open =
                    (int)
                            workspace.captions(clip.id()).captions().stream()
                                    .filter(c -> states.of(c) == WordState.OPEN)
                                    .count();
            if (open > 0) {
                findings.add(
                        new Finding(
                                Rule.COVERAGE,
                                clip.id(),
                                List.of(),
                                List.of(),
                                "finding.COVERAGE.words",
                                List.of(clip.name(), open)));
            }
        }
        return findings;
    }

    private static void step(Step step, List<Finding> findings) {
        if (step.figures().isEmpty()) {
            findings.add(finding(step, "figure"));
        }
        if (step.evidence().isEmpty() && step.spans().isEmpty()) {
            findings.add(finding(step, "evidence"));
        }
    }

    private static Finding finding(Step step, String what) {
        return new Finding(
                Rule.COVERAGE,
                step.id() + "." + what,
                List.of(step.id()),
                List.of(),
                "finding.COVERAGE." + what,
                List.of(new StepRef(step.id())));
    }
}
