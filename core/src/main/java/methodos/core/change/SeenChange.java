package methodos.core.change;

import java.util.List;
import methodos.core.manual.Point;

/**
 * A place at which something changed between two stills of one scene.
 *
 * @param middle in shares of width and height of the still that it is seen in: that of before for
 *     what is gone, that of after for what is new
 * @param width of the thing, as a share of the still's width
 * @param height as a share of the still's height
 * @param outline corners round the thing, in the same shares
 * @param sure from 0 to 1, how sure it is that a thing changed, and not only the light
 * @param at seconds of the clip at which it changed; null where that is not known
 * @param pair number that what is gone and what is new have in common where one thing moved; 0 for
 *     none
 */
public record SeenChange(
        Kind kind,
        Point middle,
        double width,
        double height,
        List<Point> outline,
        double sure,
        Double at,
        int pair) {

    /** Whether the thing is there before or after. */
    public enum Kind {
        GONE,
        NEW
    }

    public SeenChange {
        outline = List.copyOf(outline);
    }

    /** The same with the time at which it changed. */
    public SeenChange withAt(Double time) {
        return new SeenChange(kind, middle, width, height, outline, sure, time, pair);
    }

    /** The same as one end of a thing that moved. */
    public SeenChange withPair(int number) {
        return new SeenChange(kind, middle, width, height, outline, sure, at, number);
    }
}
