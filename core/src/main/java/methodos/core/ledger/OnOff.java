package methodos.core.ledger;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import methodos.core.finding.Rule;

/** Fluids, energies and marks: each is open or closed, whatever the number of ends. */
final class OnOff {

    private final LedgerThread.Kind kind;
    private final Rule leftOpen;
    private final List<LedgerThread> threads;
    private final Map<String, OpenEnds> all = new LinkedHashMap<>();
    private final Set<String> everOpened = new HashSet<>();

    /** Closed before it was opened. */
    private final Set<String> early = new HashSet<>();

    OnOff(LedgerThread.Kind kind, Rule leftOpen, List<LedgerThread> threads) {
        this.kind = kind;
        this.leftOpen = leftOpen;
        this.threads = threads;
    }

    private OpenEnds ends(String id) {
        return all.computeIfAbsent(id, i -> new OpenEnds(kind, i, threads));
    }

    void open(String id, String step) {
        everOpened.add(id);
        if (ends(id).count() == 0) {
            ends(id).open(step, 1);
        }
    }

    /** Gives the steps that opened it, none where nothing did. */
    List<String> close(String id, String step) {
        List<String> openers = ends(id).openers();
        if (!everOpened.contains(id)) {
            early.add(id);
        }
        ends(id).close(step, 1);
        return openers;
    }

    boolean everOpened(String id) {
        return everOpened.contains(id);
    }

    void end(Found found) {
        all.forEach(
                (id, ends) -> {
                    boolean explained = kind == LedgerThread.Kind.MARK && early.contains(id);
                    if (ends.count() > 0 && !explained) {
                        found.add(leftOpen, id, ends.openers(), 1);
                    }
                    ends.end();
                });
    }
}
