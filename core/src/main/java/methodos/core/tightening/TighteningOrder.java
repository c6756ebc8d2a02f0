package methodos.core.tightening;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import methodos.core.geometry.Ellipse;
import methodos.core.geometry.Points;
import methodos.core.manual.Arrangement;
import methodos.core.manual.Point;

/**
 * In which order the screws of a joint are tightened, from where they lie on a picture.
 *
 * <ul>
 *   <li>Circle, even: opposite pairs; the first begins with the screw that was clicked first, each
 *       next pair is as far from those done as can be (ties: next-nearest, then lowest number).
 *   <li>Circle, odd: a star, each step as near to half-way round as there is: (n − 1)/2 places on.
 *   <li>Rectangle, irregular and row: from the inside out, each screw followed by the one that lies
 *       opposite (ties: lowest number).
 * </ul>
 *
 * @param order numbers of the screws, from 1 as listed, in the order of tightening
 */
public record TighteningOrder(Arrangement arrangement, List<Integer> order) {

    /** Off the ellipse's radius, and off an even gap, by at most so much. */
    private static final double RADIUS_OFF = 0.08;

    private static final double GAP_OFF = 0.35;

    /** Off a line by at most this share of its length. */
    private static final double LINE_OFF = 0.05;

    /** From so many on an ellipse can be fitted. */
    private static final int FITTED = 5;

    /** What lies further from the opposite spot, in mean distances from the middle, is not it. */
    private static final double OPPOSITE = 0.6;

    private static final double TIE = 1e-6;

    /**
     * @param screws at least one
     * @throws IllegalArgumentException if there are none, or two lie on one spot
     */
    public static TighteningOrder of(List<Point> screws) {
        check(screws);
        if (collinear(screws)) {
            return as(Arrangement.ROW, screws);
        }
        if (screws.size() < FITTED) {
            boolean corners = Points.hull(screws).size() == screws.size();
            return as(corners ? Arrangement.CIRCLE : Arrangement.IRREGULAR, screws);
        }
        if (circle(screws).isPresent()) {
            return as(Arrangement.CIRCLE, screws);
        }
        return as(
                ScrewGrid.of(screws).isPresent() ? Arrangement.RECTANGLE : Arrangement.IRREGULAR,
                screws);
    }

    /**
     * @param arrangement as which the screws are taken, whatever they look like; not {@link
     *     Arrangement#GIVEN}
     */
    public static TighteningOrder as(Arrangement arrangement, List<Point> screws) {
        check(screws);
        List<Integer> places =
                switch (arrangement) {
                    case CIRCLE -> round(circle(screws).orElseGet(() -> around(screws)));
                    case RECTANGLE ->
                            insideOut(
                                    ScrewGrid.of(screws).map(ScrewGrid::places).orElse(screws),
                                    true);
                    case ROW, IRREGULAR -> insideOut(screws, arrangement == Arrangement.ROW);
                    case GIVEN -> throw new IllegalArgumentException("The order is not given.");
                };
        return new TighteningOrder(arrangement, places.stream().map(i -> i + 1).toList());
    }

    /**
     * An order that the author gives.
     *
     * @param count how many screws there are
     * @throws IllegalArgumentException if it does not name each screw once
     */
    public static TighteningOrder given(int count, List<Integer> order) {
        if (!order.stream()
                .sorted()
                .toList()
                .equals(IntStream.rangeClosed(1, count).boxed().toList())) {
            throw new IllegalArgumentException(
                    "The given order has to name each of the " + count + " screws once.");
        }
        return new TighteningOrder(Arrangement.GIVEN, List.copyOf(order));
    }

    public TighteningOrder {
        order = List.copyOf(order);
    }

    /** For each screw as listed its place in the order, from 1: the number drawn at it. */
    public List<Integer> numbers() {
        Integer[] numbers = new Integer[order.size()];
        for (int k = 0; k < order.size(); k++) {
            numbers[order.get(k) - 1] = k + 1;
        }
        return Arrays.asList(numbers);
    }

    private static void check(List<Point> screws) {
        if (screws.isEmpty()) {
            throw new IllegalArgumentException("There is no screw.");
        }
        if (screws.stream().distinct().count() < screws.size()) {
            throw new IllegalArgumentException("Two screws lie on the same spot.");
        }
    }

    private static boolean collinear(List<Point> screws) {
        if (screws.size() < 3) {
            return true;
        }
        Point from = screws.get(0);
        Point to = screws.get(0);
        for (Point a : screws) {
            for (Point b : screws) {
                if (a.distance(b) > from.distance(to)) {
                    from = a;
                    to = b;
                }
            }
        }
        double length = from.distance(to);
        for (Point p : screws) {
            if (Math.abs(Points.cross(from, to, p)) / length > LINE_OFF * length) {
                return false;
            }
        }
        return true;
    }

    /** The screws around their circle, where they lie on one nearly evenly. */
    private static Optional<List<Integer>> circle(List<Point> screws) {
        int n = screws.size();
        if (n < FITTED) {
            return Optional.empty();
        }
        return Ellipse.through(screws)
                .map(e -> screws.stream().map(e::straightened).toList())
                .filter(TighteningOrder::even)
                .map(TighteningOrder::byAngle);
    }

    private static boolean even(List<Point> straight) {
        double radius =
                straight.stream().mapToDouble(p -> Math.hypot(p.x(), p.y())).average().orElse(0);
        for (Point p : straight) {
            if (Math.abs(Math.hypot(p.x(), p.y()) - radius) > RADIUS_OFF * radius) {
                return false;
            }
        }
        double gap = 2 * Math.PI / straight.size();
        List<Integer> around = byAngle(straight);
        for (int k = 0; k < around.size(); k++) {
            Point a = straight.get(around.get(k));
            Point b = straight.get(around.get((k + 1) % around.size()));
            double turned = Math.atan2(b.y(), b.x()) - Math.atan2(a.y(), a.x());
            double between = (turned + 4 * Math.PI) % (2 * Math.PI);
            if (Math.abs(between - gap) > GAP_OFF * gap) {
                return false;
            }
        }
        return true;
    }

    private static List<Integer> around(List<Point> screws) {
        Point middle = Points.mean(screws);
        return byAngle(screws.stream().map(p -> p.plus(-middle.x(), -middle.y())).toList());
    }

    /** Places in the list around the origin, beginning with the first of the list. */
    private static List<Integer> byAngle(List<Point> points) {
        List<Integer> sorted = new ArrayList<>(IntStream.range(0, points.size()).boxed().toList());
        sorted.sort(
                Comparator.comparingDouble(i -> Math.atan2(points.get(i).y(), points.get(i).x())));
        java.util.Collections.rotate(sorted, -sorted.indexOf(0));
        return sorted;
    }

    /**
     * @param around the screws around the circle, the first first
     */
    private static List<Integer> round(List<Integer> around) {
        int n = around.size();
        List<Integer> order = new ArrayList<>();
        if (n % 2 == 1) {
            int step = Math.max(1, (n - 1) / 2);
            if (n > 1 && around.get(n - step) < around.get(step)) {
                step = n - step; // round the other way, to the lower number
            }
            int at = 0;
            for (int k = 0; k < n; k++) {
                order.add(around.get(at));
                at = (at + step) % n;
            }
            return order;
        }
        List<Integer> left = new ArrayList<>(IntStream.range(1, n / 2).boxed().toList());
        List<Integer> done = new ArrayList<>(List.of(0, n / 2));
        order.add(around.get(0));
        order.add(around.get(n / 2));
        while (!left.isEmpty()) {
            int best = left.get(0);
            for (int pair : left) {
                if (further(pair, best, done, n)
                        || !further(best, pair, done, n)
                                && lowest(around, pair, n) < lowest(around, best, n)) {
                    best = pair;
                }
            }
            left.remove(Integer.valueOf(best));
            done.add(best);
            done.add(best + n / 2);
            int one = around.get(best);
            int other = around.get(best + n / 2);
            order.add(Math.min(one, other));
            order.add(Math.max(one, other));
        }
        return order;
    }

    private static int lowest(List<Integer> around, int pair, int n) {
        return Math.min(around.get(pair), around.get(pair + n / 2));
    }

    /** Whether a pair is further from those done than another: the nearest, then the next. */
    private static boolean further(int pair, int other, List<Integer> done, int n) {
        int[] a = steps(pair, done, n);
        int[] b = steps(other, done, n);
        return a[0] != b[0] ? a[0] > b[0] : a[1] > b[1];
    }

    /** How many places it is to those done, sorted; opposite screws have the same. */
    private static int[] steps(int screw, List<Integer> done, int n) {
        return done.stream()
                .mapToInt(d -> Math.min(Math.floorMod(d - screw, n), Math.floorMod(screw - d, n)))
                .sorted()
                .toArray();
    }

    /**
     * @param framed whether the middle is that of the extent, and not of the screws
     */
    private static List<Integer> insideOut(List<Point> screws, boolean framed) {
        Point middle = framed ? extentMiddle(screws) : Points.mean(screws);
        double mean = screws.stream().mapToDouble(p -> p.distance(middle)).average().orElse(0);
        List<Integer> left = new ArrayList<>(IntStream.range(0, screws.size()).boxed().toList());
        List<Integer> order = new ArrayList<>();
        while (!left.isEmpty()) {
            int inner = nearest(screws, left, middle);
            order.add(inner);
            left.remove(Integer.valueOf(inner));
            Point p = screws.get(inner);
            Point opposite = new Point(2 * middle.x() - p.x(), 2 * middle.y() - p.y());
            if (!left.isEmpty() && p.distance(middle) > TIE * mean) {
                int partner = nearest(screws, left, opposite);
                if (screws.get(partner).distance(opposite) <= OPPOSITE * mean) {
                    order.add(partner);
                    left.remove(Integer.valueOf(partner));
                }
            }
        }
        return order;
    }

    private static Point extentMiddle(List<Point> screws) {
        double left = screws.stream().mapToDouble(Point::x).min().orElse(0);
        double right = screws.stream().mapToDouble(Point::x).max().orElse(0);
        double top = screws.stream().mapToDouble(Point::y).min().orElse(0);
        double bottom = screws.stream().mapToDouble(Point::y).max().orElse(0);
        return new Point((left + right) / 2, (top + bottom) / 2);
    }

    /** Of those left the one nearest to a spot; of those as near the lowest number. */
    private static int nearest(List<Point> screws, List<Integer> left, Point spot) {
        int best = left.get(0);
        for (int i : left) {
            double now = screws.get(i).distance(spot);
            double before = screws.get(best).distance(spot);
            if (now < before - TIE * (1 + before)) {
                best = i;
            }
        }
        return best;
    }
}
