package methodos.footage.change;

import java.awt.image.BufferedImage;

/**
 * How a frame lies on another one of the same shot.
 *
 * @param camera where a pixel of the other one lies on the frame
 * @param apart mean difference of what is laid on each other, in levels
 */
record Shift(Affine camera, double apart) {

    private static final int FARTHEST = 10;
    private static final int CELL = 56;

    /** So little apart, nothing moved. */
    private static final double STILL = .8;

    /** A picture on which frames are laid. */
    static Tracks.Ground ground(Plane light) {
        return Tracks.Ground.of(light, CELL, FARTHEST);
    }

    static Shift of(Tracks.Ground ground, Plane frame) {
        Plane on = ground.light();
        double asItIs = apart(on, frame, Affine.NONE);
        if (asItIs < STILL) {
            return new Shift(Affine.NONE, asItIs);
        }
        Affine camera = Affine.of(Tracks.of(ground, Tracks.evened(frame)));
        double moved = apart(on, frame, camera);
        return moved < asItIs ? new Shift(camera, moved) : new Shift(Affine.NONE, asItIs);
    }

    private static double apart(Plane a, Plane b, Affine camera) {
        double sum = 0;
        int n = 0;
        for (int y = FARTHEST; y < a.height() - FARTHEST; y += 3) {
            for (int x = FARTHEST; x < a.width() - FARTHEST; x += 3) {
                sum += Math.abs(a.get(x, y) - b.between(camera.x(x, y), camera.y(x, y)));
                n++;
            }
        }
        return n == 0 ? 0 : sum / n;
    }

    /** The frame's pixels as they lie on the other one; beyond its edge those of the edge. */
    int[] laid(BufferedImage frame) {
        int w = frame.getWidth();
        int h = frame.getHeight();
        int[] from = Colours.pixels(frame);
        if (camera.equals(Affine.NONE)) {
            return from;
        }
        int[] laid = new int[from.length];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                laid[y * w + x] = between(from, w, h, camera.x(x, y), camera.y(x, y));
            }
        }
        return laid;
    }

    private static int between(int[] pixels, int w, int h, double x, double y) {
        double left = Math.max(0, Math.min(w - 1.001, x));
        double top = Math.max(0, Math.min(h - 1.001, y));
        int at = (int) top * w + (int) left;
        int right = (int) left < w - 1 ? at + 1 : at;
        int down = (int) top < h - 1 ? w : 0;
        int fx = (int) (256 * (left - (int) left));
        int fy = (int) (256 * (top - (int) top));
        int mixed = 0;
        for (int shift = 0; shift <= 16; shift += 8) {
            int upper =
                    (pixels[at] >> shift & 255) * (256 - fx) + (pixels[right] >> shift & 255) * fx;
            int lower =
                    (pixels[at + down] >> shift & 255) * (256 - fx)
                            + (pixels[right + down] >> shift & 255) * fx;
            mixed |= (upper * (256 - fy) + lower * fy >> 16) << shift;
        }
        return mixed;
    }
}
