package methodos.core.bench;

import static methodos.core.bench.Bench.reading;
import static methodos.core.bench.Bench.step;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import methodos.core.check.Matter;
import methodos.core.check.OpenPoint;
import methodos.core.check.OpenPoints;
import methodos.core.description.Id;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.narration.Workspace;
import methodos.core.plan.StepTime;
import methodos.core.plan.StepTimes;
import methodos.core.practice.PractisedManual;
import org.junit.jupiter.api.Test;

class LessonTest {

    private static final Manual MANUAL =
            Bench.manual(
                    step("a", s -> s.withReadings(List.of(reading("gap", "1.0 to 2.0 mm", 1)))),
                    step("b"));

    /** A run in which the first step takes some seconds and the gap is so wide. */
    private static RunSeen run(double seconds, String gap, Deed.Remark remark) {
        Bench bench = Bench.of(MANUAL);
        bench.measure(gap);
        if (remark != null) {
            bench.enter(new Deed.Noted(bench.here(), remark, "which one?", ""));
        }
        if (!bench.run.tasks().contains(new Task.Finish())) {
            bench.enter(
                    new Deed.Dealt(bench.here(), new Outside.OfReading(0, 0), "accepted", null));
        }
        bench.later(seconds - bench.work().seconds() - 1);
        bench.done();
        return RunSeen.of(bench.run);
    }

    private static List<Lesson> lessons(Manual manual, List<RunSeen> runs) {
        return Lesson.of(PractisedManual.of(manual), runs);
    }

    private static List<RunSeen> runs(String... gaps) {
        List<RunSeen> runs = new ArrayList<>();
        for (String gap : gaps) {
            runs.add(run(30, gap, null));
        }
        return runs;
    }

    @Test
    void aRemarkStandsUntilTheStepIsChanged() {
        List<RunSeen> runs =
                List.of(
                        run(30, "1.5", Deed.Remark.UNCLEAR),
                        run(30, "1.5", Deed.Remark.WRONG),
                        run(30, "1.5", Deed.Remark.NOTE));
        assertThat(lessons(MANUAL, runs))
                .containsExactly(
                        new Lesson(Lesson.Kind.UNCLEAR, new Id<>("a"), "which one?", 1, 3),
                        new Lesson(Lesson.Kind.WRONG, new Id<>("a"), "which one?", 1, 3));
        Step changed = MANUAL.step(new Id<>("a")).orElseThrow().withText("Measure the left gap.");
        assertThat(lessons(MANUAL.withStep(changed), runs)).isEmpty();
        assertThat(lessons(MANUAL.withoutStep(new Id<>("a")), runs)).isEmpty();
    }

    @Test
    void fiveOfSixNearTheLimitAreALesson() {
        assertThat(lessons(MANUAL, runs("1.05", "1.95", "1.9", "1.1", "2.3", "1.5")))
                .containsExactly(new Lesson(Lesson.Kind.NEAR_LIMIT, new Id<>("a"), "gap", 5, 6));
        assertThat(lessons(MANUAL, runs("1.05", "1.95", "1.9", "1.1", "1.5", "1.5"))).isEmpty();
        assertThat(lessons(MANUAL, runs("1.05", "1.95", "1.9", "1.1", "1.05")))
                .as("five runs alone")
                .isEmpty();
        assertThat(lessons(MANUAL, runs("1.05", "1.05", "1.5", "1.5", "1.5", "1.5", "1.5", "1.5")))
                .as("the last six count")
                .isEmpty();
    }

    private static StepTime planned(Map<Id<Step>, List<Double>> runs) {
        return new StepTimes(MANUAL, Sight.EVERYTHING, runs)
                .of(MANUAL.step(new Id<>("a")).orElseThrow(), Stage.Kind.INSPECT);
    }

    @Test
    void whatTakesFourTimesAsLongIsALesson() {
        double likely = planned(Map.of()).likely();
        List<RunSeen> slow =
                List.of(run(4.2 * likely, "1.5", null), run(5.2 * likely, "1.5", null));
        assertThat(lessons(MANUAL, slow))
                .containsExactly(new Lesson(Lesson.Kind.SLOW, new Id<>("a"), "", 5, 2));
        assertThat(lessons(MANUAL, slow.subList(0, 1))).as("once is none").isEmpty();
        assertThat(lessons(MANUAL, List.of(run(3 * likely, "1.5", null), slow.get(0))))
                .as("the middle of two is the greater")
                .hasSize(1);
    }

    @Test
    void runsReplaceEstimatesTheMoreThereAre() {
        double likely = planned(Map.of()).likely();
        Id<Step> a = new Id<>("a");
        double twice = 2 * likely;
        StepTime one = planned(Map.of(a, List.of(twice)));
        // one run counts a quarter, three count a half
        assertThat(one.likely()).isCloseTo(1.25 * likely, within(1e-6));
        assertThat(one.ground()).isEqualTo(StepTime.Ground.RUNS);
        assertThat(planned(Map.of(a, List.of(twice, twice, twice))).likely())
                .isCloseTo(1.5 * likely, within(1e-6));
        List<Double> many = java.util.Collections.nCopies(300, twice);
        StepTime learned = planned(Map.of(a, many));
        assertThat(learned.likely()).isCloseTo(twice, within(0.02 * twice));
        assertThat(learned.worst() - learned.best()).isLessThan(0.1 * twice);
    }

    @Test
    void theStepTimesOfRunsAreThoseOfTheStepAsItIs() {
        List<RunSeen> runs = List.of(run(40, "1.5", null), run(50, "1.5", null));
        assertThat(Lesson.times(PractisedManual.of(MANUAL), runs).get(new Id<Step>("a")))
                .containsExactly(40.0, 50.0);
    }

    @Test
    void itStandsAsAnOpenPointAtTheStep() {
        List<RunSeen> runs = List.of(run(30, "1.5", Deed.Remark.UNCLEAR));
        Workspace workspace = new Workspace(MANUAL, Map.of()).withRuns(runs);
        assertThat(OpenPoints.of(workspace, Sight.EVERYTHING))
                .contains(
                        new OpenPoint(
                                Matter.STEPS,
                                "open.bench.UNCLEAR",
                                List.of(1, "which one?", 1, 1),
                                new Id<>("a"),
                                null));
    }
}
