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

        /** How many the unit has: as many as the part that this one is fitted in the place of. */
        private int total;

        /** How many lie ready to go on in the place of another part. */
        private int ready;

        /** What it is fitted in the place of, and what is fitted in its place; null for nothing. */
        private Account insteadOf;

        private Account replacedBy;

        private boolean everRemoved;

        /** How many new ones went on. */
        private int fresh;

        private final List<String> freshSteps = new ArrayList<>(0);

        /** Where it went on again; kept of the parts of a set only. */
        private final List<String> oldSteps = new ArrayList<>(0);

        Account(LedgerCase.Part part, List<LedgerThread> threads) {
            this.part = part;
            this.off = new OpenEnds(LedgerThread.Kind.PART, part.id(), threads);
            this.total = part.count();
        }

        int off() {
            return off.count() + ready;
        }

        int on() {
            return total - off();
        }

        /** How many places of it are empty: what has another part in its place is not missed. */
        int missing() {
            return replacedBy == null ? off.count() : Math.max(0, off.count() - replacedBy.on());
        }
    }

    private final Map<String, Account> accounts = new LinkedHashMap<>();

    /** Those of which at least one is off. */
    private final Set<String> off = new LinkedHashSet<>();

    private final Found found;

    PartAccounts(List<LedgerCase.Part> parts, Found found, List<LedgerThread> threads) {
        this.found = found;
        parts.forEach(p -> accounts.put(p.id(), new Account(p, threads)));
        for (LedgerCase.Part part : parts) {
            Account instead = part.replacedBy().map(accounts::get).orElse(null);
            if (instead != null) {
                Account old = accounts.get(part.id());
                old.replacedBy = instead;
                instead.insteadOf = old;
                instead.total = old.total;
                instead.ready = old.total;
            }
        }
    }

    boolean has(String part) {
        return accounts.containsKey(part);
    }

    /** How many of it the variant has. */
    int total(String part) {
        return accounts.get(part).total;
    }

    int off(String part) {
        return accounts.get(part).off();
    }

    /** How many of its places are empty; those of a part that stays off are of what replaces it. */
    int empty(String part) {
        Account account = accounts.get(part);
        if (account.replacedBy != null) {
            return 0;
        }
        return account.insteadOf == null ? account.off() : account.insteadOf.missing();
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
        int on = count - accounts.get(id).off();
        if (on > 0) {
            remove(id, on, step);
        }
    }

    void install(String id, int count, boolean fresh, String step) {
        Account account = accounts.get(id);
        int excess = count - account.off();
        if (account.replacedBy != null) {
            found.add(Rule.REUSED, id, List.of(step), count);
        }
        if (account.insteadOf != null && !account.insteadOf.everRemoved) {
            found.add(Rule.NOT_REMOVED_FIRST, account.insteadOf.part.id(), List.of(step), count);
        } else if (excess > 0) {
            found.add(
                    account.everRemoved ? Rule.TOO_MANY_FITTED : Rule.NOT_REMOVED_FIRST,
                    id,
                    List.of(step),
                    excess);
        }
        if (fresh) {
            account.fresh += count;
            account.freshSteps.add(step);
        } else {
            if (account.part.set().isPresent()) {
                account.oldSteps.add(step);
            }
            if (account.part.reuse() == ReuseRule.ALWAYS_NEW && account.everRemoved) {
                found.add(Rule.REUSED, id, List.of(step), count);
            }
        }
        int ready = Math.min(count, account.ready);
        account.ready -= ready;
        account.off.close(step, count - ready);
        note(account);
        if (account.insteadOf != null) {
            note(account.insteadOf);
        }
    }

    private void note(Account account) {
        if (account.missing() > 0) {
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
        brokenSets();
        for (Account account : accounts.values()) {
            String id = account.part.id();
            if (account.missing() > 0) {
                found.add(Rule.NOT_REFITTED, id, account.off.openers(), account.missing());
            }
            account.off.end();
            if (account.fresh > 0
                    && account.part.reuse() == ReuseRule.ALWAYS_NEW
                    && kits.isPresent()) {
                int held = kits.get().stream().mapToInt(k -> k.getOrDefault(id, 0)).sum();
                if (account.fresh > held) {
                    found.add(Rule.IN_NO_KIT, id, account.freshSteps, account.fresh - held);
                }
            }
        }
    }

    /** Of a set all are new if one is: what is still old, with where that shows. */
    private void brokenSets() {
        Map<String, List<Account>> sets = new LinkedHashMap<>();
        for (Account account : accounts.values()) {
            if (account.part.set().isPresent()) {
                sets.computeIfAbsent(account.part.set().get(), s -> new ArrayList<>()).add(account);
            }
        }
        for (List<Account> set : sets.values()) {
            Set<String> renewed = new LinkedHashSet<>();
            set.forEach(a -> renewed.addAll(a.freshSteps));
            for (Account account : set) {
                String id = account.part.id();
                int old = account.total - account.fresh;
                if (!renewed.isEmpty() && old > 0 && !found.has(Rule.REUSED, id)) {
                    found.add(
                            Rule.REUSED,
                            id,
                            account.oldSteps.isEmpty() ? renewed : account.oldSteps,
                            old);
                }
            }
        }
    }

    /** Whether what is wrong with its number explains what follows from it. */
    boolean miscounted(String id) {
        Account account = accounts.get(id);
        if (account != null
                && account.insteadOf != null
                && miscounted(account.insteadOf.part.id())) {
            return true;
        }
        return found.has(Rule.NOT_REFITTED, id)
                || found.has(Rule.NOT_REMOVED_FIRST, id)
                || found.has(Rule.TOO_MANY_FITTED, id)
                || found.has(Rule.TOO_MANY_REMOVED, id);
    }
}
