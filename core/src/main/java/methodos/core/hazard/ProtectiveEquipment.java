package methodos.core.hazard;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import methodos.core.description.Id;
import methodos.core.manual.Hazard;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.vocabulary.Nouns;

/**
 * What a technician has to wear, summed up from all that a manual says: from how its hazards are
 * avoided, from its steps and from their tools. It finds what is named; which work asks for which
 * equipment is for the site's rules.
 */
public final class ProtectiveEquipment {

    /** What is protected, by the mandatory signs of ISO 7010. */
    public enum Kind {
        EYES,
        FACE,
        HANDS,
        HEARING,
        HEAD,
        FEET,
        LUNGS,
        BODY,
        FALLING,
        DROWNING,
        VISIBLE
    }

    /**
     * @param against the hazards that it is worn against, as they are named; none where only steps
     *     or tools name it
     */
    public record Use(Kind kind, List<String> against, List<Id<Step>> steps) {
        public Use {
            against = List.copyOf(against);
            steps = List.copyOf(steps);
        }
    }

    private static final Map<Kind, List<List<String>>> WORN = new EnumMap<>(Kind.class);
    private static final Map<Kind, List<List<String>>> ON = new EnumMap<>(Kind.class);
    private static final Set<String> WEARING = new LinkedHashSet<>();
    private static final Set<String> LEADING = new LinkedHashSet<>();
    private static final Set<String> NOT = new LinkedHashSet<>();

    static {
        read();
    }

    private ProtectiveEquipment() {}

    /** Of what some units have of a manual, in the order of the kinds. */
    public static List<Use> of(Manual manual, Sight sight) {
        Map<Kind, Set<String>> against = new EnumMap<>(Kind.class);
        Map<Kind, Set<Id<Step>>> steps = new EnumMap<>(Kind.class);
        Map<String, Set<Kind>> read = new HashMap<>(); // tools and hazards return at many steps
        Function<String, Set<Kind>> in =
                text -> read.computeIfAbsent(text, ProtectiveEquipment::in);
        manual.steps()
                .filter(s -> s.applicability().concerns(sight))
                .forEach(
                        step -> {
                            for (Hazard hazard : step.hazards()) {
                                if (hazard.applicability().concerns(sight)) {
                                    for (Kind kind : in.apply(hazard.avoidance())) {
                                        add(steps, kind, step.id());
                                        add(against, kind, hazard.hazard().strip());
                                    }
                                }
                            }
                            in.apply(step.text()).forEach(k -> add(steps, k, step.id()));
                            step.tools().stream()
                                    .flatMap(t -> manual.tool(t).stream())
                                    .map(Tool::name)
                                    .flatMap(name -> in.apply(name).stream())
                                    .forEach(k -> add(steps, k, step.id()));
                        });
        return steps.entrySet().stream()
                .map(
                        e ->
                                new Use(
                                        e.getKey(),
                                        List.copyOf(against.getOrDefault(e.getKey(), Set.of())),
                                        List.copyOf(e.getValue())))
                .toList();
    }

    private static <T> void add(Map<Kind, Set<T>> all, Kind kind, T one) {
        all.computeIfAbsent(kind, k -> new LinkedHashSet<>()).add(one);
    }

    /** What a text says is to be worn. */
    public static Set<Kind> in(String text) {
        Set<Kind> kinds = EnumSet.noneOf(Kind.class);
        Sentence all = Sentence.of(text);
        int begin = 0;
        for (int i = 1; i <= all.size(); i++) {
            boolean ends =
                    all.parted(i) == Sentence.STOP
                            || all.parted(i) == Sentence.COMMA && WEARING.contains(all.word(i));
            if (i == all.size() || ends) {
                clause(all.words().subList(begin, i), kinds);
                begin = i;
            }
        }
        return kinds;
    }

    private static void clause(List<String> clause, Set<Kind> kinds) {
        List<String> words = clause.stream().map(Nouns::singular).toList();
        int verb = verb(clause);
        for (Kind kind : Kind.values()) {
            int named = first(words, clause, WORN.getOrDefault(kind, List.of()), 0);
            int worn = verb < 0 ? -1 : first(words, clause, ON.getOrDefault(kind, List.of()), verb);
            int here = named >= 0 ? named : worn;
            if (here >= 0 && !forbidden(clause.subList(0, here))) {
                kinds.add(kind);
            }
        }
    }

    /** Where somebody is told to wear something, below 0 where nobody is. */
    private static int verb(List<String> clause) {
        for (int i = 0; i < clause.size(); i++) {
            if (WEARING.contains(clause.get(i))
                    && (i == 0 || LEADING.contains(clause.get(i - 1)))) {
                return i;
            }
        }
        return -1;
    }

    private static int first(
            List<String> singular, List<String> written, List<List<String>> phrases, int from) {
        return phrases.stream()
                .mapToInt(p -> place(singular, written, p, from))
                .filter(i -> i >= 0)
                .min()
                .orElse(-1);
    }

    private static boolean forbidden(List<String> before) {
        return before.stream().filter(NOT::contains).count() % 2 == 1;
    }

    /**
     * Where a phrase stands among words that are compared in the singular or as they are written.
     */
    private static int place(
            List<String> singular, List<String> written, List<String> phrase, int from) {
        for (int i = from; i + phrase.size() <= written.size(); i++) {
            boolean is = true;
            for (int j = 0; j < phrase.size() && is; j++) {
                is =
                        phrase.get(j).equals(singular.get(i + j))
                                || phrase.get(j).equals(written.get(i + j));
            }
            if (is) {
                return i;
            }
        }
        return -1;
    }

    private static void read() {
        try (BufferedReader in =
                new BufferedReader(
                        new InputStreamReader(
                                ProtectiveEquipment.class.getResourceAsStream("protective.txt"),
                                StandardCharsets.UTF_8))) {
            in.lines()
                    .filter(l -> !l.isBlank() && !l.startsWith("#"))
                    .forEach(ProtectiveEquipment::line);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void line(String line) {
        String[] sides = line.split("=", 2);
        List<String> what = List.of(sides[0].strip().split("\\s+"));
        List<List<String>> phrases =
                Arrays.stream(sides[1].split(","))
                        .map(p -> List.of(p.strip().split("\\s+")))
                        .toList();
        switch (what.get(0)) {
            case "worn" -> WORN.put(kind(what.get(1)), phrases);
            case "on" -> ON.put(kind(what.get(1)), phrases);
            case "wearing" -> phrases.forEach(WEARING::addAll);
            case "leading" -> phrases.forEach(LEADING::addAll);
            case "not" -> phrases.forEach(NOT::addAll);
            default -> throw new IllegalStateException("“" + line + "” is no line of it");
        }
    }

    private static Kind kind(String name) {
        return Kind.valueOf(name.toUpperCase(Locale.ROOT));
    }
}
