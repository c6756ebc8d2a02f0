package methodos.footage.change;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import methodos.core.manual.Point;
import methodos.footage.match.StillMatch;

/**
 * Where each pixel of one still lies on another: by the affine map on which most corners agree, or
 * the homography of features where that lies better; and then surface by surface, since in a scene
 * with depth each moves in its own way when the camera does.
 */
final class Alignment {

    /** Between the places at which a surface is looked for. */
    private static final int GRID = 24;

    /** How far a corner is sought where the camera moved, in pixels. */
    private static final int FARTHEST = 18;

    /** The same for what lies before or behind the rest. */
    private static final int NEAR_BY = 6;

    private static final int CELL = 32;

    /** Gains are counted in steps of so much, as logarithms. */
    private static final double BIN = .02;

    private static final int BINS = 45;

    /** Darker and brighter pixels tell nothing of a gain. */
    private static final float DARK = 10;

    private static final float BRIGHT = 248;

    /** Corners so near to each other are on one surface, in pixels. */
    private static final double SURFACE = 56;

    /** With fewer corners the camera is not known. */
    private static final int FEW = 6;

    /** Stills so little apart, in levels, lie on each other. */
    private static final double STANDS = 4;

    private final int width;
    private final int height;

    /** Where each pixel lies on the other still, in pixels of the same size. */
    private final float[] x;

    private final float[] y;
    private final boolean[] seen;

    private Alignment(int width, int height) {
        this.width = width;
        this.height = height;
        this.x = new float[width * height];
        this.y = new float[width * height];
        this.seen = new boolean[width * height];
    }

    /**
     * @param a brightness of the one before, at the size at which they are compared
     */
    static Alignment of(BufferedImage before, BufferedImage after, Plane a, Plane b) {
        Plane evenB = Tracks.evened(b);
        Affine camera = Affine.of(Tracks.of(Tracks.Ground.of(a, CELL, FARTHEST), evenB));
        double w = a.width();
        double h = a.height();
        Alignment best =
                by(
                        p ->
                                new Point(
                                        camera.x(p.x() * w, p.y() * h) / w,
                                        camera.y(p.x() * w, p.y() * h) / h),
                        a.width(),
                        a.height());
        double asItIs = best.apart(a, b);
        if (asItIs > STANDS || camera.agreeing() < FEW) {
            Optional<StillMatch> match = StillMatch.between(before, after);
            if (match.isPresent()) {
                Alignment moved = by(match.get()::whole, a.width(), a.height());
                best = moved.apart(a, b) < .93 * asItIs ? moved : best;
            }
        }
        best.follow(a, evenB);
        return best;
    }

    private interface Map {
        Point of(Point share);
    }

    private static Alignment by(Map map, int width, int height) {
        Alignment alignment = new Alignment(width, height);
        for (int i = 0; i < alignment.x.length; i++) {
            Point there = map.of(new Point((i % width + .5) / width, (i / width + .5) / height));
            alignment.x[i] = (float) (there.x() * width - .5);
            alignment.y[i] = (float) (there.y() * height - .5);
        }
        alignment.look();
        return alignment;
    }

    private void look() {
        for (int i = 0; i < x.length; i++) {
            seen[i] = x[i] >= 2 && y[i] >= 2 && x[i] < width - 2 && y[i] < height - 2;
        }
    }

    /** Mean of how far the brightness is apart, the most unlike quarter aside, in levels. */
    private double apart(Plane a, Plane b) {
        double[] all = new double[width * height / 16 + 1];
        int n = 0;
        for (int j = 2; j < height; j += 4) {
            for (int i = 2; i < width; i += 4) {
                int p = j * width + i;
                if (seen[p] && n < all.length) {
                    all[n++] = Math.abs(a.at()[p] - b.between(x[p], y[p]));
                }
            }
        }
        if (n < all.length / 3) {
            return Double.MAX_VALUE;
        }
        double[] some = Arrays.copyOf(all, n);
        Arrays.sort(some);
        double sum = 0;
        for (int i = 0; i < n * 3 / 4; i++) {
            sum += some[i];
        }
        return sum / n + .01;
    }

    /** How far pixels lie from where they were, on the mean, in pixels. */
    double moved() {
        double sum = 0;
        for (int p = 0; p < x.length; p += 7) {
            sum += Math.hypot(x[p] - p % width, y[p] - p / width);
        }
        return sum / (x.length / 7.0);
    }

    /** Which pixels of the first still lie on the second. */
    boolean[] seen() {
        return seen;
    }

    /** Follows each surface by some pixels: corners say by how much around them. */
    private void follow(Plane a, Plane evenB) {
        List<Tracks.Track> tracks = Tracks.of(Tracks.Ground.of(a, CELL, NEAR_BY), laid(evenB));
        int columns = (width - 1) / GRID + 2;
        int rows = (height - 1) / GRID + 2;
        float[] dx = new float[columns * rows];
        float[] dy = new float[columns * rows];
        for (int i = 0; i < dx.length; i++) {
            int cx = i % columns * GRID;
            int cy = i / columns * GRID;
            List<Tracks.Track> near =
                    tracks.stream()
                            .filter(t -> Math.hypot(t.x() - cx, t.y() - cy) <= SURFACE)
                            .toList();
            if (near.size() > 2) {
                dx[i] =
                        (float)
                                Tracks.median(
                                        near.stream().mapToDouble(Tracks.Track::dx).toArray());
                dy[i] =
                        (float)
                                Tracks.median(
                                        near.stream().mapToDouble(Tracks.Track::dy).toArray());
            }
        }
        for (int p = 0; p < x.length; p++) {
            double c = p % width / (double) GRID;
            double r = p / width / (double) GRID;
            x[p] += between(dx, columns, c, r);
            y[p] += between(dy, columns, c, r);
        }
        look();
    }

    private static float between(float[] field, int columns, double c, double r) {
        int c0 = (int) c;
        int r0 = (int) r;
        float fc = (float) (c - c0);
        float fr = (float) (r - r0);
        int i = r0 * columns + c0;
        float upper = field[i] * (1 - fc) + field[i + 1] * fc;
        float lower = field[i + columns] * (1 - fc) + field[i + columns + 1] * fc;
        return upper * (1 - fr) + lower * fr;
    }

    /**
     * The second still as it would be if it lay on the first, in its light: each colour of the
     * screen has a gain, by what most pixels say.
     */
    Colours onBefore(Colours after, Colours before) {
        List<Plane> lit = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            lit.add(lit(laid(after.screen().get(i)), before.screen().get(i)));
        }
        return Colours.of(lit.get(0), lit.get(1), lit.get(2));
    }

    private Plane lit(Plane a, Plane b) {
        double gain = Math.exp(usual(a, b));
        Plane lit = new Plane(width, height);
        for (int i = 0; i < lit.at().length; i++) {
            lit.at()[i] = (float) Math.max(0, Math.min(255, gain * a.at()[i]));
        }
        return lit;
    }

    /** The most frequent of the logarithms of how much brighter one is, which no shadow moves. */
    private double usual(Plane a, Plane b) {
        double[] counts = new double[2 * BINS + 1];
        for (int i = 0; i < x.length; i += 3) {
            float va = a.at()[i];
            float vb = b.at()[i];
            if (seen[i] && va > DARK && vb > DARK && va < BRIGHT && vb < BRIGHT) {
                double bin = Math.log(vb / va) / BIN;
                if (Math.abs(bin) < BINS - 2) {
                    int at = (int) Math.floor(bin) + BINS;
                    double share = bin - Math.floor(bin);
                    counts[at] += 1 - share;
                    counts[at + 1] += share;
                }
            }
        }
        int best = BINS;
        double most = 0;
        for (int i = 2; i < counts.length - 2; i++) {
            double smooth =
                    counts[i - 2] / 2
                            + counts[i - 1]
                            + counts[i]
                            + counts[i + 1]
                            + counts[i + 2] / 2;
            if (smooth > most) {
                most = smooth;
                best = i;
            }
        }
        double sum = 0;
        double weight = 0;
        for (int i = best - 2; i <= best + 2 && most > 0; i++) {
            sum += counts[i] * (i - BINS) * BIN;
            weight += counts[i];
        }
        return weight > 0 ? sum / weight : 0;
    }

    private Plane laid(Plane plane) {
        Plane laid = new Plane(width, height);
        for (int i = 0; i < x.length; i++) {
            laid.at()[i] = plane.between(x[i], y[i]);
        }
        return laid;
    }

    /** Where a place of the first still lies on the second, as shares. */
    Point inAfter(Point pixel, int w, int h) {
        int px = (int) Math.max(0, Math.min(w - 1, Math.round(pixel.x())));
        int py = (int) Math.max(0, Math.min(h - 1, Math.round(pixel.y())));
        int p = py * w + px;
        return new Point(
                clamped((x[p] + pixel.x() - px) / w), clamped((y[p] + pixel.y() - py) / h));
    }

    private static double clamped(double share) {
        return Math.max(0, Math.min(1, share));
    }
}
