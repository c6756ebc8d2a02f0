package methodos.footage.change;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import methodos.core.change.SeenChange;
import methodos.core.manual.Point;

/** What is gone here and new there, and looks the same, is one thing that moved. */
final class Moves {

    private static final int BINS = 6;

    /** So much of their colours two things have in common that may be one. */
    private static final double ALIKE = .6;

    /** One thing is not seen this many times as large elsewhere in the scene. */
    private static final double LARGER = 2.2;

    private Moves() {}

    static List<SeenChange> paired(
            List<SeenChange> all, BufferedImage before, BufferedImage after) {
        List<SeenChange> result = new ArrayList<>(all);
        int pair = 0;
        while (true) {
            double best = ALIKE;
            int from = -1;
            int to = -1;
            for (int i = 0; i < result.size(); i++) {
                for (int j = 0; j < result.size(); j++) {
                    SeenChange a = result.get(i);
                    SeenChange b = result.get(j);
                    if (a.kind() == SeenChange.Kind.GONE
                            && b.kind() == SeenChange.Kind.NEW
                            && a.pair() == 0
                            && b.pair() == 0) {
                        double alike = alike(a, before, b, after);
                        if (alike > best) {
                            best = alike;
                            from = i;
                            to = j;
                        }
                    }
                }
            }
            if (from < 0) {
                return result;
            }
            pair++;
            result.set(from, result.get(from).withPair(pair));
            result.set(to, result.get(to).withPair(pair));
        }
    }

    private static double alike(
            SeenChange a, BufferedImage before, SeenChange b, BufferedImage after) {
        double sizeA = Math.sqrt(a.width() * a.height());
        double sizeB = Math.sqrt(b.width() * b.height());
        double larger = Math.max(sizeA, sizeB) / Math.max(1e-9, Math.min(sizeA, sizeB));
        if (larger > LARGER) {
            return 0;
        }
        double[] ofA = colours(a, before);
        double[] ofB = colours(b, after);
        double common = 0;
        for (int i = 0; i < ofA.length; i++) {
            common += Math.min(ofA[i], ofB[i]);
        }
        return common * (1 - .2 * (larger - 1));
    }

    /** How often each colour is seen within the outline. */
    private static double[] colours(SeenChange change, BufferedImage still) {
        double[] counts = new double[BINS * BINS * BINS];
        int w = still.getWidth();
        int h = still.getHeight();
        int step = Math.max(1, w / 320);
        double left = change.outline().stream().mapToDouble(Point::x).min().orElse(0);
        double right = change.outline().stream().mapToDouble(Point::x).max().orElse(0);
        double top = change.outline().stream().mapToDouble(Point::y).min().orElse(0);
        double bottom = change.outline().stream().mapToDouble(Point::y).max().orElse(0);
        int n = 0;
        for (int y = (int) Math.max(0, top * h); y < Math.min(h, bottom * h); y += step) {
            for (int x = (int) Math.max(0, left * w); x < Math.min(w, right * w); x += step) {
                if (inside(change.outline(), x / (double) w, y / (double) h)) {
                    int rgb = still.getRGB(x, y);
                    int r = (rgb >> 16 & 255) * BINS / 256;
                    int g = (rgb >> 8 & 255) * BINS / 256;
                    int b = (rgb & 255) * BINS / 256;
                    counts[(r * BINS + g) * BINS + b]++;
                    n++;
                }
            }
        }
        for (int i = 0; i < counts.length; i++) {
            counts[i] /= Math.max(1, n);
        }
        return counts;
    }

    private static boolean inside(List<Point> outline, double x, double y) {
        boolean in = false;
        for (int i = 0, j = outline.size() - 1; i < outline.size(); j = i++) {
            Point a = outline.get(i);
            Point b = outline.get(j);
            if (a.y() > y != b.y() > y
                    && x < (b.x() - a.x()) * (y - a.y()) / (b.y() - a.y()) + a.x()) {
                in = !in;
            }
        }
        return in;
    }
}
