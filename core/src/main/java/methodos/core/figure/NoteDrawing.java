package methodos.core.figure;

import java.util.ArrayList;
import java.util.List;
import methodos.core.figure.Shape.Dash;
import methodos.core.figure.Shape.Ink;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;

/** Match marks, what is felt, and words. */
final class NoteDrawing {

    private NoteDrawing() {}

    /** Two points that face each other over the joint, with a line between where they are apart. */
    static void match(FigureSheet sheet, Mark.MatchMark mark) {
        Point one = sheet.at(mark.one());
        Point other = sheet.at(mark.other());
        double size = sheet.unit() * 0.02;
        double length = Math.max(1e-9, one.distance(other));
        double dx = (other.x() - one.x()) / length;
        double dy = (other.y() - one.y()) / length;
        if (length > size) {
            sheet.path(List.of(one, other), false, sheet.line(), Ink.DARK, null, Dash.SHORT);
        }
        wedge(sheet, one, -dx, -dy, size);
        wedge(sheet, other, dx, dy, size);
        if (!mark.text().isBlank()) {
            Point beside =
                    one.plus(
                            -dx * size - dy * size * 1.1 + (other.x() - one.x()) / 2,
                            -dy * size + dx * size * 1.1 + (other.y() - one.y()) / 2);
            sheet.box(beside, mark.text(), sheet.unit() * FigureSheet.TEXT);
        }
        sheet.handles(mark);
    }

    /** A filled triangle whose point is at the place, its body away from the other mark. */
    private static void wedge(FigureSheet sheet, Point tip, double dx, double dy, double size) {
        double half = size * 0.42;
        sheet.path(
                List.of(
                        tip,
                        tip.plus(dx * size - dy * half, dy * size + dx * half),
                        tip.plus(dx * size + dy * half, dy * size - dx * half)),
                true,
                sheet.line() * 0.8,
                Ink.DARK,
                Ink.FORCE);
    }

    /** A fingertip: a broken ring with the lines of a finger in it. */
    static void feel(FigureSheet sheet, Mark.ByFeel mark) {
        Point at = sheet.at(mark.at());
        double radius = sheet.radius() * 1.15;
        sheet.disc(at, radius, sheet.line() * 1.8, Ink.PAPER, Ink.PAPER);
        sheet.add(
                new Shape.Circle(
                        at.x(), at.y(), radius, sheet.line() * 1.3, Ink.ACCENT, null, Dash.SHORT));
        for (double r : new double[] {0.22, 0.45, 0.68}) {
            sheet.add(
                    new Shape.Path(
                            ridge(at.plus(0, radius * 0.18), radius * r),
                            false,
                            sheet.line() * 0.8,
                            Ink.ACCENT,
                            null,
                            Dash.NONE));
        }
        if (!mark.text().isBlank()) {
            double size = sheet.unit() * FigureSheet.TEXT;
            double half = HeadingWidth.of(mark.text(), size) / 2 + size * 0.5;
            boolean left =
                    at.x() + radius + 2 * half > sheet.picture().x() + sheet.picture().width();
            double off = radius + sheet.line() * 2 + half;
            sheet.box(at.plus(left ? -off : off, 0), mark.text(), size);
        }
        sheet.handle(mark, 0, at, radius * 1.2);
    }

    /** An arch over three quarters of a round. */
    private static List<Point> ridge(Point at, double radius) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= 24; i++) {
            double a = Math.toRadians(150 + 240.0 * i / 24);
            points.add(at.plus(radius * 0.8 * Math.cos(a), radius * Math.sin(a)));
        }
        return points;
    }

    static void label(FigureSheet sheet, Mark.Label label, String empty) {
        String text = label.text().isBlank() ? empty : label.text();
        double size = sheet.unit() * FigureSheet.TEXT;
        Point at = sheet.box(sheet.at(label.at()), text, size);
        double reach = Math.max(sheet.radius(), HeadingWidth.of(text, size) / 2);
        sheet.handle(label, 0, at, Math.min(reach, sheet.unit() * 0.06));
    }
}
