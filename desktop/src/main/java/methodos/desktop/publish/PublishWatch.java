package methodos.desktop.publish;

import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import methodos.core.words.Words;
import methodos.publish.document.Progress;

/** Puts the course of a publication into words, with the time that is left by what went before. */
final class PublishWatch implements Progress {

    /** Before that much is done nobody can tell how long the rest takes. */
    private static final double TELLING_SHARE = 0.05;

    private static final long TELLING_NANOS = 2_000_000_000L;
    private static final long OFTEN_NANOS = 100_000_000L;

    /**
     * @param words what is being done, and how long it may take still
     */
    record State(double share, String words) {}

    private final Words words;
    private final BooleanSupplier stopped;
    private final Consumer<State> told;
    private final long began = System.nanoTime();
    private long last;
    private Work doing;

    PublishWatch(Words words, BooleanSupplier stopped, Consumer<State> told) {
        this.words = words;
        this.stopped = stopped;
        this.told = told;
    }

    @Override
    public synchronized void at(Work work, double share) {
        long now = System.nanoTime();
        if (work == doing && now - last < OFTEN_NANOS) {
            return;
        }
        doing = work;
        last = now;
        told.accept(new State(share, words(work, share, now - began)));
    }

    private String words(Work work, double share, long taken) {
        String what = words.of("publish.work." + work);
        if (share < TELLING_SHARE || taken < TELLING_NANOS) {
            return what;
        }
        double left = taken / 1e9 / share * (1 - share);
        return words.of("publish.left", what, words.duration(Math.max(1, Math.ceil(left))));
    }

    @Override
    public boolean stopped() {
        return stopped.getAsBoolean();
    }
}
