package methodos.core.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import methodos.core.description.Id;
import methodos.core.manual.Manual;
import methodos.core.manual.Reading;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.plan.StepTimes;
import methodos.core.practice.PractisedManual;

/**
 * What the bench teaches of a step. It stands until the step is changed: a run that was worked by
 * another text of it says nothing of this one.
 *
 * @param subject what it is about: the words of a remark, or what is measured
 * @param count how many runs show it, or how many times as long it took
 * @param of how many runs were looked at
 */
public record Lesson(Kind kind, Id<Step> step, String subject, int count, int of) {

    /** What is taught. */
    public enum Kind {
        UNCLEAR,
        WRONG,
        /** It takes four times as long as it is planned with, or more. */
        SLOW,
        /** Five of the last six runs, or more, were near the limit. */
        NEAR_LIMIT
    }

    private static final int SLOW_BY = 4;
    private static final int LEAST_RUNS = 2;
    private static final int LOOKED_AT = 6;
    private static final int NEAR_OF_THEM = 5;

    /** Of all steps, in the order of the manual. */
    public static List<Lesson> of(PractisedManual practised, List<RunSeen> runs) {
        if (runs.isEmpty()) {
            return List.of();
        }
        Manual manual = practised.manual();
        StepTimes times = new StepTimes(manual, Sight.EVERYTHING);
        Map<Id<Step>, List<RunSeen.AtStep>> seen = seen(manual, runs);
        List<Lesson> lessons = new ArrayList<>();
        for (Stage stage : manual.stages()) {
            for (Step step : stage.steps()) {
                List<RunSeen.AtStep> of = seen.getOrDefault(step.id(), List.of());
                if (!of.isEmpty()) {
                    said(step, of, lessons);
                    slow(step, of, times.of(step, stage.kind()).likely(), lessons);
                    near(step, of, lessons);
                }
            }
        }
        return lessons;
    }

    /** By step, the runs that were worked by it as it is now, the last one last. */
    private static Map<Id<Step>, List<RunSeen.AtStep>> seen(Manual manual, List<RunSeen> runs) {
        Map<Id<Step>, Step> now = new HashMap<>();
        manual.steps().forEach(s -> now.put(s.id(), s));
        Map<Id<Step>, List<RunSeen.AtStep>> seen = new HashMap<>();
        for (RunSeen run : runs) {
            for (RunSeen.AtStep at : run.steps()) {
                Step step = now.get(at.step().id());
                if (step != null && same(step, at.step())) {
                    seen.computeIfAbsent(step.id(), s -> new ArrayList<>()).add(at);
                }
            }
        }
        return seen;
    }

    /** As far as the technician reads it; figures and readings of other units do not count. */
    private static boolean same(Step now, Step then) {
        return now.text().equals(then.text())
                && now.why().equals(then.why())
                && now.notes().equals(then.notes())
                && now.parts().equals(then.parts())
                && now.tools().equals(then.tools())
                && now.readings().containsAll(then.readings());
    }

    /** Seconds that steps took in earlier runs, those that were worked by the step as it is. */
    public static Map<Id<Step>, List<Double>> times(PractisedManual practised, List<RunSeen> runs) {
        Map<Id<Step>, List<Double>> times = new HashMap<>();
        seen(practised.manual(), runs)
                .forEach(
                        (step, all) ->
                                all.stream()
                                        .filter(a -> a.seconds() > 0)
                                        .forEach(
                                                a ->
                                                        times.computeIfAbsent(
                                                                        step,
                                                                        s -> new ArrayList<>())
                                                                .add(a.seconds())));
        return times;
    }

    private static void said(Step step, List<RunSeen.AtStep> of, List<Lesson> lessons) {
        for (RunSeen.AtStep at : of) {
            for (RunSeen.Said said : at.remarks()) {
                Kind kind = said.kind() == Deed.Remark.WRONG ? Kind.WRONG : Kind.UNCLEAR;
                lessons.add(new Lesson(kind, step.id(), said.words(), 1, of.size()));
            }
        }
    }

    private static void slow(
            Step step, List<RunSeen.AtStep> of, double likely, List<Lesson> lessons) {
        double[] seconds =
                of.stream()
                        .mapToDouble(RunSeen.AtStep::seconds)
                        .filter(s -> s > 0)
                        .sorted()
                        .toArray();
        if (seconds.length < LEAST_RUNS || likely <= 0) {
            return;
        }
        double middle = seconds[seconds.length / 2];
        if (middle >= SLOW_BY * likely) {
            lessons.add(
                    new Lesson(
                            Kind.SLOW,
                            step.id(),
                            "",
                            (int) Math.round(middle / likely),
                            seconds.length));
        }
    }

    private static void near(Step step, List<RunSeen.AtStep> of, List<Lesson> lessons) {
        List<RunSeen.AtStep> last = of.subList(Math.max(0, of.size() - LOOKED_AT), of.size());
        if (last.size() < LOOKED_AT) {
            return;
        }
        List<Reading> readings = last.get(last.size() - 1).step().readings();
        for (Reading reading : readings) {
            int near =
                    (int)
                            last.stream()
                                    .filter(
                                            a ->
                                                    a.readings().stream()
                                                            .anyMatch(
                                                                    r ->
                                                                            r.what()
                                                                                            .equals(
                                                                                                    reading
                                                                                                            .what())
                                                                                    && r.near()))
                                    .count();
            if (near >= NEAR_OF_THEM) {
                lessons.add(
                        new Lesson(Kind.NEAR_LIMIT, step.id(), reading.what(), near, last.size()));
            }
        }
    }
}
