package methodos.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import methodos.core.manual.Arrangement;
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

    /** Adds a screw to the order of tightening, which is made with the first. */
    public static Edit addScrew(String figure, Point at) {
        return Edit.named(
                "edit.addScrew",
                m ->
                        m.figure(figure)
                                .map(
                                        f ->
                                                order(f).map(
                                                                o ->
                                                                        m.withFigure(
                                                                                f.withMark(
                                                                                        more(
                                                                                                o,
                                                                                                at))))
                                                        .orElseGet(
                                                                () ->
                                                                        m.withIdTaken()
                                                                                .withFigure(
                                                                                        f.withMark(
                                                                                                first(
                                                                                                        m,
                                                                                                        at)))))
                                .orElse(m));
    }

    private static Mark.ScrewOrder first(Manual manual, Point at) {
        return new Mark.ScrewOrder(manual.nextId("m"), List.of(at), null, List.of());
    }

    private static Mark.ScrewOrder more(Mark.ScrewOrder order, Point at) {
        List<Point> screws = new ArrayList<>(order.screws());
        screws.add(at);
        return order.withScrews(screws);
    }

    private static Optional<Mark.ScrewOrder> order(Figure figure) {
        return figure.marks().stream()
                .filter(m -> m instanceof Mark.ScrewOrder)
                .map(m -> (Mark.ScrewOrder) m)
                .findFirst();
    }

    /**
     * @param index of the screw, as they were clicked, from 0
     */
    public static Edit moveScrew(String figure, String mark, int index, Point to) {
        return screws(
                        "edit.moveScrew",
                        figure,
                        mark,
                        o -> {
                            List<Point> screws = new ArrayList<>(o.screws());
                            screws.set(index, to);
                            return o.withScrews(screws);
                        })
                .joining("screw " + figure + mark + index);
    }

    /** Takes a screw out of the order; the last takes the order with it. */
    public static Edit deleteScrew(String figure, String mark, int index) {
        return change(
                "edit.deleteScrew",
                figure,
                f -> {
                    Mark.ScrewOrder order = order(f).filter(o -> o.id().equals(mark)).orElse(null);
                    if (order == null || index >= order.screws().size()) {
                        return f;
                    }
                    List<Point> screws = new ArrayList<>(order.screws());
                    screws.remove(index);
                    return screws.isEmpty()
                            ? f.withoutMark(mark)
                            : f.withMark(order.withScrews(screws));
                });
    }

    /**
     * @param arrangement as which the screws are taken, null for what they look like
     */
    public static Edit arrangement(String figure, String mark, Arrangement arrangement) {
        return screws("edit.arrangement", figure, mark, o -> o.withArrangement(arrangement));
    }

    private static Edit screws(
            String name, String figure, String mark, UnaryOperator<Mark.ScrewOrder> change) {
        return change(
                name,
                figure,
                f ->
                        order(f).filter(o -> o.id().equals(mark))
                                .map(o -> f.withMark(change.apply(o)))
                                .orElse(f));
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
                                        .filter(
                                                x ->
                                                        x.id().equals(mark)
                                                                && x instanceof Mark.Callout)
                                        .map(x -> (Mark.Callout) x)
                                        .findFirst()
                                        .map(c -> f.withMark(change.apply(c)))
                                        .orElse(f))
                .joining("mark " + figure + mark);
    }

    /**
     * Puts another still in the place of a figure's.
     *
     * @param targets by the id of the mark, where what it points to lies on the new still, for a
     *     screw by {@link #screwKey}; marks that are not in it stay as they are
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
                                        f.marks().stream().map(m -> moved(m, targets)).toList()));
    }

    /** The key of one screw of an order of tightening. */
    public static String screwKey(String mark, int index) {
        return mark + "#" + index;
    }

    /** A balloon that is held goes along with what it points to. */
    private static Mark moved(Mark mark, Map<String, Point> targets) {
        if (mark instanceof Mark.ScrewOrder order) {
            List<Point> screws = new ArrayList<>(order.screws());
            for (int i = 0; i < screws.size(); i++) {
                screws.set(i, targets.getOrDefault(screwKey(order.id(), i), screws.get(i)));
            }
            return order.withScrews(screws);
        }
        Point target = targets.get(mark.id());
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
