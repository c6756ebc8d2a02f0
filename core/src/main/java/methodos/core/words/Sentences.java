package methodos.core.words;

import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Sentences that people typed, one after the other. */
public final class Sentences {

    private static final String ENDS = ".!?…:";

    private Sentences() {}

    /** A sentence with the stop at its end; nothing stays nothing. */
    public static String ended(String text) {
        String plain = text.strip();
        return plain.isEmpty() || ENDS.indexOf(plain.charAt(plain.length() - 1)) >= 0
                ? plain
                : plain + ".";
    }

    /** Those that say something, each with its stop, a space between two. */
    public static String joined(String... texts) {
        return Stream.of(texts)
                .map(Sentences::ended)
                .filter(s -> !s.isEmpty())
                .collect(Collectors.joining(" "));
    }
}
