package methodos.core.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.fit.JudgedAnswer;
import methodos.core.manual.Alternative;
import methodos.core.manual.Repeat;
import methodos.core.manual.Step;
import methodos.core.manual.Wait;

/**
 * One unit worked through by a manual, as far as the entries of its record lead. Each entry is held
 * against what is asked at that moment, so that nothing is left out unsaid: a step is done when its
 * hazards are acknowledged, its readings taken, what is outside settled, its fasteners tightened
 * round by round, and what is to be signed is signed. Steps come in the order of the manual, as
 * branches, ways, decisions and repeats lead; while a wait runs, those that do not hang on it go
 * on. At the end come those that were passed over and have become due by a later entry.
 */
public final class BenchRun {

    /** How far a run is. */
    public enum State {
        NOT_BEGUN,
        FETCHING,
        WORKING,
        STOPPED,
        FINISHED,
        GIVEN_UP
    }

    /** A wait that is over. */
    public record WaitEnd(Task.RunningWait of, String early) {}

    private static final double MILLIS = 1000;

    private final WorkedManual work;
    private final List<Entry> entries = new ArrayList<>();
    private final List<StepWork> visits = new ArrayList<>();
    private final Measures measures;
    private final StepWalk walk;
    private final Map<String, String> fetched = new LinkedHashMap<>();
    private final List<Task.RunningWait> running = new ArrayList<>();
    private final List<WaitEnd> waited = new ArrayList<>();

    private State state = State.NOT_BEGUN;
    private Deed.Begun begun;

    /** A run that is not begun. */
    public BenchRun(WorkedManual work) {
        this.work = work;
        this.measures = new Measures(work, visits);
        this.walk = new StepWalk(work, visits, measures);
    }

    /**
     * A run as far as its entries lead.
     *
     * @throws IllegalArgumentException with a sentence if one of them cannot follow on the others
     */
    public static BenchRun of(WorkedManual work, List<Entry> entries) {
        BenchRun run = new BenchRun(work);
        entries.forEach(run::take);
        return run;
    }

    public WorkedManual work() {
        return work;
    }

    public State state() {
        return state;
    }

    /** How it began, empty before. */
    public Optional<Deed.Begun> begun() {
        return Optional.ofNullable(begun);
    }

    public List<Entry> entries() {
        return List.copyOf(entries);
    }

    /** How many entries there are. */
    public int size() {
        return entries.size();
    }

    /** All visits of steps, the one that is open last. */
    public List<StepWork> visits() {
        return List.copyOf(visits);
    }

    /** The step that is worked at, empty before and after the work. */
    public Optional<StepWork> here() {
        return walk.here();
    }

    /** The visit of a step. */
    public Optional<StepWork> at(Visit visit) {
        return visits.stream().filter(v -> v.visit().equals(visit)).findFirst();
    }

    /** The waits that are running. */
    public List<Task.RunningWait> running() {
        return List.copyOf(running);
    }

    /** The waits that are over, in the order in which they ended. */
    public List<WaitEnd> waited() {
        return List.copyOf(waited);
    }

    /** The things that it is worked without, by their keys, with why. */
    public Map<String, String> missing() {
        Map<String, String> missing = new LinkedHashMap<>();
        fetched.forEach(
                (thing, why) -> {
                    if (!why.isEmpty()) {
                        missing.put(thing, why);
                    }
                });
        return missing;
    }

    /** Whether a thing was fetched, or settled that it is worked without. */
    public boolean fetched(String thing) {
        return fetched.containsKey(thing);
    }

    /** What of a visit is not as it should be, and no step of the manual is for it. */
    List<Outside> wrong(StepWork visit) {
        return visit.wrong(measures);
    }

    /** The answer that stands for a reading: the last one, or what is reckoned. */
    public Optional<JudgedAnswer> answer(StepWork at, int reading, int which) {
        return measures.answer(at, reading, which);
    }

    /**
     * What a reading would be judged as, before it is entered.
     *
     * @throws IllegalArgumentException with a sentence if it is no answer to that reading
     */
    public JudgedAnswer judge(StepWork at, int reading, int which, String typed) {
        return measures.judge(at, reading, which, typed);
    }

    /** What is asked now, in the order in which it is usually done; nothing while it is stopped. */
    public List<Task> tasks() {
        if (state == State.FETCHING) {
            return work.fetch().stream()
                    .filter(t -> !fetched.containsKey(t.key()))
                    .<Task>map(Task.Fetch::new)
                    .toList();
        }
        if (state != State.WORKING) {
            return List.of();
        }
        Optional<Repeat> asking = walk.asking();
        if (asking.isPresent()) {
            return List.of(new Task.AskReached(asking.get(), walk.round(asking.get())));
        }
        StepWork here = walk.here().orElse(null);
        if (here == null) {
            return running.isEmpty()
                    ? List.of(new Task.Close())
                    : running.stream().<Task>map(Task.Await::new).toList();
        }
        List<Task.RunningWait> awaited = awaited();
        if (!awaited.isEmpty()) {
            return awaited.stream().<Task>map(Task.Await::new).toList();
        }
        Optional<Alternative> choice = walk.choice(here.step());
        if (choice.isPresent()) {
            return List.of(new Task.Choose(choice.get()));
        }
        return here.first(why(here.step())).map(List::of).orElseGet(() -> here.rest(measures));
    }

    /** Why it has to be asked whether a step is done. */
    private Optional<Task.Why> why(Step step) {
        if (step.onlyIfFound() != null && measures.found(step.onlyIfFound()).isEmpty()) {
            return Optional.of(new Task.Why.NotFound(step.onlyIfFound()));
        }
        if (!step.onlyIf().isBlank()) {
            return Optional.of(new Task.Why.Words(step.onlyIf()));
        }
        return step.optional()
                ? Optional.of(new Task.Why.Optional(step.optionalWhy()))
                : Optional.empty();
    }

    /**
     * Takes the next entry.
     *
     * @throws IllegalArgumentException with a sentence if it is not asked for, or not understood;
     *     nothing is changed then
     */
    public void take(Entry entry) {
        Deed deed = entry.deed();
        if (!entries.isEmpty() && entry.at().isBefore(entries.get(entries.size() - 1).at())) {
            throw refused("The clock was set back: this entry would lie before the last one.");
        }
        StepWork was = workedAt().orElse(null);
        if (deed instanceof Deed.AtStep atStep) {
            atStep(entry, atStep);
        } else {
            ofRun(entry, deed);
        }
        if (was != null && !entries.isEmpty()) {
            Instant before = entries.get(entries.size() - 1).at();
            was.seconds += Duration.between(before, entry.at()).toMillis() / MILLIS;
        }
        entries.add(entry);
    }

    /**
     * The step at which time is worked now: none while it is stopped, and while it waits for a wait
     * to be over.
     */
    public Optional<StepWork> workedAt() {
        return state == State.WORKING && awaited().isEmpty() ? walk.here() : Optional.empty();
    }

    /** The waits on which the step hangs that is come to. */
    private List<Task.RunningWait> awaited() {
        return walk.here()
                .map(
                        h ->
                                running.stream()
                                        .filter(
                                                w ->
                                                        work.hangsOn(
                                                                h.line(),
                                                                work.lineOf(w.visit().step())))
                                        .toList())
                .orElse(List.of());
    }

    private static IllegalArgumentException refused(String why) {
        return new IllegalArgumentException(why);
    }

    private void ofRun(Entry entry, Deed deed) {
        if (deed instanceof Deed.Begun b) {
            require(state == State.NOT_BEGUN, "The run has begun already.");
            require(!entry.by().isBlank(), "Say who works.");
            require(!b.serial().isBlank(), "The serial number is missing.");
            begun = b;
            state = State.FETCHING;
            fetchedAll();
        } else if (deed instanceof Deed.Fetched f) {
            require(state == State.FETCHING, "Nothing is fetched now.");
            require(
                    work.fetch().stream().anyMatch(t -> t.key().equals(f.thing())),
                    "That is not on the list.");
            fetched.put(f.thing(), f.missing());
            fetchedAll();
        } else if (deed instanceof Deed.Stopped) {
            require(state == State.WORKING || state == State.FETCHING, "There is nothing to stop.");
            state = State.STOPPED;
        } else if (deed instanceof Deed.WentOn) {
            require(state == State.STOPPED, "The work is not stopped.");
            require(!entry.by().isBlank(), "Say who works.");
            state = fetched.size() < work.fetch().size() ? State.FETCHING : State.WORKING;
        } else if (deed instanceof Deed.Finished) {
            require(
                    !tasks().isEmpty() && tasks().get(0) instanceof Task.Close,
                    "The work is not done yet.");
            state = State.FINISHED;
        } else if (deed instanceof Deed.GivenUp g) {
            require(
                    state != State.NOT_BEGUN && state != State.FINISHED && state != State.GIVEN_UP,
                    "There is no work to give up.");
            require(!g.why().isBlank(), "Say why the work is given up.");
            state = State.GIVEN_UP;
        }
    }

    static void require(boolean held, String otherwise) {
        if (!held) {
            throw refused(otherwise);
        }
    }

    private void fetchedAll() {
        if (fetched.size() == work.fetch().size()) {
            state = State.WORKING;
            walk.begin();
        }
    }

    private void atStep(Entry entry, Deed.AtStep deed) {
        require(state == State.WORKING, "Nothing can be entered now.");
        StepWork of =
                at(deed.visit()).orElseThrow(() -> refused("That step has not been come to."));
        if (deed instanceof Deed.Noted n) {
            require(!n.words().isBlank() || !n.file().isBlank(), "Say what is to be remembered.");
            of.remark(new StepWork.Remark(entry.at(), entry.by(), n.remark(), n.words(), n.file()));
        } else if (deed instanceof Deed.Corrected c) {
            require(!of.taken(c.reading(), c.which()).isEmpty(), "Nothing was entered there yet.");
            require(!c.why().isBlank(), "Say why it was wrong.");
            JudgedAnswer answer = measures.judge(of, c.reading(), c.which(), c.typed());
            of.take(c.reading(), c.which(), new Taken(entry.at(), entry.by(), answer, "", c.why()));
        } else if (deed instanceof Deed.WaitOver w) {
            over(w, entry);
        } else if (deed instanceof Deed.Reached r) {
            walk.reached(r);
        } else {
            begunStep(entry, deed, of);
        }
    }

    private void begunStep(Entry entry, Deed.AtStep deed, StepWork of) {
        Task first = tasks().get(0);
        StepWork here = walk.here().orElse(null);
        if (deed instanceof Deed.Settled s) {
            require(of == here && first instanceof Task.Settle, "That is not asked now.");
            here.settled = s.done();
            if (!s.done()) {
                walk.leave(StepWork.Outcome.LEFT_OUT);
            }
        } else if (deed instanceof Deed.Chosen c) {
            require(of == here && first instanceof Task.Choose, "That is not asked now.");
            walk.choose(((Task.Choose) first).alternative(), c.way());
        } else if (deed instanceof Deed.Warned) {
            require(of == here && first instanceof Task.Heed, "That is not asked now.");
            here.warned = true;
        } else {
            boolean open =
                    of != here
                            ? of.outcome() == StepWork.Outcome.DONE
                            : !(first instanceof Task.Await
                                    || first instanceof Task.Settle
                                    || first instanceof Task.Choose
                                    || first instanceof Task.AskReached);
            require(open, "Something else is asked first.");
            require(
                    of != here || !(first instanceof Task.Heed),
                    "The hazards come before the work.");
            entered(entry, deed, of);
        }
    }

    private void entered(Entry entry, Deed.AtStep deed, StepWork of) {
        if (deed instanceof Deed.Measured m) {
            JudgedAnswer answer = measures.judge(of, m.reading(), m.which(), m.typed());
            of.take(
                    m.reading(),
                    m.which(),
                    new Taken(entry.at(), entry.by(), answer, m.instrument(), null));
        } else if (deed instanceof Deed.Looked l) {
            of.look(l.look(), l.good());
        } else if (deed instanceof Deed.Dealt d) {
            of.deal(
                    new StepWork.Dealt(entry.at(), entry.by(), d.what(), d.how(), d.renewed()),
                    measures);
        } else {
            require(of == walk.here().orElse(null), "That step is done.");
            enteredHere(entry, deed, of);
        }
    }

    private void enteredHere(Entry entry, Deed.AtStep deed, StepWork here) {
        if (deed instanceof Deed.Fitted f) {
            here.choose(f.reading(), f.which());
        } else if (deed instanceof Deed.Tried t) {
            here.decision(t.decision())
                    .orElseThrow(() -> refused("The step takes no such decision."))
                    .take(t.symbol(), t.typed(), t.instrument());
        } else if (deed instanceof Deed.Tightened t) {
            here.tighten(
                    new StepWork.Tight(
                            entry.at(),
                            work.manual()
                                    .joint(t.joint())
                                    .orElseThrow(() -> refused("There is no such joint.")),
                            t.round(),
                            t.screw(),
                            t.value(),
                            t.instrument()));
        } else if (deed instanceof Deed.Signed s) {
            here.sign(
                    new StepWork.Signature(
                            entry.at(),
                            s.sign(),
                            s.energy() == null ? "" : s.energy().text(),
                            s.name()),
                    entry.by());
        } else if (deed instanceof Deed.Done) {
            List<Task> open = tasks();
            require(
                    open.get(0) instanceof Task.Finish,
                    "The step is not done yet: something is still asked.");
            for (int i = 0; i < here.step().waits().size() && !here.left; i++) {
                running.add(
                        new Task.RunningWait(
                                here.visit(), i, here.step().waits().get(i), entry.at()));
            }
            here.left = true;
            walk.leave(StepWork.Outcome.DONE);
        }
    }

    private void over(Deed.WaitOver deed, Entry entry) {
        Task.RunningWait wait =
                running.stream()
                        .filter(w -> w.visit().equals(deed.visit()) && w.index() == deed.which())
                        .findFirst()
                        .orElseThrow(() -> refused("That wait is not running."));
        boolean mayEnd =
                !entry.at().isBefore(wait.until()) || wait.of().bound() == Wait.Bound.AT_MOST;
        require(mayEnd || !deed.early().isBlank(), "Say why the wait is ended before its time.");
        running.remove(wait);
        waited.add(new WaitEnd(wait, deed.early()));
    }
}
