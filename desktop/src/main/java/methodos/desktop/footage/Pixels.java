package methodos.desktop.footage;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.IntBuffer;
import javafx.scene.image.Image;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;

/** Hands pictures to the screen without copying them pixel by pixel. */
public final class Pixels {

    private Pixels() {}

    public static Image image(BufferedImage picture) {
        BufferedImage argb = picture;
        if (picture.getType() != BufferedImage.TYPE_INT_ARGB_PRE) {
            argb =
                    new BufferedImage(
                            picture.getWidth(),
                            picture.getHeight(),
                            BufferedImage.TYPE_INT_ARGB_PRE);
            Graphics2D g = argb.createGraphics();
            g.drawImage(picture, 0, 0, null);
            g.dispose();
        }
        int[] data = ((DataBufferInt) argb.getRaster().getDataBuffer()).getData();
        return new WritableImage(
                new PixelBuffer<>(
                        argb.getWidth(),
                        argb.getHeight(),
                        IntBuffer.wrap(data),
                        PixelFormat.getIntArgbPreInstance()));
    }
}
