package methodos.core.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import methodos.core.manual.Point;
import org.junit.jupiter.api.Test;

class MeasuredLengthTest {

    private static final double CLICK = 0.7;

    /** A camera of 1,280 pixels and 65° over a plane that is tilted about a random axis. */
    private record View(double tilt, double axis, double distance) {

        Point of(double x, double y) {
            double c = Math.cos(axis);
            double s = Math.sin(axis);
            double along = c * x + s * y;
            double off = -s * x + c * y;
            double depth = distance + off * Math.sin(tilt);
            double u = along;
            double v = off * Math.cos(tilt);
            return new Point(
                    640 + 1005 * (c * u - s * v) / depth, 360 + 1005 * (s * u + c * v) / depth);
        }
    }

    private static View view(Random random) {
        return new View(
                random.nextDouble() * Math.toRadians(40),
                random.nextDouble() * Math.PI,
                350 + 150 * random.nextDouble());
    }

    private static Point clicked(Random random, Point p) {
        return p.plus(CLICK * random.nextGaussian(), CLICK * random.nextGaussian());
    }

    private static List<Point> clicked(Random random, List<Point> points) {
        return points.stream().map(p -> clicked(random, p)).toList();
    }

    @Test
    void aRectangleUndoesTheTilt() {
        View view = new View(Math.toRadians(35), 0.4, 400);
        List<Point> corners =
                List.of(view.of(-60, -40), view.of(60, -40), view.of(60, 40), view.of(-60, 40));
        MeasuredLength length =
                MeasuredLength.byRectangle(
                        corners, 120, 80, view.of(10, 70), view.of(90, 70), CLICK);
        assertThat(length.value()).isCloseTo(80, within(1e-6));
        assertThat(length.tiltCorrected()).isTrue();
        assertThat(length.uncertainty()).isBetween(0.1, 3.0);
    }

    @Test
    void inNinetyFiveOfAHundredTheTrueLengthIsWithinTheUncertainty() {
        Random random = new Random(12);
        int within = 0;
        List<Double> widths = new ArrayList<>();
        for (int round = 0; round < 400; round++) {
            View view = view(random);
            List<Point> corners =
                    List.of(view.of(-50, -40), view.of(70, -40), view.of(70, 40), view.of(-50, 40));
            double x = -60 + 120 * random.nextDouble();
            double y = -50 + 100 * random.nextDouble();
            double size = 40 + 60 * random.nextDouble();
            MeasuredLength length =
                    MeasuredLength.byRectangle(
                            clicked(random, corners),
                            120,
                            80,
                            clicked(random, view.of(x, y)),
                            clicked(random, view.of(x + size, y)),
                            CLICK);
            within += Math.abs(length.value() - size) <= length.uncertainty() ? 1 : 0;
            widths.add(length.uncertainty() / size);
        }
        assertThat(within).isGreaterThanOrEqualTo(375); // 380 expected, 4.4 the deviation
        assertThat(widths.stream().sorted().toList().get(200)).isLessThan(0.03);
    }

    @Test
    void aCircleUndoesTheTiltNearIt() {
        Random random = new Random(13);
        int within = 0;
        List<Double> widths = new ArrayList<>();
        for (int round = 0; round < 400; round++) {
            View view = view(random);
            List<Point> rim = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                rim.add(view.of(40 * Math.cos(i * Math.PI / 6), 40 * Math.sin(i * Math.PI / 6)));
            }
            double size = 30 + 40 * random.nextDouble();
            double y = -30 + 60 * random.nextDouble();
            MeasuredLength length =
                    MeasuredLength.byCircle(
                            clicked(random, rim),
                            80,
                            clicked(random, view.of(-size / 2, y)),
                            clicked(random, view.of(size / 2, y)),
                            CLICK);
            within += Math.abs(length.value() - size) <= length.uncertainty() ? 1 : 0;
            widths.add(length.uncertainty() / size);
        }
        assertThat(within).isGreaterThanOrEqualTo(380);
        assertThat(widths.stream().sorted().toList().get(200)).isLessThan(0.06);
    }

    @Test
    void theUncertaintyOfACircleGrowsWithTheDistanceFromIt() {
        View view = new View(Math.toRadians(30), 0, 400);
        List<Point> rim = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            rim.add(view.of(30 * Math.cos(i * Math.PI / 4), 30 * Math.sin(i * Math.PI / 4)));
        }
        double near = uncertainty(rim, view, 0);
        double far = uncertainty(rim, view, 80);
        assertThat(far).isGreaterThan(2 * near);
    }

    private static double uncertainty(List<Point> rim, View view, double y) {
        return MeasuredLength.byCircle(rim, 60, view.of(-15, y), view.of(15, y), CLICK)
                .uncertainty();
    }

    @Test
    void aKnownLengthSaysThatTheTiltIsLeft() {
        MeasuredLength length =
                MeasuredLength.byLength(
                        List.of(new Point(0, 0), new Point(100, 0)),
                        50,
                        new Point(10, 50),
                        new Point(210, 50),
                        0.5);
        assertThat(length.value()).isCloseTo(100, within(1e-9));
        assertThat(length.tiltCorrected()).isFalse();
        // L = 50 d2/d1: each end of d2 moves it by 0.5 a pixel, each of d1 by 1
        assertThat(length.uncertainty())
                .isCloseTo(1.96 * 0.5 * Math.sqrt(2 * 0.25 + 2 * 1), within(1e-4));
    }

    @Test
    void whatDeterminesNothingIsSaid() {
        Point p = new Point(0, 0);
        Point q = new Point(10, 0);
        assertThatThrownBy(() -> MeasuredLength.byRectangle(List.of(p, q, p), 1, 1, p, q, 1))
                .hasMessageContaining("four corners");
        List<Point> line = List.of(p, q, new Point(20, 0), new Point(30, 0));
        assertThatThrownBy(() -> MeasuredLength.byRectangle(line, 1, 1, p, q, 1))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> MeasuredLength.byCircle(line, 1, p, q, 1))
                .hasMessageContaining("five points");
        assertThatThrownBy(() -> MeasuredLength.byLength(List.of(p, p), 1, p, q, 1))
                .hasMessageContaining("two ends");
        assertThatThrownBy(() -> MeasuredLength.byLength(List.of(p, q), 0, p, q, 1))
                .hasMessageContaining("longer than 0");
    }
}
