package methodos.narration;

import java.util.List;
import methodos.core.hazard.HazardRules;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.speech.EnglishPartsOfSpeech;
import methodos.narration.acts.Learned;
import methodos.narration.draft.NarrationReader;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.Clauses;
import methodos.narration.grammar.Utterance;
import methodos.narration.vocabulary.Vocabulary;

/** Words as somebody says them, for tests. */
public final class Spoken {

    private static final double WORDS_A_SECOND = 2.5;

    private Spoken() {}

    /** The reader as it comes with the program. */
    public static NarrationReader reader() {
        return new NarrationReader(
                EnglishPartsOfSpeech.load(),
                Vocabulary.english(),
                Learned.shipped(),
                HazardRules.shipped());
    }

    /** One caption for each text, one behind the other. */
    public static Captions captions(String... texts) {
        double at = 0;
        List<Caption> captions = new java.util.ArrayList<>();
        for (String text : texts) {
            double end = at + text.split("\\s+").length / WORDS_A_SECOND;
            captions.add(new Caption(at, end, text));
            at = end;
        }
        return new Captions(captions);
    }

    public static Utterance utterance(String text) {
        return reader().hear(captions(text), List.of());
    }

    public static List<Clause> clauses(String text) {
        return Clauses.of(utterance(text));
    }
}
