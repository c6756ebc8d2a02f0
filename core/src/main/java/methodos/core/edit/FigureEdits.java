package methodos.core.edit;

import java.util.Map;
import java.util.function.UnaryOperator;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;

/** The changes that are made to figures. */
public final class FigureEdits {

    private FigureEdits() {}

    /** Puts a callout to a part on the picture; its balloon finds its own place. */
    public static Edit addCallout(String figure, String part, Point target) {
        return Edit.named(
                "edit.addCallout",
                m ->
                        m.figure(figure)
                                .map(
                                        f ->
                                                m.withIdTaken()
                                                        .withFigure(
                                                                f.withMark(
                                                                        new Mark.Callout(
                                                                                m.nextId("m"),
                                                                                part,
                                                                                target,
                                                                                null))))
                                .orElse(m));
    }

    public static Edit moveTarget(String figure, String mark, Point target) {
        return callout(figure, mark, c -> c.withTarget(target));
    }

    /** Holds a balloon at a place; null lets it find its own again. */
    public static Edit moveBalloon(String figure, String mark, Point balloon) {
        return callout(figure, mark, c -> c.withBalloon(balloon));
    }

    private static Edit callout(String figure, String mark, UnaryOperator<Mark.Callout> change) {
        return change(
                        "edit.moveCallout",
                        figure,
                        f ->
                                f.marks().stream()
                                        .filter(x -> x.id().equals(mark))
                                        .map(x -> (Mark.Callout) x)
                                        .findFirst()
                                        .map(c -> f.withMark(change.apply(c)))
                                        .orElse(f))
                .joining("mark " + figure + mark);
    }

    /**
     * Puts another still in the place of a figure's.
     *
     * @param targets by the id of the mark, where what it points to lies on the new still; marks
     *     that are not in it stay as they are
     */
    public static Edit still(
            String figure, Figure.Still still, String picture, Map<String, Point> targets) {
        return change(
                "edit.otherStill",
                figure,
                f ->
                        f.withStill(still)
                                .withPicture(picture)
                                .withMarks(
                                        f.marks().stream()
                                                .map(m -> moved(m, targets.get(m.id())))
                                                .toList()));
    }

    /** A balloon that is held goes along with what it points to. */
    private static Mark moved(Mark mark, Point target) {
        if (target == null || !(mark instanceof Mark.Callout callout)) {
            return mark;
        }
        Point held = callout.balloon();
        double dx = target.x() - callout.target().x();
        double dy = target.y() - callout.target().y();
        return callout.withTarget(target).withBalloon(held == null ? null : held.plus(dx, dy));
    }

    public static Edit deleteMark(String figure, String mark) {
        return change("edit.deleteCallout", figure, f -> f.withoutMark(mark));
    }

    public static Edit title(String figure, String title) {
        return change("edit.figureTitle", figure, f -> f.withTitle(title))
                .joining("title " + figure);
    }

    public static Edit delete(String figure) {
        return Edit.named("edit.deleteFigure", m -> m.withoutFigure(figure));
    }

    private static Edit change(String name, String figure, UnaryOperator<Figure> change) {
        return Edit.named(
                name,
                (Manual m) -> m.figure(figure).map(f -> m.withFigure(change.apply(f))).orElse(m));
    }
}
