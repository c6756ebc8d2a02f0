package methodos.publish.document;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Map;
import javax.imageio.ImageIO;

/** The code beside a stage on paper that leads to the stage on the screen, with its films. */
final class StageCode {

    /** Pixels of a side: the printer has 600 to the inch, and the code is 20 mm. */
    private static final int SIDE = 480;

    private StageCode() {}

    /**
     * Writes a QR code (ISO/IEC 18004) that may be soiled by a quarter.
     *
     * @throws IOException if it cannot be written
     */
    static void write(String address, Path file) throws IOException {
        BitMatrix code;
        try {
            code =
                    new QRCodeWriter()
                            .encode(
                                    address,
                                    BarcodeFormat.QR_CODE,
                                    SIDE,
                                    SIDE,
                                    Map.of(
                                            EncodeHintType.ERROR_CORRECTION,
                                            ErrorCorrectionLevel.Q));
        } catch (WriterException e) {
            throw new IllegalArgumentException(
                    "The address of the house style is too long for a code.", e);
        }
        BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_BYTE_GRAY);
        for (int y = 0; y < SIDE; y++) {
            for (int x = 0; x < SIDE; x++) {
                image.setRGB(x, y, code.get(x, y) ? 0 : 0xFFFFFF);
            }
        }
        ImageIO.write(image, "png", file.toFile());
    }
}
