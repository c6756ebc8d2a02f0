package methodos.footage.change;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import methodos.core.manual.Point;
import methodos.footage.change.Regions.Region;

/** The corners round a region, its convex hull (Andrew's monotone chain, 1979). */
final class Outline {

    private static final int MOST = 24;

    private Outline() {}

    /** In pixels, at most two dozen of them. */
    static List<Point> round(Region region, int width) {
        int rows = region.bottom() - region.top() + 1;
        int[] left = new int[rows];
        int[] right = new int[rows];
        Arrays.fill(left, Integer.MAX_VALUE);
        Arrays.fill(right, -1);
        for (int p : region.pixels()) {
            int row = p / width - region.top();
            left[row] = Math.min(left[row], p % width);
            right[row] = Math.max(right[row], p % width);
        }
        List<Point> down = new ArrayList<>();
        List<Point> up = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            if (right[row] >= 0) {
                add(down, new Point(left[row], row + region.top()), false);
                add(up, new Point(right[row] + 1, row + region.top()), true);
            }
        }
        List<Point> all = new ArrayList<>(down);
        for (int i = up.size() - 1; i >= 0; i--) {
            all.add(up.get(i));
        }
        return thinned(all);
    }

    /** Adds a point to one side of the hull, and takes out what lies inside then. */
    private static void add(List<Point> side, Point point, boolean right) {
        while (side.size() > 1) {
            Point a = side.get(side.size() - 2);
            Point b = side.get(side.size() - 1);
            double turn =
                    (b.x() - a.x()) * (point.y() - a.y()) - (b.y() - a.y()) * (point.x() - a.x());
            if (right ? turn > 0 : turn < 0) {
                break;
            }
            side.remove(side.size() - 1);
        }
        side.add(point);
    }

    private static List<Point> thinned(List<Point> all) {
        if (all.size() <= MOST) {
            return all;
        }
        List<Point> some = new ArrayList<>();
        for (int i = 0; i < MOST; i++) {
            some.add(all.get(i * all.size() / MOST));
        }
        return some;
    }
}
