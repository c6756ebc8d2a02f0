package methodos.core.language;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import methodos.core.manual.Part;
import methodos.core.memory.Remembered;

/** Whether the words of a step call a part as the parts list does. */
public final class PartNames {

    private static final Pattern BETWEEN_WORDS = Pattern.compile("[^\\p{L}\\p{N}-]+");
    private static final Pattern BEHIND_HEAD = Pattern.compile("[,(]| with | of | for ");
    private static final Pattern SPACE = Pattern.compile("\\s+");

    private final Remembered<String, List<String>> words = new Remembered<>(PartNames::words);
    private final Remembered<String, String> heads = new Remembered<>(PartNames::head);

    /** Whether the last word of the part's name, without what stands behind a comma, occurs. */
    public boolean named(Part part, String text) {
        String head = heads.of(part.name());
        return head.isEmpty() || words.of(text).stream().anyMatch(w -> same(w, head));
    }

    private static List<String> words(String text) {
        return List.of(BETWEEN_WORDS.split(text.toLowerCase(Locale.ROOT)));
    }

    /** "O-ring, end cap" is an O-ring; "brake shoe with lining" a shoe. */
    public static String head(String name) {
        String before = BEHIND_HEAD.split(name, 2)[0].strip().toLowerCase(Locale.ROOT);
        String[] all = SPACE.split(before);
        return all[all.length - 1];
    }

    private static boolean same(String word, String head) {
        return word.equals(head)
                || word.equals(head + "s")
                || word.equals(head + "es")
                || head.endsWith("y") && word.equals(head.substring(0, head.length() - 1) + "ies")
                || head.equals(word + "s");
    }
}
