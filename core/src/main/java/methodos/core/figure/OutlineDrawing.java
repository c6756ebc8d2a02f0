package methodos.core.figure;

import java.util.ArrayList;
import java.util.List;
import methodos.core.figure.Shape.Dash;
import methodos.core.figure.Shape.Ink;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;

/**
 * A smooth line around a region: a closed Catmull–Rom curve through its corners (uniform knots),
 * drawn as short straight pieces so that every medium draws the same.
 */
final class OutlineDrawing {

    private static final int PIECES = 12;
    private static final int SMOOTH_FROM = 4;

    private OutlineDrawing() {}

    static void draw(FigureSheet sheet, Mark.Outline outline) {
        List<Point> corners = sheet.at(outline.corners());
        if (corners.size() > 1) {
            sheet.path(
                    corners.size() < SMOOTH_FROM ? corners : smooth(corners),
                    true,
                    sheet.line() * 1.8,
                    Ink.ACCENT,
                    null,
                    Dash.LONG);
        }
        sheet.handles(outline);
    }

    static List<Point> smooth(List<Point> corners) {
        int n = corners.size();
        List<Point> line = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Point a = corners.get((i + n - 1) % n);
            Point b = corners.get(i);
            Point c = corners.get((i + 1) % n);
            Point d = corners.get((i + 2) % n);
            for (int k = 0; k < PIECES; k++) {
                double t = k / (double) PIECES;
                line.add(
                        new Point(
                                curve(a.x(), b.x(), c.x(), d.x(), t),
                                curve(a.y(), b.y(), c.y(), d.y(), t)));
            }
        }
        return line;
    }

    private static double curve(double a, double b, double c, double d, double t) {
        return 0.5
                * (2 * b
                        + (c - a) * t
                        + (2 * a - 5 * b + 4 * c - d) * t * t
                        + (3 * b - a - 3 * c + d) * t * t * t);
    }
}
