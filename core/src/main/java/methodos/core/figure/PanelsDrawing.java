package methodos.core.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import methodos.core.figure.FigureDrawing.Handle;
import methodos.core.figure.Shape.Anchor;
import methodos.core.figure.Shape.Dash;
import methodos.core.figure.Shape.Ink;
import methodos.core.manual.Figure;
import methodos.core.manual.FigureLayout;
import methodos.core.manual.Point;
import methodos.core.words.Words;

/** Pictures that make one figure, two beside each other in a row, with signs and titles below. */
final class PanelsDrawing {

    private static final double GAP = 0.025;

    /** Width of one picture; two stand beside each other, more would be too small in print. */
    private static final double COLUMN = 0.92;

    /** Words are so much larger than on one picture, since two share the width. */
    private static final double WORDS = 1.25;

    private final FigureLayout layout;
    private final Words words;

    PanelsDrawing(FigureLayout layout, Words words) {
        this.layout = layout;
        this.words = words;
    }

    /** Pictures of one height beside each other, each with its words below. */
    FigureDrawing of(List<Figure> figures, List<FigureDrawing> panels) {
        double unit = panels.get(0).width();
        double column = unit * COLUMN;
        double size = unit * FigureSheet.TEXT * WORDS;
        List<Shape> shapes = new ArrayList<>();
        List<Handle> handles = new ArrayList<>();
        FigureDrawing own = null;
        double y = 0;
        double width = 2 * column + GAP * unit;
        for (int row = 0; 2 * row < panels.size(); row++) {
            double high = 0;
            for (int i = 2 * row; i < Math.min(panels.size(), 2 * (row + 1)); i++) {
                FigureDrawing panel = panels.get(i);
                high = Math.max(high, panel.height() * column / panel.width());
            }
            double below = 0;
            for (int i = 2 * row; i < Math.min(panels.size(), 2 * (row + 1)); i++) {
                FigureDrawing panel = panels.get(i);
                double x = (i % 2) * (column + GAP * unit);
                FigureDrawing placed = panel.placed(column / panel.width(), x, y);
                shapes.addAll(placed.shapes());
                if (i == 0) {
                    own = placed;
                    handles.addAll(placed.handles());
                }
                below =
                        Math.max(
                                below,
                                caption(
                                        shapes,
                                        i,
                                        figures.get(i),
                                        new Point(x, y + high),
                                        column,
                                        size));
            }
            y += high + below + unit * GAP * 0.6;
        }
        return new FigureDrawing(width, y, own.picture(), own.framing(), shapes, handles);
    }

    private double caption(
            List<Shape> shapes, int index, Figure figure, Point corner, double width, double size) {
        double x = corner.x();
        double y = corner.y();
        double sign = size * 0.62;
        Point at = new Point(x + sign * 1.3, y + size * 1.1);
        sign(shapes, index, at, sign);
        String head = PanelWords.of(layout, index, words);
        String text =
                figure.title().isBlank()
                        ? head
                        : head.isBlank() ? figure.title() : head + ": " + figure.title();
        List<String> lines = HeadingWidth.lines(text, size, width - sign * 3.4);
        for (int i = 0; i < lines.size(); i++) {
            shapes.add(
                    new Shape.Text(
                            x + sign * 3.2,
                            at.y() + i * size * 1.2,
                            size,
                            lines.get(i),
                            Ink.DARK,
                            Anchor.START));
        }
        return size * (1.2 * Math.max(1, lines.size()) + 0.8);
    }

    /**
     * A letter or number; for a comparison a tick for what may stay and a cross for what may not.
     */
    private void sign(List<Shape> shapes, int index, Point at, double r) {
        if (layout != FigureLayout.COMPARISON) {
            shapes.add(
                    new Shape.Circle(at.x(), at.y(), r, r * 0.12, Ink.DARK, Ink.DARK, Dash.NONE));
            shapes.add(
                    new Shape.Text(
                            at.x(),
                            at.y(),
                            r * 1.3,
                            layout == FigureLayout.SEQUENCE
                                    ? String.valueOf(index + 1)
                                    : ScrewDrawing.letter(index).toLowerCase(Locale.ROOT),
                            Ink.PAPER,
                            Anchor.MIDDLE));
            return;
        }
        List<List<Point>> strokes =
                index == 0
                        ? List.of(
                                List.of(
                                        at.plus(-r * 0.8, 0),
                                        at.plus(-r * 0.2, r * 0.7),
                                        at.plus(r * 0.9, -r * 0.8)))
                        : List.of(
                                List.of(at.plus(-r * 0.7, -r * 0.7), at.plus(r * 0.7, r * 0.7)),
                                List.of(at.plus(-r * 0.7, r * 0.7), at.plus(r * 0.7, -r * 0.7)));
        for (List<Point> stroke : strokes) {
            shapes.add(
                    new Shape.Path(
                            stroke,
                            false,
                            r * 0.36,
                            index == 0 ? Ink.ACCENT : Ink.DARK,
                            null,
                            Dash.NONE));
        }
    }
}
