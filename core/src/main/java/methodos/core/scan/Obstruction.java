package methodos.core.scan;

import java.util.Arrays;
import java.util.List;

/**
 * How much of each frame of a shot is hidden by something that comes in and goes out again.
 *
 * <p>A place of the picture is hidden while it looks other than it does both before and after, if
 * that other look is the one that lasts longer: the bench under a hand comes back when the hand has
 * gone. A part that is taken away changes the picture for good and hides nothing; a shadow makes a
 * place darker, but leaves its colour, and hides nothing either.
 */
final class Obstruction {

    /** Size of the pictures that are looked at. */
    static final int COLUMNS = 32;

    static final int ROWS = 18;

    private static final int PLACES = COLUMNS * ROWS;

    /** Looks are told apart by steps of so many grey levels. */
    private static final int STEP = 12;

    private static final int LOOKS = 256 / STEP + 1;

    /** Looks that are at least so many steps apart are different. */
    private static final int APART = 2;

    /** A shot that is longer is looked at in pieces; a hand does not rest longer on the work. */
    private static final double PIECE_SECONDS = 40;

    /** A shadow leaves at least this share of the light. */
    private static final double SHADOW = 0.42;

    /** Colours further apart than this, in steps of 256, are different things. */
    private static final double SAME_COLOUR = 6;

    /**
     * A thumbnail of a frame.
     *
     * @param grey {@value #COLUMNS} by {@value #ROWS} grey levels
     * @param colour both colour differences (blue, then red), each in half as many columns and
     *     rows, or empty where the clip has no colours
     */
    record Thumbnail(byte[] grey, byte[] colour) {}

    private static final int COLOUR_PLACES = COLUMNS / 2 * (ROWS / 2);

    private final double[] covered;
    private final List<Thumbnail> frames;

    private Obstruction(List<Thumbnail> frames) {
        this.frames = frames;
        this.covered = new double[frames.size()];
    }

    /**
     * @param frames the shot
     * @param frameSeconds usual distance of the frames
     * @return for each frame the share that is hidden
     */
    static double[] of(List<Thumbnail> frames, double frameSeconds) {
        Obstruction all = new Obstruction(frames);
        int piece = Math.max(8, (int) Math.round(PIECE_SECONDS / Math.max(1e-3, frameSeconds)));
        for (int from = 0; from < frames.size(); from += piece / 2) {
            int to = Math.min(frames.size(), from + piece);
            all.piece(from, to);
            if (to == frames.size()) {
                break;
            }
        }
        return all.covered;
    }

    private void piece(int from, int to) {
        int length = to - from;
        if (length < 3) {
            return;
        }
        double[] gains = gains(from, to);
        int[] hidden = new int[length];
        int[] looks = new int[length];
        for (int place = 0; place < PLACES; place++) {
            Looks all = new Looks(from, to, place);
            for (int t = 0; t < length; t++) {
                looks[t] = Math.min(LOOKS - 1, (int) Math.round(all.grey(t) * gains[t] / STEP));
            }
            for (int t = 0; t < length; t++) {
                boolean rests =
                        t > 0 && looks[t - 1] == looks[t]
                                || t + 1 < length && looks[t + 1] == looks[t];
                all.add(looks[t], t, rests);
            }
            for (int t = 0; t < length; t++) {
                if (all.hidden(looks[t], t)) {
                    hidden[t]++;
                }
            }
        }
        // pieces overlap: what either sees is kept, since a hand may be cut off by a piece's edge
        for (int t = 0; t < length; t++) {
            covered[from + t] = Math.max(covered[from + t], hidden[t] / (double) PLACES);
        }
    }

    /** What one place of the picture looks like through a piece of a shot. */
    private final class Looks {

        private final int from;
        private final int place;
        private final int colourPlace;
        private final int[] first = new int[LOOKS];
        private final int[] last = new int[LOOKS];
        private final int[] count = new int[LOOKS];
        private final long[] blue = new long[LOOKS];
        private final long[] red = new long[LOOKS];

        Looks(int from, int to, int place) {
            this.from = from;
            this.place = place;
            this.colourPlace = place / COLUMNS / 2 * (COLUMNS / 2) + place % COLUMNS / 2;
            Arrays.fill(first, to);
            Arrays.fill(last, -1);
        }

        int grey(int t) {
            return frames.get(from + t).grey()[place] & 255;
        }

        private int blue(int t) {
            byte[] colour = frames.get(from + t).colour();
            return colour.length == 0 ? 128 : colour[colourPlace] & 255;
        }

        private int red(int t) {
            byte[] colour = frames.get(from + t).colour();
            return colour.length == 0 ? 128 : colour[COLOUR_PLACES + colourPlace] & 255;
        }

        void add(int look, int t, boolean rests) {
            count[look]++;
            blue[look] += blue(t);
            red[look] += red(t);
            if (rests) {
                first[look] = Math.min(first[look], t);
                last[look] = t;
            }
        }

        boolean hidden(int look, int t) {
            int lasting = lasting(look);
            for (int other = 0; other < LOOKS; other++) {
                if (Math.abs(other - look) >= APART
                        && first[other] < t
                        && last[other] > t
                        && lasting(other) > lasting
                        && !shadow(look, t, other)) {
                    return true;
                }
            }
            return false;
        }

        private boolean shadow(int look, int t, int bare) {
            return frames.get(from + t).colour().length > 0
                    && look < bare
                    && look >= SHADOW * bare
                    && Math.abs(blue(t) - blue[bare] / (double) count[bare]) < SAME_COLOUR
                    && Math.abs(red(t) - red[bare] / (double) count[bare]) < SAME_COLOUR;
        }

        /** Frames with this look; noise may put it into the step beside. */
        private int lasting(int look) {
            int sum = count[look];
            if (look > 0) {
                sum += count[look - 1];
            }
            if (look + 1 < LOOKS) {
                sum += count[look + 1];
            }
            return sum;
        }
    }

    /**
     * Factors that take changes of light out: the ratio to the middle frame by brightness, where
     * most of the picture agrees on it.
     */
    private double[] gains(int from, int to) {
        byte[] usual = median(from, to);
        double[] gains = new double[to - from];
        double[] ratios = new double[PLACES];
        for (int t = from; t < to; t++) {
            byte[] frame = frames.get(t).grey();
            for (int i = 0; i < PLACES; i++) {
                ratios[i] = ((usual[i] & 255) + 2.0) / ((frame[i] & 255) + 2.0);
            }
            double[] sorted = ratios.clone();
            Arrays.sort(sorted);
            double middle = sorted[PLACES / 2];
            int agree = 0;
            for (double r : ratios) {
                if (r > middle * 0.85 && r < middle * 1.18) {
                    agree++;
                }
            }
            gains[t - from] = agree >= PLACES * 0.6 ? middle : 1;
        }
        return gains;
    }

    /** What each place looks like for most of the time. */
    private byte[] median(int from, int to) {
        byte[] result = new byte[PLACES];
        for (int place = 0; place < PLACES; place++) {
            int[] levels = new int[256];
            for (int t = from; t < to; t++) {
                levels[frames.get(t).grey()[place] & 255]++;
            }
            int seen = 0;
            int level = 0;
            while (seen + levels[level] <= (to - from) / 2) {
                seen += levels[level++];
            }
            result[place] = (byte) level;
        }
        return result;
    }
}
