package methodos.core.figure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import methodos.core.manual.Point;

/**
 * Finds places for balloons in the margin around a picture.
 *
 * <p>Balloons go to places at even distances on a frame around the picture. The assignment starts
 * with the nearest free place for each target and exchanges places as long as that shortens the
 * leaders; two crossing leaders always get shorter by an exchange (the diagonals of a quadrangle
 * are together longer than two opposite sides), so the free ones end without crossings.
 */
public final class CalloutLayout {

    private final double width;
    private final double height;
    private final double margin;
    private final double radius;

    /**
     * @param width width of the picture
     * @param height height of the picture
     * @param margin width of the free edge around it, at least the diameter of a balloon
     * @param radius radius of a balloon
     */
    public CalloutLayout(double width, double height, double margin, double radius) {
        this.width = width;
        this.height = height;
        this.margin = margin;
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
        List<Point> places = new ArrayList<>(frame());
        held.stream()
                .filter(h -> h != null)
                .forEach(h -> places.removeIf(p -> p.distance(h) < 2 * radius + 2));
        List<Integer> free = new ArrayList<>();
        for (int i = 0; i < targets.size(); i++) {
            if (held.get(i) == null) {
                free.add(i);
            }
        }
        if (free.size() > places.size()) {
            throw new IllegalArgumentException(
                    free.size() + " balloons do not fit on " + places.size() + " places");
        }
        int[] chosen = nearest(targets, free, places);
        improve(targets, free, places, chosen);
        List<Point> result = new ArrayList<>(held);
        for (int k = 0; k < free.size(); k++) {
            result.set(free.get(k), places.get(chosen[k]));
        }
        return result;
    }

    private List<Point> frame() {
        double out = margin / 2;
        double pitch = 2 * radius + Math.max(4, radius * 0.6);
        List<Point> places = new ArrayList<>();
        int across = Math.max(2, (int) Math.floor((width + margin) / pitch));
        int down = Math.max(2, (int) Math.floor((height + margin) / pitch));
        for (int i = 0; i <= across; i++) {
            double x = -out + (width + margin) * i / across;
            places.add(new Point(x, -out));
            places.add(new Point(x, height + out));
        }
        for (int i = 1; i < down; i++) {
            double y = -out + (height + margin) * i / down;
            places.add(new Point(-out, y));
            places.add(new Point(width + out, y));
        }
        return places;
    }

    private static int[] nearest(List<Point> targets, List<Integer> free, List<Point> places) {
        boolean[] taken = new boolean[places.size()];
        int[] chosen = new int[free.size()];
        Arrays.fill(chosen, -1);
        for (int k = 0; k < free.size(); k++) {
            Point target = targets.get(free.get(k));
            for (int p = 0; p < places.size(); p++) {
                boolean better =
                        chosen[k] < 0
                                || target.distance(places.get(p))
                                        < target.distance(places.get(chosen[k]));
                if (!taken[p] && better) {
                    chosen[k] = p;
                }
            }
            taken[chosen[k]] = true;
        }
        return chosen;
    }

    private static void improve(
            List<Point> targets, List<Integer> free, List<Point> places, int[] chosen) {
        boolean better = true;
        while (better) {
            better = false;
            for (int a = 0; a < chosen.length; a++) {
                for (int b = a + 1; b < chosen.length; b++) {
                    Point ta = targets.get(free.get(a));
                    Point tb = targets.get(free.get(b));
                    Point pa = places.get(chosen[a]);
                    Point pb = places.get(chosen[b]);
                    double now = ta.distance(pa) + tb.distance(pb);
                    if (ta.distance(pb) + tb.distance(pa) < now - 1e-9) {
                        int swap = chosen[a];
                        chosen[a] = chosen[b];
                        chosen[b] = swap;
                        better = true;
                    }
                }
            }
        }
    }
}
