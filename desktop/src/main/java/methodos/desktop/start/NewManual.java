package methodos.desktop.start;

import java.nio.file.Path;
import java.text.Normalizer;
import java.util.List;
import java.util.Locale;

/**
 * A manual that is to be made.
 *
 * @param folder that is made for it
 * @param like folder of the manual of a like unit, null for none
 * @param files clips and lists that it begins with
 */
public record NewManual(String title, Path folder, Path like, List<Path> files) {

    /** What a folder is called where a title has no letter of it. */
    private static final String NAMELESS = "manual";

    private static final int LONGEST = 60;

    /** The folder for a title below another one: its words in small letters, joined by dashes. */
    public static Path folder(Path parent, String title) {
        String plain =
                Normalizer.normalize(title, Normalizer.Form.NFKD)
                        .replaceAll("\\p{M}", "")
                        .toLowerCase(Locale.ROOT)
                        .replaceAll("[^\\p{L}\\p{N}]+", "-")
                        .replaceAll("^-|-$", "");
        String name = plain.substring(0, Math.min(LONGEST, plain.length())).replaceAll("-$", "");
        return parent.resolve(name.isEmpty() ? NAMELESS : name);
    }
}
