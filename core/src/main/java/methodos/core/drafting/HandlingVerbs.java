package methodos.core.drafting;

import java.util.Optional;
import java.util.Set;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.vocabulary.WordSet;

/** Verbs that mean what stands behind them: "take the weight", "give it a wipe", "make a mark". */
final class HandlingVerbs extends VerbReading {

    private static final Set<String> MARKS = WordSet.of("mark marks line lines stripe stripes dot");
    private static final Set<String> WHERE_MARKED = WordSet.of("on across over down onto at");
    private static final Set<String> BEFORE_WHAT_IS_GIVEN =
            WordSet.of("a good quick the little an gentle light");
    private static final Set<String> COLOURS =
            WordSet.ofPhrases("color, colour, paint, marker, pen, chalk");
    private static final Set<String> KEPT_APART =
            WordSet.ofPhrases(
                    "in order, in the order, in their order, apart, separate, dry, clean, away, out"
                            + ", clear, in your pocket");
    private static final Set<String> HELPERS =
            WordSet.ofPhrases(
                    "somebody, someone, a mate, a colleague, a friend, a helper, another person"
                            + ", your mate, a second person");

    private static final Set<String> RUNS =
            WordSet.ofPhrases("a run, a try, a spin, a test, a go, a test run, a burst");

    private static final Set<String> GIVEN = WordSet.of("it her this that them");

    HandlingVerbs(ClauseReader reader) {
        super(reader);
    }

    boolean photographs(int v) {
        return speech.has(v, end, "photo", "picture", "photograph");
    }

    Finding take(int v) {
        if (photographs(v)) {
            int of = speech.find(v, end, "of");
            return act("record", of > v ? of + 1 : v + 1);
        }
        if (speech.has(v, end, "the weight", "the load", "the strain")) {
            Finding f = finding(Kind.ACTION, "support");
            reader.context().last(reader.clause().from()).ifPresent(f.parts::add);
            f.hazards.add("suspended load");
            return f;
        }
        if (speech.has(v, end, "care", "a seat")) {
            return null;
        }
        Objects o = behind(v + 1);
        if (o.particle() != null || o.from() != null) {
            return o.from() != null && o.particle() == null ? act("remove", v + 1) : null;
        }
        if (speech.has(v, end, "a new", "new")) {
            return act("replace", v + 1);
        }
        if (!o.parts().isEmpty() && reader.said().tools.isEmpty()) {
            boolean heavy =
                    speech.has(reader.start(), end, "persons", "people", "two of you", "crane");
            return act(heavy ? "lift" : "remove", v + 1);
        }
        return null;
    }

    Finding put(int v) {
        for (int i = v + 1; i < Math.min(end, v + 6); i++) {
            if (markWord(speech.word(i))
                    && !Set.of("on", "to", "with").contains(speech.word(i - 1))) {
                return mark(i);
            }
        }
        if (speech.word(v).equals("draw")
                || speech.word(v).equals("paint")
                || speech.word(v).equals("scratch")) {
            return null;
        }
        if (speech.has(v, end, "tag", "label")) {
            Finding f = finding(Kind.ACTION, "mark");
            f.addNamed(behind(v + 1).places());
            return f;
        }
        if (speech.has(v, end, "your hand", "a hand", "your finger", "your thumb")) {
            return note();
        }
        if (speech.has(v, end, "heat on", "heat into", "little heat", "some heat")) {
            return act("heat", v + 3);
        }
        boolean fluid =
                speech.has(v, v + 4, "oil", "water", "fluid", "coolant")
                        && speech.has(v, end, "in");
        boolean measured =
                speech.word(v + 1).equals("in")
                        && reader.measures().stream()
                                .anyMatch(m -> m.volume() || m.unit().equals("mm") && !m.below(20));
        if (measured && !reader.said().consumables.isEmpty()
                || fluid && !speech.has(v, end, "on it", "on the", "drop")) {
            return act("fill", v + 1);
        }
        return null;
    }

    private static boolean markWord(String w) {
        return MARKS.contains(w);
    }

    private Finding mark(int v) {
        Finding f = finding(Kind.ACTION, "mark");
        for (int i = v; i < end; i++) {
            if (WHERE_MARKED.contains(speech.word(i))) {
                Optional<NounPhrase> np = NounPhrases.at(speech, i + 1, end);
                if (np.isPresent()
                        && np.get().part()
                        && !speech.lexicon().tool(np.get().head()).isPresent()) {
                    f.parts.add(Finding.Part.bare(np.get()));
                    int n = np.get().to();
                    if (speech.word(n).equals("and")) {
                        NounPhrases.at(speech, n + 1, end)
                                .filter(NounPhrase::part)
                                .map(Finding.Part::bare)
                                .ifPresent(f.parts::add);
                    }
                    i = n;
                }
            }
        }
        return f;
    }

    Finding give(int v) {
        boolean run = speech.hasAny(v, end, RUNS);
        if (run && speech.hasAny(v, Math.min(end, v + 3), GIVEN)) {
            return act("test", v + 1);
        }
        for (int i = v + 1; i < end; i++) {
            Optional<Verb.Met> met = speech.lexicon().verb(speech.token(i));
            if (met.isPresent()
                    && met.get().verb().action() != null
                    && (BEFORE_WHAT_IS_GIVEN.contains(speech.word(i - 1)))) {
                return act(met.get().verb().action(), v + 1);
            }
            if (speech.word(i).equals("turn")) {
                return act("turn", v + 1);
            }
        }
        return null;
    }

    /** "get a colleague to hold the ram", "have somebody lift". */
    Finding helper(int v) {
        boolean person = speech.hasAny(v, Math.min(end, v + 4), HELPERS);
        if (!person) {
            return null;
        }
        for (int i = v + 2; i < end; i++) {
            Optional<Verb.Met> met = speech.lexicon().verb(speech.token(i));
            if (met.isPresent()
                    && met.get().verb().action() != null
                    && met.get().form() == Verb.Form.BASE) {
                return act(met.get().verb().action(), i + 1);
            }
        }
        return finding(Kind.ACTION, "support");
    }

    Finding use(int v) {
        Said said = reader.said();
        if (!said.consumables.isEmpty() && !reader.said().cleaner()) {
            Finding f = finding(Kind.ACTION, reader.said().sealant() ? "apply" : "lubricate");
            for (int i = reader.clause().from(); i < end; i++) {
                if (Set.of("on", "onto").contains(speech.word(i))) {
                    NounPhrases.at(speech, i + 1, end)
                            .filter(NounPhrase::part)
                            .map(Finding.Part::of)
                            .ifPresent(p -> f.parts.add(p.withSize(null)));
                    break;
                }
            }
            return f;
        }
        for (int i = v + 2; i < end; i++) {
            if (speech.word(i).equals("to")) {
                Optional<Verb.Met> met =
                        speech.lexicon().verb(speech.token(i + 1 < speech.size() ? i + 1 : i));
                if (met.isPresent() && met.get().verb().action() != null) {
                    return act(met.get().verb().action(), i + 2);
                }
            }
        }
        if (said.tools.isEmpty()
                && NounPhrases.at(speech, v + 1, end)
                        .filter(
                                p ->
                                        Set.of("knob", "lever", "adjuster", "screw", "handle")
                                                .contains(p.head()))
                        .isPresent()) {
            return act("adjust", v + 1);
        }
        return null;
    }

    Finding make(int v) {
        if (Set.of("sure", "certain").contains(speech.word(v + 1))) {
            return act("inspect", v + 2);
        }
        boolean mark =
                speech.has(v, end, "mark", "marks")
                        || speech.has(v, end, "point", "sign", "line", "cross")
                                && speech.hasAny(v, end, COLOURS);
        if (mark) {
            return mark(v);
        }
        if (speech.has(v, end, "note")) {
            return act("record", v + 3);
        }
        return speech.has(v, end, "fast") ? act("tighten", v + 1) : null;
    }

    Finding keep(int v) {
        if (!speech.has(v, end, "hand on", "hands on")) {
            return speech.hasAny(v, end, KEPT_APART) ? caution() : note();
        }
        Finding held = finding(Kind.ACTION, "support");
        NounPhrases.at(speech, speech.find(v, end, "on") + 1, end)
                .filter(NounPhrase::part)
                .map(Finding.Part::bare)
                .ifPresent(held.parts::add);
        return held;
    }

    Finding set(int v) {
        if (speech.has(v, end, "brake", "handbrake", "parking brake")) {
            return act("secure", v + 1);
        }
        return reader.measures().stream().anyMatch(m -> m.length() || m.pressure())
                ? act("adjust", v + 1)
                : null;
    }

    /** "it goes the wrong way": the thread turns the other way. */
    Finding goWrongWay(int v) {
        if (!speech.has(v, end, "wrong way", "the other way", "backwards")) {
            return null;
        }
        Finding f = finding(Kind.ACTION, reader.context().buildUp() ? "tighten" : "loosen");
        reader.context().fastener().ifPresent(f.parts::add);
        return f;
    }
}
