package methodos.core.drafting;

import java.util.Optional;
import java.util.Set;
import methodos.core.narration.Draft;
import methodos.core.vocabulary.WordSet;

/** Tells talk from work: greetings, stories, remarks, and noise that was taken for speech. */
final class Talk {

    private static final Set<String> PAST =
            WordSet.of(
                    "had was were asked said told lost lasted bought paid thought went found used"
                            + " made knew saw ran did done tried saved");

    private static final Set<String> FUNCTION =
            WordSet.of("the a an of in for to you uh um eh oh her it and mm ing no thank is two");

    private Talk() {}

    /** Set aside, or null where the clause is to be read. */
    static Outcome of(Speech speech, Clause clause) {
        int from = clause.from();
        int to = clause.to();
        String text = speech.text(from, to);
        if (noise(speech, from, to, text)) {
            return Outcome.aside(Draft.Reason.NOISE);
        }
        Lexicon lexicon = speech.lexicon();
        boolean works = works(speech, clause);
        for (String phrase : lexicon.phrases("greeting")) {
            if (speech.has(from, to, phrase)
                    && (!works || phrase.contains(" "))
                    && speech.measures(from, to).stream().noneMatch(m -> m.torque())) {
                return Outcome.aside(Draft.Reason.CHATTER);
            }
        }
        if (text.matches(
                "(cool|great|nice|perfect|lovely|good|done|brilliant|excellent|beautiful)")) {
            return Outcome.aside(Draft.Reason.CHATTER);
        }
        if (text.matches("(this one|mine|ours) \\d.*|mine (is|was) .*")) {
            return Outcome.aside(Draft.Reason.ASIDE);
        }
        if (text.endsWith("look at that") || text.contains("look at that thats")) {
            return Outcome.aside(Draft.Reason.ASIDE);
        }
        if (text.equals("the end") || text.equals("look")) {
            return Outcome.aside(Draft.Reason.CHATTER);
        }
        if (past(speech, clause) && !clause.conditional()) {
            return Outcome.aside(Draft.Reason.ASIDE);
        }
        for (String phrase : lexicon.phrases("story")) {
            if (speech.has(from, to, phrase)) {
                return Outcome.aside(Draft.Reason.ASIDE);
            }
        }
        for (String phrase : lexicon.phrases("off-topic")) {
            if (speech.has(from, to, phrase)) {
                return Outcome.aside(Draft.Reason.OFF_TOPIC);
            }
        }
        for (String phrase : lexicon.phrases("aside")) {
            if (speech.has(from, to, phrase)) {
                return Outcome.aside(Draft.Reason.ASIDE);
            }
        }
        return null;
    }

    private static boolean works(Speech speech, Clause clause) {
        for (int i = clause.body(); i < clause.to(); i++) {
            Optional<Verb.Met> met = speech.verbAt(i, clause.body(), clause.to());
            if (met.isPresent()
                    && (met.get().verb().action() != null
                            || !met.get().verb().particles().isEmpty())) {
                return true;
            }
        }
        return false;
    }

    private static boolean past(Speech speech, Clause clause) {
        for (int i = clause.from(); i < clause.to(); i++) {
            if (speech.past(i, clause.from())) {
                return true;
            }
            String w = speech.word(i);
            if (Set.of("i", "he", "she", "we").contains(w)
                    && !Set.of("where", "what", "that", "which", "way").contains(speech.word(i - 1))
                    && PAST.contains(speech.word(i + 1))
                    && !speech.word(i + 1).equals("done")
                    && !speech.phrase(clause.from(), "what")) {
                return true;
            }
        }
        return false;
    }

    /**
     * "the the of a you you bell two the": words without a statement, or a note of the captioner.
     */
    private static boolean noise(Speech speech, int from, int to, String text) {
        if (text.matches(
                "(no talking|music|birds|silence|applause|laughter|inaudible|noise|static)")) {
            return true;
        }
        int small = 0;
        int repeated = 0;
        int n = to - from;
        for (int i = from; i < to; i++) {
            small += FUNCTION.contains(speech.word(i)) ? 1 : 0;
            repeated += i > from && speech.word(i).equals(speech.word(i - 1)) ? 1 : 0;
        }
        boolean hanging =
                Set.of("the", "a", "an", "of").contains(speech.word(to - 1))
                        && speech.token(to - 1).mark().isEmpty();
        boolean pairs = false;
        for (int i = from + 1; i < to; i++) {
            pairs |=
                    Set.of("the", "a", "of", "an").contains(speech.word(i))
                            && Set.of("the", "a", "of", "an", "in").contains(speech.word(i - 1))
                            && !(speech.word(i - 1).equals("of"))
                            && !(speech.word(i - 1).equals("in") && !speech.word(i).equals("of"))
                            && !speech.word(i).equals(speech.word(i - 1));
        }
        return n >= 4 && small * 10 >= n * 6 && (repeated > 0 || hanging || pairs)
                || n >= 4 && pairs && (hanging || small * 2 >= n);
    }
}
