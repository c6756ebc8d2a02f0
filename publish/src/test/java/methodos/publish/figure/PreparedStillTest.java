package methodos.publish.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.Random;
import methodos.core.description.Id;
import methodos.core.figure.Framing;
import methodos.core.manual.Figure;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.core.manual.Preparation;
import org.junit.jupiter.api.Test;

class PreparedStillTest {

    private static Figure figure(Preparation preparation, Mark... marks) {
        return Figure.of(new Id<>("f"), "", null, "x", marks).withPreparation(preparation);
    }

    /** Grey, with a red dot at a place. */
    private static BufferedImage dotted(double x, double y) {
        BufferedImage still = new BufferedImage(800, 450, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = still.createGraphics();
        g.setColor(Color.GRAY);
        g.fillRect(0, 0, 800, 450);
        g.setColor(Color.RED);
        g.fillOval((int) (x * 800) - 6, (int) (y * 450) - 6, 12, 12);
        g.dispose();
        return still;
    }

    private static boolean red(int rgb) {
        return (rgb >> 16 & 255) > 180 && (rgb >> 8 & 255) < 90;
    }

    @Test
    void asTakenItIsTheStillItself() {
        BufferedImage still = dotted(.3, .3);
        assertThat(PreparedStill.of(figure(Preparation.NONE), still, 5000)).isSameAs(still);
    }

    @Test
    void turnedAndCroppedPixelsLieWhereTheFramingSays() {
        Random random = new Random(3);
        for (int i = 0; i < 60; i++) {
            double x = .35 + .3 * random.nextDouble();
            double y = .35 + .3 * random.nextDouble();
            Preparation p =
                    Preparation.NONE
                            .withQuarterTurns(random.nextInt(4))
                            .withStraighten(20 * random.nextGaussian());
            if (i % 2 == 0) {
                p = p.withCrop(new Preparation.Crop(-.3, -.25, .32, .27));
            }
            int widest = 200 + random.nextInt(700);
            BufferedImage prepared = PreparedStill.of(figure(p), dotted(x, y), widest);
            Framing framing = Framing.of(p, 800, 450);
            Point seen = framing.seen(new Point(x, y));
            assertThat(Math.max(prepared.getWidth(), prepared.getHeight()))
                    .isLessThanOrEqualTo(widest);
            assertThat(
                            red(
                                    prepared.getRGB(
                                            (int) (seen.x() * prepared.getWidth()),
                                            (int) (seen.y() * prepared.getHeight()))))
                    .as(p + " " + seen)
                    .isTrue();
        }
    }

    @Test
    void ofWhatIsCoveredNothingIsLeft() {
        BufferedImage still = dotted(.5, .5);
        BufferedImage prepared =
                PreparedStill.of(
                        figure(
                                Preparation.NONE.withSharpen(1),
                                new Mark.Cover(
                                        new Id<>("m"), new Point(.45, .55), new Point(.55, .45))),
                        still,
                        800);
        for (int y = 0; y < 450; y++) {
            for (int x = 0; x < 800; x++) {
                assertThat(red(prepared.getRGB(x, y))).isFalse();
            }
        }
        assertThat(red(still.getRGB(400, 225))).as("the still keeps it").isTrue();
    }

    @Test
    void ofWhatIsCoveredNothingIsLeftAtAnySize() {
        BufferedImage still = new BufferedImage(801, 451, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = still.createGraphics();
        g.setColor(Color.GRAY);
        g.fillRect(0, 0, 801, 451);
        g.setColor(Color.RED);
        g.fillRect(301, 151, 99, 99);
        g.dispose();
        Mark cover =
                new Mark.Cover(
                        new Id<>("m"),
                        new Point(301 / 801.0, 151 / 451.0),
                        new Point(400 / 801.0, 250 / 451.0));
        for (int widest : new int[] {800, 400, 333, 200, 97}) {
            BufferedImage prepared =
                    PreparedStill.of(figure(Preparation.NONE, cover), still, widest);
            for (int y = 0; y < prepared.getHeight(); y++) {
                for (int x = 0; x < prepared.getWidth(); x++) {
                    int rgb = prepared.getRGB(x, y);
                    assertThat((rgb >> 16 & 255) - (rgb >> 8 & 255)).as("red").isLessThan(3);
                }
            }
        }
    }

    private static double luma(BufferedImage p, int x, int y) {
        int rgb = p.getRGB(x, y);
        return .2126 * (rgb >> 16 & 255) + .7152 * (rgb >> 8 & 255) + .0722 * (rgb & 255);
    }

    /** Left dark with a faint pattern, right bright with one. */
    private static BufferedImage halves() {
        BufferedImage still = new BufferedImage(400, 200, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 200; y++) {
            for (int x = 0; x < 400; x++) {
                int v = (x < 200 ? 24 : 236) + (x / 4 + y / 4) % 2 * 8;
                still.setRGB(x, y, v << 16 | v << 8 | v);
            }
        }
        return still;
    }

    @Test
    void shadowsGetLighterAndKeepTheirDetail() {
        BufferedImage before = halves();
        BufferedImage after =
                PreparedStill.of(figure(Preparation.NONE.withShadows(1)), before, 400);
        assertThat(luma(after, 80, 100)).isGreaterThan(2 * luma(before, 80, 100));
        double faint = Math.abs(luma(before, 80, 100) - luma(before, 84, 100));
        double then = Math.abs(luma(after, 80, 100) - luma(after, 84, 100));
        assertThat(then).isGreaterThan(1.5 * faint);
        assertThat(luma(after, 320, 100)).isCloseTo(luma(before, 320, 100), within(2.0));
    }

    @Test
    void glareIsTamedAndShadowsStay() {
        BufferedImage before = halves();
        BufferedImage after = PreparedStill.of(figure(Preparation.NONE.withGlare(1)), before, 400);
        assertThat(luma(after, 320, 100)).isLessThan(luma(before, 320, 100) - 15);
        assertThat(luma(after, 80, 100)).isCloseTo(luma(before, 80, 100), within(2.0));
    }

    @Test
    void sharpeningMakesAnEdgeSteeper() {
        BufferedImage soft = new BufferedImage(800, 20, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 20; y++) {
            for (int x = 0; x < 800; x++) {
                int v = (int) Math.round(60 + 120 / (1 + Math.exp(-(x - 50) / 1.5)));
                soft.setRGB(x, y, v << 16 | v << 8 | v);
            }
        }
        BufferedImage sharp = PreparedStill.of(figure(Preparation.NONE.withSharpen(1)), soft, 800);
        double before = luma(soft, 52, 10) - luma(soft, 48, 10);
        double after = luma(sharp, 52, 10) - luma(sharp, 48, 10);
        assertThat(after).isGreaterThan(before * 1.15);
        assertThat(luma(sharp, 10, 10)).isCloseTo(luma(soft, 10, 10), within(1.0));
    }
}
