package methodos.core.typed;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A thing with how many of it, as it is typed: "2 blocks", "3 × strap".
 *
 * @param count 1 where none is said
 */
public record Counted(int count, String name) {

    private static final Pattern COUNTED = Pattern.compile("(\\d{1,3})\\s*[×x]?\\s+(.+)");

    /** Never fails: what begins with no number is a name. */
    public static Counted parse(String typed) {
        Matcher counted = COUNTED.matcher(typed.strip());
        return counted.matches()
                ? new Counted(Integer.parseInt(counted.group(1)), counted.group(2))
                : new Counted(1, typed.strip());
    }
}
