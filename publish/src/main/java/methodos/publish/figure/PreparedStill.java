package methodos.publish.figure;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import methodos.core.figure.Framing;
import methodos.core.figure.Tone;
import methodos.core.manual.Figure;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.core.manual.Preparation;
import methodos.core.manual.Preparation.Crop;

/**
 * The picture of a figure as it is shown: covered, turned, cropped, its tone and sharpness set. The
 * still that it is made of is not changed.
 */
public final class PreparedStill {

    /** Radius of the unsharp mask, as a share of the longer side. */
    private static final double SHARPEN_RADIUS = 0.0025;

    private static final double SHARPEN_MOST = 1.5;

    private PreparedStill() {}

    /**
     * @param widest longer side of the result in pixels at most; never more than the still gives
     */
    public static BufferedImage of(Figure figure, BufferedImage still, int widest) {
        Preparation preparation = figure.prepared();
        Framing framing = Framing.of(preparation, still.getWidth(), still.getHeight());
        double scale = Math.min(1, widest / Math.max(framing.width(), framing.height()));
        int width = Math.max(1, (int) Math.round(framing.width() * scale));
        int height = Math.max(1, (int) Math.round(framing.height() * scale));
        BufferedImage source = reduced(covered(figure, still), scale);
        boolean asTaken =
                preparation.degrees() == 0
                        && preparation.crop() == null
                        && width == source.getWidth()
                        && height == source.getHeight();
        BufferedImage framed =
                asTaken ? source : framed(source, framing.crop(), preparation, width, height);
        return toned(framed, preparation);
    }

    /** The whole of a picture, its longer side at most so long in pixels, without transparency. */
    public static BufferedImage within(BufferedImage picture, int widest) {
        double scale =
                Math.min(1, widest / (double) Math.max(picture.getWidth(), picture.getHeight()));
        return drawn(
                reduced(picture, scale),
                Math.max(1, (int) Math.round(picture.getWidth() * scale)),
                Math.max(1, (int) Math.round(picture.getHeight() * scale)));
    }

    /** Halved until it is less than twice as large as needed: no pixel is passed over. */
    private static BufferedImage reduced(BufferedImage still, double scale) {
        BufferedImage now = still;
        double left = scale;
        while (left <= 0.5) {
            now = drawn(now, Math.max(1, now.getWidth() / 2), Math.max(1, now.getHeight() / 2));
            left *= 2;
        }
        return now;
    }

    private static BufferedImage drawn(BufferedImage from, int width, int height) {
        BufferedImage to = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = to.createGraphics();
        g.setRenderingHint(
                RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.drawImage(from, 0, 0, width, height, null);
        g.dispose();
        return to;
    }

    /**
     * Nothing of what is covered is left: its place is filled with the mean around its rim, before
     * anything is scaled, which would carry it over the rim.
     */
    private static BufferedImage covered(Figure figure, BufferedImage picture) {
        BufferedImage result = picture;
        for (Mark mark : figure.marks()) {
            if (mark instanceof Mark.Cover cover) {
                if (result == picture) {
                    result = drawn(picture, picture.getWidth(), picture.getHeight());
                }
                cover(result, cover);
            }
        }
        return result;
    }

    private static void cover(BufferedImage picture, Mark.Cover cover) {
        int w = picture.getWidth();
        int h = picture.getHeight();
        Point a = cover.corner();
        Point b = cover.opposite();
        int left = clamp((int) Math.floor(Math.min(a.x(), b.x()) * w), w);
        int right = clamp((int) Math.ceil(Math.max(a.x(), b.x()) * w), w);
        int top = clamp((int) Math.floor(Math.min(a.y(), b.y()) * h), h);
        int bottom = clamp((int) Math.ceil(Math.max(a.y(), b.y()) * h), h);
        if (right <= left || bottom <= top) {
            return;
        }
        Graphics2D g = picture.createGraphics();
        g.setColor(rim(picture, left, top, right, bottom));
        g.fillRect(left, top, right - left, bottom - top);
        g.dispose();
    }

    private static int clamp(int v, int most) {
        return Math.max(0, Math.min(most, v));
    }

    private static Color rim(BufferedImage picture, int left, int top, int right, int bottom) {
        long[] sum = new long[3];
        long count = 0;
        int x0 = Math.max(0, left - 1);
        int y0 = Math.max(0, top - 1);
        int x1 = Math.min(picture.getWidth() - 1, right);
        int y1 = Math.min(picture.getHeight() - 1, bottom);
        for (int y = y0; y <= y1; y++) {
            int step = y == y0 || y == y1 ? 1 : Math.max(1, x1 - x0);
            for (int x = x0; x <= x1; x += step) {
                int rgb = picture.getRGB(x, y);
                sum[0] += rgb >> 16 & 255;
                sum[1] += rgb >> 8 & 255;
                sum[2] += rgb & 255;
                count++;
            }
        }
        return new Color((int) (sum[0] / count), (int) (sum[1] / count), (int) (sum[2] / count));
    }

    private static BufferedImage framed(
            BufferedImage source, Crop crop, Preparation preparation, int width, int height) {
        BufferedImage result = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = result.createGraphics();
        g.setColor(Color.WHITE);
        g.fill(new Rectangle2D.Double(0, 0, width, height));
        g.setRenderingHint(
                RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        // from pixels of the source to widths of the still about its middle, turned, and cropped
        AffineTransform map =
                AffineTransform.getScaleInstance(width / crop.width(), height / crop.height());
        map.translate(-crop.left(), -crop.top());
        map.rotate(Math.toRadians(preparation.degrees()));
        map.scale(1.0 / source.getWidth(), 1.0 / source.getWidth());
        map.translate(-source.getWidth() / 2.0, -source.getHeight() / 2.0);
        g.drawImage(source, map, null);
        g.dispose();
        return result;
    }

    private static BufferedImage toned(BufferedImage picture, Preparation preparation) {
        if (preparation.shadows() == 0 && preparation.glare() == 0 && preparation.sharpen() == 0) {
            return picture;
        }
        int w = picture.getWidth();
        int h = picture.getHeight();
        BufferedImage result = drawn(picture, w, h);
        int[] pixels = ((DataBufferInt) result.getRaster().getDataBuffer()).getData();
        float[] gain = Tone.gain(lightness(pixels), w, h, preparation);
        if (gain != null) {
            for (int i = 0; i < pixels.length; i++) {
                pixels[i] = times(pixels[i], gain[i]);
            }
        }
        if (preparation.sharpen() > 0) {
            sharpen(pixels, w, h, preparation.sharpen());
        }
        return result;
    }

    /** Luma of the colour signal, which is about as even as lightness is seen (BT.709 weights). */
    private static float[] lightness(int[] pixels) {
        float[] light = new float[pixels.length];
        for (int i = 0; i < pixels.length; i++) {
            light[i] =
                    (0.2126f * (pixels[i] >> 16 & 255)
                                    + 0.7152f * (pixels[i] >> 8 & 255)
                                    + 0.0722f * (pixels[i] & 255))
                            / 255f;
        }
        return light;
    }

    private static int times(int rgb, float gain) {
        return channel((rgb >> 16 & 255) * gain) << 16
                | channel((rgb >> 8 & 255) * gain) << 8
                | channel((rgb & 255) * gain);
    }

    private static int channel(double v) {
        return (int) Math.max(0, Math.min(255, Math.round(v)));
    }

    /** Unsharp mask on lightness alone, so that edges get no coloured rims. */
    private static void sharpen(int[] pixels, int w, int h, double share) {
        float[] light = lightness(pixels);
        int radius = Math.max(1, (int) Math.round(SHARPEN_RADIUS * Math.max(w, h)));
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                float sum = 0;
                int count = 0;
                for (int j = Math.max(0, y - radius); j <= Math.min(h - 1, y + radius); j++) {
                    for (int i = Math.max(0, x - radius); i <= Math.min(w - 1, x + radius); i++) {
                        sum += light[j * w + i];
                        count++;
                    }
                }
                float more =
                        (float) (SHARPEN_MOST * share * (light[y * w + x] - sum / count) * 255);
                int rgb = pixels[y * w + x];
                pixels[y * w + x] =
                        channel((rgb >> 16 & 255) + more) << 16
                                | channel((rgb >> 8 & 255) + more) << 8
                                | channel((rgb & 255) + more);
            }
        }
    }
}
