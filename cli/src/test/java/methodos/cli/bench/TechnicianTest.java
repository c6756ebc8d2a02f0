package methodos.cli.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import methodos.core.bench.BenchRun;
import methodos.core.bench.Deed;
import methodos.core.bench.Entry;
import methodos.core.bench.Fastening;
import methodos.core.bench.RunRecord;
import methodos.core.bench.Slips;
import methodos.core.bench.StepWork;
import methodos.core.bench.Technician;
import methodos.core.bench.WorkedManual;
import methodos.core.manual.Answer;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Reading;
import methodos.core.manual.Sight;
import methodos.core.manual.Variant;
import methodos.core.plan.StepTimes;
import methodos.core.practice.PractisedManual;
import methodos.demo.DemoProject;
import methodos.files.bench.RecordText;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Somebody who slips works through the demos, a thousand units of each. */
class TechnicianTest {

    private static final int UNITS = 1000;
    private static final Slips CLUMSY = new Slips(0.1, 0.1, 0.15, 0.3, 0.2, 0.01);

    @TempDir Path temp;

    @ParameterizedTest
    @EnumSource(DemoProject.class)
    void everyWayThroughADemoEndsAndLeavesAWholeRecord(DemoProject demo) throws Exception {
        demo.copyTo(temp.resolve("demo"));
        Manual manual = ProjectFolder.read(temp.resolve("demo")).manual();
        PractisedManual practised = PractisedManual.of(manual);
        List<WorkedManual> worked = new ArrayList<>();
        for (Variant variant : manual.variants()) {
            worked.add(new WorkedManual(practised, Sight.of(variant)));
        }
        SplittableRandom random = new SplittableRandom(26);
        int tried = 0;
        int refused = 0;
        for (int unit = 0; unit < UNITS; unit++) {
            WorkedManual of = worked.get(random.nextInt(worked.size()));
            Technician somebody =
                    new Technician(
                            "T. Ester",
                            CLUMSY,
                            new StepTimes(of.manual(), of.sight()),
                            random.nextLong());
            BenchRun run = new BenchRun(of);
            List<Entry> entries = new ArrayList<>();
            somebody.work(
                    run,
                    new Deed.Begun(
                            of.sight().model(),
                            String.valueOf(unit + 1),
                            null,
                            null,
                            manual.title(),
                            "",
                            ""),
                    Instant.parse("2026-03-02T07:00:00Z"),
                    entries::add);
            tried += somebody.tried();
            refused += somebody.refused();
            assertThat(run.state()).isEqualTo(BenchRun.State.FINISHED);
            assertThat(run.entries()).isEqualTo(entries);
            isWhole(run);
            isSealed(entries, random);
        }
        assertThat(refused).isEqualTo(tried).isGreaterThan(UNITS);
    }

    /** The record comes back as it was, and a byte that is another one is found. */
    private static void isSealed(List<Entry> entries, SplittableRandom random) throws Exception {
        byte[] text = RecordText.text(entries);
        RecordText read = RecordText.of(text);
        assertThat(read.intact()).isTrue();
        assertThat(read.entries()).isEqualTo(entries);
        for (int i = 0; i < 3; i++) {
            byte[] changed = text.clone();
            int at = random.nextInt(text.length);
            changed[at] ^= (byte) (1 + random.nextInt(255));
            assertThat(RecordText.of(changed).intact()).as("byte %d", at).isFalse();
        }
    }

    private static void isWhole(BenchRun run) {
        for (StepWork visit : run.visits()) {
            assertThat(visit.outcome()).isNotEqualTo(StepWork.Outcome.OPEN);
            if (visit.outcome() != StepWork.Outcome.DONE) {
                continue;
            }
            for (int i = 0; i < visit.step().readings().size(); i++) {
                Reading reading = visit.step().readings().get(i);
                for (int n = 0; n < reading.count(); n++) {
                    if (!(reading.answer() instanceof Answer.Reckoned)) {
                        assertThat(visit.taken(i, n)).isNotEmpty();
                    }
                }
            }
            for (int i = 0; i < visit.step().looks().size(); i++) {
                assertThat(visit.looked(i)).isNotEmpty();
            }
            for (Joint joint : run.work().joints(visit.step())) {
                assertThat(visit.done(joint, Fastening.lastRound(joint)))
                        .isEqualTo(Fastening.screws(joint));
            }
        }
        RunRecord record = RunRecord.of(run);
        assertThat(record.hands()).isPositive().isLessThanOrEqualTo(record.elapsed() + 1);
    }
}
