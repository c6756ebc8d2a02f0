package methodos.core.drafting;

import java.util.Optional;
import java.util.Set;
import methodos.core.vocabulary.WordSet;

/** Whether a clause ends before a word. */
final class ClauseCut {

    private static final Set<String> ALWAYS =
            WordSet.of("because if unless while but otherwise okay ok alright");

    private static final Set<String> BEFORE_SO = WordSet.of("or just is its not was");

    private static final Set<String> BEHIND_NEXT = WordSet.of("to week time guy day one its");

    private static final Set<String> DENIALS = WordSet.of("dont doesnt wont isnt not no");

    private static final Set<String> HAVING =
            WordSet.of("got has have count know see check remember note record");

    private static final Set<String> COMPARING =
            WordSet.ofPhrases(
                    "more than that, less than that, tighter than that, any more, anything over,"
                            + " anything less, anything more, anything under, how much, how far,"
                            + " how tight, how many, look it up");

    private static final Set<String> BEFORE_NEW =
            WordSet.of(
                    "a the your is its thats some with on in of this that another brand for are");

    private static final Set<String> BEHIND_FIRST = WordSet.of("the you we thing off of");

    private static final Set<String> BEHIND_NO =
            WordSet.of("more less sorry no longer wait hang i");

    private static final Set<String> BEFORE_NO =
            WordSet.of("want with theres is has have um say need if put");

    private static final Set<String> OTHER_ONES =
            WordSet.ofPhrases(
                    "the other side, the other one, the big, the bigger, the older, the newer"
                            + ", the small, this saw, the saws");

    private static final Set<String> BEHIND_AND =
            WordSet.of("then if when dont do never so now not once after go");

    private static final Set<String> WAYS_OF_THINGS = WordSet.of("off out away on back in to");

    private final Speech speech;
    private final ClauseSoFar so;
    private final ClauseRoom room;
    private final StatementStart statement;

    ClauseCut(Speech speech, ClauseSoFar so) {
        this.speech = speech;
        this.so = so;
        this.room = new ClauseRoom(speech, so);
        this.statement = new StatementStart(speech, so, room);
    }

    boolean before(int i) {
        if (sameMeasure(i)) {
            return false;
        }
        if (speech.phrase(i - 2, "do not")
                && NounPhrases.at(speech, i, so.clauseEnd(i)).filter(room::leaves).isPresent()) {
            return true;
        }
        if (!speech.token(i - 1).mark().isEmpty()
                || speech.phrase(i - 2, "if not") && statement.verb(i)) {
            return true;
        }
        String w = speech.word(i);
        String before = speech.word(i - 1);
        String after = speech.word(i + 1);
        if (goesBack(i)) {
            return true;
        }
        if (w.equals("ok") && Grammar.BE.contains(before)) {
            return false;
        }
        if (ALWAYS.contains(w)) {
            return !(w.equals("if") && Set.of("even", "as", "see", "what").contains(before));
        }
        switch (w) {
            case "so":
                return !BEFORE_SO.contains(before)
                        && !Set.of("that", "much", "many", "far", "long").contains(after);
            case "then":
                return !Grammar.BE.contains(before) && !before.equals("and") || so.start == i - 1;
            case "now":
                return !Set.of("by", "right", "for", "until").contains(before);
            case "next":
                return !Grammar.DETERMINERS.contains(before)
                        && !before.equals("on")
                        && !BEHIND_NEXT.contains(after)
                        && !so.thing;
            case "when", "until", "before", "after":
                return statement.spoken(i + 1)
                        || i + 1 < speech.size()
                                && speech.lexicon().verb(speech.token(i + 1)).isPresent();
            case "once":
                return statement.spoken(i + 1) && !after.equals("more");
            case "and", "+":
                return andCuts(i);
            case "or":
                return statement.verb(i + 1) && so.verb;
            default:
                break;
        }
        int p = i - 1;
        while (p > so.start && speech.filler(p)) {
            p--;
        }
        if (speech.runsOn() && opens(i)) {
            return true;
        }
        String said = speech.word(p);
        if (p < i - 1
                && DENIALS.contains(said)
                && speech.lexicon().verb(speech.token(i)).isPresent()) {
            return true;
        }
        if (said.equals("and")
                || said.equals("or")
                || Clauses.LEADS.contains(said)
                || speech.filler(i)) {
            return false;
        }
        return statement.unmarked(i, said);
    }

    private boolean sameMeasure(int i) {
        return speech.measureAt(i).isPresent()
                && speech.measureAt(i).equals(speech.measureAt(i - 1));
    }

    /** "reassembly is the reverse": from here on things go on. */
    private boolean goesBack(int i) {
        int at = speech.filler(i) ? i + 1 : i; // "right, going back together"
        return !StatementStart.GOES_ON.contains(speech.word(i - 1))
                && !speech.word(i - 1).equals("going")
                && !speech.filler(i - 1)
                && speech.lexicon().phrases("going back").stream()
                        .anyMatch(phrase -> phrase.contains(" ") && speech.phrase(at, phrase));
    }

    /** Words with which a new statement begins in running speech. */
    private boolean opens(int i) {
        String w = speech.word(i);
        String before = speech.word(i - 1);
        String after = speech.word(i + 1);
        if (StatementStart.GOES_ON.contains(before)
                || before.equals("and")
                || Clauses.LEADS.contains(before)) {
            return false;
        }
        if (!HAVING.contains(before) && COMPARING.stream().anyMatch(p -> speech.phrase(i, p))) {
            return true;
        }
        boolean newOrOld = w.equals("new") || w.equals("old");
        if (newOrOld && !BEFORE_NEW.contains(before)) {
            return NounPhrases.at(speech, i, so.clauseEnd(i)).filter(NounPhrase::part).isPresent();
        }
        if (speech.phrase(i, "be careful") || speech.phrase(i, "watch out")) {
            return true;
        }
        if (w.equals("please") && !before.equals("no")) {
            return true;
        }
        if (w.equals("first")) {
            return BEHIND_FIRST.contains(after);
        }
        if (w.equals("everything")) {
            return so.verb;
        }
        if (w.equals("no")) {
            boolean denies =
                    !BEHIND_NO.contains(after)
                            && !speech.number(i + 1)
                            && NounPhrases.at(speech, i + 1, so.clauseEnd(i)).isPresent();
            return denies && !so.copula && !BEFORE_NO.contains(before);
        }
        if (Set.of("on", "for").contains(w)
                && (so.verb && (so.object || so.placed)
                        || speech.phrase(i + 1, "the bigger")
                        || speech.phrase(i + 1, "the older"))) {
            return OTHER_ONES.stream().anyMatch(p -> speech.phrase(i + 1, p))
                    && !speech.word(i - 1).equals("on");
        }
        return speech.lexicon().phrases("story").stream()
                .anyMatch(phrase -> phrase.contains(" ") && speech.phrase(i, phrase));
    }

    private boolean andCuts(int i) {
        int n = i + 1;
        while (n < speech.size() && speech.filler(n)) {
            n++;
        }
        String w = speech.word(n);
        if (BEHIND_AND.contains(w)) {
            return true;
        }
        if (Set.of("try", "go").contains(speech.word(i - 1))) {
            return false;
        }
        if (w.equals("anything")
                || speech.runsOn()
                        && (so.object || so.placed)
                        && Set.of("from", "between").contains(w)) {
            return true;
        }
        if ((w.equals("new") || speech.word(n + 1).equals("new")) && (so.placed || so.object)) {
            return true;
        }
        if (w.equals("a")
                && Set.of("half", "quarter", "bit", "third").contains(speech.word(n + 1))) {
            return false;
        }
        if (statement.verb(n)
                || statement.spoken(n)
                || Grammar.ADVERBS.contains(w) && statement.verb(n + 1)) {
            return true;
        }
        return thingGoesOn(n);
    }

    /** "and the washer out": a statement of its own where what is before is complete. */
    private boolean thingGoesOn(int i) {
        Optional<NounPhrase> np = NounPhrases.at(speech, i, so.clauseEnd(i));
        if (np.isEmpty() || !speech.token(np.get().to() - 1).mark().isEmpty()) {
            return false;
        }
        int n = np.get().to();
        String w = speech.word(n);
        if (n >= speech.size()) {
            return false;
        }
        if (Grammar.AUXILIARIES.contains(w)) {
            return true;
        }
        if (Set.of("only", "just", "by", "finger", "hand").contains(w)
                || speech.phrase(n, "the same")) {
            return true;
        }
        boolean complete = so.placed || !so.verb || so.pronoun;
        if (WAYS_OF_THINGS.contains(w)) {
            return complete && (so.verb || so.placed || so.thing && speech.runsOn());
        }
        if (!so.verb && so.thing && !so.placed && !so.copula && !speech.runsOn()) {
            return false;
        }
        return speech.verbAt(n, i, so.clauseEnd(n)).isPresent()
                && !speech.beginsObject(n)
                && !Grammar.ARTICLES.contains(speech.word(n + 1));
    }
}
