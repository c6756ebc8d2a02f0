package methodos.core.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

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
}
