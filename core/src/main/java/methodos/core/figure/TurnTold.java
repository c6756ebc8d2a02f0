package methodos.core.figure;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.manual.Rotation;

/** Which way the words of a step tell to turn something. */
public final class TurnTold {

    private static final Pattern SAID =
            Pattern.compile("\\b(counter-?\\s?|anti-?\\s?)?clockwise\\b", Pattern.CASE_INSENSITIVE);

    private TurnTold() {}

    /** Nothing where the words tell none, or both. */
    public static Optional<Rotation> in(String words) {
        Matcher said = SAID.matcher(words);
        Rotation told = null;
        while (said.find()) {
            Rotation one = said.group(1) == null ? Rotation.CLOCKWISE : Rotation.COUNTERCLOCKWISE;
            if (told != null && told != one) {
                return Optional.empty();
            }
            told = one;
        }
        return Optional.ofNullable(told);
    }
}
