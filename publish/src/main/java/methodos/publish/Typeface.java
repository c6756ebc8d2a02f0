package methodos.publish;

import java.awt.Font;
import java.awt.FontFormatException;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;

/**
 * The typefaces that ship with the program: Barlow for headings and figures, Source Sans 3 for
 * text, DejaVu Sans for the signs that these two lack.
 */
public enum Typeface {
    HEADING("Barlow", 600, false, "Barlow-SemiBold.ttf"),
    LABEL("Barlow", 500, false, "Barlow-Medium.ttf"),
    TEXT("Source Sans 3", 400, false, "SourceSans3-Regular.ttf"),
    STRONG("Source Sans 3", 600, false, "SourceSans3-SemiBold.ttf"),
    QUOTE("Source Sans 3", 400, true, "SourceSans3-Italic.ttf"),
    /** Signs of the trade and scripts that the others lack. */
    SIGNS("DejaVu Sans", 400, false, "DejaVuSans.ttf");

    private final String family;
    private final int weight;
    private final boolean italic;
    private final String file;
    private Font font;

    Typeface(String family, int weight, boolean italic, String file) {
        this.family = family;
        this.weight = weight;
        this.italic = italic;
        this.file = file;
    }

    public String family() {
        return family;
    }

    public int weight() {
        return weight;
    }

    public boolean italic() {
        return italic;
    }

    public String fileName() {
        return file;
    }

    /** The font file; the caller closes it. */
    public InputStream open() {
        return Typeface.class.getResourceAsStream("fonts/" + file);
    }

    /** For drawing with Java2D, at one unit of size. */
    public synchronized Font font() {
        if (font == null) {
            try (InputStream in = open()) {
                font = Font.createFont(Font.TRUETYPE_FONT, in);
            } catch (FontFormatException e) {
                throw new IllegalStateException(file + " in the program is damaged", e);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return font;
    }
}
