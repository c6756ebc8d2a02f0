package methodos.core.drafting;

import java.util.List;
import methodos.core.manual.Stage;
import methodos.core.narration.Captions;
import methodos.core.narration.Draft;
import methodos.core.scan.Scan;
import methodos.core.speech.Hearing;
import methodos.core.speech.PartsOfSpeech;
import methodos.core.speech.Token;
import methodos.core.speech.Transcript;

/**
 * Drafts steps from what somebody says while taking a unit apart and putting it together.
 *
 * <p>The words are put right where recognition misheard, cut into clauses, each clause is read for
 * itself, and the clauses are woven into steps. Every word ends up in the evidence of a step or in
 * a stretch that is proposed to be set aside.
 */
public final class NarrationReader {

    private final Lexicon lexicon;
    private final PartsOfSpeech partsOfSpeech;

    public NarrationReader(Lexicon lexicon, PartsOfSpeech partsOfSpeech) {
        this.lexicon = lexicon;
        this.partsOfSpeech = partsOfSpeech;
    }

    /** Reads narration that begins with the work. */
    public Draft read(Captions captions) {
        return read(captions, Stage.Kind.PREPARE, List.of());
    }

    /**
     * @param from the part of the work that the narration goes on with
     * @param pauses where nobody speaks, as far as the sound is known
     */
    public Draft read(Captions captions, Stage.Kind from, List<Scan.Pause> pauses) {
        Transcript transcript = Transcript.of(captions, pauses);
        List<Token> tokens = new Hearing(lexicon.misheard()).tokens(transcript);
        if (tokens.isEmpty()) {
            return new Draft(List.of(), List.of());
        }
        List<String> tags = partsOfSpeech.tags(tokens.stream().map(Token::text).toList());
        Speech speech = new Speech(tokens, tags, lexicon);
        return new Writing(transcript, speech, from)
                .draft(Weaver.of(speech, from != Stage.Kind.PREPARE));
    }
}
