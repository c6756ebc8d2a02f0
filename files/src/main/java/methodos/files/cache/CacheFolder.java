package methodos.files.cache;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * A folder of what can be made again, with a limit of its size: what was not used for longest goes
 * first. A cache that cannot be written is only slow, so nothing here throws. Threads may share it.
 */
public final class CacheFolder {

    private static final Logger LOG = LoggerFactory.getLogger(CacheFolder.class);

    /** The folder is looked over after this share of its limit has been written. */
    private static final int CHECKS = 10;

    private final Path folder;
    private final long limit;
    private long written;

    /**
     * @param limit bytes
     */
    public CacheFolder(Path folder, long limit) {
        this.folder = folder;
        this.limit = limit;
        this.written = limit; // the first write looks over what earlier runs left
    }

    /** What was kept under a name, a plain file name; empty where nothing is. */
    public Optional<byte[]> get(String name) {
        Path file = folder.resolve(name);
        try {
            if (!Files.exists(file)) {
                return Optional.empty();
            }
            byte[] content = Files.readAllBytes(file);
            Files.setLastModifiedTime(file, FileTime.fromMillis(System.currentTimeMillis()));
            return Optional.of(content);
        } catch (IOException e) {
            LOG.info("{} is not read from the cache", name, e);
            return Optional.empty();
        }
    }

    /**
     * Gives what was kept under a name a second name: it is not copied where both are on one disk,
     * so it must not be written to. What stood under the second name is gone.
     *
     * @return whether it was kept
     * @throws IOException if the second name cannot be made
     */
    public boolean place(String name, Path file) throws IOException {
        try {
            Path kept = folder.resolve(name);
            Files.deleteIfExists(file); // what stands there may be the second name of another
            Files.createLink(file, kept);
            Files.setLastModifiedTime(kept, FileTime.fromMillis(System.currentTimeMillis()));
            return true;
        } catch (NoSuchFileException e) {
            return false;
        } catch (IOException | UnsupportedOperationException e) {
            Optional<byte[]> kept = get(name);
            if (kept.isPresent()) {
                Files.write(file, kept.get());
            }
            return kept.isPresent();
        }
    }

    /** Keeps content under a name, a plain file name, in the place of what was kept before. */
    public void put(String name, byte[] content) {
        try {
            Files.createDirectories(folder);
            Path half = Files.createTempFile(folder, "new", ".half");
            Files.write(half, content);
            Files.move(half, folder.resolve(name), StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            LOG.info("{} is not kept in the cache", name, e);
            return;
        }
        if (due(content.length)) {
            trim();
        }
    }

    private synchronized boolean due(long bytes) {
        written += bytes;
        if (written < limit / CHECKS) {
            return false;
        }
        written = 0;
        return true;
    }

    private record Kept(Path file, long size, FileTime used) {}

    private void trim() {
        try (Stream<Path> all = Files.list(folder)) {
            List<Kept> kept = new ArrayList<>();
            for (Path file : all.toList()) {
                kept.add(new Kept(file, Files.size(file), Files.getLastModifiedTime(file)));
            }
            long size = kept.stream().mapToLong(Kept::size).sum();
            kept.sort(Comparator.comparing(Kept::used));
            for (Kept oldest : kept) {
                if (size <= limit) {
                    return;
                }
                Files.deleteIfExists(oldest.file);
                size -= oldest.size;
            }
        } catch (IOException e) {
            LOG.info("the cache {} is not looked over", folder, e);
        }
    }
}
