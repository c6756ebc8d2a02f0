package methodos.core.drafting;

import java.util.Optional;
import java.util.Set;
import methodos.core.speech.Measure;
import methodos.core.vocabulary.Nouns;
import methodos.core.vocabulary.WordSet;

/** Whether a new statement begins at a word, with nothing to mark it. */
final class StatementStart {

    private static final Set<String> CONTRACTIONS =
            WordSet.of(
                    "theres thats theyre youre youve weve youll ill im ive lets shes hes heres itll"
                            + " theyll youd wed its");

    private static final Set<String> STATEMENT_SUBJECTS =
            WordSet.of("you we they i he she it this that there those somebody nobody these");

    private static final Set<String> FINITE =
            WordSet.of(
                    "want need needs go goes got like see know can feel hear use just only wants"
                            + " look looks hold holds start started said say says think have get never always"
                            + " take takes works means went came lost break become eat");

    private static final Set<String> HOLDS_ON =
            WordSet.of("anybody somebody nobody everybody who forget go try");

    private static final Set<String> CONTRACTED_BE =
            WordSet.of("theres thats theyre its were youre shes");

    private static final Set<String> SAID_OF_THINGS =
            WordSet.of("come go fall drop slide pull hold keep");

    /** Words behind which the clause goes on, whatever comes. */
    static final Set<String> GOES_ON =
            WordSet.of(
                    "to that which who what how where why whether the you we i they dont not never"
                            + " can should must will just please until see sure like than as while when"
                            + " before after let lets help make thing every whichever a an is are its theres"
                            + " thats theyre be of with about needs takes wants uses or and your our my really always also only cant");

    /** "where they came from": the preposition is the end of it. */
    private static final Set<String> STRANDING =
            WordSet.of("came comes come sits sat belongs lives");

    /** What only a verb can have behind it. */
    private static final Set<String> TAKEN = WordSet.of("it them both everything");

    private static final Set<String> DENIED = WordSet.of("dont not never");

    private static final Set<String> BEHIND_NOT = WordSet.of("a an the with by");

    private static final Set<String> KEEPING = WordSet.of("hold keep");

    private static final Set<String> GOING = WordSet.of("come go fall drop");

    private static final Set<String> TOWARDS = WordSet.of("to for at");

    private static final Set<String> ASKING = WordSet.of("which where how");

    private static final Set<String> MAYBE_SUBJECTS = WordSet.of("that this one same");

    private static final Set<String> THOSE = WordSet.of("those these");

    private static final Set<String> THIRD_PERSONS = WordSet.of("it he she they");

    private static final Set<String> WORKERS = WordSet.of("you we i");

    private static final Set<String> JUST = WordSet.of("just always really can");

    private final Speech speech;
    private final ClauseSoFar so;
    private final ClauseRoom room;

    StatementStart(Speech speech, ClauseSoFar so, ClauseRoom room) {
        this.speech = speech;
        this.so = so;
        this.room = room;
    }

    /** Whether a new statement begins in running words, with nothing to mark it. */
    boolean unmarked(int i, String before) {
        String w = speech.word(i);
        boolean forbids = w.equals("never") || w.equals("dont") || speech.phrase(i, "do not");
        if (forbids && speech.runsOn() && so.content(i) && Grammar.PREPOSITIONS.contains(before)) {
            return true;
        }
        boolean youIsObject =
                before.equals("you")
                        && Grammar.PREPOSITIONS.contains(speech.word(i - 2))
                        && !speech.word(i - 2).equals("to");
        if (!so.content(i)
                || GOES_ON.contains(before) && !youIsObject
                || Grammar.AUXILIARIES.contains(before)
                || HOLDS_ON.contains(before)
                || Grammar.PREPOSITIONS.contains(before)
                        && !STRANDING.contains(speech.word(i - 2))
                        && !(Grammar.PARTICLES.contains(before)
                                && so.placed
                                && !speech.determiner(i))) {
            return false;
        }
        if (Grammar.PRONOUNS.contains(w)
                && Set.of("in", "on", "over", "under", "with").contains(before)) {
            return false;
        }
        if (w.equals("not") && denies(i, before)) {
            return true;
        }
        if (w.equals("dont") && so.thing && !so.verb && !so.placed && !so.copula) {
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
        if (spoken(i)) {
            boolean isObject =
                    Set.of("it", "this", "that", "those").contains(w)
                            && (speech.lexicon().verb(speech.token(i - 1)).isPresent()
                                    || DENIED.contains(speech.word(i - 2)))
                            && (!Grammar.AUXILIARIES.contains(speech.word(i + 1))
                                    || CONTRACTED_BE.contains(speech.word(i + 1)));
            return !isObject;
        }
        if (imperative(i, before)) {
            return true;
        }
        return speech.runsOn() && room.full(i);
    }

    /** "not too tight", "not with a hammer": what must not be. */
    private boolean denies(int i, String before) {
        boolean work =
                speech.runsOn()
                        && verb(i + 1)
                        && !Grammar.AUXILIARIES.contains(before)
                        && !before.equals("to")
                        && !before.equals("if");
        return work || !so.copula && BEHIND_NOT.contains(speech.word(i + 1));
    }

    /** "you want", "it should", "theres", "thats". */
    boolean spoken(int i) {
        String w = speech.word(i);
        String after =
                i < speech.size() && speech.token(i).mark().isEmpty() ? speech.word(i + 1) : "";
        if (CONTRACTIONS.contains(w)) {
            return !(w.equals("its") && i > 0 && Grammar.PREPOSITIONS.contains(speech.word(i - 1)));
        }
        if (!STATEMENT_SUBJECTS.contains(w)) {
            return false;
        }
        boolean tagged = speech.tag(i + 1).equals("VERB");
        boolean pointing = THOSE.contains(w);
        return finite(after)
                || THIRD_PERSONS.contains(w) && tagged && !after.endsWith("ing")
                || WORKERS.contains(w) && tagged
                || after.equals("one") && finite(speech.word(i + 2))
                || JUST.contains(after)
                || !after.isEmpty()
                        && !pointing
                        && !w.equals("that")
                        && speech.verbAt(i + 1, i, so.clauseEnd(i)).isPresent()
                || !pointing && verb(i + 1) && !(w.equals("that") && maybeNoun(i + 1));
    }

    private boolean maybeNoun(int i) {
        return speech.lexicon()
                .verb(speech.token(i))
                .filter(met -> met.verb().alsoNoun())
                .isPresent();
    }

    private static boolean finite(String word) {
        return Grammar.AUXILIARIES.contains(word) || FINITE.contains(word);
    }

    /** "tap it in": a verb in its base form that nothing before it takes for its own. */
    private boolean imperative(int i, String before) {
        Optional<Verb.Met> met = speech.lexicon().verb(speech.token(i));
        if (met.isEmpty() || met.get().form() != Verb.Form.BASE) {
            return false;
        }
        Verb verb = met.get().verb();
        if (verb.alsoNoun() && !speech.token(i).mark().isEmpty()
                || bound(i, verb, before)
                || so.helped(i)
                || saidOfThing(i, verb, before)) {
            return false;
        }
        if (STRANDING.contains(speech.word(i - 2)) && Grammar.PREPOSITIONS.contains(before)) {
            return true; // "where it came from"
        }
        if (!verb(i)) {
            return false;
        }
        String after = speech.word(i + 1);
        if (speech.measureAt(i - 1).filter(Measure::torque).isPresent()) {
            return true; // a value ends what is said of it
        }
        boolean object = speech.beginsObject(i + 1) && !speech.number(i + 1);
        boolean asNoun =
                verb.alsoNoun()
                        && MAYBE_SUBJECTS.contains(after)
                        && !Grammar.PARTICLES.contains(speech.word(i + 2));
        if (object && !asNoun || ASKING.contains(after)) {
            return true;
        }
        boolean goesOn =
                Grammar.PARTICLES.contains(after)
                        || verb.action() != null
                        || TOWARDS.contains(after) && !verb.base().equals("come");
        return !verb.alsoNoun() && goesOn && !(so.thing && !so.verb && GOING.contains(verb.base()));
    }

    /** "the tap", "you tap", "can tap": the word before makes a noun of it, or has it as verb. */
    private boolean bound(int i, Verb verb, String before) {
        boolean thisOne =
                before.equals("one") && speech.determiner(i - 2) || speech.phrase(i - 2, "at all");
        boolean ofSubject =
                Grammar.SUBJECTS.contains(before)
                        && speech.lexicon().verb(speech.token(Math.max(0, i - 2))).isEmpty()
                        && !Grammar.PREPOSITIONS.contains(speech.word(i - 2))
                        && !speech.word(i - 2).equals("thats");
        return Grammar.DETERMINERS.contains(before) && !thisOne
                || Grammar.MODALS.contains(before)
                || Grammar.EVALUATIVE.contains(before)
                        && (!TAKEN.contains(speech.word(i + 1)) || speech.determiner(i - 2))
                        && !before.equals("right")
                        && !Grammar.BE.contains(speech.word(i - 2))
                || Grammar.AUXILIARIES.contains(before)
                || ofSubject
                || speech.number(i - 1) && verb.alsoNoun() && !thisOne;
    }

    /** "washers fall": what things do by themselves. */
    private boolean saidOfThing(int i, Verb verb, String before) {
        return so.thing
                && !so.verb
                && SAID_OF_THINGS.contains(verb.base())
                && !Grammar.PARTICLES.contains(before)
                && (Nouns.plural(before) || !KEEPING.contains(verb.base()))
                && speech.verbAt(i - 1, so.start, i).isEmpty();
    }

    /** Whether a verb stands here, taken for itself. */
    boolean verb(int i) {
        return i < speech.size() && speech.verbAt(i, i, so.clauseEnd(i)).isPresent();
    }
}
