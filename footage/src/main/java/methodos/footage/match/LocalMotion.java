package methodos.footage.match;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;

/**
 * How the neighbourhood of a point moved from one picture to another: the affine map on which most
 * of the features around it agree (RANSAC, Fischler and Bolles 1981), near ones counting more.
 *
 * <p>In a scene with depth each surface moves in its own way when the camera moves. Over the size
 * of a part its surface is nearly flat and the perspective nearly even, so that an affine map of
 * the neighbourhood is exact to a pixel where one homography of the whole is not.
 */
final class LocalMotion {

    /** So many features around the point are asked. */
    private static final int NEIGHBOURS = 28;

    private static final int TRIALS = 300;
    private static final int FEWEST = 5;

    /** How far features are asked, as a share of the width. */
    private static final double REACH = 0.16;

    /** At this distance a feature counts for 1/e, as a share of the width. */
    private static final double NEAR = 0.07;

    /** Features agree that lie so near to where the map puts them, as a share of the width. */
    private static final double AGREES = 0.005;

    /** A neighbourhood is scaled and sheared by no more than this between two stills of a shot. */
    private static final double LARGEST_SCALE = 1.8;

    /** A feature on both pictures, in pixels. */
    record Pair(double x, double y, double thereX, double thereY) {}

    /** Where the point lies, and from 0 to 1 how far its neighbours agree on that. */
    record Found(double x, double y, double trust) {}

    private record Near(Pair pair, double weight) {}

    private final List<Pair> pairs;
    private final double width;

    LocalMotion(List<Pair> pairs, double width) {
        this.pairs = pairs;
        this.width = width;
    }

    /** Nothing where too few features are near, or they do not agree. */
    Optional<Found> at(double x, double y) {
        List<Near> near =
                pairs.stream()
                        .filter(p -> Math.hypot(p.x - x, p.y - y) <= REACH * width)
                        .sorted(Comparator.comparingDouble(p -> Math.hypot(p.x - x, p.y - y)))
                        .limit(NEIGHBOURS)
                        .map(p -> new Near(p, weight(p, x, y)))
                        .toList();
        if (near.size() < FEWEST) {
            return Optional.empty();
        }
        List<Near> best = List.of();
        double most = 0;
        Random random = new Random(1);
        for (int i = 0; i < TRIALS; i++) {
            List<Near> three = three(near, random);
            double[] map = affine(three);
            if (map == null || !plausible(map)) {
                continue;
            }
            List<Near> agreeing = agreeing(near, map);
            double sum = weight(agreeing);
            if (sum > most) {
                most = sum;
                best = agreeing;
            }
        }
        if (best.size() < FEWEST) {
            return Optional.empty();
        }
        double[] map = affine(best);
        if (map == null || !plausible(map)) {
            return Optional.empty();
        }
        double share = most / weight(near);
        double enough = Math.min(1, (best.size() - FEWEST + 1) / 4.0);
        double close = Math.min(1, most / 1.2);
        return Optional.of(
                new Found(
                        map[0] * x + map[1] * y + map[2],
                        map[3] * x + map[4] * y + map[5],
                        share * enough * close));
    }

    private double weight(Pair p, double x, double y) {
        double d = Math.hypot(p.x - x, p.y - y) / (NEAR * width);
        return Math.exp(-d * d);
    }

    private static double weight(List<Near> near) {
        return near.stream().mapToDouble(Near::weight).sum();
    }

    /** Three of them, near ones more often. */
    private static List<Near> three(List<Near> near, Random random) {
        List<Near> chosen = new ArrayList<>();
        while (chosen.size() < 3) {
            int i = (int) (near.size() * Math.pow(random.nextDouble(), 1.5));
            if (!chosen.contains(near.get(i))) {
                chosen.add(near.get(i));
            }
        }
        return chosen;
    }

    private List<Near> agreeing(List<Near> near, double[] map) {
        double within = AGREES * width;
        return near.stream()
                .filter(
                        n -> {
                            Pair p = n.pair;
                            double dx = map[0] * p.x + map[1] * p.y + map[2] - p.thereX;
                            double dy = map[3] * p.x + map[4] * p.y + map[5] - p.thereY;
                            return Math.hypot(dx, dy) <= within;
                        })
                .toList();
    }

    private static boolean plausible(double[] map) {
        double determinant = map[0] * map[4] - map[1] * map[3];
        double square = LARGEST_SCALE * LARGEST_SCALE;
        double size = map[0] * map[0] + map[1] * map[1] + map[3] * map[3] + map[4] * map[4];
        return determinant > 1 / square && determinant < square && size < 2 * square;
    }

    /** The map by weighted least squares; null where the points lie on a line. */
    private static double[] affine(List<Near> near) {
        DMatrixRMaj normal = new DMatrixRMaj(3, 3);
        DMatrixRMaj right = new DMatrixRMaj(3, 2);
        double mx = near.stream().mapToDouble(n -> n.pair.x).average().orElse(0);
        double my = near.stream().mapToDouble(n -> n.pair.y).average().orElse(0);
        for (Near n : near) {
            double[] row = {n.pair.x - mx, n.pair.y - my, 1};
            double w = n.weight + 1e-3;
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j < 3; j++) {
                    normal.add(i, j, w * row[i] * row[j]);
                }
                right.add(i, 0, w * row[i] * n.pair.thereX);
                right.add(i, 1, w * row[i] * n.pair.thereY);
            }
        }
        DMatrixRMaj solved = new DMatrixRMaj(3, 2);
        if (Math.abs(CommonOps_DDRM.det(normal)) < 1e-3
                || !CommonOps_DDRM.solve(normal, right, solved)) {
            return null;
        }
        double a = solved.get(0, 0);
        double b = solved.get(1, 0);
        double d = solved.get(0, 1);
        double e = solved.get(1, 1);
        return new double[] {
            a, b, solved.get(2, 0) - a * mx - b * my, d, e, solved.get(2, 1) - d * mx - e * my
        };
    }
}
