package methodos.core.bench;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import methodos.core.description.Id;
import methodos.core.fit.JudgedAnswer;
import methodos.core.fit.ReadingVerdict;
import methodos.core.manual.Answer;
import methodos.core.manual.Decision;
import methodos.core.manual.Found;
import methodos.core.manual.Hazard;
import methodos.core.manual.Joint;
import methodos.core.manual.Look;
import methodos.core.manual.Part;
import methodos.core.manual.Reading;
import methodos.core.manual.Step;

/** One visit of a step: what was entered at it, and what it still asks for. */
public final class StepWork {

    /** What became of a visit. */
    public enum Outcome {
        OPEN,
        DONE,
        /** It was settled that it is not done. */
        LEFT_OUT,
        /** Another way was taken. */
        OTHER_WAY
    }

    /** A remark as it was made. */
    public record Remark(Instant at, String by, Deed.Remark kind, String text, String file) {}

    /**
     * What was done about something that is not as it should be.
     *
     * @param renewed the part that was renewed for it, null where none was
     */
    public record Dealt(Instant at, String by, Outside what, String how, Id<Part> renewed) {}

    /** A signature. */
    public record Signature(Instant at, Deed.Sign sign, String energy, String name) {}

    /** A fastener that was tightened, with what the wrench showed; empty where it was ticked. */
    public record Tight(
            Instant at, Joint joint, int round, int screw, String value, String instrument) {}

    /** A size that was chosen after so many takings. */
    private record Chosen(int reading, int which, int takings) {}

    private record Key(int reading, int which) {}

    private final WorkedManual work;
    private final Visit visit;
    private final int line;
    private final String place;

    Outcome outcome = Outcome.OPEN;
    Boolean settled;
    boolean warned;

    /** Whether it was left once: its waits have begun. */
    boolean left;

    double seconds;

    private final Map<Key, List<Taken>> taken = new LinkedHashMap<>();
    private final Map<Integer, List<Boolean>> looked = new LinkedHashMap<>();
    private final List<Chosen> chosen = new ArrayList<>();
    private final List<Dealt> dealt = new ArrayList<>();
    private final Set<Outside> settledOutside = new HashSet<>();
    private final Map<Id<Decision>, DecisionWork> decisions = new LinkedHashMap<>();
    private final List<Tight> tightened = new ArrayList<>();
    private final List<Signature> signatures = new ArrayList<>();
    private final List<Remark> remarks = new ArrayList<>();

    StepWork(WorkedManual work, Visit visit, int line, String place) {
        this.work = work;
        this.visit = visit;
        this.line = line;
        this.place = place;
        work.decisions(step()).forEach(d -> decisions.put(d.id(), new DecisionWork(work, d)));
    }

    public Visit visit() {
        return visit;
    }

    public Step step() {
        return work.line(line).step();
    }

    /** The number by which its step is known. */
    public int number() {
        return work.line(line).number();
    }

    int line() {
        return line;
    }

    /** At which of several places it is done; empty where there is one, and at the first. */
    public String place() {
        return place;
    }

    public Outcome outcome() {
        return outcome;
    }

    /** Seconds that were worked at it; stops do not count. */
    public double seconds() {
        return seconds;
    }

    /** All takings of a reading, the first one first. */
    public List<Taken> taken(int reading, int which) {
        return taken.getOrDefault(new Key(reading, which), List.of());
    }

    /** What was judged by eye, the first judgement first: whether it was good. */
    public List<Boolean> looked(int look) {
        return looked.getOrDefault(look, List.of());
    }

    public List<Dealt> dealt() {
        return List.copyOf(dealt);
    }

    /** The part that was renewed for something that was not measured or looked at since. */
    Optional<Id<Part>> renewed(Outside what) {
        return settledOutside.contains(what)
                ? dealt.stream()
                        .filter(d -> d.what().equals(what) && d.renewed() != null)
                        .map(Dealt::renewed)
                        .reduce((first, last) -> last)
                : Optional.empty();
    }

    public List<Tight> tightened() {
        return List.copyOf(tightened);
    }

    public List<Signature> signatures() {
        return List.copyOf(signatures);
    }

    public List<Remark> remarks() {
        return List.copyOf(remarks);
    }

    /** The decisions that are taken at it. */
    public List<DecisionWork> decisions() {
        return List.copyOf(decisions.values());
    }

    Optional<DecisionWork> decision(Id<Decision> id) {
        return Optional.ofNullable(decisions.get(id));
    }

    /** The last taking of a reading that was taken. */
    Optional<Taken> last(int reading, int which) {
        List<Taken> all = taken(reading, which);
        return all.isEmpty() ? Optional.empty() : Optional.of(all.get(all.size() - 1));
    }

    Reading reading(int reading, int which) {
        List<Reading> all = step().readings();
        if (reading < 0
                || reading >= all.size()
                || which < 0
                || which >= all.get(reading).count()) {
            throw new IllegalArgumentException("The step has no such reading.");
        }
        return all.get(reading);
    }

    void take(int reading, int which, Taken one) {
        Reading of = reading(reading, which);
        if (of.answer() instanceof Answer.Reckoned) {
            throw new IllegalArgumentException("“" + of.what() + "” is reckoned, not measured.");
        }
        taken.computeIfAbsent(new Key(reading, which), k -> new ArrayList<>()).add(one);
        settledOutside.remove(new Outside.OfReading(reading, which));
    }

    void look(int look, boolean good) {
        if (look < 0 || look >= step().looks().size()) {
            throw new IllegalArgumentException("The step has nothing more to look at.");
        }
        looked.computeIfAbsent(look, l -> new ArrayList<>()).add(good);
        settledOutside.remove(new Outside.OfLook(look));
    }

    void choose(int reading, int which) {
        if (reading(reading, which).fit() == null || taken(reading, which).isEmpty()) {
            throw new IllegalArgumentException("No size is chosen by that reading.");
        }
        chosen.add(new Chosen(reading, which, taken(reading, which).size()));
    }

    void deal(Dealt one, Measures measures) {
        if (!unsettled(measures).contains(one.what())) {
            throw new IllegalArgumentException("There is nothing to settle there.");
        }
        if (one.renewed() != null
                && step().parts().stream().noneMatch(u -> u.part().equals(one.renewed()))) {
            throw new IllegalArgumentException("The step has nothing to do with that part.");
        }
        if (one.how().isBlank() && one.renewed() == null) {
            throw new IllegalArgumentException("Say what was done about it.");
        }
        dealt.add(one);
        settledOutside.add(one.what());
    }

    void tighten(Tight one) {
        if (!work.joints(step()).contains(one.joint())) {
            throw new IllegalArgumentException("The step does not tighten that.");
        }
        if (one.round() < 0
                || one.screw() < 0
                || one.round() > Fastening.lastRound(one.joint())
                || one.screw() >= Fastening.screws(one.joint())) {
            throw new IllegalArgumentException("“" + one.joint().name() + "” has fewer fasteners.");
        }
        if (one.round() > 0 && done(one.joint(), one.round() - 1) < Fastening.screws(one.joint())) {
            throw new IllegalArgumentException(
                    "All fasteners go to the stage before, before one goes further.");
        }
        if (!one.value().isBlank()) {
            Fastening.judge(one.joint(), one.round(), one.value());
        }
        tightened.add(one);
    }

    void sign(Signature one, String by) {
        if (one.name().isBlank()) {
            throw new IllegalArgumentException("A signature needs a name.");
        }
        if (one.sign() == Deed.Sign.WITNESSED && one.name().strip().equalsIgnoreCase(by.strip())) {
            throw new IllegalArgumentException("A second person signs here, not " + by + ".");
        }
        if (work.signs(line).stream().noneMatch(s -> signs(one, s))) {
            throw new IllegalArgumentException("That is not signed at this step.");
        }
        signatures.add(one);
    }

    private static boolean signs(Signature one, Task.Sign asked) {
        return one.sign() == asked.sign() && one.energy().equals(asked.energyId());
    }

    void remark(Remark one) {
        remarks.add(one);
    }

    /** What is asked before it is known whether the step is done, and before it is begun. */
    Optional<Task> first(Optional<Task.Why> why) {
        if (settled == null && why.isPresent()) {
            return Optional.of(new Task.Settle(why.get()));
        }
        List<Hazard> hazards = work.hazards(step());
        return !warned && !hazards.isEmpty()
                ? Optional.of(new Task.Heed(hazards))
                : Optional.empty();
    }

    /** What is asked once it is begun; only to say that it is done where nothing else is. */
    List<Task> rest(Measures measures) {
        List<Task> tasks = new ArrayList<>();
        List<Reading> readings = step().readings();
        for (int i = 0; i < readings.size(); i++) {
            for (int n = 0; n < readings.get(i).count(); n++) {
                measure(i, n, readings.get(i)).ifPresent(tasks::add);
            }
        }
        List<Look> looks = step().looks();
        for (int i = 0; i < looks.size(); i++) {
            if (looked(i).isEmpty()) {
                tasks.add(new Task.Judge(i, looks.get(i)));
            }
        }
        decisions.values().forEach(d -> d.next().ifPresent(tasks::add));
        unsettled(measures).forEach(w -> tasks.add(deal(w)));
        for (Joint joint : work.joints(step())) {
            tighten(joint).ifPresent(tasks::add);
        }
        for (Task.Sign sign : work.signs(line)) {
            if (signatures.stream().noneMatch(one -> signs(one, sign))) {
                tasks.add(sign);
            }
        }
        if (tasks.isEmpty()) {
            tasks.add(new Task.Finish());
        }
        return tasks;
    }

    /** Whether something of it is asked, though it was done already. */
    boolean asks(Measures measures) {
        return !(rest(measures).get(0) instanceof Task.Finish);
    }

    private Optional<Task> measure(int index, int which, Reading reading) {
        if (reading.answer() instanceof Answer.Reckoned) {
            return Optional.empty();
        }
        List<Taken> all = taken(index, which);
        Optional<JudgedAnswer> before = last(index, which).map(Taken::answer);
        boolean marginal =
                !all.isEmpty()
                        && all.get(all.size() - 1).answer().is(ReadingVerdict.MARGINAL)
                        && (all.size() == 1
                                || !all.get(all.size() - 2).answer().is(ReadingVerdict.MARGINAL));
        boolean fitted =
                chosen.stream()
                        .anyMatch(
                                c ->
                                        c.reading() == index
                                                && c.which() == which
                                                && c.takings() == all.size());
        return all.isEmpty() || marginal || fitted
                ? Optional.of(new Task.Measure(index, reading, which, before))
                : Optional.empty();
    }

    /** What is not as it should be, and no step of the manual is for it. */
    List<Outside> wrong(Measures measures) {
        List<Outside> wrong = new ArrayList<>();
        List<Reading> readings = step().readings();
        for (int i = 0; i < readings.size(); i++) {
            Reading reading = readings.get(i);
            boolean branch = reading.id() != null && work.branches(new Found.Outside(reading.id()));
            for (int n = 0; n < reading.count() && !branch; n++) {
                if (measures.answer(this, i, n)
                        .filter(a -> a.is(ReadingVerdict.FAIL))
                        .isPresent()) {
                    wrong.add(new Outside.OfReading(i, n));
                }
            }
        }
        List<Look> looks = step().looks();
        for (int i = 0; i < looks.size(); i++) {
            Look look = looks.get(i);
            boolean branch = look.id() != null && work.branches(new Found.Fails(look.id()));
            if (!branch && !looked(i).isEmpty() && !looked(i).get(looked(i).size() - 1)) {
                wrong.add(new Outside.OfLook(i));
            }
        }
        decisions.values().stream()
                .filter(DecisionWork::lost)
                .map(d -> new Outside.OfDecision(d.decision().id().text()))
                .forEach(wrong::add);
        return wrong;
    }

    /** What of it nobody has said yet what was done about. */
    private List<Outside> unsettled(Measures measures) {
        List<Outside> unsettled = new ArrayList<>(wrong(measures));
        unsettled.removeAll(settledOutside);
        return unsettled;
    }

    private Task.Deal deal(Outside what) {
        Reading reading =
                what instanceof Outside.OfReading of ? step().readings().get(of.reading()) : null;
        return new Task.Deal(what, reading);
    }

    private Optional<Task> tighten(Joint joint) {
        for (int round = 0; round <= Fastening.lastRound(joint); round++) {
            for (int i = 0; i < Fastening.screws(joint); i++) {
                if (!done(joint, round, i)) {
                    return Optional.of(new Task.Tighten(joint, round, i));
                }
            }
        }
        return Optional.empty();
    }

    /** How many fasteners of a joint are done in a round. */
    public int done(Joint joint, int round) {
        return (int)
                IntStream.range(0, Fastening.screws(joint))
                        .filter(i -> done(joint, round, i))
                        .count();
    }

    /** Whether a fastener of a joint is done in a round. */
    public boolean done(Joint joint, int round, int screw) {
        return tightened.stream()
                .anyMatch(
                        t ->
                                t.round() == round
                                        && t.screw() == screw
                                        && t.joint().id().equals(joint.id()));
    }
}
