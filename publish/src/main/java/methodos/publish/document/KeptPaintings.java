package methodos.publish.document;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/**
 * Figures that were painted for an earlier publication. One that still looks the same is not
 * painted anew. Threads may share it.
 */
public interface KeptPaintings {

    /** Nothing is kept. */
    KeptPaintings NONE =
            new KeptPaintings() {
                @Override
                public Optional<byte[]> get(String name) {
                    return Optional.empty();
                }

                @Override
                public void put(String name, byte[] content) {
                    // every publication paints for itself
                }
            };

    /** What was kept under a name, a plain file name; empty where nothing is. */
    Optional<byte[]> get(String name);

    /** Keeps content under a name. */
    void put(String name, byte[] content);

    /**
     * Writes what was kept to a file.
     *
     * @return whether it was kept
     * @throws IOException if the file cannot be written
     */
    default boolean copy(String name, Path file) throws IOException {
        Optional<byte[]> kept = get(name);
        if (kept.isPresent()) {
            Files.write(file, kept.get());
        }
        return kept.isPresent();
    }

    /**
     * The same for a file that is only read and soon removed: it may be the kept one under a second
     * name.
     *
     * @return whether it was kept
     * @throws IOException if the file cannot be written
     */
    default boolean place(String name, Path file) throws IOException {
        return copy(name, file);
    }
}
