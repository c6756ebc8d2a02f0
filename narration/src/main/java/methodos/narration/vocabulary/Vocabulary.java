package methodos.narration.vocabulary;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * All words that the reader knows.
 *
 * @param acts what is done
 * @param things to what and with what
 * @param misheard what recognition of speech writes for what is said
 */
public record Vocabulary(Acts acts, Things things, Map<String, String> misheard) {

    private static final class English {
        static final Vocabulary VOCABULARY =
                new Vocabulary(
                        Acts.english(), Things.english(), misheard(WordList.lines("misheard.txt")));
    }

    /** The lists that a company may add to, by the names of their files. */
    public enum Addition {
        ACTS,
        PARTS,
        TOOLS,
        CONSUMABLES,
        MISHEARD
    }

    public Vocabulary {
        misheard = Map.copyOf(misheard);
    }

    /** The words that come with the program. */
    public static Vocabulary english() {
        return English.VOCABULARY;
    }

    /**
     * These with others on top.
     *
     * @param lines as in the list of that name that comes with the program
     * @throws IllegalArgumentException if a line is not understood, with the reason
     */
    public Vocabulary with(Addition list, List<String> lines) {
        List<String> entries = WordList.entries(lines);
        return switch (list) {
            case ACTS -> new Vocabulary(acts.with(entries), things, misheard);
            case PARTS -> new Vocabulary(acts, things.withParts(entries), misheard);
            case TOOLS -> new Vocabulary(acts, things.withTools(entries), misheard);
            case CONSUMABLES -> new Vocabulary(acts, things.withConsumables(entries), misheard);
            case MISHEARD -> {
                Map<String, String> more = new HashMap<>(misheard);
                more.putAll(misheard(entries));
                yield new Vocabulary(acts, things, more);
            }
        };
    }

    private static Map<String, String> misheard(List<String> entries) {
        Map<String, String> misheard = new HashMap<>();
        for (String entry : entries) {
            String[] sides = entry.split("=", 2);
            if (sides.length < 2 || sides[1].isBlank()) {
                throw new IllegalArgumentException("a mishearing needs “= what is said”");
            }
            misheard.put(sides[0].strip(), sides[1].strip());
        }
        return misheard;
    }
}
