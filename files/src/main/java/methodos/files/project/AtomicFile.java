package methodos.files.project;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.slf4j.LoggerFactory;

/** Writes a file so that at any moment either the old or the new one is whole on disk. */
public final class AtomicFile {

    /** Half written files, with the process that wrote them. */
    private static final Pattern HALF = Pattern.compile("\\..*\\.half-(\\d{1,18})-\\d+");

    private static final AtomicLong NUMBER = new AtomicLong();

    private AtomicFile() {}

    /**
     * @throws IOException if it cannot be written, or is a device or a folder; what was there
     *     before is untouched
     */
    public static void write(Path file, byte[] content) throws IOException {
        if (Files.exists(file) && !Files.isRegularFile(file)) {
            throw new FileSystemException(file.toString(), null, "it is no ordinary file");
        }
        Path beside =
                file.resolveSibling(
                        "."
                                + file.getFileName()
                                + ".half-"
                                + ProcessHandle.current().pid()
                                + "-"
                                + NUMBER.incrementAndGet());
        try {
            try (FileChannel out =
                    FileChannel.open(
                            beside, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
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
        } catch (IOException | RuntimeException e) {
            deleteQuietly(beside);
            throw e;
        }
        flushFolder(file.toAbsolutePath().getParent());
    }

    private static void deleteQuietly(Path half) {
        try {
            Files.deleteIfExists(half);
        } catch (IOException e) {
            LoggerFactory.getLogger(AtomicFile.class).info("{} was left behind", half, e);
        }
    }

    /** A rename is on the disk only when its folder is. */
    private static void flushFolder(Path folder) {
        try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        } catch (IOException | UnsupportedOperationException e) {
            // some systems do not open folders; they flush them with the rename
            LoggerFactory.getLogger(AtomicFile.class).debug("{} was not flushed", folder, e);
        }
    }

    /** Removes what writers that were killed have left in a folder. */
    static void sweep(Path folder) {
        if (!Files.isDirectory(folder)) {
            return;
        }
        try (Stream<Path> all = Files.list(folder)) {
            for (Path file : all.toList()) {
                Matcher half = HALF.matcher(file.getFileName().toString());
                if (half.matches() && ProcessHandle.of(Long.parseLong(half.group(1))).isEmpty()) {
                    Files.deleteIfExists(file);
                }
            }
        } catch (IOException e) {
            LoggerFactory.getLogger(AtomicFile.class).info("{} was not swept", folder, e);
        }
    }
}
