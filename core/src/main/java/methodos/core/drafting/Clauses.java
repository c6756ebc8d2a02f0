package methodos.core.drafting;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import methodos.core.vocabulary.WordSet;

/**
 * Cuts narration into clauses: at punctuation where there is some, and where there is none at the
 * words with which a speaker goes on, and before a thing that the clause has no more room for ("nut
 * off | flange off", "take them out | tap the cap").
 */
final class Clauses {

    private static final Set<String> NEXT_SENTENCE =
            WordSet.of("then now okay ok so next alright going");

    private static final Set<String> WEAK_LEADS = WordSet.of("and so then now but next also");

    static final Set<String> LEADS =
            WordSet.of(
                    "if when once unless because until before after while but so and then or"
                            + " otherwise now next also");

    private final Speech speech;
    private final ClauseSoFar so;
    private final ClauseCut cut;

    private Clauses(Speech speech) {
        this.speech = speech;
        this.so = new ClauseSoFar(speech);
        this.cut = new ClauseCut(speech, so);
    }

    static List<Clause> of(Speech speech) {
        return new Clauses(speech).cut();
    }

    private List<Clause> cut() {
        List<Clause> clauses = new ArrayList<>();
        int sentence = 0;
        int i = 0;
        so.begin(0);
        while (i < speech.size()) {
            if (i > so.start && cut.before(i) && so.content(i)) {
                clauses.add(clause(so.start, i, sentence));
                if (speech.runsOn() && goesOnToNext(i)) {
                    sentence++;
                }
                so.begin(i);
            }
            i = so.consume(i);
            if (speech.token(i - 1).endsSentence() || i == speech.size()) {
                clauses.add(clause(so.start, i, sentence));
                so.begin(i);
                sentence++;
            }
        }
        return clauses;
    }

    /** In running words a speaker begins his next sentence with one of these. */
    private boolean goesOnToNext(int i) {
        int n = speech.word(i).equals("and") ? i + 1 : i;
        while (n < speech.size() && Set.of("um", "uh", "eh").contains(speech.word(n))) {
            n++;
        }
        return NEXT_SENTENCE.contains(speech.word(n));
    }

    private Clause clause(int from, int to, int sentence) {
        int body = from;
        String lead = "";
        while (body < to - 1
                && (speech.filler(body) || LEADS.contains(speech.word(body)) && leads(body))) {
            String word = speech.word(body);
            if (LEADS.contains(word) && (lead.isEmpty() || !WEAK_LEADS.contains(word))) {
                lead = word;
            }
            body++;
        }
        return new Clause(from, to, lead, body, sentence);
    }

    private boolean leads(int i) {
        String word = speech.word(i);
        return !(word.equals("once") && speech.word(i + 1).equals("more"))
                && !(word.equals("next") && speech.word(i + 1).equals("to"));
    }
}
