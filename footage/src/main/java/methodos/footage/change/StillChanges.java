package methodos.footage.change;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import methodos.core.change.SeenChange;
import methodos.core.manual.Point;
import methodos.footage.change.Regions.Region;

/**
 * The things that are gone, new or moved between two stills of one scene, of which the second may
 * have been taken by a camera that stands a little elsewhere.
 */
public final class StillChanges {

    /** What is more unlike than this has changed. */
    private static final float CHANGED = .42f;

    /** What is more unlike than this belongs to a change beside it. */
    private static final float BESIDE = .28f;

    /** Things smaller than this share of the picture are noise. */
    private static final double SMALLEST = .00045;

    /** What covers more of the picture than this is another picture, not a thing. */
    private static final double LARGEST = .35;

    /** Where so much changed, the camera shows another scene, and nothing can be told. */
    private static final double ANOTHER = .5;

    /** The camera moved so far that things are displaced against each other, in pixels. */
    private static final double MOVED = 1.5;

    private static final int GAP = 3;

    /** Half the width of what is a surface, in pixels. */
    private static final int SURFACE = 2;

    /** Half the width of the widest strip, in pixels. */
    private static final int STRIP = 6;

    /** What covers a smaller share of the picture is not taken apart. */
    private static final double LARGE = .012;

    private StillChanges() {}

    /** The surest first. */
    public static List<SeenChange> between(BufferedImage before, BufferedImage after) {
        Colours a = Colours.of(before);
        Colours other = Colours.of(after);
        Alignment alignment = Alignment.of(before, after, a.light(), other.light());
        Colours b = alignment.onBefore(other, a);
        Plane unlike = Unlikeness.of(a, b, alignment.seen());
        if (alignment.moved() > MOVED) {
            Parallax.takenOut(unlike, BESIDE, a.light(), b.light());
        }
        int w = unlike.width();
        int h = unlike.height();
        if (share(unlike) > ANOTHER) {
            return List.of();
        }
        List<SeenChange> all = new ArrayList<>();
        Ownership owner = new Ownership(a, b);
        Shadows shadows = new Shadows(a, b);
        for (Region region : regions(unlike, Unlikeness.oneSurface(a, b), w, h)) {
            double share = region.size() / (double) (w * h);
            if (share < SMALLEST || share > LARGEST) {
                continue;
            }
            if (shadows.is(region)) {
                continue;
            }
            double strength = strength(region, unlike);
            double whose = owner.before(region);
            SeenChange.Kind kind = whose >= .5 ? SeenChange.Kind.GONE : SeenChange.Kind.NEW;
            double clear = Math.min(1, Math.abs(whose - .5) / .2);
            double sure = strength * (.55 + .45 * clear);
            all.add(change(kind, region, w, h, sure, alignment));
        }
        all.sort(Comparator.comparingDouble(SeenChange::sure).reversed());
        return Moves.paired(all, before, after);
    }

    private static double share(Plane unlike) {
        int changed = 0;
        for (float v : unlike.at()) {
            changed += v > CHANGED ? 1 : 0;
        }
        return changed / (double) unlike.at().length;
    }

    private static List<Region> regions(Plane unlike, boolean[] oneSurface, int w, int h) {
        boolean[] sure = new boolean[w * h];
        boolean[] maybe = new boolean[w * h];
        for (int i = 0; i < sure.length; i++) {
            sure[i] = unlike.at()[i] > CHANGED;
            maybe[i] = unlike.at()[i] > BESIDE;
        }
        boolean[] closed = Regions.closed(maybe, w, h, GAP);
        boolean[] filled = Regions.filled(closed, w, h);
        boolean[] same = Regions.opened(oneSurface, w, h, SURFACE);
        for (int i = 0; i < filled.length; i++) {
            // what lies in a ring of changes and is the ground, in a shadow, is no part of a thing
            filled[i] = filled[i] && (maybe[i] || !same[i]);
        }
        boolean[] whole = Regions.opened(filled, w, h, 2);
        List<Region> all = new ArrayList<>();
        for (Region region : Regions.of(whole, w, h)) {
            for (Region part : parts(region, w, h)) {
                long of = Arrays.stream(part.pixels()).filter(p -> sure[p]).count();
                if (of >= .12 * part.size()) {
                    all.add(part);
                }
            }
        }
        return all;
    }

    /** A large region that hangs together by strips, the edges of shadows, is several. */
    private static List<Region> parts(Region region, int w, int h) {
        if (region.size() < LARGE * w * h) {
            return List.of(region);
        }
        boolean[] marked = new boolean[w * h];
        for (int p : region.pixels()) {
            marked[p] = true;
        }
        boolean[] thick = Regions.opened(marked, w, h, STRIP);
        List<Region> parts =
                Regions.of(thick, w, h).stream().filter(r -> r.size() > LARGE / 8 * w * h).toList();
        return parts.isEmpty() ? List.of(region) : parts;
    }

    /** How unlike the most unlike third of a region is. */
    private static double strength(Region region, Plane unlike) {
        float[] all = new float[region.size()];
        for (int i = 0; i < all.length; i++) {
            all[i] = unlike.at()[region.pixels()[i]];
        }
        Arrays.sort(all);
        double sum = 0;
        int from = all.length * 2 / 3;
        for (int i = from; i < all.length; i++) {
            sum += all[i];
        }
        return sum / (all.length - from);
    }

    private static SeenChange change(
            SeenChange.Kind kind, Region region, int w, int h, double sure, Alignment alignment) {
        boolean gone = kind == SeenChange.Kind.GONE;
        List<Point> outline = new ArrayList<>();
        for (Point p : Outline.round(region, w)) {
            outline.add(gone ? new Point(p.x() / w, p.y() / h) : alignment.inAfter(p, w, h));
        }
        Point middle = new Point(region.middleX(w), region.middleY(w));
        double left = outline.stream().mapToDouble(Point::x).min().orElse(0);
        double right = outline.stream().mapToDouble(Point::x).max().orElse(0);
        double top = outline.stream().mapToDouble(Point::y).min().orElse(0);
        double bottom = outline.stream().mapToDouble(Point::y).max().orElse(0);
        return new SeenChange(
                kind,
                gone ? new Point(middle.x() / w, middle.y() / h) : alignment.inAfter(middle, w, h),
                right - left,
                bottom - top,
                outline,
                sure,
                null,
                0);
    }
}
