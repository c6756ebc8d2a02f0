package methodos.core.figure;

import java.util.ArrayList;
import java.util.List;
import methodos.core.figure.Shape.Anchor;
import methodos.core.figure.Shape.Dash;
import methodos.core.figure.Shape.Ink;
import methodos.core.figure.StackRow.Way;
import methodos.core.manual.Point;

/**
 * Parts on each other from the top down, in section about their axis, with their words beside. The
 * drawing is a scheme: thickness and width are those of the kind of part, not to scale.
 */
final class StackDrawing {

    /** So many pieces of one row are drawn at most; more are told in words only. */
    private static final int MOST_PIECES = 8;

    private static final double GAP = 0.35;

    private final List<Shape> shapes = new ArrayList<>();
    private final double unit;
    private final double axis;
    private final double half;

    private StackDrawing(double unit, double width) {
        this.unit = unit;
        this.half = width * 0.18;
        this.axis = half + unit * 0.02;
    }

    /**
     * @param unit size of the figure; text and lines follow it
     * @param width of the column, section and words together
     * @param height of the column
     */
    static List<Shape> of(List<StackRow> rows, double unit, double width, double height) {
        StackDrawing drawing = new StackDrawing(unit, width);
        drawing.draw(rows, width, height);
        return drawing.shapes;
    }

    private void draw(List<StackRow> rows, double width, double height) {
        double size = unit * FigureSheet.TEXT;
        double textX = axis + half + unit * 0.035;
        double thick = 0;
        List<List<String>> lines = new ArrayList<>();
        for (StackRow row : rows) {
            lines.add(HeadingWidth.lines(row.words(), size, width - textX));
            thick += thickness(row) + GAP;
        }
        double top = unit * 0.03;
        double scale = Math.min((height - 2 * top) / Math.max(1, thick), unit * 0.05);
        double y = (height - thick * scale) / 2;
        shapes.add(
                new Shape.Path(
                        List.of(
                                new Point(axis, Math.max(0, y - unit * 0.025)),
                                new Point(axis, Math.min(height, y + thick * scale + unit * 0.01))),
                        false,
                        unit * FigureSheet.LINE * 0.6,
                        Ink.SOFT,
                        null,
                        Dash.LONG));
        double textEnd = 0;
        for (int i = 0; i < rows.size(); i++) {
            StackRow row = rows.get(i);
            double high = thickness(row) * scale;
            pieces(row, y, high);
            double block = lines.get(i).size() * size * 1.2;
            double middle = y + high / 2;
            double textTop = Math.max(middle - block / 2, textEnd);
            leader(middle, textTop + block / 2, textX);
            for (int k = 0; k < lines.get(i).size(); k++) {
                shapes.add(
                        new Shape.Text(
                                textX,
                                textTop + (k + 0.5) * size * 1.2,
                                size,
                                lines.get(i).get(k),
                                Ink.DARK,
                                Anchor.START));
            }
            textEnd = textTop + block + size * 0.2;
            y += high + GAP * scale;
        }
    }

    private void leader(double fromY, double toY, double textX) {
        line(
                List.of(
                        new Point(axis + half + unit * 0.006, fromY),
                        new Point(textX - unit * 0.006, toY)));
    }

    private static int pieces(StackRow row) {
        return Math.min(MOST_PIECES, row.count());
    }

    /** Of all pieces of the row together. */
    private static double thickness(StackRow row) {
        double one =
                switch (row.form()) {
                    case FLAT, RETAINING_RING -> 0.5;
                    case DISC_SPRING, ROUND_RING -> 0.8;
                    case LIP_SEAL, BEARING -> 1.2;
                    case SPRING -> 2.2;
                    case BLOCK -> 1.6;
                };
        return one * pieces(row);
    }

    private void pieces(StackRow row, double y, double high) {
        int n = pieces(row);
        double each = high / n;
        for (int i = 0; i < n; i++) {
            double top = y + i * each + each * 0.06;
            double bottom = y + (i + 1) * each - each * 0.06;
            piece(row.form(), row.way(i), top, bottom);
        }
    }

    private void piece(StackRow.Form form, Way way, double top, double bottom) {
        double middle = (top + bottom) / 2;
        double high = bottom - top;
        switch (form) {
            case DISC_SPRING -> discSpring(way, top, bottom);
            case ROUND_RING -> {
                double r = Math.min(high / 2, half * 0.16);
                circle(axis - half + r, middle, r);
                circle(axis + half - r, middle, r);
            }
            case RETAINING_RING -> {
                box(axis - half, top, axis - half * 0.72, bottom, Ink.DARK);
                box(axis + half * 0.72, top, axis + half, bottom, Ink.DARK);
                face(way, top, bottom);
            }
            case LIP_SEAL -> {
                seal(-1, way, top, bottom);
                seal(1, way, top, bottom);
            }
            case BEARING -> {
                box(axis - half, top, axis - half * 0.35, bottom, Ink.TINT);
                box(axis + half * 0.35, top, axis + half, bottom, Ink.TINT);
                circle(axis - half * 0.675, middle, Math.min(high, half * 0.5) * 0.3);
                circle(axis + half * 0.675, middle, Math.min(high, half * 0.5) * 0.3);
            }
            case SPRING -> spring(top, bottom);
            case FLAT -> {
                box(axis - half, top, axis - half * 0.3, bottom, Ink.TINT);
                box(axis + half * 0.3, top, axis + half, bottom, Ink.TINT);
                face(way, top, bottom);
            }
            case BLOCK -> {
                box(axis - half * 0.8, top, axis + half * 0.8, bottom, Ink.TINT);
                face(way, top, bottom);
            }
        }
    }

    /** Hollow up: the rim is higher than the hole; the way that is not told is drawn flat. */
    private void discSpring(Way way, double top, double bottom) {
        double thick = (bottom - top) * 0.34;
        double rim = way == Way.UP ? top : way == Way.DOWN ? bottom - thick : (top + bottom) / 2;
        double hole = way == Way.UP ? bottom - thick : way == Way.DOWN ? top : (top + bottom) / 2;
        for (int side : new int[] {-1, 1}) {
            shape(
                    List.of(
                            new Point(axis + side * half, rim),
                            new Point(axis + side * half * 0.3, hole),
                            new Point(axis + side * half * 0.3, hole + thick),
                            new Point(axis + side * half, rim + thick)),
                    Ink.TINT);
        }
    }

    /** A U in section, open on the side to which the lip looks. */
    private void seal(int side, Way way, double top, double bottom) {
        double in = axis + side * half * 0.45;
        double out = axis + side * half;
        double back = way == Way.UP ? bottom : top;
        double open = way == Way.UP ? top : bottom;
        if (way == Way.NOT_TOLD) {
            box(Math.min(in, out), top, Math.max(in, out), bottom, Ink.TINT);
            return;
        }
        double wall = side * half * 0.16;
        double root = back + (open - back) * 0.4;
        shape(
                List.of(
                        new Point(in, back),
                        new Point(out, back),
                        new Point(out, open),
                        new Point(out - wall, open),
                        new Point(out - wall, root),
                        new Point(in + wall, root),
                        new Point(in + wall, open),
                        new Point(in, open)),
                Ink.TINT);
    }

    private void spring(double top, double bottom) {
        List<Point> zigzag = new ArrayList<>();
        int turns = 5;
        for (int i = 0; i <= 2 * turns; i++) {
            double share = i / (2.0 * turns);
            zigzag.add(
                    new Point(
                            axis + (i % 2 == 0 ? -1 : 1) * half * 0.62,
                            top + share * (bottom - top)));
        }
        line(zigzag);
    }

    /** A wedge beside the face that is told: it points up or down. */
    private void face(Way way, double top, double bottom) {
        if (way == Way.NOT_TOLD) {
            return;
        }
        double size = unit * 0.009;
        double x = axis - half - size * 1.2;
        double tip = way == Way.UP ? top - size * 0.3 : bottom + size * 0.3;
        double base = way == Way.UP ? tip + size * 1.4 : tip - size * 1.4;
        shape(
                List.of(new Point(x, tip), new Point(x + size, base), new Point(x - size, base)),
                Ink.DARK);
    }

    private void box(double left, double top, double right, double bottom, Ink fill) {
        shape(
                List.of(
                        new Point(left, top),
                        new Point(right, top),
                        new Point(right, bottom),
                        new Point(left, bottom)),
                fill);
    }

    private void shape(List<Point> points, Ink fill) {
        shapes.add(
                new Shape.Path(
                        points, true, unit * FigureSheet.LINE * 0.7, Ink.DARK, fill, Dash.NONE));
    }

    private void line(List<Point> points) {
        shapes.add(
                new Shape.Path(
                        points, false, unit * FigureSheet.LINE * 0.7, Ink.DARK, null, Dash.NONE));
    }

    private void circle(double x, double y, double radius) {
        shapes.add(
                new Shape.Circle(
                        x,
                        y,
                        radius,
                        unit * FigureSheet.LINE * 0.7,
                        Ink.DARK,
                        Ink.SOFT,
                        Dash.NONE));
    }
}
