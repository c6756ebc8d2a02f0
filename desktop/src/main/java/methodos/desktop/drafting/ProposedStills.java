package methodos.desktop.drafting;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.figure.ProposedStill;
import methodos.core.manual.Clip;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.core.scan.Scan;
import methodos.desktop.project.OpenProject;

/** The stills that are proposed for drafted steps; each is looked for once. */
public final class ProposedStills {

    private final OpenProject project;
    private final Map<Span, Optional<ProposedStill>> found = new HashMap<>();
    private Map<Id<Clip>, Scan> scans = Map.of();

    public ProposedStills(OpenProject project) {
        this.project = project;
    }

    public Optional<ProposedStill> of(Step step) {
        if (step.accepted() || !step.figures().isEmpty() || step.spans().isEmpty()) {
            return Optional.empty();
        }
        var workspace = project.workspace().get();
        if (!workspace.scans().equals(scans)) {
            scans = workspace.scans();
            found.clear();
        }
        return found.computeIfAbsent(
                step.spans().get(0), span -> ProposedStill.of(workspace, step, project.words()));
    }
}
