package methodos.core.ledger;

import java.util.List;
import methodos.core.manual.Applicability;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;

/**
 * The units that an issue of a manual is for: whether each of them has something, or it has to be
 * said which of them do.
 */
public final class UnitsLookedAt {

    private final Sight sight;
    private final List<ClaimedUnits.Group> groups;
    private final boolean variants;

    /**
     * @param manual with all that it says, also for other units
     */
    public UnitsLookedAt(Manual manual, Sight sight) {
        this.sight = sight;
        this.groups = ClaimedUnits.of(manual, sight);
        this.variants = !manual.variants().isEmpty();
    }

    /** Whether each of the units has what is for the units named. */
    public boolean allHave(Applicability units) {
        return units.all()
                || (variants
                        ? groups.stream().allMatch(g -> units.concerns(g.sight()))
                        : units.covers(sight));
    }
}
