package methodos.footage.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.Optional;
import java.util.Random;
import methodos.core.manual.Point;
import org.junit.jupiter.api.Test;

class StillMatchTest {

    private static final int WIDTH = 960;
    private static final int HEIGHT = 540;

    /** A bench with many things on it, all made from a seed. */
    private static BufferedImage bench(long seed) {
        BufferedImage picture = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D g = picture.createGraphics();
        Random random = new Random(seed);
        g.setColor(new Color(190, 180, 160));
        g.fillRect(0, 0, WIDTH, HEIGHT);
        for (int i = 0; i < 400; i++) {
            int level = 40 + random.nextInt(180);
            g.setColor(new Color(level, level * 3 / 4 + random.nextInt(50), level / 2));
            int x = random.nextInt(WIDTH);
            int y = random.nextInt(HEIGHT);
            int w = 6 + random.nextInt(40);
            int h = 6 + random.nextInt(40);
            if (random.nextBoolean()) {
                g.fillRect(x, y, w, h);
            } else {
                g.fillOval(x, y, w, h);
            }
        }
        g.dispose();
        return picture;
    }

    private static BufferedImage moved(BufferedImage picture, AffineTransform how, double light) {
        BufferedImage result = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D g = result.createGraphics();
        g.setRenderingHint(
                java.awt.RenderingHints.KEY_INTERPOLATION,
                java.awt.RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.drawImage(picture, how, null);
        g.setColor(new Color(0, 0, 0, (int) (255 * (1 - light))));
        g.fillRect(0, 0, WIDTH, HEIGHT);
        g.dispose();
        return result;
    }

    @Test
    void marksFollowWhenTheCameraMoves() {
        Random random = new Random(41);
        for (int i = 0; i < 8; i++) {
            BufferedImage first = bench(i);
            AffineTransform how = new AffineTransform();
            how.translate(40 * random.nextGaussian(), 25 * random.nextGaussian());
            how.rotate(0.12 * random.nextGaussian(), WIDTH / 2.0, HEIGHT / 2.0);
            double scale = 1 + 0.15 * random.nextDouble();
            how.scale(scale, scale);
            StillMatch match = StillMatch.between(first, moved(first, how, 0.85)).orElseThrow();
            assertThat(match.trust()).isGreaterThan(0.8);
            for (double[] at : new double[][] {{.3, .4}, {.5, .5}, {.6, .35}}) {
                double[] there = new double[2];
                how.transform(new double[] {at[0] * WIDTH, at[1] * HEIGHT}, 0, there, 0, 1);
                StillMatch.Carried carried = match.carry(new Point(at[0], at[1]));
                assertThat(carried.point().x() * WIDTH).isCloseTo(there[0], within(1.5));
                assertThat(carried.point().y() * HEIGHT).isCloseTo(there[1], within(1.5));
                assertThat(carried.trust()).isGreaterThan(0.6);
            }
        }
    }

    @Test
    void stillsOfDifferentThingsAreNotTrusted() {
        for (int i = 0; i < 6; i++) {
            Optional<StillMatch> match = StillMatch.between(bench(100 + i), bench(200 + i));
            assertThat(match.map(StillMatch::trust).orElse(0.0)).isLessThan(0.35);
        }
    }

    @Test
    void aThingThatMovedByItselfIsNotTrusted() {
        BufferedImage first = bench(7);
        BufferedImage second = bench(7);
        BufferedImage thing = bench(8).getSubimage(300, 200, 220, 220);
        first.createGraphics().drawImage(thing, 100, 150, null);
        second.createGraphics().drawImage(thing, 560, 150, null);
        StillMatch match = StillMatch.between(first, second).orElseThrow();
        double onThing = match.carry(new Point(210.0 / WIDTH, 260.0 / HEIGHT)).trust();
        double beside = match.carry(new Point(480.0 / WIDTH, 60.0 / HEIGHT)).trust();
        assertThat(onThing).isLessThan(0.3);
        assertThat(beside).isGreaterThan(0.6);
    }

    @Test
    void aBlankWallMatchesNothing() {
        BufferedImage blank = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
        assertThat(StillMatch.between(blank, bench(1))).isEmpty();
        assertThat(StillMatch.between(blank, blank)).isEmpty();
    }
}
