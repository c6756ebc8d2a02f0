package methodos.files.project;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/** Writes a file so that at any moment either the old or the new one is whole on disk. */
public final class AtomicFile {

    private AtomicFile() {}

    /**
     * @throws IOException if it cannot be written; what was there before is untouched
     */
    public static void write(Path file, byte[] content) throws IOException {
        Path beside =
                file.resolveSibling("." + file.getFileName() + "." + ProcessHandle.current().pid());
        try {
            try (FileChannel out =
                    FileChannel.open(
                            beside,
                            StandardOpenOption.CREATE,
                            StandardOpenOption.TRUNCATE_EXISTING,
                            StandardOpenOption.WRITE)) {
                ByteBuffer bytes = ByteBuffer.wrap(content);
                while (bytes.hasRemaining()) {
                    out.write(bytes);
                }
                out.force(true);
            }
            Files.move(
                    beside,
                    file,
                    StandardCopyOption.ATOMIC_MOVE,
                    StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            Files.deleteIfExists(beside);
            throw e;
        }
    }
}
