package methodos.core.typed;

import java.util.Optional;
import java.util.regex.Pattern;

/** A whole number as it is typed, blanks around it aside. */
public final class TypedNumber {

    private static final int COUNT_DIGITS = 5;
    private static final int SERIAL_DIGITS = 15;
    private static final Pattern DIGITS = Pattern.compile("[0-9]+");

    private TypedNumber() {}

    /** How many of a thing, 0 to 99,999; empty for anything else. */
    public static Optional<Integer> count(String typed) {
        return digits(typed, COUNT_DIGITS).map(Integer::valueOf);
    }

    /** A serial number of up to fifteen digits; empty for anything else. */
    public static Optional<Long> serial(String typed) {
        return digits(typed, SERIAL_DIGITS).map(Long::valueOf);
    }

    private static Optional<String> digits(String typed, int most) {
        return Optional.of(typed.strip())
                .filter(t -> t.length() <= most && DIGITS.matcher(t).matches());
    }
}
