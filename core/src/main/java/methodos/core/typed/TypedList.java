package methodos.core.typed;

import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;

/** Several things that are typed into one field. */
public final class TypedList {

    private static final Pattern SEMICOLON = Pattern.compile(";");
    private static final Pattern MARKS = Pattern.compile("[,;]");
    private static final Pattern MARKS_OR_BLANKS = Pattern.compile("[,;\\s]+");

    private TypedList() {}

    /** Names with commas or semicolons between them; empty ones are left out. */
    public static List<String> names(String typed) {
        return parted(MARKS, typed);
    }

    /** Titles with semicolons between them, which may have commas; empty ones are left out. */
    public static List<String> titles(String typed) {
        return parted(SEMICOLON, typed);
    }

    /** Single words or numbers, where a blank parts them as well. */
    public static List<String> words(String typed) {
        return parted(MARKS_OR_BLANKS, typed);
    }

    private static List<String> parted(Pattern at, String typed) {
        return Arrays.stream(at.split(typed)).map(String::strip).filter(t -> !t.isEmpty()).toList();
    }
}
