package methodos.footage.change;

import java.util.Arrays;

/**
 * How unlike two stills are, pixel by pixel, that lie on each other to a pixel or two. Structure is
 * compared as in the index of structural similarity (Wang and others 2004), without its term for
 * brightness: a shadow or another lamp makes a surface darker and leaves its structure and, nearly,
 * its colour. Each pixel takes the most alike of the places around it, since a scene with depth
 * never lies on itself exactly.
 */
final class Unlikeness {

    private static final int REACH = 3;
    private static final int SLACK = 2;

    /** So much of structure is the noise of a camera and a codec, in levels. */
    private static final float NOISE = 5;

    /** Differences of colour less than this are those of light and codec. */
    private static final float COLOUR_NOISE = 9;

    /** A difference of colour that leaves no doubt. */
    private static final float COLOUR = 34;

    /** A texture that is seen in both stills this alike is one surface, lit otherwise. */
    private static final float ONE_SURFACE = .6f;

    /** Less structure than this is none that could be known again, in levels. */
    private static final float TEXTURE = 2.5f;

    private Unlikeness() {}

    /**
     * Where the same surface is seen in both, however it is lit: its texture is the same, and not
     * only a single edge of it.
     */
    static boolean[] oneSurface(Colours a, Colours b) {
        int w = a.light().width();
        int h = a.light().height();
        int reach = REACH + 1;
        Plane meanA = a.light().mean(reach);
        Plane meanB = b.light().mean(reach);
        Plane squareA = a.light().times(a.light()).mean(reach);
        Plane squareB = b.light().times(b.light()).mean(reach);
        float[] best = new float[w * h];
        for (int dy = -1; dy <= 1; dy++) {
            for (int dx = -1; dx <= 1; dx++) {
                Plane together = a.light().times(moved(b.light(), dx, dy)).mean(reach);
                for (int y = 1; y < h - 1; y++) {
                    for (int x = 1; x < w - 1; x++) {
                        int i = y * w + x;
                        int j = (y + dy) * w + x + dx;
                        float ofA = squareA.at()[i] - meanA.at()[i] * meanA.at()[i];
                        float ofB = squareB.at()[j] - meanB.at()[j] * meanB.at()[j];
                        if (Math.min(ofA, ofB) > TEXTURE * TEXTURE) {
                            float both = together.at()[i] - meanA.at()[i] * meanB.at()[j];
                            best[i] = Math.max(best[i], both / (float) Math.sqrt(ofA * ofB));
                        }
                    }
                }
            }
        }
        boolean[] one = new boolean[w * h];
        for (int i = 0; i < one.length; i++) {
            one[i] = best[i] > ONE_SURFACE;
        }
        return one;
    }

    /**
     * @param seen where both stills show the scene
     * @return from 0 (the same) to 1
     */
    static Plane of(Colours a, Colours b, boolean[] seen) {
        int w = a.light().width();
        int h = a.light().height();
        Plane best = new Plane(w, h);
        Arrays.fill(best.at(), 1);
        Plane meanA = a.light().mean(REACH);
        Plane varA = variance(a.light(), meanA);
        Plane meanB = b.light().mean(REACH);
        Plane varB = variance(b.light(), meanB);
        float c = 2 * NOISE * NOISE;
        for (int dy = -SLACK; dy <= SLACK; dy++) {
            for (int dx = -SLACK; dx <= SLACK; dx++) {
                Plane moved = moved(b.light(), dx, dy);
                Plane together = a.light().times(moved).mean(REACH);
                for (int y = 0; y < h; y++) {
                    int oy = Math.max(0, Math.min(h - 1, y + dy));
                    for (int x = 0; x < w; x++) {
                        int i = y * w + x;
                        int j = oy * w + Math.max(0, Math.min(w - 1, x + dx));
                        float covariance = together.at()[i] - meanA.at()[i] * meanB.at()[j];
                        float alike = (2 * covariance + c) / (varA.at()[i] + varB.at()[j] + c);
                        best.at()[i] = Math.min(best.at()[i], 1 - alike);
                    }
                }
            }
        }
        colour(best, a.blue(), b.blue(), a.red(), b.red());
        for (int i = 0; i < seen.length; i++) {
            best.at()[i] = seen[i] ? Math.max(0, Math.min(1, best.at()[i])) : 0;
        }
        return best;
    }

    private static Plane variance(Plane light, Plane mean) {
        Plane squares = light.times(light).mean(REACH);
        for (int i = 0; i < squares.at().length; i++) {
            float m = mean.at()[i];
            squares.at()[i] = Math.max(0, squares.at()[i] - m * m);
        }
        return squares;
    }

    private static Plane moved(Plane light, int dx, int dy) {
        Plane moved = new Plane(light.width(), light.height());
        for (int y = 0; y < light.height(); y++) {
            int from = Math.max(0, Math.min(light.height() - 1, y + dy));
            for (int x = 0; x < light.width(); x++) {
                moved.at()[y * light.width() + x] =
                        light.get(Math.max(0, Math.min(light.width() - 1, x + dx)), from);
            }
        }
        return moved;
    }

    private static void colour(Plane unlike, Plane blueA, Plane blueB, Plane redA, Plane redB) {
        Plane ba = blueA.mean(SLACK);
        Plane bb = blueB.mean(SLACK);
        Plane ra = redA.mean(SLACK);
        Plane rb = redB.mean(SLACK);
        for (int i = 0; i < unlike.at().length; i++) {
            double apart = Math.hypot(ba.at()[i] - bb.at()[i], ra.at()[i] - rb.at()[i]);
            float by = (float) ((apart - COLOUR_NOISE) / (COLOUR - COLOUR_NOISE));
            unlike.at()[i] = Math.max(unlike.at()[i], Math.min(1, by));
        }
    }
}
