package methodos.core.check;

import java.util.ArrayList;
import java.util.List;
import methodos.core.description.Id;
import methodos.core.finding.Finding;
import methodos.core.finding.Finding.StepRef;
import methodos.core.finding.Rule;
import methodos.core.hazard.HazardWatch;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.core.practice.PractisedManual;
import methodos.core.words.Named;

/** Statements that are missing or late, work before it is safe, and work for licensed people. */
final class HazardChecks {

    private HazardChecks() {}

    static List<Finding> of(PractisedManual practised, HazardWatch watch) {
        Manual manual = practised.manual();
        List<Finding> findings = new ArrayList<>();
        HazardWatch.Result result = watch.watch(practised);
        for (HazardWatch.Untold untold : result.untold()) {
            findings.add(untold(untold));
        }
        for (HazardWatch.Unsafe unsafe : result.unsafe()) {
            String key =
                    unsafe.energy().safeSteps().isEmpty()
                            ? "finding.NOT_ISOLATED.never"
                            : "finding.NOT_ISOLATED";
            findings.add(
                    new Finding(
                            Rule.NOT_ISOLATED,
                            unsafe.energy().id().text(),
                            List.of(unsafe.step().id()),
                            key,
                            List.of(new StepRef(unsafe.step().id()), unsafe.energy().name())));
        }
        if (manual.unit().duty().isBlank()) {
            result.licensed()
                    .forEach(
                            (work, step) ->
                                    findings.add(
                                            new Finding(
                                                    Rule.HAZARD_MISSING,
                                                    "duty",
                                                    List.of(step),
                                                    "finding.HAZARD_MISSING.duty",
                                                    List.of(
                                                            new StepRef(step),
                                                            new Named(
                                                                    "licensed." + work.name())))));
        }
        return findings;
    }

    private static Finding untold(HazardWatch.Untold untold) {
        Id<Step> step = untold.step().id();
        String rule = untold.rule().name();
        return untold.late()
                .map(
                        late ->
                                new Finding(
                                        Rule.HAZARD_LATE,
                                        rule,
                                        List.of(step, late.id()),
                                        "finding.HAZARD_LATE",
                                        List.of(new StepRef(step), rule, new StepRef(late.id()))))
                .orElseGet(
                        () ->
                                new Finding(
                                        Rule.HAZARD_MISSING,
                                        rule,
                                        List.of(step),
                                        "finding.HAZARD_MISSING",
                                        List.of(new StepRef(step), rule)));
    }
}
