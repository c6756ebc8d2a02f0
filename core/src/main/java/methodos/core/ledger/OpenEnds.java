package methodos.core.ledger;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;

/** What is open of one subject: the steps that opened it and how many each still has open. */
final class OpenEnds {

    private record Open(String step, int count) {}

    private final LedgerThread.Kind kind;
    private final String subject;
    private final List<LedgerThread> threads;
    private final Deque<Open> open = new ArrayDeque<>(2);

    /** The steps that opened it since it was last closed altogether. */
    private final List<String> openers = new ArrayList<>(1);

    private int count;

    /**
     * @param threads where what is closed is noted down
     */
    OpenEnds(LedgerThread.Kind kind, String subject, List<LedgerThread> threads) {
        this.kind = kind;
        this.subject = subject;
        this.threads = threads;
    }

    int count() {
        return count;
    }

    List<String> openers() {
        return List.copyOf(openers);
    }

    void open(String step, int more) {
        if (more > 0) {
            count += more;
            open.add(new Open(step, more));
            if (!openers.contains(step)) {
                openers.add(step);
            }
        }
    }

    /** Closes at most so many, first come, first served. */
    void close(String step, int most) {
        int left = Math.min(most, count);
        count -= left;
        while (left > 0) {
            Open first = open.remove();
            int closed = Math.min(left, first.count());
            threads.add(new LedgerThread(kind, subject, first.step(), Optional.of(step), closed));
            left -= closed;
            if (first.count() > closed) {
                open.addFirst(new Open(first.step(), first.count() - closed));
            }
        }
        if (count == 0) {
            openers.clear();
        }
    }

    /** Notes down what stays open. */
    void end() {
        open.forEach(
                o ->
                        threads.add(
                                new LedgerThread(
                                        kind, subject, o.step(), Optional.empty(), o.count())));
    }
}
