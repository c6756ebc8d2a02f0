package methodos.core.figure;

import methodos.core.manual.Preparation;

/**
 * Lightens shadows and tames glare without flattening what is in them.
 *
 * <p>The picture's lightness is split into a base, which keeps edges and lets small things go, and
 * the detail that is left (guided filter: He, Sun and Tang, <i>Guided Image Filtering</i>, 2013,
 * with the picture as its own guide). The base alone is pulled toward the middle; detail is put
 * back whole, so that contrast within a shadow stays what it was.
 */
public final class Tone {

    /** Radius of the filter, as a share of the longer side. */
    private static final double RADIUS = 0.03;

    /** Differences of lightness below this are detail, above it edges. */
    private static final double EDGE = 0.1;

    /** Lightness from which on a base is shadow, and glare. */
    private static final double DARK = 0.5;

    private static final double BRIGHT = 0.6;

    private Tone() {}

    /**
     * By what each pixel's colour signal is multiplied.
     *
     * @param lightness of each pixel, 0 to 1, row by row
     * @return null where the preparation leaves the tone as it is
     */
    public static float[] gain(float[] lightness, int width, int height, Preparation preparation) {
        if (preparation.shadows() == 0 && preparation.glare() == 0) {
            return null;
        }
        int radius = Math.max(1, (int) Math.round(RADIUS * Math.max(width, height)));
        float[] base = base(lightness, width, height, radius);
        float[] gain = new float[lightness.length];
        for (int i = 0; i < gain.length; i++) {
            double b = Math.max(0.004, Math.min(1, base[i]));
            double wanted = b;
            if (b < DARK) {
                // a power of the share of DARK: 1 leaves it, 1/2 is as light as a shadow gets
                wanted = DARK * Math.pow(b / DARK, 1 - 0.55 * preparation.shadows());
            } else if (b > BRIGHT) {
                double share = (b - BRIGHT) / (1 - BRIGHT);
                wanted = BRIGHT + (1 - BRIGHT) * share * (1 - 0.6 * preparation.glare() * share);
            }
            gain[i] = (float) (wanted / b);
        }
        return gain;
    }

    private static float[] base(float[] v, int width, int height, int radius) {
        float[] mean = mean(v, width, height, radius);
        float[] square = new float[v.length];
        for (int i = 0; i < v.length; i++) {
            square[i] = v[i] * v[i];
        }
        float[] meanOfSquare = mean(square, width, height, radius);
        float[] a = new float[v.length];
        float[] b = new float[v.length];
        for (int i = 0; i < v.length; i++) {
            float variance = Math.max(0, meanOfSquare[i] - mean[i] * mean[i]);
            a[i] = (float) (variance / (variance + EDGE * EDGE));
            b[i] = mean[i] * (1 - a[i]);
        }
        float[] meanA = mean(a, width, height, radius);
        float[] meanB = mean(b, width, height, radius);
        float[] base = new float[v.length];
        for (int i = 0; i < v.length; i++) {
            base[i] = meanA[i] * v[i] + meanB[i];
        }
        return base;
    }

    /** Mean over a square about each pixel, cut at the edges; running sums along each axis. */
    private static float[] mean(float[] v, int width, int height, int radius) {
        float[] across = new float[v.length];
        for (int y = 0; y < height; y++) {
            line(v, across, y * width, 1, width, radius);
        }
        float[] both = new float[v.length];
        for (int x = 0; x < width; x++) {
            line(across, both, x, width, height, radius);
        }
        return both;
    }

    private static void line(float[] in, float[] out, int start, int step, int n, int radius) {
        double sum = 0;
        for (int k = 0; k < Math.min(radius, n); k++) {
            sum += in[start + k * step];
        }
        for (int i = 0; i < n; i++) {
            if (i + radius < n) {
                sum += in[start + (i + radius) * step];
            }
            if (i - radius - 1 >= 0) {
                sum -= in[start + (i - radius - 1) * step];
            }
            int count = Math.min(n - 1, i + radius) - Math.max(0, i - radius) + 1;
            out[start + i * step] = (float) (sum / count);
        }
    }
}
