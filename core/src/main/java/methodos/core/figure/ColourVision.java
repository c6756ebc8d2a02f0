package methodos.core.figure;

import java.util.List;

/**
 * How colours look to people who see them differently, and how far apart two then look.
 *
 * <p>Sight without red, green or blue cones is simulated by the matrices of Viénot, Brettel and
 * Mollon (1999) for the first two, and of Brettel and others (1997) simplified to one plane for the
 * third, in linear light. Differences are those of CIE 1976 L*a*b* under D65; 2.3 is just seen, and
 * marks that mean different things should be ten times that apart.
 */
public final class ColourVision {

    /** Two colours that mean different things are at least so far apart for everyone. */
    public static final double APART = 20;

    /** Sight with all cones first. */
    private static final List<double[][]> SIGHTS =
            List.of(
                    new double[][] {{1, 0, 0}, {0, 1, 0}, {0, 0, 1}},
                    new double[][] {
                        {0.11238, 0.88762, 0}, {0.11238, 0.88762, 0}, {0.00401, -0.00401, 1}
                    },
                    new double[][] {
                        {0.29275, 0.70725, 0}, {0.29275, 0.70725, 0}, {-0.02234, 0.02234, 1}
                    },
                    new double[][] {
                        {1, 0.14461, -0.14461}, {0, 0.85924, 0.14076}, {0, 0.85924, 0.14076}
                    });

    private static final double[][] TO_XYZ = {
        {0.4124564, 0.3575761, 0.1804375},
        {0.2126729, 0.7151522, 0.0721750},
        {0.0193339, 0.1191920, 0.9503041}
    };

    private static final double[] WHITE = {0.95047, 1, 1.08883};

    private ColourVision() {}

    /** How far apart two colours look at least, to whoever sees them closest to each other. */
    public static double least(int rgb, int other) {
        return SIGHTS.stream()
                .mapToDouble(sight -> distance(lab(sight, rgb), lab(sight, other)))
                .min()
                .orElseThrow();
    }

    /** Contrast ratio of two colours, 1 to 21 (WCAG 2.2, relative luminance). */
    public static double contrast(int rgb, int other) {
        double a = luminance(rgb) + 0.05;
        double b = luminance(other) + 0.05;
        return Math.max(a, b) / Math.min(a, b);
    }

    private static double luminance(int rgb) {
        double[] light = linear(rgb);
        return 0.2126 * light[0] + 0.7152 * light[1] + 0.0722 * light[2];
    }

    private static double[] linear(int rgb) {
        double[] light = new double[3];
        for (int i = 0; i < 3; i++) {
            double v = (rgb >> 16 - 8 * i & 255) / 255.0;
            light[i] = v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
        }
        return light;
    }

    private static double[] lab(double[][] sight, int rgb) {
        double[] seen = times(sight, linear(rgb));
        double[] xyz = times(TO_XYZ, seen);
        double[] f = new double[3];
        for (int i = 0; i < 3; i++) {
            double t = Math.max(0, xyz[i]) / WHITE[i];
            f[i] = t > 216.0 / 24389 ? Math.cbrt(t) : (24389.0 / 27 * t + 16) / 116;
        }
        return new double[] {116 * f[1] - 16, 500 * (f[0] - f[1]), 200 * (f[1] - f[2])};
    }

    private static double[] times(double[][] m, double[] v) {
        double[] r = new double[3];
        for (int i = 0; i < 3; i++) {
            r[i] = m[i][0] * v[0] + m[i][1] * v[1] + m[i][2] * v[2];
        }
        return r;
    }

    private static double distance(double[] a, double[] b) {
        return Math.sqrt(
                Math.pow(a[0] - b[0], 2) + Math.pow(a[1] - b[1], 2) + Math.pow(a[2] - b[2], 2));
    }
}
