package methodos.desktop.figure;

import java.util.List;
import java.util.stream.IntStream;
import methodos.core.description.Id;
import methodos.core.manual.KnownShape;
import methodos.core.manual.Mark;
import methodos.core.manual.Movement;
import methodos.core.manual.Part;
import methodos.core.manual.Point;
import methodos.core.manual.Rotation;

/** What can be put on the picture, each with the key that picks it up. */
enum MarkTool {
    CALLOUT("C"),
    SHIFT("A"),
    TURN("R"),
    DETAIL("D"),
    OUTLINE("O"),
    SCREW_ORDER("T"),
    SCREW_PLACE("S"),
    LENGTH("L"),
    SCALE("K"),
    MATCH("M"),
    FEEL("F"),
    LABEL("W"),
    COVER("X");

    /** As far as a mark reaches that was clicked, not drawn. */
    private static final double REACH = 0.09;

    private final String key;

    MarkTool(String key) {
        this.key = key;
    }

    String key() {
        return key;
    }

    /** Whether a part of the list has to be picked with it. */
    boolean ofPart() {
        return this == CALLOUT || this == SCREW_PLACE;
    }

    /** Whether it is drawn from one place to another; otherwise a click puts it. */
    boolean drawn() {
        return switch (this) {
            case SHIFT, TURN, DETAIL, OUTLINE, LENGTH, SCALE, MATCH, COVER -> true;
            case CALLOUT, SCREW_ORDER, SCREW_PLACE, FEEL, LABEL -> false;
        };
    }

    /**
     * The mark from one place to another, on the still.
     *
     * @param part for a mark that is of a part
     * @param to the same as {@code from} where it was only clicked
     * @param shape height of the still over its width
     */
    Mark mark(Id<Mark> id, Id<Part> part, Point from, Point to, double shape, KnownShape known) {
        boolean clicked = from.distance(to) < 1e-6;
        Point end = clicked ? from.plus(REACH, 0) : to;
        Point low = clicked ? from.plus(REACH, REACH / shape * 0.7) : to;
        return switch (this) {
            case CALLOUT -> new Mark.Callout(id, part, from, null);
            case SHIFT -> new Mark.Shift(id, from, end, Movement.PUSH);
            case TURN ->
                    new Mark.Turn(id, from, end, side(from, end, shape), null, Rotation.CLOCKWISE);
            case DETAIL -> new Mark.Detail(id, from, clicked ? from.plus(REACH / 2, 0) : to, null);
            case OUTLINE -> new Mark.Outline(id, round(from, low));
            case SCREW_ORDER -> new Mark.ScrewOrder(id, List.of(from), null, List.of());
            case SCREW_PLACE -> new Mark.ScrewPlace(id, part, from);
            case LENGTH -> new Mark.Length(id, from, end);
            case SCALE -> new Mark.Scale(id, known, known(known, from, low, end), List.of());
            case MATCH -> new Mark.MatchMark(id, from, end, "");
            case FEEL -> new Mark.ByFeel(id, from, "");
            case LABEL -> new Mark.Label(id, from, "");
            case COVER -> new Mark.Cover(id, from, low);
        };
    }

    /** The other half diameter of a turn: across the first, half as long, as a round seen askew. */
    private static Point side(Point centre, Point rim, double shape) {
        double dx = rim.x() - centre.x();
        double dy = (rim.y() - centre.y()) * shape;
        return centre.plus(-dy * 0.5, dx * 0.5 / shape);
    }

    private static List<Point> known(KnownShape shape, Point from, Point low, Point end) {
        return switch (shape) {
            case LENGTH -> List.of(from, end);
            case RECTANGLE ->
                    List.of(from, new Point(low.x(), from.y()), low, new Point(from.x(), low.y()));
            case CIRCLE -> round(from, low);
        };
    }

    /** Six places on the oval in the rectangle between two corners. */
    private static List<Point> round(Point a, Point b) {
        double x = (a.x() + b.x()) / 2;
        double y = (a.y() + b.y()) / 2;
        double rx = Math.abs(a.x() - b.x()) / 2;
        double ry = Math.abs(a.y() - b.y()) / 2;
        return IntStream.range(0, 6)
                .mapToObj(i -> Math.toRadians(60 * i - 90))
                .map(t -> new Point(x + rx * Math.cos(t), y + ry * Math.sin(t)))
                .toList();
    }
}
