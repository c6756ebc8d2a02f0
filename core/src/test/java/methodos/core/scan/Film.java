package methodos.core.scan;

import java.util.Random;

/** Made-up grey film of things on a bench: all of its pictures are alike, none is the same. */
final class Film {

    static final int WIDTH = 320;
    static final int HEIGHT = 180;
    static final double RATE = 25;

    private final Scanning scanning = new Scanning();
    private static final float[] NOISE = new float[1 << 16];

    static {
        Random noise = new Random(7);
        for (int i = 0; i < NOISE.length; i++) {
            NOISE[i] = (float) (2 * noise.nextGaussian());
        }
    }

    private final Random random;
    private int frames;

    Film(long seed) {
        random = new Random(seed);
    }

    /** A bench with its ruled mat and a dozen things on it. */
    static float[] bench(long seed) {
        Random r = new Random(seed);
        float[] picture = new float[WIDTH * HEIGHT];
        double slope = -0.4 + 0.8 * r.nextDouble();
        double offset = 40 * r.nextDouble();
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                double light = 70 + 50.0 * y / HEIGHT - 0.0004 * (x - 160) * (x - 160);
                boolean line = (x + slope * y + offset) % 40 < 2 || (y + offset) % 35 < 2;
                picture[y * WIDTH + x] = (float) (line ? light + 25 : light);
            }
        }
        for (int i = 0; i < 12; i++) {
            thing(picture, r);
        }
        return picture;
    }

    private static void thing(float[] picture, Random r) {
        double cx = WIDTH * (0.1 + 0.8 * r.nextDouble());
        double cy = HEIGHT * (0.1 + 0.8 * r.nextDouble());
        double a = 10 + 40 * r.nextDouble();
        double b = 8 + 24 * r.nextDouble();
        double turn = Math.PI * r.nextDouble();
        float grey = 30 + 200 * r.nextFloat();
        boolean round = r.nextBoolean();
        double cos = Math.cos(turn);
        double sin = Math.sin(turn);
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                double u = (x - cx) * cos + (y - cy) * sin;
                double v = (y - cy) * cos - (x - cx) * sin;
                boolean inside =
                        round
                                ? u * u / (a * a) + v * v / (b * b) < 1
                                : Math.abs(u) < a && Math.abs(v) < b;
                if (inside) {
                    picture[y * WIDTH + x] = (float) (grey + 0.6 * u - 0.4 * v);
                }
            }
        }
    }

    /** A hand's worth of something that reaches in from the left, its tip at a place. */
    static float[] covered(float[] picture, double tipX, double tipY, double half) {
        float[] result = picture.clone();
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                double across = Math.abs(y - tipY) - half * (0.7 + 0.3 * Math.cos(x * 0.05));
                if (x < tipX && across < 0) {
                    result[y * WIDTH + x] = (float) (165 + 30 * Math.sin(x * 0.11 + y * 0.17));
                }
            }
        }
        return result;
    }

    static float[] blurred(float[] picture, int reach) {
        float[] result = picture;
        for (int pass = 0; pass < 2; pass++) {
            result = box(box(result, reach, 1, 0), reach, 0, 1);
        }
        return result;
    }

    private static float[] box(float[] picture, int reach, int dx, int dy) {
        float[] result = new float[picture.length];
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                float sum = 0;
                for (int k = -reach; k <= reach; k++) {
                    int xx = Math.max(0, Math.min(WIDTH - 1, x + k * dx));
                    int yy = Math.max(0, Math.min(HEIGHT - 1, y + k * dy));
                    sum += picture[yy * WIDTH + xx];
                }
                result[y * WIDTH + x] = sum / (2 * reach + 1);
            }
        }
        return result;
    }

    static float[] mixed(float[] a, float[] b, double share) {
        float[] result = new float[a.length];
        for (int i = 0; i < a.length; i++) {
            result[i] = (float) (a[i] * (1 - share) + b[i] * share);
        }
        return result;
    }

    static float[] lit(float[] picture, double light) {
        float[] result = new float[picture.length];
        for (int i = 0; i < picture.length; i++) {
            result[i] = (float) (picture[i] * light);
        }
        return result;
    }

    /** The picture as a camera in a hand sees it, some pixels to the side. */
    private float[] shaken(float[] picture, double pixels) {
        int dx = (int) Math.round(pixels * random.nextGaussian());
        int dy = (int) Math.round(pixels * random.nextGaussian());
        if (dx == 0 && dy == 0) {
            return picture;
        }
        float[] result = new float[picture.length];
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                int xx = Math.max(0, Math.min(WIDTH - 1, x + dx));
                int yy = Math.max(0, Math.min(HEIGHT - 1, y + dy));
                result[y * WIDTH + x] = picture[yy * WIDTH + xx];
            }
        }
        return result;
    }

    /** Adds a frame with the noise of a camera. */
    Film frame(float[] picture, double shake) {
        float[] seen = shaken(picture, shake);
        byte[] grey = new byte[seen.length];
        int from = random.nextInt(NOISE.length);
        for (int i = 0; i < grey.length; i++) {
            double value = seen[i] + NOISE[from + i & NOISE.length - 1];
            grey[i] = (byte) Math.max(0, Math.min(255, Math.round(value)));
        }
        scanning.add(frames / RATE, grey, WIDTH, HEIGHT, new byte[0], false);
        frames++;
        return this;
    }

    Film still(float[] picture, int count) {
        for (int i = 0; i < count; i++) {
            frame(picture, 0);
        }
        return this;
    }

    int frames() {
        return frames;
    }

    double now() {
        return frames / RATE;
    }

    Scan scan() {
        return scanning.finish();
    }
}
