package methodos.desktop.place;

import java.util.List;
import methodos.core.check.Matter;
import methodos.core.check.OpenPoint;
import methodos.core.description.Id;
import methodos.core.finding.Finding;
import methodos.core.manual.Step;

/** Where a finding is settled. */
public final class FindingGoal {

    private FindingGoal() {}

    /** Leads there, with nothing said of it. */
    public static OpenPoint of(Finding finding) {
        Matter matter =
                switch (finding.rule()) {
                    case IN_NO_KIT, CYCLE -> Matter.STORES;
                    case VALUES_DISAGREE,
                            IMPLAUSIBLE_TORQUE,
                            NO_VALUE,
                            NO_WRENCH,
                            TABLE_WITH_A_HOLE ->
                            Matter.VALUES;
                    case NOT_RESTORED, RESTORED_TOO_EARLY -> Matter.UNIT;
                    default -> Matter.STEPS;
                };
        if (finding.key().equals("finding.NO_VALUE.limit")) {
            matter = Matter.STEPS; // limits are set where they are measured
        }
        Id<Step> step = finding.steps().isEmpty() ? null : finding.steps().get(0);
        return new OpenPoint(matter, finding.key(), List.of(), step, finding.subject());
    }
}
