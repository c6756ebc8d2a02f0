package methodos.files.bench;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import methodos.files.project.Digest;

/**
 * The chain of digests by which a later change of a record shows. A line is sealed by the SHA-256
 * of the seal of the line before and of its own bytes, so that each seal vouches for all lines up
 * to it; that of the last line vouches for the whole.
 */
final class Seal {

    /** What the first line is chained to. */
    static final String BEGINNING = Digest.of("bench record 1".getBytes(StandardCharsets.UTF_8));

    /** Digits of a seal. */
    static final int LENGTH = BEGINNING.length();

    private Seal() {}

    /** The seal of a line behind another. */
    static String of(String before, byte[] line) {
        byte[] first = before.getBytes(StandardCharsets.US_ASCII);
        byte[] both = Arrays.copyOf(first, first.length + line.length);
        System.arraycopy(line, 0, both, first.length, line.length);
        return Digest.of(both);
    }
}
