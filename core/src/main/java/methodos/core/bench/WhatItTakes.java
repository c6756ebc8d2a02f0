package methodos.core.bench;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import methodos.core.description.Id;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.plan.StepTimes;
import methodos.core.practice.PractisedManual;

/**
 * What the overhaul of many units would take, by working through the manual with a {@link
 * Technician} for each. It is as good as what it assumes: how often a unit is worn and somebody
 * slips, and how long steps take; it is for planning stock and hours, not for promising them.
 *
 * @param units how many were simulated
 * @param passed how many of them pass as they were left
 * @param deviating how many of them have anything that departs from the manual
 * @param refused entries that the bench did not take, of all units
 * @param hands seconds of work a unit
 * @param elapsed seconds from the first entry to the last a unit, without nights
 * @param parts what goes on new
 * @param perhaps steps that are done on some units only
 */
public record WhatItTakes(
        int units,
        int passed,
        int deviating,
        int refused,
        Spread hands,
        Spread elapsed,
        List<Used> parts,
        List<Perhaps> perhaps) {

    /**
     * Of ten units one takes less than the first, five less than the second, nine than the last.
     */
    public record Spread(double tenth, double median, double ninetieth) {

        static Spread of(double[] values) {
            double[] sorted = values.clone();
            Arrays.sort(sorted);
            return new Spread(at(sorted, 0.1), at(sorted, 0.5), at(sorted, 0.9));
        }

        private static double at(double[] sorted, double share) {
            return sorted[
                    (int) Math.min(sorted.length - 1L, Math.round(share * (sorted.length - 1)))];
        }
    }

    /**
     * A part that goes on new.
     *
     * @param mean how many a unit
     * @param most how many the unit takes that takes most
     */
    public record Used(Part part, double mean, int most) {}

    /**
     * A step that is done on some units only.
     *
     * @param share of the units that have the step, 0 to 1
     */
    public record Perhaps(Step step, double share) {}

    private static final Instant BEGINNING = Instant.EPOCH;

    public WhatItTakes {
        parts = List.copyOf(parts);
        perhaps = List.copyOf(perhaps);
    }

    /**
     * Works through units.
     *
     * @param sights from which each unit is one, all as often
     * @param units at least 1
     * @throws IllegalArgumentException if there is no unit
     */
    public static WhatItTakes of(
            PractisedManual practised, List<Sight> sights, int units, Slips slips, long seed) {
        if (units < 1 || sights.isEmpty()) {
            throw new IllegalArgumentException("At least one unit is simulated.");
        }
        Sum sum = new Sum(practised.manual(), units);
        List<WorkedManual> worked = new ArrayList<>();
        List<StepTimes> times = new ArrayList<>();
        for (Sight sight : sights) {
            worked.add(new WorkedManual(practised, sight));
            times.add(new StepTimes(practised.manual(), sight));
        }
        SplittableRandom random = new SplittableRandom(seed);
        for (int i = 0; i < units; i++) {
            int which = random.nextInt(sights.size());
            BenchRun run = new BenchRun(worked.get(which));
            Technician somebody =
                    new Technician("simulated", slips, times.get(which), random.nextLong());
            String model = sights.get(which).model();
            Deed.Begun begun =
                    new Deed.Begun(
                            model,
                            String.valueOf(i + 1),
                            null,
                            null,
                            practised.manual().title(),
                            "",
                            "");
            somebody.work(run, begun, BEGINNING, e -> {});
            sum.add(run, somebody);
        }
        return sum.result();
    }

    private static final class Sum {
        private final Manual manual;
        private final double[] hands;
        private final double[] elapsed;
        private final Map<Id<Part>, int[]> parts = new LinkedHashMap<>();
        private final Map<Id<Step>, int[]> done = new HashMap<>();
        private int units;
        private int passed;
        private int deviating;
        private int refused;

        Sum(Manual manual, int units) {
            this.manual = manual;
            this.hands = new double[units];
            this.elapsed = new double[units];
        }

        void add(BenchRun run, Technician somebody) {
            RunRecord record = RunRecord.of(run);
            hands[units] = record.hands();
            elapsed[units] = record.elapsed();
            units++;
            passed += record.passes() ? 1 : 0;
            deviating += record.deviations().isEmpty() ? 0 : 1;
            refused += somebody.refused();
            for (RunRecord.NewPart one : record.newParts()) {
                int[] count = parts.computeIfAbsent(one.part().id(), p -> new int[2]);
                count[0] += one.count();
                count[1] = Math.max(count[1], one.count());
            }
            Set<Id<Step>> steps = new HashSet<>();
            run.visits().stream()
                    .filter(v -> v.outcome() == StepWork.Outcome.DONE)
                    .forEach(v -> steps.add(v.step().id()));
            for (int i = 0; i < run.work().count(); i++) {
                WorkedManual.Line line = run.work().line(i);
                if (line.number() > 0) {
                    int[] count = done.computeIfAbsent(line.step().id(), s -> new int[2]);
                    count[0] += steps.contains(line.step().id()) ? 1 : 0;
                    count[1]++;
                }
            }
        }

        WhatItTakes result() {
            List<Used> used =
                    manual.parts().stream()
                            .filter(p -> parts.containsKey(p.id()))
                            .map(
                                    p ->
                                            new Used(
                                                    p,
                                                    (double) parts.get(p.id())[0] / units,
                                                    parts.get(p.id())[1]))
                            .toList();
            List<Perhaps> perhaps =
                    manual.steps()
                            .filter(s -> done.containsKey(s.id()))
                            .filter(s -> done.get(s.id())[0] < done.get(s.id())[1])
                            .map(
                                    s ->
                                            new Perhaps(
                                                    s,
                                                    (double) done.get(s.id())[0]
                                                            / done.get(s.id())[1]))
                            .toList();
            return new WhatItTakes(
                    units,
                    passed,
                    deviating,
                    refused,
                    Spread.of(hands),
                    Spread.of(elapsed),
                    used,
                    perhaps);
        }
    }
}
