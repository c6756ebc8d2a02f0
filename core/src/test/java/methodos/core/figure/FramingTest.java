package methodos.core.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import methodos.core.manual.Point;
import methodos.core.manual.Preparation;
import methodos.core.manual.Preparation.Crop;
import org.junit.jupiter.api.Test;

class FramingTest {

    private static Preparation random(Random random) {
        Preparation p =
                Preparation.NONE
                        .withQuarterTurns(random.nextInt(4))
                        .withStraighten(30 * random.nextGaussian());
        return random.nextBoolean()
                ? p
                : p.withCrop(
                        new Crop(
                                -.4 * random.nextDouble(),
                                -.3 * random.nextDouble(),
                                .05 + .3 * random.nextDouble(),
                                .05 + .2 * random.nextDouble()));
    }

    @Test
    void thereAndBackIsTheSamePlace() {
        Random random = new Random(6);
        for (int i = 0; i < 500; i++) {
            Framing framing = Framing.of(random(random), 1280, 720);
            Point p = new Point(random.nextDouble(), random.nextDouble());
            assertThat(framing.still(framing.seen(p)).distance(p)).isLessThan(1e-9);
        }
    }

    @Test
    void aStraightenedPictureHasNoEmptyCornerAndTouchesTheEdge() {
        Random random = new Random(7);
        for (int i = 0; i < 500; i++) {
            Preparation p =
                    Preparation.NONE
                            .withQuarterTurns(random.nextInt(4))
                            .withStraighten(-45 + 90 * random.nextDouble());
            Framing framing = Framing.of(p, 1280, 720);
            double nearest = 1;
            for (double x : new double[] {0, 1}) {
                for (double y : new double[] {0, 1}) {
                    Point corner = framing.still(new Point(x, y));
                    assertThat(corner.x()).isBetween(-1e-9, 1 + 1e-9);
                    assertThat(corner.y()).isBetween(-1e-9, 1 + 1e-9);
                    nearest =
                            Math.min(
                                    nearest,
                                    Math.min(
                                            Math.min(corner.x(), 1 - corner.x()),
                                            Math.min(corner.y(), 1 - corner.y())));
                }
            }
            assertThat(nearest).isCloseTo(0, within(1e-9));
        }
    }

    @Test
    void aQuarterTurnIsClockwise() {
        Framing framing = Framing.of(Preparation.NONE.withQuarterTurns(1), 1280, 720);
        assertThat(framing.width()).isCloseTo(720, within(1e-9));
        assertThat(framing.height()).isCloseTo(1280, within(1e-9));
        assertThat(framing.seen(new Point(0, 0)).distance(new Point(1, 0))).isLessThan(1e-9);
    }

    @Test
    void aLineThatLeansIsStraightened() {
        Framing framing = Framing.of(Preparation.NONE, 1000, 500);
        // 100 px across, 10 px down: it leans 5.71° clockwise
        double level = framing.straightening(new Point(.2, .5), new Point(.3, .52));
        assertThat(level).isCloseTo(-Math.toDegrees(Math.atan2(10, 100)), within(1e-9));
        double upright = framing.straightening(new Point(.5, .2), new Point(.49, .6));
        assertThat(upright).isCloseTo(-Math.toDegrees(Math.atan2(10, 200)), within(1e-9));
        Framing done = Framing.of(Preparation.NONE.withStraighten(level), 1000, 500);
        Point a = done.seen(new Point(.2, .5));
        Point b = done.seen(new Point(.3, .52));
        assertThat(a.y()).isCloseTo(b.y(), within(1e-9));
    }

    @Test
    void aCropKeepsTheRatioThatIsAskedFor() {
        Framing framing = Framing.of(Preparation.NONE, 1000, 500);
        Crop free = framing.between(new Point(.8, .9), new Point(.2, .1), 0);
        assertThat(free.left()).isCloseTo(-.3, within(1e-9));
        assertThat(free.right()).isCloseTo(.3, within(1e-9));
        Crop square = framing.between(new Point(.2, .1), new Point(.8, .9), 1);
        assertThat(square.width()).isCloseTo(square.height(), within(1e-9));
        assertThat(square.left()).isCloseTo(-.3, within(1e-9));
        Crop wide = framing.between(new Point(.2, .1), new Point(.8, .9), 16 / 9.0);
        assertThat(wide.width() / wide.height()).isCloseTo(16 / 9.0, within(1e-9));
        Crop least = framing.between(new Point(.5, .5), new Point(.5, .5), 0);
        assertThat(least.width()).isPositive();
    }

    @Test
    void aCropLiesBetweenItsCorners() {
        Random random = new Random(8);
        for (int i = 0; i < 200; i++) {
            Framing framing = Framing.of(random(random), 1280, 720);
            Point a = new Point(.4 * random.nextDouble(), .4 * random.nextDouble());
            Point b = new Point(.6 + .4 * random.nextDouble(), .6 + .4 * random.nextDouble());
            List<Point> corners = framing.corners(framing.between(a, b, 0));
            assertThat(corners.get(0).distance(a)).isLessThan(1e-9);
            assertThat(corners.get(1).distance(b)).isLessThan(1e-9);
        }
    }
}
