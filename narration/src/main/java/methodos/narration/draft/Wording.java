package methodos.narration.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.narration.DraftedStep.PartNamed;
import methodos.core.narration.DraftedStep.ToolNamed;
import methodos.core.speech.Measure;
import methodos.core.vocabulary.Nouns;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.Complements;
import methodos.narration.grammar.Complements.Prepositional;
import methodos.narration.grammar.Lead;
import methodos.narration.grammar.Sizes;
import methodos.narration.grammar.Utterance;
import methodos.narration.vocabulary.WordClass;

/** Puts sketches into words for print. */
final class Wording {

    private static final Set<String> OPENING = Set.of("then", "so", "first", "next", "now");

    /** Words of a sentence that is printed whole, at most. */
    private static final int LONGEST = 30;

    private final Utterance said;

    Wording(Utterance said) {
        this.said = said;
    }

    String of(Sketch s) {
        // where it is in doubt what is to be done, nothing is put into the speaker's mouth
        boolean doubtful = s.unsure.contains(Sketch.ACTION);
        boolean composed =
                s.kind != Kind.CAUTION && s.action != null && !s.parts.isEmpty() && !doubtful;
        int end = doubtful ? Math.max(s.to, s.told) : s.told;
        StringBuilder text =
                new StringBuilder(
                        composed
                                ? composed(s)
                                : s.kind == Kind.CAUTION
                                        ? warned(s)
                                        : asSaid(s.clause.from(), end));
        if (!composed && s.kind != Kind.CAUTION) {
            rest(s, text);
        }
        if (s.orientation != null && text.indexOf(s.orientation) < 0) {
            text.append(", ").append(s.orientation);
        }
        if (s.until != null && text.indexOf(s.until) < 0) {
            int begun = text.lastIndexOf(" until ");
            if (begun >= 0 && s.until.startsWith(text.substring(begun + 1))) {
                text.setLength(begun);
            }
            text.append(' ').append(s.until);
        }
        if (s.reference != null && text.indexOf(s.reference) < 0) {
            text.append("; for the value see the ").append(s.reference);
        }
        if (s.condition == null || text.indexOf(s.condition) >= 0) {
            return Nouns.printed(sentence(text.toString()));
        }
        return Nouns.printed(sentence(s.asking + s.condition + ": " + lower(text.toString())));
    }

    /**
     * A caution is printed with the word that forbids; where another verb has it, with what leads
     * to that one, and where none has it, with all of its sentence.
     */
    private String warned(Sketch s) {
        int from = s.clause.from();
        boolean whole = s.clause.type() != Clause.Type.BARE;
        if (whole && denies(from, s.told) >= 0) {
            return asSaid(from, s.told);
        }
        int not = denies(start(from), from);
        if (not < 0 || !whole) {
            int first = start(from);
            int end = end(s.told);
            return end - first <= LONGEST ? asSaid(first, end) : asSaid(s.from, s.to);
        }
        if (!s.clause.lead().shared()) {
            return asSaid(not, s.told);
        }
        int first = not;
        while (first > start(from)
                && said.mark(first - 1).isEmpty()
                && leads(said.word(first - 1))) {
            first--;
        }
        int behind = not + 1;
        while (behind < from && leads(said.word(behind))) {
            behind++;
        }
        int verb = Math.max(from, Math.min(s.clause.head(), s.told - 1));
        return asSaid(first, behind) + " " + asSaid(verb, s.told);
    }

    /** Where a word within a stretch denies; -1 for none. */
    private int denies(int from, int to) {
        for (int i = from; i < to; i++) {
            if (WordClass.parts(said.word(i)).stream().anyMatch(WordClass.NOT::has)) {
                return i;
            }
        }
        return -1;
    }

    private static boolean leads(String word) {
        return WordClass.parts(word).stream()
                .allMatch(
                        w ->
                                WordClass.SUBJECT.has(w)
                                        || WordClass.MODAL.has(w)
                                        || WordClass.DO.has(w)
                                        || WordClass.BE.has(w)
                                        || WordClass.HAVE.has(w));
    }

    private int start(int word) {
        int first = word;
        while (first > 0 && !said.ends(first - 1)) {
            first--;
        }
        return first;
    }

    private int end(int word) {
        int end = word;
        while (end < said.size() && !said.ends(end - 1)) {
            end++;
        }
        return end;
    }

    /** What stands around a clause that is printed as it is said. */
    private static void rest(Sketch s, StringBuilder text) {
        for (String used : s.consumables) {
            if (text.indexOf(used) < 0) {
                text.append(" with ").append(used);
            }
        }
        for (ToolNamed tool : s.tools) {
            if (text.indexOf(tool.name()) < 0) {
                text.append(", using ").append(tool(tool));
            }
        }
    }

    private static String sentence(String text) {
        if (text.isEmpty()) {
            return text;
        }
        String begun = Character.toUpperCase(text.charAt(0)) + text.substring(1);
        return begun.endsWith(".") ? begun : begun + ".";
    }

    private static String lower(String text) {
        return text.isEmpty() ? text : Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }

    /** A quantity that begins at a word, where print has a sign for its unit; null for none. */
    private Measure printed(int at, int to) {
        return said.measureAt(at)
                .filter(m -> m.from() == at && m.to() <= to)
                .filter(m -> m.torque() || m.length() || m.unit().matches("bar|psi|°C|°F|kg|g|L"))
                .filter(m -> m.bound() == Measure.Bound.NONE)
                .orElse(null);
    }

    /** The speaker's own words, without what only holds speech together. */
    private String asSaid(int from, int to) {
        List<String> words = new ArrayList<>();
        boolean begun = false;
        for (int i = from; i < to; i++) {
            String w = said.word(i);
            boolean joins = WordClass.COORDINATOR.has(w) || OPENING.contains(w);
            if (said.filler(i) || !begun && joins) {
                continue;
            }
            begun = true;
            Measure printed = printed(i, to);
            if (printed != null) {
                words.add(figure(printed));
                i = printed.to() - 1;
                continue;
            }
            Sizes.Size size = w.startsWith("m") ? Sizes.thread(said, i, to).orElse(null) : null;
            if (size != null) {
                words.add(size.print().replace(" x ", " × "));
                i = size.to() - 1;
                continue;
            }
            String comma = said.mark(i).equals(",") && i + 1 < to ? "," : "";
            words.add(String.join(" ", WordClass.parts(w)) + comma);
        }
        return words.isEmpty() ? said.text(from, to) : String.join(" ", words);
    }

    /** Words without hums, and without what is said twice. */
    private String spoken(int from, int to) {
        StringBuilder words = new StringBuilder();
        String before = "";
        for (int i = from; i < to; i++) {
            String w = said.word(i);
            if (!said.filler(i) && !w.equals(before)) {
                words.append(words.isEmpty() ? "" : " ").append(w);
                before = w;
            }
        }
        return words.toString();
    }

    private String composed(Sketch s) {
        String verb =
                switch (s.action) {
                    case "hand-tighten" -> "tighten";
                    case "test" -> "test";
                    case "record" -> "write down";
                    default -> s.action;
                };
        StringBuilder text = new StringBuilder(verb);
        if (s.is("apply") && !s.consumables.isEmpty()) {
            text.append(' ').append(String.join(" and ", s.consumables)).append(" to");
        }
        text.append(' ').append(named(s.parts.stream().map(p -> part(s, p)).toList()));
        if (spoken(s)) {
            text.append(' ').append(s.clause.complements().particle());
        }
        for (Prepositional p : s.clause.complements().phrases()) {
            if (p.thing() != null && places(s, p)) {
                text.append(' ').append(spoken(p.at(), p.to()));
            }
        }
        if (s.is("hand-tighten") && text.indexOf("by hand") < 0) {
            text.append(" by hand");
        }
        if (!s.consumables.isEmpty() && !s.is("apply")) {
            text.append(" with ").append(String.join(" and ", s.consumables));
        }
        if (!s.tools.isEmpty()) {
            text.append(", using ")
                    .append(
                            s.tools.stream()
                                    .map(Wording::tool)
                                    .distinct()
                                    .collect(Collectors.joining(" and ")));
        }
        figures(s, text);
        return text.toString();
    }

    /** "press it down": the verb that is printed is the one that is said, with its particle. */
    private boolean spoken(Sketch s) {
        String particle = s.clause.complements().particle();
        return particle != null
                && s.clause.complements().phrases().stream()
                        .noneMatch(p -> p.preposition().equals(particle))
                && said.act(s.clause.head())
                        .filter(m -> m.act().base().equals(s.action))
                        .isPresent();
    }

    private static void figures(Sketch s, StringBuilder text) {
        if (!s.torques.isEmpty()) {
            text.append(" to ").append(list(s.torques));
        }
        if (!s.limits.isEmpty()) {
            text.append(s.kind == Kind.ACTION ? ", " : ": ").append(list(s.limits));
        }
        if (!s.waits.isEmpty()) {
            text.append(" for ").append(list(s.waits));
        }
        if (s.pattern != null) {
            text.append(s.pattern.matches("\\d.*") ? ", in the order " : ", ").append(s.pattern);
        }
        if (s.repeats != null) {
            text.append(", ").append(figure(s.repeats));
        }
        if (s.leftHand) {
            text.append(" (left-hand thread)");
        }
    }

    private static String list(List<Measure> measures) {
        return measures.stream().map(Wording::figure).distinct().collect(Collectors.joining(", "));
    }

    private boolean places(Sketch s, Prepositional p) {
        String name = p.thing().name();
        return !WordClass.WASTE.has(p.thing().head())
                && !s.consumables.contains(name)
                && s.tools.stream().noneMatch(t -> name.endsWith(t.name()))
                && s.parts.stream().noneMatch(part -> part.name().equals(name));
    }

    /** "the cap, the body and the lever" */
    private static String named(List<String> things) {
        int last = things.size() - 1;
        return last < 1
                ? String.join("", things)
                : String.join(", ", things.subList(0, last)) + " and " + things.get(last);
    }

    /** As many as are told of it; several too where no number is told: "the bolts". */
    private static String part(Sketch s, PartNamed part) {
        int count = part.quantity() == null ? 1 : part.quantity();
        boolean several = part.quantity() == null && plural(s, part.name());
        return "the "
                + (count > 1 ? count + " " : "")
                + (part.size() == null ? "" : part.size().replace(" x ", " × ") + " ")
                + Nouns.plural(part.name(), several ? 2 : count);
    }

    private static boolean plural(Sketch s, String name) {
        Complements c = s.clause.complements();
        return Stream.of(
                        c.objects().stream(),
                        c.phrases().stream().map(Prepositional::thing),
                        Stream.of(s.clause.lead()).map(Lead::thing))
                .flatMap(all -> all)
                .anyMatch(np -> np != null && np.plural() && np.name().equals(name));
    }

    private static String tool(ToolNamed tool) {
        String name = (tool.size() == null ? "" : tool.size() + " ") + tool.name();
        return (name.matches("[aeiou8].*|11.*|18.*") ? "an " : "a ") + name;
    }

    /** As it is printed: "22 to 26 N·m", "at most 0.03 mm". */
    static String figure(Measure m) {
        String unit =
                m.unit().equals("deg")
                        ? "°"
                        : m.bare() || m.unit().equals("count") ? "" : " " + m.unit();
        if (m.min() == null) {
            return "at most " + m.max().toDecimal() + unit;
        }
        if (m.max() == null) {
            return "at least " + m.min().toDecimal() + unit;
        }
        return m.single()
                ? m.min().toDecimal() + unit
                : m.min().toDecimal() + " to " + m.max().toDecimal() + unit;
    }
}
