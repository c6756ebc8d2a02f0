package methodos.footage;

import java.io.IOException;
import java.util.List;

/** The encoder program, for tests that make clips of their own. */
public final class TestEncoder {

    private TestEncoder() {}

    public static Process start(List<String> options) throws IOException {
        return CountedClip.encoder(options);
    }
}
