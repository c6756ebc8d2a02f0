package methodos.core.manual;

import methodos.core.description.Required;

/** A place on a picture: 0 to 1 across and down; outside of that it lies on the sheet around it. */
public record Point(@Required double x, @Required double y) {

    /** The point so far to the right and down. */
    public Point plus(double dx, double dy) {
        return new Point(x + dx, y + dy);
    }

    /** The distance, in the unit of the points. */
    public double distance(Point other) {
        return Math.hypot(x - other.x, y - other.y);
    }
}
