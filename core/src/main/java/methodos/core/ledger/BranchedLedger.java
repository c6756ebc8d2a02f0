package methodos.core.ledger;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import methodos.core.finding.Rule;
import methodos.core.ledger.Branches.Branch;
import methodos.core.ledger.Branches.Option;
import methodos.core.ledger.VariantLedger.Whole;

/** The ledger of one variant with all branches of its work: each of them has to close. */
final class BranchedLedger {

    /** What makes findings of two ways the same. */
    private record Key(Rule rule, String subject) {
        static Key of(LedgerFinding finding) {
            return new Key(finding.rule(), finding.subject());
        }
    }

    /** What was found, and in which ways and on which conditions alone. */
    private static final class Entry {
        private final LedgerFinding finding;
        private final Set<String> ways = new LinkedHashSet<>();
        private final Set<String> when = new LinkedHashSet<>();

        Entry(LedgerFinding finding) {
            this.finding = finding;
        }
    }

    private final Map<Key, Entry> entries = new LinkedHashMap<>();
    private final Set<LedgerThread> threads = new LinkedHashSet<>();

    private BranchedLedger() {}

    /**
     * @param concerned whether the variant is among some, where none named means all
     */
    static BranchedLedger of(Whole whole, Branches branches, Predicate<Set<String>> concerned) {
        BranchedLedger ledger = new BranchedLedger();
        VariantLedger plain = VariantLedger.of(whole, concerned, branches.plain());
        plain.findings().forEach(f -> ledger.entries.put(Key.of(f), new Entry(f)));
        ledger.threads.addAll(plain.threads());
        branches.all().stream()
                .filter(b -> b.variants().stream().anyMatch(concerned))
                .forEach(b -> ledger.add(b, concerned));
        return ledger;
    }

    private void add(Branch branch, Predicate<Set<String>> concerned) {
        Map<Option, VariantLedger> walks = new LinkedHashMap<>();
        for (Option option : branch.options()) {
            walks.put(option, VariantLedger.of(branch.narrow(), concerned, option.walked()));
        }
        Map<Key, Set<String>> arises = new LinkedHashMap<>();
        walks.forEach(
                (option, walk) ->
                        walk.findings()
                                .forEach(
                                        f ->
                                                arises.computeIfAbsent(
                                                                Key.of(f),
                                                                k -> new LinkedHashSet<>())
                                                        .add(option.name())));
        boolean onCondition = branch.condition() || !branch.conditions().isEmpty();
        for (VariantLedger walk : walks.values()) {
            for (LedgerFinding finding : walk.findings()) {
                Key key = Key.of(finding);
                boolean always = arises.get(key).size() == walks.size();
                // nobody stocks a kit for what is rarely needed
                boolean stocked = finding.rule() == Rule.IN_NO_KIT && onCondition;
                if (!always && !stocked) {
                    note(branch, finding, arises.get(key));
                }
            }
            threads.addAll(walk.threads());
        }
    }

    private void note(Branch branch, LedgerFinding finding, Set<String> options) {
        Key key = Key.of(finding);
        boolean fresh = !entries.containsKey(key);
        Entry entry = entries.computeIfAbsent(key, k -> new Entry(finding));
        if (!branch.condition()) {
            entry.ways.addAll(options);
            if (fresh) {
                entry.when.addAll(branch.conditions());
            }
        } else if (!options.contains("")) {
            entry.when.addAll(options);
        }
    }

    List<LedgerFinding> findings() {
        return entries.values().stream()
                .map(e -> e.finding.only(List.copyOf(e.ways), List.copyOf(e.when)))
                .toList();
    }

    List<LedgerThread> threads() {
        return List.copyOf(threads);
    }
}
