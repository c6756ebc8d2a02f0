package methodos.desktop.bench;

import java.nio.file.Path;
import java.util.Optional;
import methodos.core.bench.BenchRun;
import methodos.core.bench.RunRecord;
import methodos.files.bench.RecordText;
import methodos.files.bench.RunFolder;
import methodos.files.problem.ProjectProblem;

/**
 * A run of the project as it lies on the disk.
 *
 * @param record null where it cannot be read
 * @param problem what is wrong with it, empty where it is as it was written
 * @param changedIn the line in which it was changed, 0 where it was not
 */
record KeptRun(Path folder, RunRecord record, String seal, String problem, int changedIn) {

    static KeptRun read(Path folder) {
        try {
            RecordText text = RunFolder.text(folder);
            String problem = text.problem().orElse("");
            try {
                return new KeptRun(
                        folder,
                        RunRecord.of(RunFolder.run(folder, text)),
                        text.seal(),
                        problem,
                        text.changed());
            } catch (ProjectProblem e) {
                return new KeptRun(
                        folder,
                        null,
                        text.seal(),
                        problem.isEmpty() ? e.getMessage() : problem,
                        text.changed());
            }
        } catch (ProjectProblem e) {
            return new KeptRun(folder, null, "", e.getMessage(), 0);
        }
    }

    String name() {
        return folder.getFileName().toString();
    }

    Optional<BenchRun.State> state() {
        return Optional.ofNullable(record).map(r -> r.run().state());
    }

    /** Whether it was changed after it was written. */
    boolean changed() {
        return record == null || changedIn > 0;
    }

    /** Whether it can be gone on with. */
    boolean open() {
        return state().filter(
                                s ->
                                        s != BenchRun.State.FINISHED
                                                && s != BenchRun.State.GIVEN_UP
                                                && s != BenchRun.State.NOT_BEGUN)
                        .isPresent()
                && !changed();
    }
}
