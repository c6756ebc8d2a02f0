package methodos.publish.document;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import methodos.publish.Typeface;
import methodos.publish.house.HouseStyle;

/**
 * A typeface as it is put into PDF: without its glyph substitutions.
 *
 * <p>The PDF library sets ligatures where a font offers them, but does not write which letters they
 * stand for; the text could then be neither searched nor read out, and PDF/A forbids it.
 */
final class PrintFont {

    private static final int DIRECTORY = 12;
    private static final int ENTRY = 16;

    private PrintFont() {}

    /** The typeface, or what the company has in its place. */
    static InputStream open(Typeface face, HouseStyle house) {
        Path own = house.fonts().get(face);
        try (InputStream in = own == null ? face.open() : Files.newInputStream(own)) {
            byte[] font = in.readAllBytes();
            int tables = (font[4] & 255) << 8 | font[5] & 255;
            for (int i = 0; i < tables; i++) {
                int at = DIRECTORY + i * ENTRY;
                if (new String(font, at, 4, StandardCharsets.US_ASCII).equals("GSUB")) {
                    font[at] = 'x'; // a table of an unknown name is passed over
                }
            }
            return new ByteArrayInputStream(font);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
