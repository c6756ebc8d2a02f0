package methodos.narration.vocabulary;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import methodos.core.vocabulary.Wordlist;

/**
 * All words that the reader knows.
 *
 * @param acts what is done
 * @param things to what and with what
 * @param misheard what recognition of speech writes for what is said
 */
public record Vocabulary(Acts acts, Things things, Map<String, String> misheard) {

    /** The names of the lists that a company may add to. */
    public static final List<String> LISTS =
            List.of("verbs.txt", "parts.txt", "tools.txt", "consumables.txt", "misheard.txt");

    private static final class English {
        static final Vocabulary VOCABULARY = load();

        private static Vocabulary load() {
            Map<String, String> misheard = new HashMap<>();
            for (String line : WordList.lines("misheard.txt")) {
                String[] sides = sides(line);
                misheard.put(sides[0], sides[1]);
            }
            return new Vocabulary(Acts.english(), Things.english(), misheard);
        }
    }

    public Vocabulary {
        misheard = Map.copyOf(misheard);
    }

    /** The words that come with the program. */
    public static Vocabulary english() {
        return English.VOCABULARY;
    }

    /**
     * These with those of a company on top, which win where both know a word.
     *
     * @throws Wordlist.LineProblem if a line is not understood
     */
    public Vocabulary with(Wordlist list) throws Wordlist.LineProblem {
        Acts moreActs = acts.copy();
        Things moreThings = things.copy();
        Map<String, String> moreMisheard = new HashMap<>(misheard);
        for (int i = 0; i < list.lines().size(); i++) {
            String line = list.lines().get(i).strip();
            if (line.isEmpty() || line.startsWith("#")) {
                continue;
            }
            try {
                String[] sides = list.name().equals("tools.txt") ? null : sides(line);
                switch (list.name()) {
                    case "verbs.txt" -> moreActs.add(line);
                    case "parts.txt" -> moreThings.addPart(sides[0], sides[1]);
                    case "tools.txt" -> moreThings.addTool(line);
                    case "consumables.txt" -> moreThings.addConsumable(sides[0], sides[1]);
                    default -> moreMisheard.put(sides[0], sides[1]);
                }
            } catch (IllegalArgumentException e) {
                throw new Wordlist.LineProblem(list, i + 1, e.getMessage());
            }
        }
        return new Vocabulary(moreActs, moreThings, moreMisheard);
    }

    private static String[] sides(String line) {
        String[] sides = line.split("=", 2);
        if (sides.length < 2 || sides[0].isBlank() || sides[1].isBlank()) {
            throw new IllegalArgumentException("“=” parts what is said from what is meant.");
        }
        return new String[] {sides[0].strip(), sides[1].strip()};
    }
}
