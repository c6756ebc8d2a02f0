package methodos.core.drafting;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import methodos.core.hazard.HazardRules;
import methodos.core.speech.Token;
import methodos.core.vocabulary.Nouns;

/**
 * What a workshop calls things: verbs with their actions, tools, consumables, what recognition of
 * speech mishears, and the phrases by which talk is told from work.
 *
 * <p>The lists are text with comments, see {@code verbs.txt} and its neighbours; a company's own
 * lists are read after them and win where both know a word.
 */
public final class Lexicon {

    /** The lists, by the name of the file that holds them. */
    public enum Wordlist {
        VERBS,
        TOOLS,
        CONSUMABLES,
        MISHEARD,
        PHRASES;

        /** The file's name. */
        public String file() {
            return name().toLowerCase(Locale.ROOT) + ".txt";
        }
    }

    /** A line that is not understood. */
    public static final class LineProblem extends Exception {
        LineProblem(String file, int line, String why) {
            super(file + ", line " + line + ": " + why);
        }
    }

    static final Set<String> ACTIONS =
            Set.of(
                    ("remove install loosen tighten hand-tighten disconnect connect drain fill vent"
                                    + " pressurise isolate restore lift lower support turn push pull"
                                    + " tap press heat cool clean lubricate apply inspect measure"
                                    + " mark align adjust replace discard cut bend cover uncover"
                                    + " secure release test record wait")
                            .split(" "));

    /** A consumable's name and what is known of it. */
    record Consumable(String name, String group, List<String> hazards) {}

    private final Map<String, Verb.Met> forms = new HashMap<>();
    private final Map<String, String> tools = new HashMap<>();
    private final Set<String> doubtfulTools = new HashSet<>();
    private final Map<String, Consumable> consumables = new HashMap<>();
    private final Map<String, String> misheard = new HashMap<>();
    private final Map<String, List<String>> phrases = new LinkedHashMap<>();
    private final HazardsSaid hazards;

    private Lexicon(HazardsSaid hazards) {
        this.hazards = hazards;
    }

    /** The lists that come with the program. */
    public static Lexicon english() {
        return English.LEXICON;
    }

    private static final class English {
        static final Lexicon LEXICON = load();

        private static Lexicon load() {
            Lexicon lexicon = new Lexicon(new HazardsSaid(HazardRules.shipped()));
            for (Wordlist list : Wordlist.values()) {
                try (InputStream in = Lexicon.class.getResourceAsStream(list.file());
                        BufferedReader lines =
                                new BufferedReader(
                                        new InputStreamReader(in, StandardCharsets.UTF_8))) {
                    lexicon.read(list, lines.lines().toList());
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                } catch (LineProblem e) {
                    throw new IllegalStateException(e);
                }
            }
            return lexicon;
        }
    }

    /**
     * These lists with those of a company on top.
     *
     * @throws LineProblem if a line is not understood; nothing of the list is taken then
     */
    public Lexicon with(Wordlist list, List<String> lines) throws LineProblem {
        Lexicon more = new Lexicon(hazards);
        more.take(this);
        more.read(list, lines);
        return more;
    }

    /** These lists with other hazard rules, such as with a company's own on top. */
    public Lexicon with(HazardRules rules) {
        Lexicon other = new Lexicon(new HazardsSaid(rules));
        other.take(this);
        return other;
    }

    private void take(Lexicon other) {
        forms.putAll(other.forms);
        tools.putAll(other.tools);
        doubtfulTools.addAll(other.doubtfulTools);
        consumables.putAll(other.consumables);
        misheard.putAll(other.misheard);
        other.phrases.forEach((k, v) -> phrases.put(k, new ArrayList<>(v)));
    }

    private void read(Wordlist list, List<String> lines) throws LineProblem {
        String section = "";
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i).strip();
            if (line.isEmpty() || line.startsWith("#")) {
                continue;
            }
            String problem = null;
            switch (list) {
                case VERBS -> problem = verbLine(line);
                case TOOLS -> toolLine(line);
                case CONSUMABLES -> problem = consumableLine(line);
                case MISHEARD -> problem = mishearing(line);
                case PHRASES -> {
                    if (line.startsWith("[") && line.endsWith("]")) {
                        section = line.substring(1, line.length() - 1);
                        phrases.computeIfAbsent(section, k -> new ArrayList<>());
                    } else if (section.isEmpty()) {
                        problem = "there is no section in brackets above it.";
                    } else {
                        phrases.get(section).add(line);
                    }
                }
            }
            if (problem != null) {
                throw new LineProblem(list.file(), i + 1, problem);
            }
        }
    }

    // ---------------------------------------------------------------- the lines of each list

    private String verbLine(String line) {
        String[] sides = line.split("=", 2);
        if (sides.length < 2) {
            return "a verb needs “= action”.";
        }
        String left = sides[0].strip();
        boolean alsoNoun = left.startsWith("~");
        left = alsoNoun ? left.substring(1) : left;
        List<String> irregular = List.of();
        int bracket = left.indexOf('[');
        if (bracket > 0 && left.endsWith("]")) {
            irregular = List.of(left.substring(bracket + 1, left.length() - 1).split(" "));
            left = left.substring(0, bracket);
        }
        String base = left.strip();
        String[] parts = sides[1].split(";");
        String own = parts[0].strip();
        Map<String, String> particles = new LinkedHashMap<>();
        for (int i = 1; i < parts.length; i++) {
            String[] rule = parts[i].split("=");
            if (rule.length != 2 || !known(rule[1].strip())) {
                return "“" + parts[i].strip() + "” does not end with a known action.";
            }
            String action = rule[1].strip();
            for (String particle : rule[0].strip().split(" ")) {
                particles.put(particle, action.equals("-") ? null : action);
            }
        }
        if (!known(own)) {
            return "“" + own + "” is not a known action.";
        }
        Verb verb = new Verb(base, own.equals("-") ? null : own, particles, alsoNoun);
        inflect(verb, irregular);
        return null;
    }

    private static boolean known(String action) {
        return action.equals("-") || ACTIONS.contains(action);
    }

    private void inflect(Verb verb, List<String> irregular) {
        String base = verb.base();
        forms.put(base, new Verb.Met(verb, Verb.Form.BASE));
        boolean hissing = base.matches(".*(s|sh|ch|x|z|o)");
        boolean y = base.matches(".*[^aeiou]y");
        String third =
                y ? base.substring(0, base.length() - 1) + "ies" : base + (hissing ? "es" : "s");
        put(third, verb, Verb.Form.THIRD_PERSON);
        String stem = base.endsWith("e") ? base.substring(0, base.length() - 1) : base;
        boolean past = irregular.stream().noneMatch(f -> !f.endsWith("ing") && !f.endsWith("s"));
        if (past) {
            put(
                    y ? base.substring(0, base.length() - 1) + "ied" : stem + "ed",
                    verb,
                    Verb.Form.PAST);
        }
        put((base.endsWith("ee") ? base : stem) + "ing", verb, Verb.Form.ING);
        for (String form : irregular) {
            Verb.Form kind =
                    form.endsWith("ing")
                            ? Verb.Form.ING
                            : form.endsWith("es") || form.endsWith("ies")
                                    ? Verb.Form.THIRD_PERSON
                                    : form.matches(".*(en|n|ne|ung)") && !form.equals("ran")
                                            ? Verb.Form.PARTICIPLE
                                            : Verb.Form.PAST;
            put(form, verb, kind);
        }
    }

    private void put(String form, Verb verb, Verb.Form kind) {
        Verb.Met there = forms.get(form);
        if (there == null || there.form() != Verb.Form.BASE || there.verb().base().equals(form)) {
            forms.putIfAbsent(form, new Verb.Met(verb, kind));
        }
    }

    private void toolLine(String line) {
        String[] sides = line.split("=", 2);
        String said = sides[0].strip();
        boolean doubtful = said.startsWith("~");
        said = doubtful ? said.substring(1) : said;
        tools.put(said, sides.length > 1 ? sides[1].strip() : said);
        if (doubtful) {
            doubtfulTools.add(said);
        }
    }

    private String consumableLine(String line) {
        String[] sides = line.split("=", 2);
        if (sides.length < 2) {
            return "a consumable needs “= group”.";
        }
        String[] kind = sides[1].split("\\+", 2);
        List<String> hazards =
                kind.length < 2 ? List.of() : List.of(kind[1].strip().split("\\s*\\|\\s*"));
        consumables.put(
                sides[0].strip(), new Consumable(sides[0].strip(), kind[0].strip(), hazards));
        return null;
    }

    private String mishearing(String line) {
        String[] sides = line.split("=", 2);
        if (sides.length < 2 || sides[1].isBlank()) {
            return "a mishearing needs “= what is said”.";
        }
        misheard.put(sides[0].strip(), sides[1].strip());
        return null;
    }

    // ---------------------------------------------------------------- asking

    /** The verb that a word may be a form of. */
    Optional<Verb.Met> verb(Token token) {
        return Optional.ofNullable(forms.get(token.text()));
    }

    /** The name in print of a tool that is called so, whole; plurals are known too. */
    Optional<String> tool(String said) {
        String name = tools.get(said);
        if (name == null) {
            String singular = Nouns.singular(said);
            name = tools.get(singular);
        }
        return Optional.ofNullable(name);
    }

    /** Whether the unit may have parts of that name too. */
    boolean doubtfulTool(String said) {
        return doubtfulTools.contains(said) || doubtfulTools.contains(Nouns.singular(said));
    }

    /** Whether a thing is a consumable by its whole name or by its head. */
    boolean namesConsumable(String name) {
        return consumable(name).isPresent() || consumable(Nouns.head(name)).isPresent();
    }

    Optional<Consumable> consumable(String said) {
        Consumable c = consumables.get(said);
        return Optional.ofNullable(c == null ? consumables.get(Nouns.singular(said)) : c);
    }

    Map<String, String> misheard() {
        return misheard;
    }

    HazardsSaid hazards() {
        return hazards;
    }

    List<String> phrases(String section) {
        return phrases.getOrDefault(section, List.of());
    }
}
