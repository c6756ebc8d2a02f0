package methodos.footage.change;

import java.awt.image.BufferedImage;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Point;
import methodos.core.proposal.PlaceFinder;
import methodos.footage.FootageProblem;
import methodos.footage.Recording;
import org.slf4j.LoggerFactory;

/**
 * Finds what is seen in one frame in another by laying one on the other, and looks whether the same
 * is seen there.
 */
public final class StillPlaceFinder implements PlaceFinder {

    /** The least and the most that is looked at around a place, in pixels. */
    private static final int LEAST = 7;

    private static final int MOST = 44;

    /** How far around the place where it should be it is sought, in pixels. */
    private static final int SOUGHT = 3;

    /** Correlations of what is another thing, and of what is surely the same. */
    private static final double OTHER = .45;

    private static final double SAME = .9;

    /** Less structure is found everywhere, in levels. */
    private static final double FLAT = 2;

    /** So many frames and pairs of them are remembered, some 100 MB. */
    private static final int FRAMES = 40;

    private static final int ALIGNMENTS = 24;

    private final Map<Id<Clip>, Recording> recordings;
    private final Map<String, Frame> frames = new Latest<>(FRAMES);
    private final Map<String, Alignment> alignments = new Latest<>(ALIGNMENTS);

    /**
     * @param recordings of the clips that can be looked at; who made them closes them
     */
    public StillPlaceFinder(Map<Id<Clip>, Recording> recordings) {
        this.recordings = Map.copyOf(recordings);
    }

    @Override
    public Optional<Found> find(Id<Clip> clip, double from, Point place, double radius, double to) {
        Recording recording = recordings.get(clip);
        if (recording == null) {
            return Optional.empty();
        }
        try {
            Frame a = frame(clip, recording, from);
            Frame b = frame(clip, recording, to);
            Alignment alignment =
                    alignments.computeIfAbsent(
                            key(clip, from) + ">" + to,
                            k -> Alignment.of(a.picture, b.picture, a.light, b.light));
            return found(alignment, a.light, b.light, place, radius);
        } catch (FootageProblem e) {
            LoggerFactory.getLogger(StillPlaceFinder.class).warn("nothing found again", e);
            return Optional.empty();
        }
    }

    private Frame frame(Id<Clip> clip, Recording recording, double time) throws FootageProblem {
        String key = key(clip, time);
        Frame known = frames.get(key);
        if (known == null) {
            BufferedImage picture =
                    recording.still(time, Colours.WIDTH, Integer.MAX_VALUE / 4).picture();
            known = new Frame(picture, Colours.light(picture));
            frames.put(key, known);
        }
        return known;
    }

    private record Frame(BufferedImage picture, Plane light) {}

    /** The things that were asked for last; those of an hour would fill the memory. */
    private static final class Latest<T> extends LinkedHashMap<String, T> {

        private static final long serialVersionUID = 1L;
        private final int most;

        Latest(int most) {
            super(16, .75f, true);
            this.most = most;
        }

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, T> eldest) {
            return size() > most;
        }
    }

    private static String key(Id<Clip> clip, double time) {
        return clip.text() + "@" + time;
    }

    private static Optional<Found> found(
            Alignment alignment, Plane a, Plane b, Point place, double radius) {
        int w = a.width();
        int h = a.height();
        int reach = (int) Math.max(LEAST, Math.min(MOST, radius * w));
        double ax = place.x() * w;
        double ay = place.y() * h;
        Point there = alignment.inAfter(new Point(ax, ay), w, h);
        double best = -1;
        double bestX = 0;
        double bestY = 0;
        for (int dy = -SOUGHT; dy <= SOUGHT; dy++) {
            for (int dx = -SOUGHT; dx <= SOUGHT; dx++) {
                double bx = there.x() * w + dx;
                double by = there.y() * h + dy;
                double alike = correlation(a, ax, ay, b, bx, by, reach);
                if (alike > best) {
                    best = alike;
                    bestX = bx;
                    bestY = by;
                }
            }
        }
        double trust = Math.min(1, (best - OTHER) / (SAME - OTHER));
        return trust <= 0
                ? Optional.empty()
                : Optional.of(new Found(new Point(bestX / w, bestY / h), trust));
    }

    /** Of what is around two places, 1 for the same but for the light. */
    private static double correlation(
            Plane a, double ax, double ay, Plane b, double bx, double by, int reach) {
        Correlation alike = new Correlation();
        int step = Math.max(1, reach / 12);
        for (int dy = -reach; dy <= reach; dy += step) {
            for (int dx = -reach; dx <= reach; dx += step) {
                if (!outside(a, ax + dx, ay + dy) && !outside(b, bx + dx, by + dy)) {
                    alike.add(a.between(ax + dx, ay + dy), b.between(bx + dx, by + dy));
                }
            }
        }
        double side = 2.0 * (reach / step) + 1;
        return alike.count() < side * side / 2 ? -1 : alike.value(FLAT);
    }

    private static boolean outside(Plane p, double x, double y) {
        return x < 0 || y < 0 || x > p.width() - 1 || y > p.height() - 1;
    }
}
