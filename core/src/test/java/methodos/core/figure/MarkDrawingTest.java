package methodos.core.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Locale;
import methodos.core.Samples;
import methodos.core.description.Id;
import methodos.core.manual.Figure;
import methodos.core.manual.KnownShape;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Movement;
import methodos.core.manual.Point;
import methodos.core.manual.Rotation;
import methodos.core.quantity.Quantity;
import methodos.core.words.Words;
import org.junit.jupiter.api.Test;

class MarkDrawingTest {

    private final Manual manual = Samples.actuator();
    private final Words words = new Words(null, Locale.ENGLISH);

    private FigureDrawing drawn(Mark... marks) {
        Figure figure = Figure.of(new Id<>("f1"), "Cap", null, "x", marks);
        return FigureDrawing.published(figure, manual, words, PictureSizes.all(1000, 600));
    }

    private static <S extends Shape> List<S> all(FigureDrawing drawing, Class<S> kind) {
        return drawing.shapes().stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    private static List<Shape.Path> filled(FigureDrawing drawing, Shape.Ink ink) {
        return all(drawing, Shape.Path.class).stream().filter(p -> p.fill() == ink).toList();
    }

    @Test
    void eachKindOfMarkIsDrawnHasHandlesAndIsReadOut() {
        for (Mark mark : Samples.everyMark()) {
            FigureDrawing drawing = drawn(mark);
            if (!(mark instanceof Mark.Cover)) {
                assertThat(drawing.shapes().size()).as(mark.toString()).isGreaterThan(1);
            }
            for (int i = 0; i < mark.points().size(); i++) {
                int index = i;
                assertThat(drawing.handles())
                        .as(mark.toString())
                        .anyMatch(h -> h.mark().equals(mark.id()) && h.index() == index);
            }
            for (FigureDrawing.Handle handle : drawing.handles()) {
                assertThat(drawing.at(handle.at())).as(mark.toString()).isPresent();
            }
        }
    }

    /** Twice the area that the way encloses; greater than 0 where it goes clockwise, y down. */
    private static double turn(List<Point> way) {
        double area = 0;
        for (int i = 0; i < way.size(); i++) {
            Point p = way.get(i);
            Point q = way.get((i + 1) % way.size());
            area += p.x() * q.y() - q.x() * p.y();
        }
        return area;
    }

    @Test
    void anArrowTurnsTheWayThatIsTold() {
        Point c = new Point(.5, .5);
        for (Point side : List.of(new Point(.5, .6), new Point(.5, .4))) {
            for (Rotation rotation : Rotation.values()) {
                Mark.Turn turn =
                        new Mark.Turn(new Id<>("m"), c, new Point(.6, .5), side, null, rotation);
                Shape.Path arrow = filled(drawn(turn), Shape.Ink.FORCE).get(0);
                int half = arrow.points().size() / 2;
                boolean clockwise = turn(arrow.points().subList(0, half)) > 0;
                assertThat(clockwise).isEqualTo(rotation == Rotation.CLOCKWISE);
            }
        }
    }

    @Test
    void aStraightArrowPointsToItsEndAndASlideToBoth() {
        Mark.Shift push =
                new Mark.Shift(new Id<>("m"), new Point(.2, .5), new Point(.6, .5), Movement.PUSH);
        List<Shape.Path> arrow = filled(drawn(push), Shape.Ink.FORCE);
        assertThat(arrow).hasSize(1);
        assertThat(arrow.get(0).points()).contains(new Point(600, 300));
        assertThat(filled(drawn(push.withMovement(Movement.SLIDE)), Shape.Ink.FORCE)).hasSize(2);
    }

    @Test
    void aLensShowsItsSpotAwayFromOtherMarks() {
        Mark.Detail detail =
                new Mark.Detail(new Id<>("m"), new Point(.8, .8), new Point(.84, .8), null);
        Mark.ByFeel other = new Mark.ByFeel(new Id<>("n"), new Point(.1, .9), "");
        Shape.Lens lens = all(drawn(detail, other), Shape.Lens.class).get(0);
        assertThat(lens.spotX()).isCloseTo(800, within(1e-9));
        assertThat(lens.times()).isCloseTo(lens.radius() / 40, within(1e-9));
        assertThat(new Point(lens.x(), lens.y()).distance(new Point(800, 480)))
                .isGreaterThan(lens.radius() + 40);
        assertThat(new Point(lens.x(), lens.y()).distance(new Point(100, 540)))
                .isGreaterThan(lens.radius());
        Shape.Lens held = all(drawn(detail.withHeld(new Point(.5, .5))), Shape.Lens.class).get(0);
        assertThat(held.x()).isCloseTo(500, within(1e-9));
        assertThat(held.y()).isCloseTo(300, within(1e-9));
    }

    @Test
    void anOutlineRunsThroughItsCorners() {
        List<Point> corners =
                List.of(new Point(.2, .2), new Point(.5, .1), new Point(.6, .6), new Point(.2, .5));
        Shape.Path line =
                all(drawn(new Mark.Outline(new Id<>("m"), corners)), Shape.Path.class).get(1);
        assertThat(line.closed()).isTrue();
        for (Point corner : corners) {
            Point there = new Point(corner.x() * 1000, corner.y() * 600);
            assertThat(line.points()).anyMatch(p -> p.distance(there) < 1e-6);
        }
    }

    @Test
    void aLengthNeedsAScaleAndThenTellsItsUncertainty() {
        Mark.Length length = new Mark.Length(new Id<>("m"), new Point(.3, .5), new Point(.5, .5));
        assertThat(all(drawn(length), Shape.Text.class))
                .extracting(Shape.Text::text)
                .containsExactly("no scale yet");
        Mark.Scale square =
                new Mark.Scale(
                        new Id<>("s"),
                        KnownShape.RECTANGLE,
                        List.of(
                                new Point(.2, .2),
                                new Point(.6, .2),
                                new Point(.6, .8),
                                new Point(.2, .8)),
                        List.of(Quantity.parse("80 mm"), Quantity.parse("72 mm")));
        assertThat(all(drawn(length, square), Shape.Text.class))
                .extracting(Shape.Text::text)
                .anyMatch(t -> t.matches("40\\.\\d+ ± 0\\.\\d+ mm"))
                .anyMatch(t -> t.contains("rectangle of 80 mm × 72 mm"));
        Mark.Scale plain =
                new Mark.Scale(
                        new Id<>("s"),
                        KnownShape.LENGTH,
                        List.of(new Point(.2, .2), new Point(.6, .2)),
                        List.of(Quantity.parse("2 in")));
        assertThat(all(drawn(length, plain), Shape.Text.class))
                .extracting(Shape.Text::text)
                .anyMatch(t -> t.matches("≈ 1\\.0\\d* in"))
                .anyMatch(t -> t.contains("the tilt is not corrected"));
    }

    @Test
    void aSizeThatIsNoLengthGivesNoScale() {
        Mark.Scale wrong =
                new Mark.Scale(
                        new Id<>("s"),
                        KnownShape.LENGTH,
                        List.of(new Point(.2, .2), new Point(.6, .2)),
                        List.of(Quantity.parse("5 N·m")));
        assertThat(PictureScale.complete(wrong)).isFalse();
        assertThat(PictureScale.isSize(Quantity.parse("2-3 mm"))).isFalse();
        assertThat(PictureScale.isSize(Quantity.parse("0 mm"))).isFalse();
        assertThat(PictureScale.isSize(Quantity.parse("1/2 in"))).isTrue();
    }

    @Test
    void screwsOfOneSizeHaveOneLetterAndTheKeyCountsThem() {
        FigureDrawing drawing =
                drawn(
                        new Mark.ScrewPlace(new Id<>("a"), new Id<>("p1"), new Point(.2, .2)),
                        new Mark.ScrewPlace(new Id<>("b"), new Id<>("p2"), new Point(.4, .2)),
                        new Mark.ScrewPlace(new Id<>("c"), new Id<>("p1"), new Point(.6, .2)));
        String first = manual.part(new Id<>("p1")).orElseThrow().label();
        assertThat(all(drawing, Shape.Text.class))
                .extracting(Shape.Text::text)
                .startsWith("A", "B", "A")
                .contains(first + " (7), ×2");
        assertThat(ScrewDrawing.letter(25)).isEqualTo("Z");
        assertThat(ScrewDrawing.letter(26)).isEqualTo("AA");
    }

    @Test
    void wordsStayOnThePicture() {
        FigureDrawing drawing = drawn(new Mark.Label(new Id<>("m"), new Point(.99, .01), "front"));
        Shape.Path box = all(drawing, Shape.Path.class).get(0);
        assertThat(box.points()).allMatch(p -> p.x() <= 1000 + 1e-9 && p.y() >= -1e-9);
        assertThat(all(drawing, Shape.Text.class).get(0).text()).isEqualTo("front");
    }

    @Test
    void matchMarksFaceEachOther() {
        FigureDrawing drawing =
                drawn(new Mark.MatchMark(new Id<>("m"), new Point(.4, .5), new Point(.5, .5), "2"));
        List<Shape.Path> wedges = filled(drawing, Shape.Ink.FORCE);
        assertThat(wedges).hasSize(2);
        assertThat(wedges.get(0).points().get(0)).isEqualTo(new Point(400, 300));
        assertThat(wedges.get(0).points().get(1).x()).isLessThan(400);
        assertThat(wedges.get(1).points().get(1).x()).isGreaterThan(500);
    }

    @Test
    void whatIsCroppedAwayIsNotDrawn() {
        Figure figure =
                Figure.of(
                                new Id<>("f1"),
                                "",
                                null,
                                "x",
                                new Mark.Label(new Id<>("m"), new Point(.9, .9), "gone"),
                                new Mark.Label(new Id<>("n"), new Point(.2, .2), "here"))
                        .withPreparation(
                                methodos.core.manual.Preparation.NONE.withCrop(
                                        new methodos.core.manual.Preparation.Crop(-.5, -.3, 0, 0)));
        FigureDrawing drawing =
                FigureDrawing.published(figure, manual, words, PictureSizes.all(1000, 600));
        assertThat(all(drawing, Shape.Text.class))
                .extracting(Shape.Text::text)
                .containsExactly("here");
    }
}
