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

    /** Where something moves so much more than usual, it comes into the picture or goes away. */
    private static final double AS_STILL = .25;

    /** So long beside a frame nothing is to cover the picture either, in seconds. */
    private static final double BESIDE = .2;

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
                -1);
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
                1);
    }

    private static ClearStretch best(
            Scan scan,
            double from,
            double to,
            ToDoubleFunction<Double> away,
            double otherwise,
            int grows) {
        List<FrameScore> frames = scan.framesOf(from, to + 1e-3);
        if (frames.isEmpty()) {
            return new ClearStretch(otherwise, otherwise);
        }
        int best = 0;
        double least = Double.MAX_VALUE;
        for (int i = 0; i < frames.size(); i++) {
            double cost = cost(scan, frames, i) + away.applyAsDouble(frames.get(i).time());
            if (cost < least) {
                least = cost;
                best = i;
            }
        }
        double most = covered(frames, best) + AS_CLEAR;
        double still = usualStillness(frames, most) - AS_STILL;
        int end = best;
        while (end + grows >= 0
                && end + grows < frames.size()
                && frames.get(end + grows).obstruction() <= most
                && frames.get(end + grows).stillness() >= still
                && Math.abs(frames.get(end + grows).time() - frames.get(best).time()) <= LONG) {
            end += grows;
        }
        double one = frames.get(best).time();
        double other = frames.get(end).time();
        return new ClearStretch(Math.min(one, other), Math.max(one, other));
    }

    private static double cost(Scan scan, List<FrameScore> frames, int at) {
        FrameScore frame = frames.get(at);
        boolean unusable = scan.unusable().stream().anyMatch(u -> u.holds(frame.time()));
        return COVERED * covered(frames, at)
                + BLURRED * (1 - frame.sharpness())
                + MOVING * (1 - frame.stillness())
                + (unusable ? UNUSABLE : 0);
    }

    /** What covers the picture around a frame, at the most: what is on its way is not away yet. */
    private static double covered(List<FrameScore> frames, int at) {
        double time = frames.get(at).time();
        double most = 0;
        for (int i = at; i >= 0 && frames.get(i).time() >= time - BESIDE; i--) {
            most = Math.max(most, frames.get(i).obstruction());
        }
        for (int i = at; i < frames.size() && frames.get(i).time() <= time + BESIDE; i++) {
            most = Math.max(most, frames.get(i).obstruction());
        }
        return most;
    }

    /** A camera that is held is never still; what matters is what moves beside that. */
    private static double usualStillness(List<FrameScore> frames, double most) {
        double[] all =
                frames.stream()
                        .filter(f -> f.obstruction() <= most)
                        .mapToDouble(FrameScore::stillness)
                        .sorted()
                        .toArray();
        return all.length == 0 ? 0 : all[all.length / 2];
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
