package methodos.files.project;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.narration.Captions;
import methodos.core.narration.Workspace;
import methodos.core.sense.Healing;
import methodos.core.sense.Sense;
import methodos.core.sense.Senseless;
import methodos.files.captions.CaptionFile;
import methodos.files.problem.ProjectProblem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * A manual's folder on disk: {@code manual.json}, captions and stills by digest, and a {@code
 * .work} folder that is never shared, with the lock and the earlier states. While it is open it is
 * locked against a second writer. Saving may happen on another thread than the rest.
 */
public final class ProjectFolder implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(ProjectFolder.class);

    /** What somebody did, where that is not told. */
    private static final String UNTOLD = "";

    private final Path folder;
    private final ManualJson json = new ManualJson();
    private final Stills stills;
    private final KeptStates states;
    private final ProjectLock lock;
    private ObjectNode original;
    private Manual understood;
    private Workspace workspace;

    private ProjectFolder(Path folder, Clock clock) {
        this.folder = folder;
        this.stills = new Stills(folder.resolve("stills"));
        this.states = new KeptStates(work(folder).resolve("states"), clock);
        this.lock = new ProjectLock(folder);
    }

    private static Path work(Path folder) {
        return folder.resolve(".work");
    }

    /**
     * Makes a new project.
     *
     * @throws ProjectProblem if there is something in the folder already, or it cannot be written;
     *     nothing is left behind then
     */
    public static ProjectFolder create(Path folder, Manual manual) throws ProjectProblem {
        requireEmpty(folder);
        boolean there = Files.isDirectory(folder);
        ProjectFolder project = new ProjectFolder(folder, Clock.systemUTC());
        try {
            project.lock.take();
            project.workspace = new Workspace(manual, Map.of());
            project.save(manual, UNTOLD);
            return project;
        } catch (ProjectProblem e) {
            project.close();
            remove(folder, !there);
            throw e;
        }
    }

    /**
     * @throws ProjectProblem if it is a file, or there is something in it
     */
    public static void requireEmpty(Path folder) throws ProjectProblem {
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
        } catch (IOException e) {
            throw ProjectProblem.reading(folder, e);
        }
    }

    /**
     * Takes away what a beginning has left in a folder.
     *
     * @param itself the folder too
     */
    public static void remove(Path folder, boolean itself) {
        if (!Files.isDirectory(folder)) {
            return;
        }
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
                if (itself || !path.equals(folder)) {
                    Files.deleteIfExists(path);
                }
            }
        } catch (IOException e) {
            LOG.warn("{} was left behind", folder, e);
        }
    }

    /**
     * Opens a project for writing.
     *
     * @throws ManualDamaged if its manual cannot be read; with the states that are kept
     * @throws ProjectProblem if it is none, is of a newer format, or open elsewhere
     */
    public static ProjectFolder open(Path folder) throws ProjectProblem {
        return open(folder, Clock.systemUTC());
    }

    static ProjectFolder open(Path folder, Clock clock) throws ProjectProblem {
        requireProject(folder, clock);
        ProjectFolder project = new ProjectFolder(folder, clock);
        try {
            project.lock.take();
            project.sweep();
            project.keepAsFound(project.load());
            return project;
        } catch (ProjectProblem e) {
            project.close();
            throw e;
        } catch (IOException e) {
            project.close();
            throw ProjectProblem.reading(folder, e);
        }
    }

    /** Reads a project without opening it for writing; it may be open elsewhere. */
    public static Workspace read(Path folder) throws ProjectProblem {
        requireProject(folder, Clock.systemUTC());
        ProjectFolder project = new ProjectFolder(folder, Clock.systemUTC());
        project.load();
        return project.workspace;
    }

    private static void requireProject(Path folder, Clock clock) throws ProjectProblem {
        if (!Files.isRegularFile(folder.resolve("manual.json"))) {
            ProjectProblem none =
                    new ProjectProblem(folder + " is no project: there is no manual.json in it.");
            List<KeptState> kept = new ProjectFolder(folder, clock).states.list();
            throw kept.isEmpty() ? none : new ManualDamaged(folder, kept, none);
        }
    }

    /**
     * Takes an earlier state back in the place of a manual that cannot be opened. The damaged file
     * is kept beside it, as {@code manual.damaged.json}.
     */
    public static void takeBack(Path folder, KeptState state) throws ProjectProblem {
        Path file = folder.resolve("manual.json");
        try {
            byte[] text = KeptStates.text(state);
            if (Files.exists(file)) {
                Files.copy(
                        file,
                        folder.resolve("manual.damaged.json"),
                        StandardCopyOption.REPLACE_EXISTING);
            }
            AtomicFile.write(file, text);
        } catch (IOException e) {
            throw ProjectProblem.writing(file, e);
        }
    }

    private void sweep() {
        AtomicFile.sweep(folder);
        AtomicFile.sweep(folder.resolve("captions"));
        AtomicFile.sweep(folder.resolve("stills"));
        AtomicFile.sweep(work(folder).resolve("states"));
    }

    /** What is brought to a newer format stays as it was, for good, among the earlier states. */
    private void keepAsFound(ObjectNode found) throws IOException {
        keep(json.text(found), UNTOLD);
        if (ManualJson.isOlder(found) && !states.list().isEmpty()) {
            KeptStates.name(
                    states.list().get(0), "format " + found.path(ManualJson.VERSION).asText());
        }
    }

    /**
     * @return the manual as it was found, in the format in which it was written
     */
    private ObjectNode load() throws ProjectProblem {
        Path file = manualFile();
        ObjectNode found;
        Manual manual;
        List<Senseless> mended = new ArrayList<>();
        try {
            byte[] text = Files.readAllBytes(file);
            found = json.tree(text, file.toString());
            original = json.inPresentFormat(found, file.toString());
            Manual read = json.read(original, file.toString(), isOurs(text));
            manual = Healing.of(read);
            if (manual != read) {
                Sense.of(read).stream().filter(s -> s.kind().mended()).forEach(mended::add);
            }
        } catch (IOException e) {
            throw ProjectProblem.reading(file, e);
        } catch (NewerFormat e) {
            throw e;
        } catch (ProjectProblem e) {
            throw new ManualDamaged(folder, states.list(), e);
        }
        understood = manual;
        workspace = new Workspace(manual, captions(manual)).withMended(mended);
        return found;
    }

    /** Whether the text is what this program wrote last: it needs no second look then. */
    private boolean isOurs(byte[] text) {
        try {
            Path written = work(folder).resolve("written");
            return Files.isRegularFile(written)
                    && Files.size(written) < 1000
                    && Files.readString(written).equals(signature(text));
        } catch (IOException e) {
            return false;
        }
    }

    private static String signature(byte[] text) {
        return Digest.of(text) + " " + ManualJson.MAJOR + "." + ManualJson.MINOR;
    }

    /** The captions of a manual's clips; those that are gone or damaged are left out. */
    public Map<Id<Clip>, Captions> captions(Manual manual) {
        Map<Id<Clip>, Captions> captions = new HashMap<>();
        for (Clip clip : manual.clips()) {
            if (Digest.is(clip.captions())) {
                try {
                    captions.put(clip.id(), CaptionFile.read(captionFile(clip.captions())));
                } catch (ProjectProblem e) {
                    LOG.warn("the captions of {} are not there", clip.name(), e);
                }
            }
        }
        return captions;
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
    public synchronized String keepCaptions(Id<Clip> clip, Captions captions)
            throws ProjectProblem {
        String digest = write(captions);
        workspace = workspace.withCaptions(clip, captions);
        return digest;
    }

    private String write(Captions captions) throws ProjectProblem {
        byte[] text = CaptionFile.text(captions);
        String digest = Digest.of(text);
        Path file = captionFile(digest);
        try {
            Files.createDirectories(file.getParent());
            AtomicFile.write(file, text);
        } catch (IOException e) {
            throw ProjectProblem.writing(file, e);
        }
        return digest;
    }

    private Path captionFile(String digest) {
        return folder.resolve("captions").resolve(digest + ".vtt");
    }

    private Path manualFile() {
        return folder.resolve("manual.json");
    }

    /**
     * Writes the manual: beside, flushed, and put in place in one go. The state is kept among the
     * earlier ones.
     *
     * @param what what was done since the last time, in words
     * @throws ProjectProblem if it cannot be written; the project is then as it was
     */
    public synchronized void save(Manual manual, String what) throws ProjectProblem {
        ObjectNode tree = json.write(manual);
        if (original != null) {
            UnknownFields.carry(original, json.write(understood), tree);
        }
        lock.keep();
        byte[] text;
        try {
            text = json.text(tree);
            AtomicFile.write(manualFile(), text);
        } catch (IOException e) {
            throw ProjectProblem.writing(manualFile(), e);
        }
        original = tree;
        understood = manual;
        workspace = workspace.with(manual);
        try {
            AtomicFile.write(
                    work(folder).resolve("written"),
                    signature(text).getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            LOG.info("{} is looked at as from outside when it is opened next", folder, e);
        }
        keep(text, what);
    }

    public void save(Manual manual) throws ProjectProblem {
        save(manual, UNTOLD);
    }

    /** That an earlier state cannot be kept does not undo the saving. */
    private void keep(byte[] text, String what) {
        try {
            states.keep(text, what, (int) workspace.manual().steps().count());
        } catch (IOException e) {
            LOG.warn("no earlier state of {} could be kept", folder, e);
        }
    }

    /** The earlier states, newest first. */
    public List<KeptState> states() {
        return states.list();
    }

    /** An earlier state, to be looked at or taken back. */
    public Manual state(KeptState state) throws ProjectProblem {
        String name = state.file().getFileName().toString();
        try {
            byte[] text = KeptStates.text(state);
            return Healing.of(json.read(json.tree(text, name), name, false));
        } catch (IOException e) {
            throw ProjectProblem.reading(state.file(), e);
        }
    }

    /** Gives an earlier state a name, by which it stays for good; an empty one takes it away. */
    public void name(KeptState state, String name) throws ProjectProblem {
        try {
            KeptStates.name(state, name);
        } catch (IOException e) {
            throw ProjectProblem.writing(state.file(), e);
        }
    }

    /** Keeps the state that a publication is made from; where that cannot be, it is only logged. */
    public static void keepPublished(Path folder, Manual manual) {
        try {
            ManualJson json = new ManualJson();
            new ProjectFolder(folder, Clock.systemUTC())
                    .states.published(json.text(json.write(manual)), manual);
        } catch (IOException e) {
            LOG.warn("the published state of {} was not kept", folder, e);
        }
    }

    /**
     * Saves the whole project in another folder, as when this one cannot be written any more. This
     * one stays as it is.
     *
     * @param others what stands beside the manual as it is now
     * @return the new project, open
     * @throws ProjectProblem if that cannot be written either; nothing is left there then
     */
    public ProjectFolder saveElsewhere(Path target, Workspace others) throws ProjectProblem {
        requireEmpty(target);
        boolean there = Files.isDirectory(target);
        Manual manual = others.manual();
        List<Clip> clips =
                manual.clips().stream()
                        .map(
                                c ->
                                        c.withPath(
                                                ClipFiles.relative(
                                                        target.toAbsolutePath().normalize(),
                                                        clipFile(c).toAbsolutePath())))
                        .toList();
        ProjectFolder copy = create(target, manual.withClips(clips));
        try {
            for (Clip clip : clips) {
                if (clip.captions() != null) {
                    copy.write(others.captions(clip.id()));
                }
            }
            copyStills(target);
        } catch (ProjectProblem e) {
            copy.close();
            remove(target, !there);
            throw e;
        }
        copy.workspace = others.with(manual.withClips(clips));
        return copy;
    }

    private void copyStills(Path target) throws ProjectProblem {
        Path from = folder.resolve("stills");
        if (!Files.isDirectory(from)) {
            return;
        }
        Path to = target.resolve("stills");
        try (Stream<Path> all = Files.list(from)) {
            Files.createDirectories(to);
            for (Path still : all.toList()) {
                Files.copy(still, to.resolve(still.getFileName().toString()));
            }
        } catch (IOException e) {
            throw ProjectProblem.writing(to, e);
        }
    }

    @Override
    public void close() {
        lock.close();
    }
}
