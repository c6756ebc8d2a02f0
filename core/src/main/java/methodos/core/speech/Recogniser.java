package methodos.core.speech;

import java.io.IOException;
import java.util.Optional;
import methodos.core.manual.Clip;
import methodos.core.narration.Captions;

/**
 * Makes timed words of what is spoken in a recording, where nobody has written captions. What it
 * hears is as doubtful as all recognised speech: it is read like captions, and mended like them.
 */
public interface Recogniser {

    /**
     * @return what is said, by seconds from the first picture shown; empty where this recogniser
     *     cannot hear the recording
     * @throws IOException if the recording cannot be read
     */
    Optional<Captions> hear(Clip clip) throws IOException;
}
