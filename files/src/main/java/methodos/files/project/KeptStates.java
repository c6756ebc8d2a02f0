package methodos.files.project;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Properties;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import methodos.core.manual.Manual;
import org.slf4j.LoggerFactory;

/**
 * The earlier states of a manual: each a compressed {@code manual.json} named by its time, with a
 * small text beside it that says what had been done. They are thinned as they grow old; those that
 * have a name or were published stay.
 */
final class KeptStates {

    /** A manual of more is damaged or malicious. */
    private static final int LARGEST = 400_000_000;

    private static final String CONTENT = ".json.gz";
    private static final String ABOUT = ".txt";
    private static final DateTimeFormatter NAME =
            DateTimeFormatter.ofPattern("uuuuMMdd-HHmmss-SSS", Locale.ROOT)
                    .withZone(ZoneOffset.UTC);

    private final Path folder;
    private final Clock clock;
    private String last = "";

    KeptStates(Path folder, Clock clock) {
        this.folder = folder;
        this.clock = clock;
    }

    /** All that there are, newest first; what cannot be read is passed over. */
    List<KeptState> list() {
        List<KeptState> states = new ArrayList<>();
        if (!Files.isDirectory(folder)) {
            return states;
        }
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.toList()) {
                String name = file.getFileName().toString();
                if (name.endsWith(CONTENT) || name.matches("\\d+\\.json")) {
                    states.add(state(file));
                }
            }
        } catch (IOException e) {
            LoggerFactory.getLogger(KeptStates.class).warn("earlier states are not listed", e);
        }
        states.sort(Comparator.comparing(KeptState::when).reversed());
        return states;
    }

    private static KeptState state(Path file) throws IOException {
        Properties about = new Properties();
        Path beside = about(file);
        if (Files.isRegularFile(beside)) {
            try {
                about.load(new StringReader(Files.readString(beside)));
            } catch (IOException | IllegalArgumentException e) {
                LoggerFactory.getLogger(KeptStates.class).info("{} is not readable", beside, e);
            }
        }
        return new KeptState(
                when(file),
                about.getProperty("what", ""),
                number(about.getProperty("steps", "")),
                about.getProperty("name", ""),
                Boolean.parseBoolean(about.getProperty("published")),
                file);
    }

    private static int number(String text) {
        return text.matches("\\d{1,6}") ? Integer.parseInt(text) : -1;
    }

    private static Instant when(Path file) throws IOException {
        String name = file.getFileName().toString();
        try {
            return NAME.parse(name.replace(CONTENT, ""), Instant::from);
        } catch (DateTimeParseException e) {
            return Files.getLastModifiedTime(file).toInstant(); // of an older version
        }
    }

    private static Path about(Path file) {
        String name = file.getFileName().toString();
        return file.resolveSibling(name.substring(0, name.indexOf('.')) + ABOUT);
    }

    /**
     * Keeps a state, unless it is the one that was kept last, and thins the older ones.
     *
     * @param text the manual as it is written
     */
    void keep(byte[] text, String what, int steps) throws IOException {
        String digest = Digest.of(text);
        if (last.isEmpty()) {
            List<KeptState> there = list();
            last = there.isEmpty() ? "" : Digest.of(text(there.get(0)));
        }
        if (digest.equals(last)) {
            return;
        }
        Files.createDirectories(folder);
        Instant now = clock.instant();
        Path file = folder.resolve(NAME.format(now) + CONTENT);
        while (Files.exists(file)) {
            now = now.plusMillis(1);
            file = folder.resolve(NAME.format(now) + CONTENT);
        }
        write(new KeptState(now, what, steps, "", false, file));
        AtomicFile.write(file, compressed(text));
        last = digest;
        thin(clock.instant());
    }

    private static byte[] compressed(byte[] text) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (GZIPOutputStream gzip = new GZIPOutputStream(out)) {
            gzip.write(text);
        }
        return out.toByteArray();
    }

    private static void write(KeptState state) throws IOException {
        StringBuilder text = new StringBuilder();
        text.append("what=").append(line(state.what())).append('\n');
        text.append("steps=").append(state.steps()).append('\n');
        text.append("name=").append(line(state.name())).append('\n');
        text.append("published=").append(state.published()).append('\n');
        AtomicFile.write(about(state.file()), text.toString().getBytes(StandardCharsets.UTF_8));
    }

    private static String line(String text) {
        return text.replace("\\", "\\\\").replaceAll("\\p{Cntrl}", " ");
    }

    private void thin(Instant now) throws IOException {
        List<KeptState> thinned = list().stream().filter(s -> !s.stays()).toList();
        for (KeptState state : StateThinning.superfluous(thinned, KeptState::when, now)) {
            Files.deleteIfExists(state.file());
            Files.deleteIfExists(about(state.file()));
        }
    }

    /** The manual as it was written. */
    static byte[] text(KeptState state) throws IOException {
        byte[] content = Files.readAllBytes(state.file());
        if (!state.file().toString().endsWith(CONTENT)) {
            return content;
        }
        try (GZIPInputStream in = new GZIPInputStream(new ByteArrayInputStream(content))) {
            return in.readNBytes(LARGEST);
        }
    }

    /** Gives a state a name, by which it stays; an empty one takes it away. */
    static void name(KeptState state, String name) throws IOException {
        write(
                new KeptState(
                        state.when(),
                        state.what(),
                        state.steps(),
                        name.strip(),
                        state.published(),
                        state.file()));
    }

    /** Keeps the state that a publication is made from, for good. */
    void published(byte[] text, Manual manual) throws IOException {
        keep(text, "", (int) manual.steps().count());
        KeptState newest = list().get(0);
        write(
                new KeptState(
                        newest.when(),
                        newest.what(),
                        newest.steps(),
                        newest.name(),
                        true,
                        newest.file()));
    }
}
