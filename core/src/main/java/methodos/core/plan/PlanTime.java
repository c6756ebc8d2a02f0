package methodos.core.plan;

/** Times of a plan as they are told: no plan is known to the second. */
public final class PlanTime {

    private static final long MINUTE = 60;

    private PlanTime() {}

    /** Seconds rounded to whole minutes. */
    public static double wholeMinutes(double seconds) {
        return (double) MINUTE * Math.round(seconds / MINUTE);
    }

    /** Hours and minutes after the beginning, as a clock that began with the work shows them. */
    public static String clock(double seconds) {
        long minutes = Math.round(seconds / MINUTE);
        long rest = minutes % MINUTE;
        return minutes / MINUTE + ":" + (rest < 10 ? "0" : "") + rest;
    }
}
