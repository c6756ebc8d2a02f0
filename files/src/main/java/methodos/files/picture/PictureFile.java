package methodos.files.picture;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.List;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/**
 * A picture from outside: PNG, JPEG or an SVG drawing, by what is in the file, not by its name.
 *
 * @param picture upright, without transparency
 * @param notes what the user should know of how it was read, a sentence each
 */
public record PictureFile(BufferedImage picture, List<String> notes) {

    /** Larger pictures are read coarser, so that they fit into memory. */
    private static final long MOST_PIXELS = 24_000_000;

    /** No camera takes more; a file that says so is damaged or malicious. */
    private static final long TOO_MANY_PIXELS = 1_000_000_000;

    private static final int HEAD = 512;

    /**
     * @throws PictureProblem with a sentence if it cannot be read
     */
    public static PictureFile read(Path file) throws PictureProblem {
        String name = String.valueOf(file.getFileName());
        if (Files.exists(file) && !Files.isRegularFile(file)) {
            throw new PictureProblem(name + " is no file.");
        }
        try {
            if (Files.size(file) == 0) {
                throw new PictureProblem(name + " is empty.");
            }
            byte[] head;
            try (InputStream in = Files.newInputStream(file)) {
                head = in.readNBytes(HEAD);
            }
            if (isRaster(head)) {
                return raster(file, name);
            }
            if (SvgDrawing.looksLike(head)) {
                return SvgDrawing.read(file, name);
            }
            throw new PictureProblem(name + " is no PNG, JPEG or SVG picture.");
        } catch (IOException e) {
            throw new PictureProblem(name + " cannot be read: it is damaged or not there.", e);
        }
    }

    private static boolean isRaster(byte[] head) {
        boolean png =
                head.length > 8 && (head[0] & 255) == 0x89 && head[1] == 'P' && head[2] == 'N';
        boolean jpeg = head.length > 3 && (head[0] & 255) == 0xFF && (head[1] & 255) == 0xD8;
        return png || jpeg;
    }

    private static PictureFile raster(Path file, String name) throws PictureProblem, IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new PictureProblem(name + " is no PNG, JPEG or SVG picture.");
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
                if (pixels > TOO_MANY_PIXELS) {
                    throw new PictureProblem(
                            name
                                    + " says it has "
                                    + pixels / 1_000_000
                                    + " megapixels; save it smaller first.");
                }
                int coarser = (int) Math.ceil(Math.sqrt(pixels / (double) MOST_PIXELS));
                ImageReadParam how = reader.getDefaultReadParam();
                how.setSourceSubsampling(coarser, coarser, 0, 0);
                BufferedImage picture = upright(reader.read(0, how), orientation(file));
                List<String> notes =
                        coarser == 1
                                ? List.of()
                                : List.of(
                                        name
                                                + " has "
                                                + pixels / 1_000_000
                                                + " megapixels; it was taken in at "
                                                + picture.getWidth()
                                                + " × "
                                                + picture.getHeight()
                                                + ".");
                return new PictureFile(picture, notes);
            } finally {
                reader.dispose();
            }
        } catch (RuntimeException | OutOfMemoryError e) {
            // damaged files make the readers of the platform fail in every way there is
            throw new PictureProblem(name + " is damaged.", e);
        }
    }

    /** The orientation that the camera noted, 1 (upright) to 8 (EXIF 2.32, tag 0x0112). */
    private static int orientation(Path file) {
        try {
            Metadata metadata = ImageMetadataReader.readMetadata(file.toFile());
            ExifIFD0Directory exif = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
            return exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? exif.getInt(ExifIFD0Directory.TAG_ORIENTATION)
                    : 1;
        } catch (ImageProcessingException | MetadataException | IOException | RuntimeException e) {
            return 1; // without a readable note it is taken as it lies
        }
    }

    private static BufferedImage upright(BufferedImage picture, int orientation) {
        int w = picture.getWidth();
        int h = picture.getHeight();
        boolean aside = orientation >= 5 && orientation <= 8;
        AffineTransform turn =
                switch (orientation) {
                    case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
                    case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
                    case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
                    case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
                    case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
                    case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
                    case 8 -> new AffineTransform(0, -1, 1, 0, 0, w);
                    default -> new AffineTransform();
                };
        BufferedImage result =
                new BufferedImage(aside ? h : w, aside ? w : h, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = result.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, result.getWidth(), result.getHeight());
        g.drawImage(picture, turn, null);
        g.dispose();
        return result;
    }
}
