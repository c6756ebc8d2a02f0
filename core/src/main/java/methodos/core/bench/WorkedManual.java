package methodos.core.bench;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.fit.DecisionTable;
import methodos.core.fit.DecisionTables;
import methodos.core.kit.FetchList;
import methodos.core.manual.Decision;
import methodos.core.manual.Energy;
import methodos.core.manual.EnergyCycle;
import methodos.core.manual.Found;
import methodos.core.manual.Hazard;
import methodos.core.manual.Joint;
import methodos.core.manual.Look;
import methodos.core.manual.Manual;
import methodos.core.manual.Reading;
import methodos.core.manual.Repeat;
import methodos.core.manual.RepeatedSteps;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.plan.WorkOrder;
import methodos.core.practice.PractisedManual;

/**
 * A manual as one unit is worked by it. What is looked up again and again in a run is found here
 * once, so that many runs of one manual can share it.
 */
public final class WorkedManual {

    /**
     * A step in its place.
     *
     * @param number by which it is known; 0 where the unit has no such step
     */
    record Line(Step step, Stage stage, int number) {}

    /** Where something stands that others refer to: a line, and its place in the step. */
    record Ref(int line, int index) {}

    /** Steps that are repeated, by their lines. */
    record Loop(Repeat repeat, int from, int to) {}

    private final PractisedManual practised;
    private final Manual manual;
    private final Sight sight;
    private final List<Line> lines = new ArrayList<>();
    private final Map<Id<Step>, Integer> lineOf = new HashMap<>();
    private final List<BitSet> before = new ArrayList<>();
    private final List<List<Loop>> loopsTo = new ArrayList<>();
    private final Map<Id<Reading>, Ref> readings = new HashMap<>();
    private final Map<Id<Look>, Ref> looks = new HashMap<>();
    private final Map<Id<Decision>, DecisionTable> tables = new LinkedHashMap<>();
    private final Set<Found> branches = new HashSet<>();
    private final Map<Integer, List<Task.Sign>> signs = new HashMap<>();
    private final List<Reading> symbols = new ArrayList<>();
    private final List<FetchList.Thing> fetch;

    /**
     * @param sight of the one unit
     */
    public WorkedManual(PractisedManual practised, Sight sight) {
        this.practised = practised;
        this.sight = sight;
        this.manual = practised.seenBy(sight).manual();
        this.fetch = FetchList.of(practised.seenBy(sight));
        StepNumbers numbers = new StepNumbers(manual, sight);
        for (Stage stage : manual.stages()) {
            for (Step step : stage.steps()) {
                int number = numbers.of(step.id()).orElse(0);
                line(new Line(step, stage, number));
            }
        }
        order();
        loops();
        energies();
        for (Decision decision : manual.decisions()) {
            table(decision);
        }
    }

    private void line(Line line) {
        int at = lines.size();
        lines.add(line);
        lineOf.put(line.step.id(), at);
        loopsTo.add(new ArrayList<>());
        if (line.number == 0) {
            return;
        }
        if (line.step.onlyIfFound() != null) {
            branches.add(line.step.onlyIfFound());
        }
        for (int i = 0; i < line.step.readings().size(); i++) {
            Reading reading = line.step.readings().get(i);
            if (reading.id() != null) {
                readings.put(reading.id(), new Ref(at, i));
            }
            if (!reading.symbol().isEmpty()) {
                symbols.add(reading);
            }
        }
        for (int i = 0; i < line.step.looks().size(); i++) {
            if (line.step.looks().get(i).id() != null) {
                looks.put(line.step.looks().get(i).id(), new Ref(at, i));
            }
        }
    }

    /** All steps before each that it hangs on, by way of others too. */
    private void order() {
        WorkOrder order = new WorkOrder(manual);
        for (Line line : lines) {
            BitSet all = new BitSet();
            if (line.number > 0) {
                for (Id<Step> right : order.next(line.step, line.stage.kind())) {
                    int at = lineOf.get(right);
                    all.set(at);
                    all.or(before.get(at));
                }
            }
            before.add(all);
        }
    }

    private void loops() {
        for (Repeat repeat : manual.repeats()) {
            List<Id<Step>> steps = RepeatedSteps.steps(manual, repeat);
            if (!steps.isEmpty()) {
                int from = lineOf.get(steps.get(0));
                int to = lineOf.get(steps.get(steps.size() - 1));
                loopsTo.get(to).add(new Loop(repeat, from, to));
            }
        }
        // the one that begins last is inside the others
        loopsTo.forEach(l -> l.sort(Comparator.comparingInt(Loop::from).reversed()));
    }

    private void energies() {
        Map<Id<Step>, Integer> places = new HashMap<>();
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).number > 0) {
                places.put(lines.get(i).step.id(), i);
            }
        }
        for (Energy energy : manual.energies()) {
            if (!energy.applicability().concerns(sight)) {
                continue;
            }
            for (EnergyCycle cycle : EnergyCycle.of(energy, places)) {
                if (!cycle.safe().isEmpty()) {
                    int last = cycle.safe().get(cycle.safe().size() - 1);
                    sign(last, new Task.Sign(Deed.Sign.LOCKED, energy));
                }
                if (!cycle.back().isEmpty()) {
                    sign(cycle.back().get(0), new Task.Sign(Deed.Sign.GIVEN_BACK, energy));
                }
            }
        }
        for (int i = 0; i < lines.size(); i++) {
            if (!lines.get(i).step.witness().isBlank()) {
                sign(i, new Task.Sign(Deed.Sign.WITNESSED, null));
            }
        }
    }

    private void sign(int line, Task.Sign sign) {
        signs.computeIfAbsent(line, l -> new ArrayList<>()).add(sign);
    }

    /** A decision that is not understood decides nothing: the checks tell of it. */
    private void table(Decision decision) {
        try {
            tables.put(decision.id(), DecisionTables.of(decision));
        } catch (IllegalArgumentException notUnderstood) {
            tables.remove(decision.id());
        }
    }

    /** The manual as it was settled, for all units. */
    public PractisedManual practised() {
        return practised;
    }

    /** What of the manual concerns the unit. */
    public Manual manual() {
        return manual;
    }

    public Sight sight() {
        return sight;
    }

    /** What is to be fetched before. */
    public List<FetchList.Thing> fetch() {
        return fetch;
    }

    /** How many steps the unit has. */
    public int steps() {
        return (int) lines.stream().filter(l -> l.number > 0).count();
    }

    /** The step that a visit is of. */
    public Step step(Visit visit) {
        return line(visit).step();
    }

    /** The number by which the step of a visit is known. */
    public int number(Visit visit) {
        return line(visit).number();
    }

    /** The stage in which the step of a visit stands. */
    public Stage stage(Visit visit) {
        return line(visit).stage();
    }

    private Line line(Visit visit) {
        Integer at = lineOf.get(visit.step());
        if (at == null) {
            throw new IllegalArgumentException("The manual has no such step.");
        }
        return lines.get(at);
    }

    int count() {
        return lines.size();
    }

    Line line(int at) {
        return lines.get(at);
    }

    int lineOf(Id<Step> step) {
        return lineOf.get(step);
    }

    List<Loop> loopsTo(int line) {
        return loopsTo.get(line);
    }

    /** Whether a step cannot be done before an earlier one is. */
    boolean hangsOn(int line, int earlier) {
        return before.get(line).get(earlier);
    }

    /** Whether some step of the unit is done where this is found. */
    boolean branches(Found found) {
        return branches.contains(found);
    }

    Optional<Ref> reading(Id<Reading> id) {
        return Optional.ofNullable(readings.get(id));
    }

    Optional<Ref> look(Id<Look> id) {
        return Optional.ofNullable(looks.get(id));
    }

    /** The readings that formulas can name. */
    List<Reading> symbols() {
        return symbols;
    }

    /** The decisions that are taken in a step, as far as they are understood. */
    public Stream<Decision> decisions(Step step) {
        return manual.decisions().stream()
                .filter(d -> step.id().equals(d.step()) && tables.containsKey(d.id()));
    }

    DecisionTable table(Id<Decision> decision) {
        return tables.get(decision);
    }

    List<Task.Sign> signs(int line) {
        return signs.getOrDefault(line, List.of());
    }

    /** The joints that a step tightens on the unit. */
    public List<Joint> joints(Step step) {
        return step.joints().stream()
                .flatMap(j -> manual.joint(j).stream())
                .filter(j -> j.applicability().concerns(sight))
                .toList();
    }

    /** The hazards of a step on the unit. */
    public List<Hazard> hazards(Step step) {
        return step.hazards().stream().filter(h -> h.applicability().concerns(sight)).toList();
    }
}
