package methodos.core.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import methodos.core.figure.FigureDrawing.Handle;
import methodos.core.figure.Shape.Anchor;
import methodos.core.figure.Shape.Dash;
import methodos.core.figure.Shape.Ink;
import methodos.core.manual.Figure;
import methodos.core.manual.FigureLayout;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.core.words.Words;

/** Puts together what a figure is drawn of: its pictures with their marks, the stack, the key. */
final class FigureComposition {

    private static final double GAP = 0.025;
    private static final double TEXT = 0.0245;
    private static final double ROW = 0.032;

    /** Width of the column for a stack, as a share of the unit. */
    private static final double STACK = 0.42;

    /** Of pictures beside each other the words are this much smaller beside the whole. */
    private static final double SMALLER = 0.65;

    /** A stack alone is drawn on a sheet of this size. */
    private static final double ALONE = 960;

    private final Manual manual;
    private final Words words;
    private final PictureSizes sizes;

    FigureComposition(Manual manual, Words words, PictureSizes sizes) {
        this.manual = manual;
        this.words = words;
        this.sizes = sizes;
    }

    FigureDrawing whole(Figure figure) {
        return composed(figure, false);
    }

    FigureDrawing trimmed(Figure figure) {
        return composed(figure, true);
    }

    private FigureDrawing composed(Figure figure, boolean trim) {
        List<Panel> panels = new ArrayList<>();
        panel(figure, trim).ifPresent(panels::add);
        List<Figure> shown = new ArrayList<>(List.of(figure));
        if (figure.layout() != null) {
            for (String id : figure.beside()) {
                manual.figure(id)
                        .filter(f -> !f.id().equals(figure.id()))
                        .ifPresent(
                                f ->
                                        panel(f, trim)
                                                .ifPresent(
                                                        p -> {
                                                            panels.add(p);
                                                            shown.add(f);
                                                        }));
            }
        }
        FigureDrawing drawn =
                panels.isEmpty()
                        ? new FigureDrawing(0, 0, null, null, List.of(), List.of())
                        : panels.size() == 1 || figure.layout() == null
                                ? keyed(panels.get(0).drawing, panels, 1)
                                : keyed(together(figure.layout(), shown, panels), panels, SMALLER);
        return figure.stack().isEmpty() ? drawn : withStack(drawn, figure);
    }

    /** One picture with its marks, and what the key has to tell of them. */
    private record Panel(FigureDrawing drawing, List<Sheet.Key> keys) {}

    private Optional<Panel> panel(Figure figure, boolean trim) {
        return sizes.of(figure)
                .map(
                        size -> {
                            Framing framing =
                                    Framing.of(figure.prepared(), size.width(), size.height());
                            Sheet sheet = sheet(figure, framing);
                            draw(sheet, figure, size);
                            double width = sheet.picture().width() + 2 * sheet.picture().x();
                            double height = sheet.picture().height() + 2 * sheet.picture().y();
                            FigureDrawing drawing =
                                    new FigureDrawing(
                                            width,
                                            height,
                                            sheet.picture(),
                                            framing,
                                            sheet.shapes(),
                                            sheet.handles());
                            return new Panel(trim ? trimmed(drawing) : drawing, sheet.keys());
                        });
    }

    private static Sheet sheet(Figure figure, Framing framing) {
        boolean callouts = figure.marks().stream().anyMatch(m -> m instanceof Mark.Callout);
        double unit = Math.max(framing.width(), framing.height());
        double margin = callouts ? unit * FigureDrawing.MARGIN : 0;
        return new Sheet(
                new Shape.Picture(figure.id(), margin, margin, framing.width(), framing.height()),
                framing);
    }

    /** Regions first, then what lies on them, and the balloons over all. */
    private void draw(Sheet sheet, Figure figure, PictureSizes.Size size) {
        List<Mark> marks =
                figure.marks().stream().filter(m -> visible(m, sheet.framing())).toList();
        Optional<PictureScale> scale = PictureScale.of(figure, size.width(), size.height());
        of(marks, Mark.Cover.class).forEach(c -> sheet.handles(c));
        of(marks, Mark.Outline.class).forEach(o -> OutlineDrawing.draw(sheet, o));
        of(marks, Mark.Scale.class).forEach(s -> LengthDrawing.scale(sheet, s, words));
        of(marks, Mark.Detail.class)
                .forEach(d -> DetailDrawing.draw(sheet, d, spots(sheet, marks, d)));
        of(marks, Mark.Length.class).forEach(l -> LengthDrawing.length(sheet, l, scale, words));
        of(marks, Mark.Shift.class).forEach(s -> ArrowDrawing.shift(sheet, s));
        of(marks, Mark.Turn.class).forEach(t -> ArrowDrawing.turn(sheet, t));
        of(marks, Mark.MatchMark.class).forEach(m -> NoteDrawing.match(sheet, m));
        of(marks, Mark.ByFeel.class).forEach(f -> NoteDrawing.feel(sheet, f));
        ScrewDrawing.map(sheet, of(marks, Mark.ScrewPlace.class), manual, words);
        of(marks, Mark.ScrewOrder.class)
                .forEach(
                        o -> ScrewDrawing.order(sheet, o, OrderWords.of(figure, o, manual, words)));
        of(marks, Mark.Label.class)
                .forEach(l -> NoteDrawing.label(sheet, l, words.of("figure.label.empty")));
        CalloutDrawing.draw(sheet, of(marks, Mark.Callout.class), manual);
    }

    /** A mark none of whose points is on the cropped picture is not drawn. */
    private static boolean visible(Mark mark, Framing framing) {
        return mark.points().stream().anyMatch(framing::shows);
    }

    private static List<Point> spots(Sheet sheet, List<Mark> marks, Mark but) {
        return marks.stream()
                .filter(m -> m != but && !(m instanceof Mark.Scale))
                .flatMap(m -> sheet.at(m.points()).stream())
                .toList();
    }

    private static <M extends Mark> List<M> of(List<Mark> marks, Class<M> kind) {
        return marks.stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    private static FigureDrawing trimmed(FigureDrawing d) {
        double left = d.picture().x();
        double top = d.picture().y();
        double right = left + d.picture().width();
        double bottom = top + d.picture().height();
        for (Shape shape : d.shapes()) {
            if (shape instanceof Shape.Circle c) {
                double reach = c.radius() + c.width();
                left = Math.min(left, c.x() - reach);
                top = Math.min(top, c.y() - reach);
                right = Math.max(right, c.x() + reach);
                bottom = Math.max(bottom, c.y() + reach);
            }
        }
        double dx = -left;
        double dy = -top;
        FigureDrawing placed = d.placed(1, dx, dy);
        return new FigureDrawing(
                right - left,
                bottom - top,
                placed.picture(),
                placed.framing(),
                placed.shapes(),
                placed.handles());
    }

    /** Pictures of one height beside each other, each with its words below. */
    private FigureDrawing together(FigureLayout layout, List<Figure> figures, List<Panel> panels) {
        double unit = panels.get(0).drawing.width();
        int columns = 2; // more beside each other are too small to read in print
        double column = (unit * (columns + 1) * 0.62 - GAP * unit * (columns - 1)) / columns;
        double size = unit * TEXT * (columns > 1 ? 1.25 : 1);
        List<Shape> shapes = new ArrayList<>();
        List<Handle> handles = new ArrayList<>();
        FigureDrawing own = null;
        double y = 0;
        double width = column * columns + GAP * unit * (columns - 1);
        for (int row = 0; row * columns < panels.size(); row++) {
            double high = 0;
            for (int i = row * columns; i < Math.min(panels.size(), (row + 1) * columns); i++) {
                FigureDrawing panel = panels.get(i).drawing;
                high = Math.max(high, panel.height() * column / panel.width());
            }
            double below = 0;
            for (int i = row * columns; i < Math.min(panels.size(), (row + 1) * columns); i++) {
                FigureDrawing panel = panels.get(i).drawing;
                double x = (i % columns) * (column + GAP * unit);
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
                                        layout,
                                        i,
                                        figures.get(i),
                                        x,
                                        y + high,
                                        column,
                                        size));
            }
            y += high + below + unit * GAP * 0.6;
        }
        return new FigureDrawing(width, y, own.picture(), own.framing(), shapes, handles);
    }

    private double caption(
            List<Shape> shapes,
            FigureLayout layout,
            int index,
            Figure figure,
            double x,
            double y,
            double width,
            double size) {
        double sign = size * 0.62;
        Point at = new Point(x + sign * 1.3, y + size * 1.1);
        sign(shapes, layout, index, at, sign);
        String head =
                words.of(
                        "figure.panel."
                                + layout.name()
                                + "."
                                + (layout == FigureLayout.SEQUENCE ? "ANY" : index),
                        index + 1);
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
    private static void sign(
            List<Shape> shapes, FigureLayout layout, int index, Point at, double r) {
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

    /**
     * The same with a row below for each sign that needs words.
     *
     * @param share of the width to which the size of the words is set
     */
    private FigureDrawing keyed(FigureDrawing drawing, List<Panel> panels, double share) {
        List<Sheet.Key> keys = panels.stream().flatMap(p -> p.keys.stream()).distinct().toList();
        if (keys.isEmpty()) {
            return drawing;
        }
        double unit = drawing.width() * share;
        double size = unit * TEXT;
        List<Shape> shapes = new ArrayList<>(drawing.shapes());
        double y = drawing.height() + unit * 0.012;
        for (Sheet.Key key : keys) {
            double textX = unit * 0.01;
            double middle = y + unit * ROW / 2;
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
                                textX, y + unit * ROW / 2, size, line, Ink.DARK, Anchor.START));
                y += unit * ROW;
            }
        }
        return new FigureDrawing(
                drawing.width(),
                y + unit * 0.008,
                drawing.picture(),
                drawing.framing(),
                shapes,
                drawing.handles());
    }

    private static void keySign(
            List<Shape> shapes, Sheet.Key key, double x, double y, double half, double size) {
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

    private FigureDrawing withStack(FigureDrawing drawing, Figure figure) {
        List<StackRow> rows = figure.stack().stream().map(l -> StackRow.of(l, manual)).toList();
        boolean alone = drawing.width() == 0;
        double unit = alone ? ALONE : Math.max(drawing.width(), drawing.height());
        double column = unit * STACK;
        double height =
                alone ? Math.max(ALONE * 0.3, rows.size() * ALONE * 0.075) : drawing.height();
        List<Shape> shapes = new ArrayList<>(drawing.shapes());
        double left = alone ? 0 : drawing.width() + unit * GAP;
        StackDrawing.of(rows, unit, column, height).stream()
                .map(s -> s.placed(1, left, 0))
                .forEach(shapes::add);
        return new FigureDrawing(
                left + column,
                height,
                drawing.picture(),
                drawing.framing(),
                shapes,
                drawing.handles());
    }
}
