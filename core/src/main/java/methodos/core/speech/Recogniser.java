package methodos.core.speech;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import methodos.core.manual.Clip;
import methodos.core.narration.Captions;

/**
 * Makes timed words of what is spoken in a recording, where nobody has written captions. What it
 * hears is as doubtful as all recognised speech: it is read like captions, and mended like them.
 */
public interface Recogniser {

    /**
     * @param clip with an absolute path
     * @param share called with how much is heard so far, 0 to 1
     * @return what is said, by seconds from the first picture shown; empty where this recogniser
     *     cannot hear the recording
     * @throws IOException if the recording or what the recogniser needs cannot be read, with one
     *     sentence
     */
    Optional<Captions> hear(Clip clip, DoubleConsumer share) throws IOException;

    /** The first of several that can hear a recording. */
    static Recogniser firstOf(List<Recogniser> recognisers) {
        return (clip, share) -> {
            for (Recogniser recogniser : recognisers) {
                Optional<Captions> heard = recogniser.hear(clip, share);
                if (heard.isPresent()) {
                    return heard;
                }
            }
            return Optional.empty();
        };
    }
}
