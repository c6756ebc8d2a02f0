package methodos.core.figure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import methodos.core.manual.Point;

/**
 * Finds places for balloons around a picture, outside of it and inside the sheet.
 *
 * <p>Balloons go to places at even distances on a frame around the picture. The places are assigned
 * so that the leaders together are shortest (Kuhn and Munkres); of shortest leaders no two cross,
 * since the diagonals of a quadrangle are together longer than two opposite sides. A leader that
 * would cross that of a balloon that is held, or run through a balloon, costs more than any length;
 * what is left of such faults is mended by moving and exchanging balloons, fewest faults first.
 */
public final class CalloutLayout {

    /** Balloons are so far from each other, in pixels. */
    private static final double APART = 2;

    /** Costs more than all leaders together can be long. */
    private static final double FAULT = 1e7;

    private static final int ROUNDS = 60;

    /**
     * @param x of the picture's left edge on the sheet
     * @param y of its upper edge
     */
    public record Sheet(
            double width,
            double height,
            double x,
            double y,
            double pictureWidth,
            double pictureHeight) {

        /** A picture with the same margin on all sides, its corner being the origin. */
        static Sheet around(double pictureWidth, double pictureHeight, double margin) {
            return new Sheet(
                    pictureWidth + 2 * margin,
                    pictureHeight + 2 * margin,
                    margin,
                    margin,
                    pictureWidth,
                    pictureHeight);
        }
    }

    private final Sheet sheet;
    private final double radius;

    /**
     * @param width width of the picture
     * @param height height of the picture
     * @param margin width of the free edge around it, at least the diameter of a balloon
     * @param radius radius of a balloon
     */
    public CalloutLayout(double width, double height, double margin, double radius) {
        this(Sheet.around(width, height, margin), radius);
    }

    /**
     * @param radius radius of a balloon, in the sheet's pixels
     */
    public CalloutLayout(Sheet sheet, double radius) {
        this.sheet = sheet;
        this.radius = radius;
    }

    /**
     * Middles of the balloons, measured from the corner of the picture.
     *
     * @param targets where they point
     * @param held for each target the place where its balloon is held, or null
     * @throws IllegalArgumentException if there are more balloons than places
     */
    public List<Point> place(List<Point> targets, List<Point> held) {
        List<Integer> free = new ArrayList<>();
        for (int i = 0; i < targets.size(); i++) {
            if (held.get(i) == null) {
                free.add(i);
            }
        }
        List<Point> places = places(2 * radius + Math.max(4, radius * 0.6), targets, held);
        if (free.size() > places.size()) {
            places = places(2 * radius + APART, targets, held);
        }
        if (free.size() > places.size()) {
            throw new IllegalArgumentException(
                    "there is no room for "
                            + free.size()
                            + " balloons: "
                            + places.size()
                            + " have room.");
        }
        Assigning assigning = new Assigning(targets, held, free, places);
        int[] chosen = assigning.solve();
        List<Point> result = new ArrayList<>(held);
        for (int k = 0; k < free.size(); k++) {
            result.set(free.get(k), places.get(chosen[k]));
        }
        return result;
    }

    /** How many balloons have room at most, beside those that are held. */
    int room(List<Point> targets, List<Point> held) {
        return places(2 * radius + APART, targets, held).size();
    }

    /** Where a balloon can be beside those that are held, and off all targets. */
    private List<Point> places(double pitch, List<Point> targets, List<Point> held) {
        List<Point> places = frame(pitch);
        held.stream()
                .filter(h -> h != null)
                .forEach(h -> places.removeIf(p -> p.distance(h) < 2 * radius + APART));
        targets.forEach(t -> places.removeIf(p -> p.distance(t) < radius + APART));
        return places;
    }

    /** Places around the picture, from its corner; a side without room has none. */
    private List<Point> frame(double pitch) {
        double left = middle(sheet.x());
        double right = middle(sheet.width() - sheet.x() - sheet.pictureWidth());
        double top = middle(sheet.y());
        double bottom = middle(sheet.height() - sheet.y() - sheet.pictureHeight());
        double west = left > 0 ? -left : radius - sheet.x();
        double east = right > 0 ? sheet.pictureWidth() + right : sheet.width() - sheet.x() - radius;
        double north = top > 0 ? -top : radius - sheet.y();
        double south =
                bottom > 0 ? sheet.pictureHeight() + bottom : sheet.height() - sheet.y() - radius;
        List<Point> places = new ArrayList<>();
        int across = (int) Math.floor((east - west) / pitch);
        for (int i = 0; across > 0 && i <= across; i++) {
            double x = west + (east - west) * i / across;
            if (top > 0) {
                places.add(new Point(x, north));
            }
            if (bottom > 0) {
                places.add(new Point(x, south));
            }
        }
        int down = (int) Math.floor((south - north) / pitch);
        for (int i = top > 0 ? 1 : 0; down > 0 && i <= (bottom > 0 ? down - 1 : down); i++) {
            double y = north + (south - north) * i / down;
            if (left > 0) {
                places.add(new Point(west, y));
            }
            if (right > 0) {
                places.add(new Point(east, y));
            }
        }
        return places;
    }

    /** How far from the picture the middle of a margin is; 0 where no balloon has room in it. */
    private double middle(double margin) {
        return margin >= 2 * radius ? margin / 2 : 0;
    }

    /** Looks for shorter places without a fault than mending has found; branch and bound. */
    private static final class Search {

        /** So many tries take some 15 ms. */
        private static final int MOST = 8_000;

        private final Assigning assigning;
        private final Integer[][] nearest;
        private final double[] leastBehind;
        private final int[] chosen;
        private int[] best;
        private double least;
        private int tries;

        /**
         * @param least what the mended places cost, if they have no fault
         */
        Search(Assigning assigning, int[] mended, double least) {
            this.assigning = assigning;
            this.least = least;
            this.best = mended;
            this.chosen = new int[mended.length];
            this.nearest = new Integer[mended.length][];
            this.leastBehind = new double[mended.length + 1];
            for (int k = mended.length - 1; k >= 0; k--) {
                double[] cost = assigning.cost[k];
                nearest[k] = new Integer[cost.length];
                Arrays.setAll(nearest[k], p -> p);
                Arrays.sort(nearest[k], (a, b) -> Double.compare(cost[a], cost[b]));
                leastBehind[k] = leastBehind[k + 1] + cost[nearest[k][0]];
            }
        }

        int[] best() {
            go(0, 0);
            return best;
        }

        private void go(int k, double sum) {
            if (k == chosen.length) {
                least = sum;
                best = chosen.clone();
                return;
            }
            for (int p : nearest[k]) {
                double with = sum + assigning.cost[k][p];
                if (with + leastBehind[k + 1] >= least || tries++ > MOST) {
                    return;
                }
                if (fits(k, p)) {
                    chosen[k] = p;
                    go(k + 1, with);
                }
            }
        }

        private boolean fits(int k, int p) {
            for (int l = 0; l < k; l++) {
                if (chosen[l] == p || assigning.pair(k, p, l, chosen[l]) > 0) {
                    return false;
                }
            }
            return true;
        }
    }

    /** Which target gets which place. */
    private final class Assigning {

        private final List<Point> targets;
        private final List<Point> held;
        private final List<Integer> free;
        private final List<Point> places;
        private final double[][] cost;

        Assigning(List<Point> targets, List<Point> held, List<Integer> free, List<Point> places) {
            this.targets = targets;
            this.held = held;
            this.free = free;
            this.places = places;
            this.cost = new double[free.size()][places.size()];
            for (int k = 0; k < cost.length; k++) {
                for (int p = 0; p < places.size(); p++) {
                    cost[k][p] = alone(targets.get(free.get(k)), places.get(p));
                }
            }
        }

        /** The leader's length, and what it has to do with the balloons that are held. */
        private double alone(Point target, Point place) {
            double sum = target.distance(place);
            for (int i = 0; i < held.size(); i++) {
                if (held.get(i) != null) {
                    sum += FAULT * faults(target, place, targets.get(i), held.get(i));
                }
            }
            return sum;
        }

        private int faults(Point target, Point place, Point other, Point otherPlace) {
            int faults = Leaders.cross(target, place, other, otherPlace) ? 1 : 0;
            faults += Leaders.distance(otherPlace, target, place) < radius ? 1 : 0;
            faults += Leaders.distance(place, other, otherPlace) < radius ? 1 : 0;
            return faults;
        }

        private double pair(int k, int p, int l, int q) {
            return FAULT
                    * faults(
                            targets.get(free.get(k)),
                            places.get(p),
                            targets.get(free.get(l)),
                            places.get(q));
        }

        int[] solve() {
            int[] chosen = ShortestAssignment.of(cost);
            if (total(chosen) < FAULT) {
                return chosen;
            }
            boolean better = true;
            for (int round = 0; round < ROUNDS && better; round++) {
                better = mend(chosen);
            }
            return new Search(this, chosen, Math.min(FAULT, total(chosen))).best();
        }

        private double total(int[] chosen) {
            double sum = 0;
            for (int k = 0; k < chosen.length; k++) {
                sum += cost[k][chosen[k]];
                for (int l = 0; l < k; l++) {
                    sum += pair(k, chosen[k], l, chosen[l]);
                }
            }
            return sum;
        }

        /** What one balloon costs beside all others. */
        private double of(int k, int p, int[] chosen, int except) {
            double sum = cost[k][p];
            for (int l = 0; l < chosen.length; l++) {
                if (l != k && l != except) {
                    sum += pair(k, p, l, chosen[l]);
                }
            }
            return sum;
        }

        /** Moves balloons to free places and exchanges them, where that is better. */
        private boolean mend(int[] chosen) {
            boolean[] taken = new boolean[places.size()];
            Arrays.stream(chosen).forEach(p -> taken[p] = true);
            boolean better = false;
            for (int k = 0; k < chosen.length; k++) {
                double now = of(k, chosen[k], chosen, -1);
                if (now < FAULT) {
                    continue;
                }
                for (int p = 0; p < places.size(); p++) {
                    double then = taken[p] ? Double.MAX_VALUE : of(k, p, chosen, -1);
                    if (then < now - 1e-9) {
                        taken[chosen[k]] = false;
                        chosen[k] = p;
                        taken[p] = true;
                        now = then;
                        better = true;
                    }
                }
                for (int l = 0; l < chosen.length; l++) {
                    better |= l != k && exchange(k, l, chosen);
                }
            }
            return better;
        }

        private boolean exchange(int k, int l, int[] chosen) {
            double now =
                    of(k, chosen[k], chosen, l)
                            + of(l, chosen[l], chosen, k)
                            + pair(k, chosen[k], l, chosen[l]);
            double then =
                    of(k, chosen[l], chosen, l)
                            + of(l, chosen[k], chosen, k)
                            + pair(k, chosen[l], l, chosen[k]);
            if (then >= now - 1e-9) {
                return false;
            }
            int place = chosen[k];
            chosen[k] = chosen[l];
            chosen[l] = place;
            return true;
        }
    }
}
