package methodos.core.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.manual.Alternative;
import methodos.core.manual.Found;
import methodos.core.manual.Repeat;
import methodos.core.manual.Step;

/** The way through the steps of a manual, as what is entered leads. */
final class StepWalk {

    /** A step that was passed over since what it hangs on was not found. */
    private record PassedOver(int line, Found found) {}

    private final WorkedManual work;
    private final List<StepWork> visits;
    private final Measures measures;
    private final Map<Id<Alternative>, Id<Alternative.Way>> ways = new HashMap<>();
    private final Map<Id<Repeat>, Integer> rounds = new HashMap<>();
    private final List<PassedOver> passedOver = new ArrayList<>();

    private int at;
    private StepWork here;
    private WorkedManual.Loop asking;
    private boolean late;

    /**
     * @param visits to which each step is added that it comes to
     */
    StepWalk(WorkedManual work, List<StepWork> visits, Measures measures) {
        this.work = work;
        this.visits = visits;
        this.measures = measures;
    }

    /** Comes to the first step. */
    void begin() {
        onward(0);
    }

    /** The step that is worked at, empty before and behind all. */
    Optional<StepWork> here() {
        return Optional.ofNullable(here);
    }

    /** The repeat of which it is asked whether it is through. */
    Optional<Repeat> asking() {
        return Optional.ofNullable(asking).map(WorkedManual.Loop::repeat);
    }

    /** The alternative that has to be chosen from at a step. */
    Optional<Alternative> choice(Step step) {
        return work.manual().alternativeOf(step.way()).filter(a -> !ways.containsKey(a.id()));
    }

    /** Takes a way; where it is not that of the step, the step is left. */
    void choose(Alternative alternative, Id<Alternative.Way> way) {
        BenchRun.require(
                alternative.way(way).isPresent(), "“" + alternative.name() + "” has no such way.");
        ways.put(alternative.id(), way);
        if (!way.equals(here.step().way())) {
            leave(StepWork.Outcome.OTHER_WAY);
        }
    }

    private int gone(Repeat repeat) {
        return rounds.getOrDefault(repeat.id(), 0);
    }

    void reached(Deed.Reached deed) {
        BenchRun.require(
                asking != null && asking.repeat().id().equals(deed.repeat()),
                "That is not asked now.");
        WorkedManual.Loop loop = asking;
        Repeat repeat = loop.repeat();
        int done = round(repeat);
        BenchRun.require(
                !deed.reached() || done >= repeat.least(),
                "It is done at least " + repeat.least() + " times.");
        asking = null;
        boolean again = !deed.reached() && (repeat.most() == 0 || done < repeat.most());
        rounds.put(repeat.id(), again ? done : 0);
        if (again) {
            onward(loop.from());
        } else {
            behind(loop.to(), loop);
        }
    }

    /** How often a repeat was gone round, the present time included. */
    int round(Repeat repeat) {
        return 1 + gone(repeat);
    }

    /** Leaves the step and comes to the next. */
    void leave(StepWork.Outcome outcome) {
        here.outcome = outcome;
        here = null;
        if (late) {
            end();
        } else {
            behind(at, null);
        }
    }

    /**
     * Goes on behind a step: round again where something is repeated, else to the next.
     *
     * @param done the innermost of the repeats ending here that is through; null where none is
     */
    private void behind(int line, WorkedManual.Loop done) {
        boolean through = done == null;
        for (WorkedManual.Loop loop : work.loopsTo(line)) {
            if (!through) {
                through = loop.equals(done);
                continue;
            }
            Repeat repeat = loop.repeat();
            boolean until = repeat.places().isEmpty();
            if (until && workedIn(loop)) {
                asking = loop;
                at = line;
                return;
            }
            int round = round(repeat);
            if (!until && round < repeat.times()) {
                rounds.put(repeat.id(), round);
                onward(loop.from());
                return;
            }
            rounds.put(repeat.id(), 0);
        }
        onward(line + 1);
    }

    /** Whether anything of a repeat was done in its last round. */
    private boolean workedIn(WorkedManual.Loop loop) {
        for (int i = visits.size() - 1; i >= 0; i--) {
            int line = visits.get(i).line();
            if (line < loop.from() || line > loop.to()) {
                return false;
            }
            if (visits.get(i).outcome() == StepWork.Outcome.DONE) {
                return true;
            }
        }
        return false;
    }

    /** Comes to the next step, from a line on, that is done or of which it is to be asked. */
    private void onward(int from) {
        for (int line = from; line < work.count(); line++) {
            if (comesTo(line)) {
                come(line);
                return;
            }
            if (!work.loopsTo(line).isEmpty()) {
                behind(line, null);
                return;
            }
        }
        at = work.count();
        end();
    }

    private void come(int line) {
        at = line;
        Step step = work.line(line).step();
        int time = 1 + (int) visits.stream().filter(v -> v.line() == line).count();
        Visit visit = new Visit(step.id(), time);
        here = new StepWork(work, visit, line, place(line));
        visits.add(here);
    }

    private String place(int line) {
        List<String> places = new ArrayList<>();
        for (int to = line; to < work.count(); to++) {
            for (WorkedManual.Loop loop : work.loopsTo(to)) {
                int round = gone(loop.repeat());
                if (loop.from() <= line && round > 0 && round <= loop.repeat().places().size()) {
                    places.add(loop.repeat().places().get(round - 1));
                }
            }
        }
        return String.join(", ", places);
    }

    private boolean comesTo(int line) {
        WorkedManual.Line of = work.line(line);
        if (of.number() == 0) {
            return false;
        }
        Optional<Alternative> alternative = work.manual().alternativeOf(of.step().way());
        if (alternative.isPresent()
                && ways.containsKey(alternative.get().id())
                && !of.step().way().equals(ways.get(alternative.get().id()))) {
            return false;
        }
        Found found = of.step().onlyIfFound();
        if (found != null && measures.found(found).equals(Optional.of(false))) {
            passedOver.add(new PassedOver(line, found));
            return false;
        }
        return true;
    }

    /**
     * Comes to what was passed over and has become due, and back to what a later entry has put
     * outside; where nothing is, the work is done.
     */
    private void end() {
        for (PassedOver one : List.copyOf(passedOver)) {
            boolean done =
                    visits.stream()
                            .anyMatch(
                                    v ->
                                            v.line() == one.line()
                                                    && v.outcome() != StepWork.Outcome.OPEN);
            if (!done && measures.found(one.found()).equals(Optional.of(true))) {
                late = true;
                passedOver.remove(one);
                come(one.line());
                return;
            }
        }
        here =
                visits.stream()
                        .filter(v -> v.outcome() == StepWork.Outcome.DONE && v.asks(measures))
                        .findFirst()
                        .orElse(null);
        if (here != null) {
            late = true;
            at = here.line();
            here.outcome = StepWork.Outcome.OPEN;
        }
    }
}
