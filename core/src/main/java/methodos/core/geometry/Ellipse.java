package methodos.core.geometry;

import java.util.List;
import java.util.Optional;
import methodos.core.manual.Point;

/**
 * The ellipse on which points lie, which a tilted circle is seen as.
 *
 * <p>The conic a x² + b x y + c y² + d x + e y = 1 is fitted by least squares, in coordinates about
 * the middle of the points and scaled by their spread. With the Cholesky factor L of its quadratic
 * part (A = L Lᵀ) the map p → Lᵀ (p − centre) takes the ellipse to a circle of radius 1.
 */
public final class Ellipse {

    private static final int UNKNOWNS = 5;

    private final Point middle;
    private final double scale;
    private final double centreX;
    private final double centreY;
    private final double l11;
    private final double l21;
    private final double l22;

    /** A lower triangular matrix. */
    private record Factor(double l11, double l21, double l22) {}

    private Ellipse(Point middle, double scale, Point centre, Factor factor) {
        this.middle = middle;
        this.scale = scale;
        this.centreX = centre.x();
        this.centreY = centre.y();
        this.l11 = factor.l11();
        this.l21 = factor.l21();
        this.l22 = factor.l22();
    }

    /**
     * @param points five at least
     * @return nothing where the best conic is no ellipse
     */
    public static Optional<Ellipse> through(List<Point> points) {
        Point middle = Points.mean(points);
        double scale = points.stream().mapToDouble(p -> p.distance(middle)).average().orElse(0);
        if (scale <= 0) {
            return Optional.empty();
        }
        double[][] normal = new double[UNKNOWNS][UNKNOWNS + 1];
        for (Point p : points) {
            double x = (p.x() - middle.x()) / scale;
            double y = (p.y() - middle.y()) / scale;
            double[] row = {x * x, x * y, y * y, x, y};
            for (int i = 0; i < UNKNOWNS; i++) {
                for (int j = 0; j < UNKNOWNS; j++) {
                    normal[i][j] += row[i] * row[j];
                }
                normal[i][UNKNOWNS] += row[i];
            }
        }
        return LinearSystem.solve(normal).flatMap(c -> of(middle, scale, c));
    }

    private static Optional<Ellipse> of(Point middle, double scale, double[] conic) {
        double a = conic[0];
        double b = conic[1] / 2;
        double c = conic[2];
        double determinant = a * c - b * b;
        if (determinant <= 0 || a <= 0) {
            return Optional.empty();
        }
        double cx = (b * conic[4] - c * conic[3]) / (2 * determinant);
        double cy = (b * conic[3] - a * conic[4]) / (2 * determinant);
        double level = 1 + a * cx * cx + 2 * b * cx * cy + c * cy * cy;
        if (level <= 0) {
            return Optional.empty();
        }
        double l11 = Math.sqrt(a / level);
        double l21 = b / level / l11;
        double l22 = Math.sqrt(c / level - l21 * l21);
        return Optional.of(
                new Ellipse(middle, scale, new Point(cx, cy), new Factor(l11, l21, l22)));
    }

    /** Length of the shorter half axis over that of the longer: the cosine of the tilt. */
    public double flatness() {
        double a = l11 * l11;
        double b = l11 * l21;
        double c = l21 * l21 + l22 * l22;
        double root = Math.hypot((a - c) / 2, b);
        return Math.sqrt(((a + c) / 2 - root) / ((a + c) / 2 + root));
    }

    /** Direction of its shorter axis, of length 1. */
    public Point shorterAxis() {
        double a = l11 * l11;
        double b = l11 * l21;
        double c = l21 * l21 + l22 * l22;
        // the quadratic form is largest along the shorter axis
        double angle = 0.5 * Math.atan2(2 * b, a - c);
        return new Point(Math.cos(angle), Math.sin(angle));
    }

    /** Its middle on the picture. */
    public Point middle() {
        return new Point(middle.x() + scale * centreX, middle.y() + scale * centreY);
    }

    /** Where a point lies when the ellipse is seen as a circle of radius 1 about the origin. */
    public Point straightened(Point p) {
        double x = (p.x() - middle.x()) / scale - centreX;
        double y = (p.y() - middle.y()) / scale - centreY;
        return new Point(l11 * x + l21 * y, l22 * y);
    }
}
