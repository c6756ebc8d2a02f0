package methodos.core.drafting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Cuts narration into clauses: at punctuation where there is some, and where there is none at the
 * words with which a speaker goes on.
 */
final class Clauses {

    private static final Set<String> ALWAYS =
            Set.of("because", "if", "unless", "while", "but", "otherwise", "okay", "ok", "alright");
    private static final Set<String> LEADS =
            Set.of(
                    "if", "when", "once", "unless", "because", "until", "before", "after", "while",
                    "but", "so", "and", "then", "or", "otherwise", "now", "next");

    private final Speech speech;

    private Clauses(Speech speech) {
        this.speech = speech;
    }

    static List<Clause> of(Speech speech) {
        return new Clauses(speech).cut();
    }

    private List<Clause> cut() {
        List<Clause> clauses = new ArrayList<>();
        int start = 0;
        int sentence = 0;
        for (int i = 1; i <= speech.size(); i++) {
            boolean ends = i == speech.size() || speech.token(i - 1).endsSentence();
            if (ends || cutBefore(i, start)) {
                if (ends || content(start, i)) {
                    clauses.add(clause(start, i, sentence));
                    start = i;
                }
                if (ends) {
                    sentence++;
                }
            }
        }
        return clauses;
    }

    private Clause clause(int from, int to, int sentence) {
        int body = from;
        String lead = "";
        while (body < to - 1
                && (speech.filler(body) || LEADS.contains(speech.word(body)) && leads(body, to))) {
            String word = speech.word(body);
            if (LEADS.contains(word) && !(Set.of("and", "so", "then", "now", "but").contains(word)
                    && !lead.isEmpty())) {
                lead = word;
            }
            body++;
        }
        return new Clause(from, to, lead, body, sentence);
    }

    private boolean leads(int i, int to) {
        String word = speech.word(i);
        return !(word.equals("once") && speech.word(i + 1).equals("more"))
                && !(word.equals("before") && speech.word(i + 1).equals("break"));
    }

    /** Whether the stretch holds more than fillers and leads. */
    private boolean content(int from, int to) {
        for (int i = from; i < to; i++) {
            if (!speech.filler(i) && !LEADS.contains(speech.word(i))) {
                return true;
            }
        }
        return false;
    }

    private boolean cutBefore(int i, int start) {
        String mark = speech.token(i - 1).mark();
        if (!mark.isEmpty() && !sameMeasure(i)) {
            return !mark.equals(")") || true;
        }
        String w = speech.word(i);
        String before = speech.word(i - 1);
        String after = speech.word(i + 1);
        if (sameMeasure(i)) {
            return false;
        }
        if (ALWAYS.contains(w)) {
            return !(w.equals("if") && Set.of("even", "as", "see", "what").contains(before));
        }
        switch (w) {
            case "so":
                return !Set.of("or", "just", "is", "its", "not").contains(before)
                        && !Set.of("that", "much", "many", "far", "long").contains(after);
            case "then":
                return !before.equals("and") || start == i - 1;
            case "now":
                return !Set.of("by", "right", "for", "until").contains(before);
            case "next":
                return !Grammar.DETERMINERS.contains(before) && !before.equals("on")
                        && !Set.of("to", "week", "time", "guy", "day").contains(after);
            case "when", "until", "before", "after":
                return startsStatement(i + 1) || speech.lexicon().verb(speech.token(Math.min(i + 1, speech.size() - 1))).isPresent();
            case "once":
                return startsStatement(i + 1) && !after.equals("more");
            case "and":
                return andCuts(i, start);
            case "or":
                return verb(i + 1, i + 1) && verbBefore(start, i);
            default:
                break;
        }
        if (before.equals("and") || before.equals("or") || LEADS.contains(before)) {
            return false;
        }
        return statementStarts(i, start);
    }

    private boolean sameMeasure(int i) {
        return speech.measureAt(i).isPresent()
                && speech.measureAt(i).equals(speech.measureAt(i - 1));
    }

    private boolean andCuts(int i, int start) {
        int n = i + 1;
        while (n < speech.size() && speech.filler(n)) {
            n++;
        }
        String w = speech.word(n);
        if (Set.of("then", "if", "when", "dont", "do", "never", "so", "now", "not", "once", "the", "after")
                .contains(w)) {
            return !w.equals("the") || nounThenVerbOrParticle(n);
        }
        if (w.equals("a") && Set.of("half", "quarter", "bit").contains(speech.word(n + 1))) {
            return false;
        }
        return verb(n, n)
                || startsStatement(n)
                || nounThenVerbOrParticle(n)
                || Grammar.ADVERBS.contains(w) && verb(n + 1, n + 1);
    }

    private boolean verb(int i, int start) {
        return i < speech.size()
                && speech.verbAt(i, start, Math.min(speech.size(), i + 6)).isPresent();
    }

    private boolean verbBefore(int start, int end) {
        for (int i = start; i < end; i++) {
            if (speech.verbAt(i, start, speech.size()).isPresent()) {
                return true;
            }
        }
        return false;
    }

    /** "you want", "it should", "theres", "thats", "the bolt comes". */
    private boolean startsStatement(int i) {
        String w = speech.word(i);
        String after = speech.word(i + 1);
        if (Set.of("theres", "thats", "theyre", "youre", "youve", "weve", "youll", "ill", "im", "ive",
                        "lets", "shes", "hes", "heres", "itll", "theyll", "youd", "wed", "its")
                .contains(w)) {
            return true;
        }
        if (Set.of("you", "we", "they", "i", "he", "she", "it", "this", "that", "there", "those",
                        "somebody", "nobody")
                .contains(w)) {
            return finite(after) || speech.word(i + 1).equals("just") && finite(speech.word(i + 2))
                    || verb(i + 1, i);
        }
        return false;
    }

    private boolean finite(String word) {
        return Grammar.AUXILIARIES.contains(word)
                || Set.of("want", "need", "needs", "go", "goes", "got", "like", "see", "know", "can",
                                "feel", "hear", "use", "just", "only", "wants", "look", "looks",
                                "hold", "holds", "start", "started", "said", "say", "says", "think",
                                "have", "get", "never", "always", "take", "takes", "works", "means")
                        .contains(word);
    }

    private boolean nounThenVerbOrParticle(int i) {
        Optional<NounPhrase> np = NounPhrases.at(speech, i, Math.min(speech.size(), i + 8));
        if (np.isEmpty()) {
            return false;
        }
        int n = np.get().to();
        String w = speech.word(n);
        if (n >= speech.size() || !speech.token(n - 1).mark().isEmpty()) {
            return false;
        }
        return Grammar.AUXILIARIES.contains(w)
                || Set.of("off", "out", "away", "on", "back", "in").contains(w)
                        && !Set.of("the", "a", "an", "it", "your", "each", "one").contains(speech.word(n + 1))
                || speech.verbAt(n, i, Math.min(speech.size(), n + 5)).isPresent()
                        && !speech.beginsObject(n);
    }

    /** Whether a new statement begins in running words, with nothing to mark it. */
    private boolean statementStarts(int i, int start) {
        String before = speech.word(i - 1);
        if (!content(start, i)
                || Grammar.PREPOSITIONS.contains(before) && !Grammar.PARTICLES.contains(before)
                || Grammar.ARTICLES.contains(before)
                || Set.of("to", "that", "which", "who", "what", "how", "where", "why", "whether",
                                "the", "you", "we", "i", "they", "dont", "not", "never", "can",
                                "should", "must", "will", "just", "please", "until", "way", "see",
                                "sure", "like", "than", "as", "while", "when", "before", "after",
                                "let", "lets", "help", "make", "number", "thing", "every", "whichever")
                        .contains(before)) {
            return false;
        }
        if (Set.of("dont", "never").contains(speech.word(i))
                || speech.phrase(i, "do not") || speech.phrase(i, "make sure")) {
            return !Grammar.SUBJECTS.contains(before);
        }
        if (startsStatement(i)) {
            boolean object =
                    Set.of("it", "this", "that", "those").contains(speech.word(i))
                            && (speech.lexicon().verb(speech.token(i - 1)).isPresent()
                                    && !Grammar.AUXILIARIES.contains(speech.word(i + 1)));
            return !object;
        }
        if (imperative(i, start)) {
            return true;
        }
        return telegraphic(i, start);
    }

    private boolean imperative(int i, int start) {
        Optional<Verb.Met> met = speech.lexicon().verb(speech.token(i));
        if (met.isEmpty() || met.get().form() != Verb.Form.BASE) {
            return false;
        }
        String before = speech.word(i - 1);
        if (Grammar.DETERMINERS.contains(before)
                || Grammar.MODALS.contains(before)
                || Grammar.EVALUATIVE.contains(before)
                || Grammar.AUXILIARIES.contains(before)
                || speech.number(i - 1)) {
            return false;
        }
        int end = Math.min(speech.size(), i + 6);
        return speech.beginsObject(i + 1) && !speech.number(i + 1)
                        && speech.verbAt(i, i, end).isPresent()
                        && !(Set.of("that", "this", "one", "same").contains(speech.word(i + 1))
                                && met.get().verb().alsoNoun())
                || !met.get().verb().alsoNoun()
                        && speech.verbAt(i, i, end).isPresent()
                        && !(met.get().verb().action() == null
                                && !speech.beginsObject(i + 1)
                                && !Grammar.PARTICLES.contains(speech.word(i + 1)));
    }

    /** "nut off | flange off", "rotor back in | wavy washer in the pocket". */
    private boolean telegraphic(int i, int start) {
        String before = speech.word(i - 1);
        if (!Set.of("off", "out", "away", "on", "in", "back", "up", "down").contains(before)
                || verbBefore(start, i)) {
            return false;
        }
        Optional<NounPhrase> np = NounPhrases.at(speech, start, i);
        Optional<NounPhrase> next = NounPhrases.at(speech, i, Math.min(speech.size(), i + 6));
        return np.isPresent() && next.isPresent() && !Grammar.ARTICLES.contains(speech.word(i));
    }
}
