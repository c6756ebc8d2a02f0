package methodos.core.ledger;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import methodos.core.finding.Rule;

/** Gathers what one variant's walk finds: one finding for a rule and a subject. */
final class Found {

    private record Key(Rule rule, String subject) {}

    private static final class Entry {
        private final Set<String> steps = new LinkedHashSet<>();
        private final Set<String> other = new LinkedHashSet<>();
        private int count;
    }

    private final Map<Key, Entry> entries = new LinkedHashMap<>();

    void add(Rule rule, String subject, Collection<String> steps, int count, String... other) {
        Entry entry = entries.computeIfAbsent(new Key(rule, subject), k -> new Entry());
        entry.steps.addAll(steps);
        entry.count += count;
        entry.other.addAll(List.of(other));
    }

    /** Adds what a walk finds once, however often it comes by. */
    void addOnce(Rule rule, String subject, List<String> steps, String... other) {
        if (!has(rule, subject)) {
            add(rule, subject, steps, 1, other);
        }
    }

    boolean has(Rule rule, String subject) {
        return entries.containsKey(new Key(rule, subject));
    }

    List<LedgerFinding> all() {
        List<LedgerFinding> all = new ArrayList<>();
        entries.forEach(
                (key, e) ->
                        all.add(
                                new LedgerFinding(
                                        key.rule(),
                                        key.subject(),
                                        List.copyOf(e.steps),
                                        List.of(),
                                        e.count,
                                        List.copyOf(e.other))));
        return all;
    }
}
