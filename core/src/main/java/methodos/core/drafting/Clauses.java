package methodos.core.drafting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.speech.WordSet;

/**
 * Cuts narration into clauses: at punctuation where there is some, and where there is none at the
 * words with which a speaker goes on, and before a thing that the clause has no more room for ("nut
 * off | flange off", "take them out | tap the cap").
 */
final class Clauses {

    private static final Set<String> NEXT_SENTENCE =
            WordSet.of("then now okay ok so next alright going");
    private static final Set<String> COPULAS =
            WordSet.of("theres has have got its thats theyre shes hes");
    private static final Set<String> WAYS =
            WordSet.of("off out away on in back up down tight loose");
    private static final Set<String> WEAK_LEADS = WordSet.of("and so then now but next also");
    private static final Set<String> BEFORE_SO = WordSet.of("or just is its not was");
    private static final Set<String> BEHIND_NEXT = WordSet.of("to week time guy day one its");
    private static final Set<String> DENIALS = WordSet.of("dont doesnt wont isnt not no");
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
    private static final Set<String> CONTRACTIONS =
            WordSet.of(
                    "theres thats theyre youre youve weve youll ill im ive lets shes hes heres itll"
                            + " theyll youd wed its");
    private static final Set<String> STATEMENT_SUBJECTS =
            WordSet.of("you we they i he she it this that there those somebody nobody these");
    private static final Set<String> WAYS_AND_ORDER = WordSet.of("out on in first next under");
    private static final Set<String> FINITE =
            WordSet.of(
                    "want need needs go goes got like see know can feel hear use just only wants"
                            + " look looks hold holds start started said say says think have get never always"
                            + " take takes works means went came lost break become eat");
    private static final Set<String> HOLDS_ON =
            WordSet.of("anybody somebody nobody everybody who forget go try");
    private static final Set<String> CONTRACTED_BE =
            WordSet.of("theres thats theyre its were youre shes");
    private static final Set<String> HELPERS =
            WordSet.of("let help make see watch feel get have lets");
    private static final Set<String> SAID_OF_THINGS =
            WordSet.of("come go fall drop slide pull hold keep");
    private static final Set<String> SAID_OF_ONES = WordSet.of("get gets go goes is are");
    private static final Set<String> UNITS_IN_NAMES =
            WordSet.of("pound inch mil amp litre liter ton thread");
    private static final Set<String> TELLING =
            WordSet.of(
                    "must should is are has have needs goes comes can will holds takes get gets"
                            + " ought");
    private static final Set<String> SUBJECTS = WordSet.of("it they that this she he you we");

    private static final Set<String> ALWAYS =
            WordSet.of("because if unless while but otherwise okay ok alright");
    private static final Set<String> LEADS =
            WordSet.of(
                    "if when once unless because until before after while but so and then or"
                            + " otherwise now next also");

    /** Words behind which the clause goes on, whatever comes. */
    private static final Set<String> GOES_ON =
            WordSet.of(
                    "to that which who what how where why whether the you we i they dont not never"
                            + " can should must will just please until see sure like than as while when"
                            + " before after let lets help make thing every whichever a an is are its theres"
                            + " thats theyre be of with about or and your our my really always also only cant");

    private final Speech speech;
    private final boolean runsOn;
    private int start;
    private boolean verb;
    private boolean object;
    private boolean thing;
    private boolean placed;
    private boolean copula;

    private Clauses(Speech speech) {
        this.speech = speech;
        this.runsOn = speech.runsOn();
    }

    static List<Clause> of(Speech speech) {
        return new Clauses(speech).cut();
    }

    private List<Clause> cut() {
        List<Clause> clauses = new ArrayList<>();
        int sentence = 0;
        int i = 0;
        begin(0);
        while (i < speech.size()) {
            if (i > start && cutBefore(i) && content(start, i)) {
                clauses.add(clause(start, i, sentence));
                if (runsOn && goesOnToNext(i)) {
                    sentence++;
                }
                begin(i);
            }
            i = consume(i);
            if (speech.token(i - 1).endsSentence() || i == speech.size()) {
                clauses.add(clause(start, i, sentence));
                begin(i);
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

    private void begin(int at) {
        start = at;
        verb = false;
        object = false;
        thing = false;
        placed = false;
        copula = false;
    }

    /** Takes in what begins here, and says where the next begins. */
    private int consume(int i) {
        int end = clauseEnd(i);
        Optional<Verb.Met> met = speech.verbAt(i, start, end);
        if (speech.phrase(i, "left hand thread") || speech.phrase(i, "right hand thread")) {
            object |= copula;
            return Math.min(end, i + 3);
        }
        if (met.isPresent()
                || speech.tag(i).equals("VERB")
                        && i > start
                        && (Grammar.SUBJECTS.contains(speech.word(i - 1))
                                || Grammar.PRONOUNS.contains(speech.word(i - 1))
                                || speech.word(i - 1).equals("to"))) {
            verb = true;
            return i + 1;
        }
        String w = speech.word(i);
        boolean itIs =
                w.equals("its")
                        && (Grammar.ARTICLES.contains(speech.word(i + 1))
                                || speech.number(i + 1)
                                || Set.of("about", "like", "just", "too", "not")
                                        .contains(speech.word(i + 1)));
        if (itIs) {
            copula = true;
            return i + 1;
        }
        if (Set.of("first", "next", "last", "again", "inside").contains(w) && thing && !verb) {
            placed = true;
            return i + 1;
        }
        if (Grammar.OBJECTS.contains(w) && verb && !speech.determiner(i)) {
            object = true;
            return i + 1;
        }
        if (speech.measureAt(i).filter(m -> m.from() == i && !m.bare()).isPresent()
                && (verb || copula)
                && NounPhrases.at(speech, i, end).isEmpty()) {
            object = true;
            return speech.measureAt(i).orElseThrow().to();
        }
        Optional<NounPhrase> np = NounPhrases.at(speech, i, end);
        Optional<methodos.core.speech.Measure> number =
                speech.measureAt(i).filter(m -> m.from() == i && m.to() - i > 1);
        if (number.isPresent()
                && (np.isEmpty()
                        || np.get().to() > number.get().to() && !number.get().single()
                        || !String.valueOf(number.get().min()).matches("\\d+"))
                && (np.isEmpty() || np.get().size() == null)) {
            object |= verb || copula;
            return number.get().to();
        }
        if (np.isPresent()) {
            boolean inPlace = i > start && Grammar.PREPOSITIONS.contains(speech.word(i - 1));
            if (inPlace) {
                placed = true;
            } else if (verb) {
                object = true;
            } else {
                thing |= np.get().part() || Telegraphic.PROTECTION.contains(np.get().head());
            }
            return Math.max(i + 1, np.get().to());
        }
        if (Set.of("it", "them").contains(w) && verb) {
            object = true;
        }
        if (Grammar.BE.contains(w) || COPULAS.contains(w)) {
            copula = true;
        }
        if (WAYS.contains(w)) {
            placed = true;
        }
        return i + 1;
    }

    private int clauseEnd(int i) {
        int end = i;
        while (end < speech.size() && end - i < 12) {
            end++;
            if (!speech.token(end - 1).mark().isEmpty()) {
                break;
            }
        }
        return end;
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

    /** Whether the stretch holds more than fillers and leads. */
    private boolean content(int from, int to) {
        for (int i = from; i < to; i++) {
            if (!speech.filler(i) && !LEADS.contains(speech.word(i))) {
                return true;
            }
        }
        return false;
    }

    private boolean sameMeasure(int i) {
        return speech.measureAt(i).isPresent()
                && speech.measureAt(i).equals(speech.measureAt(i - 1));
    }

    private boolean cutBefore(int i) {
        if (sameMeasure(i)) {
            return false;
        }
        if (speech.phrase(i - 2, "do not")
                && NounPhrases.at(speech, i, clauseEnd(i)).filter(this::leaves).isPresent()) {
            return true;
        }
        if (!speech.token(i - 1).mark().isEmpty()) {
            return true;
        }
        String w = speech.word(i);
        String before = speech.word(i - 1);
        String after = speech.word(i + 1);
        for (String phrase : speech.lexicon().phrases("going back")) {
            if (phrase.contains(" ")
                    && speech.phrase(i, phrase)
                    && !GOES_ON.contains(before)
                    && !speech.filler(i - 1)) {
                return true;
            }
        }
        if (ALWAYS.contains(w)) {
            return !(w.equals("if") && Set.of("even", "as", "see", "what").contains(before));
        }
        switch (w) {
            case "so":
                return !BEFORE_SO.contains(before)
                        && !Set.of("that", "much", "many", "far", "long").contains(after);
            case "then":
                return !before.equals("and") || start == i - 1;
            case "now":
                return !Set.of("by", "right", "for", "until").contains(before);
            case "next":
                return !Grammar.DETERMINERS.contains(before)
                        && !before.equals("on")
                        && !BEHIND_NEXT.contains(after)
                        && !thing;
            case "when", "until", "before", "after":
                return startsStatement(i + 1)
                        || i + 1 < speech.size()
                                && speech.lexicon().verb(speech.token(i + 1)).isPresent();
            case "once":
                return startsStatement(i + 1) && !after.equals("more");
            case "and", "+":
                return andCuts(i);
            case "or":
                return verb(i + 1) && verb;
            default:
                break;
        }
        int p = i - 1;
        while (p > start && speech.filler(p)) {
            p--;
        }
        if (runsOn && opens(i)) {
            return true;
        }
        String said = speech.word(p);
        if (p < i - 1
                && DENIALS.contains(said)
                && speech.lexicon().verb(speech.token(i)).isPresent()) {
            return true;
        }
        if (said.equals("and") || said.equals("or") || LEADS.contains(said) || speech.filler(i)) {
            return false;
        }
        return statementStarts(i, said);
    }

    /** Words with which a new statement begins in running speech. */
    private boolean opens(int i) {
        String w = speech.word(i);
        String before = speech.word(i - 1);
        String after = speech.word(i + 1);
        if (GOES_ON.contains(before) || before.equals("and") || LEADS.contains(before)) {
            return false;
        }
        boolean got = Set.of("got", "has", "have").contains(before);
        for (String phrase :
                got
                        ? new String[0]
                        : new String[] {
                            "more than that",
                            "less than that",
                            "tighter than that",
                            "any more",
                            "anything over",
                            "anything less",
                            "anything more",
                            "anything under",
                            "how much",
                            "how far",
                            "how tight",
                            "how many",
                            "look it up"
                        }) {
            if (speech.phrase(i, phrase)) {
                return true;
            }
        }
        if (w.equals("new") && !BEFORE_NEW.contains(before)) {
            return NounPhrases.at(speech, i, clauseEnd(i)).filter(NounPhrase::part).isPresent();
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
            return verb;
        }
        if (w.equals("no")) {
            boolean denies =
                    !BEHIND_NO.contains(after)
                            && !speech.number(i + 1)
                            && NounPhrases.at(speech, i + 1, clauseEnd(i)).isPresent();
            return denies && !copula && !BEFORE_NO.contains(before);
        }
        if (Set.of("on", "for").contains(w)
                && (verb && (object || placed)
                        || speech.phrase(i + 1, "the bigger")
                        || speech.phrase(i + 1, "the older"))) {
            return OTHER_ONES.stream().anyMatch(p -> speech.phrase(i + 1, p))
                    && !speech.word(i - 1).equals("on");
        }
        for (String phrase : speech.lexicon().phrases("story")) {
            if (phrase.contains(" ") && speech.phrase(i, phrase)) {
                return true;
            }
        }
        return false;
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
                || runsOn && (object || placed) && Set.of("from", "between").contains(w)) {
            return true;
        }
        if ((w.equals("new") || speech.word(n + 1).equals("new")) && (placed || object)) {
            return true;
        }
        if (w.equals("a")
                && Set.of("half", "quarter", "bit", "third").contains(speech.word(n + 1))) {
            return false;
        }
        if (verb(n) || startsStatement(n) || Grammar.ADVERBS.contains(w) && verb(n + 1)) {
            return true;
        }
        return thingGoesOn(n);
    }

    /** "and the washer out": a statement of its own where what is before is complete. */
    private boolean thingGoesOn(int i) {
        Optional<NounPhrase> np = NounPhrases.at(speech, i, clauseEnd(i));
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
        boolean complete = placed || !verb;
        if (WAYS_OF_THINGS.contains(w)) {
            return complete && (verb || placed || thing && runsOn);
        }
        if (!verb && thing && !placed && !copula && !runsOn) {
            return false;
        }
        return speech.verbAt(n, i, clauseEnd(n)).isPresent()
                && !speech.beginsObject(n)
                && !Grammar.ARTICLES.contains(speech.word(n + 1));
    }

    private boolean verb(int i) {
        return i < speech.size() && speech.verbAt(i, i, clauseEnd(i)).isPresent();
    }

    /** "you want", "it should", "theres", "thats". */
    private boolean startsStatement(int i) {
        String w = speech.word(i);
        String after =
                i < speech.size() && speech.token(i).mark().isEmpty() ? speech.word(i + 1) : "";
        if (CONTRACTIONS.contains(w)) {
            return !(w.equals("its") && i > 0 && Grammar.PREPOSITIONS.contains(speech.word(i - 1)));
        }
        if (STATEMENT_SUBJECTS.contains(w)) {
            return finite(after)
                    || Set.of("it", "he", "she", "they").contains(w)
                            && speech.tag(i + 1).equals("VERB")
                            && !after.endsWith("ing")
                    || i + 1 < speech.size()
                            && !after.isEmpty()
                            && speech.verbAt(i + 1, i, clauseEnd(i)).isPresent()
                            && !Set.of("those", "these", "that").contains(w)
                    || Set.of("you", "we", "i").contains(w) && speech.tag(i + 1).equals("VERB")
                    || after.equals("one") && finite(speech.word(i + 2))
                    || Set.of("just", "always", "really", "can").contains(after)
                    || verb(i + 1)
                            && !w.equals("those")
                            && !w.equals("these")
                            && !(w.equals("that")
                                    && speech.lexicon()
                                            .verb(speech.token(i + 1))
                                            .filter(m -> m.verb().alsoNoun())
                                            .isPresent());
        }
        return false;
    }

    /** "anchor nut back on": a thing with its particle, a statement of its own. */
    private boolean leaves(NounPhrase np) {
        int n = np.to();
        return n < speech.size()
                && speech.token(n - 1).mark().isEmpty()
                && (Set.of("off", "back", "away", "inside", "again").contains(speech.word(n))
                        || WAYS_AND_ORDER.contains(speech.word(n)) && !speech.determiner(n + 1));
    }

    private static boolean finite(String word) {
        return Grammar.AUXILIARIES.contains(word) || FINITE.contains(word);
    }

    /** Whether a new statement begins in running words, with nothing to mark it. */
    private boolean statementStarts(int i, String before) {
        boolean youIsObject =
                before.equals("you")
                        && Grammar.PREPOSITIONS.contains(speech.word(i - 2))
                        && !speech.word(i - 2).equals("to");
        if (!content(start, i)
                || GOES_ON.contains(before) && !youIsObject
                || Grammar.AUXILIARIES.contains(before)
                || HOLDS_ON.contains(before)
                || Grammar.PREPOSITIONS.contains(before)
                        && !(Grammar.PARTICLES.contains(before)
                                && placed
                                && !speech.determiner(i))) {
            return false;
        }
        String w = speech.word(i);
        if (Grammar.PRONOUNS.contains(w)
                && Set.of("in", "on", "over", "under", "with").contains(before)) {
            return false;
        }
        if (w.equals("not")
                && runsOn
                && verb(i + 1)
                && !Grammar.AUXILIARIES.contains(before)
                && !before.equals("to")
                && !before.equals("if")) {
            return true;
        }
        if (w.equals("not")
                && Set.of("a", "an", "the", "with", "by").contains(speech.word(i + 1))
                && !copula) {
            return true;
        }
        if (w.equals("dont") && thing && !verb && !placed && !copula) {
            return false;
        }
        if (Set.of("dont", "never").contains(w)
                || speech.phrase(i, "do not")
                || speech.phrase(i, "make sure")) {
            return !Grammar.SUBJECTS.contains(before);
        }
        if (before.equals("way") && Grammar.SUBJECTS.contains(w)) {
            return false;
        }
        if (startsStatement(i)) {
            boolean isObject =
                    Set.of("it", "this", "that", "those").contains(w)
                            && speech.lexicon().verb(speech.token(i - 1)).isPresent()
                            && (!Grammar.AUXILIARIES.contains(speech.word(i + 1))
                                    || CONTRACTED_BE.contains(speech.word(i + 1)));
            return !isObject;
        }
        if (imperative(i, before)) {
            return true;
        }
        return runsOn && noRoom(i);
    }

    /** "let it come down", "help me lift": the second verb belongs to the first. */
    private boolean helped(int i) {
        if (speech.phrase(i - 2, "lets go")) {
            return false;
        }
        for (int k = Math.max(start, i - 8); k < i - 1; k++) {
            if (HELPERS.contains(speech.word(k))) {
                return NounPhrases.at(speech, k + 1, i).filter(n -> n.to() == i).isPresent()
                        || k == i - 2
                        || speech.filler(k + 1) && k == i - 3;
            }
        }
        return false;
    }

    private boolean imperative(int i, String before) {
        Optional<Verb.Met> met = speech.lexicon().verb(speech.token(i));
        if (met.isEmpty()
                || met.get().form() != Verb.Form.BASE
                || met.get().verb().alsoNoun() && !speech.token(i).mark().isEmpty()) {
            return false;
        }
        boolean thisOne = before.equals("one") && speech.determiner(i - 2);
        if (Grammar.DETERMINERS.contains(before) && !thisOne
                || Grammar.MODALS.contains(before)
                || Grammar.EVALUATIVE.contains(before) && !before.equals("right")
                || Grammar.AUXILIARIES.contains(before)
                || Grammar.SUBJECTS.contains(before)
                        && speech.lexicon().verb(speech.token(Math.max(0, i - 2))).isEmpty()
                        && !Grammar.PREPOSITIONS.contains(speech.word(i - 2))
                        && !speech.word(i - 2).equals("thats")
                || speech.number(i - 1)
                        && met.get().verb().alsoNoun()
                        && !(before.equals("one") && speech.determiner(i - 2))
                || helped(i)) {
            return false;
        }
        int end = clauseEnd(i);
        boolean isVerb = speech.verbAt(i, i, end).isPresent();
        if (thing
                && !verb
                && SAID_OF_THINGS.contains(met.get().verb().base())
                && !Grammar.PARTICLES.contains(before)
                && (Nouns.plural(before)
                        || !Set.of("hold", "keep").contains(met.get().verb().base()))
                && speech.lexicon().verb(speech.token(i - 1)).isEmpty()) {
            return false;
        }
        boolean follows = speech.beginsObject(i + 1) && !speech.number(i + 1);
        if (!isVerb) {
            return false;
        }
        if (follows
                && !(Set.of("that", "this", "one", "same").contains(speech.word(i + 1))
                        && met.get().verb().alsoNoun()
                        && !Grammar.PARTICLES.contains(speech.word(i + 2)))) {
            return true;
        }
        if (Set.of("which", "where", "how").contains(speech.word(i + 1))) {
            return true;
        }
        boolean goesOn =
                Grammar.PARTICLES.contains(speech.word(i + 1))
                        || met.get().verb().action() != null
                        || Set.of("to", "for", "at").contains(speech.word(i + 1))
                                && !met.get().verb().base().equals("come");
        return !met.get().verb().alsoNoun()
                && goesOn
                && !(thing
                        && !verb
                        && Set.of("come", "go", "fall", "drop").contains(met.get().verb().base()));
    }

    /**
     * A thing begins, and the clause is complete: it has a verb with its object, or a thing with
     * its place.
     */
    private boolean noRoom(int i) {
        Optional<NounPhrase> np = NounPhrases.at(speech, i, clauseEnd(i));
        boolean subjectOnes =
                np.isPresent()
                        && Set.of("one", "ones").contains(Nouns.head(np.get().name()))
                        && SAID_OF_ONES.contains(speech.word(np.get().to()));
        if (np.isEmpty()
                || !np.get().part()
                        && !subjectOnes
                        && !(np.get().name().equals("one") && leaves(np.get()))
                || Grammar.OBJECTS.contains(speech.word(i))
                || speech.word(i).equals("of")) {
            return false;
        }
        boolean sized = speech.measureAt(i - 1).filter(m -> m.length() || m.bare()).isPresent();
        if (speech.measureAt(i - 1).isPresent()
                && (sized && speech.lexicon().tool(np.get().head()).isPresent()
                        || UNITS_IN_NAMES.contains(speech.word(i - 1)))) {
            return false;
        }
        if (speech.phrase(i - 1, "thread") && Sizes.at(speech, i - 4, i) != null) {
            return false;
        }
        boolean verbOnly =
                np.get().to() == i + 1 && speech.lexicon().verb(speech.token(i)).isPresent();
        if (helped(i)
                || verbOnly && !leaves(np.get())
                || speech.verbAt(i, start, clauseEnd(i)).isPresent()) {
            return false;
        }
        int behind = np.get().to();
        boolean tells =
                speech.token(behind - 1).mark().isEmpty()
                        && (verb && (object || placed) || copula || thing && placed)
                        && TELLING.contains(speech.word(behind));
        boolean complete =
                tells
                        || leaves(np.get()) && (copula || thing && placed)
                        || verb && (object || placed)
                        || thing && placed
                        || copula && (object || placed || thing);
        if (!complete || Set.of("each", "every", "any").contains(speech.word(i))) {
            return false;
        }
        String before = speech.word(i - 1);
        if (Set.of("in", "on", "through", "over").contains(before)) {
            return leaves(np.get()) && !speech.determiner(i) && !speech.filler(i - 1)
                    || !verb
                            && (speech.word(i - 2).equals("back")
                                    || Set.of("in", "on").contains(speech.word(np.get().to())))
                            && !speech.determiner(i)
                            && !speech.filler(i - 1);
        }
        if (Grammar.PARTICLES.contains(before)) {
            return !speech.determiner(i);
        }
        boolean subject =
                !leaves(np.get())
                        && SUBJECTS.contains(before)
                        && (i - 2 < start
                                || !speech.lexicon().verb(speech.token(i - 2)).isPresent());
        return !subject;
    }
}
