package methodos.core.figure;

import java.util.ArrayList;
import java.util.List;
import methodos.core.figure.Shape.Anchor;
import methodos.core.figure.Shape.Dash;
import methodos.core.figure.Shape.Ink;
import methodos.core.manual.Point;

/** The key below a picture: what its numbers and letters tell. */
final class KeyDrawing {

    private KeyDrawing() {}

    /**
     * The same with a row below for each sign that needs words; where the lower margin is free,
     * they stand in it.
     *
     * @param share of the width to which the size of the words is set
     */
    static FigureDrawing below(FigureDrawing drawing, List<FigureSheet.Key> keys, double share) {
        if (keys.isEmpty()) {
            return drawing;
        }
        double unit = drawing.width() * share;
        double size = unit * FigureSheet.TEXT;
        List<Shape> shapes = new ArrayList<>(drawing.shapes());
        double y = drawing.lowest() + unit * 0.012;
        for (FigureSheet.Key key : keys) {
            double textX = unit * 0.01;
            double middle = y + unit * FigureDrawing.KEY_ROW / 2;
            if (!key.sign().isEmpty()) {
                double half =
                        Math.max(size * 0.75, HeadingWidth.of(key.sign(), size) / 2 + size * 0.3);
                keySign(shapes, key, unit * 0.01 + half, middle, half, size);
                textX += 2 * half + unit * 0.012;
            }
            List<String> lines = HeadingWidth.lines(key.words(), size, drawing.width() - textX);
            for (String line : lines) {
                shapes.add(
                        new Shape.Text(
                                textX,
                                y + unit * FigureDrawing.KEY_ROW / 2,
                                size,
                                line,
                                Ink.DARK,
                                Anchor.START));
                y += unit * FigureDrawing.KEY_ROW;
            }
        }
        return new FigureDrawing(
                drawing.width(),
                Math.max(drawing.height(), y + unit * 0.008),
                drawing.picture(),
                drawing.framing(),
                shapes,
                drawing.handles());
    }

    private static void keySign(
            List<Shape> shapes, FigureSheet.Key key, double x, double y, double half, double size) {
        double high = size * 0.75;
        double bevel = key.disc() ? high : 0;
        List<Point> box = new ArrayList<>();
        for (int corner = 0; corner < 4; corner++) {
            int sx = corner == 0 || corner == 3 ? -1 : 1;
            int sy = corner < 2 ? -1 : 1;
            if (bevel == 0) {
                box.add(new Point(x + sx * half, y + sy * high));
                continue;
            }
            for (int i = 0; i <= 6; i++) { // a quarter of a round, clockwise
                double a = Math.toRadians(180 + 90 * corner + 15 * i);
                box.add(
                        new Point(
                                x + sx * (half - bevel) + bevel * Math.cos(a),
                                y + bevel * Math.sin(a)));
            }
        }
        shapes.add(
                new Shape.Path(box, true, 0, null, key.disc() ? Ink.ACCENT : Ink.DARK, Dash.NONE));
        shapes.add(new Shape.Text(x, y, size, key.sign(), Ink.PAPER, Anchor.MIDDLE));
    }
}
