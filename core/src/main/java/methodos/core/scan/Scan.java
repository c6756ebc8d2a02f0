package methodos.core.scan;

import java.util.List;

/**
 * What was found in a clip by looking at each of its frames and listening to its sound.
 *
 * @param frames a row for each frame, in the order of the screen
 * @param cuts times of the first frames after a change of shot
 * @param unusable stretches that no still should be taken from
 * @param pauses stretches without speech; empty where there is no sound
 */
public record Scan(
        List<FrameScore> frames, List<Double> cuts, List<Unusable> unusable, List<Pause> pauses) {

    public Scan {
        frames = List.copyOf(frames);
        cuts = List.copyOf(cuts);
        unusable = List.copyOf(unusable);
        pauses = List.copyOf(pauses);
    }

    /** Why a stretch cannot be used. */
    public enum Why {
        DAMAGED,
        DARK,
        BRIGHT,
        COVERED,
        BLURRED,
        MOVING
    }

    /** From the first frame that cannot be used to the first that can. */
    public record Unusable(double from, double to, Why why) {

        boolean holds(double time) {
            return time >= from && time < to;
        }
    }

    /** A stretch in which nobody speaks. */
    public record Pause(double from, double to) {}

    public Scan withPauses(List<Pause> found) {
        return new Scan(frames, cuts, unusable, found);
    }
}
