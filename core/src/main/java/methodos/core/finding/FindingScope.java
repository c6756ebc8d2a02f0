package methodos.core.finding;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import methodos.core.description.Id;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.Variant;

/** Tells which findings touch the units that are looked at. */
public final class FindingScope {

    private final Map<Id<Step>, Step> steps = new HashMap<>();
    private final List<Sight> claimed;
    private final Sight sight;

    /**
     * @param sight the units that are looked at
     */
    public FindingScope(Manual manual, Sight sight) {
        manual.steps().forEach(s -> steps.put(s.id(), s));
        claimed = manual.variants().stream().map((Variant v) -> Sight.of(v)).toList();
        this.sight = sight;
    }

    /** Whether a finding is about one of the units that are looked at. */
    public boolean holds(Finding finding) {
        if (!finding.units().isEmpty()) {
            return finding.units().stream().anyMatch(sight::meets);
        }
        return finding.steps().isEmpty()
                || finding.steps().stream()
                        .map(steps::get)
                        .anyMatch(s -> s != null && (concerned(s) || ofNobody(s)));
    }

    private boolean concerned(Step step) {
        return step.applicability().concerns(sight);
    }

    /** A step that no unit has is everybody's to mend. */
    private boolean ofNobody(Step step) {
        return claimed.stream().noneMatch(step.applicability()::concerns);
    }
}
