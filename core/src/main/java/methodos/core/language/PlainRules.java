package methodos.core.language;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;

/**
 * What the language of instructions is held against.
 *
 * @param openers words in small letters that no instruction begins with
 * @param units spellings of units with the one that is printed
 * @param known short forms that need no explanation
 */
record PlainRules(Set<String> openers, Map<String, String> units, Set<String> known) {

    private static final String FILE = "plain.txt";

    static PlainRules shipped() {
        PlainRules rules = new PlainRules(new HashSet<>(), new LinkedHashMap<>(), new HashSet<>());
        try (BufferedReader reader =
                new BufferedReader(
                        new InputStreamReader(
                                PlainRules.class.getResourceAsStream(FILE),
                                StandardCharsets.UTF_8))) {
            reader.lines()
                    .map(String::strip)
                    .filter(l -> !l.isEmpty() && !l.startsWith("#"))
                    .forEach(rules::read);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return rules;
    }

    private void read(String line) {
        String[] halves = line.split("\\s+", 2);
        switch (halves[0]) {
            case "opener" -> openers.addAll(Arrays.asList(halves[1].split("\\s+")));
            case "known" -> known.addAll(Arrays.asList(halves[1].split("\\s+")));
            case "unit" -> {
                String[] pair = halves[1].split("\\s*=\\s*");
                units.put(pair[0], pair[1]);
            }
            default -> throw new IllegalStateException(FILE + ": " + line);
        }
    }
}
