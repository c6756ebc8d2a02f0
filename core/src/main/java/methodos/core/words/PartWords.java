package methodos.core.words;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.manual.Part;
import methodos.core.vocabulary.Nouns;

/** Names of parts in running text: "O-ring, pinion, upper" is an "upper pinion O-ring". */
public final class PartWords {

    /** What stands behind the thing itself: "brake shoe with lining". */
    private static final Pattern MORE = Pattern.compile(" (?:with|of|for|to|in) ");

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
        Matcher more = MORE.matcher(name);
        int end = more.find() ? more.start() : name.length();
        return words.of(
                fresh ? "draft.manyNew" : "draft.manyOf",
                count,
                Nouns.plural(name.substring(0, end), count) + name.substring(end));
    }
}
