package methodos.core.sheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import methodos.core.description.Id;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.plan.ManualPlan;
import methodos.core.plan.StepTime;
import methodos.core.plan.WorkPlan;

/** The time plan as a table: each step with its times, and when it begins. Times are seconds. */
final class PlanTable {

    private static final List<String> COLUMNS =
            List.of(
                    "step",
                    "words",
                    "right after",
                    "best",
                    "likely",
                    "worst",
                    "planned",
                    "then alone",
                    "known by",
                    "film",
                    "times",
                    "one person from",
                    "two people from",
                    "person of two",
                    "longest way");

    private final ManualPlan one;
    private final ManualPlan two;

    private PlanTable(Manual manual, Sight sight, Map<Id<Step>, List<Double>> times) {
        one = ManualPlan.of(manual, sight, new ManualPlan.Asked(1, 0, times));
        two = ManualPlan.of(manual, sight, new ManualPlan.Asked(2, 0, times));
    }

    static DerivedTable of(Manual manual, Sight sight, Map<Id<Step>, List<Double>> times) {
        PlanTable table = new PlanTable(manual, sight, times);
        List<Map<String, Object>> rows = new ArrayList<>();
        table.one.steps().forEach(s -> rows.add(table.row(s)));
        return new DerivedTable(DerivedTable.What.PLAN, COLUMNS, rows);
    }

    private Map<String, Object> row(ManualPlan.PlannedStep step) {
        String id = step.step().id().text();
        StepTime time = step.time();
        WorkPlan.Slot alone = one.plan().slot(id).orElseThrow();
        WorkPlan.Slot shared = two.plan().slot(id).orElseThrow();
        Object[] values = {
            step.number(),
            step.step().text(),
            step.after().stream().map(this::number).toList(),
            whole(time.best()),
            whole(time.likely()),
            whole(time.worst()),
            whole(time.expected()),
            step.alone() > 0 ? whole(step.alone()) : null,
            time.ground().name().toLowerCase(Locale.ROOT),
            time.film() > 0 ? whole(time.film()) : null,
            time.times(),
            whole(alone.start()),
            whole(shared.start()),
            shared.person() == WorkPlan.NOBODY ? null : shared.person(),
            one.plan().critical().contains(id) ? "yes" : ""
        };
        Map<String, Object> row = new LinkedHashMap<>();
        for (int i = 0; i < values.length; i++) {
            row.put(COLUMNS.get(i), values[i]);
        }
        return row;
    }

    private int number(Id<Step> step) {
        return one.step(step).orElseThrow().number();
    }

    private static int whole(double seconds) {
        return (int) Math.round(seconds);
    }
}
