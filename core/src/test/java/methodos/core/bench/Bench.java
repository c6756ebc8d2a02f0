package methodos.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.UnaryOperator;
import methodos.core.description.Id;
import methodos.core.manual.Manual;
import methodos.core.manual.Reading;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Value;
import methodos.core.practice.PractisedManual;

/** A run of a small manual, told in short sentences. */
final class Bench {

    private static final Instant MORNING = Instant.parse("2026-03-02T07:00:00Z");

    final BenchRun run;
    private Instant now = MORNING;

    private Bench(Manual manual) {
        run = new BenchRun(new WorkedManual(PractisedManual.of(manual), Sight.EVERYTHING));
    }

    /** Begun, with everything fetched. */
    static Bench of(Manual manual) {
        Bench bench = new Bench(manual);
        bench.enter(new Deed.Begun("", "17", null, null, "", "", ""));
        while (bench.run.state() == BenchRun.State.FETCHING) {
            Task.Fetch fetch = (Task.Fetch) bench.run.tasks().get(0);
            bench.enter(new Deed.Fetched(fetch.thing().key(), ""));
        }
        return bench;
    }

    static Manual manual(Step... steps) {
        Manual empty = Manual.titled("x");
        Stage all = empty.stages().get(2).withSteps(List.of(steps));
        return empty.withStages(List.of(all));
    }

    /** Steps a, b, c … with nothing in them. */
    static Manual plain(String... names) {
        return manual(Arrays.stream(names).map(Bench::step).toArray(Step[]::new));
    }

    static Step step(String name) {
        return Step.of(new Id<>(name), name, List.of(), List.of());
    }

    static Step step(String name, UnaryOperator<Step> with) {
        return with.apply(step(name));
    }

    static Reading reading(String id, String limit, int count) {
        return Reading.of(id, Value.of(limit), count, null).withId(new Id<>(id));
    }

    void later(double seconds) {
        now = now.plusMillis(Math.round(seconds * 1000));
    }

    Entry entry(Deed deed) {
        return new Entry(now, "T. Ester", deed);
    }

    void enter(Deed deed) {
        later(1);
        run.take(entry(deed));
    }

    /** It is not taken, for a reason in which these words occur, and nothing is changed. */
    void refused(Deed deed, String why) {
        int before = run.size();
        assertThatThrownBy(() -> enter(deed))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(why);
        assertThat(run.size()).isEqualTo(before);
    }

    /** What kinds of things are asked now. */
    List<String> kinds() {
        return run.tasks().stream().map(t -> t.getClass().getSimpleName()).toList();
    }

    Visit here() {
        return run.here().orElseThrow().visit();
    }

    StepWork work() {
        return run.here().orElseThrow();
    }

    void measure(String typed) {
        Task.Measure task =
                run.tasks().stream()
                        .filter(Task.Measure.class::isInstance)
                        .map(Task.Measure.class::cast)
                        .findFirst()
                        .orElseThrow();
        enter(new Deed.Measured(here(), task.reading(), task.which(), typed, ""));
    }

    void measureAgain(int reading, int which, String typed) {
        enter(new Deed.Measured(here(), reading, which, typed, ""));
    }

    void done() {
        enter(new Deed.Done(here()));
    }

    /** Does all steps to the end, and tells which came. */
    List<String> toTheEnd() {
        List<String> came = new ArrayList<>();
        while (run.here().isPresent()) {
            came.add(here().step().text());
            done();
        }
        return came;
    }
}
