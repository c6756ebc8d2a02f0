package methodos.core.scan;

/**
 * How one frame differs from the one before it, the movement of the camera taken out.
 *
 * @param broken share of the detailed fields of the picture in which nothing of the frame before is
 *     found again; light that changes breaks nothing
 * @param difference mean difference in grey levels where both frames show the same place
 * @param light the brightness of the darker frame in shares of the lighter one's
 */
record Change(double broken, double difference, double light) {

    static final Change NONE = new Change(0, 0, 1);

    /** Size of the pictures that are compared. */
    static final int COLUMNS = 80;

    static final int ROWS = 45;

    private static final int FIELD_WIDTH = 10;
    private static final int FIELD_HEIGHT = 9;

    /** How far the camera may have moved between two frames, in pixels of the small picture. */
    private static final int SHIFT = 3;

    /** How far a field may lie from where the camera's movement puts it. */
    private static final int OWN_SHIFT = 1;

    /** Correlation below which a field is not the same as before. */
    private static final double SAME = 0.6;

    /** A lamp went on or off where one frame has less than this share of the other's light. */
    private static final double MUCH_DARKER = 0.5;

    /** Mean grey level of a field below which its detail is lost. */
    private static final double DARK = 30;

    /** Frames that differ by less, in grey levels, show the same. */
    private static final double CALM = 0.25;

    /** Half the side of the square that detail stands out from. */
    private static final int SURROUNDINGS = 3;

    /** A field with less contrast than this, in grey levels, says nothing. */
    private static final double DETAIL = 1.2;

    /** A frame as it is compared. */
    record Look(Luma luma, Luma detail) {

        static Look at(byte[] grey, int width, int height) {
            Luma luma = Luma.of(grey, width, height, COLUMNS, ROWS);
            return new Look(luma, luma.detail(SURROUNDINGS));
        }
    }

    static Change between(Look before, Look now) {
        double unmoved = difference(before.luma, now.luma, 0, 0);
        if (unmoved < CALM) {
            return new Change(0, unmoved, 1);
        }
        // the camera's movement is looked for in the detail: light that changes has none
        int dx = 0;
        int dy = 0;
        double least = difference(before.detail, now.detail, 0, 0);
        for (int reach = 1; reach <= SHIFT; reach++) {
            int fromX = dx;
            int fromY = dy;
            for (int k = 0; k < 9; k++) {
                int x = fromX + k % 3 - 1;
                int y = fromY + k / 3 - 1;
                double d = difference(before.detail, now.detail, x, y);
                if (d < least) {
                    least = d;
                    dx = x;
                    dy = y;
                }
            }
            if (dx == fromX && dy == fromY) {
                break;
            }
        }
        double a = before.luma.mean() + 1;
        double b = now.luma.mean() + 1;
        double light = Math.min(a, b) / Math.max(a, b);
        return new Change(
                broken(before, now, dx, dy, light),
                difference(before.luma, now.luma, dx, dy),
                light);
    }

    private static double difference(Luma a, Luma b, int dx, int dy) {
        long sum = 0;
        int n = 0;
        int fromY = Math.max(0, -dy);
        int toY = Math.min(ROWS, ROWS - dy);
        int fromX = Math.max(0, -dx);
        int toX = Math.min(COLUMNS, COLUMNS - dx);
        for (int y = fromY; y < toY; y++) {
            for (int x = fromX; x < toX; x++) {
                sum += Math.abs(a.at(x, y) - b.at(x + dx, y + dy));
            }
            n += toX - fromX;
        }
        return Luma.greyLevels(sum / (double) n);
    }

    private static double broken(Look before, Look now, int dx, int dy, double light) {
        int detailed = 0;
        int broken = 0;
        int hidden = 0;
        for (int y = 0; y + FIELD_HEIGHT <= ROWS; y += FIELD_HEIGHT) {
            for (int x = 0; x + FIELD_WIDTH <= COLUMNS; x += FIELD_WIDTH) {
                double same = same(before.detail, now.detail, x, y, dx, dy);
                if (Double.isNaN(same)) {
                    continue;
                }
                boolean dark =
                        light < MUCH_DARKER
                                ? Math.min(
                                                contrast(before.detail, x, y),
                                                contrast(now.detail, x, y))
                                        < 4 * DETAIL
                                : Math.min(mean(before.luma, x, y), mean(now.luma, x, y)) < DARK;
                if (same >= SAME) {
                    detailed++;
                } else if (dark) {
                    hidden++; // the dark swallows detail: it may be the same or not
                } else {
                    detailed++;
                    broken++;
                }
            }
        }
        return detailed + hidden == 0 || hidden > detailed ? 0 : broken / (double) detailed;
    }

    /** The best correlation of a field of the frame before with its surroundings in this one. */
    private static double same(Luma before, Luma now, int x, int y, int dx, int dy) {
        double best = Double.NaN;
        for (int oy = -OWN_SHIFT; oy <= OWN_SHIFT; oy++) {
            for (int ox = -OWN_SHIFT; ox <= OWN_SHIFT; ox++) {
                int bx = Math.max(0, Math.min(COLUMNS - FIELD_WIDTH, x + dx + ox));
                int by = Math.max(0, Math.min(ROWS - FIELD_HEIGHT, y + dy + oy));
                double same = correlation(before, x, y, now, bx, by);
                if (!Double.isNaN(same) && !(same <= best)) {
                    best = same;
                }
                if (best >= SAME) {
                    return best;
                }
            }
        }
        return best;
    }

    private static double contrast(Luma detail, int x, int y) {
        long sum = 0;
        for (int j = y; j < y + FIELD_HEIGHT; j++) {
            for (int i = x; i < x + FIELD_WIDTH; i++) {
                sum += (long) detail.at(i, j) * detail.at(i, j);
            }
        }
        return Luma.greyLevels(Math.sqrt(sum / (double) (FIELD_WIDTH * FIELD_HEIGHT)));
    }

    private static double mean(Luma picture, int x, int y) {
        long sum = 0;
        for (int j = y; j < y + FIELD_HEIGHT; j++) {
            for (int i = x; i < x + FIELD_WIDTH; i++) {
                sum += picture.at(i, j);
            }
        }
        return Luma.greyLevels(sum / (double) (FIELD_WIDTH * FIELD_HEIGHT));
    }

    /** Normalised correlation of two fields; not a number where neither has detail. */
    private static double correlation(Luma a, int ax, int ay, Luma b, int bx, int by) {
        long sa = 0;
        long sb = 0;
        long saa = 0;
        long sbb = 0;
        long sab = 0;
        for (int y = 0; y < FIELD_HEIGHT; y++) {
            for (int x = 0; x < FIELD_WIDTH; x++) {
                int va = a.at(ax + x, ay + y);
                int vb = b.at(bx + x, by + y);
                sa += va;
                sb += vb;
                saa += (long) va * va;
                sbb += (long) vb * vb;
                sab += (long) va * vb;
            }
        }
        double n = FIELD_WIDTH * FIELD_HEIGHT;
        double va = saa / n - sa / n * (sa / n);
        double vb = sbb / n - sb / n * (sb / n);
        if (Luma.greyLevels(Math.sqrt(Math.max(va, vb))) < DETAIL) {
            return Double.NaN;
        }
        double product = va * vb;
        return product <= 0 ? 0 : (sab / n - sa / n * (sb / n)) / Math.sqrt(product);
    }
}
