package methodos.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import methodos.core.Samples;
import methodos.core.description.Id;
import methodos.core.manual.Arrangement;
import methodos.core.manual.Figure;
import methodos.core.manual.FigureLayout;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.core.manual.Preparation;
import methodos.core.manual.Step;
import org.junit.jupiter.api.Test;

class FigureEditsTest {

    private final Manual manual =
            Manual.titled("x")
                    .withFigures(List.of(Figure.of(new Id<>("f1"), "", null, "p")))
                    .withLastId(10);

    private static Manual after(Manual manual, Edit... edits) {
        Manual now = manual;
        for (Edit edit : edits) {
            now = edit.change().apply(now);
        }
        return now;
    }

    private static List<Mark> marks(Manual manual) {
        return manual.figure(new Id<>("f1")).orElseThrow().marks();
    }

    private static Mark.ScrewOrder order(Manual manual) {
        return (Mark.ScrewOrder) marks(manual).get(0);
    }

    private Manual threeScrews() {
        return after(
                manual,
                FigureEdits.addScrew(new Id<>("f1"), new Point(.1, .1)),
                FigureEdits.addScrew(new Id<>("f1"), new Point(.5, .1)),
                FigureEdits.addScrew(new Id<>("f1"), new Point(.9, .1)));
    }

    @Test
    void screwsThatAreClickedMakeOneOrder() {
        Manual now = threeScrews();
        assertThat(marks(now)).hasSize(1);
        assertThat(order(now).screws())
                .containsExactly(new Point(.1, .1), new Point(.5, .1), new Point(.9, .1));
        assertThat(order(now).arrangement()).isNull();
    }

    @Test
    void aScrewIsMovedAndTakenOutTheLastWithItsOrder() {
        Manual now = threeScrews();
        Id<Mark> id = order(now).id();
        now = after(now, FigureEdits.movePoint(new Id<>("f1"), id, 1, new Point(.4, .2)));
        assertThat(order(now).screws().get(1)).isEqualTo(new Point(.4, .2));
        now = after(now, FigureEdits.deletePoint(new Id<>("f1"), id, 0));
        assertThat(order(now).screws()).hasSize(2);
        now = after(now, FigureEdits.deletePoint(new Id<>("f1"), id, 9));
        assertThat(order(now).screws()).hasSize(2);
        now =
                after(
                        now,
                        FigureEdits.deletePoint(new Id<>("f1"), id, 0),
                        FigureEdits.deletePoint(new Id<>("f1"), id, 0));
        assertThat(marks(now)).isEmpty();
    }

    private static Edit as(Manual now, Arrangement arrangement) {
        return FigureEdits.mark(
                new Id<>("f1"),
                order(now).id(),
                m -> ((Mark.ScrewOrder) m).withArrangement(arrangement));
    }

    @Test
    void whatTheScrewsAreTakenAsIsKept() {
        Manual now = threeScrews();
        now = after(now, as(now, Arrangement.IRREGULAR));
        assertThat(order(now).arrangement()).isEqualTo(Arrangement.IRREGULAR);
        now = after(now, as(now, null));
        assertThat(order(now).arrangement()).isNull();
    }

    private static Edit otherStill(Map<String, Point> points) {
        return FigureEdits.still(
                new Id<>("f1"), new Figure.Still(new Id<>("c1"), 4), "other", points);
    }

    @Test
    void aMarkGoesAlongToAnotherStillWholeOrIsDoubtful() {
        Manual now =
                after(
                        threeScrews(),
                        FigureEdits.addCallout(new Id<>("f1"), new Id<>("p1"), new Point(.5, .5)));
        Id<Mark> id = order(now).id();
        Id<Mark> callout = marks(now).get(1).id();
        now = after(now, FigureEdits.hold(new Id<>("f1"), callout, new Point(-.05, .5)));
        Manual other =
                after(
                        now,
                        otherStill(
                                Map.of(
                                        FigureEdits.pointKey(id, 2),
                                        new Point(.8, .3),
                                        FigureEdits.pointKey(callout, 0),
                                        new Point(.6, .4))));
        Figure figure = other.figure(new Id<>("f1")).orElseThrow();
        assertThat(figure.picture()).isEqualTo("other");
        assertThat(order(other).screws()).isEqualTo(order(now).screws());
        assertThat(figure.doubtful()).containsExactly(id);
        Mark.Callout moved = (Mark.Callout) marks(other).get(1);
        assertThat(moved.target()).isEqualTo(new Point(.6, .4));
        assertThat(moved.balloon().distance(new Point(.05, .4))).isLessThan(1e-9);

        assertThat(
                        after(other, FigureEdits.confirm(new Id<>("f1"), id))
                                .figure(new Id<>("f1"))
                                .orElseThrow()
                                .doubtful())
                .isEmpty();
        Manual set = after(other, FigureEdits.movePoint(new Id<>("f1"), id, 0, new Point(.2, .2)));
        assertThat(set.figure(new Id<>("f1")).orElseThrow().doubtful()).isEmpty();
        Manual gone = after(other, FigureEdits.deleteMark(new Id<>("f1"), id));
        assertThat(gone.figure(new Id<>("f1")).orElseThrow().doubtful()).isEmpty();
    }

    @Test
    void doubtStaysOverAFurtherStill() {
        Manual now = threeScrews();
        Id<Mark> id = order(now).id();
        Map<String, Point> all =
                Map.of(
                        FigureEdits.pointKey(id, 0), new Point(.1, .2),
                        FigureEdits.pointKey(id, 1), new Point(.5, .2),
                        FigureEdits.pointKey(id, 2), new Point(.9, .2));
        Manual twice = after(now, otherStill(Map.of()), otherStill(all));
        assertThat(order(twice).screws().get(0)).isEqualTo(new Point(.1, .2));
        assertThat(twice.figure(new Id<>("f1")).orElseThrow().doubtful()).containsExactly(id);
        assertThat(after(now, otherStill(all)).figure(new Id<>("f1")).orElseThrow().doubtful())
                .isEmpty();
    }

    @Test
    void everyKindOfMarkIsMovedCopiedAndDeletedAlike() {
        for (Mark mark : Samples.everyMark()) {
            Manual now = after(manual, FigureEdits.addMark(new Id<>("f1"), mark::withId));
            Mark made = marks(now).get(0);
            assertThat(made).isEqualTo(mark.withId(made.id()));
            Manual moved = after(now, FigureEdits.moveMark(new Id<>("f1"), made.id(), .1, -.05));
            for (int i = 0; i < mark.points().size(); i++) {
                assertThat(marks(moved).get(0).points().get(i))
                        .isEqualTo(mark.points().get(i).plus(.1, -.05));
            }
            Manual two = after(now, FigureEdits.duplicate(new Id<>("f1"), made.id()));
            assertThat(marks(two)).hasSize(2);
            assertThat(marks(two).get(1).id()).isNotEqualTo(made.id());
            assertThat(marks(two).get(1).getClass()).isEqualTo(mark.getClass());
            assertThat(marks(after(two, FigureEdits.deleteMark(new Id<>("f1"), made.id()))))
                    .containsExactly(marks(two).get(1));
            int last = mark.points().size() - 1;
            Manual one =
                    after(
                            now,
                            FigureEdits.movePoint(
                                    new Id<>("f1"), made.id(), last, new Point(.9, .9)));
            assertThat(marks(one).get(0).points().get(last)).isEqualTo(new Point(.9, .9));
        }
    }

    @Test
    void picturesStandBesideEachOtherAndComeApart() {
        Manual two =
                Samples.actuator()
                        .withFigures(
                                List.of(
                                        Figure.of(new Id<>("f1"), "good", null, "a"),
                                        Figure.of(new Id<>("f2"), "worn", null, "b")));
        Id<Step> step = two.steps().findFirst().orElseThrow().id();
        two =
                two.withStep(
                        two.step(step)
                                .orElseThrow()
                                .withFigures(List.of(new Id<>("f1"), new Id<>("f2"))));
        Manual joined =
                after(
                        two,
                        FigureEdits.beside(
                                new Id<>("f1"), new Id<>("f2"), FigureLayout.COMPARISON));
        assertThat(joined.step(step).orElseThrow().figures()).containsExactly(new Id<>("f1"));
        assertThat(joined.figure(new Id<>("f1")).orElseThrow().beside())
                .containsExactly(new Id<>("f2"));
        assertThat(after(joined, FigureEdits.apart(new Id<>("f1"), new Id<>("f2")))).isEqualTo(two);
        Manual without = after(joined, FigureEdits.delete(new Id<>("f2")));
        assertThat(without.figure(new Id<>("f1")).orElseThrow())
                .isEqualTo(two.figure(new Id<>("f1")).orElseThrow());
        assertThat(
                        after(
                                two,
                                FigureEdits.beside(
                                        new Id<>("f1"), new Id<>("f1"), FigureLayout.COMPARISON)))
                .isEqualTo(two);
    }

    /** A step with four figures of which the first three are one sequence. */
    private Manual sequence() {
        List<Figure> figures =
                List.of(
                        Figure.of(new Id<>("f1"), "", null, "a"),
                        Figure.of(new Id<>("f2"), "", null, "b"),
                        Figure.of(new Id<>("f3"), "", null, "c"),
                        Figure.of(new Id<>("f4"), "", null, "d"));
        Manual m = Samples.actuator().withFigures(figures);
        m =
                m.withStep(
                        first(m).withFigures(
                                        List.of(
                                                new Id<>("f1"),
                                                new Id<>("f2"),
                                                new Id<>("f3"),
                                                new Id<>("f4"))));
        return after(
                m,
                FigureEdits.beside(new Id<>("f1"), new Id<>("f2"), FigureLayout.SEQUENCE),
                FigureEdits.beside(new Id<>("f1"), new Id<>("f3"), FigureLayout.SEQUENCE));
    }

    private static Step first(Manual m) {
        return m.steps().findFirst().orElseThrow();
    }

    @Test
    void noPictureFallsOutOfItsStep() {
        Manual three = sequence();
        assertThat(first(three).figures()).containsExactly(new Id<>("f1"), new Id<>("f4"));

        Manual one = after(three, FigureEdits.layout(new Id<>("f1"), null));
        assertThat(first(one).figures())
                .containsExactly(new Id<>("f1"), new Id<>("f2"), new Id<>("f3"), new Id<>("f4"));
        assertThat(one.figure(new Id<>("f1")).orElseThrow().layout()).isNull();

        Manual pair = after(three, FigureEdits.layout(new Id<>("f1"), FigureLayout.COMPARISON));
        assertThat(pair.figure(new Id<>("f1")).orElseThrow().beside())
                .containsExactly(new Id<>("f3"));
        assertThat(first(pair).figures())
                .containsExactly(new Id<>("f1"), new Id<>("f2"), new Id<>("f4"));

        Manual other =
                after(
                        pair,
                        FigureEdits.beside(
                                new Id<>("f1"), new Id<>("f4"), FigureLayout.COMPARISON));
        assertThat(other.figure(new Id<>("f1")).orElseThrow().beside())
                .containsExactly(new Id<>("f4"));
        assertThat(first(other).figures())
                .containsExactly(new Id<>("f1"), new Id<>("f3"), new Id<>("f2"));

        Manual gone = after(three, FigureEdits.delete(new Id<>("f1")));
        assertThat(first(gone).figures())
                .containsExactly(new Id<>("f2"), new Id<>("f3"), new Id<>("f4"));
        assertThat(gone.figures()).hasSize(3);
    }

    @Test
    void howAStillIsPreparedIsKeptAndTakenBack() {
        Manual now =
                after(
                        manual,
                        FigureEdits.prepare(new Id<>("f1"), "shadows", p -> p.withShadows(.4)));
        assertThat(now.figure(new Id<>("f1")).orElseThrow().prepared().shadows()).isEqualTo(.4);
        assertThat(after(now, FigureEdits.prepare(new Id<>("f1"), "all", p -> Preparation.NONE)))
                .isEqualTo(manual);
    }

    @Test
    void calloutsAndScrewsStandBesideEachOther() {
        Manual now =
                after(
                        threeScrews(),
                        FigureEdits.addCallout(new Id<>("f1"), new Id<>("p1"), new Point(.5, .5)));
        assertThat(marks(now)).hasSize(2);
        Mark.Callout callout = (Mark.Callout) marks(now).get(1);
        now = after(now, FigureEdits.hold(new Id<>("f1"), callout.id(), new Point(-.05, .5)));
        assertThat(((Mark.Callout) marks(now).get(1)).balloon()).isEqualTo(new Point(-.05, .5));
        assertThat(order(now).screws()).hasSize(3);
    }
}
