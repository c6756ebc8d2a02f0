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

    private final List<Plane> more;
    private final List<Plane> steep;

    Shadows(Colours before, Colours after) {
        more =
                List.of(
                        before.light().less(after.light()),
                        before.blue().less(after.blue()),
                        before.red().less(after.red()));
        steep = more.stream().map(Plane::steepness).toList();
    }

    boolean is(Region region) {
        double step = 0;
        double steepest = 0;
        for (int i = 0; i < more.size(); i++) {
            double[] steeps = new double[region.size()];
            double sum = 0;
            for (int n = 0; n < steeps.length; n++) {
                int p = region.pixels()[n];
                sum += Math.abs(more.get(i).at()[p]);
                steeps[n] = steep.get(i).at()[p];
            }
            Arrays.sort(steeps);
            step += sum / steeps.length;
            steepest += steeps[(int) (STEEPEST * (steeps.length - 1))];
        }
        return step > SOFT * steepest;
    }
}
