package methodos.publish.figure;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.figure.FigureDrawing;
import methodos.core.figure.PictureSizes;
import methodos.core.manual.Figure;
import methodos.core.manual.FigureLayout;
import methodos.core.manual.KnownShape;
import methodos.core.manual.Layer;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Movement;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.Point;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Rotation;
import methodos.core.quantity.Quantity;
import methodos.core.words.Words;
import org.apache.batik.transcoder.SVGAbstractTranscoder;
import org.apache.batik.transcoder.TranscoderInput;
import org.apache.batik.transcoder.TranscoderOutput;
import org.apache.batik.transcoder.image.ImageTranscoder;
import org.junit.jupiter.api.Test;

/** What is painted and what is written as SVG, drawn by another program, are the same. */
class FigureSvgTest {

    private static final int SCALE = 2;

    private final Words words = new Words(null, Locale.ENGLISH);

    private final Manual manual =
            Manual.titled("x")
                    .withPart(
                            PartBuilder.builder()
                                    .id(new Id<>("p1"))
                                    .item("7")
                                    .name("screw")
                                    .size("M6")
                                    .quantity(4)
                                    .reuse(ReuseRule.INSPECT)
                                    .build());

    private static BufferedImage still() {
        BufferedImage still = new BufferedImage(480, 270, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 270; y++) {
            for (int x = 0; x < 480; x++) {
                int grey = 60 + (x / 40 + y / 40) % 2 * 120;
                still.setRGB(x, y, grey << 16 | grey << 8 | (grey + 30));
            }
        }
        return still;
    }

    private static Point at(double x, double y) {
        return new Point(x, y);
    }

    private static List<Mark> marks() {
        return List.of(
                new Mark.Callout(new Id<>("a"), new Id<>("p1"), at(.5, .5), null),
                new Mark.ScrewOrder(
                        new Id<>("b"),
                        List.of(at(.1, .2), at(.2, .2), at(.2, .4), at(.1, .4)),
                        null,
                        null),
                new Mark.ScrewPlace(new Id<>("c"), new Id<>("p1"), at(.3, .8)),
                new Mark.Turn(
                        new Id<>("d"),
                        at(.7, .3),
                        at(.8, .3),
                        at(.7, .36),
                        null,
                        Rotation.CLOCKWISE),
                new Mark.Shift(new Id<>("e"), at(.4, .2), at(.55, .3), Movement.PUSH),
                new Mark.Detail(new Id<>("f"), at(.45, .7), at(.49, .7), at(.82, .72)),
                new Mark.Outline(
                        new Id<>("g"), List.of(at(.3, .3), at(.4, .28), at(.42, .5), at(.28, .48))),
                new Mark.Length(new Id<>("h"), at(.1, .9), at(.25, .9)),
                new Mark.Scale(
                        new Id<>("i"),
                        KnownShape.LENGTH,
                        List.of(at(.05, .6), at(.2, .6)),
                        List.of(Quantity.parse("30 mm"))),
                new Mark.MatchMark(new Id<>("j"), at(.6, .6), at(.6, .7), "1"),
                new Mark.ByFeel(new Id<>("k"), at(.6, .85), "clicks"),
                new Mark.Label(new Id<>("l"), at(.3, .1), "front < left"));
    }

    private FigureDrawing drawing(Manual m, Figure figure) {
        return FigureDrawing.published(figure, m, words, PictureSizes.all(480, 270));
    }

    /** The SVG as another program draws it. */
    private static BufferedImage drawn(String svg, int width) throws Exception {
        BufferedImage[] image = new BufferedImage[1];
        ImageTranscoder transcoder =
                new ImageTranscoder() {
                    @Override
                    public BufferedImage createImage(int w, int h) {
                        return new BufferedImage(w, h, BufferedImage.TYPE_INT_ARGB);
                    }

                    @Override
                    public void writeImage(BufferedImage result, TranscoderOutput out) {
                        image[0] = result;
                    }
                };
        transcoder.addTranscodingHint(SVGAbstractTranscoder.KEY_WIDTH, (float) width);
        transcoder.transcode(new TranscoderInput(new StringReader(svg)), null);
        return image[0];
    }

    private static int channel(BufferedImage image, int x, int y, int shift) {
        return image.getRGB(x, y) >> shift & 255;
    }

    /**
     * Share of the pixels whose value lies outside of what the other picture shows within a pixel
     * around: at twice the size, half a pixel of the figure.
     */
    private static double apart(BufferedImage a, BufferedImage b) {
        int apart = 0;
        int all = 0;
        int width = Math.min(a.getWidth(), b.getWidth());
        int height = Math.min(a.getHeight(), b.getHeight());
        for (int y = 1; y < height - 1; y++) {
            for (int x = 1; x < width - 1; x++) {
                all++;
                boolean out = false;
                for (int shift = 0; shift <= 16; shift += 8) {
                    int least = 255;
                    int most = 0;
                    for (int j = -1; j <= 1; j++) {
                        for (int i = -1; i <= 1; i++) {
                            int v = channel(b, x + i, y + j, shift);
                            least = Math.min(least, v);
                            most = Math.max(most, v);
                        }
                    }
                    int v = channel(a, x, y, shift);
                    out |= v < least - 40 || v > most + 40;
                }
                apart += out ? 1 : 0;
            }
        }
        return apart / (double) all;
    }

    private void same(Manual m, Figure figure) throws Exception {
        FigureDrawing drawing = drawing(m, figure);
        int width = (int) Math.round(drawing.width() * SCALE);
        String svg = FigureSvg.of(drawing, id -> Optional.of(still()), "words");
        BufferedImage painted = new FigurePainter(drawing, id -> Optional.of(still())).paint(width);
        BufferedImage other = drawn(svg, width);
        assertThat(apart(painted, other)).as(figure.toString()).isLessThan(0.0005);
        assertThat(apart(other, painted)).as(figure.toString()).isLessThan(0.0005);
    }

    @Test
    void eachKindOfMarkLiesWithinHalfAPixel() throws Exception {
        for (Mark mark : marks()) {
            same(manual, Figure.of(new Id<>("f"), "", null, "x", mark));
        }
        same(manual, Figure.of(new Id<>("f"), "", null, "x", marks().toArray(new Mark[0])));
    }

    @Test
    void aShiftOfOnePixelIsSeen() throws Exception {
        FigureDrawing drawing =
                drawing(manual, Figure.of(new Id<>("f"), "", null, "x", marks().get(1)));
        BufferedImage painted =
                new FigurePainter(drawing, id -> Optional.of(still()))
                        .paint((int) drawing.width() * SCALE);
        BufferedImage moved =
                new BufferedImage(
                        painted.getWidth(), painted.getHeight(), BufferedImage.TYPE_INT_ARGB);
        moved.createGraphics().drawImage(painted, SCALE, 0, null);
        assertThat(apart(painted, moved)).isGreaterThan(0.0005);
    }

    @Test
    void picturesBesideEachOtherAndAStackAgreeToo() throws Exception {
        Figure other = Figure.of(new Id<>("g"), "worn", null, "y", marks().get(0));
        Manual two = manual.withFigure(other);
        Figure figure =
                Figure.of(new Id<>("f"), "good", null, "x", marks().get(6))
                        .withLayout(FigureLayout.COMPARISON)
                        .withBeside(List.of(new Id<>("g")))
                        .withStack(
                                List.of(
                                        new Layer(null, "4 disc springs, hollow down, alternating"),
                                        new Layer(new Id<>("p1"), ""),
                                        new Layer(null, "O-ring"),
                                        new Layer(null, "seal, lip up"),
                                        new Layer(null, "bearing"),
                                        new Layer(null, "spring")));
        same(two.withFigure(figure), figure);
    }

    @Test
    void itStandsAloneAndReadsAsItsWords() {
        FigureDrawing drawing =
                drawing(manual, Figure.of(new Id<>("f"), "", null, "x", marks().get(11)));
        String svg = FigureSvg.of(drawing, id -> Optional.of(still()), "Cap & \"screws\" < 4");
        assertThat(svg)
                .contains("<title>Cap &amp; &quot;screws&quot; &lt; 4</title>")
                .contains("aria-label=\"front &lt; left\"")
                .contains("data:image/png;base64,")
                .doesNotContain("<text");
        List<String> links = new ArrayList<>();
        var matcher = java.util.regex.Pattern.compile("href=\"([^\"]{0,22})").matcher(svg);
        while (matcher.find()) {
            links.add(matcher.group(1));
        }
        assertThat(links).isNotEmpty().allMatch(l -> l.startsWith("data:image/png;base64,"));
    }

    @Test
    void aPictureThatIsMissingIsLeftOut() throws Exception {
        FigureDrawing drawing =
                drawing(manual, Figure.of(new Id<>("f"), "", null, "x", marks().get(0)));
        String svg = FigureSvg.of(drawing, id -> Optional.empty(), "");
        assertThat(svg).doesNotContain("<image");
        assertThat(drawn(svg, 400)).isNotNull();
    }
}
