package methodos.core.ledger;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import methodos.core.finding.Rule;

/**
 * Follows parts, joints, fluids, energies, aids and marks through the steps, for every variant: at
 * the end all must be as it was. What never comes off or never goes back gives one finding, not
 * those that follow from it.
 *
 * @param findings one for a cause, with all variants that are touched
 * @param threads by variant, what leaves and comes back; under an empty name where no variant is
 *     claimed
 */
public record Ledger(List<LedgerFinding> findings, Map<String, List<LedgerThread>> threads) {

    /** What makes findings of several variants one. */
    private record Cause(Rule rule, String subject, List<String> steps) {}

    /**
     * Walks the work once for each group of units, and what a branch of it touches once more for
     * each way of that branch.
     */
    public static Ledger of(LedgerCase all) {
        Map<Cause, Merged> merged = new LinkedHashMap<>();
        Map<String, List<LedgerThread>> threads = new LinkedHashMap<>();
        List<String> variants = claimed(all);
        Branches branches = Branches.of(all);
        VariantLedger.Whole whole = VariantLedger.Whole.of(all);
        if (variants.isEmpty()) {
            BranchedLedger only = BranchedLedger.of(whole, branches, none -> true);
            only.findings().forEach(f -> merge(merged, f, List.of()));
            threads.put("", only.threads());
        }
        // the walks know nothing of each other
        List<BranchedLedger> walked =
                variants.parallelStream()
                        .map(
                                v ->
                                        BranchedLedger.of(
                                                whole,
                                                branches,
                                                named -> named.isEmpty() || named.contains(v)))
                        .toList();
        for (int i = 0; i < walked.size(); i++) {
            List<String> variant = List.of(variants.get(i));
            walked.get(i).findings().forEach(f -> merge(merged, f, variant));
            threads.put(variants.get(i), walked.get(i).threads());
        }
        List<LedgerFinding> findings = new ArrayList<>();
        merged.values().forEach(m -> findings.add(m.finding()));
        for (LedgerCase.Step step : all.steps()) {
            if (!step.variants().isEmpty()
                    && variants.stream().noneMatch(step.variants()::contains)) {
                findings.add(
                        new LedgerFinding(
                                Rule.NO_VARIANT,
                                step.id(),
                                List.of(step.id()),
                                List.of(),
                                1,
                                List.of()));
            }
        }
        return new Ledger(List.copyOf(findings), threads);
    }

    /** Where no variants are claimed, those that are named anywhere. */
    private static List<String> claimed(LedgerCase all) {
        if (!all.variants().isEmpty()) {
            return all.variants();
        }
        Set<String> named = new LinkedHashSet<>();
        all.parts().forEach(p -> named.addAll(p.variants()));
        all.joints().forEach(j -> named.addAll(j.variants()));
        all.steps().forEach(s -> named.addAll(s.variants()));
        return List.copyOf(named);
    }

    /** What has one cause in several variants; the variants are put together once, in the end. */
    private static final class Merged {
        private final Set<String> variants = new LinkedHashSet<>();
        private final Set<String> ways = new LinkedHashSet<>();
        private final Set<String> when = new LinkedHashSet<>();
        private LedgerFinding most;
        private boolean inAnyWay;
        private boolean onAnyCondition;

        void add(LedgerFinding finding, List<String> variant) {
            variants.addAll(variant);
            // what arises in one group of units whichever way is taken is not bound to a way
            inAnyWay |= finding.ways().isEmpty();
            onAnyCondition |= finding.when().isEmpty();
            ways.addAll(finding.ways());
            when.addAll(finding.when());
            if (most == null || finding.count() > most.count()) {
                most = finding;
            }
        }

        LedgerFinding finding() {
            return most.in(List.copyOf(variants))
                    .only(
                            inAnyWay ? List.of() : List.copyOf(ways),
                            onAnyCondition ? List.of() : List.copyOf(when));
        }
    }

    private static void merge(
            Map<Cause, Merged> merged, LedgerFinding finding, List<String> variant) {
        merged.computeIfAbsent(
                        new Cause(finding.rule(), finding.subject(), finding.steps()),
                        c -> new Merged())
                .add(finding, variant);
    }
}
