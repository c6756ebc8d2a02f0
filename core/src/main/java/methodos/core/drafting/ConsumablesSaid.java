package methodos.core.drafting;

import java.util.Optional;
import java.util.Set;
import methodos.core.speech.SpokenNumber;
import methodos.core.speech.WordSet;

/** The consumables that a clause names, with the grade that is said in front of them. */
final class ConsumablesSaid {

    private static final Set<String> COMPOUNDS =
            WordSet.of(
                    "seal seals case level plug pan pump filter nipple cup cap tank passage"
                            + " passages gun can hose pipe ring wheel brush measure groove line cooler vapour"
                            + " gauge duct stripe roller bath quantity drain hole holes port ports wiper");

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
        for (int n = Math.min(3, to - i); n > 0; n--) {
            String words = said.phrase(i, n);
            Optional<Lexicon.Consumable> found =
                    words == null ? Optional.empty() : speech.lexicon().consumable(words);
            if (found.isEmpty() || n == 1 && asVerb(i) || compound(i + n)) {
                continue;
            }
            int q = speech.previous(i, from);
            if (q >= from && speech.word(q).equals("no")) {
                said.withNo = true;
                said.take(i, i + n);
                return i + n;
            }
            if (q > from && speech.determiner(q)) {
                q = speech.previous(q, from);
            }
            if (q >= from && speech.word(q).equals("without")) {
                said.withNo = true;
                said.take(i, i + n);
                return i + n;
            }
            if (q >= from
                    && Set.of("facing", "towards", "toward", "for", "under")
                            .contains(speech.word(q))) {
                return -1;
            }
            boolean goesOn =
                    i + n < to
                            && speech.token(i + n - 1).mark().isEmpty()
                            && speech.lexicon().consumable(speech.word(i + n)).isPresent();
            if (goesOn) {
                return -1;
            }
            String name = Nouns.singular(words).equals(words) ? words : found.get().name();
            int start = i;
            int p = i - 1;
            while (p >= from && said.describes(p) && start > i - 3 && !said.taken(p)) {
                name = speech.word(p) + " " + name;
                start = p;
                p--;
            }
            int behind = i + n;
            if (speech.word(behind).equals("grade") || speech.phrase(behind, "the")) {
                Optional<SpokenNumber> grade = SpokenNumber.at(speech.tokens(), behind + 1);
                if (grade.isPresent() && speech.word(behind).equals("grade")) {
                    name += " " + grade.get().value().toDecimal();
                }
            }
            said.consumables.add(name);
            boolean gloves = speech.has(from, to, "gloves");
            if (!found.get().hazards().isEmpty()
                    && (found.get().group().equals("cleaner") || gloves)) {
                said.hazards.addAll(found.get().hazards());
            }
            said.take(start, behind);
            return behind;
        }
        return -1;
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
