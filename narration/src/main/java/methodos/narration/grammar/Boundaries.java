package methodos.narration.grammar;

import java.util.ArrayList;
import java.util.List;
import methodos.narration.vocabulary.WordClass;

/** What tells where one statement ends and the next begins, in speech without punctuation. */
public final class Boundaries {

    private static final double PAUSE = 0.25;

    private Boundaries() {}

    /** The features of the gap behind a word. */
    public static List<String> features(Utterance said, int i) {
        List<String> f = new ArrayList<>();
        for (int d = -2; d <= 3; d++) {
            f.add("w" + d + "=" + said.word(i + d));
            f.add("t" + d + "=" + said.tag(i + d));
            f.add("k" + d + "=" + kind(said, i + d));
        }
        f.add("w=" + said.word(i) + " " + said.word(i + 1));
        f.add("w1=" + said.word(i + 1) + " " + said.word(i + 2));
        f.add("t=" + said.tag(i) + " " + said.tag(i + 1));
        f.add("t1=" + said.tag(i + 1) + " " + said.tag(i + 2));
        f.add("t=" + said.tag(i - 1) + " " + said.tag(i) + " " + said.tag(i + 1));
        f.add("k=" + kind(said, i) + " " + kind(said, i + 1));
        f.add("k=" + kind(said, i) + " " + kind(said, i + 1) + " " + kind(said, i + 2));
        f.add("k-=" + kind(said, i - 1) + " " + kind(said, i) + " " + kind(said, i + 1));
        f.add("wk=" + said.word(i) + " " + kind(said, i + 1));
        f.add("kw=" + kind(said, i) + " " + said.word(i + 1));
        if (said.pauseBehind(i) > PAUSE) {
            f.add("pause");
        }
        int since = 0;
        for (int k = i; k > i - 6 && k >= 0; k--) {
            if (said.verb(k)) {
                f.add("verb since");
                since = i - k;
                break;
            }
        }
        f.add("since=" + since);
        return f;
    }

    /** A coarse class of a word, by which gaps of different words are alike. */
    private static String kind(Utterance said, int i) {
        String w = said.word(i);
        if (w.isEmpty()) {
            return "edge";
        }
        if (said.measureAt(i).isPresent()) {
            return "figure";
        }
        if (said.filler(i)) {
            return "filler";
        }
        if (said.verb(i)) {
            return said.act(i).map(m -> "act " + m.form()).orElse("verb");
        }
        if (!WordClass.of(w).isEmpty() && WordClass.closed(w)) {
            return WordClass.of(w).iterator().next().name();
        }
        if (WordClass.closed(w)) {
            return "contraction";
        }
        return said.vocabulary().things().names(w) ? "thing" : said.tag(i);
    }
}
