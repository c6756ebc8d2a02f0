package methodos.cli.bench;

import java.nio.file.Path;
import java.time.Instant;
import java.util.Random;
import methodos.core.bench.BenchRun;
import methodos.core.bench.Deed;
import methodos.core.bench.Entry;
import methodos.core.bench.Slips;
import methodos.core.bench.Technician;
import methodos.core.manual.Manual;
import methodos.core.plan.StepTimes;
import methodos.files.bench.RunFolder;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.ProjectFolder;

/**
 * A process that works through a manual and says how many entries are on the disk, until it is
 * killed: it begins a run in a folder, or goes on with the one that is there.
 */
final class WorkedThrough {

    private WorkedThrough() {}

    /**
     * @param arguments the project, the folder of the run, a seed
     */
    public static void main(String[] arguments) throws Exception {
        Manual manual = ProjectFolder.read(Path.of(arguments[0])).manual();
        Path folder = Path.of(arguments[1]);
        Random random = new Random(Long.parseLong(arguments[2]));
        Deed.Begun begun =
                new Deed.Begun(
                        manual.unit().models().get(0).name(),
                        String.valueOf(1 + random.nextInt(3000)),
                        null,
                        null,
                        manual.title(),
                        "",
                        "");
        boolean there = java.nio.file.Files.exists(folder.resolve("record.log"));
        Entry first = new Entry(Instant.parse("2026-03-02T07:00:00Z"), "T. Ester", begun);
        try (RunFolder run =
                there ? RunFolder.open(folder) : RunFolder.begin(folder, manual, first)) {
            System.out.println(run.run().size());
            if (run.run().state() == BenchRun.State.FINISHED) {
                return;
            }
            BenchRun going = run.run();
            Technician somebody =
                    new Technician(
                            "T. Ester",
                            Slips.USUAL,
                            new StepTimes(going.work().manual(), going.work().sight()),
                            random.nextLong());
            Instant last = going.entries().get(going.size() - 1).at();
            somebody.work(
                    going,
                    begun,
                    last.plusSeconds(1),
                    entry -> {
                        try {
                            run.append(entry);
                        } catch (ProjectProblem e) {
                            throw new IllegalStateException(e);
                        }
                        System.out.println(going.size());
                    });
        }
    }
}
