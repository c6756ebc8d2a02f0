package methodos.core.proposal;

import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Point;

/** Finds what is seen in one frame of a clip in another of it. */
public interface PlaceFinder {

    /**
     * Where the same is seen.
     *
     * @param trust from 0 to 1, how like it looks there
     */
    record Found(Point place, double trust) {}

    /**
     * @param from seconds of the frame in which it is at the place
     * @param radius how far it reaches around its middle, as a share of the width
     * @param to seconds of the other frame
     * @return empty where it is not seen there: it is gone, covered, or the camera is another
     */
    Optional<Found> find(Id<Clip> clip, double from, Point place, double radius, double to);
}
