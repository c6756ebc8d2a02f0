package methodos.footage.track;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;
import methodos.core.manual.Point;
import methodos.footage.FootageProblem;
import methodos.footage.Recording;
import methodos.footage.Still;

/**
 * The marks of a still followed through the film that it was taken from. A mark is found again by
 * what is seen around it; where that is no longer seen, because a hand covers it, it was taken away
 * or there is another shot, it is lost until it is seen again near where it was.
 */
public final class FollowedMarks {

    /** Pictures are made so wide to be followed in. */
    private static final int WIDTH = 480;

    /** Pictures to the second that are looked at; things move little from one to the next. */
    private static final double RATE = 12.5;

    /** So many pictures are kept at most; of longer films fewer to the second. */
    private static final int MOST = 1500;

    /** From one picture to the next a mark moves so many pixels at most. */
    private static final int STEP = 14;

    /** So far from where it was lost it is looked for. */
    private static final int NEAR = 8;

    /** Radii of what is looked at around a mark: a larger one where there is little to see. */
    private static final int[] RADII = {11, 18, 28};

    /** Least contrast at which a place can be told from its surroundings, in grey levels. */
    private static final double CONTRAST = 9;

    /** Likeness with the still that leaves no doubt. */
    private static final double SURE = 0.82;

    /** Likeness with the still at least, where it is as in the picture before. */
    private static final double LIKELY = 0.7;

    /** Likeness with the picture before that leaves no doubt. */
    private static final double SAME = 0.92;

    /** Likeness with the still at which a lost mark is found again. */
    private static final double AGAIN = 0.88;

    /** So many grey levels lighter or darker than in the still, less what the whole picture is. */
    private static final double LIGHT = 16;

    /** So much more or less contrast than in the still. */
    private static final double STRONGER = 1.6;

    /** Pictures that differ by so many grey levels in the mean are of two shots. */
    private static final double CUT = 24;

    private FollowedMarks() {}

    /**
     * A moment of the film.
     *
     * @param time seconds of the recording
     * @param places where each mark is, in shares of the picture; empty where it is lost
     */
    public record Moment(double time, List<Optional<Point>> places) {}

    private record Frame(double time, Grey grey) {}

    /**
     * Follows marks through a span, forwards and backwards from the still.
     *
     * @param still the moment at which the marks were put, in seconds; it may lie outside the span
     * @param marks in shares of the picture
     * @throws FootageProblem if the recording cannot be read
     * @throws CancellationException if it was stopped
     */
    public static List<Moment> of(
            Recording recording,
            double from,
            double to,
            double still,
            List<Point> marks,
            BooleanSupplier stopped)
            throws FootageProblem {
        List<Frame> frames = frames(recording, from, to, stopped);
        if (frames.isEmpty()) {
            return List.of();
        }
        Still taken = recording.still(still, WIDTH, WIDTH);
        Grey first = Grey.of(taken.picture(), WIDTH);
        int at = nearest(frames, still);
        List<List<Optional<Point>>> places = new ArrayList<>();
        for (Point mark : marks) {
            places.add(follow(frames, at, first, mark, stopped));
        }
        List<Moment> moments = new ArrayList<>();
        for (int i = 0; i < frames.size(); i++) {
            int moment = i;
            moments.add(
                    new Moment(
                            frames.get(i).time(),
                            places.stream().map(p -> p.get(moment)).toList()));
        }
        return moments;
    }

    private static List<Frame> frames(
            Recording recording, double from, double to, BooleanSupplier stopped)
            throws FootageProblem {
        double apart = Math.max(1 / RATE, (to - from) / MOST);
        List<Frame> frames = new ArrayList<>();
        Still still = recording.still(from, WIDTH, WIDTH);
        double next = from;
        while (still != null && still.time() < to) {
            if (stopped.getAsBoolean()) {
                throw new CancellationException("stopped");
            }
            if (still.time() >= next - 1e-3) {
                frames.add(new Frame(still.time(), Grey.of(still.picture(), WIDTH)));
                next = still.time() + apart;
            }
            still = recording.after(still.time(), WIDTH, WIDTH).orElse(null);
        }
        return frames;
    }

    private static int nearest(List<Frame> frames, double time) {
        int best = 0;
        for (int i = 1; i < frames.size(); i++) {
            if (Math.abs(frames.get(i).time() - time) < Math.abs(frames.get(best).time() - time)) {
                best = i;
            }
        }
        return best;
    }

    private static List<Optional<Point>> follow(
            List<Frame> frames, int at, Grey still, Point mark, BooleanSupplier stopped) {
        List<Optional<Point>> places =
                new ArrayList<>(Collections.nCopies(frames.size(), Optional.empty()));
        int x = (int) Math.round(mark.x() * (still.width() - 1));
        int y = (int) Math.round(mark.y() * (still.height() - 1));
        Patch patch = patch(still, x, y);
        if (patch == null) {
            return places;
        }
        for (int way : new int[] {1, -1}) {
            Track track = new Track(patch, still.mean(), x, y);
            Grey before = still;
            for (int i = way > 0 ? at : at - 1; i >= 0 && i < frames.size(); i += way) {
                if (stopped.getAsBoolean()) {
                    throw new CancellationException("stopped");
                }
                Grey grey = frames.get(i).grey();
                if (grey.unlike(before) > CUT) {
                    break;
                }
                places.set(i, track.next(grey));
                before = grey;
            }
        }
        return places;
    }

    /** What is seen around a mark; null where nothing tells the place from its surroundings. */
    private static Patch patch(Grey still, int x, int y) {
        for (int radius : RADII) {
            boolean within =
                    x >= radius
                            && y >= radius
                            && x < still.width() - radius
                            && y < still.height() - radius;
            if (within) {
                Patch patch = Patch.of(still, x, y, radius);
                if (patch.contrast() >= CONTRAST) {
                    return patch;
                }
            }
        }
        return null;
    }

    /** One mark on its way through the pictures. */
    private static final class Track {
        private final Patch still;
        private final double light;
        private Patch before;
        private int x;
        private int y;
        private boolean lost;

        Track(Patch still, double light, int x, int y) {
            this.still = still;
            this.light = light;
            this.before = still;
            this.x = x;
            this.y = y;
        }

        Optional<Point> next(Grey grey) {
            int reach = lost ? NEAR : STEP;
            int bestX = x;
            int bestY = y;
            double best = -1;
            for (int dy = -reach; dy <= reach; dy++) {
                for (int dx = -reach; dx <= reach; dx++) {
                    double likeness = still.likeness(grey, x + dx, y + dy);
                    if (likeness > best) {
                        best = likeness;
                        bestX = x + dx;
                        bestY = y + dy;
                    }
                }
            }
            boolean seen =
                    lost
                            ? best >= AGAIN
                            : best >= SURE
                                    || best >= LIKELY
                                            && before.likeness(grey, bestX, bestY) >= SAME;
            Patch now = seen ? Patch.of(grey, bestX, bestY, still.radius()) : null;
            lost = !seen || !lit(now, grey);
            if (lost) {
                return Optional.empty();
            }
            x = bestX;
            y = bestY;
            before = now;
            return Optional.of(exact(grey, best));
        }

        /** Likeness alone does not tell a black ring from its empty groove. */
        private boolean lit(Patch now, Grey grey) {
            double lighter = now.mean() - still.mean() - (grey.mean() - light);
            double stronger = now.contrast() / still.contrast();
            return Math.abs(lighter) <= LIGHT && stronger <= STRONGER && stronger >= 1 / STRONGER;
        }

        /** The top of the parabola through the likeness beside the best pixel. */
        private Point exact(Grey grey, double best) {
            double dx = top(still.likeness(grey, x - 1, y), best, still.likeness(grey, x + 1, y));
            double dy = top(still.likeness(grey, x, y - 1), best, still.likeness(grey, x, y + 1));
            return new Point((x + dx) / (grey.width() - 1), (y + dy) / (grey.height() - 1));
        }

        private static double top(double left, double middle, double right) {
            double bend = left - 2 * middle + right;
            return bend >= 0 ? 0 : Math.max(-0.5, Math.min(0.5, (left - right) / (2 * bend)));
        }
    }
}
