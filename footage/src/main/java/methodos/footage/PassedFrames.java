package methodos.footage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The pictures of one size that were passed on the way to a frame, kept for steps back. They follow
 * each other without a gap.
 */
final class PassedFrames {

    private static final long MOST_BYTES = 96L << 20;
    private static final int BYTES_PER_PIXEL = 3;
    private static final int MOST = 600;

    /** A picture with its time stamp, in the stream's time base. */
    private record Passed(long stamp, Still still) {}

    private final long frameDistance;
    private final List<Passed> passed = new ArrayList<>();
    private int width;
    private int height;
    private long known;

    /**
     * @param frameDistance the usual distance of frames, in the stream's time base
     */
    PassedFrames(long frameDistance) {
        this.frameDistance = frameDistance;
    }

    /**
     * Forgets all and takes pictures of a size.
     *
     * @param time at which the last picture that will come is shown
     */
    void begin(long time, int boxWidth, int boxHeight) {
        passed.clear();
        known = time;
        width = boxWidth;
        height = boxHeight;
    }

    /** How many frames are kept at most. */
    int capacity() {
        long bytes = Math.max(1, (long) BYTES_PER_PIXEL * width * height);
        return (int) Math.max(2, Math.min(MOST, MOST_BYTES / bytes));
    }

    /** The next picture in the order of the screen; where there is no room the earliest goes. */
    /** Forgets all. */
    void forget() {
        passed.clear();
    }

    void add(long stamp, Still still) {
        if (!passed.isEmpty() && stamp <= passed.get(passed.size() - 1).stamp) {
            passed.clear(); // the reader went further back and begins anew
        }
        passed.add(new Passed(stamp, still));
        if (passed.size() > capacity()) {
            passed.remove(0);
        }
    }

    /** The picture before the one shown at a time, if both are known. */
    Optional<Still> before(long time, int boxWidth, int boxHeight) {
        int place = place(time, boxWidth, boxHeight);
        return place > 0 ? Optional.of(passed.get(place - 1).still) : Optional.empty();
    }

    /** The picture after the one shown at a time, if both are known. */
    Optional<Still> after(long time, int boxWidth, int boxHeight) {
        int place = place(time, boxWidth, boxHeight);
        return place >= 0 && place + 1 < passed.size()
                ? Optional.of(passed.get(place + 1).still)
                : Optional.empty();
    }

    private int place(long time, int boxWidth, int boxHeight) {
        if (boxWidth != width || boxHeight != height || passed.isEmpty()) {
            return -1;
        }
        int last = passed.size() - 1;
        if (time > known && time >= passed.get(last).stamp + frameDistance) {
            return -1; // a later frame may be on the screen by then
        }
        int place = last;
        while (place >= 0 && passed.get(place).stamp > time) {
            place--;
        }
        return place;
    }
}
