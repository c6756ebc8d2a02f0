package methodos.core.drafting;

import java.util.Optional;
import java.util.Set;
import methodos.core.speech.Measure;
import methodos.core.vocabulary.WordSet;

/** What a clause holds up to the word that is looked at. */
final class ClauseSoFar {

    private static final Set<String> COPULAS =
            WordSet.of("theres heres has have got its thats theyre shes hes");

    private static final Set<String> WAYS =
            WordSet.of("off out away on in back up down tight loose");

    private static final Set<String> HELPERS =
            WordSet.of("let help make see watch feel get have lets");

    /** Behind a particle: it says where something is. */
    private static final Set<String> NO_MOVE = WordSet.of("of between front place line there");

    private static final Set<String> WILL =
            WordSet.of("will would can could must should dont never not youll itll theyll");

    /** What makes one name with the noun behind it: "snap ring", "lock nut". */
    private static final Set<String> COMPOUNDS =
            WordSet.of(
                    "snap lock grub split gland end cap set thrust jam castle drain filler o u wiper"
                            + " retaining drive spring backup back-up hand guide dust");

    private static final Set<String> ORDER = WordSet.of("first next last again inside new always");
    private static final Set<String> DENIALS = WordSet.of("not dont doesnt cant cannot wont");
    private static final Set<String> THINGS = WordSet.of("it they that");
    private static final Set<String> MOVES = WordSet.of("off out back in on");

    private final Speech speech;

    /** The token at which the clause begins. */
    int start;

    /** Whether there is a verb. */
    boolean verb;

    /** Whether the verb has its object. */
    boolean object;

    /** Whether that object is "it" or "them". */
    boolean pronoun;

    /** Whether a part is named before any verb. */
    boolean thing;

    /** Whether a place or a particle is there. */
    boolean placed;

    /** Whether something is said to be: "its", "theres", "got". */
    boolean copula;

    /** Whether it begins with "no": nothing more than the thing is needed then. */
    private boolean none;

    ClauseSoFar(Speech speech) {
        this.speech = speech;
    }

    /** Begins the next clause. */
    void begin(int at) {
        start = at;
        verb = false;
        object = false;
        pronoun = false;
        thing = false;
        placed = false;
        copula = false;
        none = false;
    }

    /** Takes in what begins here, and says where the next begins. */
    int consume(int i) {
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
                                || WILL.contains(speech.word(i - 1))
                                || speech.word(i - 1).equals("to"))) {
            verb = true;
            object |= byItself(i, met);
            return i + 1;
        }
        String w = speech.word(i);
        none |= w.equals("no") && !verb && !thing && !copula;
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
        if (ORDER.contains(w) && thing && !verb) {
            placed = true;
            return i + 1;
        }
        if (Grammar.OBJECTS.contains(w) && verb && !speech.determiner(i)) {
            object = true;
            pronoun = true;
            return i + 1;
        }
        if (speech.measureAt(i).filter(m -> m.from() == i && !m.bare()).isPresent()
                && (verb || copula)
                && NounPhrases.at(speech, i, end).isEmpty()) {
            object = true;
            return speech.measureAt(i).orElseThrow().to();
        }
        Optional<NounPhrase> np = NounPhrases.at(speech, i, end);
        Optional<Measure> number = speech.measureAt(i).filter(m -> m.from() == i && m.to() - i > 1);
        if (number.isPresent()
                && (np.isEmpty()
                        || np.get().to() > number.get().to() && !number.get().single()
                        || !String.valueOf(number.get().min()).matches("\\d+"))
                && (np.isEmpty() || np.get().size() == null)) {
            object |= verb || copula;
            placed |= thing && number.get().torque();
            return number.get().to();
        }
        if (np.isPresent()) {
            boolean inPlace = i > start && Grammar.PREPOSITIONS.contains(speech.word(i - 1));
            if (inPlace) {
                placed = true;
                int last = lastGoingOn(i, np.get());
                if (last > i) {
                    return last;
                }
            } else if (verb) {
                object = true;
            } else {
                thing |= np.get().part() || Things.PROTECTION.contains(np.get().head());
            }
            return Math.max(i + 1, np.get().to());
        }
        if (Set.of("it", "them").contains(w) && verb) {
            object = true;
            pronoun = true;
        }
        if (Grammar.BE.contains(w) || COPULAS.contains(w)) {
            copula = true;
        }
        if (WAYS.contains(w)) {
            placed = true;
        }
        return i + 1;
    }

    /** "so it does not turn": nothing is missing behind such a verb. */
    private boolean byItself(int i, Optional<Verb.Met> met) {
        boolean denied = i - 2 >= start && DENIALS.contains(speech.word(i - 1));
        boolean ofThing =
                THINGS.contains(speech.word(i - 2)) || THINGS.contains(speech.word(i - 3));
        return denied && ofThing && met.isPresent();
    }

    /** "at the isolator | hose off": the last noun is the next thing that comes off. */
    private int lastGoingOn(int i, NounPhrase np) {
        int last = np.to() - 1;
        if (COMPOUNDS.contains(speech.word(last - 1))) {
            last--;
        }
        boolean goesOn =
                speech.runsOn()
                        && (verb || thing)
                        && speech.determiner(i)
                        && last > i + 1
                        && !speech.number(np.to() + 1)
                        && NounPhrases.at(speech, last, np.to())
                                .filter(NounPhrase::part)
                                .isPresent()
                        && np.name().contains(" ")
                        && speech.token(last).mark().isEmpty()
                        && speech.token(np.to() - 1).mark().isEmpty()
                        && MOVES.contains(speech.word(np.to()))
                        && !speech.determiner(np.to() + 1)
                        && !NO_MOVE.contains(speech.word(np.to() + 1));
        return goesOn ? last : i;
    }

    /** Where a clause that begins here ends at the latest. */
    int clauseEnd(int i) {
        int end = i;
        while (end < speech.size() && end - i < 12) {
            end++;
            if (!speech.token(end - 1).mark().isEmpty()) {
                break;
            }
        }
        return end;
    }

    /** Whether it holds more than fillers and leads before a token. */
    boolean content(int to) {
        for (int i = start; i < to; i++) {
            if (!speech.filler(i) && !Clauses.LEADS.contains(speech.word(i))) {
                return true;
            }
        }
        return false;
    }

    /** Whether nothing is missing: a verb with its object, a thing with its place. */
    boolean complete() {
        return verb && (object || placed)
                || thing && placed
                || copula && (object || placed || thing)
                || none && thing;
    }

    /** "let it come down", "help me lift": the second verb belongs to the first. */
    boolean helped(int i) {
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
}
