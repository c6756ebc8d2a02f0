package methodos.core.drafting;

import java.util.Optional;
import java.util.Set;
import methodos.core.speech.SpokenNumber;
import methodos.core.vocabulary.Nouns;
import methodos.core.vocabulary.WordSet;

/** The consumables that a clause names, with the grade that is said in front of them. */
final class ConsumablesSaid {

    private static final Set<String> COMPOUNDS =
            WordSet.of(
                    "seal seals case level plug pan pump filter nipple cup cap tank passage"
                            + " passages gun can hose pipe ring wheel brush measure groove line cooler vapour"
                            + " gauge duct stripe roller bath quantity drain hole holes port ports wiper");

    /** Behind these a consumable says where, and is not used. */
    private static final Set<String> SIDES = WordSet.of("facing towards toward for under");

    private static final int LONGEST = 3;

    private static final int MOST_DESCRIBING = 3;

    private final Speech speech;
    private final Said said;
    private final int from;
    private final int to;

    ConsumablesSaid(Speech speech, Said said, int from, int to) {
        this.speech = speech;
        this.said = said;
        this.from = from;
        this.to = to;
    }

    // ---------------------------------------------------------------- consumables

    /** Reads a consumable whose name begins at a place; the place behind it, or -1. */
    int at(int i) {
        for (int n = Math.min(LONGEST, to - i); n > 0; n--) {
            String words = said.phrase(i, n);
            Optional<Lexicon.Consumable> found =
                    words == null ? Optional.empty() : speech.lexicon().consumable(words);
            if (found.isEmpty() || n == 1 && asVerb(i) || compound(i + n)) {
                continue;
            }
            if (denied(i)) {
                said.withNo = true;
                said.take(i, i + n);
                return i + n;
            }
            if (SIDES.contains(speech.word(beforeArticle(i))) || goesOn(i + n)) {
                return -1;
            }
            take(i, i + n, words, found.get());
            return i + n;
        }
        return -1;
    }

    private int beforeArticle(int i) {
        int q = speech.previous(i, from);
        return q > from && speech.determiner(q) ? speech.previous(q, from) : q;
    }

    /** "no sealant", "without any grease" */
    private boolean denied(int i) {
        int q = speech.previous(i, from);
        return q >= from && speech.word(q).equals("no")
                || beforeArticle(i) >= from && speech.word(beforeArticle(i)).equals("without");
    }

    /** "oil | grease": the name ends with the second. */
    private boolean goesOn(int next) {
        return next < to
                && speech.token(next - 1).mark().isEmpty()
                && speech.lexicon().consumable(speech.word(next)).isPresent();
    }

    private void take(int i, int behind, String words, Lexicon.Consumable found) {
        String name = Nouns.singular(words).equals(words) ? words : found.name();
        int start = i;
        for (int p = i - 1; p >= from && said.describes(p) && !said.taken(p); p--) {
            if (start <= i - MOST_DESCRIBING) {
                break;
            }
            name = speech.word(p) + " " + name;
            start = p;
        }
        if (speech.word(behind).equals("grade")) {
            Optional<SpokenNumber> grade = SpokenNumber.at(speech.tokens(), behind + 1);
            if (grade.isPresent()) {
                name += " " + grade.get().value().toDecimal();
            }
        }
        said.consumables.add(name);
        boolean careful = found.group().equals("cleaner") || speech.has(from, to, "gloves");
        if (careful) {
            said.hazards.addAll(found.hazards());
        }
        said.take(start, behind);
    }

    private boolean asVerb(int i) {
        return speech.verbAt(i, from, to).isPresent();
    }

    /** "oil seal", "grease nipple", "tape measure", "wire wheel": no consumable. */
    private boolean compound(int next) {
        String w = speech.word(next);
        return next < to
                && speech.token(next - 1).mark().isEmpty()
                && COMPOUNDS.contains(w)
                && !w.equals("bath");
    }
}
