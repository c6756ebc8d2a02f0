package methodos.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.stream.Collectors;
import methodos.core.description.Id;
import methodos.core.manual.Alternative;
import methodos.core.manual.Kit;
import methodos.core.manual.Manual;
import methodos.core.manual.PartUse;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;

/**
 * The plan of a manual for some units: how long each step takes, what has to be done before it, who
 * does it when. Of alternatives the first way is planned; what is done only when something is
 * found, and what may be left out, is not planned but told apart.
 *
 * @param steps those that are planned, in the order in which they are told
 * @param leftOut those that are not, because they hang on a finding or may be left out
 */
public record ManualPlan(
        Sight sight,
        int people,
        List<PlannedStep> steps,
        List<PlannedStep> leftOut,
        WorkPlan plan) {

    private static final double ONE_IN_TEN = 1.28;

    /**
     * A step in the plan.
     *
     * @param number among the steps that these units have
     * @param alone seconds in which it needs nobody and is not yet done
     * @param after ids of the steps right before it; none of one that is not planned
     */
    public record PlannedStep(
            Step step,
            Stage.Kind stage,
            int number,
            StepTime time,
            double alone,
            List<Id<Step>> after) {

        private PlannedWork work(double from) {
            return new PlannedWork(
                    step.id().text(),
                    time.expected(),
                    alone,
                    from,
                    after.stream().map(Id::text).toList());
        }
    }

    /**
     * What may be otherwise than usual.
     *
     * @param people how many work, at least 1
     * @param kitsFrom seconds after the beginning at which the kits are there; 0 where they are
     * @param runs seconds that steps took in earlier runs
     */
    public record Asked(int people, double kitsFrom, Map<Id<Step>, List<Double>> runs) {

        /** Where nothing is known of earlier runs. */
        public Asked(int people, double kitsFrom) {
            this(people, kitsFrom, Map.of());
        }
    }

    public ManualPlan {
        steps = List.copyOf(steps);
        leftOut = List.copyOf(leftOut);
    }

    /**
     * @throws IllegalArgumentException with a sentence, if nobody works
     */
    public static ManualPlan of(Manual manual, Sight sight, Asked asked) {
        StepNumbers numbers = new StepNumbers(manual, sight);
        StepTimes times = new StepTimes(manual, sight, asked.runs);
        WorkOrder order = new WorkOrder(manual);
        List<PlannedStep> steps = new ArrayList<>();
        List<PlannedStep> leftOut = new ArrayList<>();
        List<PlannedWork> work = new ArrayList<>();
        for (Stage stage : manual.stages()) {
            for (Step step : stage.steps()) {
                OptionalInt number = numbers.of(step.id());
                if (number.isEmpty() || !usual(manual, step)) {
                    continue;
                }
                boolean perhaps =
                        step.optional() || step.onlyIfFound() != null || !step.onlyIf().isBlank();
                PlannedStep one =
                        new PlannedStep(
                                step,
                                stage.kind(),
                                number.getAsInt(),
                                times.of(step, stage.kind()),
                                times.alone(step),
                                perhaps ? List.of() : order.next(step, stage.kind()));
                if (perhaps) {
                    leftOut.add(one);
                } else {
                    steps.add(one);
                    work.add(one.work(needsKit(manual, one) ? asked.kitsFrom : 0));
                }
            }
        }
        WorkPlan plan = Scheduler.plan(work, asked.people);
        return new ManualPlan(sight, asked.people, steps, leftOut, plan);
    }

    /** Whether it is of the first way of its alternative, or of none. */
    private static boolean usual(Manual manual, Step step) {
        Optional<Alternative> alternative = manual.alternativeOf(step.way());
        return alternative.map(a -> a.ways().get(0).id().equals(step.way())).orElse(true);
    }

    private static boolean needsKit(Manual manual, PlannedStep one) {
        return one.step.parts().stream()
                .filter(u -> u.in(one.stage) == PartUse.Handling.PUT_ON)
                .filter(
                        u ->
                                u.supply() == PartUse.Supply.NEW
                                        || manual.part(u.part())
                                                .filter(p -> p.reuse() == ReuseRule.ALWAYS_NEW)
                                                .isPresent())
                .anyMatch(
                        u ->
                                manual.kits().stream()
                                        .map(Kit::contents)
                                        .flatMap(List::stream)
                                        .anyMatch(c -> c.part().equals(u.part())));
    }

    /** A planned step. */
    public Optional<PlannedStep> step(Id<Step> id) {
        return steps.stream().filter(s -> s.step.id().equals(id)).findFirst();
    }

    /** Seconds of work in each kind of stage. */
    public Map<Stage.Kind, Double> byStage() {
        return steps.stream()
                .collect(
                        Collectors.groupingBy(
                                PlannedStep::stage,
                                TreeMap::new,
                                Collectors.summingDouble(s -> s.time.expected())));
    }

    /** The steps that take longest, the longest first. */
    public List<PlannedStep> longest(int count) {
        return steps.stream()
                .sorted(
                        Comparator.comparingDouble((PlannedStep s) -> s.time.likely() + s.alone)
                                .reversed())
                .limit(count)
                .toList();
    }

    /** What waits for itself, the longest wait first. */
    public List<WorkPlan.Slot> waits() {
        return plan.slots().stream()
                .filter(s -> s.end() > s.free())
                .sorted(
                        Comparator.comparingDouble((WorkPlan.Slot s) -> s.end() - s.free())
                                .reversed())
                .toList();
    }

    /**
     * How well the work of all steps together is known: in eight of ten cases it lies between.
     * Expected times add up. What the footage shows is taken as independent, so there the variances
     * add up; what is assumed may be wrong for all steps in the same way, so there the deviations
     * themselves do.
     *
     * @return seconds, the shorter time first
     */
    public double[] range() {
        double mean = 0;
        double assumed = 0;
        double shown = 0;
        for (PlannedStep step : steps) {
            mean += step.time.expected();
            double deviation = step.time.deviation();
            if (step.time.ground() == StepTime.Ground.WORK) {
                assumed += deviation;
            } else {
                shown += deviation * deviation;
            }
        }
        double both = Math.hypot(assumed, Math.sqrt(shown));
        return new double[] {mean - ONE_IN_TEN * both, mean + ONE_IN_TEN * both};
    }
}
