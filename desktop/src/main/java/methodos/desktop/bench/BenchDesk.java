package methodos.desktop.bench;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import methodos.core.bench.BenchRun;
import methodos.core.bench.Deed;
import methodos.core.bench.Entry;
import methodos.core.bench.StepWork;
import methodos.core.bench.Task;
import methodos.core.bench.Visit;
import methodos.core.description.Id;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Wait;
import methodos.core.plan.StepTimes;
import methodos.files.bench.RunFolder;
import methodos.files.problem.ProjectProblem;

/**
 * A run that is open at the bench: takes what is entered, and has it written. Used on the interface
 * thread; writing goes on beside.
 */
final class BenchDesk {

    private final RunFolder folder;
    private final BenchRun run;
    private final InstantSource clock;
    private final Executor writing;
    private final Consumer<String> trouble;
    private final Map<Id<Step>, Double> likely = new HashMap<>();
    private final Set<Object> rung = new HashSet<>();
    private String person;
    private volatile String broken;

    /**
     * @param writing one after the other
     * @param trouble told a sentence when something cannot be written, on the thread that writes
     */
    BenchDesk(
            RunFolder folder,
            String person,
            InstantSource clock,
            Executor writing,
            Consumer<String> trouble) {
        this.folder = folder;
        this.run = folder.run();
        this.person = person;
        this.clock = clock;
        this.writing = writing;
        this.trouble = trouble;
        StepTimes times = new StepTimes(run.work().manual(), run.work().sight());
        for (Stage stage : run.work().manual().stages()) {
            stage.steps().stream()
                    .filter(s -> s.applicability().concerns(run.work().sight()))
                    .forEach(s -> likely.put(s.id(), times.of(s, stage.kind()).likely()));
        }
    }

    BenchRun run() {
        return run;
    }

    RunFolder folder() {
        return folder;
    }

    String person() {
        return person;
    }

    Instant now() {
        return clock.instant();
    }

    /**
     * Enters something.
     *
     * @return a sentence on why it is not taken; empty where it is
     */
    Optional<String> enter(Deed deed) {
        if (broken != null) {
            return Optional.of(broken);
        }
        // a clock that was set back a little does not stop the work
        Instant last = run.size() == 0 ? Instant.MIN : run.entries().get(run.size() - 1).at();
        Instant now = clock.instant().isBefore(last) ? last : clock.instant();
        return enter(new Entry(now, person, deed));
    }

    private Optional<String> enter(Entry entry) {
        try {
            run.take(entry);
        } catch (IllegalArgumentException refused) {
            return Optional.of(refused.getMessage());
        }
        writing.execute(() -> write(entry));
        return Optional.empty();
    }

    private void write(Entry entry) {
        if (broken != null) {
            return;
        }
        try {
            folder.append(entry);
        } catch (ProjectProblem e) {
            broken = e.getMessage();
            trouble.accept(e.getMessage());
        }
    }

    /** Stops the work, where it goes on. */
    void stop() {
        if (run.state() == BenchRun.State.WORKING || run.state() == BenchRun.State.FETCHING) {
            enter(new Deed.Stopped());
        }
    }

    /** Leaves the bench when all is written. */
    void close(Runnable then) {
        writing.execute(
                () -> {
                    try {
                        folder.close();
                    } catch (ProjectProblem e) {
                        trouble.accept(e.getMessage());
                    }
                    then.run();
                });
    }

    /**
     * Goes on with a run that was stopped. One that was cut off in the middle of the work was
     * stopped with its last entry: what lies between was not worked.
     */
    Optional<String> goOn(String who) {
        boolean cut =
                run.state() == BenchRun.State.WORKING || run.state() == BenchRun.State.FETCHING;
        if (cut && run.size() > 1) {
            Entry last = run.entries().get(run.size() - 1);
            enter(new Entry(last.at(), last.by(), new Deed.Stopped()));
        }
        person = who;
        return run.state() == BenchRun.State.STOPPED ? enter(new Deed.WentOn()) : Optional.empty();
    }

    /** Seconds until a wait is over, 0 where it is. */
    double left(Task.RunningWait wait) {
        return Math.max(0, Duration.between(clock.instant(), wait.until()).toMillis() / 1000.0);
    }

    /**
     * The waits that have just come to their end. One that only time ends is over by that; where a
     * state has to be reached, somebody has to look.
     */
    List<Task.RunningWait> ring() {
        List<Task.RunningWait> ringing = new ArrayList<>();
        if (run.state() != BenchRun.State.WORKING) {
            return ringing;
        }
        for (Task.RunningWait wait : run.running()) {
            if (left(wait) > 0 || wait.of().seconds() <= 0) {
                continue;
            }
            if (rung.add(List.of(wait.visit(), wait.index()))) {
                ringing.add(wait);
            }
            if (wait.of().until().isEmpty() && wait.of().bound() != Wait.Bound.AT_MOST) {
                enter(new Deed.WaitOver(wait.visit(), wait.index(), ""));
            }
        }
        return ringing;
    }

    /** Seconds that were worked so far. */
    double worked() {
        double sum = run.visits().stream().mapToDouble(StepWork::seconds).sum();
        if (run.workedAt().isPresent()) {
            Instant last = run.entries().get(run.size() - 1).at();
            sum += Math.max(0, Duration.between(last, clock.instant()).toSeconds());
        }
        return sum;
    }

    /** Seconds of work that are usually left. */
    double left() {
        Set<Id<Step>> left = new HashSet<>(likely.keySet());
        run.visits().stream()
                .filter(v -> v.outcome() != StepWork.Outcome.OPEN)
                .forEach(v -> left.remove(v.step().id()));
        return left.stream().mapToDouble(likely::get).sum();
    }

    /** The visit of the step that is worked at, where there is one. */
    Optional<Visit> here() {
        return run.here().map(StepWork::visit);
    }
}
