package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import methodos.core.description.Required;
import methodos.core.description.Within;

/**
 * How a still is prepared for a figure. The still itself is never changed, so each setting can be
 * taken back or changed later.
 *
 * @param quarterTurns so often a quarter turn clockwise, 0 to 3
 * @param straighten degrees clockwise by which it is turned upright, within 45 either way
 * @param crop what of the turned picture is shown, null for all that is picture
 * @param shadows how far shadows are lightened, 0 to 1
 * @param glare how far glare is tamed, 0 to 1
 * @param sharpen how far edges are sharpened, 0 to 1
 */
@RecordBuilder
public record Preparation(
        @Within(least = 0, greatest = 3) int quarterTurns,
        @Within(least = -45, greatest = 45) double straighten,
        Crop crop,
        @Within(least = 0, greatest = 1) double shadows,
        @Within(least = 0, greatest = 1) double glare,
        @Within(least = 0, greatest = 1) double sharpen)
        implements PreparationBuilder.With {

    /** The still as it was taken. */
    public static final Preparation NONE = new Preparation(0, 0, null, 0, 0, 0);

    /**
     * A rectangle of the turned picture, in widths of the still; the origin is its middle, y grows
     * downward.
     */
    public record Crop(
            @Required double left,
            @Required double top,
            @Required double right,
            @Required double bottom) {

        /**
         * @throws IllegalArgumentException if nothing is left
         */
        public Crop {
            if (!(right > left) || !(bottom > top)) {
                throw new IllegalArgumentException("a crop shows something");
            }
        }

        /** Width of the crop as a share of the turned still. */
        public double width() {
            return right - left;
        }

        /** Height of the crop as a share of the turned still. */
        public double height() {
            return bottom - top;
        }
    }

    public Preparation {
        quarterTurns = Math.floorMod(quarterTurns, 4);
        straighten = Math.max(-45, Math.min(45, straighten));
        shadows = share(shadows);
        glare = share(glare);
        sharpen = share(sharpen);
    }

    private static double share(double v) {
        return Math.max(0, Math.min(1, v));
    }

    /** Degrees clockwise by which the still is turned in all. */
    public double degrees() {
        return quarterTurns * 90 + straighten;
    }
}
