package methodos.core.drafting;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.vocabulary.WordSet;

/** What must not be done: it becomes a caution, never a step. */
final class Prohibitions {

    private static final Set<String> NO_WORK =
            WordSet.of("care know mind think worry ask need have want bother see matter like get");
    private static final Set<String> NEGATIONS =
            WordSet.of("dont never mustnt shouldnt cannot cant avoid");
    private static final Set<String> TOLD_OF_THINGS =
            WordSet.of("will youll ill it they is are was were its theyre thats");
    private static final Set<String> BEFORE_NEGATIONS = WordSet.of("you and please but so just");
    private static final Set<String> BEHIND_NEGATIONS =
            WordSet.ofPhrases(
                    "until, only, too, sure, bad, much, many, yet, at, even, 0, zero, more, so"
                            + ", a lot");
    private static final Set<String> WARNINGS =
            WordSet.ofPhrases(
                    "be careful, careful, watch your, mind your, mind the, watch out, beware"
                            + ", stand clear, stand to the side, stay out, keep out, keep clear, take care"
                            + ", keep your fingers, keep your hands, keep your face, turn your face"
                            + ", stand back, stay clear, out of the way of");

    private static final Set<String> GOOD_TO_BE_ABSENT =
            WordSet.of(
                    "leak leaks bubbles bubble noise air play movement water light drips gap twists"
                            + " twist lines line scratches burrs more less longer matter wear dirt steps"
                            + " problem need idea wobble cracks damage sorry way");

    private Prohibitions() {}

    /** A caution, a note, or null where nothing is forbidden. */
    static Outcome of(Speech speech, Clause clause, Said said) {
        int at = negation(speech, clause);
        if (at < 0) {
            return warning(speech, clause, said);
        }
        String negation = speech.word(at);
        String after = speech.word(at + 1);
        if (negation.equals("do")) {
            after = speech.word(at + 2);
        }
        if (Set.of("forget", "forgetting").contains(after)) {
            return null;
        }
        if (NO_WORK.contains(after)) {
            return after.equals("get") ? caution(clause, said) : Outcome.of(Outcome.Sort.NOTE);
        }
        return caution(clause, said);
    }

    private static Outcome caution(Clause clause, Said said) {
        Finding f = new Finding(Kind.CAUTION, null, clause);
        f.hazards.addAll(said.hazards);
        return Outcome.steps(List.of(f));
    }

    private static int negation(Speech speech, Clause clause) {
        int from = clause.from();
        int to = clause.to();
        for (int i = clause.body(); i < to; i++) {
            String w = speech.word(i);
            String before = i > from ? speech.word(i - 1) : "";
            String after = speech.word(i + 1);
            boolean first = i == clause.body();
            if (w.equals("never") && TOLD_OF_THINGS.contains(before)) {
                continue;
            }
            if (w.startsWith("dont")
                    && before.equals("you")
                    && Set.of("that", "so").contains(speech.word(i - 2))) {
                continue;
            }
            if (NEGATIONS.contains(w)) {
                boolean statement =
                        Set.of("cant", "cannot", "dont").contains(w)
                                && !first
                                && !BEFORE_NEGATIONS.contains(before);
                if (w.equals("never") || w.equals("avoid") || !statement && !w.startsWith("can")) {
                    return (w.equals("mustnt") || w.equals("shouldnt")) && !before.equals("you")
                            ? -1
                            : i;
                }
                if (before.equals("you") && w.startsWith("can")) {
                    return -1;
                }
            }
            if (w.equals("do") && after.equals("not")
                    || w.equals("not")
                            && Set.of("must", "should", "may").contains(before)
                            && speech.word(i - 2).equals("you")) {
                return i;
            }
            if (w.equals("not") && first && i + 1 < to && !BEHIND_NEGATIONS.contains(after)) {
                return i;
            }
            Optional<NounPhrase> thing =
                    w.equals("no") ? NounPhrases.at(speech, i + 1, to) : Optional.empty();
            if (first
                    && thing.isPresent()
                    && speech.lexicon().tool(thing.get().name()).isPresent()) {
                return i;
            }
            if (w.equals("no")
                    && first
                    && i + 1 < to
                    && speech.token(i).mark().isEmpty()
                    && !GOOD_TO_BE_ABSENT.contains(after)
                    && !speech.number(i + 1)
                    && NounPhrases.at(speech, i + 1, to).isPresent()
                    && !GOOD_TO_BE_ABSENT.contains(
                            NounPhrases.at(speech, i + 1, to).get().head())) {
                return i;
            }
            if (w.equals("nobody")
                    && first
                    && !Set.of("does", "knows", "cares", "likes", "wants").contains(after)) {
                return i;
            }
            if (w.equals("no") && before.equals("put")
                    || w.equals("none") && first && to - i <= 2 && to - from > 1) {
                return i;
            }
        }
        return -1;
    }

    private static String text(Speech speech, Clause clause) {
        return speech.text(clause.body(), clause.to());
    }

    /** "be careful", "watch your fingers", "stand clear", "the oil can be hot". */
    private static Outcome warning(Speech speech, Clause clause, Said said) {
        int from = clause.from();
        int to = clause.to();
        boolean harms = Defects.harms(speech, clause.body(), to);
        if (harms
                && NounPhrases.at(speech, clause.body(), to)
                        .filter(
                                n ->
                                        speech.lexicon().tool(n.name()).isPresent()
                                                || speech.lexicon().tool(n.head()).isPresent()
                                                || speech.lexicon()
                                                        .consumable(n.name())
                                                        .isPresent())
                        .isPresent()) {
            return caution(clause, said);
        }
        if (text(speech, clause).matches("\\w+ (it |them )?only (with|when|if|while) .*")) {
            return caution(clause, said);
        }
        boolean warns = speech.hasAny(from, to, WARNINGS);
        if (speech.has(from, to, "face away", "your face")) {
            return Outcome.of(Outcome.Sort.ADDITION);
        }
        boolean works = false;
        for (int i = clause.body(); i < to; i++) {
            Optional<Verb.Met> met = speech.verbAt(i, clause.body(), to);
            works |= met.isPresent() && met.get().verb().action() != null;
        }
        if (warns
                && (!works
                        || speech.has(
                                from, to, "be careful", "keep your", "mind your", "watch your"))) {
            return caution(clause, said);
        }
        boolean dangerous =
                said.hazards.stream()
                        .anyMatch(h -> !h.equals("chemical") && !h.equals("eye injury"));
        if (dangerous
                && !works
                && NounPhrases.at(speech, clause.body(), to).isPresent()
                && !clause.conditional()
                && !speech.has(from, to, "gloves on")
                && clause.to() - clause.body() > 2) {
            return caution(clause, said);
        }
        return null;
    }
}
