package methodos.core.hazard;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import methodos.core.hazard.Work.Deed;
import methodos.core.hazard.Work.Mention;
import methodos.core.hazard.Work.Thing;

/**
 * Work that is dangerous: what is done, to which thing, with what else in the text. No word stands
 * for two of these.
 *
 * @param acts senses of what is done, of which one is enough; empty: whatever is done
 * @param things of which one is enough; empty: none is needed
 * @param around senses that have to occur beside them, of each group one
 * @param without senses that must not occur with the deed
 */
record WorkPattern(
        List<String> acts, List<Kind> things, List<List<String>> around, List<String> without) {

    private static final String ANY = "any";
    private static final String NOTHING = "-";

    /**
     * A thing that is asked for.
     *
     * @param where "" for what the deed is done to, "+" however it is named, "*" anywhere in its
     *     name, else the word that stands before it
     * @param sense what it is
     * @param of what it has to be of, empty where nothing is asked
     */
    record Kind(String where, String sense, String of) {

        static Kind of(String text) {
            int slash = text.indexOf('/');
            String of = slash < 0 ? "" : text.substring(slash + 1);
            String first = slash < 0 ? text : text.substring(0, slash);
            int colon = first.indexOf(':');
            if (colon > 0) {
                return new Kind(first.substring(0, colon), first.substring(colon + 1), of);
            }
            boolean marked = first.startsWith("+") || first.startsWith("*");
            return marked
                    ? new Kind(first.substring(0, 1), first.substring(1), of)
                    : new Kind("", first, of);
        }
    }

    /** Reads "open : holder/fuel +fuel : hot & !cold". */
    static WorkPattern of(String text) {
        String[] parts = text.split("\\s+:\\s+");
        List<String> acts = words(parts[0]);
        List<Kind> things =
                parts.length > 1 && !parts[1].strip().equals(NOTHING)
                        ? words(parts[1]).stream().map(Kind::of).toList()
                        : List.of();
        List<List<String>> around = new ArrayList<>();
        List<String> without = new ArrayList<>();
        for (String part : Arrays.asList(parts).subList(Math.min(2, parts.length), parts.length)) {
            for (String group : part.split("&")) {
                List<String> senses = words(group);
                if (senses.get(0).startsWith("!")) {
                    senses.forEach(s -> without.add(s.replace("!", "")));
                } else {
                    around.add(senses);
                }
            }
        }
        return new WorkPattern(
                acts.contains(ANY) ? List.of() : acts, things, around, List.copyOf(without));
    }

    private static List<String> words(String text) {
        return List.of(text.strip().split("\\s+"));
    }

    /** All senses of things that it names. */
    Stream<String> thingSenses() {
        return Stream.of(
                        things.stream().flatMap(k -> Stream.of(k.sense(), k.of())),
                        around.stream().flatMap(List::stream),
                        without.stream())
                .flatMap(s -> s)
                .filter(s -> !s.isEmpty() && !s.equals(ANY));
    }

    /**
     * Whether such work is in a text.
     *
     * @param energies senses of the energies that the unit has
     */
    boolean in(Work work, Set<String> energies) {
        if (!possible(work)) {
            return false;
        }
        for (Deed deed : work.deeds()) {
            if (in(deed, work, energies)) {
                return true;
            }
        }
        return false;
    }

    /** Whether it is worth a closer look: most patterns are of other work altogether. */
    private boolean possible(Work work) {
        if (!acts.isEmpty() && !work.doesAny(acts)) {
            return false;
        }
        for (List<String> group : around) {
            if (!work.mentionsAny(group)) {
                return false;
            }
        }
        return true;
    }

    private boolean in(Deed deed, Work work, Set<String> energies) {
        if (!acts.isEmpty() && !deed.isAny(acts) || deed.mentionsAny(without)) {
            return false;
        }
        if (things.isEmpty()) {
            return around(List.of(deed.verb()), work);
        }
        for (Kind kind : things) {
            if (possible(kind, work, energies) && named(kind, deed, work, energies)) {
                return true;
            }
        }
        return false;
    }

    /** Whether such a thing is mentioned at all. */
    private static boolean possible(Kind kind, Work work, Set<String> energies) {
        return (kind.sense().equals(ANY) || work.mentions(kind.sense()))
                && (kind.of().isEmpty()
                        || work.mentions(kind.of())
                        || energies.contains(kind.of()));
    }

    private boolean named(Kind kind, Deed deed, Work work, Set<String> energies) {
        for (Thing thing : deed.things()) {
            if (thing.paper() || !place(kind, thing)) {
                continue;
            }
            for (Mention is : is(kind, thing)) {
                List<Mention> used = new ArrayList<>(List.of(deed.verb(), is));
                if (kind.of().isEmpty()
                        ? around(used, work)
                        : of(kind, deed, thing, used, work)
                                || !kind.sense().equals(ANY)
                                        && energies.contains(kind.of())
                                        && around(used, work)) {
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean place(Kind kind, Thing thing) {
        return switch (kind.where()) {
            case "" -> thing.direct();
            case "+", "*" -> true;
            default -> thing.role().equals(kind.where());
        };
    }

    private static final Mention UNKNOWN = new Mention(-1, -1, Set.of());

    private static List<Mention> is(Kind kind, Thing thing) {
        if (kind.sense().equals(ANY)) {
            return List.of(thing.head() == null ? UNKNOWN : thing.head());
        }
        if (kind.where().equals("*")) {
            return mentions(thing).filter(m -> m.senses().contains(kind.sense())).toList();
        }
        return thing.head() != null && thing.head().senses().contains(kind.sense())
                ? List.of(thing.head())
                : List.of();
    }

    private boolean of(Kind kind, Deed deed, Thing thing, List<Mention> used, Work work) {
        if (of(kind, thing, used, work)) {
            return true;
        }
        for (Thing other : deed.things()) {
            if (!other.direct() && !other.paper() && of(kind, other, used, work)) {
                return true;
            }
        }
        return false;
    }

    private boolean of(Kind kind, Thing thing, List<Mention> used, Work work) {
        if (thing.head() != null && of(kind, thing.head(), used, work)) {
            return true;
        }
        for (Mention mention : thing.more()) {
            if (of(kind, mention, used, work)) {
                return true;
            }
        }
        return false;
    }

    private boolean of(Kind kind, Mention mention, List<Mention> used, Work work) {
        if (!mention.senses().contains(kind.of())
                || !kind.sense().equals(ANY) && mention.overlapsAny(used)) {
            return false;
        }
        List<Mention> all = new ArrayList<>(used);
        all.add(mention);
        return around(all, work);
    }

    /** Whether of each group something else occurs. */
    private boolean around(List<Mention> used, Work work) {
        if (around.isEmpty()) {
            return true;
        }
        List<Mention> taken = new ArrayList<>(used);
        for (List<String> group : around) {
            boolean found = false;
            for (Mention m : work.mentions()) {
                if (m.isAny(group) && !m.overlapsAny(taken)) {
                    taken.add(m);
                    found = true;
                    break;
                }
            }
            if (!found) {
                return false;
            }
        }
        return true;
    }

    private static Stream<Mention> mentions(Thing thing) {
        return Stream.concat(Stream.ofNullable(thing.head()), thing.more().stream());
    }
}
