package methodos.core.hazard;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import methodos.core.vocabulary.Nouns;
import methodos.core.vocabulary.Verbs;

/**
 * What words mean to safety: a "hose" is a line, "petrol" a fuel, "undo" opens. One word may have
 * several senses; which of them counts is for the sentence to say.
 */
final class Senses {

    /**
     * @param words how many words it takes
     * @param senses the names of its senses
     */
    record Match(int words, Set<String> senses) {}

    private static final String COMPOUND = "+";

    private final Map<String, Set<String>> things = new HashMap<>();
    private final Map<String, Set<String>> acts = new HashMap<>();
    private final Set<String> verbs = new HashSet<>();
    private final Set<String> endings = new LinkedHashSet<>();
    private final Set<String> names = new HashSet<>();

    /** How many words the longest phrase has that begins with a word. */
    private final Map<String, Integer> longestFrom = new HashMap<>();

    Senses() {}

    Senses(Senses other) {
        other.things.forEach((k, v) -> things.put(k, new LinkedHashSet<>(v)));
        other.acts.forEach((k, v) -> acts.put(k, new LinkedHashSet<>(v)));
        verbs.addAll(other.verbs);
        endings.addAll(other.endings);
        names.addAll(other.names);
        longestFrom.putAll(other.longestFrom);
    }

    /** Gives things a sense: "line = hose, pipe"; with "@line" all that is a line already. */
    void thing(String sense, String phrases) {
        for (String phrase : add(things, "", sense, phrases)) {
            if (phrase.startsWith("*")) {
                endings.add(phrase.substring(1));
            }
        }
    }

    /** Gives what is done a sense: "open = undo, take off"; "+leak test" is a verb of two words. */
    void act(String sense, String phrases) {
        for (String phrase : add(acts, "act ", sense, phrases)) {
            if (!phrase.startsWith(COMPOUND)) {
                verbs.add(phrase.split(" ")[0]);
            }
        }
    }

    /** Returns the phrases that were said themselves. */
    private List<String> add(
            Map<String, Set<String>> to, String mark, String sense, String phrases) {
        names.add(mark + sense);
        List<String> said = new ArrayList<>();
        for (String phrase : phrases.strip().split("\\s*,\\s*")) {
            if (phrase.startsWith("@")) {
                String other = phrase.substring(1);
                List<Set<String>> same =
                        to.values().stream().filter(s -> s.contains(other)).toList();
                same.forEach(s -> s.add(sense));
            } else if (!phrase.isEmpty()) {
                to.computeIfAbsent(phrase, p -> new LinkedHashSet<>()).add(sense);
                String[] pieces = phrase.split(" ");
                longestFrom.merge(pieces[0], pieces.length, Math::max);
                said.add(phrase);
            }
        }
        return said;
    }

    boolean knowsThing(String sense) {
        return names.contains(sense) || Work.FIGURES.contains(sense);
    }

    boolean knowsAct(String sense) {
        return names.contains("act " + sense) || WorkReader.HANDS.contains(sense);
    }

    /** The longest thing that is named from a word on. */
    Optional<Match> thing(List<String> words, int from) {
        int most =
                from < words.size() && from >= 0 ? longestFrom.getOrDefault(words.get(from), 1) : 0;
        for (int n = Math.min(most, words.size() - from); n > 0; n--) {
            String phrase = String.join(" ", words.subList(from, from + n));
            Set<String> senses = things.get(phrase);
            if (senses == null) {
                senses = things.get(Nouns.singular(phrase));
            }
            if (senses == null && n == 1) {
                senses = byEnding(phrase);
            }
            if (senses != null) {
                return Optional.of(new Match(n, senses));
            }
        }
        return Optional.empty();
    }

    /** "*ethylene" is every word that ends so. */
    private Set<String> byEnding(String word) {
        return endings.stream()
                .filter(e -> word.endsWith(e) && word.length() > e.length())
                .findFirst()
                .map(e -> things.get("*" + e))
                .orElse(null);
    }

    /**
     * The senses of what is done.
     *
     * @param verb in any form
     * @param particles the words like "off" and "out" that go with it
     */
    Set<String> acts(String verb, List<String> particles) {
        Set<String> found = new LinkedHashSet<>();
        for (String base : Verbs.bases(verb)) {
            found.addAll(acts.getOrDefault(base, Set.of()));
            particles.forEach(p -> found.addAll(acts.getOrDefault(base + " " + p, Set.of())));
        }
        return found;
    }

    /** Whether a word may be something that is done. */
    boolean verb(String word) {
        return Verbs.bases(word).stream().anyMatch(this::base);
    }

    /** The senses of a verb of two words, such as "pressure test"; empty where it is none. */
    Set<String> compound(String first, String second) {
        return acts.getOrDefault(COMPOUND + first + " " + second, Set.of());
    }

    /** Whether a word may be something that is done, as one tells somebody to do it. */
    boolean base(String word) {
        return verbs.contains(word);
    }

    /** The senses that the words of a name have. */
    Set<String> ofName(String name) {
        List<String> words = Sentence.words(name);
        Set<String> found = new LinkedHashSet<>();
        for (int i = 0; i < words.size(); i++) {
            thing(words, i).ifPresent(m -> found.addAll(m.senses()));
        }
        return found;
    }
}
