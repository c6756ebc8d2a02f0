package methodos.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import methodos.core.quantity.Quantity;

/**
 * The rule along which a limit is drawn: which values it shows, in the unit of the limit.
 *
 * @param from left end
 * @param to right end
 * @param step from one numbered mark to the next: 1, 2 or 5 times a power of ten
 */
public record LimitRule(double from, double to, double step) {

    /** So many numbered marks at most. */
    private static final int MARKS = 7;

    /** A rule that shows other values beside the limit as well. */
    public static LimitRule of(Quantity limit, List<Double> shown) {
        LimitRule own = of(limit);
        double from = own.from();
        double to = own.to();
        for (double value : shown) {
            from = Math.min(from, value);
            to = Math.max(to, value);
        }
        if (from == own.from() && to == own.to()) {
            return own;
        }
        double step = step(to - from);
        return new LimitRule(
                Math.floor(from / step + 1e-9) * step, Math.ceil(to / step - 1e-9) * step, step);
    }

    /** A rule with room on both sides of the limit; a maximum alone begins at nought if near. */
    public static LimitRule of(Quantity limit) {
        Double min = limit.min() == null ? null : limit.min().value().toDouble();
        Double max = limit.max() == null ? null : limit.max().value().toDouble();
        double from;
        double to;
        if (min != null && max != null && max > min) {
            from = min - (max - min) * 0.6;
            to = max + (max - min) * 0.6;
        } else {
            double at = min != null ? min : max;
            double digit = (min != null ? limit.min() : limit.max()).lastDigit().toDouble();
            double room = Math.max(Math.abs(at) * 0.03, 4 * digit);
            from = at - room;
            to = at + room;
        }
        if (from < 0 && (min == null || min >= 0)) {
            from = 0;
        }
        double step = step(to - from);
        return new LimitRule(
                Math.floor(from / step + 1e-9) * step, Math.ceil(to / step - 1e-9) * step, step);
    }

    private static double step(double range) {
        double step = Math.pow(10, Math.floor(Math.log10(Math.max(range, 1e-9) / MARKS)));
        for (double times : new double[] {1, 2, 5, 10}) {
            if (range / (step * times) <= MARKS) {
                return step * times;
            }
        }
        return step * 10;
    }

    /** Where a value lies, 0 at the left end and 1 at the right. */
    public double share(double value) {
        return Math.max(0, Math.min(1, (value - from) / (to - from)));
    }

    /** The values that are written along the rule, ascending, in the unit of the limit. */
    public List<Double> numbered() {
        List<Double> all = new ArrayList<>();
        long count = Math.round((to - from) / step);
        for (long i = 0; i <= count; i++) {
            all.add(from + i * step);
        }
        return all;
    }

    /** A value of the rule as it is written there. */
    public String text(double value) {
        int digits = (int) Math.max(0, -Math.floor(Math.log10(step) + 1e-9));
        return String.format(Locale.ROOT, "%." + digits + "f", value);
    }
}
