package methodos.training;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import methodos.narration.grammar.Utterance;

/** Finds quoted words in what is said. */
public final class Quotes {

    private final Utterance said;
    private final List<String> words = new ArrayList<>();

    /** For each of the words the token that holds it. */
    private final List<Integer> tokenOf = new ArrayList<>();

    public Quotes(Utterance said) {
        this.said = said;
        int token = 0;
        for (int w = 0; w < said.transcript().words().size(); w++) {
            while (token + 1 < said.size() && said.token(token).to() <= w) {
                token++;
            }
            String plain = plain(said.transcript().words().get(w).said());
            if (!plain.isEmpty()) {
                words.add(plain);
                tokenOf.add(token);
            }
        }
    }

    private static String plain(String word) {
        return word.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]", "");
    }

    /**
     * The tokens that hold a quote, of several places the one nearest to a time.
     *
     * @return first and behind the last
     */
    public Optional<int[]> find(String quote, double start) {
        List<String> wanted = new ArrayList<>();
        for (String word : quote.split("\\s+")) {
            String plain = plain(word);
            if (!plain.isEmpty()) {
                wanted.add(plain);
            }
        }
        int[] best = null;
        double nearest = Double.MAX_VALUE;
        for (int i = 0; !wanted.isEmpty() && i + wanted.size() <= words.size(); i++) {
            if (words.subList(i, i + wanted.size()).equals(wanted)) {
                int from = tokenOf.get(i);
                double far = Math.abs(said.start(from) - start);
                if (far < nearest) {
                    nearest = far;
                    best = new int[] {from, tokenOf.get(i + wanted.size() - 1) + 1};
                }
            }
        }
        return Optional.ofNullable(best);
    }
}
