package methodos.footage.change;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Corners of one picture that are found again near the same place of another, whatever the light:
 * of each cell the strongest corner (Shi and Tomasi 1994), found by the least difference of patches
 * whose mean and contrast are evened out.
 */
final class Tracks {

    private static final int PATCH = 7;
    private static final int WINDOW = 4;

    /** Weaker corners are noise. */
    private static final double LEAST_CORNER = 4;

    /** What lies elsewhere nearly as well is not found. */
    private static final double UNIQUE = .86;

    private static final int[][] BESIDE_IT = {{1, 0}, {-1, 0}, {0, 1}, {0, -1}};

    /** What differs by more a pixel, in deviations, is something else. */
    private static final double DIFFERENT = .62;

    private static final int BESIDE = 3;

    /** Where a corner of the first picture moved to on the second. */
    record Track(double x, double y, double dx, double dy) {}

    private Tracks() {}

    /** A picture whose structure alone counts. */
    static Plane evened(Plane light) {
        Plane mean = light.mean(PATCH);
        Plane squares = light.times(light).mean(PATCH);
        Plane evened = new Plane(light.width(), light.height());
        for (int i = 0; i < evened.at().length; i++) {
            float m = mean.at()[i];
            double deviation = Math.sqrt(Math.max(0, squares.at()[i] - m * m));
            evened.at()[i] = (float) ((light.at()[i] - m) / (deviation + 4));
        }
        return evened;
    }

    /**
     * A picture whose corners are found again on others.
     *
     * @param evened its structure alone
     * @param corners their places, row by row
     * @param reach how far they can be sought, in pixels
     */
    record Ground(Plane light, Plane evened, List<Integer> corners, int reach) {

        /**
         * @param cell of each square of so many pixels one corner is taken
         */
        static Ground of(Plane light, int cell, int reach) {
            return new Ground(light, Tracks.evened(light), strongest(light, cell, reach), reach);
        }
    }

    /** Where the corners of a picture are on another one, whose structure alone counts. */
    static List<Track> of(Ground ground, Plane other) {
        List<Track> all = new ArrayList<>();
        int w = ground.light().width();
        for (int at : ground.corners()) {
            Track track = search(ground.evened(), other, at % w, at / w, ground.reach());
            if (track != null) {
                all.add(track);
            }
        }
        return all;
    }

    private static List<Integer> strongest(Plane light, int cell, int reach) {
        Plane corners = corners(light);
        List<Integer> all = new ArrayList<>();
        int edge = PATCH + reach + 1;
        for (int top = edge; top < light.height() - edge; top += cell) {
            for (int left = edge; left < light.width() - edge; left += cell) {
                int best = -1;
                float most = (float) LEAST_CORNER;
                for (int y = top; y < Math.min(top + cell, light.height() - edge); y++) {
                    for (int x = left; x < Math.min(left + cell, light.width() - edge); x++) {
                        if (corners.get(x, y) > most) {
                            most = corners.get(x, y);
                            best = y * light.width() + x;
                        }
                    }
                }
                if (best >= 0) {
                    all.add(best);
                }
            }
        }
        return all;
    }

    /** The smaller of how steep it is in two directions, squared, over a window. */
    private static Plane corners(Plane light) {
        int w = light.width();
        int h = light.height();
        Plane gx = new Plane(w, h);
        Plane gy = new Plane(w, h);
        for (int y = 1; y < h - 1; y++) {
            for (int x = 1; x < w - 1; x++) {
                gx.at()[y * w + x] = (light.get(x + 1, y) - light.get(x - 1, y)) / 2;
                gy.at()[y * w + x] = (light.get(x, y + 1) - light.get(x, y - 1)) / 2;
            }
        }
        Plane xx = gx.times(gx).mean(WINDOW);
        Plane yy = gy.times(gy).mean(WINDOW);
        Plane xy = gx.times(gy).mean(WINDOW);
        Plane corners = new Plane(w, h);
        for (int i = 0; i < corners.at().length; i++) {
            double half = (xx.at()[i] + yy.at()[i]) / 2;
            double det = xx.at()[i] * yy.at()[i] - xy.at()[i] * xy.at()[i];
            corners.at()[i] = (float) (half - Math.sqrt(Math.max(0, half * half - det)));
        }
        return corners;
    }

    private static Track search(Plane a, Plane b, int cx, int cy, int reach) {
        int side = 2 * reach + 1;
        double[] apart = new double[side * side];
        apart[0] = apart(a, b, cx, cy, -reach, -reach, Double.MAX_VALUE);
        int best = 0;
        for (int dy = -reach; dy <= reach; dy++) {
            for (int dx = -reach; dx <= reach; dx++) {
                int at = (dy + reach) * side + dx + reach;
                // what is so much more apart than the best can neither be the best nor as good
                apart[at] = apart(a, b, cx, cy, dx, dy, apart[best] / UNIQUE);
                best = apart[at] < apart[best] ? at : best;
            }
        }
        int bx = best % side;
        int by = best / side;
        if (apart[best] > DIFFERENT) {
            return null;
        }
        for (int i = 0; i < apart.length; i++) {
            boolean near = Math.abs(i % side - bx) <= BESIDE && Math.abs(i / side - by) <= BESIDE;
            if (!near && apart[i] * UNIQUE < apart[best]) {
                return null;
            }
        }
        for (int[] step : BESIDE_IT) {
            int x = bx + step[0];
            int y = by + step[1];
            if (x >= 0 && y >= 0 && x < side && y < side) {
                apart[y * side + x] = apart(a, b, cx, cy, x - reach, y - reach, Double.MAX_VALUE);
            }
        }
        double fx = bx == 0 || bx == side - 1 ? 0 : fine(apart, best, 1);
        double fy = by == 0 || by == side - 1 ? 0 : fine(apart, best, side);
        return new Track(cx, cy, bx - reach + fx, by - reach + fy);
    }

    /**
     * How far the patch around a place lies apart from one beside it on the other picture, in
     * levels.
     *
     * @param enough more is not told apart: what is returned may then be anything from this up
     */
    private static double apart(Plane a, Plane b, int cx, int cy, int dx, int dy, double enough) {
        double limit = enough * 64;
        double sum = 0;
        for (int j = -PATCH; j <= PATCH && sum <= limit; j += 2) {
            for (int i = -PATCH; i <= PATCH; i += 2) {
                sum += Math.abs(a.get(cx + i, cy + j) - b.get(cx + i + dx, cy + j + dy));
            }
        }
        return sum / 64;
    }

    /** Where between the pixels the least lies, by a parabola. */
    private static double fine(double[] apart, int at, int step) {
        double before = apart[at - step];
        double after = apart[at + step];
        double bend = before + after - 2 * apart[at];
        return bend <= 0 ? 0 : Math.max(-.5, Math.min(.5, (before - after) / (2 * bend)));
    }

    /** The middle one. */
    static double median(double[] all) {
        double[] sorted = all.clone();
        Arrays.sort(sorted);
        return sorted.length == 0 ? 0 : sorted[sorted.length / 2];
    }
}
