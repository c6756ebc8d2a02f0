package methodos.core.bench;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.Consumer;
import methodos.core.fit.TriedFit;
import methodos.core.manual.Answer;
import methodos.core.manual.Decision;
import methodos.core.manual.Joint;
import methodos.core.manual.PartUse;
import methodos.core.manual.Reading;
import methodos.core.manual.Wait;
import methodos.core.plan.StepTime;
import methodos.core.plan.StepTimes;
import methodos.core.quantity.Bound;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;

/**
 * Somebody simulated who works through a manual and slips now and then. What he measures lies
 * within the limits unless he slips; a step takes a time that is drawn from its estimate. The same
 * seed gives the same run.
 */
public final class Technician {

    private static final String WITNESS = "second person";
    private static final String TORQUE_WRENCH = "simulated torque wrench";
    private static final double BY_WRENCH = 0.3;
    private static final double MEASURED_AGAIN = 0.6;
    private static final int MOST_TRIES = 6;
    private static final double NOTICED_LATER = 10;
    private static final double SIZE = 10;
    private static final long NIGHT = 15L * 3600;

    private final String name;
    private final Slips slips;
    private final SplittableRandom random;
    private final StepTimes times;
    private int tried;
    private int refused;
    private Instant now;
    private BenchRun run;
    private Consumer<Entry> pen;

    /**
     * @param times how long steps take
     */
    public Technician(String name, Slips slips, StepTimes times, long seed) {
        this.name = name;
        this.slips = slips;
        this.times = times;
        this.random = new SplittableRandom(seed);
    }

    /** How many entries he tried that were not allowed at that moment. */
    public int tried() {
        return tried;
    }

    /** How many of them were refused. */
    public int refused() {
        return refused;
    }

    /**
     * Works from where a run is until it is finished.
     *
     * @param begun the unit, for a run that has not begun
     * @param from when he begins
     * @param pen is told each entry once it is taken
     */
    public void work(BenchRun run, Deed.Begun begun, Instant from, Consumer<Entry> pen) {
        this.run = run;
        this.pen = pen;
        now = from;
        if (run.state() == BenchRun.State.NOT_BEGUN) {
            enter(begun, 0);
        } else if (run.state() == BenchRun.State.STOPPED) {
            enter(new Deed.WentOn(), 0);
        }
        while (run.state() == BenchRun.State.WORKING || run.state() == BenchRun.State.FETCHING) {
            if (slips(slips.stop())) {
                enter(new Deed.Stopped(), 1);
                enter(new Deed.WentOn(), NIGHT);
            }
            skip();
            notice();
            task(run.tasks().get(0));
        }
    }

    private boolean slips(double rate) {
        return rate > 0 && random.nextDouble() < rate;
    }

    private void enter(Deed deed, double seconds) {
        now = now.plusMillis(Math.round(seconds * 1000));
        Entry entry = new Entry(now, name, deed);
        run.take(entry);
        pen.accept(entry);
    }

    /** Tries something that is not to be done now: a run that takes it would be wrong. */
    private void refused(Deed deed) {
        tried++;
        Entry entry = new Entry(now, name, deed);
        try {
            run.take(entry);
        } catch (IllegalArgumentException e) {
            refused++;
            return;
        }
        pen.accept(entry);
    }

    private void skip() {
        Optional<StepWork> here = run.here();
        if (here.isPresent()
                && !(run.tasks().get(0) instanceof Task.Finish)
                && slips(slips.skip())) {
            refused(new Deed.Done(here.get().visit()));
        }
    }

    /** Sees now and then that a reading of an earlier step was written down wrongly. */
    private void notice() {
        if (run.state() != BenchRun.State.WORKING || !slips(slips.mistype() / NOTICED_LATER)) {
            return;
        }
        StepWork earlier = run.visits().get(random.nextInt(run.visits().size()));
        List<Reading> readings = earlier.step().readings();
        for (int i = 0; i < readings.size(); i++) {
            if (!earlier.taken(i, 0).isEmpty()) {
                String right = value(readings.get(i), slips(slips.outside()));
                enter(new Deed.Corrected(earlier.visit(), i, 0, right, "misread"), 8);
                return;
            }
        }
    }

    private void task(Task task) {
        if (task instanceof Task.Fetch fetch) {
            enter(
                    new Deed.Fetched(
                            fetch.thing().key(), slips(slips.outside() / 5) ? "none left" : ""),
                    5);
            return;
        }
        if (task instanceof Task.Await await) {
            await(await.on());
            return;
        }
        if (task instanceof Task.Close) {
            enter(new Deed.Finished(), 5);
            return;
        }
        if (task instanceof Task.AskReached ask) {
            reached(ask);
            return;
        }
        StepWork here = run.here().orElseThrow();
        Visit visit = here.visit();
        if (task instanceof Task.Settle) {
            enter(new Deed.Settled(visit, random.nextDouble() < 0.5), 5);
        } else if (task instanceof Task.Choose choose) {
            var ways = choose.alternative().ways();
            int way = slips(slips.wrongBranch()) ? random.nextInt(ways.size()) : 0;
            enter(new Deed.Chosen(visit, ways.get(way).id()), 3);
        } else if (task instanceof Task.Heed) {
            enter(new Deed.Warned(visit), 4);
        } else if (task instanceof Task.Measure measure) {
            measure(visit, measure);
        } else if (task instanceof Task.Judge judge) {
            enter(new Deed.Looked(visit, judge.look(), !slips(slips.outside())), 5);
        } else if (task instanceof Task.Try next) {
            enter(
                    new Deed.Tried(
                            visit,
                            next.decision().id(),
                            next.measure().symbol(),
                            any(next.measure()),
                            ""),
                    10);
        } else if (task instanceof Task.Deal deal) {
            deal(here, deal);
        } else if (task instanceof Task.Tighten tighten) {
            tighten(visit, tighten);
        } else if (task instanceof Task.Sign sign) {
            sign(visit, sign);
        } else if (task instanceof Task.Finish) {
            double rest = duration(here) - here.seconds();
            enter(new Deed.Done(visit), Math.max(1, rest));
        }
    }

    private void await(Task.RunningWait wait) {
        if (now.isBefore(wait.until())
                && wait.of().bound() != Wait.Bound.AT_MOST
                && slips(slips.early())) {
            refused(new Deed.WaitOver(wait.visit(), wait.index(), ""));
            enter(new Deed.WaitOver(wait.visit(), wait.index(), "in a hurry"), 5);
            return;
        }
        double left = Math.max(0, Duration.between(now, wait.until()).toMillis() / 1000.0);
        enter(new Deed.WaitOver(wait.visit(), wait.index(), ""), left);
    }

    private void reached(Task.AskReached ask) {
        Visit visit = run.visits().get(run.visits().size() - 1).visit();
        boolean may = ask.round() >= ask.repeat().least();
        if (!may && slips(slips.skip())) {
            refused(new Deed.Reached(visit, ask.repeat().id(), true));
        }
        enter(
                new Deed.Reached(
                        visit, ask.repeat().id(), may && random.nextDouble() < MEASURED_AGAIN),
                3);
    }

    /** A triangle from the best to the worst with its top where it is likely. */
    private double duration(StepWork here) {
        StepTime time = times.of(here.step(), run.work().stage(here.visit()).kind());
        double best = time.best() / time.times();
        double likely = time.likely() / time.times();
        double worst = time.worst() / time.times();
        double u = random.nextDouble();
        double width = worst - best;
        if (width <= 0) {
            return likely;
        }
        double top = (likely - best) / width;
        return u < top
                ? best + Math.sqrt(u * width * (likely - best))
                : worst - Math.sqrt((1 - u) * width * (worst - likely));
    }

    private void measure(Visit visit, Task.Measure task) {
        boolean outside = task.before().isEmpty() && slips(slips.outside());
        String value = value(task.of(), outside);
        if (slips(slips.mistype()) && !(task.of().answer() instanceof Answer.Written)) {
            refused(measured(visit, task, value + "x"));
            String swapped = swapped(value);
            if (!swapped.equals(value) && understood(task, swapped)) {
                enter(measured(visit, task, swapped), 8);
                enter(
                        new Deed.Corrected(
                                visit, task.reading(), task.which(), value, "typed wrongly"),
                        8);
                return;
            }
        }
        enter(measured(visit, task, value), 8);
    }

    private static Deed.Measured measured(Visit visit, Task.Measure task, String value) {
        return new Deed.Measured(visit, task.reading(), task.which(), value, "");
    }

    private boolean understood(Task.Measure task, String typed) {
        try {
            run.judge(run.here().orElseThrow(), task.reading(), task.which(), typed);
            return true;
        } catch (IllegalArgumentException e) {
            return false;
        }
    }

    /** The first two digits that differ, the other way round. */
    private static String swapped(String value) {
        char[] chars = value.toCharArray();
        for (int i = 0; i + 1 < chars.length; i++) {
            if (Character.isDigit(chars[i])
                    && Character.isDigit(chars[i + 1])
                    && chars[i] != chars[i + 1]) {
                char first = chars[i];
                chars[i] = chars[i + 1];
                chars[i + 1] = first;
                return String.valueOf(chars);
            }
        }
        return value;
    }

    private String value(Reading reading, boolean outside) {
        if (reading.answer() instanceof Answer.Choice choice) {
            List<String> good = choice.good().isEmpty() ? choice.answers() : choice.good();
            List<String> bad = new ArrayList<>(choice.answers());
            bad.removeAll(good);
            List<String> from = outside && !bad.isEmpty() ? bad : good;
            return from.get(random.nextInt(from.size()));
        }
        if (reading.answer() instanceof Answer.Written written) {
            return written.among().isEmpty() || outside
                    ? "X" + random.nextInt(1000, 10_000)
                    : written.among().get(random.nextInt(written.among().size()));
        }
        if (reading.answer() instanceof Answer.Noted || reading.known().isEmpty()) {
            return number(1 + random.nextInt(50), 0);
        }
        return number(reading.known().get(), outside);
    }

    private String number(Quantity limit, boolean outside) {
        Bound min = limit.min();
        Bound max = limit.max();
        double low = min == null ? max.value().toDouble() - 1 : min.value().toDouble();
        double high = max == null ? low + Math.max(1, Math.abs(low) * 0.1) : max.value().toDouble();
        if (min == null) {
            // a large one is a size, a small one is wear, of which nought is the best
            low = high > SIZE ? 0.9 * high : Math.min(0, high);
        }
        double width = high - low;
        double share = 0.1 + 0.8 * random.nextDouble();
        double value = low + share * width;
        if (outside) {
            double beyond = Math.max(width, Math.abs(high) * 0.05 + 0.01) * share;
            value =
                    min == null || max != null && random.nextInt(2) == 0
                            ? high + beyond
                            : low - beyond;
        }
        return number(value, digits(limit));
    }

    /** One digit more than the limit is given with. */
    private static int digits(Quantity limit) {
        int point = limit.digits().indexOf('.');
        int after = 0;
        for (int i = point + 1; point >= 0 && i < limit.digits().length(); i++) {
            if (!Character.isDigit(limit.digits().charAt(i))) {
                break;
            }
            after++;
        }
        return after + 1;
    }

    private static String number(double value, int digits) {
        return BigDecimal.valueOf(value).setScale(digits, RoundingMode.HALF_UP).toPlainString();
    }

    private String any(Decision.Measure measure) {
        if (!measure.choices().isEmpty()) {
            return measure.choices().get(random.nextInt(measure.choices().size()));
        }
        double low = measure.range().min().value().toDouble();
        double high = measure.range().max().value().toDouble();
        return number(low + (high - low) * random.nextDouble(), 2);
    }

    /** Fits another size, or puts it right and measures again, or settles it in words. */
    private void deal(StepWork here, Task.Deal deal) {
        if (!(deal.what() instanceof Outside.OfReading of)
                || here.taken(of.reading(), of.which()).size() > MOST_TRIES
                || deal.reading().answer() instanceof Answer.Reckoned
                || random.nextDouble() > MEASURED_AGAIN) {
            List<PartUse> parts = here.step().parts();
            boolean renews = !parts.isEmpty() && !(deal.what() instanceof Outside.OfDecision);
            enter(
                    new Deed.Dealt(
                            here.visit(),
                            deal.what(),
                            renews ? "" : "left as it is, to be released",
                            renews ? parts.get(random.nextInt(parts.size())).part() : null),
                    30);
            return;
        }
        if (deal.reading().fit() != null && fit(here, deal.reading(), of)) {
            return;
        }
        enter(
                new Deed.Measured(
                        here.visit(), of.reading(), of.which(), value(deal.reading(), false), ""),
                60);
    }

    private boolean fit(StepWork here, Reading reading, Outside.OfReading of) {
        Quantity limit = reading.known().orElseThrow();
        Quantity was = reading.fit().stock().get(random.nextInt(reading.fit().stock().size()));
        String gap = here.last(of.reading(), of.which()).orElseThrow().answer().given();
        Optional<TriedFit> fit = TriedFit.of(limit, reading.fit(), was.print() + "; " + gap);
        Optional<String> size =
                fit.flatMap(f -> f.choice().chosen())
                        .map(i -> reading.fit().stock().get(i).print());
        size.ifPresent(
                s ->
                        enter(
                                new Deed.Fitted(
                                        here.visit(), of.reading(), of.which(), was.print(), s),
                                60));
        return size.isPresent();
    }

    private void tighten(Visit visit, Task.Tighten task) {
        Joint joint = task.joint();
        Optional<Quantity> asked = Fastening.value(joint, task.round());
        String value = "";
        if (asked.isPresent() && random.nextDouble() < BY_WRENCH) {
            if (slips(slips.mistype())) {
                refused(
                        new Deed.Tightened(
                                visit,
                                joint.id(),
                                task.round(),
                                task.screw(),
                                tenTimes(asked.get()),
                                TORQUE_WRENCH));
            }
            value = middle(asked.get());
        }
        enter(
                new Deed.Tightened(
                        visit,
                        joint.id(),
                        task.round(),
                        task.screw(),
                        value,
                        value.isEmpty() ? "" : TORQUE_WRENCH),
                3);
    }

    private static String middle(Quantity torque) {
        Rational sum = end(torque.min(), torque).plus(end(torque.max(), torque));
        return text(sum.over(Rational.of(2)), torque.unit());
    }

    private static String tenTimes(Quantity torque) {
        return text(end(torque.max(), torque).times(Rational.of(10)), torque.unit());
    }

    private static Rational end(Bound bound, Quantity of) {
        return bound != null ? bound.value() : (of.min() == null ? of.max() : of.min()).value();
    }

    private static String text(Rational value, MeasureUnit unit) {
        return value.toDecimal() + " " + unit.symbol();
    }

    private void sign(Visit visit, Task.Sign task) {
        boolean witness = task.sign() == Deed.Sign.WITNESSED;
        var energy = task.energy() == null ? null : task.energy().id();
        if (witness && slips(slips.skip())) {
            refused(new Deed.Signed(visit, task.sign(), energy, name));
        }
        enter(new Deed.Signed(visit, task.sign(), energy, witness ? WITNESS : name), 10);
    }
}
