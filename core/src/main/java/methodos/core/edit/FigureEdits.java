package methodos.core.edit;

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
