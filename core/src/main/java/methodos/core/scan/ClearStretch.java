package methodos.core.scan;

import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * A stretch of film beside what is done, in which nothing passes before the camera.
 *
 * @param from seconds
 * @param to seconds, not before {@code from}
 */
public record ClearStretch(double from, double to) {

    /** So far outside of what is done it is sought, in seconds. */
    private static final double REACH = 8;

    /** So much of what is done may belong to it: hands come late and go early. */
    private static final double INSIDE = .4;

    private static final double LONGEST_INSIDE = 3;

    /** Longer than this it need not be, in seconds. */
    private static final double LONG = 2;

    /** What a share of the picture that is covered costs, beside a second that it is away. */
    private static final double COVERED = 50;

    private static final double AWAY = .12;
    private static final double WITHIN = 1.2;
    private static final double BLURRED = .6;
    private static final double MOVING = .3;
    private static final double UNUSABLE = 3;

    /** Frames that are covered so much more are not of one stretch. */
    private static final double AS_CLEAR = .015;

    /** A little is left off where the camera changes, in seconds. */
    private static final double EDGE = .12;

    /**
     * The stretch before what is done between two times; the time itself where nothing is known.
     *
     * @param earliest seconds, from which on nothing else was done
     */
    public static ClearStretch before(Scan scan, double from, double to, double earliest) {
        Shot shot = Shot.of(scan, from, to, false);
        double first = Math.max(shot.from, Math.min(from, shot.to));
        double inside = first + Math.min(LONGEST_INSIDE, INSIDE * Math.max(0, to - first));
        return best(
                scan,
                Math.min(first, Math.max(Math.max(shot.from, earliest), first - REACH)),
                Math.min(inside, shot.to),
                t -> t < first ? AWAY * (first - t) : WITHIN * (t - first),
                first,
                -LONG);
    }

    /**
     * The stretch after what is done between two times.
     *
     * @param latest seconds, until which nothing else is done
     */
    public static ClearStretch after(Scan scan, double from, double to, double latest) {
        Shot shot = Shot.of(scan, from, to, true);
        double last = Math.max(shot.from, Math.min(to, shot.to));
        double inside = last - Math.min(LONGEST_INSIDE, INSIDE * Math.max(0, last - from));
        return best(
                scan,
                Math.max(inside, shot.from),
                Math.max(last, Math.min(Math.min(shot.to, latest), last + REACH)),
                t -> t > last ? AWAY * (t - last) : WITHIN * (last - t),
                last,
                LONG);
    }

    private static ClearStretch best(
            Scan scan,
            double from,
            double to,
            ToDoubleFunction<Double> away,
            double otherwise,
            double grows) {
        List<FrameScore> frames = scan.framesOf(from, to + 1e-3);
        if (frames.isEmpty()) {
            return new ClearStretch(otherwise, otherwise);
        }
        int best = 0;
        double least = Double.MAX_VALUE;
        for (int i = 0; i < frames.size(); i++) {
            double cost = cost(scan, frames.get(i)) + away.applyAsDouble(frames.get(i).time());
            if (cost < least) {
                least = cost;
                best = i;
            }
        }
        double most = frames.get(best).obstruction() + AS_CLEAR;
        double at = frames.get(best).time();
        int low = best;
        while (low > 0
                && frames.get(low - 1).obstruction() <= most
                && frames.get(low - 1).time() >= at + Math.min(0, grows)) {
            low--;
        }
        int high = best;
        while (high + 1 < frames.size()
                && frames.get(high + 1).obstruction() <= most
                && frames.get(high + 1).time() <= at + Math.max(0, grows)) {
            high++;
        }
        return new ClearStretch(frames.get(low).time(), frames.get(high).time());
    }

    private static double cost(Scan scan, FrameScore frame) {
        boolean unusable = scan.unusable().stream().anyMatch(u -> u.holds(frame.time()));
        return COVERED * frame.obstruction()
                + BLURRED * (1 - frame.sharpness())
                + MOVING * (1 - frame.stillness())
                + (unusable ? UNUSABLE : 0);
    }

    /** What one camera shows on end, with a little left off where it begins and ends. */
    private record Shot(double from, double to) {

        /** With so much of a span in it, a shot is one in which it was done. */
        private static final double ENOUGH = .25;

        /** The first or the last one in which a good part of a span lies. */
        static Shot of(Scan scan, double from, double to, boolean last) {
            double end =
                    scan.frames().isEmpty()
                            ? to
                            : scan.frames().get(scan.frames().size() - 1).time() + EDGE;
            Shot best = null;
            double most = Double.NEGATIVE_INFINITY;
            double start = 0;
            for (int i = 0; i <= scan.cuts().size(); i++) {
                double cut = i < scan.cuts().size() ? scan.cuts().get(i) : Math.max(end, start);
                double shared = Math.min(to, cut) - Math.max(from, start);
                boolean enough = shared >= ENOUGH * (to - from) && shared > 0;
                double worth = enough ? last ? to + start : to : shared;
                if (worth > most) {
                    most = worth;
                    double begin = start == 0 ? 0 : start + EDGE;
                    best = new Shot(begin, Math.max(begin, cut - EDGE));
                }
                start = cut;
            }
            return best;
        }
    }
}
