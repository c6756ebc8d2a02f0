package methodos.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import methodos.core.manual.Arrangement;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import org.junit.jupiter.api.Test;

class FigureEditsTest {

    private final Manual manual =
            Manual.titled("x")
                    .withFigures(List.of(new Figure("f1", "", null, "p", List.of(), "")))
                    .withLastId(10);

    private static Manual after(Manual manual, Edit... edits) {
        Manual now = manual;
        for (Edit edit : edits) {
            now = edit.change().apply(now);
        }
        return now;
    }

    private static List<Mark> marks(Manual manual) {
        return manual.figure("f1").orElseThrow().marks();
    }

    private static Mark.ScrewOrder order(Manual manual) {
        return (Mark.ScrewOrder) marks(manual).get(0);
    }

    private Manual threeScrews() {
        return after(
                manual,
                FigureEdits.addScrew("f1", new Point(.1, .1)),
                FigureEdits.addScrew("f1", new Point(.5, .1)),
                FigureEdits.addScrew("f1", new Point(.9, .1)));
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
        String id = order(now).id();
        now = after(now, FigureEdits.moveScrew("f1", id, 1, new Point(.4, .2)));
        assertThat(order(now).screws().get(1)).isEqualTo(new Point(.4, .2));
        now = after(now, FigureEdits.deleteScrew("f1", id, 0));
        assertThat(order(now).screws()).hasSize(2);
        now = after(now, FigureEdits.deleteScrew("f1", id, 9));
        assertThat(order(now).screws()).hasSize(2);
        now =
                after(
                        now,
                        FigureEdits.deleteScrew("f1", id, 0),
                        FigureEdits.deleteScrew("f1", id, 0));
        assertThat(marks(now)).isEmpty();
    }

    @Test
    void whatMovesCalloutsLeavesScrewsAlone() {
        Manual now = threeScrews();
        String id = order(now).id();
        assertThat(after(now, FigureEdits.moveTarget("f1", id, new Point(.5, .5)))).isEqualTo(now);
    }

    @Test
    void whatTheScrewsAreTakenAsIsKept() {
        Manual now = threeScrews();
        now = after(now, FigureEdits.arrangement("f1", order(now).id(), Arrangement.IRREGULAR));
        assertThat(order(now).arrangement()).isEqualTo(Arrangement.IRREGULAR);
        now = after(now, FigureEdits.arrangement("f1", order(now).id(), null));
        assertThat(order(now).arrangement()).isNull();
    }

    @Test
    void screwsGoAlongToAnotherStillOneByOne() {
        Manual now = threeScrews();
        String id = order(now).id();
        now =
                after(
                        now,
                        FigureEdits.still(
                                "f1",
                                new Figure.Still("c1", 4),
                                "other",
                                Map.of(FigureEdits.screwKey(id, 2), new Point(.8, .3))));
        assertThat(order(now).screws())
                .containsExactly(new Point(.1, .1), new Point(.5, .1), new Point(.8, .3));
        assertThat(now.figure("f1").orElseThrow().picture()).isEqualTo("other");
    }

    @Test
    void calloutsAndScrewsStandBesideEachOther() {
        Manual now = after(threeScrews(), FigureEdits.addCallout("f1", "p1", new Point(.5, .5)));
        assertThat(marks(now)).hasSize(2);
        Mark.Callout callout = (Mark.Callout) marks(now).get(1);
        now = after(now, FigureEdits.moveBalloon("f1", callout.id(), new Point(-.05, .5)));
        assertThat(((Mark.Callout) marks(now).get(1)).balloon()).isEqualTo(new Point(-.05, .5));
        assertThat(order(now).screws()).hasSize(3);
    }
}
