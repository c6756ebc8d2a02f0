package methodos.core.ledger;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import methodos.core.finding.Rule;

/** Fluids, energies and marks: each is open or closed, whatever the number of places. */
final class OnOff {

    private final LedgerThread.Kind kind;
    private final Rule leftOpen;
    private final List<LedgerThread> threads;
    private final Map<String, Places> all = new LinkedHashMap<>();
    private final Set<String> everOpened = new HashSet<>();

    /** Closed before it was opened. */
    private final Set<String> early = new HashSet<>();

    OnOff(LedgerThread.Kind kind, Rule leftOpen, List<LedgerThread> threads) {
        this.kind = kind;
        this.leftOpen = leftOpen;
        this.threads = threads;
    }

    private Places places(String id) {
        return all.computeIfAbsent(id, i -> new Places(kind, i, threads));
    }

    void open(String id, String step) {
        everOpened.add(id);
        if (places(id).count() == 0) {
            places(id).open(step, 1);
        }
    }

    /** Gives the steps that opened it, none where nothing did. */
    List<String> close(String id, String step) {
        List<String> openers = places(id).openers();
        if (!everOpened.contains(id)) {
            early.add(id);
        }
        places(id).close(step, 1);
        return openers;
    }

    boolean everOpened(String id) {
        return everOpened.contains(id);
    }

    void end(Found found) {
        all.forEach(
                (id, places) -> {
                    boolean explained = kind == LedgerThread.Kind.MARK && early.contains(id);
                    if (places.count() > 0 && !explained) {
                        found.add(leftOpen, id, places.openers(), 1);
                    }
                    places.end();
                });
    }
}
