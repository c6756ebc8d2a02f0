package methodos.narration.acts;

import methodos.narration.grammar.Boundaries;
import methodos.narration.grammar.Utterance;

/** Finds where statements end in speech that no punctuation parts. */
public final class Statements {

    private static final double LIKELY = 0.5;

    private Statements() {}

    /**
     * The same words with the ends that the model finds; unchanged where sentences are marked.
     *
     * @param gaps what was learned of gaps between words
     */
    public static Utterance ended(Utterance said, Model gaps) {
        return said.runsOn()
                ? said.ending(i -> gaps.probability("end", Boundaries.features(said, i)) > LIKELY)
                : said;
    }
}
