package methodos.core.parts;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import methodos.core.description.Id;
import methodos.core.manual.Named;
import methodos.core.manual.Part;
import methodos.core.vocabulary.Nouns;

/**
 * Which part is meant by each name of a narration, in the order of the words: a line of the list,
 * or else a thing that so far is only heard. Who says less than before means what was named before
 * ("the screws" after "the cap screws"); who says more means another thing.
 */
public final class HeardParts {

    private final SpokenParts listed;
    private final List<Part> heard = new ArrayList<>();
    private final Map<Id<Part>, Integer> named = new HashMap<>();
    private int names;

    /**
     * @param parts lines of the list, and what is heard already
     */
    public HeardParts(List<Part> parts) {
        listed = new SpokenParts(parts.stream().filter(p -> !p.heard()).toList());
        parts.stream().filter(Part::heard).forEach(heard::add);
    }

    /**
     * The lines of the list that can be meant: one if it is sure, none if none is called so.
     *
     * @param beside what else is said in the same breath
     */
    public List<Part> listed(Named name, String beside) {
        return listed.meant(name, beside);
    }

    /** What was heard before and is meant by a name; empty where it is something new. */
    public Optional<Part> heard(Named name) {
        Set<String> said = SpokenParts.words(name.name());
        String head = Nouns.head(name.name().toLowerCase(Locale.ROOT));
        Optional<Part> meant =
                heard.stream()
                        .filter(p -> SpokenParts.head(p).equals(head))
                        .filter(p -> SpokenParts.words(p).containsAll(said))
                        .filter(p -> fits(name.size(), p.size()))
                        .max(
                                Comparator.comparing(
                                                (Part p) ->
                                                        SpokenParts.words(p.name()).equals(said))
                                        .thenComparing(p -> named.getOrDefault(p.id(), 0)));
        meant.ifPresent(p -> named.put(p.id(), ++names));
        return meant;
    }

    private static boolean fits(String said, String known) {
        return said == null
                || known.isEmpty()
                || SpokenParts.plain(said).equals(SpokenParts.plain(known));
    }

    /** A thing that is heard for the first time, or of which more is known now. */
    public void know(Part part) {
        heard.removeIf(p -> p.id().equals(part.id()));
        heard.add(part);
        named.put(part.id(), ++names);
    }
}
