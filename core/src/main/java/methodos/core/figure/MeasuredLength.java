package methodos.core.figure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import methodos.core.geometry.Ellipse;
import methodos.core.geometry.Homography;
import methodos.core.manual.Point;
import methodos.core.quantity.MeasureUnit;

/**
 * A length on a picture, by something on it whose size is known and that lies in the same plane.
 *
 * <p>A rectangle undoes the tilt of the plane (homography), a circle does as far as the perspective
 * is weak, a known length does not. The uncertainty is that of the clicks: each coordinate of each
 * point that was clicked changes the length by its partial derivative; independent errors add by
 * squares (GUM, JCGM 100:2008, 5.1.2), and 1.96 standard deviations are 95 %. A circle alone does
 * not tell which of its sides is nearer, nor how strong the perspective is: what the strongest
 * perspective of either kind would change is added, and grows with the distance from the circle.
 *
 * @param value in the unit of what is known
 * @param uncertainty half the width of the 95 % interval
 */
public record MeasuredLength(double value, double uncertainty, boolean tiltCorrected) {

    private static final double COVERAGE = 1.96;

    /** So many standard deviations leave 5 % above. */
    private static final double ONE_SIDED = 1.645;

    /** Step of the derivatives, in pixels. */
    private static final double STEP = 1e-3;

    /** Focal length that is assumed at least, in pixels: a wide picture of 1,280. */
    private static final double FOCAL = 1000;

    private static final int CORNERS = 4;
    private static final int FEWEST_ON_CIRCLE = 5;

    /**
     * @param corners of the rectangle, one after the other around it
     * @param along length of the side from the first to the second corner
     * @param across length of the side from the second to the third
     * @param pointing standard deviation of a click in pixels, along each axis
     * @throws IllegalArgumentException if the corners are no rectangle's
     */
    public static MeasuredLength byRectangle(
            List<Point> corners,
            double along,
            double across,
            Point from,
            Point to,
            double pointing) {
        if (corners.size() != CORNERS) {
            throw new IllegalArgumentException("A rectangle has four corners.");
        }
        positive(along);
        positive(across);
        List<Point> plane =
                List.of(
                        new Point(0, 0),
                        new Point(along, 0),
                        new Point(along, across),
                        new Point(0, across));
        ToDoubleFunction<List<Point>> length =
                points ->
                        Homography.of(points.subList(0, CORNERS), plane)
                                .map(
                                        h ->
                                                h.of(points.get(CORNERS))
                                                        .distance(h.of(points.get(CORNERS + 1))))
                                .orElseThrow(
                                        () ->
                                                new IllegalArgumentException(
                                                        "Three corners lie on a line."));
        List<Point> clicked = with(corners, from, to);
        return new MeasuredLength(
                length.applyAsDouble(clicked),
                COVERAGE * deviation(length, clicked, pointing),
                true);
    }

    /**
     * @param rim points on the circle, five at least
     * @param pointing standard deviation of a click in pixels, along each axis
     * @throws IllegalArgumentException if they are too few, or lie on no ellipse
     */
    public static MeasuredLength byCircle(
            List<Point> rim, double diameter, Point from, Point to, double pointing) {
        if (rim.size() < FEWEST_ON_CIRCLE) {
            throw new IllegalArgumentException("A circle takes five points on it.");
        }
        positive(diameter);
        int n = rim.size();
        ToDoubleFunction<List<Point>> length =
                points -> {
                    Ellipse ellipse = ellipse(points.subList(0, n));
                    return ellipse.straightened(points.get(n))
                                    .distance(ellipse.straightened(points.get(n + 1)))
                            * diameter
                            / 2;
                };
        List<Point> clicked = with(rim, from, to);
        double value = length.applyAsDouble(clicked);
        double[] perspective = {0, 0};
        Tilt tilt = Tilt.of(ellipse(rim), FOCAL);
        for (int side = 0; side < 2; side++) {
            int sign = side == 0 ? 1 : -1;
            List<Point> undone = clicked.stream().map(p -> tilt.undone(p, sign)).toList();
            perspective[side] = Math.abs(length.applyAsDouble(undone) - value);
        }
        double bound = Math.max(perspective[0], perspective[1]);
        return new MeasuredLength(
                value, withBound(bound, deviation(length, clicked, pointing)), true);
    }

    /**
     * Half the width in which 95 % lie where a normal error is shifted by as much as a bound: the
     * bound and 1.645 deviations where it is large beside them, 1.96 deviations where there is
     * none. Between them 0.315 exp(−4 bound/deviation) is within 0.02 of the exact factor.
     */
    private static double withBound(double bound, double deviation) {
        double share = deviation == 0 ? 0 : Math.exp(-4 * bound / deviation);
        return bound + (ONE_SIDED + (COVERAGE - ONE_SIDED) * share) * deviation;
    }

    private static Ellipse ellipse(List<Point> rim) {
        return Ellipse.through(rim)
                .orElseThrow(() -> new IllegalArgumentException("The points lie on no circle."));
    }

    /**
     * @param known the ends of the known length
     * @param pointing standard deviation of a click in pixels, along each axis
     */
    public static MeasuredLength byLength(
            List<Point> known, double size, Point from, Point to, double pointing) {
        if (known.size() != 2 || known.get(0).equals(known.get(1))) {
            throw new IllegalArgumentException("A known length has two ends.");
        }
        positive(size);
        ToDoubleFunction<List<Point>> length =
                points ->
                        size
                                * points.get(2).distance(points.get(3))
                                / points.get(0).distance(points.get(1));
        List<Point> clicked = with(known, from, to);
        return new MeasuredLength(
                length.applyAsDouble(clicked),
                COVERAGE * deviation(length, clicked, pointing),
                false);
    }

    /**
     * The same with what a lens leaves of straight lines.
     *
     * @param share standard uncertainty of the length from distortion, as a share of it
     */
    public MeasuredLength throughLens(double share) {
        return new MeasuredLength(
                value, Math.hypot(uncertainty, COVERAGE * share * value), tiltCorrected);
    }

    /**
     * As it is printed, such as {@code 62.4 ± 0.8 mm}: the uncertainty rounded up, to two digits
     * where its first is below 3 and else to one, the value to the same place; {@code ≈ 62 mm}
     * where the tilt is left.
     */
    public String print(MeasureUnit unit) {
        double half = Math.max(uncertainty, 1e-6);
        int power = (int) Math.floor(Math.log10(half));
        int digits = half / Math.pow(10, power) < 3 ? 1 - power : -power;
        BigDecimal shown = BigDecimal.valueOf(half).setScale(Math.max(0, digits), RoundingMode.UP);
        BigDecimal length =
                BigDecimal.valueOf(value).setScale(Math.max(0, digits), RoundingMode.HALF_EVEN);
        return tiltCorrected
                ? length.toPlainString() + " ± " + shown.toPlainString() + " " + unit.symbol()
                : "≈ " + length.toPlainString() + " " + unit.symbol();
    }

    private static void positive(double size) {
        if (size <= 0) {
            throw new IllegalArgumentException("What is known has to be longer than 0.");
        }
    }

    private static List<Point> with(List<Point> known, Point from, Point to) {
        List<Point> all = new ArrayList<>(known);
        all.add(from);
        all.add(to);
        return all;
    }

    private static double deviation(
            ToDoubleFunction<List<Point>> length, List<Point> clicked, double pointing) {
        double squares = 0;
        for (int i = 0; i < clicked.size(); i++) {
            double x = derivative(length, clicked, i, STEP, 0);
            double y = derivative(length, clicked, i, 0, STEP);
            squares += x * x + y * y;
        }
        return pointing * Math.sqrt(squares);
    }

    private static double derivative(
            ToDoubleFunction<List<Point>> length,
            List<Point> clicked,
            int i,
            double dx,
            double dy) {
        List<Point> moved = new ArrayList<>(clicked);
        moved.set(i, clicked.get(i).plus(dx, dy));
        double more = length.applyAsDouble(moved);
        moved.set(i, clicked.get(i).plus(-dx, -dy));
        return (more - length.applyAsDouble(moved)) / (2 * STEP);
    }
}
