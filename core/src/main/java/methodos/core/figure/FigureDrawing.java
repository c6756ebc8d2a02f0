package methodos.core.figure;

import java.util.List;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.core.words.Words;

/**
 * A figure described as drawing primitives: its picture, over it the marks, balloons in the margin,
 * and what stands beside and below. Screen, print and page draw this one description, so they
 * agree.
 *
 * @param width width of the whole sheet
 * @param height height of the sheet
 * @param picture where on the sheet the figure's own picture lies, null where it has none
 * @param framing what of the still that picture shows, null where it has none
 * @param handles where each mark of the own picture can be taken hold of
 */
public record FigureDrawing(
        double width,
        double height,
        Shape.Picture picture,
        Framing framing,
        List<Shape> shapes,
        List<Handle> handles) {

    /** Share of the picture's longer side that is kept free around it for balloons. */
    public static final double MARGIN = 0.07;

    /** Height of a row of the key below, as a share of the drawing's width. */
    public static final double KEY_ROW = 0.032;

    /**
     * A place at which a mark is taken hold of.
     *
     * @param index of the mark's point, or {@link #HELD}
     * @param reach how far from its middle it is still it
     */
    public record Handle(Id<Mark> mark, int index, double x, double y, double reach) {

        /** The balloon or lens of a mark. */
        public static final int HELD = -1;

        /** Where it lies, in the units of the drawing. */
        public Point at() {
            return new Point(x, y);
        }

        Handle placed(double s, double dx, double dy) {
            return new Handle(mark, index, s * x + dx, s * y + dy, s * reach);
        }
    }

    public FigureDrawing {
        shapes = List.copyOf(shapes);
        handles = List.copyOf(handles);
    }

    /**
     * As it is worked on: with the whole margin, so that nothing jumps while a balloon is moved.
     */
    public static FigureDrawing of(Figure figure, Manual manual, Words words, PictureSizes sizes) {
        return new FigureComposition(manual, words, sizes).whole(figure);
    }

    /** As it is published: without the margins that hold nothing. */
    public static FigureDrawing published(
            Figure figure, Manual manual, Words words, PictureSizes sizes) {
        return new FigureComposition(manual, words, sizes).trimmed(figure);
    }

    /** Radius of a balloon for a picture whose longer side is this long. */
    public static double radius(double longerSide) {
        return longerSide * FigureSheet.RADIUS;
    }

    /** Lower edge of the picture and of the balloons below it; of several pictures that of all. */
    double lowest() {
        if (picture == null
                || shapes.stream().filter(s -> s instanceof Shape.Picture).count() > 1) {
            return height;
        }
        double lowest = picture.y() + picture.height();
        for (Shape shape : shapes) {
            if (shape instanceof Shape.Circle c) {
                lowest = Math.max(lowest, c.y() + c.radius() + c.width());
            }
        }
        return lowest;
    }

    /** The spot of the still at a place of the sheet; nothing beside the picture. */
    public Optional<Point> still(Point sheet) {
        if (picture == null) {
            return Optional.empty();
        }
        Point share = picture.share(sheet);
        boolean on = share.x() >= 0 && share.x() <= 1 && share.y() >= 0 && share.y() <= 1;
        return on ? Optional.of(framing.still(share)) : Optional.empty();
    }

    /** The handle at a place, the topmost mark first. */
    public Optional<Handle> at(Point sheet) {
        for (int i = handles.size() - 1; i >= 0; i--) {
            if (handles.get(i).at().distance(sheet) <= handles.get(i).reach()) {
                return Optional.of(handles.get(i));
            }
        }
        return Optional.empty();
    }

    FigureDrawing placed(double s, double dx, double dy) {
        return new FigureDrawing(
                width * s,
                height * s,
                picture == null ? null : picture.placed(s, dx, dy),
                framing,
                shapes.stream().map(x -> x.placed(s, dx, dy)).toList(),
                handles.stream().map(h -> h.placed(s, dx, dy)).toList());
    }
}
