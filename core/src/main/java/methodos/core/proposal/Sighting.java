package methodos.core.proposal;

import methodos.core.change.SeenChange;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Part;
import methodos.core.manual.Step;

/**
 * A place at which a part was seen in a clip, because it came off there or was put on.
 *
 * @param step in which it did
 * @param time seconds of the frame in which it lies there
 * @param place where it lies in that frame
 * @param sure from 0 to 1
 */
public record Sighting(
        Id<Part> part, Id<Step> step, Id<Clip> clip, double time, SeenChange place, double sure) {

    /** Half of how large it is seen, as a share of the width of the picture. */
    double radius() {
        return Math.max(place.width(), place.height()) / 2;
    }
}
