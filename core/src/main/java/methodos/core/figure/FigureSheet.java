package methodos.core.figure;

import java.util.ArrayList;
import java.util.List;
import methodos.core.figure.FigureDrawing.Handle;
import methodos.core.figure.Shape.Anchor;
import methodos.core.figure.Shape.Dash;
import methodos.core.figure.Shape.Ink;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;

/**
 * What one picture with its marks is drawn on, while it is drawn. Sizes are shares of the unit, so
 * that everything grows with the picture.
 */
final class FigureSheet {

    /** Radius of a balloon. */
    static final double RADIUS = 0.0235;

    /** Size of words. */
    static final double TEXT = 0.0245;

    /** Width of a thin line. */
    static final double LINE = 0.0022;

    /** A line has so many times its width of paper beneath it, so that it shows on any ground. */
    private static final double HALO = 2.6;

    /** A row of the key under the picture: the sign it explains and its words. */
    record Key(String sign, boolean disc, String words) {}

    private final List<Shape> shapes = new ArrayList<>();
    private final List<Handle> handles = new ArrayList<>();
    private final List<Key> keys = new ArrayList<>();
    private final Shape.Picture picture;
    private final Framing framing;
    private final double unit;

    FigureSheet(Shape.Picture picture, Framing framing) {
        this.picture = picture;
        this.framing = framing;
        this.unit = Math.max(picture.width(), picture.height());
        shapes.add(picture);
    }

    Shape.Picture picture() {
        return picture;
    }

    Framing framing() {
        return framing;
    }

    double unit() {
        return unit;
    }

    double radius() {
        return unit * RADIUS;
    }

    double line() {
        return unit * LINE;
    }

    List<Shape> shapes() {
        return shapes;
    }

    List<Handle> handles() {
        return handles;
    }

    List<Key> keys() {
        return keys;
    }

    /** Where on the sheet a spot of the still is. */
    Point at(Point still) {
        return picture.at(framing.seen(still));
    }

    List<Point> at(List<Point> still) {
        return still.stream().map(this::at).toList();
    }

    /** Where every point of the mark is, to take hold of. */
    void handles(Mark mark) {
        for (int i = 0; i < mark.points().size(); i++) {
            handle(mark, i, at(mark.points().get(i)), radius() * 0.9);
        }
    }

    void handle(Mark mark, int index, Point at, double reach) {
        handles.add(new Handle(mark.id(), index, at.x(), at.y(), reach));
    }

    void add(Shape shape) {
        shapes.add(shape);
    }

    void key(String sign, boolean disc, String words) {
        keys.add(new Key(sign, disc, words));
    }

    /** A dark line on paper, which shows on light and on dark ground. */
    void line(Point from, Point to, Ink ink) {
        path(List.of(from, to), false, line(), ink, null);
    }

    void path(List<Point> points, boolean closed, double width, Ink ink, Ink fill) {
        path(points, closed, width, ink, fill, Dash.NONE);
    }

    void path(List<Point> points, boolean closed, double width, Ink ink, Ink fill, Dash dash) {
        shapes.add(
                new Shape.Path(
                        points, closed, width + line() * (HALO - 1), Ink.PAPER, null, Dash.NONE));
        shapes.add(new Shape.Path(points, closed, width, ink, fill, dash));
    }

    void disc(Point at, double radius, double width, Ink line, Ink fill) {
        shapes.add(new Shape.Circle(at.x(), at.y(), radius, width, line, fill, Dash.NONE));
    }

    void text(Point at, double size, String text, Ink ink) {
        shapes.add(new Shape.Text(at.x(), at.y(), size, text, ink, Anchor.MIDDLE));
    }

    /** Words in a box of paper about a place, moved so that all of it is on the picture. */
    Point box(Point middle, String text, double size) {
        double half = HeadingWidth.of(text, size) / 2 + size * 0.5;
        double high = size * 0.72;
        double x =
                Math.max(
                        picture.x() + half,
                        Math.min(picture.x() + picture.width() - half, middle.x()));
        double y =
                Math.max(
                        picture.y() + high,
                        Math.min(picture.y() + picture.height() - high, middle.y()));
        shapes.add(
                new Shape.Path(
                        List.of(
                                new Point(x - half, y - high),
                                new Point(x + half, y - high),
                                new Point(x + half, y + high),
                                new Point(x - half, y + high)),
                        true,
                        line(),
                        Ink.DARK,
                        Ink.PAPER,
                        Dash.NONE));
        text(new Point(x, y), size, text, Ink.DARK);
        return new Point(x, y);
    }
}
