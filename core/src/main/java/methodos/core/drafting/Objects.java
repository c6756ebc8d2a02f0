package methodos.core.drafting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.speech.SpokenNumber;
import methodos.core.vocabulary.WordSet;

/**
 * What stands behind a verb: its particle, the parts, where they sit, where they go.
 *
 * @param particle "off", "out", "in" ..., null where none is said
 * @param pronoun "it", "them" where they stand for the part
 * @param from what the parts come from, null where it is not said
 * @param places what the parts go to or lie on
 * @param placePreposition the word before the first place
 * @param pronounPlace "it" where it stands for the place
 * @param binned whether they go where nothing comes back from
 */
record Objects(
        String particle,
        List<Finding.Part> parts,
        String pronoun,
        Integer count,
        String from,
        List<String> places,
        String placePreposition,
        String pronounPlace,
        boolean binned) {

    private static final Set<String> NEW = WordSet.of("new another fresh");
    private static final Set<String> ONES = WordSet.of("one ones");
    private static final Set<String> NEW_STATEMENTS =
            WordSet.of("its thats theyre theres youre itll theyll");
    private static final Set<String> SUBJECTS_AS_OBJECTS =
            WordSet.of("they theyre its she itll theyll");
    private static final Set<String> NEW_CLAUSES =
            WordSet.of("until till so because before after while when which that if as than");
    private static final Set<String> DETERMINED =
            WordSet.of("its their your this that each both it them new");
    private static final Set<String> PARTICLES_TOO = WordSet.of("off in on over down through up");
    private static final Set<String> PREPOSITIONS_TOO =
            WordSet.of("in on at over under through down");

    private static final Set<String> INTO =
            WordSet.of(
                    "in into inside on onto upon to under underneath over between across against"
                            + " around round at through behind along for down back up");
    private static final Set<String> BINS = WordSet.of("bin scrap trash rubbish dustbin skip");

    String place() {
        return places.isEmpty() ? null : places.get(0);
    }

    /** How many of what a pronoun means, where that is said; otherwise as many as it was. */
    Finding.Part counted(Finding.Part meant) {
        return count == null ? meant : meant.withQuantity(count);
    }

    /** Whether nothing is named as the object, and no pronoun stands for it. */
    boolean none() {
        return parts.isEmpty() && pronoun == null;
    }

    static Objects behind(Speech speech, Said said, int from, int end) {
        return behind(speech, said, from, end, false);
    }

    /**
     * @param intransitive whether the verb has no object, so that "in" and "on" before a thing say
     *     where
     */
    static Objects behind(Speech speech, Said said, int from, int end, boolean intransitive) {
        return new Scan(speech, said, end, intransitive).scan(from);
    }

    /** One walk over the words behind a verb. */
    private static final class Scan {
        private final Speech speech;
        private final Said said;
        private final int end;
        private final List<Finding.Part> parts = new ArrayList<>();
        private final List<String> places = new ArrayList<>();
        private String particle;
        private String pronoun;
        private Integer count;
        private String off;
        private String preposition;
        private String pronounPlace;
        private boolean binned;

        private final boolean intransitive;

        Scan(Speech speech, Said said, int end, boolean intransitive) {
            this.intransitive = intransitive;
            this.speech = speech;
            this.said = said;
            this.end = end;
        }

        Objects scan(int first) {
            boolean listing = true;
            int i = first;
            while (i < end) {
                String w = speech.word(i);
                int one = newOne(i);
                if (one > i) {
                    pronoun = speech.word(one - 1).equals("ones") ? "them" : "it";
                    i = one;
                    continue;
                }
                Optional<SpokenNumber> all = allOfThem(i);
                if (all.isPresent()) {
                    pronoun = "them";
                    count = all.get().count().orElseThrow();
                    i += 1 + all.get().used();
                    continue;
                }
                if (speech.filler(i)
                        || Grammar.ADVERBS.contains(w)
                                && !(Set.of("inside", "outside").contains(w)
                                        && speech.word(i + 1).equals("of"))
                                && !Grammar.PARTICLES.contains(w)
                                && NounPhrases.at(speech, i, end).isEmpty()) {
                    i++;
                    continue;
                }
                if (i > first && NEW_STATEMENTS.contains(w)) {
                    break;
                }
                boolean object =
                        (Grammar.OBJECTS.contains(w) || SUBJECTS_AS_OBJECTS.contains(w))
                                && NounPhrases.at(speech, i, end).isEmpty();
                if (object) {
                    if (parts.isEmpty() && pronoun == null && listing) {
                        pronoun = w;
                    }
                    i++;
                    continue;
                }
                if (w.equals("to")
                        && i + 1 < end
                        && speech.lexicon()
                                .verb(speech.token(i + 1))
                                .filter(m -> m.form() == Verb.Form.BASE)
                                .isPresent()
                        && !speech.determiner(i + 1)
                        && (!speech.lexicon()
                                        .verb(speech.token(i + 1))
                                        .orElseThrow()
                                        .verb()
                                        .alsoNoun()
                                || i + 2 >= end
                                || speech.beginsObject(i + 2)
                                || Grammar.PARTICLES.contains(speech.word(i + 2)))) {
                    break;
                }
                if (NEW_CLAUSES.contains(w) || speech.phrase(i, "to let")) {
                    break;
                }
                if (w.equals("down") && speech.word(i - 1).equals("upside")) {
                    i++;
                    continue;
                }
                if (Set.of("inside", "outside").contains(w) && speech.word(i + 1).equals("of")) {
                    i += 2;
                    continue;
                }
                if (w.equals("up") && speech.word(i + 1).equals("to")) {
                    if (particle == null && speech.number(i + 2)) {
                        particle = w;
                    }
                    i += 2;
                    continue;
                }
                if (w.equals("in") && "up".equals(particle) && speech.number(i + 1)) {
                    i++; // "pump it up in two goes" says how
                    continue;
                }
                boolean preposes = preposes(i);
                if (Grammar.PARTICLES.contains(w) && !preposes) {
                    if (particle == null
                            || Set.of("back", "up").contains(particle)
                            || Set.of("out", "off").contains(w)
                                    && !Set.of("off", "out", "away").contains(particle)) {
                        particle = w;
                    }
                    i++;
                    continue;
                }
                if (Grammar.PREPOSITIONS.contains(w) || preposes) {
                    listing = false;
                    i = prepositional(i);
                    continue;
                }
                Optional<NounPhrase> np = NounPhrases.at(speech, i, end);
                if (np.isEmpty()) {
                    listing &=
                            w.equals("and")
                                    || w.equals("or")
                                    || w.equals("+")
                                    || w.equals("plus")
                                    || w.equals("together");
                    i++;
                    continue;
                }
                NounPhrase phrase = np.get();
                if (Set.of("one", "ones").contains(phrase.name())
                        && parts.isEmpty()
                        && pronoun == null
                        && listing) {
                    pronoun = phrase.name().equals("ones") ? "them" : "it";
                }
                boolean tool = tool(phrase);
                if (phrase.part() && !tool && (listing || parts.isEmpty()) && pronoun == null) {
                    parts.add(Finding.Part.of(phrase));
                }
                i = Math.max(i + 1, phrase.to());
            }
            return new Objects(
                    particle,
                    parts,
                    pronoun,
                    count,
                    off,
                    places,
                    preposition,
                    pronounPlace,
                    binned);
        }

        /** The place behind "a new one", "another one", "new ones"; -1 where none is. */
        private int newOne(int i) {
            int at = Grammar.ARTICLES.contains(speech.word(i)) ? i + 1 : i;
            boolean here =
                    parts.isEmpty()
                            && pronoun == null
                            && at + 1 < end
                            && NEW.contains(speech.word(at))
                            && ONES.contains(speech.word(at + 1));
            return here ? at + 2 : -1;
        }

        /** "all four": as many of what was spoken of. */
        private Optional<SpokenNumber> allOfThem(int i) {
            boolean here = speech.word(i).equals("all") && parts.isEmpty() && pronoun == null;
            return here && NounPhrases.at(speech, i + 1, end).isEmpty()
                    ? SpokenNumber.at(speech.tokens(), i + 1).filter(n -> n.count().isPresent())
                    : Optional.empty();
        }

        /**
         * Whether a particle is the preposition of what follows: "off the shaft" behind an object.
         */
        private boolean preposes(int i) {
            String w = speech.word(i);
            if (!Grammar.PREPOSITIONS.contains(w)
                    && !Set.of("out", "down", "up", "back").contains(w)) {
                return false;
            }
            if (w.equals("out") && speech.word(i + 1).equals("of")) {
                if (particle == null) {
                    particle = "out";
                }
                return true;
            }
            if (w.equals("off") && speech.word(i + 1).equals("of")) {
                if (particle == null) {
                    particle = "off";
                }
                return true;
            }
            boolean determined =
                    Grammar.ARTICLES.contains(speech.word(i + 1))
                            || DETERMINED.contains(speech.word(i + 1));
            boolean named = i + 1 < end && NounPhrases.at(speech, i + 1, end).isPresent();
            if (!parts.isEmpty() || pronoun != null) {
                if (particle == null && (determined || named) && PARTICLES_TOO.contains(w)) {
                    particle = w;
                }
                return determined || named && !Set.of("out", "up", "down", "back").contains(w);
            }
            // "take off the belt" takes the word as a particle, "look in the tube" as a preposition
            return PREPOSITIONS_TOO.contains(w)
                    && (determined && particle == null && (intransitive || w.equals("at"))
                            || speech.has(i + 1, Math.min(end, i + 4), "bin", "scrap", "trash"));
        }

        private int prepositional(int i) {
            String w = speech.word(i);
            int n = i + 1;
            if ((w.equals("out") || w.equals("off")) && speech.word(n).equals("of")) {
                n++;
                w = "from";
            } else if (w.equals("off")) {
                w = "from";
            }
            Optional<NounPhrase> np = NounPhrases.at(speech, n, end);
            if (np.isEmpty()) {
                if (INTO.contains(w)
                        && Set.of("it", "them", "that", "each", "there").contains(speech.word(n))
                        && pronounPlace == null) {
                    pronounPlace = speech.word(n);
                    return n + 1;
                }
                return n;
            }
            NounPhrase phrase = np.get();
            if (w.equals("of")) {
                return Math.max(n, phrase.to());
            }
            if (w.equals("from")) {
                if (off == null && phrase.part()) {
                    off = phrase.name();
                }
            } else if (INTO.contains(w)) {
                if (preposition == null && !w.equals("for")) {
                    preposition = w;
                }
                if (BINS.contains(phrase.head()) && !w.equals("on")) {
                    binned = true;
                } else if (phrase.part() && !w.equals("for") && !tool(phrase)
                        || phrase.head().matches("vise|vice")) {
                    if (preposition == null) {
                        preposition = w;
                    }
                    places.add(phrase.name());
                    int m = phrase.to();
                    if (speech.word(m).equals("and")
                            && NounPhrases.at(speech, m + 1, end)
                                    .filter(NounPhrase::part)
                                    .isPresent()) {
                        NounPhrase more = NounPhrases.at(speech, m + 1, end).orElseThrow();
                        places.add(more.name());
                        return more.to();
                    }
                } else if (w.equals("for")
                        && phrase.part()
                        && preposition == null
                        && !Defects.is(phrase.head())
                        && parts.isEmpty()) {
                    preposition = w;
                    places.add(phrase.name());
                }
            }
            return Math.max(n, phrase.to());
        }

        private boolean tool(NounPhrase phrase) {
            for (int k = phrase.from(); k < phrase.to(); k++) {
                if (said != null
                        && said.taken(k)
                        && k == phrase.to() - 1
                        && speech.lexicon().tool(phrase.head()).isPresent()) {
                    return true;
                }
            }
            return false;
        }
    }
}
