package methodos.core.figure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import methodos.core.figure.Shape.Dash;
import methodos.core.figure.Shape.Ink;
import methodos.core.manual.KnownShape;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.core.quantity.Quantity;
import methodos.core.words.Words;

/** Dimension lines, and what they are measured by. */
final class LengthDrawing {

    private LengthDrawing() {}

    static void length(
            FigureSheet sheet, Mark.Length length, Optional<PictureScale> scale, Words words) {
        Point from = sheet.at(length.from());
        Point to = sheet.at(length.to());
        sheet.line(from, to, Ink.DARK);
        end(sheet, from, to);
        end(sheet, to, from);
        String text =
                scale.flatMap(s -> s.of(length).map(m -> m.print(s.unit())))
                        .orElse(words.of("figure.noScale"));
        Point middle = from.plus((to.x() - from.x()) / 2, (to.y() - from.y()) / 2);
        sheet.box(middle, text, sheet.unit() * FigureSheet.TEXT);
        sheet.handles(length);
    }

    /** A stroke across the line and an open arrow onto it. */
    private static void end(FigureSheet sheet, Point at, Point other) {
        double length = Math.max(1e-9, at.distance(other));
        double dx = (other.x() - at.x()) / length;
        double dy = (other.y() - at.y()) / length;
        double size = Math.min(sheet.unit() * 0.012, length / 2);
        sheet.line(at.plus(-dy * size, dx * size), at.plus(dy * size, -dx * size), Ink.DARK);
        sheet.path(
                List.of(
                        at.plus((dx - dy * 0.4) * size, (dy + dx * 0.4) * size),
                        at,
                        at.plus((dx + dy * 0.4) * size, (dy - dx * 0.4) * size)),
                false,
                sheet.line(),
                Ink.DARK,
                null);
    }

    static void scale(FigureSheet sheet, Mark.Scale scale, Words words) {
        List<Point> known = sheet.at(scale.known());
        if (known.size() > 1) {
            List<Point> line =
                    scale.shape() == KnownShape.CIRCLE && known.size() >= 4
                            ? OutlineDrawing.smooth(around(known))
                            : known;
            sheet.path(
                    line,
                    scale.shape() != KnownShape.LENGTH,
                    sheet.line() * 0.8,
                    Ink.DARK,
                    null,
                    Dash.SHORT);
        }
        double dot = sheet.unit() * 0.004;
        known.forEach(p -> sheet.disc(p, dot, sheet.line(), Ink.PAPER, Ink.DARK));
        sheet.handles(scale);
        if (PictureScale.complete(scale)) {
            String sizes = String.join(" × ", scale.sizes().stream().map(Quantity::print).toList());
            sheet.key("", false, words.of("figure.key.scale." + scale.shape().name(), sizes));
        }
    }

    /** Points on a round, sorted around their middle. */
    private static List<Point> around(List<Point> points) {
        double x = points.stream().mapToDouble(Point::x).average().orElse(0);
        double y = points.stream().mapToDouble(Point::y).average().orElse(0);
        List<Point> sorted = new ArrayList<>(points);
        sorted.sort(Comparator.comparingDouble(p -> Math.atan2(p.y() - y, p.x() - x)));
        return sorted;
    }
}
