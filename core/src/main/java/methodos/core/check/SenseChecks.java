package methodos.core.check;

import java.util.ArrayList;
import java.util.List;
import methodos.core.finding.Finding;
import methodos.core.finding.Rule;
import methodos.core.narration.Workspace;
import methodos.core.sense.Sense;
import methodos.core.sense.Senseless;
import methodos.core.words.Named;

/** Places that make no sense, and what could not be checked, as findings. */
final class SenseChecks {

    private SenseChecks() {}

    /**
     * @param sense of the manual
     */
    static List<Finding> of(Workspace workspace, Sense sense) {
        List<Finding> findings = new ArrayList<>();
        workspace.mended().forEach(s -> findings.add(finding(s)));
        sense.found().forEach(s -> findings.add(finding(s)));
        return findings;
    }

    private static Finding finding(Senseless senseless) {
        return new Finding(
                Rule.SENSELESS,
                senseless.path(),
                senseless.step() == null ? List.of() : List.of(senseless.step()),
                "finding.SENSELESS." + senseless.kind() + (senseless.step() == null ? "" : ".step"),
                List.of(
                        senseless.path(),
                        senseless.what(),
                        senseless.step() == null ? "" : new Finding.StepRef(senseless.step())));
    }

    static Finding finding(Failed failed) {
        boolean step = failed.step() != null;
        return new Finding(
                Rule.NOT_CHECKED,
                failed.what(),
                step ? List.of(failed.step()) : List.of(),
                step
                        ? "finding.NOT_CHECKED.step"
                        : failed.path().isEmpty()
                                ? "finding.NOT_CHECKED"
                                : "finding.NOT_CHECKED.place",
                List.of(
                        new Named(failed.what()),
                        step ? new Finding.StepRef(failed.step()) : failed.path()));
    }
}
