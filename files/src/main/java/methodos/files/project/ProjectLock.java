package methodos.files.project;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Objects;
import methodos.files.problem.ProjectProblem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Keeps a second writer out of a project while it is open; the system lets go of it at a kill. */
final class ProjectLock implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(ProjectLock.class);

    private final Path folder;
    private FileChannel file;
    private FileLock lock;
    private Object key;

    ProjectLock(Path folder) {
        this.folder = folder;
    }

    private Path path() {
        return folder.resolve(".work").resolve("lock");
    }

    /**
     * @throws ProjectProblem if somebody else has it, or the folder cannot be written
     */
    void take() throws ProjectProblem {
        try {
            Files.createDirectories(path().getParent());
            FileChannel channel =
                    FileChannel.open(path(), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            lock = tried(channel);
            if (lock == null) {
                channel.close();
                throw new ProjectProblem(
                        folder
                                + " is open in another window or by another person. Close it"
                                + " there.");
            }
            file = channel;
            key = key(path());
        } catch (IOException e) {
            throw ProjectProblem.writing(folder, e);
        }
    }

    private static FileLock tried(FileChannel channel) throws IOException {
        try {
            return channel.tryLock();
        } catch (OverlappingFileLockException e) {
            return null; // held by this very program: the same sentence as for another one
        }
    }

    private static Object key(Path file) throws IOException {
        return Files.readAttributes(file, BasicFileAttributes.class, LinkOption.NOFOLLOW_LINKS)
                .fileKey();
    }

    /**
     * Takes it again where the folder was deleted and made again: it has another lock then, or
     * none. Of a project that is only read nothing is taken.
     */
    void keep() throws ProjectProblem {
        if (file == null) {
            return;
        }
        try {
            if (Files.exists(path()) && Objects.equals(key(path()), key)) {
                return;
            }
        } catch (IOException e) {
            LOG.info("the lock of {} is gone", folder, e);
        }
        close();
        take();
    }

    @Override
    public void close() {
        try {
            if (lock != null && lock.isValid()) {
                lock.release();
            }
            if (file != null) {
                file.close();
            }
        } catch (IOException e) {
            LOG.warn("the lock of {} was not released", folder, e);
        }
        lock = null;
        file = null;
    }
}
