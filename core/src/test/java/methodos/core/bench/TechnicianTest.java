package methodos.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.plan.StepTimes;
import methodos.core.practice.PractisedManual;
import org.junit.jupiter.api.Test;

class TechnicianTest {

    private static final Slips CLUMSY = new Slips(0.2, 0.2, 0.4, 0.5, 0.3, 0.05);
    private static final Instant MORNING = Instant.parse("2026-03-02T07:00:00Z");
    private static final Deed.Begun BEGUN = new Deed.Begun("", "17", null, null, "", "", "");

    private static List<Entry> worked(BenchRun run, Technician somebody) {
        List<Entry> entries = new ArrayList<>();
        somebody.work(run, BEGUN, MORNING, entries::add);
        return entries;
    }

    /** Whatever the manual: he gets to the end, nothing is slipped past, and it can be followed. */
    @Test
    void everyWayThroughAnyManualEnds() {
        RandomManuals manuals = new RandomManuals(26);
        Map<String, Integer> met = new HashMap<>();
        int refused = 0;
        for (int i = 0; i < 2000; i++) {
            Manual manual = manuals.next();
            WorkedManual work = new WorkedManual(PractisedManual.of(manual), Sight.EVERYTHING);
            Technician somebody =
                    new Technician("T. Ester", CLUMSY, new StepTimes(manual, Sight.EVERYTHING), i);
            BenchRun run = new BenchRun(work);
            List<Entry> entries = worked(run, somebody);
            assertThat(run.state()).as("manual %d", i).isEqualTo(BenchRun.State.FINISHED);
            assertThat(somebody.refused()).isEqualTo(somebody.tried());
            refused += somebody.refused();
            BenchRun again = BenchRun.of(work, entries);
            assertThat(again.state()).isEqualTo(run.state());
            assertThat(RunRecord.of(again).deviations()).isEqualTo(RunRecord.of(run).deviations());
            entries.forEach(e -> met.merge(e.deed().getClass().getSimpleName(), 1, Integer::sum));
        }
        Set<String> all = new HashSet<>();
        for (Class<?> deed : methodos.core.description.Kinds.of(Deed.class)) {
            all.add(deed.getSimpleName());
        }
        // what he has no cause for: things to fetch, sizes to fit, remarks, giving up
        all.removeAll(Set.of("Fetched", "Fitted", "Noted", "GivenUp"));
        assertThat(met.keySet()).containsAll(all);
        assertThat(refused).isGreaterThan(2000);
    }

    @Test
    void theSameSeedGivesTheSameRunAndAnotherAnotherOne() {
        Manual manual = new RandomManuals(4).next();
        WorkedManual work = new WorkedManual(PractisedManual.of(manual), Sight.EVERYTHING);
        StepTimes times = new StepTimes(manual, Sight.EVERYTHING);
        List<Entry> first = worked(new BenchRun(work), new Technician("a", CLUMSY, times, 1));
        List<Entry> same = worked(new BenchRun(work), new Technician("a", CLUMSY, times, 1));
        List<Entry> other = worked(new BenchRun(work), new Technician("a", CLUMSY, times, 2));
        assertThat(same).isEqualTo(first);
        assertThat(other).isNotEqualTo(first);
    }

    @Test
    void whoDoesNotSlipLeavesAUnitThatPasses() {
        Manual manual = Bench.plain("a", "b");
        BenchRun run = new BenchRun(new WorkedManual(PractisedManual.of(manual), Sight.EVERYTHING));
        Technician careful =
                new Technician("a", Slips.NONE, new StepTimes(manual, Sight.EVERYTHING), 1);
        worked(run, careful);
        assertThat(RunRecord.of(run).passes()).isTrue();
        assertThat(careful.tried()).isZero();
        assertThat(RunRecord.of(run).deviations()).isEmpty();
    }
}
