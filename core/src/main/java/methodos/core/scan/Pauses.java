package methodos.core.scan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Finds where nobody speaks, from the loudness of the sound. */
public final class Pauses {

    /** Length of the slices whose loudness is given, in seconds. */
    public static final double SLICE = 0.02;

    /** A shorter silence belongs to the words. */
    private static final double SHORTEST = 0.3;

    /** Speech is so much louder than the ground, in decibels, at least. */
    private static final double ABOVE_GROUND = 9;

    /** Shares of the slices that are taken for the ground and for speech. */
    private static final double GROUND = 0.1;

    private static final double SPEECH = 0.9;

    private Pauses() {}

    /**
     * @param loudness root mean square of each slice of {@value #SLICE} s, full scale being 1
     */
    public static List<Scan.Pause> in(float[] loudness) {
        if (loudness.length == 0) {
            return List.of();
        }
        double[] decibels = new double[loudness.length];
        for (int i = 0; i < decibels.length; i++) {
            decibels[i] = 20 * Math.log10(Math.max(1e-5, loudness[i]));
        }
        double[] sorted = decibels.clone();
        Arrays.sort(sorted);
        double ground = sorted[(int) (GROUND * (sorted.length - 1))];
        double speech = sorted[(int) (SPEECH * (sorted.length - 1))];
        double threshold = Math.max(ground + Math.min(ABOVE_GROUND, (speech - ground) / 2), -70);
        List<Scan.Pause> pauses = new ArrayList<>();
        int start = -1;
        for (int i = 0; i <= decibels.length; i++) {
            boolean quiet = i < decibels.length && decibels[i] < threshold;
            if (quiet && start < 0) {
                start = i;
            } else if (!quiet && start >= 0) {
                if ((i - start) * SLICE >= SHORTEST) {
                    pauses.add(new Scan.Pause(hundredths(start), hundredths(i)));
                }
                start = -1;
            }
        }
        return pauses;
    }

    private static double hundredths(int slice) {
        return Math.round(slice * SLICE * 100) / 100.0;
    }
}
