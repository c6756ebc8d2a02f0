package methodos.footage.change;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import methodos.core.change.SeenChange;
import methodos.footage.FootageProblem;
import methodos.footage.Recording;
import methodos.footage.Still;

/**
 * What changed in a span of a recording, from the stretch before it to the stretch after it.
 *
 * @param before seconds of the frame that shows best what was there before
 * @param after seconds of the frame that shows best what is there after
 * @param changes the surest first
 */
public record SpanChanges(double before, double after, List<SeenChange> changes) {

    /** How long the film is looked at on each side, in seconds. */
    private static final double STRETCH = 2.4;

    private static final double EVERY = .24;

    /** So much of the span is looked at where there is nothing outside of it, in seconds. */
    private static final double INSIDE = .75;

    /** The time at which something changed is told to this many seconds, at best. */
    private static final double FINEST = .2;

    private static final int MOST_FRAMES = 60;

    public SpanChanges {
        changes = List.copyOf(changes);
    }

    /**
     * @param from seconds, the begin of what was done
     * @param to seconds, the end of it
     * @param cuts seconds at which the camera changes; what is before and after is sought in the
     *     shot in which most of it was done
     * @throws FootageProblem if the recording cannot be read there
     */
    public static SpanChanges of(Recording recording, double from, double to, List<Double> cuts)
            throws FootageProblem {
        Shot shot = Shot.of(from, to, cuts, recording.duration());
        double first = Math.max(shot.from(), Math.min(from, shot.to()));
        double last = Math.max(first, Math.min(to, shot.to()));
        double begin = Math.max(shot.from(), first - STRETCH);
        double end = Math.min(shot.to(), last + STRETCH);
        // where the shot leaves nothing outside, what is just inside has to do
        ClearStill before =
                ClearStill.of(
                        frames(recording, begin, Math.max(first, Math.min(begin + INSIDE, last))),
                        first);
        ClearStill after =
                ClearStill.of(
                        frames(recording, Math.min(last, Math.max(end - INSIDE, first)), end),
                        last);
        List<SeenChange> changes = StillChanges.between(before.picture(), after.picture());
        if (!changes.isEmpty()) {
            double every = Math.max(FINEST, (last - first) / MOST_FRAMES);
            List<Still> during = frames(recording, first, last, every);
            changes = Times.of(changes, before.picture(), after.picture(), during);
        }
        return new SpanChanges(before.time(), after.time(), changes);
    }

    /** What one camera shows on end, with a little left off where it begins and ends. */
    private record Shot(double from, double to) {

        private static final double EDGE = .12;

        static Shot of(double from, double to, List<Double> cuts, double duration) {
            List<Double> all = new ArrayList<>(cuts);
            all.add(duration);
            Shot best = new Shot(0, duration);
            double most = -1;
            double start = 0;
            for (double cut : all) {
                double shared = Math.min(to, cut) - Math.max(from, start);
                if (shared > most) {
                    most = shared;
                    double begin = start == 0 ? 0 : start + EDGE;
                    best = new Shot(begin, Math.max(begin, cut - EDGE));
                }
                start = cut;
            }
            return best;
        }
    }

    private static List<Still> frames(Recording recording, double from, double to)
            throws FootageProblem {
        return frames(recording, from, to, EVERY);
    }

    private static List<Still> frames(Recording recording, double from, double to, double every)
            throws FootageProblem {
        List<Still> all = new ArrayList<>();
        double last = Math.max(0, recording.duration() - recording.frameSeconds() / 2);
        for (double time = from; time <= to + 1e-6; time += every) {
            Still still =
                    recording.still(Math.min(time, last), Colours.WIDTH, Integer.MAX_VALUE / 4);
            if (all.isEmpty() || all.get(all.size() - 1).time() < still.time()) {
                all.add(new Still(still.time(), wide(still.picture())));
            }
        }
        return all;
    }

    /** A recording of fewer pixels is made larger, so that all are compared at one size. */
    private static BufferedImage wide(BufferedImage picture) {
        return picture.getWidth() == Colours.WIDTH ? picture : Colours.sized(picture);
    }
}
