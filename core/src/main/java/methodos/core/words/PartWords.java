package methodos.core.words;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import methodos.core.manual.Part;

/** Names of parts in running text: "O-ring, pinion, upper" is an "upper pinion O-ring". */
public final class PartWords {

    private PartWords() {}

    /** The name as it is said, what stands behind a comma first. */
    public static String said(Part part) {
        List<String> pieces = new ArrayList<>(List.of(part.name().split("\\s*,\\s*")));
        Collections.reverse(pieces);
        return String.join(" ", pieces);
    }

    /** "the right end cap", "2 new guide bands". */
    public static String counted(Part part, int count, boolean fresh, Words words) {
        String name = said(part);
        if (count == 1) {
            return words.of(fresh ? "draft.oneNew" : "draft.oneOf", name);
        }
        return words.of(fresh ? "draft.manyNew" : "draft.manyOf", count, plural(name));
    }

    private static String plural(String name) {
        if (name.endsWith("s") || name.endsWith("x") || name.endsWith("ch")) {
            return name + "es";
        }
        boolean consonant =
                name.length() > 1 && "aeiou".indexOf(name.charAt(name.length() - 2)) < 0;
        return name.endsWith("y") && consonant
                ? name.substring(0, name.length() - 1) + "ies"
                : name + "s";
    }
}
