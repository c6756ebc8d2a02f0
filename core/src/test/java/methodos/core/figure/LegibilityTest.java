package methodos.core.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import methodos.core.Samples;
import methodos.core.description.Id;
import methodos.core.figure.Shape.Dash;
import methodos.core.figure.Shape.Ink;
import methodos.core.manual.Figure;
import methodos.core.manual.FigureLayout;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.core.manual.Preparation;
import methodos.core.words.Words;
import org.junit.jupiter.api.Test;

class LegibilityTest {

    private final Manual manual = Samples.actuator();
    private final Words words = new Words(null, Locale.ENGLISH);

    private List<String> findings(Figure figure, int ground) {
        FigureDrawing drawing =
                FigureDrawing.published(figure, manual, words, PictureSizes.all(960, 540));
        return Legibility.of(figure, drawing, (x, y) -> ground, words);
    }

    @Test
    void everyKindOfMarkIsLegibleOnLightAndDarkGround() {
        for (int ground : new int[] {0x000000, 0x101418, 0x808080, 0xF4B400, 0x2E7F73, 0xFFFFFF}) {
            for (Mark mark : Samples.everyMark()) {
                Figure figure = Figure.of(new Id<>("f"), "", null, "x", mark);
                assertThat(findings(figure, ground)).as(mark + " on " + ground).isEmpty();
            }
        }
    }

    @Test
    void aLineWithoutPaperUnderItIsHeldAgainstItsGround() {
        Figure figure =
                Figure.of(
                        new Id<>("f"),
                        "",
                        null,
                        "x",
                        new Mark.Label(new Id<>("m"), new Point(.5, .5), "here"));
        FigureDrawing drawing =
                FigureDrawing.published(figure, manual, words, PictureSizes.all(960, 540));
        List<Shape> shapes = new ArrayList<>(drawing.shapes());
        shapes.add(
                new Shape.Path(
                        List.of(new Point(100, 100), new Point(400, 100)),
                        false,
                        3,
                        Ink.ACCENT,
                        null,
                        Dash.NONE));
        FigureDrawing bare =
                new FigureDrawing(
                        drawing.width(),
                        drawing.height(),
                        drawing.picture(),
                        drawing.framing(),
                        shapes,
                        drawing.handles());
        assertThat(Legibility.of(figure, bare, (x, y) -> 0x2A6E66, words))
                .containsExactly("Mark 1 hardly stands out from the picture under it.");
        assertThat(Legibility.of(figure, bare, (x, y) -> x < 250 ? 0x2A6E66 : 0xFFFFFF, words))
                .hasSize(1);
        assertThat(Legibility.of(figure, bare, (x, y) -> 0xFFFFFF, words)).isEmpty();
    }

    @Test
    void aSmallCropIsCoarseInPrint() {
        Figure figure =
                Figure.of(new Id<>("f"), "", null, "x")
                        .withPreparation(
                                Preparation.NONE.withCrop(
                                        new Preparation.Crop(-.15, -.1, .15, .1)));
        // 288 px on 88 mm
        assertThat(findings(figure, 0x808080))
                .containsExactly(
                        "The picture is coarse in print: 83 dots per inch, 150 are needed.");
    }

    @Test
    void whatLiesOutsideOfTheCropAndTooManyCalloutsAreTold() {
        Figure cropped =
                Figure.of(
                                new Id<>("f"),
                                "",
                                null,
                                "x",
                                new Mark.Label(new Id<>("m"), new Point(.9, .5), "gone"))
                        .withPreparation(
                                Preparation.NONE.withCrop(new Preparation.Crop(-.5, -.2, .2, .2)));
        assertThat(findings(cropped, 0x808080))
                .containsExactly("1 mark lies outside of what is shown of the picture.");
        Mark[] many = new Mark[13];
        for (int i = 0; i < many.length; i++) {
            many[i] =
                    new Mark.Callout(
                            new Id<>("m" + i), new Id<>("p1"), new Point(.1 + .06 * i, .5), null);
        }
        assertThat(findings(Figure.of(new Id<>("f"), "", null, "x", many), 0x808080))
                .anyMatch(s -> s.startsWith("13 callouts on one picture"));
    }

    @Test
    void fourPicturesAreReadWhereTheyStandTwoByTwo() {
        Manual four = manual;
        for (int i = 1; i <= 4; i++) {
            four =
                    four.withFigure(
                            Figure.of(
                                    new Id<>("q" + i),
                                    "part " + i,
                                    null,
                                    "x",
                                    new Mark.Callout(
                                            new Id<>("c" + i),
                                            new Id<>("p1"),
                                            new Point(.5, .5),
                                            null)));
        }
        Figure lead =
                four.figure(new Id<>("q1"))
                        .orElseThrow()
                        .withLayout(FigureLayout.SEQUENCE)
                        .withBeside(List.of(new Id<>("q2"), new Id<>("q3"), new Id<>("q4")));
        FigureDrawing drawing =
                FigureDrawing.published(lead, four, words, PictureSizes.all(960, 540));
        assertThat(
                        drawing.shapes().stream()
                                .filter(s -> s instanceof Shape.Picture)
                                .map(s -> ((Shape.Picture) s).figure()))
                .containsExactly(new Id<>("q1"), new Id<>("q2"), new Id<>("q3"), new Id<>("q4"));
        assertThat(Legibility.printWidth(lead)).isEqualTo(Legibility.PAGE);
        assertThat(Legibility.of(lead, drawing, (x, y) -> 0x808080, words)).isEmpty();
    }

    @Test
    void inksThatMeanDifferentThingsDifferForEveryEye() {
        for (Ink a : Ink.values()) {
            for (Ink b : Ink.values()) {
                if (a != b && a.tells() && b.tells()) {
                    assertThat(ColourVision.least(a.rgb(), b.rgb()))
                            .as(a + " " + b)
                            .isGreaterThan(ColourVision.APART);
                }
            }
        }
    }

    @Test
    void aRedAndAGreenLookTheSameToSome() {
        assertThat(ColourVision.least(0xC03020, 0x707A20)).isLessThan(ColourVision.APART);
        assertThat(ColourVision.least(0x123456, 0x123456)).isZero();
    }

    @Test
    void contrastIsThatOfTheStandard() {
        assertThat(ColourVision.contrast(0xFFFFFF, 0x000000)).isCloseTo(21, within(1e-9));
        assertThat(ColourVision.contrast(0x777777, 0xFFFFFF)).isCloseTo(4.48, within(0.01));
    }
}
