package methodos.footage.change;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.List;

/**
 * A still as brightness and two differences of colour, each from 0 to 255 about, at a size at which
 * it is quickly compared.
 *
 * @param light brightness (ITU-R BT.601)
 * @param blue how much bluer than grey, independent of how bright it is
 * @param red the same of red
 * @param screen red, green and blue as they came
 */
record Colours(Plane light, Plane blue, Plane red, List<Plane> screen) {

    /** Wide enough that a screw is some pixels wide. */
    static final int WIDTH = 640;

    /** Keeps the colour of what is nearly black from being noise. */
    private static final float DARK = 24;

    private static final int RANGE = 255;

    static Colours of(BufferedImage still) {
        BufferedImage small = still.getWidth() == WIDTH ? still : sized(still);
        int height = small.getHeight();
        Plane r = new Plane(WIDTH, height);
        Plane g = new Plane(WIDTH, height);
        Plane b = new Plane(WIDTH, height);
        int[] pixels = pixels(small);
        for (int i = 0; i < pixels.length; i++) {
            r.at()[i] = pixels[i] >> 16 & RANGE;
            g.at()[i] = pixels[i] >> 8 & RANGE;
            b.at()[i] = pixels[i] & RANGE;
        }
        return of(r, g, b);
    }

    /** Of the three colours of a screen, each from 0 to 255. */
    static Colours of(Plane r, Plane g, Plane b) {
        int w = r.width();
        int h = r.height();
        Plane light = new Plane(w, h);
        Plane blue = new Plane(w, h);
        Plane red = new Plane(w, h);
        for (int i = 0; i < light.at().length; i++) {
            float y = .299f * r.at()[i] + .587f * g.at()[i] + .114f * b.at()[i];
            light.at()[i] = y;
            blue.at()[i] = RANGE * (b.at()[i] - y) / (y + DARK);
            red.at()[i] = RANGE * (r.at()[i] - y) / (y + DARK);
        }
        return new Colours(light, blue.mean(1), red.mean(1), List.of(r, g, b));
    }

    /** Its brightness alone. */
    static Plane light(BufferedImage still) {
        BufferedImage small = still.getWidth() == WIDTH ? still : sized(still);
        Plane light = new Plane(WIDTH, small.getHeight());
        int[] pixels = pixels(small);
        for (int i = 0; i < pixels.length; i++) {
            int rgb = pixels[i];
            light.at()[i] =
                    .299f * (rgb >> 16 & RANGE)
                            + .587f * (rgb >> 8 & RANGE)
                            + .114f * (rgb & RANGE);
        }
        return light;
    }

    /** All pixels, row by row; of frames as they come from the decoder this is quick. */
    static int[] pixels(BufferedImage picture) {
        int w = picture.getWidth();
        int h = picture.getHeight();
        int[] pixels = new int[w * h];
        boolean plain =
                picture.getType() == BufferedImage.TYPE_3BYTE_BGR
                        && picture.getRaster().getDataBuffer() instanceof DataBufferByte bytes
                        && bytes.getData().length == 3 * w * h;
        if (!plain) {
            return picture.getRGB(0, 0, w, h, pixels, 0, w);
        }
        byte[] bytes = ((DataBufferByte) picture.getRaster().getDataBuffer()).getData();
        for (int i = 0; i < pixels.length; i++) {
            pixels[i] =
                    (bytes[3 * i + 2] & RANGE) << 16
                            | (bytes[3 * i + 1] & RANGE) << 8
                            | bytes[3 * i] & RANGE;
        }
        return pixels;
    }

    /** A still at the width at which stills are compared. */
    static BufferedImage sized(BufferedImage still) {
        int height = Math.max(2, Math.round(still.getHeight() * (float) WIDTH / still.getWidth()));
        BufferedImage small = new BufferedImage(WIDTH, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = small.createGraphics();
        g.setRenderingHint(
                RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.drawImage(halved(still, WIDTH), 0, 0, WIDTH, height, null);
        g.dispose();
        return small;
    }

    /** Halved until it is less than twice as wide, so that no pixel is passed over. */
    private static BufferedImage halved(BufferedImage picture, int width) {
        BufferedImage now = picture;
        while (now.getWidth() >= 2 * width) {
            BufferedImage half =
                    new BufferedImage(
                            now.getWidth() / 2,
                            Math.max(1, now.getHeight() / 2),
                            BufferedImage.TYPE_INT_RGB);
            Graphics2D g = half.createGraphics();
            g.setRenderingHint(
                    RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
            g.drawImage(now, 0, 0, half.getWidth(), half.getHeight(), null);
            g.dispose();
            now = half;
        }
        return now;
    }
}
