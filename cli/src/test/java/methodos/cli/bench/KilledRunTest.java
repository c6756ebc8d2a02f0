package methodos.cli.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import methodos.core.bench.BenchRun;
import methodos.core.bench.RunRecord;
import methodos.demo.DemoProject;
import methodos.files.bench.RecordText;
import methodos.files.bench.RunFolder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The process in which somebody works through a manual is killed (SIGKILL) and begun anew. */
class KilledRunTest {

    private static final int KILLS = Boolean.getBoolean("methodos.long") ? 200 : 12;

    @TempDir private Path temp;

    private Process process(Path project, Path folder, int seed) throws IOException {
        return new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin/java").toString(),
                        "-Xmx256m",
                        "-XX:TieredStopAtLevel=1",
                        "-XX:+UseSerialGC",
                        "-cp",
                        System.getProperty("java.class.path"),
                        WorkedThrough.class.getName(),
                        project.toString(),
                        folder.toString(),
                        String.valueOf(seed))
                .redirectError(temp.resolve("errors").toFile())
                .start();
    }

    @Test
    void noKillLosesMoreThanTheEntryThatWasMade() throws Exception {
        Random random = new Random(2026);
        int kills = 0;
        int torn = 0;
        int finished = 0;
        int number = 0;
        DemoProject demo = DemoProject.QA_80;
        Path project = temp.resolve(demo.name());
        demo.copyTo(project);
        Path folder = RunFolder.of(project).resolve("run0");
        while (kills < KILLS) {
            Process process = process(project, folder, random.nextInt());
            int after = 1 + random.nextInt(60);
            int said = 0;
            boolean killed = false;
            try (BufferedReader out = process.inputReader(StandardCharsets.US_ASCII)) {
                for (String line = out.readLine(); line != null; line = out.readLine()) {
                    said = Integer.parseInt(line);
                    after--;
                    if (after == 0) {
                        process.toHandle().destroyForcibly();
                        killed = true;
                    }
                }
            }
            process.waitFor();
            assertThat(said).as(Files.readString(temp.resolve("errors"))).isPositive();
            RecordText text = RunFolder.text(folder);
            assertThat(text.changed()).isZero();
            assertThat(text.entries().size())
                    .as("said to be on the disk")
                    .isBetween(said, said + 1);
            torn += text.torn() ? 1 : 0;
            kills += killed ? 1 : 0;
            BenchRun run = RunFolder.run(folder, text);
            if (run.state() == BenchRun.State.FINISHED) {
                assertThat(RunRecord.of(run).readings()).isNotEmpty();
                finished++;
                number++;
                demo = DemoProject.values()[number % DemoProject.values().length];
                project = temp.resolve(demo.name());
                if (!Files.exists(project)) {
                    demo.copyTo(project);
                }
                folder = RunFolder.of(project).resolve("run" + number);
            } else {
                assertThat(killed).as("it ends only when the run does").isTrue();
            }
        }
        System.out.println(
                kills
                        + " kills, "
                        + torn
                        + " lines torn, "
                        + finished
                        + " runs gone on to the end");
        assertThat(finished).isPositive();
    }
}
