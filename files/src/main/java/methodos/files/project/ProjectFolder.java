package methodos.files.project;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Stream;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.narration.Captions;
import methodos.core.narration.Workspace;
import methodos.files.captions.CaptionFile;

/**
 * A manual's folder on disk: {@code manual.json}, captions and stills by digest, and a {@code
 * .work} folder that is never shared. While it is open it is locked against a second writer.
 */
public final class ProjectFolder implements AutoCloseable {

    private static final int KEPT_STATES = 10;

    private final Path folder;
    private final FileChannel lockFile;
    private final FileLock lock;
    private final ManualJson json = new ManualJson();
    private final Stills stills;
    private ObjectNode original;
    private ObjectNode understood;
    private Workspace workspace;

    private ProjectFolder(Path folder, FileChannel lockFile, FileLock lock) {
        this.folder = folder;
        this.lockFile = lockFile;
        this.lock = lock;
        this.stills = new Stills(folder.resolve("stills"));
    }

    /**
     * Makes a new project.
     *
     * @throws ProjectProblem if there is something in the folder already, or it cannot be written
     */
    public static ProjectFolder create(Path folder, Manual manual) throws ProjectProblem {
        try {
            if (Files.exists(folder) && !Files.isDirectory(folder)) {
                throw new ProjectProblem(folder + " is a file; a project is a folder.");
            }
            if (Files.isDirectory(folder)) {
                try (Stream<Path> inside = Files.list(folder)) {
                    if (inside.findAny().isPresent()) {
                        throw new ProjectProblem(
                                folder + " is not empty. Give a folder that does not exist yet.");
                    }
                }
            }
            Files.createDirectories(folder);
            ProjectFolder project = locked(folder);
            try {
                project.workspace = new Workspace(manual, Map.of());
                project.save(manual);
                return project;
            } catch (ProjectProblem e) {
                project.close();
                throw e;
            }
        } catch (IOException e) {
            throw ProjectProblem.of(folder, e);
        }
    }

    /**
     * Opens a project for writing.
     *
     * @throws ProjectProblem if it is none, is damaged, of a newer format, or open elsewhere
     */
    public static ProjectFolder open(Path folder) throws ProjectProblem {
        requireProject(folder);
        ProjectFolder project;
        try {
            project = locked(folder);
        } catch (IOException e) {
            throw ProjectProblem.of(folder, e);
        }
        try {
            project.load();
            return project;
        } catch (ProjectProblem e) {
            project.close();
            throw e;
        }
    }

    /** Reads a project without opening it for writing; it may be open elsewhere. */
    public static Workspace read(Path folder) throws ProjectProblem {
        requireProject(folder);
        ProjectFolder project = new ProjectFolder(folder, null, null);
        project.load();
        return project.workspace;
    }

    private static void requireProject(Path folder) throws ProjectProblem {
        if (!Files.isRegularFile(folder.resolve("manual.json"))) {
            throw new ProjectProblem(folder + " is no project: there is no manual.json in it.");
        }
    }

    private static ProjectFolder locked(Path folder) throws IOException, ProjectProblem {
        Path work = Files.createDirectories(folder.resolve(".work"));
        FileChannel channel =
                FileChannel.open(
                        work.resolve("lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        FileLock lock = null;
        try {
            lock = channel.tryLock();
        } catch (OverlappingFileLockException e) {
            // held by this very program: the same sentence as for another one
        }
        if (lock == null) {
            channel.close();
            throw new ProjectProblem(
                    folder + " is open in another window or by another person. Close it there.");
        }
        return new ProjectFolder(folder, channel, lock);
    }

    private void load() throws ProjectProblem {
        Path file = manualFile();
        try {
            original = json.tree(Files.readAllBytes(file), file.toString());
        } catch (IOException e) {
            throw ProjectProblem.of(file, e);
        }
        Manual manual = json.read(original, file.toString());
        understood = json.write(manual);
        Map<String, Captions> captions = new HashMap<>();
        for (Clip clip : manual.clips()) {
            if (clip.captions() != null) {
                captions.put(clip.id(), CaptionFile.read(captionFile(clip.captions())));
            }
        }
        workspace = new Workspace(manual, captions);
    }

    public Path folder() {
        return folder;
    }

    public Workspace workspace() {
        return workspace;
    }

    public Stills stills() {
        return stills;
    }

    /** Where a clip lies: beside the project where its path is relative. */
    public Path clipFile(Clip clip) {
        return folder.resolve(clip.path()).normalize();
    }

    /** Keeps captions by their digest, and gives the digest. */
    public String keepCaptions(String clip, Captions captions) throws ProjectProblem {
        byte[] text = CaptionFile.text(captions);
        String digest = Digest.of(text);
        Path file = captionFile(digest);
        try {
            Files.createDirectories(file.getParent());
            AtomicFile.write(file, text);
        } catch (IOException e) {
            throw ProjectProblem.of(file, e);
        }
        workspace = workspace.withCaptions(clip, captions);
        return digest;
    }

    private Path captionFile(String digest) {
        return folder.resolve("captions").resolve(digest + ".vtt");
    }

    private Path manualFile() {
        return folder.resolve("manual.json");
    }

    /**
     * Writes the manual: beside, flushed, and put in place in one go. The state before is kept.
     *
     * @throws ProjectProblem if it cannot be written; the project is then as it was
     */
    public void save(Manual manual) throws ProjectProblem {
        ObjectNode tree = json.write(manual);
        if (original != null) {
            UnknownFields.carry(original, understood, tree);
        }
        try {
            byte[] text = json.text(tree);
            keepState();
            AtomicFile.write(manualFile(), text);
        } catch (IOException e) {
            throw ProjectProblem.of(manualFile(), e);
        }
        original = tree;
        understood = json.write(manual);
        workspace = workspace.with(manual);
    }

    private void keepState() throws IOException {
        Path file = manualFile();
        if (!Files.exists(file)) {
            return;
        }
        Path states = Files.createDirectories(folder.resolve(".work/states"));
        long next;
        try (Stream<Path> kept = Files.list(states)) {
            next = kept.mapToLong(ProjectFolder::stateNumber).max().orElse(0) + 1;
        }
        AtomicFile.write(states.resolve(next + ".json"), Files.readAllBytes(file));
        Files.deleteIfExists(states.resolve(next - KEPT_STATES + ".json"));
    }

    private static long stateNumber(Path state) {
        String name = state.getFileName().toString().replace(".json", "");
        return name.matches("\\d{1,15}") ? Long.parseLong(name) : 0;
    }

    @Override
    public void close() {
        try {
            if (lock != null) {
                lock.release();
            }
            if (lockFile != null) {
                lockFile.close();
            }
        } catch (IOException e) {
            org.slf4j.LoggerFactory.getLogger(ProjectFolder.class)
                    .warn("the lock of {} was not released", folder, e);
        }
    }
}
