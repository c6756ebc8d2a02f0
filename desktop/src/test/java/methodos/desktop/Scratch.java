package methodos.desktop;

import java.io.IOException;
import java.nio.file.DirectoryNotEmptyException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * A folder that is gone when its test ends. A copy of the demo with its footage has 60 MB: hundreds
 * of tests that leave theirs behind fill a disk. JUnit's own temporary folders fail a test when
 * something is still written while they are removed, as a window does that is being closed.
 */
public final class Scratch {

    private static final int ATTEMPTS = 20;

    private Scratch() {}

    public static Path folder() throws IOException {
        return Files.createTempDirectory("methodos-test");
    }

    /**
     * Removes a folder with all that is in it.
     *
     * @throws IOException if something stays
     */
    public static void remove(Path folder) throws IOException {
        for (int i = 1; ; i++) {
            try {
                removeOnce(folder);
                return;
            } catch (DirectoryNotEmptyException e) {
                // what was still being written when the window closed came after the list was made
                if (i == ATTEMPTS) {
                    throw e;
                }
            }
        }
    }

    private static void removeOnce(Path folder) throws IOException {
        List<Path> innermostFirst;
        try (Stream<Path> all = Files.walk(folder)) {
            innermostFirst = all.sorted(Comparator.reverseOrder()).toList();
        }
        for (Path path : innermostFirst) {
            Files.deleteIfExists(path);
        }
    }
}
