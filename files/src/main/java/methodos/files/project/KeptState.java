package methodos.files.project;

import java.nio.file.Path;
import java.time.Instant;

/**
 * An earlier state of a manual.
 *
 * @param when it was saved
 * @param what what had been done last, in the words of the window; empty where that is not known
 * @param steps how many it has, -1 where that is not known
 * @param name that somebody gave it, empty where nobody did
 * @param published whether a publication was made from it
 * @param file where it lies
 */
public record KeptState(
        Instant when, String what, int steps, String name, boolean published, Path file) {

    /** Whether it stays however old it grows. */
    boolean stays() {
        return !name.isEmpty() || published;
    }
}
