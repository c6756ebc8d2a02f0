package methodos.core.speech;

import java.util.Optional;
import java.util.Set;
import methodos.core.quantity.Rational;
import methodos.core.vocabulary.WordSet;

/** The numbers that a speaker takes back: "twelve, no, fourteen". */
final class Corrections {

    /** So many words behind the mistake the right number is looked for. */
    static final int REACH = 12;

    private static final Set<String> NO_CORRECTIONS =
            WordSet.of("more less longer need play air water");

    private static final Set<String> TAKEN_BACK =
            WordSet.ofPhrases(
                    "no, sorry, wait, hang on, hold on, i mean, make that, i tell a lie, correction"
                            + ", scratch that, rather, let me look, or rather, my mistake");

    static final Set<String> FILLERS = WordSet.of("um uh eh er erm hmm oh well no wait sorry ah");

    private final Tokens tokens;
    private final SpokenUnits units;

    Corrections(Tokens tokens, SpokenUnits units) {
        this.tokens = tokens;
        this.units = units;
    }

    // ---------------------------------------------------------------- corrections

    /** For each token whether it is of a number that is taken back. */
    boolean[] struck() {
        boolean[] struck = new boolean[tokens.size()];
        for (int k = 1; k < tokens.size(); k++) {
            if (!takesBack(k)) {
                continue;
            }
            int end = k;
            while (end > 0 && (FILLERS.contains(tokens.word(end - 1)) || takesBack(end - 1))) {
                end--;
            }
            int wrong = numberEndingAt(end);
            int right = nextNumber(k + 1, wrong);
            if (wrong >= 0 && right >= 0) {
                for (int i = wrong; i < right; i++) {
                    struck[i] = true;
                }
            }
        }
        return struck;
    }

    private boolean takesBack(int k) {
        if (tokens.word(k).equals("no")) {
            String next = tokens.word(k + 1);
            return !NO_CORRECTIONS.contains(next);
        }
        return TAKEN_BACK.stream().anyMatch(p -> tokens.phrase(k, p));
    }

    /** Where the number begins that ends, with its unit, before a place; -1 if none does. */
    private int numberEndingAt(int end) {
        for (int start = Math.max(0, end - 8); start < end; start++) {
            Optional<SpokenNumber> n = SpokenNumber.at(tokens.list(), start);
            if (n.isPresent()) {
                int behind = start + n.get().used();
                SpokenUnits.Unit unit = units.at(behind);
                if (behind == end || unit != null && behind + unit.used() == end) {
                    return start;
                }
            }
        }
        return -1;
    }

    private int nextNumber(int from, int wrong) {
        if (wrong < 0) {
            return -1;
        }
        Rational before =
                SpokenNumber.at(tokens.list(), wrong).map(SpokenNumber::value).orElse(null);
        int last = Math.min(tokens.size(), from + REACH);
        for (int i = from; i < last; i++) {
            Optional<SpokenNumber> n = SpokenNumber.at(tokens.list(), i);
            if (n.isPresent() && !tokens.word(i).equals("a") && !tokens.word(i).equals("an")) {
                if (!n.get().value().equals(before)) {
                    return i;
                }
                i += n.get().used() - 1;
            }
        }
        return -1;
    }
}
