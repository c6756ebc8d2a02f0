package methodos.core.scan;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/**
 * Finds hard cuts in the row of changes from frame to frame.
 *
 * <p>At a cut nearly the whole picture breaks from one frame to the next, and the frames around are
 * calm beside it. What sweeps through the picture, a pan and a dissolve break it over several
 * frames; a lamp that goes on breaks nothing, since light does not change what correlates. A take
 * that was stopped and started again on the same tripod changes little, but at once, between frames
 * in which nothing moves. Where the picture of before comes back, and part of it never went,
 * nothing was cut: something was held into it.
 */
final class ShotChanges {

    /** Frames on either side in which a movement would show. */
    private static final int AROUND = 4;

    /** Breaks that are a cut even if something moves before or after it. */
    private static final double WHOLE = 0.88;

    private static final double WHOLE_ABOVE_AROUND = 1.3;

    /** Breaks that are a cut if little moves around it. */
    private static final double MOST = 0.6;

    private static final double MOST_ABOVE_AROUND = 2.2;

    /** Breaks that are a cut if nothing at all moves around it. */
    private static final double PART = 0.2;

    /** A lamp changes more. */
    private static final double SAME_LIGHT = 0.8;

    private static final int LONG_AROUND = 6;

    /** Differences below this, in grey levels, are noise. */
    private static final double NOTHING = 1.0;

    /** What is held into the picture is gone after so many frames. */
    private static final int INTERPOSED = 450;

    /** Places that differ by no more grey levels show the same. */
    private static final int SAME_GREY = 6;

    /** Share of places that stay while something is held into the picture. */
    private static final double STAYS = 0.35;

    private static final double COMES_BACK = 0.93;

    private final List<Change> changes;
    private final List<byte[]> pictures;

    private ShotChanges(List<Change> changes, List<byte[]> pictures) {
        this.changes = changes;
        this.pictures = pictures;
    }

    /**
     * @param changes the change from the frame before, for each frame; the first has none
     * @param pictures a small grey picture of each frame
     * @return indices of the first frames of new shots
     */
    static List<Integer> in(List<Change> changes, List<byte[]> pictures) {
        ShotChanges all = new ShotChanges(changes, pictures);
        List<Integer> cuts = new ArrayList<>();
        for (int i = 1; i < changes.size(); i++) {
            if (all.cut(i) && !all.heldInto(i)) {
                cuts.add(i);
            }
        }
        return cuts;
    }

    /**
     * Whether something only came into the picture or left it: part of it stays, and what was there
     * before comes back, or what comes was there before.
     */
    private boolean heldInto(int cut) {
        if (same(cut - 1, cut) < STAYS) {
            return false;
        }
        int from = Math.max(0, cut - INTERPOSED);
        int to = Math.min(pictures.size(), cut + INTERPOSED);
        return IntStream.range(from, cut - 1).anyMatch(k -> same(k, cut) >= COMES_BACK)
                || IntStream.range(cut + 1, to).anyMatch(k -> same(cut - 1, k) >= COMES_BACK);
    }

    /** Share of the places that look the same in two frames. */
    private double same(int a, int b) {
        byte[] x = pictures.get(a);
        byte[] y = pictures.get(b);
        int same = 0;
        for (int i = 0; i < x.length; i++) {
            if (Math.abs((x[i] & 255) - (y[i] & 255)) <= SAME_GREY) {
                same++;
            }
        }
        return same / (double) x.length;
    }

    private boolean cut(int i) {
        double broken = changes.get(i).broken();
        if (broken < PART) {
            return false;
        }
        double around = most(i, AROUND, Change::broken);
        return broken >= WHOLE && broken >= WHOLE_ABOVE_AROUND * around
                || broken >= MOST && broken >= MOST_ABOVE_AROUND * around
                || changes.get(i).light() > SAME_LIGHT
                        && most(i, LONG_AROUND, Change::difference) < NOTHING;
    }

    /** The greatest of what is around a frame, itself left out. */
    private double most(int i, int reach, ToDoubleFunction<Change> what) {
        double most = 0;
        for (int j = Math.max(1, i - reach); j <= Math.min(changes.size() - 1, i + reach); j++) {
            if (j != i) {
                most = Math.max(most, what.applyAsDouble(changes.get(j)));
            }
        }
        return most;
    }
}
