package methodos.footage.track;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;

/** A small grey picture: levels row by row, 0 black and 255 white. */
record Grey(int width, int height, byte[] levels) {

    static Grey of(BufferedImage picture, int width) {
        int height =
                Math.max(2, Math.round(picture.getHeight() * width / (float) picture.getWidth()));
        BufferedImage grey = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = grey.createGraphics();
        g.setRenderingHint(
                RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.drawImage(picture, 0, 0, width, height, null);
        g.dispose();
        return new Grey(
                width, height, ((DataBufferByte) grey.getRaster().getDataBuffer()).getData());
    }

    int at(int x, int y) {
        return levels[y * width + x] & 255;
    }

    /** How light it is as a whole, in grey levels. */
    double mean() {
        long sum = 0;
        for (byte level : levels) {
            sum += level & 255;
        }
        return (double) sum / levels.length;
    }

    /** How much it differs from another of the same size, in levels in the mean. */
    double unlike(Grey other) {
        long sum = 0;
        for (int i = 0; i < levels.length; i++) {
            sum += Math.abs((levels[i] & 255) - (other.levels[i] & 255));
        }
        return (double) sum / levels.length;
    }
}
