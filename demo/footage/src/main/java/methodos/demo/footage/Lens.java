package methodos.demo.footage;

import java.awt.image.BufferedImage;
import java.util.Random;

/**
 * What a camera does to a clean picture: it shakes, loses focus, is fooled by the light, darkens
 * the corners and adds grain. Without it no picture of the footage would look filmed.
 */
final class Lens {

    private static final int W = Renderer.WIDTH;
    private static final int H = Renderer.HEIGHT;
    private static final double BLUR_PIXELS = 7;
    private static final double DARK_SHARE = 0.16;

    private final float[] vignette = new float[W * H];

    Lens() {
        for (int y = 0; y < H; y++) {
            for (int x = 0; x < W; x++) {
                double dx = (x - W / 2.0) / (W / 2.0);
                double dy = (y - H / 2.0) / (H / 2.0);
                vignette[y * W + x] = (float) (1.10 - 0.20 * (dx * dx + dy * dy));
            }
        }
    }

    /** The filmed frame, as rows of red, green and blue bytes. */
    byte[] film(BufferedImage clean, Shot shot, double time, long frame) {
        float[] rgb = moved(clean, shot.shake, time);
        double blur = depth(shot, "blurred", time) * BLUR_PIXELS;
        if (blur > 0.3) {
            for (int pass = 0; pass < 3; pass++) {
                rgb = boxed(rgb, (int) Math.round(blur), true);
                rgb = boxed(rgb, (int) Math.round(blur), false);
            }
        }
        double light = 1 - (1 - DARK_SHARE) * depth(shot, "dark", time);
        return developed(rgb, light, new Random(frame));
    }

    /** How deep in a trouble of this kind the shot is, 0 to 1, with a soft beginning and end. */
    private static double depth(Shot shot, String what, double time) {
        return shot.troubles.stream()
                .filter(s -> s.what().equals(what) && time >= s.from() && time < s.to())
                .mapToDouble(
                        s -> {
                            double edge = Math.min(time - s.from(), s.to() - time) + 1e-3;
                            return Math.min(1, 0.55 + edge / 0.25);
                        })
                .max()
                .orElse(0);
    }

    private static float[] moved(BufferedImage clean, double shake, double t) {
        int[] pixels = clean.getRGB(0, 0, W, H, null, 0, W);
        double dx =
                shake * (Math.sin(1.9 * t) + .5 * Math.sin(5.3 * t + 1) + .3 * Math.sin(11 * t));
        double dy = shake * (Math.sin(1.4 * t + 2) + .4 * Math.sin(6.1 * t));
        int ix = (int) Math.floor(dx);
        int iy = (int) Math.floor(dy);
        float fx = (float) (dx - ix);
        float fy = (float) (dy - iy);
        float[] out = new float[W * H * 3];
        for (int y = 0; y < H; y++) {
            int y0 = clamp(y + iy, H) * W;
            int y1 = clamp(y + iy + 1, H) * W;
            for (int x = 0; x < W; x++) {
                int x0 = clamp(x + ix, W);
                int x1 = clamp(x + ix + 1, W);
                for (int c = 0; c < 3; c++) {
                    int shift = 16 - 8 * c;
                    float top = mix(pixels[y0 + x0] >> shift, pixels[y0 + x1] >> shift, fx);
                    float low = mix(pixels[y1 + x0] >> shift, pixels[y1 + x1] >> shift, fx);
                    out[(y * W + x) * 3 + c] = top + (low - top) * fy;
                }
            }
        }
        return out;
    }

    private static int clamp(int i, int size) {
        return Math.max(0, Math.min(size - 1, i));
    }

    private static float mix(int p, int q, float share) {
        return (p & 255) + ((q & 255) - (p & 255)) * share;
    }

    private static float[] boxed(float[] in, int radius, boolean across) {
        int length = across ? W : H;
        int lines = across ? H : W;
        int step = across ? 3 : 3 * W;
        int lineStep = across ? 3 * W : 3;
        float[] out = new float[in.length];
        float share = 1f / (2 * radius + 1);
        for (int line = 0; line < lines; line++) {
            for (int c = 0; c < 3; c++) {
                int base = line * lineStep + c;
                float sum = 0;
                for (int k = -radius; k <= radius; k++) {
                    sum += in[base + clamp(k, length) * step];
                }
                for (int i = 0; i < length; i++) {
                    out[base + i * step] = sum * share;
                    sum += in[base + clamp(i + radius + 1, length) * step];
                    sum -= in[base + clamp(i - radius, length) * step];
                }
            }
        }
        return out;
    }

    private byte[] developed(float[] rgb, double light, Random grain) {
        byte[] out = new byte[rgb.length];
        for (int i = 0; i < vignette.length; i++) {
            float noise = (grain.nextFloat() + grain.nextFloat() - 1f) * 3.0f;
            for (int c = 0; c < 3; c++) {
                float v = (float) (rgb[i * 3 + c] * vignette[i] * light) + noise;
                out[i * 3 + c] = (byte) Math.max(0, Math.min(255, Math.round(v)));
            }
        }
        return out;
    }
}
