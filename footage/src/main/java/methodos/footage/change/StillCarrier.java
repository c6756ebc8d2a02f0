package methodos.footage.change;

import java.awt.image.BufferedImage;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Point;
import methodos.core.proposal.Carrier;
import methodos.footage.FootageProblem;
import methodos.footage.Recording;

/**
 * Finds what is seen in one frame in another by laying one on the other, and looks whether the same
 * is seen there.
 */
public final class StillCarrier implements Carrier {

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

    private final Map<Id<Clip>, Recording> recordings;
    private final Map<String, Plane> planes = new HashMap<>();
    private final Map<String, BufferedImage> pictures = new HashMap<>();
    private final Map<String, Alignment> alignments = new HashMap<>();

    /**
     * @param recordings of the clips that can be looked at; who made them closes them
     */
    public StillCarrier(Map<Id<Clip>, Recording> recordings) {
        this.recordings = Map.copyOf(recordings);
    }

    @Override
    public Optional<Carried> carry(
            Id<Clip> clip, double from, Point place, double radius, double to) {
        Recording recording = recordings.get(clip);
        if (recording == null) {
            return Optional.empty();
        }
        try {
            Plane a = plane(clip, recording, from);
            Plane b = plane(clip, recording, to);
            Alignment alignment =
                    alignments.computeIfAbsent(
                            key(clip, from) + ">" + to,
                            k ->
                                    Alignment.of(
                                            pictures.get(key(clip, from)),
                                            pictures.get(key(clip, to)),
                                            a,
                                            b));
            return found(alignment, a, b, place, radius);
        } catch (FootageProblem e) {
            return Optional.empty();
        }
    }

    private Plane plane(Id<Clip> clip, Recording recording, double time) throws FootageProblem {
        String key = key(clip, time);
        Plane known = planes.get(key);
        if (known == null) {
            BufferedImage picture =
                    recording.still(time, Colours.WIDTH, Integer.MAX_VALUE / 4).picture();
            pictures.put(key, picture);
            known = Colours.light(picture);
            planes.put(key, known);
        }
        return known;
    }

    private static String key(Id<Clip> clip, double time) {
        return clip.text() + "@" + time;
    }

    private static Optional<Carried> found(
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
                : Optional.of(new Carried(new Point(bestX / w, bestY / h), trust));
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
