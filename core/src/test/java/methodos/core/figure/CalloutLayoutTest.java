package methodos.core.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Line2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import methodos.core.manual.Point;
import org.junit.jupiter.api.Test;

class CalloutLayoutTest {

    private static final double W = 960;
    private static final double H = 540;
    private static final double MARGIN = 67;
    private static final double RADIUS = 20;
    private final CalloutLayout layout = new CalloutLayout(W, H, MARGIN, RADIUS);

    private List<Point> free(List<Point> targets) {
        return layout.place(targets, new ArrayList<>(Collections.nCopies(targets.size(), null)));
    }

    private static List<Point> targets(Random random, int count) {
        List<Point> targets = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            targets.add(new Point(random.nextDouble() * W, random.nextDouble() * H));
        }
        return targets;
    }

    @Test
    void noTwoLeadersCross() {
        Random random = new Random(5);
        for (int round = 0; round < 1000; round++) {
            List<Point> targets = targets(random, 1 + random.nextInt(15));
            List<Point> balloons = free(targets);
            for (int i = 0; i < targets.size(); i++) {
                for (int j = i + 1; j < targets.size(); j++) {
                    assertThat(
                                    cross(
                                            targets.get(i),
                                            balloons.get(i),
                                            targets.get(j),
                                            balloons.get(j)))
                            .as("round %d, leaders %d and %d", round, i, j)
                            .isFalse();
                }
            }
        }
    }

    private static boolean cross(Point a, Point b, Point c, Point d) {
        return Line2D.linesIntersect(a.x(), a.y(), b.x(), b.y(), c.x(), c.y(), d.x(), d.y());
    }

    @Test
    void balloonsLieBesideThePictureAndApart() {
        Random random = new Random(6);
        for (int round = 0; round < 300; round++) {
            List<Point> balloons = free(targets(random, 15));
            for (Point b : balloons) {
                boolean outside =
                        b.x() <= -RADIUS
                                || b.x() >= W + RADIUS
                                || b.y() <= -RADIUS
                                || b.y() >= H + RADIUS;
                assertThat(outside).isTrue();
                assertThat(b.x()).isBetween(-MARGIN + RADIUS, W + MARGIN - RADIUS);
                assertThat(b.y()).isBetween(-MARGIN + RADIUS, H + MARGIN - RADIUS);
            }
            for (int i = 0; i < balloons.size(); i++) {
                for (int j = i + 1; j < balloons.size(); j++) {
                    assertThat(balloons.get(i).distance(balloons.get(j)))
                            .isGreaterThanOrEqualTo(2 * RADIUS + 2);
                }
            }
        }
    }

    @Test
    void aHeldBalloonStaysAndTheOthersMakeRoom() {
        Point held = new Point(-33, 100);
        List<Point> targets = List.of(new Point(10, 100), new Point(20, 100), new Point(900, 300));
        List<Point> placed = layout.place(targets, Arrays.asList(null, held, null));
        assertThat(placed.get(1)).isEqualTo(held);
        assertThat(placed.get(0).distance(held)).isGreaterThanOrEqualTo(2 * RADIUS + 2);
    }

    @Test
    void oneTargetGetsTheNearestPlace() {
        Point balloon = free(List.of(new Point(930, 270))).get(0);
        assertThat(balloon.x()).isEqualTo(W + MARGIN / 2);
        assertThat(balloon.y()).isBetween(230.0, 310.0);
    }

    @Test
    void tooManyAreRefused() {
        CalloutLayout small = new CalloutLayout(40, 40, 50, 20);
        List<Point> many = Collections.nCopies(40, new Point(10, 10));
        assertThatThrownBy(() -> small.place(many, new ArrayList<>(Collections.nCopies(40, null))))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("40");
    }

    private static boolean faulty(List<Point> targets, List<Point> balloons) {
        for (int i = 0; i < targets.size(); i++) {
            for (int j = 0; j < targets.size(); j++) {
                boolean through =
                        i != j
                                && Leaders.distance(
                                                balloons.get(j), targets.get(i), balloons.get(i))
                                        < RADIUS;
                boolean crossing =
                        i < j
                                && cross(
                                        targets.get(i),
                                        balloons.get(i),
                                        targets.get(j),
                                        balloons.get(j));
                if (through || crossing) {
                    return true;
                }
            }
        }
        return false;
    }

    @Test
    void noLeaderRunsThroughABalloonAndNoBalloonCoversATarget() {
        Random random = new Random(8);
        for (int round = 0; round < 1000; round++) {
            List<Point> targets = targets(random, 1 + random.nextInt(15));
            List<Point> balloons = free(targets);
            assertThat(faulty(targets, balloons)).as("round %d", round).isFalse();
            for (Point target : targets) {
                assertThat(balloons)
                        .allSatisfy(b -> assertThat(b.distance(target)).isGreaterThan(RADIUS));
            }
        }
    }

    /** Balloons held anywhere on the sheet's margin. */
    private static List<Point> held(Random random, int count, int targets) {
        List<Point> held = new ArrayList<>(Collections.nCopies(targets, null));
        while (held.stream().filter(h -> h != null).count() < Math.min(count, targets)) {
            double along = random.nextDouble() * (W + MARGIN) - MARGIN / 2;
            Point p =
                    random.nextBoolean()
                            ? new Point(along, random.nextBoolean() ? -MARGIN / 2 : H + MARGIN / 2)
                            : new Point(
                                    random.nextBoolean() ? -MARGIN / 2 : W + MARGIN / 2,
                                    along * H / W);
            if (held.stream().noneMatch(h -> h != null && h.distance(p) < 2 * RADIUS + 2)) {
                held.set(random.nextInt(targets), p);
            }
        }
        return held;
    }

    @Test
    void withHeldBalloonsThereIsACrossingOnlyWhereNoneWithoutExists() {
        Random random = new Random(9);
        for (int round = 0; round < 300; round++) {
            int count = 2 + random.nextInt(6);
            List<Point> targets = targets(random, count);
            List<Point> held = held(random, 1 + random.nextInt(3), count);
            List<Point> balloons = layout.place(targets, held);
            for (int i = 0; i < count; i++) {
                if (held.get(i) != null) {
                    assertThat(balloons.get(i)).isEqualTo(held.get(i));
                }
            }
            boolean heldAreSound = soundSoFar(targets, held);
            if (heldAreSound && faulty(targets, balloons)) {
                assertThat(soundExists(targets, held)).as("round %d", round).isFalse();
            }
        }
    }

    /** Every way of giving the free targets the places that balloons are ever given. */
    private boolean soundExists(List<Point> targets, List<Point> held) {
        List<Point> places = new ArrayList<>();
        for (int i = 0; i <= 40; i++) {
            for (int j = 0; j <= 24; j++) {
                boolean frame = i == 0 || j == 0 || i == 40 || j == 24;
                if (frame) {
                    Point target = new Point(W * i / 40, H * j / 24);
                    Point place = free(List.of(target)).get(0);
                    if (!places.contains(place)) {
                        places.add(place);
                    }
                }
            }
        }
        places.removeIf(
                p -> held.stream().anyMatch(h -> h != null && h.distance(p) < 2 * RADIUS + 2));
        return search(targets, new ArrayList<>(held), places, 0);
    }

    private static boolean search(
            List<Point> targets, List<Point> balloons, List<Point> places, int i) {
        if (i == targets.size()) {
            return !faulty(targets, balloons);
        }
        if (balloons.get(i) != null) {
            return search(targets, balloons, places, i + 1);
        }
        for (Point place : places) {
            if (balloons.contains(place)) {
                continue;
            }
            balloons.set(i, place);
            if (soundSoFar(targets, balloons) && search(targets, balloons, places, i + 1)) {
                return true;
            }
            balloons.set(i, null);
        }
        return false;
    }

    private static boolean soundSoFar(List<Point> targets, List<Point> balloons) {
        List<Point> some = new ArrayList<>();
        List<Point> placed = new ArrayList<>();
        for (int i = 0; i < targets.size(); i++) {
            if (balloons.get(i) != null) {
                some.add(targets.get(i));
                placed.add(balloons.get(i));
            }
        }
        return !faulty(some, placed);
    }

    @Test
    void balloonsStayOnASheetWithUnevenMargins() {
        CalloutLayout uneven =
                new CalloutLayout(new CalloutLayout.Sheet(1000, 700, 20, 60, 900, 600), 16);
        Random random = new Random(4);
        for (int round = 0; round < 100; round++) {
            List<Point> targets = new ArrayList<>();
            for (int i = 0; i < 9; i++) {
                targets.add(new Point(random.nextDouble() * 900, random.nextDouble() * 600));
            }
            for (Point b : uneven.place(targets, new ArrayList<>(Collections.nCopies(9, null)))) {
                assertThat(b.x() + 20).isBetween(16.0, 984.0);
                assertThat(b.y() + 60).isBetween(16.0, 684.0);
                boolean outside = b.x() <= -16 || b.x() >= 916 || b.y() <= -16 || b.y() >= 616;
                assertThat(outside).isTrue();
            }
        }
    }

    @Test
    void theLeadersAreShortest() {
        Random random = new Random(11);
        for (int round = 0; round < 60; round++) {
            List<Point> targets = targets(random, 5);
            List<Point> balloons = free(targets);
            double[] least = {Double.MAX_VALUE};
            permute(targets, new ArrayList<>(balloons), 0, least);
            assertThat(length(targets, balloons)).isCloseTo(least[0], within(1e-6));
        }
    }

    private static double length(List<Point> targets, List<Point> balloons) {
        double sum = 0;
        for (int i = 0; i < targets.size(); i++) {
            sum += targets.get(i).distance(balloons.get(i));
        }
        return sum;
    }

    private static void permute(List<Point> targets, List<Point> balloons, int k, double[] least) {
        if (k == balloons.size()) {
            least[0] = Math.min(least[0], length(targets, balloons));
        }
        for (int i = k; i < balloons.size(); i++) {
            Collections.swap(balloons, k, i);
            permute(targets, balloons, k + 1, least);
            Collections.swap(balloons, k, i);
        }
    }

    @Test
    void manyBalloonsMoveTogether() {
        Random random = new Random(2);
        List<Point> targets = targets(random, 58);
        List<Point> balloons = free(targets);
        assertThat(balloons).doesNotHaveDuplicates();
        for (int i = 0; i < balloons.size(); i++) {
            for (int j = i + 1; j < balloons.size(); j++) {
                assertThat(balloons.get(i).distance(balloons.get(j)))
                        .isGreaterThanOrEqualTo(2 * RADIUS + 2 - 1e-9);
            }
        }
    }
}
