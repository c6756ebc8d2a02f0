package methodos.footage.change;

import methodos.footage.change.Regions.Region;

/**
 * In which of two stills the thing is that a region shows: where it is, its edge is steep all
 * round, and it looks other than what lies around it; where it is not, the ground goes on.
 */
final class Ownership {

    private static final int RING = 4;
    private static final int AROUND = 9;

    private final Colours before;
    private final Colours after;
    private final Plane steepBefore;
    private final Plane steepAfter;

    Ownership(Colours before, Colours after) {
        this.before = before;
        this.after = after;
        this.steepBefore = before.light().steepness();
        this.steepAfter = after.light().steepness();
    }

    /**
     * @return from 0 (the thing is there only after) to 1 (only before); near one half where
     *     neither is clear
     */
    double before(Region region) {
        int w = before.light().width();
        int h = before.light().height();
        boolean[] inside = new boolean[w * h];
        for (int p : region.pixels()) {
            inside[p] = true;
        }
        boolean[] wide = Regions.grown(inside, w, h, RING);
        boolean[] wider = Regions.grown(inside, w, h, RING + AROUND);
        double edgeBefore = edge(steepBefore, inside, region, w, h);
        double edgeAfter = edge(steepAfter, inside, region, w, h);
        double otherBefore = apart(before, region, wide, wider, w, h);
        double otherAfter = apart(after, region, wide, wider, w, h);
        double edges = share(edgeBefore, edgeAfter, 1.5);
        double looks = share(otherBefore, otherAfter, 4);
        return .6 * edges + .4 * looks;
    }

    private static double share(double a, double b, double floor) {
        return (a + floor) / (a + b + 2 * floor);
    }

    /** Mean of the steepest within a pixel or two of the region's edge. */
    private static double edge(Plane steep, boolean[] inside, Region region, int w, int h) {
        double sum = 0;
        int n = 0;
        for (int p : region.pixels()) {
            int x = p % w;
            int y = p / w;
            if (x < 3 || y < 3 || x >= w - 3 || y >= h - 3 || !atEdge(inside, p, w)) {
                continue;
            }
            float most = 0;
            for (int dy = -3; dy <= 3; dy++) {
                for (int dx = -3; dx <= 3; dx++) {
                    most = Math.max(most, steep.get(x + dx, y + dy));
                }
            }
            sum += most;
            n++;
        }
        return n == 0 ? 0 : sum / n;
    }

    private static boolean atEdge(boolean[] inside, int p, int w) {
        return !inside[p - 1] || !inside[p + 1] || !inside[p - w] || !inside[p + w];
    }

    /** How other the inside looks than what is around, in levels. */
    private static double apart(
            Colours still, Region region, boolean[] wide, boolean[] wider, int w, int h) {
        double[] in = new double[4];
        double[] out = new double[4];
        for (int p : region.pixels()) {
            add(in, still, p);
        }
        int left = Math.max(0, region.left() - RING - AROUND);
        int right = Math.min(w - 1, region.right() + RING + AROUND);
        for (int y = Math.max(0, region.top() - RING - AROUND);
                y <= Math.min(h - 1, region.bottom() + RING + AROUND);
                y++) {
            for (int x = left; x <= right; x++) {
                int p = y * w + x;
                if (wider[p] && !wide[p]) {
                    add(out, still, p);
                }
            }
        }
        if (in[3] == 0 || out[3] == 0) {
            return 0;
        }
        double light = in[0] / in[3] - out[0] / out[3];
        double blue = in[1] / in[3] - out[1] / out[3];
        double red = in[2] / in[3] - out[2] / out[3];
        return Math.sqrt(light * light + blue * blue + red * red);
    }

    private static void add(double[] sums, Colours still, int p) {
        sums[0] += still.light().at()[p];
        sums[1] += still.blue().at()[p];
        sums[2] += still.red().at()[p];
        sums[3]++;
    }
}
