package methodos.core.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Locale;
import methodos.core.Samples;
import methodos.core.manual.Arrangement;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.core.words.Words;
import org.junit.jupiter.api.Test;

class FigureDrawingTest {

    private final Manual manual = Samples.actuator();
    private final Words words = new Words(null, Locale.ENGLISH);

    private static Figure figure(Mark... marks) {
        return new Figure("f1", "Right end cap", null, "x", List.of(marks), "");
    }

    private static Mark.Callout callout(String id, String part, double x, double y, Point balloon) {
        return new Mark.Callout(id, part, new Point(x, y), balloon);
    }

    @Test
    void aFigureWithoutMarksIsItsPicture() {
        FigureDrawing drawing = FigureDrawing.of(figure(), manual, 960, 540);
        assertThat(drawing.width()).isEqualTo(960);
        assertThat(drawing.shapes()).containsExactly(new Shape.Picture(0, 0, 960, 540));
    }

    @Test
    void theLeaderRunsFromTheTargetToTheEdgeOfTheBalloon() {
        FigureDrawing drawing =
                FigureDrawing.of(
                        figure(callout("m1", "p1", .5, .5, new Point(.5, -.03))),
                        manual,
                        1000,
                        500);
        double margin = 1000 * FigureDrawing.MARGIN;
        Shape.Line leader =
                (Shape.Line)
                        drawing.shapes().stream()
                                .filter(s -> s instanceof Shape.Line)
                                .findFirst()
                                .orElseThrow();
        assertThat(leader.x1()).isCloseTo(margin + 500, within(1e-9));
        assertThat(leader.y1()).isCloseTo(margin + 250, within(1e-9));
        assertThat(leader.x2()).isCloseTo(margin + 500, within(1e-9));
        assertThat(leader.y2()).isCloseTo(margin - 15 + FigureDrawing.radius(1000), within(1e-9));
    }

    @Test
    void theBalloonCarriesTheItemNumber() {
        FigureDrawing drawing =
                FigureDrawing.of(figure(callout("m1", "p2", .2, .2, null)), manual, 960, 540);
        assertThat(drawing.shapes())
                .filteredOn(s -> s instanceof Shape.Text)
                .singleElement()
                .satisfies(s -> assertThat(((Shape.Text) s).text()).isEqualTo("11"));
    }

    @Test
    void aPartThatIsGoneShowsAQuestionMark() {
        FigureDrawing drawing =
                FigureDrawing.of(figure(callout("m1", "gone", .2, .2, null)), manual, 960, 540);
        assertThat(drawing.shapes())
                .anyMatch(s -> s instanceof Shape.Text t && t.text().equals("?"));
    }

    @Test
    void everythingScalesWithThePicture() {
        Figure figure =
                figure(callout("m1", "p1", .3, .6, null), callout("m2", "p2", .7, .2, null));
        FigureDrawing small = FigureDrawing.of(figure, manual, 480, 270);
        FigureDrawing large = FigureDrawing.of(figure, manual, 960, 540);
        assertThat(large.width()).isCloseTo(2 * small.width(), within(1e-6));
        for (int i = 0; i < 2; i++) {
            assertThat(
                            large.balloons()
                                    .get(i)
                                    .distance(
                                            new Point(
                                                    small.balloons().get(i).x() * 2,
                                                    small.balloons().get(i).y() * 2)))
                    .isLessThan(60);
        }
    }

    @Test
    void readsAsItsTitleAndParts() {
        Figure figure = figure(callout("m1", "p1", .3, .6, null));
        assertThat(FigureText.of(figure, manual, words))
                .isEqualTo("Right end cap. Numbered: cap screw (7).");
        assertThat(FigureText.of(figure(), manual, words)).isEqualTo("Right end cap");
        assertThat(
                        FigureText.of(
                                new Figure("f", "t", null, "x", List.of(), "By the author."),
                                manual,
                                words))
                .isEqualTo("By the author.");
        assertThat(FigureText.of(new Figure("f", "", null, "x", List.of(), ""), manual, words))
                .isEqualTo("A still of this step");
    }

    @Test
    void publishedItHasAMarginOnlyWhereABalloonIs() {
        FigureDrawing whole =
                FigureDrawing.of(
                        figure(callout("m1", "p1", .5, .5, new Point(.5, -.03))),
                        manual,
                        1000,
                        500);
        FigureDrawing trimmed = whole.trimmed();
        assertThat(trimmed.width()).isEqualTo(1000);
        assertThat(trimmed.picture().x()).isZero();
        assertThat(trimmed.height() - 500).isCloseTo(trimmed.picture().y(), within(1e-9));
        double reach = 15 + FigureDrawing.radius(1000);
        assertThat(trimmed.picture().y()).isBetween(reach, whole.picture().y());
        Point balloon = trimmed.balloons().get(0);
        assertThat(balloon.y() - FigureDrawing.radius(1000)).isPositive();
        assertThat(balloon.distance(new Point(500, trimmed.picture().y() - 15)))
                .isCloseTo(0, within(1e-9));
    }

    @Test
    void withoutMarksThereIsNothingToTrim() {
        FigureDrawing drawing = FigureDrawing.of(figure(), manual, 960, 540);
        assertThat(drawing.trimmed()).isEqualTo(drawing);
    }

    private static Mark.ScrewOrder fourScrews() {
        return new Mark.ScrewOrder(
                "m9",
                List.of(new Point(.2, .2), new Point(.8, .2), new Point(.8, .8), new Point(.2, .8)),
                null,
                List.of());
    }

    @Test
    void screwsCarryTheirPlaceInTheOrder() {
        FigureDrawing drawing = FigureDrawing.of(figure(fourScrews()), manual, 1000, 800);
        assertThat(drawing.width()).isEqualTo(1000); // no balloon needs a margin
        assertThat(
                        drawing.shapes().stream()
                                .filter(s -> s instanceof Shape.Text)
                                .map(s -> ((Shape.Text) s).text()))
                .containsExactly("1", "3", "2", "4");
        Shape.Circle first =
                (Shape.Circle)
                        drawing.shapes().stream()
                                .filter(s -> s instanceof Shape.Circle)
                                .findFirst()
                                .orElseThrow();
        assertThat(first.x()).isCloseTo(200, within(1e-9));
        assertThat(first.y()).isCloseTo(160, within(1e-9));
    }

    @Test
    void theOrderCanBeForcedAndGiven() {
        assertThat(ScrewNumbers.of(fourScrews().withArrangement(Arrangement.IRREGULAR), 1000, 800))
                .containsExactly(1, 3, 2, 4);
        Mark.ScrewOrder given =
                new Mark.ScrewOrder(
                        "m9", fourScrews().screws(), Arrangement.GIVEN, List.of(4, 3, 2, 1));
        assertThat(ScrewNumbers.of(given, 1000, 800)).containsExactly(4, 3, 2, 1);
        Mark.ScrewOrder unfit =
                new Mark.ScrewOrder("m9", fourScrews().screws(), Arrangement.GIVEN, List.of(1));
        assertThat(ScrewNumbers.of(unfit, 1000, 800)).containsExactly(1, 2, 3, 4);
    }

    @Test
    void theOrderIsReadOut() {
        assertThat(FigureText.of(figure(fourScrews()), manual, words))
                .startsWith("Right end cap.")
                .contains("4 screws, numbered in the order of tightening");
    }
}
