package methodos.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import methodos.core.coverage.CoverageReport;
import methodos.core.finding.Finding;
import methodos.core.fit.TableChecks;
import methodos.core.hazard.HazardRules;
import methodos.core.hazard.HazardWatch;
import methodos.core.language.PartNames;
import methodos.core.language.PlainLanguage;
import methodos.core.ledger.ManualLedger;
import methodos.core.manual.Acceptance;
import methodos.core.manual.Manual;
import methodos.core.narration.Workspace;
import methodos.core.practice.Practised;

/**
 * What a careful colleague finds in a manual before a technician does. It remembers what it read in
 * words and tables, so that a check after an edit reads only what changed; one of it may be used by
 * several threads.
 */
public final class Checks {

    /**
     * @param findings gravest first, then in the order of the steps
     * @param accepted those that somebody lives with, with the reason
     * @param ledger that the first of them came from
     * @param coverage how much of footage, narration and steps is accounted for
     */
    public record Result(
            List<Finding> findings,
            Map<Finding, Acceptance> accepted,
            ManualLedger ledger,
            CoverageReport coverage) {

        public Result {
            findings = List.copyOf(findings);
            accepted = Map.copyOf(accepted);
        }

        /** Those that nobody accepted and that are more than a matter of wording. */
        public List<Finding> grave() {
            return open().stream().filter(f -> f.severity().grave()).toList();
        }

        /** Those that nobody accepted. */
        public List<Finding> open() {
            return findings.stream().filter(f -> !accepted.containsKey(f)).toList();
        }
    }

    private final HazardWatch hazards;
    private final PlainLanguage language = new PlainLanguage();
    private final PartNames partNames = new PartNames();
    private final TableChecks tables = new TableChecks();
    private final ValueChecks values = new ValueChecks(tables);

    public Checks(HazardRules rules) {
        hazards = new HazardWatch(rules);
    }

    public HazardRules hazardRules() {
        return hazards.rules();
    }

    public PlainLanguage language() {
        return language;
    }

    /** What is remembered of decision tables; open points are found by it too. */
    public TableChecks tables() {
        return tables;
    }

    public Result of(Workspace workspace) {
        Manual manual = Practised.of(workspace.manual());
        ManualLedger ledger = ManualLedger.of(manual);
        List<Finding> all = new ArrayList<>(LedgerChecks.of(manual, ledger));
        all.addAll(HazardChecks.of(manual, hazards));
        all.addAll(TorqueChecks.of(manual));
        all.addAll(values.of(manual));
        all.addAll(LanguageChecks.of(manual, language, partNames));
        all.addAll(CoverageChecks.of(workspace, manual));
        List<Finding> sorted = sorted(all, manual);
        return new Result(sorted, accepted(sorted, manual), ledger, CoverageReport.of(workspace));
    }

    private static List<Finding> sorted(List<Finding> all, Manual manual) {
        Map<String, Integer> at = new HashMap<>();
        manual.steps().forEach(s -> at.put(s.id(), at.size()));
        Comparator<Finding> byStep =
                Comparator.comparing(
                        f ->
                                f.steps().isEmpty()
                                        ? -1
                                        : at.getOrDefault(f.steps().get(0), at.size()));
        return all.stream()
                .distinct()
                .sorted(Comparator.comparing(Finding::severity).thenComparing(byStep))
                .toList();
    }

    private static Map<Finding, Acceptance> accepted(List<Finding> findings, Manual manual) {
        if (manual.acceptances().isEmpty()) {
            return Map.of();
        }
        Map<String, Acceptance> byId = new HashMap<>();
        manual.acceptances().forEach(a -> byId.put(a.finding(), a));
        Map<Finding, Acceptance> accepted = new HashMap<>();
        for (Finding finding : findings) {
            Acceptance acceptance = byId.get(finding.id());
            if (acceptance != null) {
                accepted.put(finding, acceptance);
            }
        }
        return accepted;
    }
}
