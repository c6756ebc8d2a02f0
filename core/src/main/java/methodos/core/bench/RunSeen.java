package methodos.core.bench;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import methodos.core.description.Id;
import methodos.core.fit.JudgedAnswer;
import methodos.core.fit.ReadingVerdict;
import methodos.core.manual.Reading;
import methodos.core.manual.Step;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;

/**
 * What a run shows of the manual that it was worked by.
 *
 * @param serial of the unit
 * @param until when its last entry was made
 * @param steps those that were done, each once
 */
public record RunSeen(String serial, Instant until, List<AtStep> steps) {

    /** Nearer to a limit than this share of what may be, a reading is near it. */
    private static final Rational NEAR = Rational.of(1, 10);

    /**
     * A step in a run.
     *
     * @param step as it was worked by
     * @param seconds that were worked at it, all its repeats together
     * @param remarks what was said of the step itself
     * @param readings those that have a limit
     */
    public record AtStep(Step step, double seconds, List<Said> remarks, List<Seen> readings) {
        public AtStep {
            remarks = List.copyOf(remarks);
            readings = List.copyOf(readings);
        }
    }

    /** A remark on a step: unclear, or wrong. */
    public record Said(Deed.Remark kind, String words) {}

    /**
     * A reading as it was first found.
     *
     * @param what is read
     * @param value in the unit of the limit
     * @param near whether it is near its limit, or outside
     * @param outside whether it is outside
     */
    public record Seen(String what, double value, boolean near, boolean outside) {}

    public RunSeen {
        steps = List.copyOf(steps);
    }

    /** What a run shows, as far as it was worked. */
    public static RunSeen of(BenchRun run) {
        Map<Id<Step>, List<StepWork>> visits = new LinkedHashMap<>();
        run.visits().stream()
                .filter(v -> v.outcome() == StepWork.Outcome.DONE || !v.remarks().isEmpty())
                .forEach(v -> visits.computeIfAbsent(v.step().id(), s -> new ArrayList<>()).add(v));
        List<AtStep> steps = new ArrayList<>();
        visits.values().forEach(v -> steps.add(step(run, v)));
        return new RunSeen(
                run.begun().map(Deed.Begun::serial).orElse(""),
                run.entries().get(run.size() - 1).at(),
                steps);
    }

    private static AtStep step(BenchRun run, List<StepWork> visits) {
        List<Said> remarks = new ArrayList<>();
        List<Seen> readings = new ArrayList<>();
        double seconds = 0;
        for (StepWork visit : visits) {
            seconds += visit.outcome() == StepWork.Outcome.DONE ? visit.seconds() : 0;
            visit.remarks().stream()
                    .filter(r -> r.kind() == Deed.Remark.UNCLEAR || r.kind() == Deed.Remark.WRONG)
                    .forEach(r -> remarks.add(new Said(r.kind(), r.text())));
            List<Reading> all = visit.step().readings();
            for (int i = 0; i < all.size(); i++) {
                for (int n = 0; n < all.get(i).count(); n++) {
                    seen(run, visit, i, n, readings);
                }
            }
        }
        return new AtStep(visits.get(0).step(), seconds, remarks, readings);
    }

    private static void seen(
            BenchRun run, StepWork visit, int index, int which, List<Seen> readings) {
        Reading reading = visit.step().readings().get(index);
        List<Taken> taken = visit.taken(index, which);
        JudgedAnswer answer =
                taken.isEmpty()
                        ? run.answer(visit, index, which).orElse(null)
                        : RunRecord.asFound(taken);
        if (answer == null || answer.judged().isEmpty() || reading.known().isEmpty()) {
            return;
        }
        Quantity limit = reading.known().get();
        Rational value =
                new Conversion(answer.judged().get(), limit.unit())
                        .exact(answer.judged().get().min());
        boolean outside = answer.is(ReadingVerdict.FAIL);
        boolean near = outside || answer.is(ReadingVerdict.MARGINAL) || near(limit, value);
        readings.add(new Seen(reading.what(), value.toDouble(), near, outside));
    }

    /** Of a limit with two ends a tenth of what lies between; of one, a tenth of a twentieth. */
    private static boolean near(Quantity limit, Rational value) {
        if (limit.about()) {
            return false;
        }
        boolean both = limit.min() != null && limit.max() != null;
        Rational width =
                both
                        ? limit.max().value().minus(limit.min().value())
                        : (limit.max() != null ? limit.max() : limit.min())
                                .value()
                                .abs()
                                .times(Rational.of(1, 20));
        Rational room = width.times(NEAR);
        boolean low = limit.min() != null && value.minus(limit.min().value()).compareTo(room) <= 0;
        boolean high =
                limit.max() != null
                        && limit.max().value().minus(value).compareTo(room) <= 0
                        // where nought is the best, a small whole number is no warning
                        && (both || width.signum() > 0);
        return low || high;
    }
}
