package methodos.core.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Locale;
import methodos.core.Samples;
import methodos.core.description.Id;
import methodos.core.manual.Arrangement;
import methodos.core.manual.Figure;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.Point;
import methodos.core.manual.Preparation;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Value;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantityList;
import methodos.core.words.Words;
import org.junit.jupiter.api.Test;

class FigureDrawingTest {

    private final Manual manual = Samples.actuator();
    private final Words words = new Words(null, Locale.ENGLISH);

    private static Figure figure(Mark... marks) {
        return Figure.of(new Id<>("f1"), "Right end cap", null, "x", marks);
    }

    private static Mark.Callout callout(
            Id<Mark> id, Id<Part> part, double x, double y, Point balloon) {
        return new Mark.Callout(id, part, new Point(x, y), balloon);
    }

    private FigureDrawing drawn(double width, double height, Mark... marks) {
        return drawn(figure(marks), width, height);
    }

    private FigureDrawing drawn(Figure figure, double width, double height) {
        return FigureDrawing.of(figure, manual, words, PictureSizes.all(width, height));
    }

    private FigureDrawing published(double width, double height, Mark... marks) {
        return published(figure(marks), width, height);
    }

    private FigureDrawing published(Figure figure, double width, double height) {
        return FigureDrawing.published(figure, manual, words, PictureSizes.all(width, height));
    }

    private static <S extends Shape> List<S> all(FigureDrawing drawing, Class<S> kind) {
        return drawing.shapes().stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    private static Point balloon(FigureDrawing drawing, Id<Mark> mark) {
        return drawing.handles().stream()
                .filter(h -> h.mark().equals(mark) && h.index() == FigureDrawing.Handle.HELD)
                .map(FigureDrawing.Handle::at)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aFigureWithoutMarksIsItsPicture() {
        FigureDrawing drawing = published(960, 540);
        assertThat(drawing.width()).isEqualTo(960);
        assertThat(drawing.shapes())
                .containsExactly(new Shape.Picture(new Id<>("f1"), 0, 0, 960, 540));
    }

    @Test
    void theLeaderRunsFromTheTargetToTheEdgeOfTheBalloon() {
        FigureDrawing drawing =
                drawn(
                        1000,
                        500,
                        callout(new Id<>("m1"), new Id<>("p1"), .5, .5, new Point(.5, -.03)));
        double margin = 1000 * FigureDrawing.MARGIN;
        List<Point> leader = all(drawing, Shape.Path.class).get(1).points();
        assertThat(leader.get(0).distance(new Point(margin + 500, margin + 250))).isLessThan(1e-9);
        assertThat(
                        leader.get(1)
                                .distance(
                                        new Point(
                                                margin + 500,
                                                margin - 15 + FigureDrawing.radius(1000))))
                .isLessThan(1e-9);
    }

    @Test
    void theBalloonCarriesTheItemNumber() {
        assertThat(
                        all(
                                drawn(
                                        960,
                                        540,
                                        callout(new Id<>("m1"), new Id<>("p2"), .2, .2, null)),
                                Shape.Text.class))
                .extracting(Shape.Text::text)
                .containsExactly("11");
    }

    @Test
    void aPartThatIsGoneShowsAQuestionMark() {
        assertThat(
                        all(
                                drawn(
                                        960,
                                        540,
                                        callout(new Id<>("m1"), new Id<>("gone"), .2, .2, null)),
                                Shape.Text.class))
                .extracting(Shape.Text::text)
                .containsExactly("?");
    }

    @Test
    void everythingScalesWithThePicture() {
        Mark[] marks = {
            callout(new Id<>("m1"), new Id<>("p1"), .3, .6, null),
            callout(new Id<>("m2"), new Id<>("p2"), .7, .2, null)
        };
        FigureDrawing small = drawn(480, 270, marks);
        FigureDrawing large = drawn(960, 540, marks);
        assertThat(large.width()).isCloseTo(2 * small.width(), within(1e-6));
        for (Id<Mark> id : List.of(new Id<Mark>("m1"), new Id<Mark>("m2"))) {
            Point p = balloon(small, id);
            assertThat(balloon(large, id).distance(new Point(p.x() * 2, p.y() * 2))).isLessThan(60);
        }
    }

    @Test
    void readsAsItsTitleAndParts() {
        Figure figure = figure(callout(new Id<>("m1"), new Id<>("p1"), .3, .6, null));
        assertThat(FigureText.of(figure, manual, words))
                .isEqualTo("Right end cap. Numbered: cap screw (7).");
        assertThat(FigureText.of(figure(), manual, words)).isEqualTo("Right end cap.");
        assertThat(FigureText.of(figure().withText("By the author."), manual, words))
                .isEqualTo("By the author.");
        assertThat(FigureText.of(figure().withTitle(""), manual, words))
                .isEqualTo("A still of this step.");
    }

    @Test
    void publishedItHasAMarginOnlyWhereABalloonIs() {
        Figure figure =
                figure(callout(new Id<>("m1"), new Id<>("p1"), .5, .5, new Point(.5, -.03)));
        FigureDrawing whole = drawn(figure, 1000, 500);
        FigureDrawing trimmed = published(figure, 1000, 500);
        assertThat(trimmed.width()).isEqualTo(1000);
        assertThat(trimmed.picture().x()).isZero();
        assertThat(trimmed.height() - 500).isCloseTo(trimmed.picture().y(), within(1e-9));
        double reach = 15 + FigureDrawing.radius(1000);
        assertThat(trimmed.picture().y()).isBetween(reach, whole.picture().y());
        Point balloon = balloon(trimmed, new Id<>("m1"));
        assertThat(balloon.y() - FigureDrawing.radius(1000)).isPositive();
        assertThat(balloon.distance(new Point(500, trimmed.picture().y() - 15))).isLessThan(1e-9);
    }

    @Test
    void whileItIsWorkedOnNoMarkMovesThePicture() {
        FigureDrawing bare = drawn(1000, 500);
        Mark balloon = callout(new Id<>("m1"), new Id<>("p1"), .5, .5, new Point(.5, -.03));
        for (FigureDrawing marked :
                List.of(drawn(1000, 500, balloon), drawn(1000, 500, fourScrews()))) {
            assertThat(marked.picture()).isEqualTo(bare.picture());
            assertThat(marked.width()).isEqualTo(bare.width());
            // the key of one row stands in the lower margin
            assertThat(marked.height()).isEqualTo(bare.height());
        }
        // below a balloon the key needs room of its own
        Mark low = callout(new Id<>("m1"), new Id<>("p1"), .5, .5, new Point(.5, 1.06));
        assertThat(drawn(1000, 500, low, fourScrews()).height()).isGreaterThan(bare.height());
    }

    private static Mark.ScrewOrder fourScrews() {
        return new Mark.ScrewOrder(
                new Id<>("m9"),
                List.of(new Point(.2, .2), new Point(.8, .2), new Point(.8, .8), new Point(.2, .8)),
                null,
                List.of());
    }

    @Test
    void screwsCarryTheirPlaceInTheOrderAndTheKeyTellsThePasses() {
        FigureDrawing drawing = published(1000, 800, fourScrews());
        assertThat(drawing.width()).isEqualTo(1000); // no balloon needs a margin
        assertThat(all(drawing, Shape.Text.class))
                .extracting(Shape.Text::text)
                .startsWith("1", "3", "2", "4", "1–4")
                .anyMatch(t -> t.startsWith("Tighten 4 screws in this order"));
        Shape.Circle first = all(drawing, Shape.Circle.class).get(0);
        assertThat(first.x()).isCloseTo(200, within(1e-9));
        assertThat(first.y()).isCloseTo(160, within(1e-9));
        assertThat(drawing.height()).isGreaterThan(800);
    }

    @Test
    void whatIsTurnedAndCroppedKeepsItsMarksOnTheThing() {
        Preparation turned = Preparation.NONE.withQuarterTurns(1);
        FigureDrawing drawing = published(figure(fourScrews()).withPreparation(turned), 1000, 800);
        assertThat(drawing.picture().width()).isCloseTo(800, within(1e-9));
        assertThat(drawing.picture().height()).isCloseTo(1000, within(1e-9));
        Shape.Circle first = all(drawing, Shape.Circle.class).get(0);
        // left above comes to lie right above
        assertThat(first.x()).isCloseTo(640, within(1e-9));
        assertThat(first.y()).isCloseTo(200, within(1e-9));
        Preparation upper = Preparation.NONE.withCrop(new Preparation.Crop(-.5, -.4, .5, 0));
        FigureDrawing cropped = published(figure(fourScrews()).withPreparation(upper), 1000, 800);
        assertThat(all(cropped, Shape.Circle.class).get(0).y()).isCloseTo(160, within(1e-9));
        assertThat(cropped.picture().height()).isCloseTo(400, within(1e-9));
    }

    @Test
    void aPlaceOnTheSheetLeadsToItsHandle() {
        FigureDrawing drawing = published(1000, 800, fourScrews());
        assertThat(drawing.at(new Point(800, 160)))
                .hasValueSatisfying(
                        h -> {
                            assertThat(h.mark()).isEqualTo(new Id<>("m9"));
                            assertThat(h.index()).isEqualTo(1);
                        });
        assertThat(drawing.at(new Point(500, 400))).isEmpty();
        assertThat(drawing.still(new Point(500, 400)))
                .hasValueSatisfying(
                        p -> assertThat(p.distance(new Point(.5, .5))).isLessThan(1e-9));
        assertThat(drawing.still(new Point(500, 900))).isEmpty();
    }

    @Test
    void moreCalloutsThanHaveRoomAreStillDrawn() {
        Mark[] many = new Mark[120];
        for (int i = 0; i < many.length; i++) {
            many[i] =
                    callout(
                            new Id<>("c" + i),
                            new Id<>("p1"),
                            .05 + .9 * (i % 12) / 11,
                            .05 + .9 * (i / 12) / 9.0,
                            null);
        }
        FigureDrawing drawing = drawn(960, 540, many);
        assertThat(all(drawing, Shape.Text.class)).hasSize(120);
    }

    @Test
    void theOrderCanBeForcedAndGiven() {
        assertThat(ScrewNumbers.of(fourScrews().withArrangement(Arrangement.IRREGULAR), 1000, 800))
                .containsExactly(1, 3, 2, 4);
        Mark.ScrewOrder given =
                new Mark.ScrewOrder(
                        new Id<>("m9"),
                        fourScrews().screws(),
                        Arrangement.GIVEN,
                        List.of(4, 3, 2, 1));
        assertThat(ScrewNumbers.of(given, 1000, 800)).containsExactly(4, 3, 2, 1);
        Mark.ScrewOrder unfit =
                new Mark.ScrewOrder(
                        new Id<>("m9"), fourScrews().screws(), Arrangement.GIVEN, List.of(1));
        assertThat(ScrewNumbers.of(unfit, 1000, 800)).containsExactly(1, 2, 3, 4);
    }

    @Test
    void theOrderIsToldByTheStagesOfTheJointAndTurnedRoundForTakingDown() {
        Figure figure = figure(fourScrews());
        Joint joint =
                JointBuilder.builder()
                        .id(new Id<>("j9"))
                        .name("cap")
                        .fastener(new Id<>("p1"))
                        .count(4)
                        .propertyClass("8.8")
                        .condition("dry")
                        .torque(Value.of("7 to 8.5 N·m"))
                        .stages(QuantityList.parse("2.5 N·m, 5 N·m"))
                        .order("cross")
                        .build();
        Step shown =
                manual.steps()
                        .findFirst()
                        .orElseThrow()
                        .withFigures(List.of(new Id<>("f1")))
                        .withJoints(List.of(new Id<>("j9")));
        for (Stage.Kind kind : List.of(Stage.Kind.BUILD_UP, Stage.Kind.TAKE_DOWN)) {
            Manual m =
                    manual.withJoint(joint)
                            .withFigure(figure)
                            .withStages(
                                    List.of(new Stage(new Id<>("st"), kind, "", List.of(shown))));
            assertThat(FigureText.of(figure, m, words))
                    .contains(
                            kind == Stage.Kind.BUILD_UP
                                    ? "in this order: 2.5 N·m, 5 N·m, then 7 to 8.5 N·m, then a"
                                    : "Loosen 4 screws in this order: half a turn each");
        }
        Manual further =
                manual.withJoint(joint.withFurther(Quantity.parse("60°")))
                        .withFigure(figure)
                        .withStages(
                                List.of(
                                        new Stage(
                                                new Id<>("st"),
                                                Stage.Kind.BUILD_UP,
                                                "",
                                                List.of(shown))));
        assertThat(FigureText.of(figure, further, words))
                .contains("5 N·m, then 7 to 8.5 N·m, then a further 60°")
                .doesNotContain("final pass");
    }

    @Test
    void theOrderIsReadOut() {
        assertThat(FigureText.of(figure(fourScrews()), manual, words))
                .startsWith("Right end cap.")
                .contains("Tighten 4 screws in this order: in stages of 30, 60 and 100 %");
    }
}
