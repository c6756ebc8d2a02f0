package methodos.core.tightening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import methodos.core.manual.Arrangement;
import methodos.core.manual.Point;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TighteningOrderTest {

    private static List<Integer> numbers(String table) {
        return java.util.Arrays.stream(table.split(" ")).map(Integer::valueOf).toList();
    }

    /** Evenly on a circle, clicked one after the other around it. */
    private static List<Point> circle(int n, double tilt, double turn) {
        return IntStream.range(0, n)
                .mapToObj(
                        i -> {
                            double a = turn + 2 * Math.PI * i / n;
                            return new Point(
                                    400 + 200 * Math.cos(a),
                                    300 + 200 * Math.sin(a) * Math.cos(tilt));
                        })
                .toList();
    }

    private static List<Point> grid(int rows, int columns, Integer... missing) {
        List<Point> screws = new ArrayList<>();
        for (int i = 0; i < rows * columns; i++) {
            if (!List.of(missing).contains(i + 1)) {
                screws.add(new Point(100 + 80 * (i % columns), 100 + 60 * (i / columns)));
            }
        }
        return screws;
    }

    @ParameterizedTest
    @CsvSource({
        "3, 1 2 3",
        "4, 1 3 2 4",
        "5, 1 3 5 2 4",
        "6, 1 4 2 5 3 6",
        "7, 1 4 7 3 6 2 5",
        "8, 1 5 3 7 2 6 4 8",
        "9, 1 5 9 4 8 3 7 2 6",
        "10, 1 6 3 8 4 9 2 7 5 10",
        "11, 1 6 11 5 10 4 9 3 8 2 7",
        "12, 1 7 4 10 2 8 5 11 3 9 6 12"
    })
    void onACircle(int n, String table) {
        for (double tilt : new double[] {0, 0.4, Math.PI / 3}) {
            TighteningOrder order = TighteningOrder.of(circle(n, tilt, 0.3));
            assertThat(order.arrangement()).isEqualTo(Arrangement.CIRCLE);
            assertThat(order.order()).as("tilt %s", tilt).isEqualTo(numbers(table));
        }
    }

    @Test
    void clickedTheOtherWayRoundTheOrderIsTheSame() {
        for (int n = 5; n <= 12; n++) {
            List<Point> one = circle(n, 0.5, 0.3);
            List<Point> other = new ArrayList<>(one.subList(1, n));
            Collections.reverse(other);
            other.add(0, one.get(0));
            assertThat(TighteningOrder.of(other).order())
                    .isEqualTo(TighteningOrder.of(one).order());
        }
    }

    @ParameterizedTest
    @CsvSource({"2, 3, 2 5 1 6 3 4", "2, 4, 2 7 3 6 1 8 4 5", "2, 5, 3 8 2 9 4 7 1 10 5 6"})
    void inTwoRows(int rows, int columns, String table) {
        TighteningOrder order = TighteningOrder.of(grid(rows, columns));
        assertThat(order.arrangement()).isEqualTo(Arrangement.RECTANGLE);
        assertThat(order.order()).isEqualTo(numbers(table));
    }

    @Test
    void inThreeRowsAndWithMissingCorners() {
        assertThat(TighteningOrder.of(grid(3, 4)).order())
                .isEqualTo(numbers("6 7 2 11 3 10 5 8 1 12 4 9"));
        TighteningOrder cut = TighteningOrder.of(grid(3, 4, 1, 12));
        assertThat(cut.arrangement()).isEqualTo(Arrangement.RECTANGLE);
        // without the first and the last, counted anew: 6 and 7 of twelve are now 5 and 6
        assertThat(cut.order()).isEqualTo(numbers("5 6 1 10 2 9 4 7 3 8"));
        assertThat(TighteningOrder.of(grid(3, 4, 1, 4, 9, 12)).arrangement())
                .isEqualTo(Arrangement.RECTANGLE);
    }

    @ParameterizedTest
    @CsvSource({"2, 1 2", "3, 2 1 3", "4, 2 3 1 4", "5, 3 2 4 1 5", "6, 3 4 2 5 1 6"})
    void inARowFromTheMiddleOut(int n, String table) {
        List<Point> row =
                IntStream.range(0, n).mapToObj(i -> new Point(50 + 40 * i, 20 + 3 * i)).toList();
        TighteningOrder order = TighteningOrder.of(row);
        assertThat(order.arrangement()).isEqualTo(Arrangement.ROW);
        assertThat(order.order()).isEqualTo(numbers(table));
    }

    @Test
    void irregularCoversBeginInsideAndAlternate() {
        List<Point> cover =
                List.of(
                        new Point(0, 0),
                        new Point(300, 20),
                        new Point(140, 110),
                        new Point(320, 210),
                        new Point(30, 240),
                        new Point(160, 90),
                        new Point(240, 130));
        TighteningOrder order = TighteningOrder.of(cover);
        assertThat(order.arrangement()).isEqualTo(Arrangement.IRREGULAR);
        assertThat(order.order()).hasSize(7).doesNotHaveDuplicates();
        assertThat(order.order().subList(0, 3)).containsExactlyInAnyOrder(3, 6, 7);
    }

    @Test
    void aRectangleIsKnownAskewAndItsInsideMayBeMissing() {
        List<Point> sheared =
                grid(3, 4, 6, 7).stream()
                        .map(p -> new Point(p.x() + 0.35 * p.y(), 0.9 * p.y() + 0.1 * p.x()))
                        .toList();
        TighteningOrder order = TighteningOrder.of(sheared);
        assertThat(order.arrangement()).isEqualTo(Arrangement.RECTANGLE);
        assertThat(order.order()).hasSize(10).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @ValueSource(ints = {5, 6, 7, 8, 9, 10, 11, 12, 16, 20, 24})
    void whateverTheTiltAndTheClicks(int n) {
        Random random = new Random(n);
        for (int round = 0; round < 60; round++) {
            List<Point> screws =
                    new ArrayList<>(
                            circle(n, random.nextDouble() * Math.PI / 3, random.nextDouble() * 6));
            screws.replaceAll(
                    p -> p.plus(random.nextGaussian() * 1.2, random.nextGaussian() * 1.2));
            List<Integer> around = new ArrayList<>(IntStream.range(0, n).boxed().toList());
            Collections.shuffle(around, random);
            List<Point> clicked = around.stream().map(screws::get).toList();
            TighteningOrder order = TighteningOrder.of(clicked);
            assertThat(order.arrangement()).isEqualTo(Arrangement.CIRCLE);
            assertThat(order.order().get(0)).isEqualTo(1);
            List<Integer> places = order.order().stream().map(i -> around.get(i - 1)).toList();
            assertThat(places).doesNotHaveDuplicates().hasSize(n);
            for (int k = 0; k + 1 < n; k += n % 2 == 0 ? 2 : 1) {
                int apart = Math.floorMod(places.get(k + 1) - places.get(k), n);
                if (n % 2 == 0) {
                    assertThat(apart).isEqualTo(n / 2);
                } else {
                    assertThat(Math.min(apart, n - apart)).isGreaterThan(1);
                }
            }
        }
    }

    @Test
    void fivePointsThatLieOnSomeEllipseAreNoCircleUnlessEven() {
        List<Point> uneven =
                List.of(
                        new Point(0, 0),
                        new Point(100, 0),
                        new Point(110, 40),
                        new Point(50, 90),
                        new Point(-5, 30));
        assertThat(TighteningOrder.of(uneven).arrangement()).isEqualTo(Arrangement.IRREGULAR);
    }

    @Test
    void aGivenOrderNamesEachScrewOnce() {
        assertThat(TighteningOrder.given(3, List.of(2, 1, 3)).numbers()).containsExactly(2, 1, 3);
        assertThat(TighteningOrder.given(3, List.of(3, 1, 2)).numbers()).containsExactly(2, 3, 1);
        assertThatThrownBy(() -> TighteningOrder.given(3, List.of(1, 2, 2)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("each of the 3 screws once");
    }

    @Test
    void whatCannotBeOrderedIsSaid() {
        assertThatThrownBy(() -> TighteningOrder.of(List.of()))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> TighteningOrder.of(List.of(new Point(1, 1), new Point(1, 1))))
                .hasMessageContaining("same spot");
    }
}
