package methodos.core.typed;

import java.util.Optional;
import java.util.regex.Pattern;

/** A whole number as it is typed, blanks around it aside. */
public final class TypedNumber {

    private static final int COUNT_DIGITS = 5;
    private static final Pattern DIGITS = Pattern.compile("[0-9]+");

    private TypedNumber() {}

    /** How many of a thing, 0 to 99,999; empty for anything else. */
    public static Optional<Integer> count(String typed) {
        return Optional.of(typed.strip())
                .filter(t -> t.length() <= COUNT_DIGITS && DIGITS.matcher(t).matches())
                .map(Integer::valueOf);
    }

    /**
     * The same where nothing else will do.
     *
     * @throws IllegalArgumentException with a sentence if it is no such number
     */
    public static int needed(String typed) {
        return count(typed)
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        "“" + typed.strip() + "” is no whole number."));
    }
}
