package methodos.core.speech;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import methodos.core.quantity.MeasureUnit;
import methodos.core.vocabulary.WordSet;

/**
 * The units behind numbers, as people say them: those of the table of units, and what speech calls
 * otherwise.
 */
final class SpokenUnits {

    /**
     * @param name in print
     * @param used how many tokens it takes
     */
    record Unit(String name, int used) {}

    private static final int LONGEST = 4;

    /** Letters that are units where they are said alone; others are names of things. */
    private static final Set<String> LETTERS = WordSet.of("g v l s h");

    private static final Map<String, String> OTHERWISE = load();

    private final Tokens tokens;

    SpokenUnits(Tokens tokens) {
        this.tokens = tokens;
    }

    private static Map<String, String> load() {
        Map<String, String> units = new HashMap<>();
        try (InputStream in = SpokenUnits.class.getResourceAsStream("units.txt");
                BufferedReader lines =
                        new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            lines.lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .map(line -> line.split(" = ", 2))
                    .forEach(
                            line -> {
                                for (String said : line[1].split(", ")) {
                                    units.put(said, line[0]);
                                }
                            });
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return units;
    }

    /** The unit that a word by itself names, or null. */
    static String named(String word) {
        return unit(word);
    }

    private static String unit(String said) {
        String unit = OTHERWISE.get(said);
        if (unit != null || said.isEmpty() || said.length() == 1 && !LETTERS.contains(said)) {
            return unit;
        }
        return MeasureUnit.named(said)
                .filter(u -> u.dimension() != MeasureUnit.Dimension.COUNT)
                .map(MeasureUnit::symbol)
                .orElse(null);
    }

    /** The unit that is said from a place on, or null. */
    Unit at(int i) {
        if (Set.of("meter", "metre").contains(tokens.word(i))
                && Set.of("on", "between", "across").contains(tokens.word(i + 1))) {
            return null;
        }
        for (int n = Math.min(LONGEST, tokens.size() - i); n > 0; n--) {
            StringBuilder said = new StringBuilder(tokens.word(i));
            for (int k = 1; k < n; k++) {
                said.append(' ').append(tokens.word(i + k));
            }
            String unit = unit(said.toString());
            if (unit != null) {
                return new Unit(unit, n);
            }
        }
        return null;
    }

    /** The unit behind a number, also after "of a" and "full". */
    Unit behind(int at, SpokenNumber n) {
        if (tokens.phrase(at, "of a")
                || tokens.phrase(at, "of an")
                || tokens.phrase(at, "of the")) {
            Unit unit = at(at + 2);
            return unit == null ? null : new Unit(unit.name, unit.used + 2);
        }
        if (tokens.word(at).equals("a") && n.fraction()) {
            Unit unit = at(at + 1);
            return unit == null ? null : new Unit(unit.name, unit.used + 1);
        }
        if (tokens.word(at).equals("full")
                || tokens.word(at).equals("whole")
                || tokens.word(at).equals("more")) {
            Unit unit = at(at + 1);
            if (unit != null) {
                return new Unit(unit.name, unit.used + 1);
            }
        }
        return at(at);
    }
}
