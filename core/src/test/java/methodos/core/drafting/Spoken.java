package methodos.core.drafting;

import java.util.List;
import java.util.stream.Collectors;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.EnglishPartsOfSpeech;
import methodos.core.speech.Hearing;
import methodos.core.speech.PartsOfSpeech;
import methodos.core.speech.Token;
import methodos.core.speech.Transcript;

/** Words as a test says them, and what the reader makes of them. */
final class Spoken {

    private static final PartsOfSpeech PARTS_OF_SPEECH = EnglishPartsOfSpeech.load();
    private static final NarrationReader READER =
            new NarrationReader(Lexicon.english(), PARTS_OF_SPEECH);

    private Spoken() {}

    static Draft draft(String words) {
        return READER.read(new Captions(List.of(new Caption(0, 60, words))));
    }

    /** The steps without the notes. */
    static List<DraftedStep> steps(String words) {
        return draft(words).steps().stream().filter(s -> s.kind() != Kind.NOTE).toList();
    }

    /** The first step with an action; fails with all that was drafted where there is none. */
    static DraftedStep step(String words, String action) {
        return steps(words).stream()
                .filter(s -> action.equals(s.action()))
                .findFirst()
                .orElseThrow(() -> new AssertionError(steps(words).toString()));
    }

    /** What is done, in order: "remove nut, clean bore". */
    static String work(String words) {
        return steps(words).stream().map(Spoken::work).collect(Collectors.joining(", "));
    }

    private static String work(DraftedStep step) {
        String parts =
                step.parts().stream()
                        .map(p -> (p.quantity() == null ? "" : p.quantity() + " ") + p.name())
                        .collect(Collectors.joining(" and "));
        String action = step.kind() == Kind.CAUTION ? "caution" : step.action();
        return parts.isEmpty() ? action : action + " " + parts;
    }

    static Speech speech(String words) {
        List<Token> tokens =
                new Hearing(Lexicon.english().misheard())
                        .tokens(Transcript.of(new Captions(List.of(new Caption(0, 60, words)))));
        return new Speech(
                tokens,
                PARTS_OF_SPEECH.tags(tokens.stream().map(Token::text).toList()),
                Lexicon.english());
    }

    /** The clauses, parted by bars. */
    static String clauses(String words) {
        Speech speech = speech(words);
        return Clauses.of(speech).stream()
                .map(c -> speech.text(c.from(), c.to()))
                .collect(Collectors.joining(" | "));
    }

    static Said said(String words) {
        Speech speech = speech(words);
        return Said.in(speech, 0, speech.size());
    }
}
