package methodos.core.ledger;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import methodos.core.finding.Rule;
import methodos.core.manual.ReuseRule;

/** The parts of one variant: how many of each are off, and what is wrong with their coming back. */
final class PartAccounts {

    private static final class Account {
        private final LedgerCase.Part part;
        private final OpenEnds off;

        private boolean everRemoved;

        /** How many new ones went on. */
        private int fresh;

        private final Set<String> freshSteps = new LinkedHashSet<>();

        Account(LedgerCase.Part part, List<LedgerThread> threads) {
            this.part = part;
            this.off = new OpenEnds(LedgerThread.Kind.PART, part.id(), threads);
        }

        int on() {
            return part.count() - off.count();
        }
    }

    private final Map<String, Account> accounts = new LinkedHashMap<>();

    /** Those of which at least one is off. */
    private final Set<String> off = new LinkedHashSet<>();

    private final Found found;

    PartAccounts(List<LedgerCase.Part> parts, Found found, List<LedgerThread> threads) {
        this.found = found;
        parts.forEach(p -> accounts.put(p.id(), new Account(p, threads)));
    }

    boolean has(String part) {
        return accounts.containsKey(part);
    }

    /** How many of it the variant has. */
    int total(String part) {
        return accounts.get(part).part.count();
    }

    int off(String part) {
        return accounts.get(part).off.count();
    }

    /** The steps in which those of it came off that are still off. */
    List<String> openers(String part) {
        return accounts.get(part).off.openers();
    }

    /** The ids of the parts of which at least one is off. */
    List<String> allOff() {
        return new ArrayList<>(off);
    }

    void remove(String id, int count, String step) {
        Account account = accounts.get(id);
        int possible = Math.min(count, account.on());
        if (possible < count) {
            found.add(Rule.TOO_MANY_REMOVED, id, List.of(step), count - possible);
        }
        account.off.open(step, possible);
        account.everRemoved |= possible > 0;
        note(account);
    }

    /** What lies off already is thrown away first; the rest comes off by it. */
    void discard(String id, int count, String step) {
        int on = count - accounts.get(id).off.count();
        if (on > 0) {
            remove(id, on, step);
        }
    }

    void install(String id, int count, boolean fresh, String step) {
        Account account = accounts.get(id);
        int excess = count - account.off.count();
        if (excess > 0) {
            found.add(
                    account.everRemoved ? Rule.TOO_MANY_FITTED : Rule.NOT_REMOVED_FIRST,
                    id,
                    List.of(step),
                    excess);
        }
        if (account.part.reuse() == ReuseRule.ALWAYS_NEW) {
            if (fresh) {
                account.fresh += count;
                account.freshSteps.add(step);
            } else if (account.everRemoved) {
                found.add(Rule.REUSED, id, List.of(step), count);
            }
        }
        account.off.close(step, count);
        note(account);
    }

    private void note(Account account) {
        if (account.off.count() > 0) {
            off.add(account.part.id());
        } else {
            off.remove(account.part.id());
        }
    }

    /**
     * What never came back, and what no kit holds.
     *
     * @param kits what each kit of the variant holds; empty where nothing is known of kits
     */
    void end(Optional<List<Map<String, Integer>>> kits) {
        for (Account account : accounts.values()) {
            String id = account.part.id();
            if (account.off.count() > 0) {
                found.add(Rule.NOT_REFITTED, id, account.off.openers(), account.off.count());
            }
            account.off.end();
            if (account.fresh > 0 && kits.isPresent()) {
                int held = kits.get().stream().mapToInt(k -> k.getOrDefault(id, 0)).sum();
                if (account.fresh > held) {
                    found.add(Rule.IN_NO_KIT, id, account.freshSteps, account.fresh - held);
                }
            }
        }
    }

    /** Whether what is wrong with its number explains what follows from it. */
    boolean miscounted(String id) {
        return found.has(Rule.NOT_REFITTED, id)
                || found.has(Rule.NOT_REMOVED_FIRST, id)
                || found.has(Rule.TOO_MANY_FITTED, id)
                || found.has(Rule.TOO_MANY_REMOVED, id);
    }
}
