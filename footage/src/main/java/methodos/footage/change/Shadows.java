package methodos.footage.change;

import java.util.Arrays;
import java.util.List;
import methodos.footage.change.Regions.Region;

/**
 * Tells a shadow, a patch of light or a reflection from a thing by what one still is more than the
 * other: its edge is soft, while that of a thing is as sharp as the camera is.
 */
final class Shadows {

    /** An edge that takes more pixels than this is none of a thing. */
    private static final double SOFT = 5;

    /** The steepest that the edge is, but for the noise. */
    private static final double STEEPEST = .97;

    /** What is brighter than this has no more to give: a reflection is cut off there, sharply. */
    private static final float CUT_OFF = 243;

    /** Of a region of which less is left, nothing can be told. */
    private static final double LEFT = .3;

    private final List<Plane> more;
    private final List<Plane> steep;
    private final boolean[] cutOff;

    Shadows(Colours before, Colours after) {
        more =
                List.of(
                        before.light().less(after.light()),
                        before.blue().less(after.blue()),
                        before.red().less(after.red()));
        steep = more.stream().map(Plane::steepness).toList();
        cutOff = cutOff(before, after);
    }

    /**
     * Where a colour of the screen is as bright as can be in one of the stills, and beside that.
     */
    private static boolean[] cutOff(Colours before, Colours after) {
        int w = before.light().width();
        int h = before.light().height();
        boolean[] all = new boolean[w * h];
        for (Colours still : List.of(before, after)) {
            for (Plane colour : still.screen()) {
                for (int i = 0; i < all.length; i++) {
                    all[i] |= colour.at()[i] > CUT_OFF;
                }
            }
        }
        return Regions.grown(all, w, h, 2);
    }

    boolean is(Region region) {
        int[] told = Arrays.stream(region.pixels()).filter(p -> !cutOff[p]).toArray();
        int[] pixels = told.length < LEFT * region.size() ? region.pixels() : told;
        double step = 0;
        double steepest = 0;
        for (int i = 0; i < more.size(); i++) {
            double[] steeps = new double[pixels.length];
            double sum = 0;
            for (int n = 0; n < steeps.length; n++) {
                sum += Math.abs(more.get(i).at()[pixels[n]]);
                steeps[n] = steep.get(i).at()[pixels[n]];
            }
            Arrays.sort(steeps);
            step += sum / steeps.length;
            steepest += steeps[(int) (STEEPEST * (steeps.length - 1))];
        }
        return step > SOFT * steepest;
    }
}
