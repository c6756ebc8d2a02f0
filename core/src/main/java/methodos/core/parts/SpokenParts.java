package methodos.core.parts;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.language.PartNames;
import methodos.core.manual.Named;
import methodos.core.manual.Part;
import methodos.core.vocabulary.Nouns;
import methodos.core.vocabulary.WordSet;

/**
 * Which line of a parts list somebody means who names a part while he works. A line is meant where
 * no other can be: by the last word of its name, by what is said before it, by its size, by how
 * many there are, by what it belongs to of what is at hand, and by what was last called so.
 */
public final class SpokenParts {

    /** Words of which a line has at most one: who says "left" does not mean the right one. */
    private static final List<Set<String>> APART =
            Stream.of(
                            "left right",
                            "upper lower middle",
                            "top bottom",
                            "front rear back",
                            "inner outer",
                            "inside outside",
                            "long short",
                            "big small large little",
                            "first second third fourth",
                            "inlet outlet",
                            "input output",
                            "male female")
                    .map(WordSet::of)
                    .toList();

    /** What fastens is called by either name. */
    private static final Set<String> SCREWS = Set.of("screw", "bolt", "capscrew");

    /** Names that were used last, at most. */
    private static final int REMEMBERED = 12;

    private final List<Part> list;
    private final List<Id<Part>> recent = new ArrayList<>();

    /** Nothing of the list has been named yet. */
    public SpokenParts(List<Part> list) {
        this.list = List.copyOf(list);
    }

    /**
     * The lines that can be meant: one if it is sure, none if nothing of the list is called so.
     *
     * @param beside what else is said in the same breath
     */
    public List<Part> meant(Named named, String beside) {
        String head = Nouns.head(named.name().toLowerCase(Locale.ROOT));
        List<Part> lines = list.stream().filter(p -> head(p).equals(head)).toList();
        if (lines.isEmpty() && SCREWS.contains(head)) {
            lines = list.stream().filter(p -> SCREWS.contains(head(p))).toList();
        }
        Set<String> said = words(named.name());
        lines = lines.stream().filter(p -> !contradicts(said, words(p))).toList();
        lines =
                kept(
                        lines,
                        p -> named.size() != null && plain(named.size()).equals(plain(p.size())));
        lines = most(lines, p -> common(said, words(p)));
        boolean told = lines.stream().anyMatch(p -> common(said, words(p)) > 1);
        if (!told) {
            Set<String> at = new HashSet<>(words(beside));
            at.removeAll(said);
            lines = most(lines, p -> common(at, words(p)));
            Set<String> before = lines.size() > 1 ? workedOn(head) : Set.of();
            lines = most(lines, p -> common(before, words(p)));
        }
        lines = most(lines, p -> -words(p.name().split(",")[0]).size());
        lines = kept(lines, p -> named.quantity() != null && named.quantity() == p.quantity());
        Optional<Part> last = lines.size() < 2 ? Optional.empty() : last(lines);
        List<Part> meant = last.map(List::of).orElse(lines);
        if (meant.size() == 1) {
            recent.remove(meant.get(0).id());
            recent.add(0, meant.get(0).id());
            if (recent.size() > REMEMBERED) {
                recent.remove(REMEMBERED);
            }
        }
        return meant;
    }

    /** The name of what was worked on last: behind "plate off" the O-ring is that of the plate. */
    private Set<String> workedOn(String head) {
        return recent.stream()
                .limit(1)
                .flatMap(id -> list.stream().filter(p -> p.id().equals(id)))
                .filter(p -> !head(p).equals(head))
                .findFirst()
                .map(p -> words(p.name()))
                .orElse(Set.of());
    }

    private Optional<Part> last(List<Part> lines) {
        return recent.stream()
                .flatMap(id -> lines.stream().filter(p -> p.id().equals(id)))
                .findFirst();
    }

    /** Those of which something holds; all where it holds of none. */
    private static List<Part> kept(List<Part> lines, Predicate<Part> holds) {
        List<Part> kept = lines.stream().filter(holds).toList();
        return kept.isEmpty() ? lines : kept;
    }

    private interface Fit {
        int of(Part part);
    }

    private static List<Part> most(List<Part> lines, Fit fit) {
        int most = lines.stream().mapToInt(fit::of).max().orElse(0);
        return lines.stream().filter(p -> fit.of(p) == most).toList();
    }

    static boolean contradicts(Set<String> said, Set<String> line) {
        return APART.stream()
                .anyMatch(
                        apart ->
                                said.stream()
                                        .filter(apart::contains)
                                        .anyMatch(
                                                s ->
                                                        !line.contains(s)
                                                                && line.stream()
                                                                        .anyMatch(
                                                                                apart::contains)));
    }

    private static int common(Set<String> said, Set<String> line) {
        return (int) said.stream().filter(line::contains).count();
    }

    static String head(Part part) {
        return Nouns.singular(PartNames.head(part.name()));
    }

    static Set<String> words(Part part) {
        Set<String> words = new LinkedHashSet<>(words(part.name()));
        words.addAll(words(part.size()));
        words.addAll(words(String.join(" ", part.places())));
        return words;
    }

    static Set<String> words(String name) {
        return Stream.of(name.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}.-]+"))
                .map(Nouns::singular)
                .filter(w -> !w.isEmpty())
                .collect(Collectors.toSet());
    }

    static String plain(String size) {
        return size.toLowerCase(Locale.ROOT).replace('×', 'x').replaceAll("\\s", "");
    }
}
