package methodos.core.speech;

import java.util.ArrayList;
import java.util.List;
import methodos.core.narration.Caption;
import methodos.core.scan.Scan;

/** The parts of a caption's time in which somebody speaks. */
final class SpokenTime {

    /** Less than this share of a caption without a pause, and its times or the sound are wrong. */
    private static final double LEAST_SPOKEN = 0.3;

    private static final double ROUNDING = 1e-9;

    private record Stretch(double from, double to) {
        double seconds() {
            return to - from;
        }
    }

    private final List<Stretch> stretches;
    private final double seconds;

    private SpokenTime(List<Stretch> stretches) {
        this.stretches = stretches;
        this.seconds = stretches.stream().mapToDouble(Stretch::seconds).sum();
    }

    /**
     * @param pauses in the order of time
     */
    static SpokenTime of(Caption caption, List<Scan.Pause> pauses) {
        double end = Math.max(caption.start(), caption.end());
        List<Stretch> spoken = new ArrayList<>();
        double from = caption.start();
        for (Scan.Pause pause : pauses) {
            double until = Math.min(pause.from(), end);
            if (until > from) {
                spoken.add(new Stretch(from, until));
            }
            from = Math.max(from, Math.min(pause.to(), end));
        }
        if (end > from) {
            spoken.add(new Stretch(from, end));
        }
        SpokenTime time = new SpokenTime(spoken);
        return time.seconds < LEAST_SPOKEN * (end - caption.start()) || spoken.isEmpty()
                ? new SpokenTime(List.of(new Stretch(caption.start(), end)))
                : time;
    }

    /**
     * When a word starts: behind a pause, where it falls on one.
     *
     * @param share of the spoken time before it, 0 to 1
     */
    double startingAt(double share) {
        double left = share * seconds;
        for (Stretch stretch : stretches) {
            if (left < stretch.seconds() - ROUNDING) {
                return stretch.from() + left;
            }
            left = Math.max(0, left - stretch.seconds());
        }
        return last().to();
    }

    /**
     * When a word ends: before a pause, where it falls on one.
     *
     * @param share of the spoken time up to it, 0 to 1
     */
    double endingAt(double share) {
        double left = share * seconds;
        for (Stretch stretch : stretches) {
            if (left <= stretch.seconds() + ROUNDING) {
                return Math.min(stretch.to(), stretch.from() + left);
            }
            left -= stretch.seconds();
        }
        return last().to();
    }

    private Stretch last() {
        return stretches.get(stretches.size() - 1);
    }
}
