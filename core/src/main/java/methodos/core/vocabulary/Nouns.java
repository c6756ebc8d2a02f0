package methodos.core.vocabulary;

import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/** The grammar of the names of parts. */
public final class Nouns {

    private static final Set<String> SAME =
            WordSet.of(
                    "pliers scissors grips tweezers snips glasses goggles bellows chassis species"
                            + " series boss brass glass press bus lens gas canvas process access torch");

    /** A letter that stands for a shape: an O-ring, a V-belt, a U-bolt. */
    private static final Pattern SHAPE =
            Pattern.compile("(?<![\\p{L}\\p{N}'’-])\\p{Ll}(?=-\\p{L})");

    private Nouns() {}

    /** Words as they are printed: "o-ring" → "O-ring". */
    public static String printed(String words) {
        return SHAPE.matcher(words).replaceAll(m -> m.group().toUpperCase(Locale.ROOT));
    }

    /** One of them: "screws" → "screw", "glands" → "gland", "bushes" → "bush". */
    public static String singular(String name) {
        int space = name.lastIndexOf(' ');
        String head = name.substring(space + 1);
        String rest = name.substring(0, space + 1);
        if (SAME.contains(head) || head.length() < 4) {
            return name;
        }
        if (head.equals("teeth")) {
            return rest + "tooth";
        }
        if (head.equals("halves")) {
            return rest + "half";
        }
        if (head.equals("knives")) {
            return rest + "knife";
        }
        if (head.endsWith("ies") && head.length() > 4) {
            return rest + head.substring(0, head.length() - 3) + "y";
        }
        if (endsWithAny(head, "ches", "shes", "sses", "xes")) {
            return rest + head.substring(0, head.length() - 2);
        }
        return head.endsWith("s")
                        && !head.endsWith("ss")
                        && !head.endsWith("us")
                        && !head.endsWith("is")
                ? rest + head.substring(0, head.length() - 1)
                : name;
    }

    /** Whether a name is in the plural. */
    public static boolean plural(String name) {
        return !singular(name).equals(name);
    }

    /**
     * @param count the plural for all but 1
     */
    public static String plural(String singular, int count) {
        if (count == 1) {
            return singular;
        }
        int space = singular.lastIndexOf(' ');
        String head = singular.substring(space + 1);
        String rest = singular.substring(0, space + 1);
        if (SAME.contains(head) && head.endsWith("s") && !head.endsWith("ss")) {
            return singular;
        }
        if (head.equals("tooth")) {
            return rest + "teeth";
        }
        if (head.endsWith("half")) {
            return rest + "halves";
        }
        if (head.matches(".*[^aeiou]y")) {
            return rest + head.substring(0, head.length() - 1) + "ies";
        }
        return rest + head + (endsWithAny(head, "s", "x", "ch", "sh", "z") ? "es" : "s");
    }

    private static boolean endsWithAny(String word, String... endings) {
        for (String ending : endings) {
            if (word.endsWith(ending)) {
                return true;
            }
        }
        return false;
    }

    /** The last word, which says what the thing is. */
    public static String head(String name) {
        String singular = singular(name);
        return singular.substring(singular.lastIndexOf(' ') + 1);
    }
}
