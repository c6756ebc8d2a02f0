package methodos.core.geometry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import methodos.core.manual.Point;

/** Geometry of a few points on a picture. */
public final class Points {

    private Points() {}

    /** The middle of all points; the origin where there are none. */
    public static Point mean(List<Point> points) {
        return new Point(
                points.stream().mapToDouble(Point::x).average().orElse(0),
                points.stream().mapToDouble(Point::y).average().orElse(0));
    }

    /** Positive where c lies to the left of the way from a to b, the y axis pointing up. */
    public static double cross(Point a, Point b, Point c) {
        return (b.x() - a.x()) * (c.y() - a.y()) - (b.y() - a.y()) * (c.x() - a.x());
    }

    /**
     * The convex hull, in order around it, without points inside its edges (Andrew's monotone
     * chain).
     *
     * @return places in the list
     */
    public static List<Integer> hull(List<Point> points) {
        List<Integer> sorted = new ArrayList<>();
        for (int i = 0; i < points.size(); i++) {
            sorted.add(i);
        }
        sorted.sort(
                Comparator.comparingDouble((Integer i) -> points.get(i).x())
                        .thenComparingDouble(i -> points.get(i).y()));
        List<Integer> hull = new ArrayList<>(chain(points, sorted));
        hull.remove(hull.size() - 1);
        List<Integer> back = new ArrayList<>(sorted);
        java.util.Collections.reverse(back);
        hull.addAll(chain(points, back));
        hull.remove(hull.size() - 1);
        return hull.isEmpty() ? sorted : hull;
    }

    private static List<Integer> chain(List<Point> points, List<Integer> sorted) {
        List<Integer> chain = new ArrayList<>();
        for (int next : sorted) {
            while (chain.size() >= 2
                    && cross(
                                    points.get(chain.get(chain.size() - 2)),
                                    points.get(chain.get(chain.size() - 1)),
                                    points.get(next))
                            <= 0) {
                chain.remove(chain.size() - 1);
            }
            chain.add(next);
        }
        return chain;
    }
}
