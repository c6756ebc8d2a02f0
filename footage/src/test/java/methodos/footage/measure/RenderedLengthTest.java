package methodos.footage.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import methodos.core.description.Id;
import methodos.core.figure.MeasuredLength;
import methodos.core.figure.PictureScale;
import methodos.core.manual.Figure;
import methodos.core.manual.KnownShape;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.core.quantity.Quantity;
import methodos.footage.views.Views;
import methodos.footage.views.Views.Spot;
import methodos.footage.views.Views.View;
import org.junit.jupiter.api.Test;

/**
 * Lengths on rendered pictures of a printed card, tilted by up to 40°: the dots are found in the
 * picture and clicked with a hand's error, the true lengths are those of the card.
 */
class RenderedLengthTest {

    /** Standard deviation of a click, in pixels. */
    private static final double CLICK = 0.7;

    private static final int CASES = 200;

    /** Half the interval, as a share of the length, in the middle of all cases. */
    private static final double WIDEST = 0.03;

    /** The middle of the dark dot at a place: the middle of what is darker than the card there. */
    private static Point dot(BufferedImage picture, Point near) {
        int cx = (int) Math.round(near.x() * picture.getWidth());
        int cy = (int) Math.round(near.y() * picture.getHeight());
        int reach = 9;
        double sum = 0;
        double x = 0;
        double y = 0;
        for (int j = cy - reach; j <= cy + reach; j++) {
            for (int i = cx - reach; i <= cx + reach; i++) {
                int rgb = picture.getRGB(i, j);
                double dark = Math.max(0, 110 - (rgb >> 8 & 255));
                sum += dark;
                x += dark * (i + 0.5);
                y += dark * (j + 0.5);
            }
        }
        assertThat(sum).as("a dot at " + cx + ", " + cy).isGreaterThan(100);
        return new Point(x / sum, y / sum);
    }

    private static boolean within(Point p) {
        return p.x() > .02 && p.x() < .98 && p.y() > .03 && p.y() < .97;
    }

    private static void measured(KnownShape shape, String dots, String... sizes)
            throws IOException {
        Random random = new Random(200);
        int within = 0;
        int cases = 0;
        List<Double> widths = new ArrayList<>();
        List<View> views = Views.of("card.json");
        for (int round = 0; cases < CASES; round++) {
            View view = views.get(round % views.size());
            BufferedImage picture = view.picture();
            Map<String, Point> found = new LinkedHashMap<>();
            for (Map.Entry<String, Spot> spot : view.spots().entrySet()) {
                if (within(spot.getValue().seen())) {
                    found.put(spot.getKey(), dot(picture, spot.getValue().seen()));
                }
            }
            if (found.keySet().stream().filter(n -> n.startsWith("c")).count() < 16) {
                continue;
            }
            for (int i = 0; i < 10 && cases < CASES; i++) {
                String a = "end " + (1 + random.nextInt(10));
                String b = "end " + (1 + random.nextInt(10));
                Spot from = view.spots().get(a);
                Spot to = view.spots().get(b);
                double size = 10 * Math.hypot(from.x() - to.x(), from.z() - to.z());
                if (size < 30 || !found.containsKey(a) || !found.containsKey(b)) {
                    continue;
                }
                Map<String, Point> clicked = new LinkedHashMap<>();
                found.forEach(
                        (name, p) ->
                                clicked.put(
                                        name,
                                        p.plus(
                                                CLICK * random.nextGaussian(),
                                                CLICK * random.nextGaussian())));
                clicked.replaceAll(
                        (name, p) ->
                                new Point(p.x() / picture.getWidth(), p.y() / picture.getHeight()));
                MeasuredLength length =
                        onFigure(
                                new Mark.Scale(
                                        new Id<>("s"),
                                        shape,
                                        all(clicked, dots),
                                        Arrays.stream(sizes).map(Quantity::parse).toList()),
                                new Mark.Length(new Id<>("l"), clicked.get(a), clicked.get(b)),
                                picture);
                assertThat(length.tiltCorrected()).isTrue();
                cases++;
                within += Math.abs(length.value() - size) <= length.uncertainty() ? 1 : 0;
                widths.add(length.uncertainty() / size);
            }
        }
        double median = widths.stream().sorted().toList().get(CASES / 2);
        System.out.printf(
                "%s: %d of %d within, median half width %.4f%n", shape, within, cases, median);
        assertThat(within).isGreaterThanOrEqualTo(CASES * 95 / 100);
        assertThat(median).isLessThanOrEqualTo(WIDEST);
    }

    private static List<Point> all(Map<String, Point> dots, String kind) {
        return dots.entrySet().stream()
                .filter(e -> e.getKey().startsWith(kind))
                .map(Map.Entry::getValue)
                .toList();
    }

    /** The length as the figure shows it. */
    private static MeasuredLength onFigure(
            Mark.Scale scale, Mark.Length length, BufferedImage picture) {
        Figure figure = Figure.of(new Id<>("f"), "", null, "x", scale, length);
        return PictureScale.of(figure, picture.getWidth(), picture.getHeight())
                .flatMap(s -> s.of(length))
                .orElseThrow();
    }

    @Test
    void byTheRectangle() throws IOException {
        measured(KnownShape.RECTANGLE, "corner", "120 mm", "80 mm");
    }

    @Test
    void byTheCircle() throws IOException {
        measured(KnownShape.CIRCLE, "circle", "70 mm");
    }
}
