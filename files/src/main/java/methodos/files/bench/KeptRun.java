package methodos.files.bench;

import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import methodos.core.bench.BenchRun;
import methodos.core.bench.Lesson;
import methodos.core.bench.RunRecord;
import methodos.core.bench.RunSeen;
import methodos.core.description.Id;
import methodos.core.manual.Step;
import methodos.core.practice.PractisedManual;
import methodos.files.picture.PictureFile;
import methodos.files.picture.PictureProblem;
import methodos.files.problem.ProjectProblem;
import org.slf4j.LoggerFactory;

/**
 * A run of a project as it lies on the disk.
 *
 * @param record null where it cannot be read
 * @param text of its record, as far as it is as it was written; null where there is none
 * @param problem what is wrong with it, empty where it is as it was written
 */
public record KeptRun(Path folder, RunRecord record, RecordText text, String problem) {

    /** All runs of a project, the oldest first. */
    public static List<KeptRun> all(Path project) throws ProjectProblem {
        // many runs are worked by one manual, and it takes longest to read
        Map<String, PractisedManual> manuals = new ConcurrentHashMap<>();
        return RunFolder.list(project).parallelStream().map(f -> read(f, manuals)).toList();
    }

    private static KeptRun read(Path folder, Map<String, PractisedManual> manuals) {
        RecordText text;
        try {
            text = RunFolder.text(folder);
        } catch (ProjectProblem e) {
            return new KeptRun(folder, null, null, e.getMessage());
        }
        String problem = text.problem().orElse("");
        try {
            RunRecord record = RunRecord.of(RunFolder.run(folder, text, manuals));
            return new KeptRun(
                    folder, record, text, problem.isEmpty() ? photos(folder, record) : problem);
        } catch (ProjectProblem e) {
            return new KeptRun(folder, null, text, problem.isEmpty() ? e.getMessage() : problem);
        }
    }

    /** What is wrong with the photos of a run, empty where each is the one that was kept. */
    private static String photos(Path folder, RunRecord record) {
        for (RunRecord.Remark remark : record.remarks()) {
            if (!remark.of().file().isEmpty()) {
                try {
                    RunFolder.photo(folder, remark.of().file());
                } catch (ProjectProblem e) {
                    return e.getMessage();
                }
            }
        }
        return "";
    }

    /** A photo of a remark, upright; empty where it is not the one that was kept. */
    public Optional<BufferedImage> photo(String digest) {
        try {
            return Optional.of(PictureFile.read(RunFolder.photo(folder, digest)).picture());
        } catch (ProjectProblem | PictureProblem e) {
            LoggerFactory.getLogger(KeptRun.class).info("a photo is not shown", e);
            return Optional.empty();
        }
    }

    /** What runs show; one that was changed or cannot be read shows nothing. */
    public static List<RunSeen> seen(List<KeptRun> runs) {
        return runs.stream()
                .filter(r -> !r.changed())
                .map(r -> RunSeen.of(r.record.run()))
                .toList();
    }

    /** Seconds that the steps of a project took in its runs, where they are worked as then. */
    public static Map<Id<Step>, List<Double>> times(Path project, PractisedManual practised)
            throws ProjectProblem {
        return Lesson.times(practised, seen(all(project)));
    }

    /** The name of its folder. */
    public String name() {
        return folder.getFileName().toString();
    }

    /** The seal of its last line, empty where there is none. */
    public String seal() {
        return text == null ? "" : text.seal();
    }

    /** Whether it was changed after it was written, or cannot be read. */
    public boolean changed() {
        return record == null || text.changed() > 0;
    }

    /** Whether it can be gone on with. */
    public boolean open() {
        BenchRun.State state = Optional.ofNullable(record).map(r -> r.run().state()).orElse(null);
        return !changed()
                && (state == BenchRun.State.FETCHING
                        || state == BenchRun.State.WORKING
                        || state == BenchRun.State.STOPPED);
    }
}
