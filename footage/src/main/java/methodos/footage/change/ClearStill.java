package methodos.footage.change;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import methodos.footage.Still;

/**
 * A stretch of film without what passes through it: the frames laid on one of them, and at each
 * pixel the middle one of what they show.
 *
 * @param picture with hands taken out
 * @param time of the frame that looks most like it, in seconds
 */
record ClearStill(BufferedImage picture, double time) {

    /** A frame that lies so far from the others is of another shot. */
    private static final double ANOTHER = 45;

    /**
     * @param frames of one size, at least one
     * @param near the one of them on whose place the others are laid, by its time in seconds
     */
    static ClearStill of(List<Still> frames, double near) {
        Still first =
                frames.stream()
                        .min(Comparator.comparingDouble(f -> Math.abs(f.time() - near)))
                        .orElseThrow();
        int w = first.picture().getWidth();
        int h = first.picture().getHeight();
        List<int[]> laid = new ArrayList<>();
        List<Double> times = new ArrayList<>();
        Tracks.Ground ground = Shift.ground(Colours.light(first.picture()));
        for (Still frame : frames) {
            Shift shift = Shift.of(ground, Colours.light(frame.picture()));
            if (shift.apart() > ANOTHER) {
                continue;
            }
            laid.add(shift.laid(frame.picture()));
            times.add(frame.time());
        }
        int[] middle = new int[w * h];
        int n = laid.size();
        int[] red = new int[n];
        int[] green = new int[n];
        int[] blue = new int[n];
        for (int p = 0; p < middle.length; p++) {
            for (int i = 0; i < n; i++) {
                int rgb = laid.get(i)[p];
                red[i] = rgb >> 16 & 255;
                green[i] = rgb >> 8 & 255;
                blue[i] = rgb & 255;
            }
            Arrays.sort(red);
            Arrays.sort(green);
            Arrays.sort(blue);
            middle[p] = red[n / 2] << 16 | green[n / 2] << 8 | blue[n / 2];
        }
        BufferedImage picture = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        picture.setRGB(0, 0, w, h, middle, 0, w);
        int best = 0;
        double least = Double.MAX_VALUE;
        for (int i = 0; i < n; i++) {
            double apart = apart(laid.get(i), middle) + .01 * Math.abs(times.get(i) - near);
            if (apart < least) {
                least = apart;
                best = i;
            }
        }
        return new ClearStill(picture, times.get(best));
    }

    private static double apart(int[] a, int[] b) {
        double sum = 0;
        for (int p = 0; p < a.length; p += 3) {
            sum += Math.abs((a[p] >> 8 & 255) - (b[p] >> 8 & 255));
        }
        return sum / (a.length / 3.0);
    }
}
