package methodos.core.hazard;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.manual.Hazard;
import methodos.core.memory.Remembered;

/**
 * The hazard rules: those that come with the program, with a company's own on top, and what words
 * mean to them.
 */
public final class HazardRules {

    /** The file that holds them, and the name of a company's own. */
    public static final String FILE = "hazard-rules.txt";

    private static final String SENSES = "hazard-senses.txt";

    private final List<HazardRule> list;
    private final Senses senses;

    /** Of which rules each deed may be, by their places. */
    private final Map<String, BitSet> ofDeed = new HashMap<>();

    /** The phrases that tell of a hazard themselves, by their first words. */
    private final Map<String, List<Telling>> tellings = new HashMap<>();

    private final BitSet ofAnything = new BitSet();

    // what names say is the same at every step
    private final Remembered<String, List<String>> names = new Remembered<>(Sentence::words);
    private final Remembered<String, String> units = new Remembered<>(Work::head);
    private final Remembered<String, Set<String>> energies;

    private record Telling(List<String> phrase, int rule) {}

    /** A line that is not understood. */
    public static final class LineProblem extends Exception {
        private static final long serialVersionUID = 1;

        private LineProblem(int line, String why) {
            super(FILE + ", line " + line + ": " + why);
        }
    }

    private HazardRules(Collection<HazardRule> list, Senses senses) {
        this.list = List.copyOf(list);
        this.senses = senses;
        energies = new Remembered<>(senses::ofName);
        for (int i = 0; i < this.list.size(); i++) {
            index(this.list.get(i), i);
        }
    }

    private void index(HazardRule rule, int at) {
        for (WorkPattern pattern : rule.work()) {
            pattern.acts().forEach(a -> ofDeed.computeIfAbsent(a, k -> new BitSet()).set(at));
        }
        for (List<String> phrase : rule.says()) {
            tellings.computeIfAbsent(phrase.get(0), k -> new ArrayList<>())
                    .add(new Telling(phrase, at));
        }
        boolean anyDeed = rule.work().stream().anyMatch(p -> p.acts().isEmpty());
        ofAnything.set(at, anyDeed || !rule.when().isEmpty());
    }

    /** The rules that come with the program. */
    public static HazardRules shipped() {
        try {
            return new HazardRules(List.of(), new Senses()).with(lines(SENSES)).with(lines(FILE));
        } catch (LineProblem e) {
            throw new IllegalStateException(e);
        }
    }

    private static List<String> lines(String file) {
        try (BufferedReader reader =
                new BufferedReader(
                        new InputStreamReader(
                                HazardRules.class.getResourceAsStream(file),
                                StandardCharsets.UTF_8))) {
            return reader.lines().toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The rules in the order of their lines, a company's own behind those that ship. */
    public List<HazardRule> list() {
        return list;
    }

    /** What a text asks for. */
    public List<HazardRule> askedBy(String text, Circumstances known) {
        Sentence sentence = Sentence.of(text);
        List<List<String>> parts = known.parts().stream().map(names::of).toList();
        Work work = Work.of(sentence, senses, parts, units.of(known.unit()));
        Set<String> kinds =
                known.energies().stream()
                        .flatMap(e -> energies.of(e).stream())
                        .collect(Collectors.toSet());
        BitSet asking = told(sentence.words());
        BitSet possible = worthALook(work);
        for (int i = possible.nextSetBit(0); i >= 0; i = possible.nextSetBit(i + 1)) {
            if (!asking.get(i) && list.get(i).asksFor(work, kinds, sentence.words())) {
                asking.set(i);
            }
        }
        return asking.stream().mapToObj(list::get).toList();
    }

    /** Of which rules the words tell themselves. */
    private BitSet told(List<String> words) {
        BitSet rules = new BitSet();
        for (int i = 0; i < words.size(); i++) {
            for (Telling telling : tellings.getOrDefault(words.get(i), List.of())) {
                int end = i + telling.phrase.size();
                if (end <= words.size() && words.subList(i, end).equals(telling.phrase)) {
                    rules.set(telling.rule);
                }
            }
        }
        return rules;
    }

    /** Most rules are of other work altogether. */
    private BitSet worthALook(Work work) {
        BitSet rules = (BitSet) ofAnything.clone();
        for (String act : work.acts()) {
            BitSet of = ofDeed.get(act);
            if (of != null) {
                rules.or(of);
            }
        }
        return rules;
    }

    /**
     * Rules on top of these; one with a name that is here takes the place of that.
     *
     * @throws LineProblem if a line is not understood
     */
    public HazardRules with(List<String> lines) throws LineProblem {
        Map<String, HazardRule> rules = new LinkedHashMap<>();
        Senses known = new Senses(senses);
        list.forEach(r -> rules.put(r.name(), r));
        Draft draft = null;
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i).strip();
            if (line.isEmpty() || line.startsWith("#")) {
                continue;
            }
            String[] halves = line.split("\\s+", 2);
            String rest = halves.length > 1 ? halves[1] : "";
            if (halves[0].equals("thing") || halves[0].equals("act")) {
                meaning(halves[0], rest, i + 1, known);
            } else if (halves[0].equals("hazard")) {
                finish(draft, rules);
                draft = new Draft(rest, i + 1, known);
            } else if (draft == null) {
                throw new LineProblem(i + 1, "a rule begins with “hazard” and its name.");
            } else {
                draft.read(halves[0], rest, i + 1);
            }
        }
        finish(draft, rules);
        return new HazardRules(rules.values(), known);
    }

    private static void meaning(String what, String rest, int at, Senses to) throws LineProblem {
        String[] sides = rest.split("\\s*=\\s*", 2);
        if (sides.length < 2 || sides[0].isBlank() || sides[1].isBlank()) {
            throw new LineProblem(at, "a sense needs a name, “=” and words that have it.");
        }
        if (what.equals("thing")) {
            to.thing(sides[0].strip(), sides[1]);
        } else {
            to.act(sides[0].strip(), sides[1]);
        }
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
        private final Senses senses;
        private final List<WorkPattern> work = new ArrayList<>();
        private final List<List<String>> says = new ArrayList<>();
        private final List<HazardRule.Drafted> drafted = new ArrayList<>();
        private HazardKind kind;
        private LicensedWork licensed;

        Draft(String name, int line, Senses senses) {
            this.name = name;
            this.line = line;
            this.senses = senses;
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
                case "licensed" ->
                        licensed =
                                LicensedWork.of(rest.strip())
                                        .orElseThrow(() -> unknown(rest, "licensed work", at));
                case "kind" ->
                        kind =
                                HazardKind.of(rest.strip())
                                        .orElseThrow(() -> unknown(rest, "hazard", at));
                case "says" ->
                        Arrays.stream(rest.split("\\s*,\\s*"))
                                .map(Sentence::words)
                                .forEach(says::add);
                case "drafts" -> drafted.add(drafted(rest, at));
                case "work" -> work.add(pattern(rest, at));
                default -> throw new LineProblem(at, "“" + what + "” is not known.");
            }
        }

        private static LineProblem unknown(String said, String what, int at) {
            return new LineProblem(at, "“" + said.strip() + "” is no " + what + " that is known.");
        }

        private static HazardRule.Drafted drafted(String text, int at) throws LineProblem {
            String[] sides = text.split("\\s+:\\s+", 2);
            if (sides.length < 2) {
                throw new LineProblem(at, "the things that it is done to are missing behind “:”.");
            }
            return new HazardRule.Drafted(
                    List.of(sides[0].strip().split("\\s+")),
                    List.of(sides[1].strip().split("\\s*,\\s*")));
        }

        private WorkPattern pattern(String text, int at) throws LineProblem {
            WorkPattern pattern = WorkPattern.of(text);
            Optional<String> stranger =
                    Stream.concat(
                                    pattern.acts().stream().filter(a -> !senses.knowsAct(a)),
                                    pattern.thingSenses().filter(t -> !senses.knowsThing(t)))
                            .findFirst();
            if (stranger.isPresent()) {
                throw unknown(stranger.get(), "sense", at);
            }
            return pattern;
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
                    Optional.ofNullable(kind),
                    List.copyOf(work),
                    List.copyOf(says),
                    List.copyOf(drafted),
                    List.copyOf(when),
                    list("uses"),
                    list("safe"),
                    list("back"),
                    list("moves"),
                    list("told"),
                    new Hazard(signal, said[0], said[1], said[2]),
                    Optional.ofNullable(licensed));
        }

        private List<WordPattern> list(String what) {
            return List.copyOf(words.getOrDefault(what, List.of()));
        }
    }
}
