package methodos.core.tightening;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import methodos.core.geometry.Points;
import methodos.core.manual.Point;

/**
 * Rows and columns in which screws lie, seen straight or askew: the directions between the
 * outermost screws are tried as axes until all screws lie in rows and columns.
 */
final class ScrewGrid {

    /** Screws of a row differ by less than this share of the grid's extent. */
    private static final double SAME_ROW = 0.06;

    private static final int FEWEST = 6;

    /** Sides of the hull that are nearly parallel make no grid: sine of the least angle. */
    private static final double LEAST_ANGLE = 0.3;

    private final List<Point> places;

    private ScrewGrid(List<Point> places) {
        this.places = places;
    }

    /** Where the screws lie along the grid's two axes, in the units of the picture. */
    List<Point> places() {
        return places;
    }

    static Optional<ScrewGrid> of(List<Point> screws) {
        if (screws.size() < FEWEST) {
            return Optional.empty();
        }
        List<Integer> hull = Points.hull(screws);
        List<Point> sides = new ArrayList<>();
        for (int i : hull) {
            for (int j : hull) {
                Point a = screws.get(i);
                Point b = screws.get(j);
                double length = a.distance(b);
                if (i != j) {
                    sides.add(new Point((b.x() - a.x()) / length, (b.y() - a.y()) / length));
                }
            }
        }
        return sides.stream()
                .flatMap(u -> sides.stream().map(v -> new Axes(u, v)))
                .filter(axes -> axes.sine() >= LEAST_ANGLE)
                .sorted(Comparator.comparingDouble(axes -> -axes.sine()))
                .flatMap(axes -> along(screws, axes).stream())
                .findFirst();
    }

    /** Two directions; the nearer they are to a right angle the likelier they are the grid's. */
    private record Axes(Point u, Point v) {

        double sine() {
            return u.x() * v.y() - u.y() * v.x();
        }

        double across(Point p) {
            return (p.x() * v.y() - p.y() * v.x()) / sine();
        }

        double down(Point p) {
            return (u.x() * p.y() - u.y() * p.x()) / sine();
        }
    }

    private static Optional<ScrewGrid> along(List<Point> screws, Axes axes) {
        double[] across = screws.stream().mapToDouble(axes::across).toArray();
        double[] down = screws.stream().mapToDouble(axes::down).toArray();
        int[] columns = lines(across);
        int[] rows = lines(down);
        if (columns == null || rows == null || !filled(columns, rows)) {
            return Optional.empty();
        }
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < screws.size(); i++) {
            places.add(new Point(across[i], down[i]));
        }
        return Optional.of(new ScrewGrid(places));
    }

    /** The number of the line in which each lies; null where they lie in no lines. */
    private static int[] lines(double[] values) {
        Integer[] sorted = new Integer[values.length];
        Arrays.setAll(sorted, i -> i);
        Arrays.sort(sorted, (a, b) -> Double.compare(values[a], values[b]));
        double extent = values[sorted[sorted.length - 1]] - values[sorted[0]];
        int[] line = new int[values.length];
        int current = 0;
        double begin = values[sorted[0]];
        for (int k = 0; k < sorted.length; k++) {
            double value = values[sorted[k]];
            if (value - begin > SAME_ROW * extent) {
                if (value - values[sorted[k - 1]] <= SAME_ROW * extent) {
                    return null; // one runs into the next
                }
                current++;
                begin = value;
            }
            line[sorted[k]] = current;
        }
        return current == 0 ? null : line;
    }

    /** Whether each line has two at least, and nothing is missing but corners and the inside. */
    private static boolean filled(int[] columns, int[] rows) {
        int across = Arrays.stream(columns).max().orElse(0) + 1;
        int down = Arrays.stream(rows).max().orElse(0) + 1;
        boolean[][] taken = new boolean[down][across];
        for (int i = 0; i < rows.length; i++) {
            if (taken[rows[i]][columns[i]]) {
                return false;
            }
            taken[rows[i]][columns[i]] = true;
        }
        for (int r = 0; r < down; r++) {
            for (int c = 0; c < across; c++) {
                boolean edge = r == 0 || c == 0 || r == down - 1 || c == across - 1;
                boolean corner = (r == 0 || r == down - 1) && (c == 0 || c == across - 1);
                if (edge && !corner && !taken[r][c]) {
                    return false;
                }
            }
        }
        return across >= 2 && down >= 2;
    }
}
