package methodos.desktop.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import methodos.core.bench.BenchRun;
import methodos.core.bench.Deed;
import methodos.core.bench.Entry;
import methodos.core.bench.Task;
import methodos.core.description.Id;
import methodos.core.manual.Manual;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Wait;
import methodos.files.bench.RunFolder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BenchDeskTest {

    private static final Instant MORNING = Instant.parse("2026-03-02T07:00:00Z");

    @TempDir Path temp;

    private Instant now = MORNING;
    private final List<String> trouble = new ArrayList<>();

    private BenchDesk desk(Wait wait) throws Exception {
        Step soak = Step.of(new Id<>("a"), "Soak.", List.of(), List.of()).withWaits(List.of(wait));
        Step wipe = Step.of(new Id<>("b"), "Wipe.", List.of(), List.of());
        Manual empty = Manual.titled("x");
        Stage stage = empty.stages().get(2).withSteps(List.of(soak, wipe));
        RunFolder folder =
                RunFolder.begin(
                        temp.resolve("run"),
                        empty.withStages(List.of(stage)),
                        new Entry(
                                MORNING,
                                "T. Ester",
                                new Deed.Begun("", "7", null, null, "x", "", "")));
        return new BenchDesk(folder, "T. Ester", () -> now, Runnable::run, trouble::add);
    }

    private void later(double seconds) {
        now = now.plusMillis(Math.round(seconds * 1000));
    }

    @Test
    void aWaitRingsOnceAndIsOverByItself() throws Exception {
        BenchDesk desk = desk(new Wait("soak", 600));
        desk.enter(new Deed.Done(desk.here().orElseThrow()));
        later(599);
        assertThat(desk.ring()).isEmpty();
        assertThat(desk.left(desk.run().running().get(0))).isEqualTo(1);
        later(1);
        assertThat(desk.ring()).hasSize(1);
        assertThat(desk.run().running()).isEmpty();
        assertThat(desk.ring()).isEmpty();
        assertThat(RunFolder.text(desk.folder().folder()).entries())
                .last()
                .extracting(Entry::deed)
                .isInstanceOf(Deed.WaitOver.class);
    }

    @Test
    void whereAStateHasToBeReachedSomebodyLooks() throws Exception {
        BenchDesk desk = desk(new Wait("oil runs out", 600, Wait.Bound.AT_LEAST, "no drop"));
        desk.enter(new Deed.Done(desk.here().orElseThrow()));
        later(700);
        assertThat(desk.ring()).hasSize(1);
        assertThat(desk.run().tasks().get(0)).isInstanceOf(Task.Await.class);
    }

    @Test
    void workThatWasCutOffStoppedWithItsLastEntry() throws Exception {
        BenchDesk desk = desk(new Wait("soak", 1));
        later(50);
        desk.enter(new Deed.Done(desk.here().orElseThrow()));
        later(2);
        desk.ring();
        desk.folder().close();
        later(50_000);
        BenchDesk again =
                new BenchDesk(
                        RunFolder.open(desk.folder().folder()),
                        "A. Other",
                        () -> now,
                        Runnable::run,
                        trouble::add);
        assertThat(again.goOn("A. Other")).isEmpty();
        later(5);
        again.enter(new Deed.Done(again.here().orElseThrow()));
        assertThat(again.worked()).isBetween(50.0, 60.0);
        assertThat(again.run().state()).isEqualTo(BenchRun.State.WORKING);
        assertThat(again.run().tasks().get(0)).isInstanceOf(Task.Close.class);
    }

    @Test
    void whatCannotBeWrittenIsSaidAndNothingMoreIsTaken() throws Exception {
        BenchDesk desk = desk(new Wait("soak", 1));
        desk.folder().close();
        desk.enter(new Deed.Done(desk.here().orElseThrow()));
        assertThat(trouble).hasSize(1);
        assertThat(desk.enter(new Deed.Stopped())).isPresent();
        assertThat(RunFolder.text(desk.folder().folder()).entries()).hasSize(1);
    }
}
