package methodos.core.scan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What was found in a clip by looking at each of its frames and listening to its sound.
 *
 * @param frames a row for each frame, in the order of the screen
 * @param cuts times of the first frames after a change of shot
 * @param unusable stretches that no still should be taken from
 * @param pauses stretches without speech; empty where there is no sound
 * @param loudness of each {@value #LOUDNESS_SLICE} s of the sound, from 0 to 1 for full scale;
 *     empty where there is no sound
 */
public record Scan(
        List<FrameScore> frames,
        List<Double> cuts,
        List<Unusable> unusable,
        List<Pause> pauses,
        List<Double> loudness) {

    /** Length of the slices of the loudness that is kept, in seconds. */
    public static final double LOUDNESS_SLICE = 0.1;

    public Scan {
        frames = List.copyOf(frames);
        cuts = List.copyOf(cuts);
        unusable = List.copyOf(unusable);
        pauses = List.copyOf(pauses);
        loudness = List.copyOf(loudness);
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

        /** How many seconds of it lie within a span. */
        double within(double start, double end) {
            return Math.max(0, Math.min(to, end) - Math.max(from, start));
        }
    }

    /** A stretch in which nobody speaks. */
    public record Pause(double from, double to) {}

    /**
     * The scan with what was heard.
     *
     * @param heard root mean square of each slice of {@link Pauses#SLICE} seconds
     */
    public Scan withSound(float[] heard) {
        int each = (int) Math.round(LOUDNESS_SLICE / Pauses.SLICE);
        List<Double> coarse = new ArrayList<>();
        for (int i = 0; i < heard.length; i += each) {
            double squares = 0;
            int to = Math.min(heard.length, i + each);
            for (int k = i; k < to; k++) {
                squares += heard[k] * (double) heard[k];
            }
            coarse.add(Math.round(1000 * Math.min(1, Math.sqrt(squares / (to - i)))) / 1000.0);
        }
        return new Scan(frames, cuts, unusable, Pauses.in(heard), coarse);
    }

    /** The loudest that is heard within a span, from 0 to 1; 0 where nothing is known. */
    public double loudest(double from, double to) {
        int first = (int) Math.max(0, from / LOUDNESS_SLICE);
        int last = (int) Math.min(loudness.size() - 1.0, to / LOUDNESS_SLICE);
        double loudest = 0;
        for (int i = first; i <= last; i++) {
            loudest = Math.max(loudest, loudness.get(i));
        }
        return loudest;
    }

    /** The frames that come on the screen within a span. */
    public List<FrameScore> framesOf(double from, double to) {
        return frames.subList(firstAt(from), Math.max(firstAt(from), firstAt(to)));
    }

    /** The place of the first frame that does not come before a time. */
    private int firstAt(double time) {
        int low = 0;
        int high = frames.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (frames.get(middle).time() < time) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** Why most of a span cannot be used; empty where a frame of it can. */
    public Optional<Why> hopeless(double from, double to) {
        List<Unusable> near = unusable.stream().filter(u -> u.within(from, to) > 0).toList();
        boolean usable =
                framesOf(from, to).stream()
                        .anyMatch(f -> near.stream().noneMatch(u -> u.holds(f.time())));
        if (usable) {
            return Optional.empty();
        }
        Map<Why, Double> seconds = new EnumMap<>(Why.class);
        near.forEach(u -> seconds.merge(u.why(), u.within(from, to), Double::sum));
        return seconds.entrySet().stream()
                .filter(e -> e.getValue() > 0)
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey);
    }
}
