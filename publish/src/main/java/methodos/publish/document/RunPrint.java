package methodos.publish.document;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;
import methodos.core.bench.BenchRun;
import methodos.core.bench.Deed;
import methodos.core.bench.RecordTable;
import methodos.core.bench.RunRecord;
import methodos.core.words.Words;
import methodos.publish.PublishProblem;
import methodos.publish.figure.PreparedStill;
import methodos.publish.house.HouseStyle;

/** The record of a bench run for print: what was found, what was left, who signed, and the seal. */
public final class RunPrint {

    private static final double MINUTE = 60;

    /** Enough for its size on the page at 300 dots an inch. */
    private static final int PHOTO_PIXELS = 1000;

    /** Sizes in mm. */
    private static final double PHOTO_WIDTH = 80;

    private static final double PHOTO_HEIGHT = 70;

    /**
     * A line of the record.
     *
     * @param verdict what its limit says, in words; empty where it has none
     * @param bad whether it is outside its limit
     * @param photo null where there is none
     */
    public record Line(
            int step,
            String place,
            String what,
            String asked,
            String found,
            String left,
            String verdict,
            boolean bad,
            String with,
            String why,
            Photo photo) {}

    /**
     * A photo beside a remark.
     *
     * @param width in mm
     * @param height in mm
     */
    public record Photo(String file, double width, double height) {}

    private final RunRecord record;
    private final Pictures photos;
    private final Words words;
    private final ZoneId zone;

    private RunPrint(RunRecord record, Pictures photos, Words words, ZoneId zone) {
        this.record = record;
        this.photos = photos;
        this.words = words;
        this.zone = zone;
    }

    /**
     * Writes the record as PDF.
     *
     * @param seal of its last line; with it one can see later whether the record was changed
     * @param problem what is wrong with the record, empty where it is as it was written
     * @param photos that remarks name
     * @param house how the company wants it to look
     * @param zone in which times are told
     * @throws PublishProblem if it cannot be written; what was there before is then untouched
     */
    public static void write(
            RunRecord record,
            String seal,
            String problem,
            Pictures photos,
            HouseStyle house,
            ZoneId zone,
            Path file)
            throws PublishProblem {
        Publication publication =
                Publication.of(
                                record.run().work().practised().manual(),
                                record.run().work().sight(),
                                d -> Optional.empty(),
                                record.until().atZone(zone).toLocalDate().toString())
                        .withHouse(house);
        RunPrint print = new RunPrint(record, photos, publication.words(), zone);
        Path folder = file.toAbsolutePath().getParent();
        Path work = null;
        try {
            Files.createDirectories(folder);
            work = Files.createTempDirectory(folder, ".record-");
            Course course = new Course(Progress.NONE, 1);
            Map<String, Object> values = print.values(work);
            values.put("seal", seal);
            values.put("problem", problem);
            Path made = work.resolve("record.pdf");
            Print.write(
                    new Pages().run(publication, work, course, values),
                    publication.house(),
                    made,
                    course);
            Document.file(made, file.toAbsolutePath()).place();
        } catch (IOException e) {
            throw new PublishProblem(file + " cannot be written: " + e.getMessage(), e);
        } finally {
            if (work != null) {
                Document.remove(work);
            }
        }
    }

    private Map<String, Object> values(Path folder) throws IOException {
        Map<String, Object> values = new HashMap<>();
        BenchRun run = record.run();
        Deed.Begun begun = run.begun().orElseThrow();
        values.put("begun", begun);
        values.put("people", String.join(", ", record.people()));
        values.put("from", time(record.from()));
        values.put("until", time(record.until()));
        values.put("state", words.of("run.state." + run.state().name().toLowerCase(Locale.ROOT)));
        values.put("passes", record.passes());
        values.put("finished", run.state() == BenchRun.State.FINISHED);
        values.put("work", words.of("run.minutes", Math.round(record.hands() / MINUTE)));
        values.put("elapsed", words.of("run.minutes", Math.round(record.elapsed() / MINUTE)));
        values.put("instruments", String.join(", ", record.instruments()));
        Map<RecordTable.Kind, List<Line>> lines = new EnumMap<>(RecordTable.Kind.class);
        for (RecordTable.Row row : RecordTable.of(record)) {
            lines.computeIfAbsent(row.kind(), k -> new ArrayList<>()).add(line(row, folder));
        }
        for (RecordTable.Kind kind : RecordTable.Kind.values()) {
            // the templates have macros whose names must not be those of values
            values.put(
                    "row_" + kind.name().toLowerCase(Locale.ROOT),
                    lines.getOrDefault(kind, List.of()));
        }
        return values;
    }

    private String time(Instant at) {
        return DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm", Locale.ROOT).format(at.atZone(zone));
    }

    private Line line(RecordTable.Row row, Path folder) throws IOException {
        boolean told = row.kind() == RecordTable.Kind.DECISION || row.verdict().isEmpty();
        String verdict =
                told ? row.verdict() : words.of("run.verdict." + row.verdict().replace(' ', '-'));
        boolean timed =
                row.kind() == RecordTable.Kind.SIGNED || row.kind() == RecordTable.Kind.REMARK;
        String left = timed ? time(Instant.parse(row.left())) : row.left();
        if (row.kind() == RecordTable.Kind.STEP) {
            left = minutes(Long.parseLong(row.left()));
        }
        Photo photo =
                row.kind() == RecordTable.Kind.REMARK && row.found().startsWith(RecordTable.PHOTO)
                        ? photo(row.found().substring(RecordTable.PHOTO.length()), folder)
                        : null;
        return new Line(
                row.step(),
                row.place(),
                row.what(),
                timed ? words.of("run.asked." + row.asked().replace(' ', '-')) : row.asked(),
                photo == null ? word(row.kind(), row.found()) : "",
                word(row.kind(), left),
                verdict,
                row.verdict().equals("fail"),
                row.with(),
                row.why(),
                photo);
    }

    private Photo photo(String digest, Path folder) throws IOException {
        Optional<BufferedImage> taken = photos.still(digest);
        if (taken.isEmpty()) {
            return null;
        }
        BufferedImage shown = PreparedStill.within(taken.get(), PHOTO_PIXELS);
        String file = "photo-" + digest + ".jpg";
        ImageIO.write(shown, "jpeg", folder.resolve(file).toFile());
        double scale = Math.min(PHOTO_WIDTH / shown.getWidth(), PHOTO_HEIGHT / shown.getHeight());
        return new Photo(file, shown.getWidth() * scale, shown.getHeight() * scale);
    }

    private String word(RecordTable.Kind kind, String said) {
        boolean judged = kind == RecordTable.Kind.LOOK && !said.contains(":");
        return judged ? words.of("run.look." + said) : said;
    }

    private static String minutes(long seconds) {
        return String.format(Locale.ROOT, "%d:%02d", seconds / 60, seconds % 60);
    }
}
