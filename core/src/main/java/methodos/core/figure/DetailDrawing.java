package methodos.core.figure;

import java.util.Comparator;
import java.util.List;
import methodos.core.figure.Shape.Dash;
import methodos.core.figure.Shape.Ink;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;

/** A spot and the lens that shows it larger. */
final class DetailDrawing {

    /** Radius of the lens, as a share of the unit. */
    private static final double LENS = 0.115;

    private static final double INSET = 0.012;

    private DetailDrawing() {}

    /**
     * @param others spots of the other marks on the sheet, which the lens should not cover
     */
    static void draw(FigureSheet sheet, Mark.Detail detail, List<Point> others) {
        Shape.Picture picture = sheet.picture();
        double radius =
                Math.min(sheet.unit() * LENS, 0.3 * Math.min(picture.width(), picture.height()));
        Point spot = sheet.at(detail.spot());
        double reach =
                Math.max(
                        sheet.unit() * 0.008,
                        Math.min(spot.distance(sheet.at(detail.rim())), radius * 0.9));
        Point lens =
                detail.lens() == null
                        ? place(sheet, spot, reach, radius, others)
                        : picture.at(detail.lens());
        double line = sheet.line();
        Point from = Leaders.edge(spot, lens, reach);
        Point to = Leaders.edge(lens, spot, radius);
        if (spot.distance(lens) > reach + radius) {
            sheet.line(from, to, Ink.ACCENT);
        }
        ring(sheet, spot, reach, line);
        sheet.disc(lens, radius + line * 1.8, line, null, Ink.PAPER);
        sheet.add(
                new Shape.Lens(
                        picture, spot.x(), spot.y(), lens.x(), lens.y(), radius, radius / reach));
        sheet.add(
                new Shape.Circle(
                        lens.x(), lens.y(), radius, line * 1.8, Ink.ACCENT, null, Dash.NONE));
        sheet.handle(detail, FigureDrawing.Handle.HELD, lens, radius);
        sheet.handles(detail);
    }

    private static void ring(FigureSheet sheet, Point at, double radius, double line) {
        sheet.disc(at, radius, line * 3.4, Ink.PAPER, null);
        sheet.disc(at, radius, line * 1.6, Ink.ACCENT, null);
    }

    /** The corner of the picture that is farthest from what is marked. */
    private static Point place(
            FigureSheet sheet, Point spot, double reach, double radius, List<Point> others) {
        Shape.Picture p = sheet.picture();
        double in = radius + sheet.unit() * INSET;
        return List.of(
                        new Point(p.x() + in, p.y() + p.height() - in),
                        new Point(p.x() + p.width() - in, p.y() + p.height() - in),
                        new Point(p.x() + in, p.y() + in),
                        new Point(p.x() + p.width() - in, p.y() + in))
                .stream()
                .max(
                        Comparator.comparingDouble(
                                c ->
                                        Math.min(
                                                c.distance(spot) - reach,
                                                others.stream()
                                                        .mapToDouble(c::distance)
                                                        .min()
                                                        .orElse(Double.MAX_VALUE))))
                .orElseThrow();
    }
}
