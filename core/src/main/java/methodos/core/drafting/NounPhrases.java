package methodos.core.drafting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import methodos.core.speech.Measure;
import methodos.core.speech.SpokenNumber;
import methodos.core.vocabulary.Nouns;
import methodos.core.vocabulary.WordSet;

/** Reads the things that are named: "the four M8 by 25 cap screws", "six mil hex key". */
final class NounPhrases {

    private static final Pattern SIGN = Pattern.compile("[=+%→>-]+|->|\\d+(st|nd|rd|th)");

    private static final Set<String> NO_NAMES =
            WordSet.of(
                    "this these those your my their please per each every both all any some another"
                            + " no plus minus");
    private static final Set<String> NAMES_IN_LY =
            WordSet.of("supply assembly subassembly belly jelly dolly");
    private static final Set<String> NAMING_ADVERBS =
            WordSet.of("flat soft square first last next right dry wet hard");
    private static final Set<String> SIDES =
            WordSet.of("left right top bottom outer inner upper lower hand");
    private static final Set<String> OBJECTS_BEHIND =
            WordSet.of("it them your those these both some all each any every");

    private static final Set<String> TAGS_THAT_END =
            WordSet.of("ADP VERB AUX PRON DET CCONJ SCONJ PART INTJ ADV PUNCT");
    private static final Set<String> SHORT_WORDS =
            WordSet.of("too yet ago few bad sum due ill ive let say see try ask ten six two one");
    private static final Set<String> MANY = Set.of("both", "all", "each", "every");

    private final Speech speech;
    private final int end;
    private int at;
    private Integer quantity;
    private String size;
    private boolean fresh;
    private final List<String> names = new ArrayList<>();

    private NounPhrases(Speech speech, int from, int end) {
        this.speech = speech;
        this.at = from;
        this.end = end;
    }

    /** The thing that is named from a place on, not beyond another. */
    static Optional<NounPhrase> at(Speech speech, int from, int end) {
        return Optional.ofNullable(new NounPhrases(speech, from, end).read(from));
    }

    private NounPhrase read(int from) {
        boolean each = false;
        while (at < end
                && (speech.filler(at) || speech.determiner(at) || speech.word(at).equals("of"))) {
            if (speech.phrase(at, "a couple")) {
                break;
            }
            if (Grammar.OBJECTS.contains(speech.word(at)) && endsHere(at)) {
                return null;
            }
            if (speech.word(at).equals("its") && Grammar.ARTICLES.contains(speech.word(at + 1))) {
                return null;
            }
            if (speech.word(at).equals("both")) {
                quantity = 2;
            }
            if (speech.word(at).equals("one")
                    && at + 1 < end
                    && nameable(at + 1)
                    && !(at > 0 && speech.determiner(at - 1))
                    && !speech.word(at + 1).equals("piece")) {
                quantity = 1;
            }
            each |= MANY.contains(speech.word(at));
            if (!speech.token(at).mark().isEmpty()) {
                return null;
            }
            at++;
        }
        while (at < end && names.size() < 6) {
            if (speech.filler(at) && !names.isEmpty() && at + 1 < end && nameable(at + 1)) {
                at++;
                continue;
            }
            int before = at;
            if (!count() && !sized() && !name()) {
                break;
            }
            if (at > before && !speech.token(at - 1).mark().isEmpty()) {
                break;
            }
        }
        boolean adjective =
                names.size() == 1
                        && at - from == 1
                        && speech.tag(from).equals("ADJ")
                        && !Nouns.plural(names.get(0))
                        && !fresh
                        && speech.lexicon().verb(speech.token(from)).isEmpty()
                        && !speech.token(from).capital();
        if (adjective) {
            return null;
        }
        if (names.isEmpty()
                || Grammar.EVALUATIVE.contains(names.get(names.size() - 1)) && names.size() == 1) {
            return null;
        }
        return phrase(from, each);
    }

    private NounPhrase phrase(int from, boolean each) {
        String said = String.join(" ", names);
        String head = names.get(names.size() - 1);
        int to = at;
        if (Grammar.PARTITIVE.contains(head) && speech.word(at).equals("of")) {
            Optional<NounPhrase> whole = at(speech, at + 1, end);
            if (whole.isPresent() && whole.get().part()) {
                NounPhrase w = whole.get();
                return new NounPhrase(
                        from,
                        w.to(),
                        w.name(),
                        w.quantity(),
                        w.size(),
                        w.plural(),
                        w.fresh() || fresh);
            }
        }
        boolean plural = Nouns.plural(said) || quantity != null && quantity > 1;
        String name = Nouns.singular(said);
        return new NounPhrase(from, to, name, quantity, size, plural && !each || plural, fresh);
    }

    private boolean endsHere(int i) {
        return i + 1 >= end
                || !speech.token(i).mark().isEmpty()
                || !nameable(i + 1) && !speech.number(i + 1);
    }

    /** "four", "a couple of", "2 x". */
    private boolean count() {
        if (!names.isEmpty()) {
            return false;
        }
        Optional<Measure> measure = speech.measureAt(at);
        if (measure.isPresent() && !measure.get().bare() && !measure.get().cycles()) {
            return false;
        }
        Optional<SpokenNumber> n = SpokenNumber.at(speech.tokens(), at);
        if (n.isEmpty() || at + n.get().used() >= end || n.get().fraction()) {
            return false;
        }
        double value = n.get().value().toDouble();
        int behind = at + n.get().used();
        if (value != Math.rint(value) || value < 1 || value > 200) {
            return false;
        }
        if (speech.word(behind).equals("x") || speech.word(behind).equals("of")) {
            behind++;
        }
        if (behind < end && speech.word(behind).equals("weight")) {
            return false;
        }
        if (behind >= end || !speech.token(behind - 1).mark().isEmpty()) {
            return false;
        }
        boolean ofThem =
                at > 0
                        && speech.word(at - 1).equals("all")
                        && value > 1
                        && endsHere(behind)
                        && !Nouns.plural(speech.word(behind));
        if (ofThem) { // "all twenty-four, washer": how many of what was named
            return false;
        }
        boolean first = quantity == null;
        at = behind;
        if (first) {
            quantity = (int) value;
        }
        return true;
    }

    /** "M8 by 25", "six mil", "half inch pipe thread", "number twelve", "fifty amp". */
    private boolean sized() {
        Sizes.Size found = Sizes.at(speech, at, end);
        if (found == null) {
            return false;
        }
        boolean more =
                found.to() < end
                        && (nameable(found.to()) || speech.determiner(found.to()))
                        && speech.token(found.to() - 1).mark().isEmpty();
        if (!more && (names.isEmpty() || !found.thread())) {
            return false;
        }
        if (names.isEmpty() || found.thread()) {
            size = found.print();
            at = found.to();
            return true;
        }
        return false;
    }

    private boolean name() {
        if (!nameable(at)) {
            return false;
        }
        String w = speech.word(at);
        if (w.equals("new") || w.equals("fresh") || w.equals("replacement")) {
            if (!names.isEmpty()) {
                return false;
            }
            fresh = true;
            at++;
            return true;
        }
        if (Set.of("front", "rear").contains(w) && !names.isEmpty()) {
            return false;
        }
        if (w.equals("old") && !names.isEmpty()) {
            return false; // "is scrap | old seal off"
        }
        boolean last = at + 1 >= end || !speech.token(at).mark().isEmpty() || !nameable(at + 1);
        if (Grammar.EVALUATIVE.contains(w)
                && !names.isEmpty()
                && last
                && !w.equals("spare")
                && !w.equals("bit")
                && !w.equals("second")) {
            return false;
        }
        if (!(Grammar.EVALUATIVE.contains(w)
                && at + 1 < end
                && nameable(at + 1)
                && speech.token(at).mark().isEmpty())) {
            names.add(w);
        }
        at++;
        return true;
    }

    /** Whether the word may be part of a name here. */
    private boolean nameable(int i) {
        String w = speech.word(i);
        if (w.isEmpty()
                || Grammar.FILLERS.contains(w) && !w.equals("right")
                || Grammar.PREPOSITIONS.contains(w)
                || Grammar.CONJUNCTIONS.contains(w)
                || Grammar.AUXILIARIES.contains(w)
                || Grammar.PRONOUNS.contains(w)
                || Grammar.PARTICLES.contains(w)
                || Grammar.ARTICLES.contains(w)
                || NO_NAMES.contains(w)
                || SIGN.matcher(w).matches()) {
            return false;
        }
        if (Grammar.ADVERBS.contains(w)) {
            return NAMING_ADVERBS.contains(w) && i + 1 < end && names.isEmpty() && nameable(i + 1);
        }
        if (speech.number(i)) {
            return w.matches("\\d{4,5}")
                    || w.equals("one")
                            && names.size() == 1
                            && (Grammar.EVALUATIVE.contains(names.get(0))
                                    || SIDES.contains(names.get(0)));
        }
        if (speech.measureAt(i).filter(m -> !m.bare()).isPresent()) {
            return false;
        }
        Optional<Verb.Met> met = speech.lexicon().verb(speech.token(i));
        if (met.isPresent()) {
            return verbAsName(i, met.get());
        }
        boolean described =
                names.isEmpty()
                        && i > 0
                        && Grammar.ARTICLES.contains(speech.word(i - 1))
                        && i + 1 < end
                        && speech.token(i).mark().isEmpty()
                        && !Grammar.NEVER_NAMES.contains(speech.word(i + 1))
                        && nameable(i + 1);
        if (Grammar.NEVER_NAMES.contains(w) && !described
                || w.length() > 4 && w.endsWith("ly") && !NAMES_IN_LY.contains(w)) {
            return false;
        }
        if (w.length() > 3
                && speech.tag(i).equals("VERB")
                && names.isEmpty()
                && !(i > 0
                        && speech.determiner(i - 1)
                        && !(speech.word(i - 1).equals("its") && w.endsWith("ing")))
                && !Nouns.plural(w)) {
            return false;
        }
        return w.length() > 2 && !SHORT_WORDS.contains(w) || !TAGS_THAT_END.contains(speech.tag(i));
    }

    private boolean verbAsName(int i, Verb.Met met) {
        String after = speech.word(i + 1);
        boolean objectAfter =
                speech.token(i).mark().isEmpty()
                        && (Grammar.ARTICLES.contains(after) || OBJECTS_BEHIND.contains(after));
        return switch (met.form()) {
            case BASE ->
                    met.verb().alsoNoun() && !objectAfter
                            || i > 0 && Grammar.ARTICLES.contains(speech.word(i - 1));
            case THIRD_PERSON ->
                    met.verb().alsoNoun() || i > 0 && Grammar.ARTICLES.contains(speech.word(i - 1));
            case PAST, PARTICIPLE ->
                    i + 1 < end
                            && names.isEmpty()
                            && !objectAfter
                            && !Grammar.PARTICLES.contains(after)
                            && !Grammar.PREPOSITIONS.contains(after);
            case ING ->
                    i + 1 < end
                                    && !objectAfter
                                    && !Grammar.PREPOSITIONS.contains(after)
                                    && speech.token(i).mark().isEmpty()
                            || i > 0 && Grammar.ARTICLES.contains(speech.word(i - 1));
        };
    }
}
