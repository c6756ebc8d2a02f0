package methodos.files.bench;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import methodos.core.bench.BenchRun;
import methodos.core.bench.Deed;
import methodos.core.bench.Entry;
import methodos.core.bench.WorkedManual;
import methodos.core.manual.Manual;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.practice.PractisedManual;
import methodos.core.typed.SerialText;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.AtomicFile;
import methodos.files.project.Digest;
import methodos.files.project.ManualJson;
import org.slf4j.LoggerFactory;

/**
 * A bench run in its folder: the record, to which entries are only ever added, each flushed to the
 * disk before it counts, and the manual as it was when the run began, so that a later change of the
 * manual changes nothing for a unit that is half done. While it is open for writing nobody else
 * writes to it.
 */
public final class RunFolder implements AutoCloseable {

    private static final String RECORD = "record.log";
    private static final String TORN = "record.torn";
    private static final String MANUAL = "manual.json";
    private static final List<String> PHOTOS = List.of(".jpg", ".png");
    private static final long LARGEST_PHOTO = 100_000_000;

    private final Path folder;
    private final BenchRun run;
    private final boolean torn;
    private FileChannel channel;
    private String seal;

    private RunFolder(Path folder, BenchRun run, RecordText text, FileChannel channel) {
        this.folder = folder;
        this.run = run;
        this.seal = text.seal();
        this.torn = text.torn();
        this.channel = channel;
    }

    /** Where the runs of a project lie. */
    public static Path of(Path project) {
        return project.resolve("bench");
    }

    /** The folders of the runs of a project, the oldest first. */
    public static List<Path> list(Path project) throws ProjectProblem {
        Path all = of(project);
        if (!Files.isDirectory(all)) {
            return List.of();
        }
        try (Stream<Path> inside = Files.list(all)) {
            return inside.filter(RunFolder::isBegun)
                    .sorted(Comparator.comparing(f -> f.getFileName().toString()))
                    .toList();
        } catch (IOException e) {
            throw ProjectProblem.reading(all, e);
        }
    }

    /** A run that failed in its first moment has no entry. */
    private static boolean isBegun(Path folder) {
        Path record = folder.resolve(RECORD);
        try {
            return Files.isRegularFile(record) && Files.size(record) > 0;
        } catch (IOException e) {
            return false;
        }
    }

    /**
     * Begins a run in a new folder.
     *
     * @param begun as it is typed; it is completed by the digest of the manual
     * @throws ProjectProblem if the folder is there, or cannot be written
     */
    public static RunFolder begin(Path folder, Manual manual, Entry begun) throws ProjectProblem {
        if (Files.exists(folder.resolve(RECORD))) {
            throw new ProjectProblem(folder + " holds a run already.");
        }
        Deed.Begun deed = (Deed.Begun) begun.deed();
        try {
            Files.createDirectories(folder);
            ManualJson json = new ManualJson();
            byte[] text = json.text(json.write(manual));
            AtomicFile.write(folder.resolve(MANUAL), text);
            BenchRun run = new BenchRun(worked(manual, deed));
            RunFolder made =
                    new RunFolder(
                            folder,
                            run,
                            RecordText.of(new byte[0]),
                            writable(folder.resolve(RECORD)));
            made.add(
                    new Entry(
                            begun.at(),
                            begun.by(),
                            new Deed.Begun(
                                    deed.model(),
                                    deed.serial(),
                                    deed.with(),
                                    deed.without(),
                                    deed.manual(),
                                    deed.revision(),
                                    Digest.of(text))));
            return made;
        } catch (IOException e) {
            throw ProjectProblem.writing(folder, e);
        }
    }

    private static WorkedManual worked(Manual manual, Deed.Begun begun) {
        return new WorkedManual(PractisedManual.of(manual), sight(begun));
    }

    /** The unit that a run is of. */
    public static Sight sight(Deed.Begun begun) {
        SerialRange serial = SerialText.only(begun.serial()).orElse(SerialRange.ALL);
        return new Sight(
                begun.model().isEmpty() ? null : begun.model(),
                serial,
                Set.copyOf(begun.with()),
                Set.copyOf(begun.without()));
    }

    /**
     * Opens a run to go on with it. A last line that is not complete is set aside.
     *
     * @throws ProjectProblem if it was changed, does not fit its manual, or is open elsewhere
     */
    public static RunFolder open(Path folder) throws ProjectProblem {
        Path file = folder.resolve(RECORD);
        FileChannel channel = null;
        try {
            // what is read under the lock is what is there when it is written to; it is read
            // through what holds the lock, since closing another reader may give the lock away
            channel = writable(file);
            byte[] all = all(channel);
            RecordText text = RecordText.of(all);
            if (text.changed() > 0) {
                throw new ProjectProblem(folder + ": " + text.problem().orElseThrow());
            }
            BenchRun run = run(folder, text);
            if (text.torn()) {
                setAside(folder, Arrays.copyOfRange(all, text.sound(), all.length));
                channel.truncate(text.sound());
                channel.force(true);
            }
            channel.position(text.sound());
            RunFolder opened = new RunFolder(folder, run, text, channel);
            channel = null;
            return opened;
        } catch (IOException e) {
            throw ProjectProblem.writing(file, e);
        } finally {
            quietly(channel);
        }
    }

    private static byte[] all(FileChannel channel) throws IOException {
        ByteBuffer all = ByteBuffer.allocate((int) channel.size());
        int read = channel.read(all);
        while (read >= 0 && all.hasRemaining()) {
            read = channel.read(all);
        }
        return Arrays.copyOf(all.array(), all.position());
    }

    /** A last line that is not complete is kept beside the record. */
    private static void setAside(Path folder, byte[] torn) throws IOException {
        Files.write(
                folder.resolve(TORN), torn, StandardOpenOption.CREATE, StandardOpenOption.APPEND);
    }

    private static void quietly(FileChannel channel) {
        try {
            if (channel != null) {
                channel.close();
            }
        } catch (IOException e) {
            LoggerFactory.getLogger(RunFolder.class).info("a record was not closed well", e);
        }
    }

    private static FileChannel writable(Path file) throws IOException, ProjectProblem {
        FileChannel channel =
                FileChannel.open(
                        file,
                        StandardOpenOption.CREATE,
                        StandardOpenOption.READ,
                        StandardOpenOption.WRITE);
        try {
            if (channel.tryLock() != null) {
                return channel;
            }
        } catch (OverlappingFileLockException e) {
            LoggerFactory.getLogger(RunFolder.class).debug("{} is open in this program", file, e);
        }
        channel.close();
        throw new ProjectProblem(file + " is open elsewhere.");
    }

    /** The text of a record, to see whether it is as it was written. */
    public static RecordText text(Path folder) throws ProjectProblem {
        Path file = folder.resolve(RECORD);
        try {
            return RecordText.of(Files.readAllBytes(file));
        } catch (IOException e) {
            throw ProjectProblem.reading(file, e);
        }
    }

    /**
     * Reads a run without opening it for writing.
     *
     * @throws ProjectProblem if it does not fit its manual
     */
    public static BenchRun run(Path folder, RecordText text) throws ProjectProblem {
        return run(folder, text, new HashMap<>());
    }

    /**
     * The same of one of many.
     *
     * @param known by their digests, the manuals that were read before; this one is added
     */
    static BenchRun run(Path folder, RecordText text, Map<String, PractisedManual> known)
            throws ProjectProblem {
        if (text.entries().isEmpty()
                || !(text.entries().get(0).deed() instanceof Deed.Begun begun)) {
            throw new ProjectProblem(folder + " holds no run: its record does not begin.");
        }
        Path file = folder.resolve(MANUAL);
        try {
            byte[] manual = Files.readAllBytes(file);
            if (!Digest.of(manual).equals(begun.digest())) {
                throw new ProjectProblem(
                        file + " is not the manual that the run was worked by: it was changed.");
            }
            PractisedManual practised = known.get(begun.digest());
            if (practised == null) {
                practised = PractisedManual.of(ManualJson.manual(manual, file));
                known.put(begun.digest(), practised);
            }
            return BenchRun.of(new WorkedManual(practised, sight(begun)), text.entries());
        } catch (IOException e) {
            throw ProjectProblem.reading(file, e);
        } catch (IllegalArgumentException e) {
            throw new ProjectProblem(
                    folder + " holds a record that cannot be followed: " + e.getMessage(), e);
        }
    }

    public Path folder() {
        return folder;
    }

    public BenchRun run() {
        return run;
    }

    /** Whether the last line was not complete when it was opened: one entry may be gone. */
    public boolean torn() {
        return torn;
    }

    /** The seal of the last entry, which vouches for all. */
    public String seal() {
        return seal;
    }

    /**
     * Takes an entry into the run and adds it to the record; when this returns it is on the disk.
     *
     * @throws IllegalArgumentException with a sentence if the run does not take it
     * @throws ProjectProblem if it cannot be written: the record is then as it was, and this run
     *     cannot be gone on with until it is opened anew
     */
    public synchronized void add(Entry entry) throws ProjectProblem {
        requireOpen();
        run.take(entry);
        append(entry);
    }

    private void requireOpen() throws ProjectProblem {
        if (channel == null) {
            throw new ProjectProblem(folder + " is closed.");
        }
    }

    /** Adds an entry that the run has taken already. */
    public synchronized void append(Entry entry) throws ProjectProblem {
        requireOpen();
        try {
            byte[] line = RecordText.line(seal, entry);
            long before = channel.position();
            try {
                ByteBuffer bytes = ByteBuffer.wrap(line);
                while (bytes.hasRemaining()) {
                    channel.write(bytes);
                }
                channel.force(false);
            } catch (IOException e) {
                channel.truncate(before);
                throw e;
            }
            seal = new String(line, 0, Seal.LENGTH, StandardCharsets.US_ASCII);
        } catch (IOException e) {
            close();
            throw ProjectProblem.writing(folder.resolve(RECORD), e);
        }
    }

    private static Path photo(Path folder, String digest, String ending) {
        return folder.resolve("photos").resolve(digest + ending);
    }

    /**
     * A photo that was kept with a run.
     *
     * @param digest by which it is named
     * @throws ProjectProblem if it is not there, or is another one than was kept
     */
    static Path photo(Path folder, String digest) throws ProjectProblem {
        for (String ending : PHOTOS) {
            Path kept = photo(folder, digest, ending);
            if (Files.isRegularFile(kept)) {
                try {
                    if (!Digest.of(Files.readAllBytes(kept)).equals(digest)) {
                        throw new ProjectProblem(kept + " is not the photo that was kept.");
                    }
                } catch (IOException e) {
                    throw ProjectProblem.reading(kept, e);
                }
                return kept;
            }
        }
        throw new ProjectProblem(folder + " no longer has the photo " + digest + ".");
    }

    /**
     * Keeps a photo with the run.
     *
     * @return its digest, by which it is named
     * @throws ProjectProblem if it is no picture, or cannot be kept
     */
    public String keep(Path photo) throws ProjectProblem {
        byte[] content;
        try {
            if (Files.size(photo) > LARGEST_PHOTO) {
                throw new ProjectProblem(photo + " is larger than a photo.");
            }
            content = Files.readAllBytes(photo);
        } catch (IOException e) {
            throw ProjectProblem.reading(photo, e);
        }
        boolean jpeg = content.length > 2 && content[0] == (byte) 0xFF && content[1] == (byte) 0xD8;
        boolean png = content.length > 3 && content[1] == 'P' && content[2] == 'N';
        if (!jpeg && !png) {
            throw new ProjectProblem(photo + " is no photo: it is neither JPEG nor PNG.");
        }
        String digest = Digest.of(content);
        Path kept = photo(folder, digest, jpeg ? ".jpg" : ".png");
        try {
            Files.createDirectories(kept.getParent());
            AtomicFile.write(kept, content);
        } catch (IOException e) {
            throw ProjectProblem.writing(kept, e);
        }
        return digest;
    }

    @Override
    public synchronized void close() throws ProjectProblem {
        if (channel == null) {
            return;
        }
        try {
            channel.close();
        } catch (IOException e) {
            throw ProjectProblem.writing(folder.resolve(RECORD), e);
        } finally {
            channel = null;
        }
    }
}
