package methodos.core.geometry;

import java.util.List;
import java.util.Optional;
import methodos.core.manual.Point;

/**
 * The map between a plane and its picture, from four points whose places on both are known: x' = (a
 * x + b y + c) / (g x + h y + 1), y' = (d x + e y + f) / (g x + h y + 1).
 */
public final class Homography {

    private static final int POINTS = 4;

    private final double[] m;

    private Homography(double[] m) {
        this.m = m;
    }

    /**
     * @param from four points, no three on a line
     * @param to where they are taken
     * @return nothing where they do not determine the map
     */
    public static Optional<Homography> of(List<Point> from, List<Point> to) {
        double[][] rows = new double[2 * POINTS][];
        for (int i = 0; i < POINTS; i++) {
            Point p = from.get(i);
            Point q = to.get(i);
            rows[2 * i] =
                    new double[] {p.x(), p.y(), 1, 0, 0, 0, -p.x() * q.x(), -p.y() * q.x(), q.x()};
            rows[2 * i + 1] =
                    new double[] {0, 0, 0, p.x(), p.y(), 1, -p.x() * q.y(), -p.y() * q.y(), q.y()};
        }
        return LinearSystem.solve(rows).map(Homography::new);
    }

    /** Where a point of the one picture lies in the other. */
    public Point of(Point p) {
        double w = m[6] * p.x() + m[7] * p.y() + 1;
        return new Point(
                (m[0] * p.x() + m[1] * p.y() + m[2]) / w, (m[3] * p.x() + m[4] * p.y() + m[5]) / w);
    }
}
