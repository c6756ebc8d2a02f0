package methodos.core.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.words.Words;

/** Puts together what a figure is drawn of: its pictures with their marks, the stack, the key. */
final class FigureComposition {

    private static final double GAP = 0.025;

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
            for (Id<Figure> id : figure.beside()) {
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
                                ? KeyDrawing.below(panels.get(0).drawing, keys(panels), 1)
                                : KeyDrawing.below(
                                        new PanelsDrawing(figure.layout(), words)
                                                .of(
                                                        shown,
                                                        panels.stream()
                                                                .map(Panel::drawing)
                                                                .toList()),
                                        keys(panels),
                                        SMALLER);
        return figure.stack().isEmpty() ? drawn : withStack(drawn, figure);
    }

    private static List<FigureSheet.Key> keys(List<Panel> panels) {
        return panels.stream().flatMap(x -> x.keys.stream()).distinct().toList();
    }

    /** One picture with its marks, and what the key has to tell of them. */
    private record Panel(FigureDrawing drawing, List<FigureSheet.Key> keys) {}

    private Optional<Panel> panel(Figure figure, boolean trim) {
        return sizes.of(figure)
                .map(
                        size -> {
                            Framing framing =
                                    Framing.of(figure.prepared(), size.width(), size.height());
                            FigureSheet sheet = sheet(figure, framing);
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

    /** The margin stands there before the first balloon does, so that none moves the picture. */
    private static FigureSheet sheet(Figure figure, Framing framing) {
        double margin = FigureDrawing.MARGIN * Math.max(framing.width(), framing.height());
        return new FigureSheet(
                new Shape.Picture(figure.id(), margin, margin, framing.width(), framing.height()),
                framing);
    }

    private void draw(FigureSheet sheet, Figure figure, PictureSizes.Size size) {
        List<Mark> marks =
                figure.marks().stream().filter(m -> visible(m, sheet.framing())).toList();
        Optional<PictureScale> scale = PictureScale.of(figure, size.width(), size.height());
        new MarkDrawing(sheet, figure, marks, manual, words).draw(scale);
    }

    /** A mark none of whose points is on the cropped picture is not drawn. */
    private static boolean visible(Mark mark, Framing framing) {
        return mark.points().stream().anyMatch(framing::shows);
    }

    private static FigureDrawing trimmed(FigureDrawing d) {
        double left = d.picture().x();
        double top = d.picture().y();
        double right = left + d.picture().width();
        double bottom = d.lowest();
        for (Shape shape : d.shapes()) {
            if (shape instanceof Shape.Circle c) {
                double reach = c.radius() + c.width();
                left = Math.min(left, c.x() - reach);
                top = Math.min(top, c.y() - reach);
                right = Math.max(right, c.x() + reach);
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
