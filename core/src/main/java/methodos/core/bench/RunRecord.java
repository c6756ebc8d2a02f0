package methodos.core.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import methodos.core.fit.JudgedAnswer;
import methodos.core.fit.ReadingVerdict;
import methodos.core.manual.Answer;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Reading;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Step;
import methodos.core.quantity.Quantity;

/**
 * What a run leaves to be read: what was measured and judged, what went on new, what was done
 * otherwise than the manual says, who signed, and how long it took.
 */
public final class RunRecord {

    /** A step and the place at which it was done; the place is empty where there is one. */
    public record Where(int number, String place, Visit visit) {}

    /**
     * A reading.
     *
     * @param what with which of several it is: "free length of a spring, 3"
     * @param limit as it is given in the manual, null where there is none
     * @param found as it was first taken; of one that is reckoned, as it stands
     * @param left as it was left, the same where it was taken once
     * @param takings how often it was taken
     * @param renewed the part that was renewed for it, null where none was
     */
    public record Measured(
            Where where,
            String what,
            Quantity limit,
            JudgedAnswer found,
            JudgedAnswer left,
            int takings,
            String instrument,
            Part renewed) {

        /** What the limit says of it as it was left, empty where there is none. */
        public Optional<ReadingVerdict> verdict() {
            return left.verdict();
        }
    }

    /**
     * Something judged by eye, as found and as left.
     *
     * @param renewed the part that was renewed for it, null where none was
     */
    public record Judged(Where where, String what, boolean found, boolean left, Part renewed) {}

    /**
     * A decision with what was measured for it, and its verdict; empty where no rule gave one.
     *
     * @param values as they were entered, by what they are
     */
    public record Decided(Where where, String name, List<String> values, String verdict) {}

    /** Fasteners of a joint that were tightened, with what the wrench showed where it told. */
    public record Tightened(
            Where where, String joint, int fasteners, String asked, List<String> shown) {}

    /** A part that went on new. */
    public record NewPart(Part part, int count) {}

    /** A signature at a step. */
    public record Signature(Where where, StepWork.Signature of, String energy) {}

    /** A remark at a step. */
    public record Remark(Where where, StepWork.Remark of) {}

    private final BenchRun run;

    private RunRecord(BenchRun run) {
        this.run = run;
    }

    /**
     * Reads a run.
     *
     * @throws IllegalArgumentException if it has not begun
     */
    public static RunRecord of(BenchRun run) {
        if (run.begun().isEmpty()) {
            throw new IllegalArgumentException("The run has not begun.");
        }
        return new RunRecord(run);
    }

    public BenchRun run() {
        return run;
    }

    static Where where(StepWork visit) {
        return new Where(visit.number(), visit.place(), visit.visit());
    }

    private List<StepWork> worked() {
        return run.visits().stream()
                .filter(v -> v.outcome() != StepWork.Outcome.OTHER_WAY)
                .toList();
    }

    private Manual manual() {
        return run.work().manual();
    }

    /** Who worked, in the order in which they came. */
    public List<String> people() {
        Set<String> people = new LinkedHashSet<>();
        run.entries().forEach(e -> people.add(e.by()));
        return List.copyOf(people);
    }

    public Instant from() {
        return run.entries().get(0).at();
    }

    /** When the last entry was made. */
    public Instant until() {
        return run.entries().get(run.size() - 1).at();
    }

    /** Seconds that were worked at the steps. */
    public double hands() {
        return run.visits().stream().mapToDouble(StepWork::seconds).sum();
    }

    /** Seconds from the first entry to the last, without the stops. */
    public double elapsed() {
        double stopped = 0;
        Instant since = null;
        for (Entry entry : run.entries()) {
            if (entry.deed() instanceof Deed.Stopped) {
                since = entry.at();
            } else if (since != null) {
                stopped += Duration.between(since, entry.at()).toSeconds();
                since = null;
            }
        }
        return Duration.between(from(), until()).toSeconds() - stopped;
    }

    /** The instruments that sent readings. */
    public List<String> instruments() {
        Set<String> names = new TreeSet<>();
        for (Entry entry : run.entries()) {
            if (entry.deed() instanceof Deed.Measured m) {
                names.add(m.instrument());
            } else if (entry.deed() instanceof Deed.Tightened t) {
                names.add(t.instrument());
            } else if (entry.deed() instanceof Deed.Tried t) {
                names.add(t.instrument());
            }
        }
        names.remove("");
        return List.copyOf(names);
    }

    /** All readings, those that are reckoned too. */
    public List<Measured> readings() {
        List<Measured> all = new ArrayList<>();
        for (StepWork visit : worked()) {
            List<Reading> readings = visit.step().readings();
            for (int i = 0; i < readings.size(); i++) {
                for (int n = 0; n < readings.get(i).count(); n++) {
                    measured(visit, i, n).ifPresent(all::add);
                }
            }
        }
        return all;
    }

    private Optional<Measured> measured(StepWork visit, int index, int which) {
        Reading reading = visit.step().readings().get(index);
        String what =
                reading.count() == 1
                        ? reading.what()
                        : reading.what() + ", " + reading.labels().get(which);
        Quantity limit = reading.known().orElse(null);
        if (reading.answer() instanceof Answer.Reckoned) {
            return run.answer(visit, index, which)
                    .map(
                            a ->
                                    new Measured(
                                            where(visit),
                                            what,
                                            limit,
                                            a,
                                            a,
                                            0,
                                            "",
                                            renewed(visit, index, which)));
        }
        List<Taken> taken = visit.taken(index, which);
        if (taken.isEmpty()) {
            return Optional.empty();
        }
        Taken last = taken.get(taken.size() - 1);
        return Optional.of(
                new Measured(
                        where(visit),
                        what,
                        limit,
                        asFound(taken),
                        last.answer(),
                        taken.size(),
                        last.instrument(),
                        renewed(visit, index, which)));
    }

    private Part renewed(StepWork visit, int reading, int which) {
        return visit.renewed(new Outside.OfReading(reading, which))
                .flatMap(manual()::part)
                .orElse(null);
    }

    /** What was entered wrongly was never found. */
    static JudgedAnswer asFound(List<Taken> taken) {
        int first = 0;
        while (first + 1 < taken.size() && taken.get(first + 1).correction() != null) {
            first++;
        }
        return taken.get(first).answer();
    }

    /** All that was judged by eye. */
    public List<Judged> looks() {
        List<Judged> all = new ArrayList<>();
        for (StepWork visit : worked()) {
            for (int i = 0; i < visit.step().looks().size(); i++) {
                List<Boolean> looked = visit.looked(i);
                if (!looked.isEmpty()) {
                    all.add(
                            new Judged(
                                    where(visit),
                                    visit.step().looks().get(i).what(),
                                    looked.get(0),
                                    looked.get(looked.size() - 1),
                                    visit.renewed(new Outside.OfLook(i))
                                            .flatMap(manual()::part)
                                            .orElse(null)));
                }
            }
        }
        return all;
    }

    /** The decisions that were taken. */
    public List<Decided> decisions() {
        List<Decided> all = new ArrayList<>();
        for (StepWork visit : worked()) {
            for (DecisionWork one : visit.decisions()) {
                if (!one.entered().isEmpty()) {
                    all.add(
                            new Decided(
                                    where(visit),
                                    one.decision().name(),
                                    one.entered().stream()
                                            .map(
                                                    v ->
                                                            one.decision().nameOf(v.symbol())
                                                                    + " "
                                                                    + v.typed())
                                            .toList(),
                                    one.verdict().orElse("")));
                }
            }
        }
        return all;
    }

    /** The joints that were tightened, a row for each time. */
    public List<Tightened> tightenings() {
        List<Tightened> all = new ArrayList<>();
        for (StepWork visit : worked()) {
            Map<String, List<StepWork.Tight>> byJoint = new LinkedHashMap<>();
            visit.tightened()
                    .forEach(
                            t ->
                                    byJoint.computeIfAbsent(
                                                    t.joint().id().text(), j -> new ArrayList<>())
                                            .add(t));
            byJoint.values()
                    .forEach(
                            ticks -> {
                                var joint = ticks.get(0).joint();
                                int last = Fastening.lastRound(joint);
                                all.add(
                                        new Tightened(
                                                where(visit),
                                                joint.name(),
                                                visit.done(joint, last),
                                                Fastening.value(joint, last)
                                                        .map(Quantity::print)
                                                        .orElse(""),
                                                reached(joint, ticks)));
                            });
        }
        return all;
    }

    /** What each fastener came to at last, of those for which the wrench said so. */
    private static List<String> reached(Joint joint, List<StepWork.Tight> ticks) {
        Map<Integer, String> last = new TreeMap<>();
        for (StepWork.Tight tick : ticks) {
            if (tick.round() >= Fastening.wholeRound(joint) && !tick.value().isEmpty()) {
                last.put(tick.screw(), tick.value());
            }
        }
        return List.copyOf(last.values());
    }

    /** The parts that went on new, in the order of the parts list. */
    public List<NewPart> newParts() {
        Map<String, Integer> counts = new LinkedHashMap<>();
        for (StepWork visit : run.visits()) {
            if (visit.outcome() == StepWork.Outcome.DONE) {
                Step step = visit.step();
                visit.dealt().stream()
                        .filter(d -> d.renewed() != null)
                        .forEach(d -> counts.merge(d.renewed().text(), 1, Integer::sum));
                for (PartUse use : step.parts()) {
                    if (use.in(run.work().stage(visit.visit()).kind()) == PartUse.Handling.PUT_ON
                            && isNew(use)) {
                        counts.merge(use.part().text(), use.count(), Integer::sum);
                    }
                }
            }
        }
        return manual().parts().stream()
                .filter(p -> p.applicability().concerns(run.work().sight()))
                .filter(p -> counts.containsKey(p.id().text()))
                .map(p -> new NewPart(p, counts.get(p.id().text())))
                .toList();
    }

    private boolean isNew(PartUse use) {
        return use.supply() == PartUse.Supply.NEW
                || use.supply() == null
                        && manual().part(use.part())
                                .filter(p -> p.reuse() == ReuseRule.ALWAYS_NEW)
                                .isPresent();
    }

    /** Where the work departs from the manual, or from how things should be. */
    public List<Deviation> deviations() {
        return new Deviations(run, worked()).all();
    }

    /** All signatures. */
    public List<Signature> signatures() {
        List<Signature> all = new ArrayList<>();
        for (StepWork visit : run.visits()) {
            for (StepWork.Signature one : visit.signatures()) {
                String energy =
                        manual().energies().stream()
                                .filter(e -> e.id().text().equals(one.energy()))
                                .map(e -> e.name())
                                .findFirst()
                                .orElse("");
                all.add(new Signature(where(visit), one, energy));
            }
        }
        return all;
    }

    /** All remarks. */
    public List<Remark> remarks() {
        List<Remark> all = new ArrayList<>();
        run.visits().forEach(v -> v.remarks().forEach(r -> all.add(new Remark(where(v), r))));
        return all;
    }

    /**
     * Whether the unit passes as it was left: the work is finished, and nothing that has a limit is
     * outside it or bad, unless a part was renewed or a step of the manual done for just that.
     */
    public boolean passes() {
        return run.state() == BenchRun.State.FINISHED
                && worked().stream()
                        .allMatch(
                                v -> run.wrong(v).stream().allMatch(w -> v.renewed(w).isPresent()));
    }
}
