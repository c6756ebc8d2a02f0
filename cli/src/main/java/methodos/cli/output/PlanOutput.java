package methodos.cli.output;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import methodos.core.plan.WorkPlan;

/** A plan as JSON: times are seconds after the beginning. */
public final class PlanOutput {

    private static final double MILLI = 1000;

    private PlanOutput() {}

    /** What {@code calc plan} gives. */
    public static Map<String, Object> of(WorkPlan plan) {
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("elapsed", number(plan.elapsed()));
        value.put("schedule", plan.slots().stream().map(PlanOutput::row).toList());
        value.put("critical", plan.critical());
        return value;
    }

    private static Map<String, Object> row(WorkPlan.Slot slot) {
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("id", slot.id());
        row.put("start", number(slot.start()));
        row.put("end", number(slot.end()));
        row.put("person", slot.person() == WorkPlan.NOBODY ? null : slot.person());
        return row;
    }

    /** A whole number where it is one; never finer than a thousandth of a second. */
    public static Number number(double seconds) {
        double rounded = Math.rint(seconds * MILLI) / MILLI;
        if (rounded == Math.rint(rounded)) {
            return (long) rounded;
        }
        return rounded;
    }

    /** Hours, minutes and seconds. */
    public static String clock(double seconds) {
        long whole = Math.round(seconds);
        return String.format(
                Locale.ROOT, "%d:%02d:%02d", whole / 3600, whole / 60 % 60, whole % 60);
    }
}
