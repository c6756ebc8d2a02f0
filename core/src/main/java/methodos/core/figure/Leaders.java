package methodos.core.figure;

import methodos.core.manual.Point;

/** Geometry of the lines from balloons to what they point at. */
public final class Leaders {

    private Leaders() {}

    /** Whether the way from a to b and that from c to d have a point in common. */
    public static boolean cross(Point a, Point b, Point c, Point d) {
        double abc = side(a, b, c);
        double abd = side(a, b, d);
        double cda = side(c, d, a);
        double cdb = side(c, d, b);
        if (abc * abd < 0 && cda * cdb < 0) {
            return true;
        }
        return abc == 0 && between(a, b, c)
                || abd == 0 && between(a, b, d)
                || cda == 0 && between(c, d, a)
                || cdb == 0 && between(c, d, b);
    }

    private static double side(Point a, Point b, Point p) {
        return (b.x() - a.x()) * (p.y() - a.y()) - (b.y() - a.y()) * (p.x() - a.x());
    }

    private static boolean between(Point a, Point b, Point p) {
        return p.x() >= Math.min(a.x(), b.x())
                && p.x() <= Math.max(a.x(), b.x())
                && p.y() >= Math.min(a.y(), b.y())
                && p.y() <= Math.max(a.y(), b.y());
    }

    /** How far a point is from the way from a to b. */
    public static double distance(Point p, Point a, Point b) {
        double dx = b.x() - a.x();
        double dy = b.y() - a.y();
        double square = dx * dx + dy * dy;
        double share = square == 0 ? 0 : ((p.x() - a.x()) * dx + (p.y() - a.y()) * dy) / square;
        double at = Math.max(0, Math.min(1, share));
        return p.distance(new Point(a.x() + at * dx, a.y() + at * dy));
    }

    /** Where the leader meets the edge of its balloon. */
    public static Point edge(Point balloon, Point target, double radius) {
        double distance = balloon.distance(target);
        if (distance <= radius) {
            return target;
        }
        double share = radius / distance;
        return new Point(
                balloon.x() + (target.x() - balloon.x()) * share,
                balloon.y() + (target.y() - balloon.y()) * share);
    }
}
