package methodos.core.plan;

import java.util.Arrays;

/** The times at which a person works, in order. */
final class Busy {

    private double[] starts = new double[8];
    private double[] ends = new double[8];
    private int count;

    /** The earliest time from one on at which nothing is done for so long. */
    double gap(double from, double lasts) {
        int at = firstEndingAfter(from);
        double start = from;
        while (at < count && starts[at] < start + lasts - 1e-9) {
            start = Math.max(start, ends[at]);
            at++;
        }
        return start;
    }

    private int firstEndingAfter(double time) {
        int low = 0;
        int high = count;
        while (low < high) {
            int middle = (low + high) / 2;
            if (ends[middle] > time) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return low;
    }

    /**
     * Fills the earliest gap from a time on.
     *
     * @return when it begins
     */
    double take(double from, double lasts) {
        double start = gap(from, lasts);
        if (count == starts.length) {
            starts = Arrays.copyOf(starts, 2 * count);
            ends = Arrays.copyOf(ends, 2 * count);
        }
        int at = firstEndingAfter(start);
        System.arraycopy(starts, at, starts, at + 1, count - at);
        System.arraycopy(ends, at, ends, at + 1, count - at);
        starts[at] = start;
        ends[at] = start + lasts;
        count++;
        return start;
    }
}
