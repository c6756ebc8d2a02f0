package methodos.core.figure;

import java.util.List;
import methodos.core.manual.Point;
import methodos.core.manual.Preparation;
import methodos.core.manual.Preparation.Crop;

/**
 * What of a still is seen after turning and cropping: the map between shares of the still as it was
 * taken (0 to 1 across and down) and shares of the prepared picture.
 *
 * <p>The still is turned about its middle. Without a crop a quarter turn shows all of it, and a
 * straightened picture the largest rectangle of its own ratio that has no empty corner.
 */
public final class Framing {

    private final double stillWidth;
    private final double stillHeight;
    private final double cos;
    private final double sin;
    private final Crop crop;

    private Framing(double stillWidth, double stillHeight, double degrees, Crop crop) {
        this.stillWidth = stillWidth;
        this.stillHeight = stillHeight;
        double radians = Math.toRadians(degrees);
        this.cos = Math.cos(radians);
        this.sin = Math.sin(radians);
        this.crop = crop;
    }

    /**
     * @param width of the still in pixels
     * @param height of the still in pixels
     */
    public static Framing of(Preparation preparation, double width, double height) {
        Crop crop =
                preparation.crop() != null
                        ? preparation.crop()
                        : whole(
                                preparation.quarterTurns(),
                                preparation.straighten(),
                                height / width);
        return new Framing(width, height, preparation.degrees(), crop);
    }

    /**
     * The largest rectangle of the still's own ratio in the straightened still. With a, b half its
     * sides and α the angle, its corner lies in the turned still where a cos α + b sin α ≤ 1/2 and
     * a sin α + b cos α ≤ h/2.
     */
    private static Crop whole(int quarterTurns, double straighten, double ratio) {
        double alpha = Math.toRadians(Math.abs(straighten));
        double c = Math.cos(alpha);
        double s = Math.sin(alpha);
        double half = Math.min(0.5 / (c + ratio * s), 0.5 * ratio / (s + ratio * c));
        double across = half;
        double down = half * ratio;
        return quarterTurns % 2 == 0
                ? new Crop(-across, -down, across, down)
                : new Crop(-down, -across, down, across);
    }

    /** Width of the still in pixels. */
    public double stillWidth() {
        return stillWidth;
    }

    /** Height of the still in pixels. */
    public double stillHeight() {
        return stillHeight;
    }

    /** Width of the prepared picture in pixels of the still. */
    public double width() {
        return crop.width() * stillWidth;
    }

    /** Height of the prepared picture in pixels of the still. */
    public double height() {
        return crop.height() * stillWidth;
    }

    /** What is shown, in widths of the still about its middle. */
    public Crop crop() {
        return crop;
    }

    /** Where a place of the turned picture lies, in widths of the still about its middle. */
    private Point turned(Point still) {
        double x = still.x() - 0.5;
        double y = (still.y() - 0.5) * stillHeight / stillWidth;
        return new Point(x * cos - y * sin, x * sin + y * cos);
    }

    /** The share of the prepared picture at which a share of the still is seen. */
    public Point seen(Point still) {
        Point p = turned(still);
        return share(p.x(), p.y());
    }

    private Point share(double x, double y) {
        return new Point((x - crop.left()) / crop.width(), (y - crop.top()) / crop.height());
    }

    /** The shares of the prepared picture at which two opposite corners of a piece of it lie. */
    public List<Point> corners(Crop piece) {
        return List.of(share(piece.left(), piece.top()), share(piece.right(), piece.bottom()));
    }

    /** The share of the still that is seen at a share of the prepared picture. */
    public Point still(Point seen) {
        double x = crop.left() + seen.x() * crop.width();
        double y = crop.top() + seen.y() * crop.height();
        return new Point(
                0.5 + x * cos + y * sin, 0.5 + (y * cos - x * sin) * stillWidth / stillHeight);
    }

    /** Whether a share of the still is on the prepared picture. */
    public boolean shows(Point still) {
        Point p = seen(still);
        return p.x() >= 0 && p.x() <= 1 && p.y() >= 0 && p.y() <= 1;
    }

    /**
     * The crop between two shares of the prepared picture, with the ratio asked for.
     *
     * @param ratio width over height, 0 for any
     */
    public Crop between(Point a, Point b, double ratio) {
        double x1 = crop.left() + clamp(a.x()) * crop.width();
        double x2 = crop.left() + clamp(b.x()) * crop.width();
        double y1 = crop.top() + clamp(a.y()) * crop.height();
        double y2 = crop.top() + clamp(b.y()) * crop.height();
        double width = Math.max(Math.abs(x2 - x1), SMALLEST);
        double height = Math.max(Math.abs(y2 - y1), SMALLEST);
        if (ratio > 0) {
            width = Math.min(width, height * ratio);
            height = width / ratio;
        }
        double left = x2 < x1 ? x1 - width : x1;
        double top = y2 < y1 ? y1 - height : y1;
        return new Crop(left, top, left + width, top + height);
    }

    /** A crop is at least so wide and high, in widths of the still. */
    private static final double SMALLEST = 0.02;

    private static double clamp(double v) {
        return Math.max(0, Math.min(1, v));
    }

    /**
     * By how many degrees clockwise the still has to be straightened so that the line between two
     * shares of the prepared picture comes to lie level or upright, whichever is nearer.
     */
    public double straightening(Point a, Point b) {
        double degrees =
                Math.toDegrees(
                        Math.atan2(
                                (b.y() - a.y()) * crop.height(), (b.x() - a.x()) * crop.width()));
        double off = Math.IEEEremainder(degrees, 90);
        return -off;
    }
}
