package methodos.cli.calc;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import methodos.cli.output.PlanOutput;
import methodos.core.plan.PlannedWork;
import methodos.core.plan.Scheduler;
import methodos.core.plan.WorkPlan;

/** {@code calc plan}: who does what when. */
final class PlanCalculator implements Calculator {

    private static final int MOST_STEPS = 5000;
    private static final int MOST_PEOPLE = 100;

    /** A year of seconds: times are sums of these, and stay exact. */
    private static final double LONGEST = 366.0 * 24 * 3600;

    @Override
    public Answer answer(Request request) throws WrongRequest {
        int people = request.has("people") ? request.teeth("people") : 1;
        if (people > MOST_PEOPLE) {
            throw request.wrong("people", "is at most " + MOST_PEOPLE);
        }
        request.atMost("steps", MOST_STEPS);
        List<PlannedWork> work = new ArrayList<>();
        for (Request step : request.neededObjects("steps")) {
            step.atMost("after", MOST_STEPS);
            work.add(
                    new PlannedWork(
                            step.text("id"),
                            seconds(step, "hands"),
                            seconds(step, "wait"),
                            seconds(step, "from"),
                            step.texts("after")));
        }
        WorkPlan plan = Request.checked("steps", () -> Scheduler.plan(work, people));
        Map<String, Object> value = PlanOutput.of(plan);
        return new Answer(
                value,
                List.of(
                        "Done after " + value.get("elapsed") + " s",
                        "The longest chain by precedence: " + String.join(", ", plan.critical()),
                        "Each step at the earliest gap that somebody has for it."));
    }

    private static double seconds(Request step, String field) throws WrongRequest {
        double time = step.has(field) ? step.number(field) : 0;
        if (time < 0 || time > LONGEST) {
            throw step.wrong(field, "is a number of seconds from 0 to a year");
        }
        return time;
    }
}
