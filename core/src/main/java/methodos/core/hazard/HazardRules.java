package methodos.core.hazard;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import methodos.core.manual.Hazard;

/** The hazard rules: those that come with the program, with a company's own on top. */
public record HazardRules(List<HazardRule> list) {

    /** The file that holds them, and the name of a company's own. */
    public static final String FILE = "hazard-rules.txt";

    /** A line that is not understood. */
    public static final class LineProblem extends Exception {
        private static final long serialVersionUID = 1;

        private LineProblem(int line, String why) {
            super(FILE + ", line " + line + ": " + why);
        }
    }

    public HazardRules {
        list = List.copyOf(list);
    }

    /** The rules that come with the program. */
    public static HazardRules shipped() {
        try (BufferedReader reader =
                new BufferedReader(
                        new InputStreamReader(
                                HazardRules.class.getResourceAsStream(FILE),
                                StandardCharsets.UTF_8))) {
            return new HazardRules(List.of()).with(reader.lines().toList());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (LineProblem e) {
            throw new IllegalStateException(e);
        }
    }

    /**
     * Rules on top of these; one with a name that is here takes the place of that.
     *
     * @throws LineProblem if a line is not understood
     */
    public HazardRules with(List<String> lines) throws LineProblem {
        Map<String, HazardRule> rules = new LinkedHashMap<>();
        list.forEach(r -> rules.put(r.name(), r));
        Draft draft = null;
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i).strip();
            if (line.isEmpty() || line.startsWith("#")) {
                continue;
            }
            String[] halves = line.split("\\s+", 2);
            String rest = halves.length > 1 ? halves[1] : "";
            if (halves[0].equals("hazard")) {
                finish(draft, rules);
                draft = new Draft(rest, i + 1);
            } else if (draft == null) {
                throw new LineProblem(i + 1, "a rule begins with “hazard” and its name.");
            } else {
                draft.read(halves[0], rest, i + 1);
            }
        }
        finish(draft, rules);
        return new HazardRules(List.copyOf(rules.values()));
    }

    private static void finish(Draft draft, Map<String, HazardRule> rules) throws LineProblem {
        if (draft != null) {
            HazardRule rule = draft.rule();
            rules.put(rule.name(), rule);
        }
    }

    private static final class Draft {
        private final String name;
        private final int line;
        private final List<List<List<WordPattern>>> when = new ArrayList<>();
        private final Map<String, List<WordPattern>> words = new LinkedHashMap<>();
        private Hazard.SignalWord signal = Hazard.SignalWord.WARNING;
        private String[] said;
        private String licensed = "";

        Draft(String name, int line) {
            this.name = name;
            this.line = line;
        }

        void read(String what, String rest, int at) throws LineProblem {
            switch (what) {
                case "when" ->
                        when.add(Arrays.stream(rest.split("&")).map(g -> patterns(g)).toList());
                case "uses", "safe", "back", "moves", "told" ->
                        words.computeIfAbsent(what, w -> new ArrayList<>()).addAll(patterns(rest));
                case "signal" -> signal = signal(rest, at);
                case "say" -> {
                    said = rest.split("\\s*\\|\\s*");
                    if (said.length != 3) {
                        throw new LineProblem(
                                at, "a statement is hazard | consequence | how it is avoided.");
                    }
                }
                case "licensed" -> licensed = rest;
                default -> throw new LineProblem(at, "“" + what + "” is not known.");
            }
        }

        private static Hazard.SignalWord signal(String word, int at) throws LineProblem {
            try {
                return Hazard.SignalWord.valueOf(word.strip().toUpperCase(Locale.ROOT));
            } catch (IllegalArgumentException e) {
                throw new LineProblem(at, "a signal word is danger, warning, caution or notice.");
            }
        }

        private static List<WordPattern> patterns(String text) {
            return Arrays.stream(text.strip().split("\\s+")).map(WordPattern::of).toList();
        }

        HazardRule rule() throws LineProblem {
            if (said == null || !words.containsKey("told")) {
                throw new LineProblem(
                        line, "the rule “" + name + "” needs a line “told” and a line “say”.");
            }
            return new HazardRule(
                    name,
                    List.copyOf(when),
                    list("uses"),
                    list("safe"),
                    list("back"),
                    list("moves"),
                    list("told"),
                    new Hazard(signal, said[0], said[1], said[2]),
                    licensed);
        }

        private List<WordPattern> list(String what) {
            return List.copyOf(words.getOrDefault(what, List.of()));
        }
    }
}
