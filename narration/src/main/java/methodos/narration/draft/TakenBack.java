package methodos.narration.draft;

import java.util.Set;
import methodos.core.vocabulary.WordSet;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.Utterance;

/** Tells what a speaker takes back as soon as he has said it: "so heat, no, no heat". */
final class TakenBack {

    private static final Set<String> PHRASES =
            WordSet.ofPhrases(
                    "no wait, wait no, no sorry, sorry no, not that, i mean no, no hang on"
                            + ", hang on no, no dont, wrong one");

    private static final Set<String> TAKEN =
            WordSet.ofPhrases("scratch that, strike that, forget that");

    private static final Set<String> NO = Set.of("no");
    private static final Set<String> DENYING = WordSet.of("dont not never");
    private static final int NEAR = 3;

    private final Utterance said;

    TakenBack(Utterance said) {
        this.said = said;
    }

    boolean is(Clause clause) {
        return saidNo(clause) || denied(clause);
    }

    /** "…, no, …": but not where only a figure is put right. */
    private boolean saidNo(Clause clause) {
        int last = clause.to() - 1;
        int after = said.next(last);
        if (said.hasAny(clause.head() + 1, clause.to() + NEAR, TAKEN)) {
            return true;
        }
        if (said.ends(last) && !NO.contains(said.word(after))) {
            return false;
        }
        boolean figure = said.measureAt(last).isPresent() || said.number(last);
        boolean no =
                NO.contains(said.word(after))
                        && (!said.mark(after).isEmpty() || NO.contains(said.word(after + 1)));
        boolean phrase = said.hasAny(after, Math.min(said.size(), after + NEAR), PHRASES);
        return !figure && (no || phrase);
    }

    /** "heat, no heat", "pull it, do not pull it": the same is denied right behind it. */
    private boolean denied(Clause clause) {
        if (clause.type() != Clause.Type.VERB || clause.lead().negated()) {
            return false;
        }
        String verb = said.word(clause.head());
        for (int i = clause.to(); i < Math.min(said.size(), clause.to() + 2 * NEAR); i++) {
            boolean not = NO.contains(said.word(i)) || DENYING.contains(said.word(i));
            if (not && said.word(said.next(i)).equals(verb)) {
                return true;
            }
        }
        return false;
    }
}
