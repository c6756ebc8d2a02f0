package methodos.core.check;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import methodos.core.finding.Finding;
import methodos.core.finding.Finding.StepRef;
import methodos.core.finding.Rule;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.manual.Model;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Variant;
import methodos.core.narration.WordStates;
import methodos.core.narration.Workspace;
import methodos.core.practice.PractisedManual;

/**
 * Steps that show or prove nothing, words that became nothing, serial numbers that no variant
 * covers, and steps that say the same to the same units.
 */
final class CoverageChecks {

    private CoverageChecks() {}

    static List<Finding> of(Workspace workspace, PractisedManual practised) {
        Manual manual = practised.manual();
        List<Finding> findings = new ArrayList<>();
        manual.steps().forEach(s -> step(s, findings));
        gaps(manual, findings);
        doubles(manual, findings);
        for (Clip clip : workspace.manual().clips()) {
            WordStates states = new WordStates(workspace.manual(), clip.id());
            int open =
                    (int)
                            workspace.captions(clip.id()).captions().stream()
                                    .filter(c -> states.of(c).open())
                                    .count();
            if (open > 0) {
                findings.add(
                        new Finding(
                                Rule.COVERAGE,
                                clip.id().text(),
                                List.of(),
                                "finding.COVERAGE.words",
                                List.of(clip.name(), open)));
            }
        }
        return findings;
    }

    private static void gaps(Manual manual, List<Finding> findings) {
        for (Model model : manual.unit().models()) {
            for (SerialRange gap : OpenPoints.gaps(manual, model.name())) {
                findings.add(
                        new Finding(
                                Rule.COVERAGE,
                                model.name(),
                                List.of(),
                                "finding.COVERAGE.gap",
                                List.of(
                                        model.name(),
                                        String.valueOf(gap.from()),
                                        String.valueOf(gap.to()))));
            }
        }
    }

    /** Steps of a stage in the same words, both of which some unit has. */
    private static void doubles(Manual manual, List<Finding> findings) {
        for (Stage stage : manual.stages()) {
            Map<String, List<Step>> sameWords = new LinkedHashMap<>();
            stage.steps().stream()
                    .filter(s -> !s.text().isBlank())
                    .forEach(
                            s ->
                                    sameWords
                                            .computeIfAbsent(s.text(), t -> new ArrayList<>())
                                            .add(s));
            for (List<Step> same : sameWords.values()) {
                for (int i = 1; i < same.size(); i++) {
                    Step before = same.get(i - 1);
                    Step step = same.get(i);
                    if (meet(before, step, manual)) {
                        findings.add(
                                new Finding(
                                        Rule.COVERAGE,
                                        step.id() + ".double",
                                        List.of(before.id(), step.id()),
                                        "finding.COVERAGE.double",
                                        List.of(new StepRef(before.id()), new StepRef(step.id()))));
                    }
                }
            }
        }
    }

    private static boolean meet(Step a, Step b, Manual manual) {
        return manual.variants().isEmpty()
                || manual.variants().stream()
                        .map((Variant v) -> Sight.of(v))
                        .anyMatch(
                                s ->
                                        a.applicability().concerns(s)
                                                && b.applicability().concerns(s));
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
                "finding.COVERAGE." + what,
                List.of(new StepRef(step.id())));
    }
}
