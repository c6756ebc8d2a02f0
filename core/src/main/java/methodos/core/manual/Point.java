package methodos.core.manual;

/** A place on a picture: 0 to 1 across and down; outside of that it lies on the sheet around it. */
public record Point(double x, double y) {

    public Point plus(double dx, double dy) {
        return new Point(x + dx, y + dy);
    }

    public double distance(Point other) {
        return Math.hypot(x - other.x, y - other.y);
    }
}
