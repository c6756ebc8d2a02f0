package methodos.core.drafting;

import java.util.Optional;
import java.util.Set;
import methodos.core.vocabulary.Nouns;
import methodos.core.vocabulary.WordSet;

/** Whether a clause has room for a thing that follows without a mark. */
final class ClauseRoom {

    private static final Set<String> WAYS_AND_ORDER = WordSet.of("out on in first next under");

    private static final Set<String> SAID_OF_ONES = WordSet.of("get gets go goes is are");

    private static final Set<String> UNITS_IN_NAMES =
            WordSet.of("pound inch mil amp litre liter ton thread");

    private static final Set<String> TELLING =
            WordSet.of(
                    "must should is are has have needs goes comes can will holds takes get gets"
                            + " ought");

    private static final Set<String> ONES = WordSet.of("one ones");

    private static final Set<String> EACH = WordSet.of("each every any");

    private static final Set<String> INWARD = WordSet.of("in on through over");

    private static final Set<String> IN_ON = WordSet.of("in on");

    private static final Set<String> LEAVING = WordSet.of("off back away inside again");

    private static final Set<String> SUBJECTS = WordSet.of("it they that this she he you we");

    private final Speech speech;
    private final ClauseSoFar so;

    ClauseRoom(Speech speech, ClauseSoFar so) {
        this.speech = speech;
        this.so = so;
    }

    /**
     * A thing begins, and the clause is complete: it has a verb with its object, or a thing with
     * its place.
     */
    boolean full(int i) {
        Optional<NounPhrase> found = NounPhrases.at(speech, i, so.clauseEnd(i));
        if (found.isEmpty() || !begins(found.get(), i) || belongsToValue(found.get(), i)) {
            return false;
        }
        NounPhrase np = found.get();
        boolean verbOnly = np.to() == i + 1 && speech.lexicon().verb(speech.token(i)).isPresent();
        if (so.helped(i)
                || verbOnly && !leaves(np)
                || speech.verbAt(i, so.start, so.clauseEnd(i)).isPresent()
                || EACH.contains(speech.word(i))
                || !so.complete() && !(so.copula && (tells(np) || leaves(np)))) {
            return false;
        }
        String before = speech.word(i - 1);
        boolean anew = !speech.determiner(i) && !speech.filler(i - 1);
        if (INWARD.contains(before)) {
            boolean goesIn =
                    speech.word(i - 2).equals("back") || IN_ON.contains(speech.word(np.to()));
            return anew && (leaves(np) || !so.verb && goesIn);
        }
        if (Grammar.PARTICLES.contains(before)) {
            return !speech.determiner(i);
        }
        boolean subject =
                !leaves(np)
                        && SUBJECTS.contains(before)
                        && (i - 2 < so.start
                                || !speech.lexicon().verb(speech.token(i - 2)).isPresent());
        return !subject;
    }

    /** Whether a statement can be about it: a part, "ones go in", "one off". */
    private boolean begins(NounPhrase np, int i) {
        boolean ones =
                ONES.contains(Nouns.head(np.name())) && SAID_OF_ONES.contains(speech.word(np.to()));
        return (np.part() || ones || np.name().equals("one") && leaves(np))
                && !Grammar.OBJECTS.contains(speech.word(i))
                && !speech.word(i).equals("of");
    }

    /** "ten mil | socket", "five pound | hammer", "left-hand thread": one thing with its size. */
    private boolean belongsToValue(NounPhrase np, int i) {
        boolean sized = speech.measureAt(i - 1).filter(m -> m.length() || m.bare()).isPresent();
        return sized && speech.lexicon().tool(np.head()).isPresent()
                || speech.measureAt(i - 1).isPresent()
                        && UNITS_IN_NAMES.contains(speech.word(i - 1))
                || speech.phrase(i - 1, "thread") && Sizes.at(speech, i - 4, i) != null;
    }

    /** "the spring must ...": more is told of it. */
    private boolean tells(NounPhrase np) {
        return speech.token(np.to() - 1).mark().isEmpty() && TELLING.contains(speech.word(np.to()));
    }

    /** "anchor nut back on": a thing with its particle, a statement of its own. */
    boolean leaves(NounPhrase np) {
        int n = np.to();
        return n < speech.size()
                && speech.token(n - 1).mark().isEmpty()
                && (LEAVING.contains(speech.word(n))
                        || WAYS_AND_ORDER.contains(speech.word(n)) && !speech.determiner(n + 1));
    }
}
