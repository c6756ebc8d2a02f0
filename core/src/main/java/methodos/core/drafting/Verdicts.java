package methodos.core.drafting;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.vocabulary.WordSet;

/** What becomes of a part that is not good enough: "its a new basket", "it goes in the bin". */
final class Verdicts {

    private static final Set<String> IS = WordSet.of("is its are be theyre thats shes");
    private static final Set<String> BEFORE_FRESH =
            WordSet.ofPhrases("its, thats, is, =, want, then, needs, need, wants, take");

    private static final Set<String> FINISHED =
            WordSet.of("finished done scrap junk toast rubbish trash shot had gone useless");

    private Verdicts() {}

    /** A replacement or a discard, or null where no verdict is spoken. */
    static Outcome of(ClauseReader reader) {
        Speech speech = reader.speech();
        int from = reader.start();
        int to = reader.end();
        if (speech.has(from, to, "always new", "always a new", "new every time")) {
            return verdict(reader, "replace", from);
        }
        if (speech.text(from, to).matches("new|scrap|new one")) {
            Finding f =
                    new Finding(
                            Kind.ACTION,
                            speech.word(from).equals("scrap") ? "discard" : "replace",
                            reader.clause());
            reader.context().last(reader.clause().from()).ifPresent(f.parts::add);
            return Outcome.steps(List.of(f));
        }
        for (int i = from; i < to; i++) {
            String w = speech.word(i);
            String before = i > from ? speech.word(i - 1) : "";
            if (w.equals("mean") || w.equals("means")) {
                return null;
            }
            if (w.equals("new")
                    && (before.equals("a")
                            || before.equals("=")
                            || before.equals("need")
                            || before.isEmpty())
                    && (speech.hasAny(from, i, BEFORE_FRESH))) {
                return verdict(reader, "replace", i);
            }
            if (w.equals("bin") || w.equals("scrap") && before.equals("the")) {
                if (speech.has(from, i, "in the", "goes", "go")) {
                    return verdict(reader, "discard", from);
                }
            }
            if (FINISHED.contains(w) && i >= to - 2 && IS.contains(before) && to - from > 1) {
                return verdict(reader, "replace", from);
            }
        }
        return null;
    }

    private static Outcome verdict(ClauseReader reader, String action, int from) {
        Finding f = new Finding(Kind.ACTION, action, reader.clause());
        Optional<NounPhrase> np = NounPhrases.at(reader.speech(), from, reader.end());
        if (np.isPresent()
                && np.get().part()
                && !np.get().head().matches("bin|scrap")
                && !FINISHED.contains(np.get().head())) {
            NounPhrase p = np.get();
            f.parts.add(Finding.Part.of(p));
        } else {
            reader.context().last(reader.clause().from()).ifPresent(f.parts::add);
        }
        f.confidence = 0.7;
        return Outcome.steps(List.of(f));
    }
}
