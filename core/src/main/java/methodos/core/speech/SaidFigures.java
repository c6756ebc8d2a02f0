package methodos.core.speech;

import java.util.List;
import java.util.Map;
import methodos.core.memory.Remembered;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;

/** The words of a caption that say a figure with its unit. */
public final class SaidFigures {

    private final Remembered<String, List<String>> read = new Remembered<>(SaidFigures::read);

    /** Such as "eighteen to twenty-two newton metres", in the words of the caption. */
    public List<String> in(String words) {
        return read.of(words);
    }

    private static List<String> read(String words) {
        Transcript transcript = Transcript.of(new Captions(List.of(new Caption(0, 1, words))));
        List<Token> tokens = new Hearing(Map.of()).tokens(transcript);
        return Measures.in(tokens).stream()
                .filter(m -> !m.unit().isEmpty())
                .map(
                        m ->
                                transcript.quote(
                                        tokens.get(m.from()).from(), tokens.get(m.to() - 1).to()))
                .toList();
    }
}
