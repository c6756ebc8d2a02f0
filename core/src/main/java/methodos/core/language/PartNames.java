package methodos.core.language;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import methodos.core.manual.Part;

/** Whether the words of a step call a part as the parts list does. */
public final class PartNames {

    private static final int REMEMBERED = 20_000;

    private final Map<String, List<String>> words = new ConcurrentHashMap<>();

    /** Whether the last word of the part's name, without what stands behind a comma, occurs. */
    public boolean named(Part part, String text) {
        String head = head(part.name());
        return head.isEmpty() || words(text).stream().anyMatch(w -> same(w, head));
    }

    private List<String> words(String text) {
        if (words.size() > REMEMBERED) {
            words.clear();
        }
        return words.computeIfAbsent(
                text,
                t ->
                        new ArrayList<>(
                                Arrays.asList(
                                        t.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}-]+"))));
    }

    /** "O-ring, end cap" is an O-ring; "brake shoe with lining" a shoe. */
    public static String head(String name) {
        String before = name.split("[,(]| with | of | for ")[0].strip().toLowerCase(Locale.ROOT);
        String[] all = before.split("\\s+");
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
