package methodos.core.figure;

import java.util.ArrayList;
import java.util.List;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.Point;

/**
 * A figure described as drawing primitives: the picture, and over it the marks with their balloons
 * in the margin. Screen, print and page draw this one description, so they agree.
 *
 * @param width width of the sheet, picture and margin together
 * @param height height of the sheet
 * @param picture where on the sheet the picture lies
 * @param balloons middle of each callout's balloon on the sheet, in the order of the marks
 */
public record FigureDrawing(
        double width,
        double height,
        Shape.Picture picture,
        List<Shape> shapes,
        List<Point> balloons) {

    /** Share of the picture's width that is kept free around it for balloons. */
    public static final double MARGIN = 0.07;

    private static final double RADIUS = 0.0205;

    /** Radius of a screw's disc, as a share of a balloon's. */
    private static final double SCREW = 0.85;

    private static final double DOT = 0.005;

    /**
     * @param pictureWidth width of the still in pixels; everything scales with it
     * @param pictureHeight height of the still in pixels
     */
    public static FigureDrawing of(
            Figure figure, Manual manual, double pictureWidth, double pictureHeight) {
        boolean callouts = figure.marks().stream().anyMatch(m -> m instanceof Mark.Callout);
        double margin = callouts ? pictureWidth * MARGIN : 0;
        Shape.Picture picture = new Shape.Picture(margin, margin, pictureWidth, pictureHeight);
        List<Shape> shapes = new ArrayList<>();
        shapes.add(picture);
        List<Point> balloons =
                balloons(figure, pictureWidth, pictureHeight).stream()
                        .map(p -> p.plus(margin, margin))
                        .toList();
        int i = 0;
        for (Mark mark : figure.marks()) {
            if (mark instanceof Mark.Callout callout) {
                Point target =
                        new Point(
                                margin + callout.target().x() * pictureWidth,
                                margin + callout.target().y() * pictureHeight);
                String item = manual.part(callout.part()).map(Part::item).orElse("?");
                callout(shapes, target, balloons.get(i++), pictureWidth, item);
            } else if (mark instanceof Mark.ScrewOrder order) {
                screws(shapes, order, picture);
            }
        }
        return new FigureDrawing(
                pictureWidth + 2 * margin,
                pictureHeight + 2 * margin,
                picture,
                List.copyOf(shapes),
                balloons);
    }

    /** The same without the margins that hold no balloon, as it is published. */
    public FigureDrawing trimmed() {
        double left = picture.x();
        double top = picture.y();
        double right = left + picture.width();
        double bottom = top + picture.height();
        double reach = radius(picture.width()) * 1.15;
        for (Point b : balloons) {
            left = Math.min(left, b.x() - reach);
            top = Math.min(top, b.y() - reach);
            right = Math.max(right, b.x() + reach);
            bottom = Math.max(bottom, b.y() + reach);
        }
        double dx = -left;
        double dy = -top;
        return new FigureDrawing(
                right - left,
                bottom - top,
                picture.moved(dx, dy),
                shapes.stream().map(s -> s.moved(dx, dy)).toList(),
                balloons.stream().map(b -> b.plus(dx, dy)).toList());
    }

    /** Radius of a balloon for a picture of this width. */
    public static double radius(double pictureWidth) {
        return pictureWidth * RADIUS;
    }

    private static List<Point> balloons(Figure figure, double width, double height) {
        List<Point> targets = new ArrayList<>();
        List<Point> held = new ArrayList<>();
        for (Mark mark : figure.marks()) {
            if (mark instanceof Mark.Callout c) {
                targets.add(new Point(c.target().x() * width, c.target().y() * height));
                held.add(
                        c.balloon() == null
                                ? null
                                : new Point(c.balloon().x() * width, c.balloon().y() * height));
            }
        }
        return new CalloutLayout(width, height, width * MARGIN, radius(width)).place(targets, held);
    }

    /** A filled disc with the screw's number in the order; balloons are open, so they differ. */
    private static void screws(List<Shape> shapes, Mark.ScrewOrder order, Shape.Picture picture) {
        double radius = radius(picture.width()) * SCREW;
        double line = picture.width() * 0.0022;
        List<Integer> numbers = ScrewNumbers.of(order, picture.width(), picture.height());
        for (int i = 0; i < numbers.size(); i++) {
            Point p = order.screws().get(i);
            double x = picture.x() + p.x() * picture.width();
            double y = picture.y() + p.y() * picture.height();
            shapes.add(
                    new Shape.Circle(x, y, radius, line * 1.6, Shape.Ink.PAPER, Shape.Ink.ACCENT));
            shapes.add(
                    new Shape.Text(
                            x, y, radius * 1.2, String.valueOf(numbers.get(i)), Shape.Ink.PAPER));
        }
    }

    private static void callout(
            List<Shape> shapes, Point target, Point balloon, double unit, String item) {
        double radius = radius(unit);
        double distance = Math.max(1e-6, balloon.distance(target));
        double reach = Math.max(0, distance - radius) / distance;
        double x = target.x() + (balloon.x() - target.x()) * reach;
        double y = target.y() + (balloon.y() - target.y()) * reach;
        double line = unit * 0.0022;
        shapes.add(new Shape.Line(target.x(), target.y(), x, y, line * 2.6, Shape.Ink.PAPER));
        shapes.add(new Shape.Line(target.x(), target.y(), x, y, line, Shape.Ink.DARK));
        shapes.add(
                new Shape.Circle(
                        target.x(), target.y(), unit * DOT, line, Shape.Ink.PAPER, Shape.Ink.DARK));
        shapes.add(
                new Shape.Circle(
                        balloon.x(), balloon.y(), radius, line, Shape.Ink.DARK, Shape.Ink.PAPER));
        shapes.add(new Shape.Text(balloon.x(), balloon.y(), radius * 1.15, item, Shape.Ink.DARK));
    }
}
