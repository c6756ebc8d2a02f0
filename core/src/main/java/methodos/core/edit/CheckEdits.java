package methodos.core.edit;

import java.util.ArrayList;
import java.util.List;
import methodos.core.finding.Finding;
import methodos.core.manual.Acceptance;

/** What is decided about findings. */
public final class CheckEdits {

    private CheckEdits() {}

    /**
     * Somebody lives with a finding.
     *
     * @param date as year-month-day
     */
    public static Edit accept(Finding finding, String reason, String person, String date) {
        Acceptance acceptance = new Acceptance(finding.id(), reason, person, date);
        return Edit.named(
                EditKind.ACCEPT_FINDING,
                m -> {
                    List<Acceptance> all = new ArrayList<>(m.acceptances());
                    all.removeIf(a -> a.finding().equals(finding.id()));
                    all.add(acceptance);
                    return m.withAcceptances(all);
                });
    }

    /** The finding is open again. */
    public static Edit reopen(Finding finding) {
        return Edit.named(
                EditKind.REOPEN,
                m ->
                        m.withAcceptances(
                                m.acceptances().stream()
                                        .filter(a -> !a.finding().equals(finding.id()))
                                        .toList()));
    }
}
