package methodos.footage.change;

/**
 * What lies nearer or farther than the rest is displaced when the camera moves. It is found again a
 * little beside, in both stills in the other; what is gone or new is not.
 */
final class Parallax {

    private static final int CELL = 8;

    /** Half of what is looked at around a cell, in pixels. */
    private static final int REACH = 10;

    /** How far beside it is sought, in pixels. */
    private static final int FARTHEST = 24;

    private static final int COARSE = 2;

    /** What correlates so much is the same. */
    private static final double SAME = .86;

    /** Less structure is found everywhere, in levels. */
    private static final double FLAT = 5;

    private Parallax() {}

    /** Takes out of the unlikeness what is only displaced. */
    static void takenOut(Plane unlike, float changed, Plane a, Plane b) {
        int w = unlike.width();
        int h = unlike.height();
        for (int top = 0; top + CELL <= h; top += CELL) {
            for (int left = 0; left + CELL <= w; left += CELL) {
                if (most(unlike, left, top) > changed
                        && again(a, b, left + CELL / 2, top + CELL / 2)
                        && again(b, a, left + CELL / 2, top + CELL / 2)) {
                    for (int y = top; y < top + CELL; y++) {
                        for (int x = left; x < left + CELL; x++) {
                            unlike.at()[y * w + x] = 0;
                        }
                    }
                }
            }
        }
    }

    private static float most(Plane unlike, int left, int top) {
        float most = 0;
        for (int y = top; y < top + CELL; y++) {
            for (int x = left; x < left + CELL; x++) {
                most = Math.max(most, unlike.get(x, y));
            }
        }
        return most;
    }

    private static boolean again(Plane here, Plane there, int x, int y) {
        int w = here.width();
        int h = here.height();
        if (x < REACH || y < REACH || x >= w - REACH || y >= h - REACH) {
            return false;
        }
        double best = 0;
        int bestX = 0;
        int bestY = 0;
        for (int dy = -FARTHEST; dy <= FARTHEST; dy += COARSE) {
            for (int dx = -FARTHEST; dx <= FARTHEST; dx += COARSE) {
                double alike = alike(here, x, y, there, x + dx, y + dy, 3);
                if (alike > best) {
                    best = alike;
                    bestX = dx;
                    bestY = dy;
                }
            }
        }
        if (best < SAME - .2) {
            return false;
        }
        double fine = 0;
        for (int dy = bestY - 1; dy <= bestY + 1; dy++) {
            for (int dx = bestX - 1; dx <= bestX + 1; dx++) {
                fine = Math.max(fine, alike(here, x, y, there, x + dx, y + dy, 1));
            }
        }
        return fine > SAME;
    }

    private static double alike(Plane a, int ax, int ay, Plane b, int bx, int by, int step) {
        int w = a.width();
        int h = a.height();
        if (bx < REACH || by < REACH || bx >= w - REACH || by >= h - REACH) {
            return 0;
        }
        Correlation alike = new Correlation();
        for (int dy = -REACH; dy <= REACH; dy += step) {
            for (int dx = -REACH; dx <= REACH; dx += step) {
                alike.add(a.get(ax + dx, ay + dy), b.get(bx + dx, by + dy));
            }
        }
        return alike.value(FLAT);
    }
}
