package methodos.publish.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.plan.ManualPlan;
import methodos.core.plan.PlanTime;
import methodos.core.plan.WorkPlan;
import methodos.core.words.Words;

/** The time plan for print: drawn for one person and for two, and as a table. */
public final class PlanSheet {

    /** Narrower bars have no room for a number, in shares of a hundred of the drawing. */
    private static final double NUMBERED = 1.7;

    private static final int QUARTER = 900;
    private static final int MOST_MARKS = 16;

    /**
     * The plan for so many people.
     *
     * @param told how long it takes, and how much work it is
     * @param marks of the rule of time above the lanes
     */
    public record Drawn(String title, String told, List<Mark> marks, List<Lane> lanes) {}

    /**
     * A mark of the rule of time.
     *
     * @param left in shares of a hundred of the drawing
     */
    public record Mark(String left, String time) {}

    /**
     * A line of the drawing: a person, or what waits.
     *
     * @param waits whether nobody works in it
     */
    public record Lane(String title, boolean waits, List<Bar> bars) {}

    /**
     * A step in a lane.
     *
     * @param left in shares of a hundred of the drawing
     * @param wide likewise
     * @param number of the step, empty where there is no room for it
     * @param longest whether it is on the longest way
     */
    public record Bar(String left, String wide, String number, boolean longest) {}

    /** A row of the table: a step with its times, and when it begins with one and two people. */
    public record Row(
            int number,
            String words,
            String after,
            String likely,
            String between,
            String alone,
            String one,
            String two,
            boolean longest) {}

    private final ManualPlan one;
    private final ManualPlan two;
    private final Words words;

    /**
     * @param times seconds that steps took in earlier runs
     */
    public PlanSheet(Manual manual, Sight sight, Map<Id<Step>, List<Double>> times, Words words) {
        this.words = words;
        one = ManualPlan.of(manual, sight, new ManualPlan.Asked(1, 0, times));
        two = ManualPlan.of(manual, sight, new ManualPlan.Asked(2, 0, times));
    }

    /** Nothing where no step is planned. */
    public List<Drawn> drawn() {
        return one.steps().isEmpty() ? List.of() : List.of(drawn(one), drawn(two));
    }

    private Drawn drawn(ManualPlan plan) {
        WorkPlan work = plan.plan();
        double[] range = plan.range();
        List<Lane> lanes = new ArrayList<>();
        for (int person = 1; person <= plan.people(); person++) {
            int who = person;
            lanes.add(
                    new Lane(
                            words.of("plan.person", person),
                            false,
                            work.slots().stream()
                                    .filter(s -> s.person() == who)
                                    .map(s -> bar(plan, s, s.start(), s.free()))
                                    .toList()));
        }
        lanes.add(
                new Lane(
                        words.of("plan.waits"),
                        true,
                        work.slots().stream()
                                .filter(s -> s.end() > s.free())
                                .map(s -> bar(plan, s, s.free(), s.end()))
                                .toList()));
        return new Drawn(
                words.of("plan.people", plan.people()),
                words.of(
                        "plan.told",
                        whole(work.elapsed()),
                        whole(work.hands()),
                        whole(range[0]),
                        whole(range[1]),
                        whole(work.idle())),
                marks(work.elapsed()),
                lanes);
    }

    private static List<Mark> marks(double elapsed) {
        int step = QUARTER;
        while (elapsed / step > MOST_MARKS) {
            step *= 2;
        }
        List<Mark> marks = new ArrayList<>();
        for (int at = 0; at < elapsed; at += step) {
            marks.add(new Mark(share(100 * at / elapsed), PlanTime.clock(at)));
        }
        return marks;
    }

    private Bar bar(ManualPlan plan, WorkPlan.Slot slot, double from, double to) {
        double all = plan.plan().elapsed();
        double wide = 100 * (to - from) / all;
        return new Bar(
                share(100 * from / all),
                share(wide),
                wide >= NUMBERED ? String.valueOf(number(plan, slot.id())) : "",
                plan.plan().critical().contains(slot.id()));
    }

    private static String share(double hundredth) {
        return String.format(Locale.ROOT, "%.3f", hundredth);
    }

    private static int number(ManualPlan plan, String id) {
        return plan.steps().stream()
                .filter(s -> s.step().id().text().equals(id))
                .mapToInt(ManualPlan.PlannedStep::number)
                .findFirst()
                .orElseThrow();
    }

    /** Whole minutes: no plan is known better. */
    private String whole(double seconds) {
        return words.duration(PlanTime.wholeMinutes(seconds));
    }

    /** The steps in the order in which they are told. */
    public List<Row> rows() {
        return one.steps().stream().map(this::row).toList();
    }

    private Row row(ManualPlan.PlannedStep step) {
        String id = step.step().id().text();
        return new Row(
                step.number(),
                JobCard.cut(step.step().text()),
                String.join(
                        ", ",
                        step.after().stream()
                                .map(a -> String.valueOf(number(one, a.text())))
                                .toList()),
                words.duration(Math.rint(step.time().likely())),
                words.of(
                        "plan.between",
                        words.duration(Math.rint(step.time().best())),
                        words.duration(Math.rint(step.time().worst()))),
                step.alone() > 0 ? words.duration(step.alone()) : "",
                one.plan().slot(id).map(s -> PlanTime.clock(s.start())).orElse(""),
                two.plan()
                        .slot(id)
                        .map(s -> words.of("plan.by", PlanTime.clock(s.start()), s.person()))
                        .orElse(""),
                one.plan().critical().contains(id));
    }

    /** Numbers of the steps that hang on a finding or may be left out; empty where none does. */
    public String leftOut() {
        Stream<String> numbers = one.leftOut().stream().map(s -> String.valueOf(s.number()));
        return String.join(", ", numbers.toList());
    }
}
