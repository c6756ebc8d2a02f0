package methodos.core.plan;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import methodos.core.description.Id;
import methodos.core.manual.Action;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.PartUse;
import methodos.core.manual.RepeatedSteps;
import methodos.core.manual.Sight;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Wait;

/** Estimates how long the steps of a manual take for some units. */
public final class StepTimes {

    /** A film that shows less than this share of what a step should take has been cut. */
    private static final double CUT = 0.5;

    private static final double FILM_BEST = 0.8;
    private static final double FILM_WORST = 2;
    private static final double WORK_BEST = 0.5;
    private static final double WORK_WORST = 2.5;

    private final Manual manual;
    private final Sight sight;

    /** As many runs count as much as the estimate. */
    private static final double ESTIMATE_COUNTS = 3;

    private final RepeatedSteps repeated;
    private final Map<Id<Step>, List<Double>> runs;

    /**
     * @param sight the units
     */
    public StepTimes(Manual manual, Sight sight) {
        this(manual, sight, Map.of());
    }

    /**
     * @param sight the units
     * @param runs seconds that steps took in earlier runs
     */
    public StepTimes(Manual manual, Sight sight, Map<Id<Step>, List<Double>> runs) {
        this.manual = manual;
        this.sight = sight;
        this.runs = runs;
        this.repeated = new RepeatedSteps(manual);
    }

    /** How long somebody works at a step, all its repeats together. */
    public StepTime of(Step step, Stage.Kind stage) {
        StepTime estimate = estimate(step, stage);
        double[] taken =
                runs.getOrDefault(step.id(), List.of()).stream()
                        .mapToDouble(Double::doubleValue)
                        .sorted()
                        .toArray();
        return taken.length == 0 ? estimate : learned(estimate, taken);
    }

    /** What runs took, shrunk to the estimate while they are few. */
    private static StepTime learned(StepTime estimate, double[] taken) {
        double share = taken.length / (taken.length + ESTIMATE_COUNTS);
        double middle = (taken[(taken.length - 1) / 2] + taken[taken.length / 2]) / 2;
        return new StepTime(
                estimate.best() + share * (taken[0] - estimate.best()),
                estimate.likely() + share * (middle - estimate.likely()),
                estimate.worst() + share * (taken[taken.length - 1] - estimate.worst()),
                estimate.film(),
                estimate.shares(),
                estimate.times(),
                StepTime.Ground.RUNS);
    }

    private StepTime estimate(Step step, Stage.Kind stage) {
        List<StepTime.Share> shares = shares(step, stage);
        double work = shares.stream().mapToDouble(StepTime.Share::seconds).sum();
        double film = film(step);
        int times = repeated.of(step.id());
        return film >= CUT * work
                ? new StepTime(
                        FILM_BEST * film * times,
                        film * times,
                        FILM_WORST * film * times,
                        film,
                        shares,
                        times,
                        StepTime.Ground.FILM)
                : new StepTime(
                        Math.max(film, WORK_BEST * work) * times,
                        work * times,
                        WORK_WORST * work * times,
                        film,
                        shares,
                        times,
                        StepTime.Ground.WORK);
    }

    /** Seconds in which it needs nobody, all its repeats together. */
    public double alone(Step step) {
        return step.waits().stream().mapToDouble(Wait::seconds).sum() * repeated.of(step.id());
    }

    private double film(Step step) {
        double film = 0;
        for (Span span : step.spans()) {
            double dismissed =
                    manual.dismissals().stream().mapToDouble(d -> d.span().shared(span)).sum();
            film += Math.max(0, span.seconds() - dismissed);
        }
        return film;
    }

    private List<StepTime.Share> shares(Step step, Stage.Kind stage) {
        Map<Work, Integer> counts = new EnumMap<>(Work.class);
        manual.energies().stream()
                .filter(
                        e ->
                                e.safeSteps().contains(step.id())
                                        || e.restoreSteps().contains(step.id()))
                .forEach(e -> add(counts, Work.ENERGY, 1));
        step.parts().forEach(use -> part(counts, use, stage));
        step.actions().forEach(a -> action(counts, a));
        step.joints().forEach(j -> joint(counts, j));
        step.readings().stream()
                .filter(r -> r.applicability().concerns(sight))
                .forEach(r -> add(counts, Work.READING, r.count()));
        add(counts, Work.LOOK, step.looks().size());
        add(counts, Work.LOOK, step.expected().isBlank() ? 0 : 1);
        manual.decisions().stream()
                .filter(d -> step.id().equals(d.step()))
                .forEach(d -> add(counts, Work.DECISION, 1));
        add(counts, Work.AGENT, step.consumables().size());
        add(counts, Work.OTHER, counts.isEmpty() ? 1 : 0);
        add(counts, Work.READ, 1);
        return counts.entrySet().stream()
                .map(
                        e ->
                                new StepTime.Share(
                                        e.getKey(), e.getValue(), e.getKey().seconds(e.getValue())))
                .toList();
    }

    private static void add(Map<Work, Integer> counts, Work work, int count) {
        if (count > 0) {
            counts.merge(work, count, Integer::sum);
        }
    }

    private void part(Map<Work, Integer> counts, PartUse use, Stage.Kind stage) {
        boolean has =
                manual.part(use.part()).filter(p -> p.applicability().concerns(sight)).isPresent();
        if (has) {
            switch (use.in(stage)) {
                case TAKEN_OFF -> add(counts, Work.PART_OFF, use.count());
                case PUT_ON -> add(counts, Work.PART_ON, use.count());
                case LOOKED_AT, TOUCHED -> add(counts, Work.PART_TOUCHED, use.count());
            }
        }
    }

    private void joint(Map<Work, Integer> counts, Id<Joint> id) {
        manual.joint(id)
                .filter(j -> j.applicability().concerns(sight))
                .ifPresent(
                        j ->
                                add(
                                        counts,
                                        Work.TIGHTENED,
                                        Math.max(1, j.count()) * (1 + j.stages().size())));
    }

    private void action(Map<Work, Integer> counts, Action action) {
        int fasteners =
                manual.joints().stream()
                        .filter(j -> j.id().equals(action.object()))
                        .mapToInt(j -> Math.max(1, j.count()))
                        .findFirst()
                        .orElse(1);
        switch (action.verb()) {
            case LOOSEN -> add(counts, Work.LOOSENED, fasteners);
            case TIGHTEN_BY_HAND -> add(counts, Work.TIGHTENED, fasteners);
            case PUT_IN_PLACE, TAKE_AWAY -> add(counts, Work.AID, action.count());
            case DRAIN, FILL -> add(counts, Work.FLUID, 1);
            case MARK, MATCH -> add(counts, Work.MARK, 1);
            case READ, RESET -> add(counts, Work.COUNTER, 1);
        }
    }
}
