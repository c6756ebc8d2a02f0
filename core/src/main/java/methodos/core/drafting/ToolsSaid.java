package methodos.core.drafting;

import java.util.Optional;
import java.util.Set;
import methodos.core.speech.Measure;
import methodos.core.vocabulary.Nouns;
import methodos.core.vocabulary.WordSet;

/** The tools that a clause names, with their sizes: "a ten mil socket", "spanner nineteen". */
final class ToolsSaid {

    private static final Set<String> BETWEEN_SIZE_AND_TOOL =
            WordSet.of("deep long ring open box combination drive impact pin c");

    private static final Set<String> MACHINES =
            WordSet.of("pump drill saw stone blade oven heater hoist meter");

    private static final Set<String> PARTS_NAMED_BY_TOOLS =
            WordSet.of("motor pin plug bolt screw spring housing cover");

    private static final Set<String> SIZED =
            WordSet.of("socket spanner wrench key driver hex drive allen punch drill");

    private final Speech speech;
    private final Said said;
    private final int from;
    private final int to;

    ToolsSaid(Speech speech, Said said, int from, int to) {
        this.speech = speech;
        this.said = said;
        this.from = from;
        this.to = to;
    }

    // ---------------------------------------------------------------- said.tools

    /** Reads a tool whose name begins at a place; the place behind it, or -1. */
    int at(int i) {
        if (said.taken(i)) {
            return -1;
        }
        for (int n = Math.min(4, to - i); n > 0; n--) {
            String words = said.phrase(i, n);
            if (words == null) {
                continue;
            }
            Optional<String> name = speech.lexicon().tool(words);
            if (name.isEmpty()) {
                continue;
            }
            int start = i;
            Measure before = sizeBefore(i);
            boolean doubtful = speech.lexicon().doubtfulTool(words);
            boolean used = usedWith(start, before);
            if (n == 1 && (doubtful && !used && before == null || notTool(i, before, used))) {
                return -1;
            }
            String size =
                    before == null ? sizeBehind(i + n) : Sizes.print(before.min(), unit(before));
            String full = name.get();
            int adjective = speech.previous(i, from);
            if (n == 1 && before == null && adjective >= from && said.describes(adjective)) {
                full = speech.word(adjective) + " " + full;
                start = adjective;
            }
            Optional<Measure> lobes = lobes(i, full);
            if (lobes.isPresent()) {
                size = "T" + lobes.get().min();
                before = lobes.get();
            }
            said.tools.add(new Finding.ToolSaid(full, size));
            said.take(before == null ? start : before.from(), i + n);
            return i + n;
        }
        return elliptic(i);
    }

    /** "t twenty-five torx": the number of the six-lobed drive before a tool. */
    private Optional<Measure> lobes(int i, String tool) {
        return tool.startsWith("torx") && i > from
                ? speech.measureAt(i - 1)
                        .filter(Measure::single)
                        .filter(m -> speech.word(m.from() - 1).equals("t"))
                : Optional.empty();
    }

    private static String unit(Measure m) {
        return m.bare() ? "mm" : m.unit();
    }

    private Measure sizeBefore(int i) {
        int p = i - 1;
        while (p > from && (speech.filler(p) || BETWEEN_SIZE_AND_TOOL.contains(speech.word(p)))) {
            p--;
        }
        Optional<Measure> m = speech.measureAt(p);
        if (m.isPresent()
                && m.get().to() == p + 1
                && m.get().single()
                && (m.get().length() || m.get().bare())) {
            Measure measure = m.get();
            if (measure.bare()
                    && !SIZED.contains(Nouns.singular(speech.word(i)))
                    && !SIZED.contains(Nouns.singular(speech.word(i + 1)))) {
                return null;
            }
            if (measure.bare() && measure.min().toDouble() > 60) {
                return null;
            }
            if (measure.bare()) {
                boolean inches = !measure.min().toString().matches("\\d+");
                return measure.in(inches ? "in" : "mm");
            }
            return measure;
        }
        return null;
    }

    /** "spanner nineteen", "the key eight". */
    private String sizeBehind(int i) {
        Optional<Measure> m = speech.measureAt(i);
        if (i < to
                && m.isPresent()
                && m.get().from() == i
                && m.get().single()
                && (m.get().bare() || m.get().unit().equals("mm"))
                && m.get().min().toString().matches("\\d{1,2}")
                && !speech.word(m.get().to()).matches("nm|newton|turns?|of")) {
            said.take(i, m.get().to());
            return Sizes.print(m.get().min(), "mm");
        }
        return null;
    }

    private boolean usedWith(int i, Measure size) {
        int p = (size == null ? i : size.from()) - 1;
        while (p >= from
                && (speech.filler(p)
                        || speech.determiner(p)
                        || said.describes(p)
                        || Grammar.EVALUATIVE.contains(speech.word(p)))) {
            p--;
        }
        return Set.of("with", "using", "use", "via").contains(speech.word(p))
                || speech.word(p).equals("and") && !said.tools.isEmpty();
    }

    /** Words that are the name of a tool, but here of something else: "drill" the machine. */
    private boolean notTool(int i, Measure size, boolean used) {
        String w = speech.word(i);
        String after = speech.word(i + 1);
        if (size != null || used) {
            return false;
        }
        if (speech.lexicon().verb(speech.token(i)).isPresent()) {
            return speech.verbAt(i, from, to).isPresent()
                    || speech.beginsObject(i + 1)
                    || speech.token(i).mark().isEmpty()
                            && i + 1 < to
                            && NounPhrases.at(speech, i + 1, i + 2).isPresent();
        }
        if (Set.of("heater", "oven").contains(w) && speech.has(from, i, "in")) {
            return false;
        }
        if (Set.of("side", "seat", "door").contains(after)) {
            return true;
        }
        return MACHINES.contains(w) || PARTS_NAMED_BY_TOOLS.contains(after);
    }

    /** "with a nineteen", "eighteen mil on the hose": a spanner is meant. */
    private int elliptic(int i) {
        Optional<Measure> found = speech.measureAt(i);
        if (found.isEmpty() || found.get().from() != i || !found.get().single()) {
            return -1;
        }
        Measure m = found.get();
        String before = speech.word(i - 1);
        String after = speech.word(m.to());
        boolean size = m.min().toString().matches("[5-9]|[1-4]\\d");
        boolean with =
                before.equals("with") || before.equals("a") && speech.word(i - 2).equals("with");
        if (size
                && m.bare()
                && with
                && (m.to() >= to
                        || !NounPhrases.at(speech, m.to(), m.to() + 1).isPresent()
                        || Grammar.CONJUNCTIONS.contains(after))) {
            said.tools.add(new Finding.ToolSaid("spanner", Sizes.print(m.min(), "mm")));
            said.take(i, m.to());
            return m.to();
        }
        if (size && m.unit().equals("mm") && after.equals("on")
                || size && m.bare() && after.equals("on") && !said.tools.isEmpty() && i > from
                || size
                        && m.bare()
                        && after.equals("on")
                        && i == from
                        && speech.word(m.to() + 1).equals("the")) {
            said.tools.add(new Finding.ToolSaid("spanner", Sizes.print(m.min(), "mm")));
            said.take(i, m.to());
            return m.to();
        }
        return -1;
    }
}
