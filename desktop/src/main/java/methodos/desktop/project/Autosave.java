package methodos.desktop.project;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import methodos.core.manual.Manual;
import methodos.files.problem.ProjectProblem;
import org.slf4j.LoggerFactory;

/**
 * Puts what was changed on the disk. The first change that is not saved yet sets the time, not the
 * last: however fast somebody types, it is saved within two seconds. What fails is tried again, and
 * stays unsaved until it is saved.
 */
final class Autosave {

    /** Changes within it are saved together; with the writing it stays well under two seconds. */
    private static final long DELAY_MILLIS = 600;

    private static final long[] RETRY_SECONDS = {1, 2, 5, 10, 20, 30};
    private static final int NAMED = 3;

    /** Where it is saved. */
    @FunctionalInterface
    interface Target {

        /**
         * @param what what was done since the last time, in words
         */
        void save(Manual manual, String what) throws ProjectProblem;
    }

    /**
     * How things stand.
     *
     * @param unsaved how many changes are not on the disk
     * @param since when the oldest of them was made, null where there is none
     * @param problem why they could not be saved, empty where nothing failed
     */
    record State(int unsaved, Instant since, String problem) {

        boolean saved() {
            return unsaved == 0;
        }

        boolean failed() {
            return !problem.isEmpty();
        }
    }

    private final ScheduledExecutorService thread;
    private final Target target;
    private final Consumer<State> told;
    private final Clock clock;
    private final Object writing = new Object();
    private final Set<String> names = new LinkedHashSet<>();
    private Manual latest;
    private int unsaved;
    private Instant since;
    private String problem = "";
    private int failures;
    private boolean asked;

    /**
     * @param told of each change of how things stand, on the thread where it happens
     */
    Autosave(ScheduledExecutorService thread, Target target, Clock clock, Consumer<State> told) {
        this.thread = thread;
        this.target = target;
        this.clock = clock;
        this.told = told;
    }

    /**
     * @param what what was done, in words
     */
    void changed(Manual manual, String what) {
        synchronized (this) {
            latest = manual;
            unsaved++;
            since = since == null ? clock.instant() : since;
            names.remove(what);
            names.add(what);
            ask(DELAY_MILLIS);
        }
        told.accept(state());
    }

    private void ask(long millis) {
        if (!asked) {
            asked = true;
            thread.schedule(this::due, millis, TimeUnit.MILLISECONDS);
        }
    }

    private void due() {
        synchronized (this) {
            asked = false;
        }
        saveNow();
    }

    /**
     * Saves what is not saved yet, on this thread.
     *
     * @return why it could not be saved; empty where all is on the disk now
     */
    Optional<String> saveNow() {
        synchronized (writing) {
            Manual manual;
            String what;
            int these;
            Instant began;
            synchronized (this) {
                if (unsaved == 0) {
                    return Optional.empty();
                }
                manual = latest;
                these = unsaved;
                began = clock.instant();
                what = what();
            }
            String failed = "";
            try {
                target.save(manual, what);
            } catch (ProjectProblem e) {
                LoggerFactory.getLogger(Autosave.class).error("not saved", e);
                failed = e.getMessage();
            } catch (RuntimeException | Error e) {
                LoggerFactory.getLogger(Autosave.class).error("not saved", e);
                failed = String.valueOf(e.getMessage());
            }
            done(these, began, failed);
            return failed.isEmpty() ? Optional.empty() : Optional.of(failed);
        }
    }

    private void done(int these, Instant began, String failed) {
        synchronized (this) {
            problem = failed;
            if (failed.isEmpty()) {
                failures = 0;
                unsaved -= these;
                since = unsaved == 0 ? null : began;
                if (unsaved == 0) {
                    names.clear();
                } else {
                    ask(DELAY_MILLIS);
                }
            } else {
                ask(1000 * RETRY_SECONDS[Math.min(failures++, RETRY_SECONDS.length - 1)]);
            }
        }
        told.accept(state());
    }

    /** The last few different things that were done. */
    private String what() {
        List<String> all = new ArrayList<>(names);
        return String.join(", ", all.subList(Math.max(0, all.size() - NAMED), all.size()));
    }

    synchronized State state() {
        return new State(unsaved, since, problem);
    }
}
