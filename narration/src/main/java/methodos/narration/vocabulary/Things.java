package methodos.narration.vocabulary;

import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import methodos.core.vocabulary.Nouns;

/** Parts, tools and consumables by the last words of their names. */
public final class Things {

    /**
     * A name that is known.
     *
     * @param print how it is written
     * @param kind such as "fastener", "tool", "lubricant"
     * @param doubtful whether a part of a machine has this name as well
     * @param care whether a consumable calls for it
     */
    public record Named(String print, String kind, boolean doubtful, boolean care) {}

    private static final int LONGEST = 4;

    private final Map<String, Set<String>> parts = new HashMap<>();
    private final Map<String, Named> tools = new HashMap<>();
    private final Map<String, Named> consumables = new HashMap<>();

    private Things() {}

    private static final class English {
        static final Things THINGS = load();

        private static Things load() {
            Things things = new Things();
            WordList.lines("parts.txt").forEach(things::partLine);
            WordList.lines("tools.txt").forEach(things::toolLine);
            WordList.lines("consumables.txt").forEach(things::consumableLine);
            return things;
        }
    }

    /** The names that come with the program. */
    public static Things english() {
        return English.THINGS;
    }

    /** Adds a part by the last words of its name. */
    void addPart(String name, String kind) {
        parts.computeIfAbsent(name, n -> new TreeSet<>()).add(kind);
    }

    /** Adds "said", "~said" or "said = name in print". */
    void addTool(String line) {
        String[] sides = line.split("=", 2);
        String name = sides[0].replace("~", "").strip();
        String print = sides.length > 1 && !sides[1].isBlank() ? sides[1].strip() : name;
        if (name.isEmpty()) {
            throw new IllegalArgumentException("there is no name before “=”.");
        }
        tools.put(name, new Named(print, "tool", line.startsWith("~"), false));
    }

    /** Adds a consumable by its name and group; "!" behind the group says that it needs care. */
    void addConsumable(String name, String group) {
        String kind = group.replaceFirst("[!+].*", "").strip();
        consumables.put(name, new Named(name, kind, false, !kind.equals(group)));
    }

    Things copy() {
        Things more = new Things();
        parts.forEach((word, kinds) -> more.parts.put(word, new TreeSet<>(kinds)));
        more.tools.putAll(tools);
        more.consumables.putAll(consumables);
        return more;
    }

    private void partLine(String line) {
        int colon = colon(line);
        String kind = line.substring(0, colon).strip();
        for (String name : line.substring(colon + 1).strip().split("\\s+")) {
            parts.computeIfAbsent(name.replace('+', ' '), n -> new TreeSet<>()).add(kind);
        }
    }

    private static int colon(String line) {
        int colon = line.indexOf(':');
        if (colon < 0) {
            throw new IllegalArgumentException("no “:” behind the kind in “" + line + "”");
        }
        return colon;
    }

    private void toolLine(String line) {
        for (String entry : line.split("\\s+")) {
            boolean doubtful = entry.startsWith("~");
            String[] names = entry.replace("~", "").replace('+', ' ').split("=");
            tools.put(names[0], new Named(names[names.length - 1], "tool", doubtful, false));
        }
    }

    private void consumableLine(String line) {
        int colon = colon(line);
        String kind = line.substring(0, colon).strip();
        for (String entry : line.substring(colon + 1).strip().split("\\s+")) {
            String name = entry.replace("!", "").replace('+', ' ');
            consumables.put(name, new Named(name, kind, false, entry.endsWith("!")));
        }
    }

    /** The kinds of part that a word names, in the singular or plural; none for an unknown one. */
    public Set<String> part(String word) {
        Set<String> kinds = parts.get(word);
        if (kinds == null) {
            kinds = parts.get(Nouns.singular(word));
        }
        return kinds == null ? Set.of() : Collections.unmodifiableSet(kinds);
    }

    /** Whether a word names a part, a tool or a consumable. */
    public boolean names(String word) {
        return !part(word).isEmpty() || tool(word).isPresent() || consumable(word).isPresent();
    }

    /** All names of one word. */
    public Set<String> words() {
        Set<String> words = new TreeSet<>(parts.keySet());
        words.addAll(tools.keySet());
        words.addAll(consumables.keySet());
        words.removeIf(name -> name.contains(" "));
        return words;
    }

    /** A tool by its name, in the singular or plural. */
    public Optional<Named> tool(String name) {
        return named(tools, name);
    }

    /** A consumable by its name. */
    public Optional<Named> consumable(String name) {
        return named(consumables, name);
    }

    private static Optional<Named> named(Map<String, Named> of, String name) {
        Named known = of.get(name);
        return Optional.ofNullable(known != null ? known : of.get(Nouns.singular(name)));
    }

    /** The longest name of a tool that ends with the last of some words, and how many it has. */
    public Optional<Ending> toolAtEnd(List<String> words) {
        return atEnd(tools, words);
    }

    /** The longest name of a consumable that ends with the last of some words. */
    public Optional<Ending> consumableAtEnd(List<String> words) {
        return atEnd(consumables, words);
    }

    /**
     * A name at the end of some words.
     *
     * @param words how many of them it takes
     */
    public record Ending(Named named, int words) {}

    private static Optional<Ending> atEnd(Map<String, Named> of, List<String> words) {
        for (int n = Math.min(LONGEST, words.size()); n > 0; n--) {
            String name = String.join(" ", words.subList(words.size() - n, words.size()));
            Optional<Named> found = named(of, name);
            if (found.isPresent()) {
                return Optional.of(new Ending(found.get(), n));
            }
        }
        return Optional.empty();
    }
}
