package methodos.publish.figure;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.util.Locale;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.figure.FigureDrawing;
import methodos.core.figure.PictureSizes;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.Point;
import methodos.core.manual.ReuseRule;
import methodos.core.words.Words;
import org.junit.jupiter.api.Test;

class FigurePainterTest {

    private final Manual manual =
            Manual.titled("x")
                    .withPart(
                            PartBuilder.builder()
                                    .id(new Id<>("p1"))
                                    .item("7")
                                    .name("screw")
                                    .quantity(1)
                                    .reuse(ReuseRule.INSPECT)
                                    .build());

    private static BufferedImage gray() {
        BufferedImage still = new BufferedImage(960, 540, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 540; y++) {
            for (int x = 0; x < 960; x++) {
                still.setRGB(x, y, 0x707070);
            }
        }
        return still;
    }

    private FigureDrawing drawing(Figure figure) {
        return FigureDrawing.of(
                figure, manual, new Words(null, Locale.ENGLISH), PictureSizes.all(960, 540));
    }

    private static FigurePainter painter(FigureDrawing drawing) {
        return new FigurePainter(drawing, id -> Optional.of(gray()));
    }

    private static int luma(int rgb) {
        return ((rgb >> 16 & 255) * 2 + (rgb >> 8 & 255) * 5 + (rgb & 255)) / 8;
    }

    @Test
    void theTargetIsMarkedWhereItIs() {
        Figure figure =
                Figure.of(
                        new Id<>("f"),
                        "",
                        null,
                        "x",
                        new Mark.Callout(new Id<>("m"), new Id<>("p1"), new Point(.25, .75), null));
        FigureDrawing drawing = drawing(figure);
        BufferedImage painted = painter(drawing).paint((int) Math.round(drawing.width()));
        double margin = 960 * FigureDrawing.MARGIN;
        int x = (int) Math.round(margin + .25 * 960);
        int y = (int) Math.round(margin + .75 * 540);
        assertThat(luma(painted.getRGB(x, y))).isLessThan(70);
        assertThat(luma(painted.getRGB(x + 40, y))).isBetween(100, 125);
    }

    @Test
    void theBalloonIsWhiteWithADarkNumber() {
        Figure figure =
                Figure.of(
                        new Id<>("f"),
                        "",
                        null,
                        "x",
                        new Mark.Callout(
                                new Id<>("m"),
                                new Id<>("p1"),
                                new Point(.5, .5),
                                new Point(.5, .2)));
        FigureDrawing drawing = drawing(figure);
        BufferedImage painted = painter(drawing).paint((int) Math.round(drawing.width()));
        Point balloon = drawing.handles().get(0).at();
        int radius = (int) FigureDrawing.radius(960);
        int dark = 0;
        int white = 0;
        for (int dy = -radius / 2; dy <= radius / 2; dy++) {
            for (int dx = -radius / 2; dx <= radius / 2; dx++) {
                int l = luma(painted.getRGB((int) balloon.x() + dx, (int) balloon.y() + dy));
                dark += l < 90 ? 1 : 0;
                white += l > 230 ? 1 : 0;
            }
        }
        assertThat(dark).isGreaterThan(25);
        assertThat(white).isGreaterThan(dark);
    }

    @Test
    void everyWidthKeepsTheShape() {
        FigureDrawing drawing =
                FigureDrawing.published(
                        Figure.of(new Id<>("f"), "", null, "x"),
                        manual,
                        new Words(null, Locale.ENGLISH),
                        PictureSizes.all(960, 540));
        for (int width : new int[] {120, 480, 960, 1920}) {
            BufferedImage painted = painter(drawing).paint(width);
            assertThat(painted.getWidth()).isEqualTo(width);
            assertThat(painted.getHeight()).isEqualTo(Math.round(width * 540f / 960));
        }
    }
}
