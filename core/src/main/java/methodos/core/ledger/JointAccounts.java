package methodos.core.ledger;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import methodos.core.finding.Rule;

/**
 * The joints of one variant: at how many places each is loose, and with which size it was undone.
 */
final class JointAccounts {

    private static final class Account {
        private final LedgerCase.Joint joint;
        private final OpenEnds loose;
        private Optional<String> size = Optional.empty();
        private String sizeStep;

        /** Where it was tightened in no way that makes it tight. */
        private Optional<String> looseStep = Optional.empty();

        Account(LedgerCase.Joint joint, List<LedgerThread> threads) {
            this.joint = joint;
            this.loose = new OpenEnds(LedgerThread.Kind.JOINT, joint.id(), threads);
        }
    }

    private final Map<String, Account> accounts = new LinkedHashMap<>();

    /** Those that are loose at one place at least. */
    private final Set<String> loose = new LinkedHashSet<>();

    private final Found found;

    JointAccounts(List<LedgerCase.Joint> joints, Found found, List<LedgerThread> threads) {
        this.found = found;
        joints.forEach(j -> accounts.put(j.id(), new Account(j, threads)));
    }

    boolean has(String joint) {
        return accounts.containsKey(joint);
    }

    boolean loose(String joint) {
        return loose.contains(joint);
    }

    List<String> allLoose() {
        return new ArrayList<>(loose);
    }

    /** A joint that is loose already does not get looser. */
    void loosen(String id, Optional<String> size, int times, String step) {
        Account account = accounts.get(id);
        account.loose.open(step, Math.max(0, times - account.loose.count()));
        account.looseStep = Optional.empty();
        if (size.isPresent()) {
            account.size = size;
            account.sizeStep = step;
        }
        loose.add(id);
    }

    void tighten(LedgerAction.Tighten action, int times, String step) {
        Account account = accounts.get(action.subject());
        String id = account.joint.id();
        if (account.size.isPresent()
                && action.size().isPresent()
                && !ToolSizes.same(account.size.get(), action.size().get())) {
            found.addOnce(
                    Rule.OTHER_SIZE,
                    id,
                    List.of(account.sizeStep, step),
                    account.size.get(),
                    action.size().get());
        }
        if (!account.joint.ways().contains(action.by())) {
            account.loose.open(step, Math.max(0, times - account.loose.count()));
            account.looseStep = Optional.of(step);
            loose.add(id);
            return;
        }
        if (account.joint.lacksValue()) {
            found.addOnce(Rule.NO_VALUE, id, List.of(step));
        }
        account.loose.close(step, times);
        if (account.loose.count() == 0) {
            loose.remove(id);
        }
    }

    void end() {
        for (Account account : accounts.values()) {
            if (account.loose.count() > 0) {
                Set<String> steps = new LinkedHashSet<>(account.loose.openers());
                account.looseStep.ifPresent(steps::add);
                found.add(Rule.NOT_TIGHTENED, account.joint.id(), steps, account.loose.count());
            }
            account.loose.end();
        }
    }

    boolean staysLoose(String id) {
        return found.has(Rule.NOT_TIGHTENED, id);
    }
}
