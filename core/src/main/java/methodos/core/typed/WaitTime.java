package methodos.core.typed;

import methodos.core.manual.Wait;
import methodos.core.quantity.Bound;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;

/** How long somebody waits, as it is typed: "30 min", "≥ 2 h", "at most 10 s". */
public final class WaitTime {

    private WaitTime() {}

    /** A new wait: for a time, or where no time is typed until that. */
    public static Wait wait(String typed) {
        try {
            return timed(new Wait("", 0), typed);
        } catch (IllegalArgumentException noTime) {
            return new Wait("", 0).withUntil(typed.replaceFirst("^until\\s+", ""));
        }
    }

    /**
     * A wait with another time; none where nothing is typed.
     *
     * @throws IllegalArgumentException with a sentence if it is no time, or a range
     */
    public static Wait timed(Wait wait, String typed) {
        if (typed.isBlank()) {
            return wait.withSeconds(0).withBound(Wait.Bound.AS_LONG);
        }
        Quantity time = Quantity.parse(typed, MeasureUnit.Dimension.TIME);
        if (time.min() != null && time.max() != null && !time.single()) {
            throw new IllegalArgumentException(
                    "A wait is one time, with “at least” or “at most” where it needs that.");
        }
        Bound bound = time.min() == null ? time.max() : time.min();
        double seconds = new Conversion(time, MeasureUnit.SECOND).exact(bound).toDouble();
        return wait.withSeconds(seconds).withBound(bound(time));
    }

    private static Wait.Bound bound(Quantity time) {
        if (time.single()) {
            return Wait.Bound.AS_LONG;
        }
        return time.max() == null ? Wait.Bound.AT_LEAST : Wait.Bound.AT_MOST;
    }

    /** The time of a wait as it is typed; empty where it has none. */
    public static String text(Wait wait) {
        if (wait.seconds() <= 0) {
            return "";
        }
        String time = time(wait.seconds());
        return switch (wait.bound()) {
            case AS_LONG -> time;
            case AT_LEAST -> "≥ " + time;
            case AT_MOST -> "≤ " + time;
        };
    }

    /** In the largest unit in which it is a whole number. */
    private static String time(double seconds) {
        for (MeasureUnit unit :
                new MeasureUnit[] {MeasureUnit.DAY, MeasureUnit.HOUR, MeasureUnit.MINUTE}) {
            double in = seconds / unit.factor().toDouble();
            if (in == Math.rint(in)) {
                return (long) in + " " + unit.symbol();
            }
        }
        return Rational.of(String.valueOf(seconds)).toDecimal() + " s";
    }
}
