package methodos.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Function;
import methodos.core.coverage.CoverageReport;
import methodos.core.description.Id;
import methodos.core.dryrun.DryRun;
import methodos.core.finding.Finding;
import methodos.core.fit.TableChecks;
import methodos.core.hazard.HazardRules;
import methodos.core.hazard.HazardWatch;
import methodos.core.language.PartNames;
import methodos.core.language.PlainLanguage;
import methodos.core.ledger.ManualLedger;
import methodos.core.manual.Acceptance;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.core.memory.Remembered;
import methodos.core.narration.Workspace;
import methodos.core.practice.PractisedManual;
import methodos.core.quantity.MeasureUnit.Dimension;
import methodos.core.quantity.QuantitiesInText;
import methodos.core.quantity.Quantity;
import methodos.core.sense.Sense;

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
     * @param failed what could not be checked, for the report; each is among the findings
     */
    public record Result(
            List<Finding> findings,
            Map<Finding, Acceptance> accepted,
            ManualLedger ledger,
            CoverageReport coverage,
            List<Failed> failed) {

        public Result {
            findings = List.copyOf(findings);
            accepted = Map.copyOf(accepted);
            failed = List.copyOf(failed);
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

    private static final Manual NOTHING = Manual.titled("");

    private final HazardWatch hazards;
    private final PlainLanguage language = new PlainLanguage();
    private final PartNames partNames = new PartNames();
    private final DryRun dryRun = new DryRun();
    private final TableChecks tables = new TableChecks();
    private final Remembered<String, List<Quantity>> torquesInText =
            new Remembered<>(t -> QuantitiesInText.of(t, Dimension.TORQUE));
    private final AtomicReference<ManualLedger> lastLedger =
            new AtomicReference<>(ManualLedger.of(PractisedManual.of(NOTHING)));
    private final AtomicReference<Sense> lastSense = new AtomicReference<>(Sense.ofNothing());
    private final ValueChecks values = new ValueChecks(tables);

    /**
     * @param rules those that ship, with a company's own on top
     */
    public Checks(HazardRules rules) {
        hazards = new HazardWatch(rules);
    }

    /** The rules by which missing statements are found. */
    public HazardRules hazardRules() {
        return hazards.rules();
    }

    /** What reads the wording; it remembers what it read. */
    public PlainLanguage language() {
        return language;
    }

    /** What is remembered of decision tables; open points are found by it too. */
    public TableChecks tables() {
        return tables;
    }

    /** Never throws: a check that fails is a finding itself. */
    public Result of(Workspace workspace) {
        Guard guard = new Guard();
        Manual raw = workspace.manual();
        PractisedManual practised =
                guard.of("derived.ways", raw, PractisedManual::of, PractisedManual.asWritten(raw));
        ManualLedger ledger =
                guard.of(
                        "derived.ledger",
                        practised,
                        m -> ManualLedger.after(lastLedger.get(), m),
                        ManualLedger.of(PractisedManual.of(NOTHING)));
        lastLedger.set(ledger);
        List<Finding> all =
                new ArrayList<>(
                        guard.of(
                                "derived.sense",
                                raw,
                                m -> SenseChecks.of(workspace, sense(m)),
                                List.of()));
        Map<String, Function<PractisedManual, List<Finding>>> checks = new LinkedHashMap<>();
        checks.put("derived.ledger", m -> LedgerChecks.of(m.manual(), ledger));
        checks.put("derived.hazards", m -> HazardChecks.of(m, hazards));
        checks.put("derived.torques", m -> TorqueChecks.of(m, torquesInText));
        checks.put("derived.values", m -> values.of(m.manual()));
        checks.put("derived.readings", m -> ReadingChecks.of(m.manual()));
        checks.put("derived.fitting", m -> FittingChecks.of(m.manual()));
        checks.put("derived.fluids", m -> FluidChecks.of(m.manual()));
        checks.put("derived.language", m -> LanguageChecks.of(m.manual(), language, partNames));
        checks.put("derived.dryRun", m -> dryRun.of(m, ledger.groups()));
        checks.put("derived.coverage", m -> CoverageChecks.of(workspace, m));
        checks.forEach((what, check) -> all.addAll(guard.of(what, practised, check, List.of())));
        CoverageReport coverage =
                guard.of(
                        "derived.coverage",
                        raw,
                        m -> CoverageReport.of(workspace.with(m)),
                        CoverageReport.of(new Workspace(NOTHING, Map.of())));
        guard.failed().forEach(f -> all.add(SenseChecks.finding(f)));
        Manual manual = practised.manual();
        List<Finding> sorted = sorted(all, manual);
        return new Result(sorted, accepted(sorted, manual), ledger, coverage, guard.failed());
    }

    private Sense sense(Manual manual) {
        return lastSense.updateAndGet(earlier -> earlier.after(manual));
    }

    private static List<Finding> sorted(List<Finding> all, Manual manual) {
        Map<Id<Step>, Integer> at = new HashMap<>();
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
