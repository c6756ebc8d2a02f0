package methodos.core.speech;

import java.util.ArrayList;
import java.util.List;

/**
 * Cuts sound into stretches that are short enough to be recognised at once, each cut where it is
 * quietest, so that no word is cut in two.
 */
public final class Stretches {

    /** Stretches are at most so long, in seconds. */
    static final double LONGEST = 28;

    /** The cut is looked for in so many seconds before the longest. */
    private static final double SEARCHED = 8;

    /** Loudness is compared over so many seconds. */
    private static final double SLICE = 0.2;

    private Stretches() {}

    /**
     * @param from number of the first sample
     * @param to number of the sample behind the last
     */
    public record Stretch(int from, int to) {}

    /**
     * @param samples from -1 to 1
     * @param rate samples a second
     * @return in order, without a gap, together all samples
     */
    public static List<Stretch> of(float[] samples, int rate) {
        List<Stretch> stretches = new ArrayList<>();
        int longest = (int) (LONGEST * rate);
        int from = 0;
        while (samples.length - from > longest) {
            int to = quietest(samples, from + longest, rate);
            stretches.add(new Stretch(from, to));
            from = to;
        }
        if (from < samples.length) {
            stretches.add(new Stretch(from, samples.length));
        }
        return stretches;
    }

    /** The middle of the quietest slice before a sample. */
    private static int quietest(float[] samples, int before, int rate) {
        int slice = (int) (SLICE * rate);
        int best = before - slice / 2;
        double least = Double.MAX_VALUE;
        for (int i = before - slice; i >= before - SEARCHED * rate; i -= slice) {
            double energy = 0;
            for (int k = i; k < i + slice; k++) {
                energy += samples[k] * samples[k];
            }
            if (energy < least) {
                least = energy;
                best = i + slice / 2;
            }
        }
        return best;
    }
}
