package methodos.core.figure;

import methodos.core.geometry.Ellipse;
import methodos.core.manual.Point;

/**
 * How the plane of a circle leans away, from the ellipse as which the circle is seen.
 *
 * <p>With θ the tilt (cos θ is the shorter over the longer half axis) and v the way from the middle
 * of the ellipse across its longer axis, in pixels, a point of the plane is seen at p = P / (1 + k
 * V) where k = ± tan θ / f, f the focal length in pixels and capital letters the weak view without
 * perspective; so P = p / (1 − k v). The sign is that of the side that is farther away.
 */
record Tilt(Point middle, double axisX, double axisY, double strength) {

    /**
     * @param focal focal length in pixels that is assumed
     */
    static Tilt of(Ellipse ellipse, double focal) {
        double cosine = Math.min(1, ellipse.flatness());
        double tangent = Math.sqrt(1 - cosine * cosine) / Math.max(0.05, cosine);
        Point across = ellipse.shorterAxis();
        return new Tilt(ellipse.middle(), across.x(), across.y(), tangent / focal);
    }

    /**
     * The point with the perspective taken out.
     *
     * @param side 1 where the side toward the axis is farther away, −1 where it is nearer
     */
    Point undone(Point p, int side) {
        double dx = p.x() - middle.x();
        double dy = p.y() - middle.y();
        double v = dx * axisX + dy * axisY;
        double depth = Math.max(0.2, 1 - side * strength * v);
        return new Point(middle.x() + dx / depth, middle.y() + dy / depth);
    }
}
