package methodos.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SchedulerTest {

    private static final double EXACT = 1e-6;

    private static PlannedWork work(String id, double hands, double wait, String... after) {
        return new PlannedWork(id, hands, wait, List.of(after));
    }

    @Test
    void aWaitRunsBesideOtherWork() {
        WorkPlan plan =
                Scheduler.plan(
                        List.of(
                                work("clean", 60, 0),
                                work("strip", 300, 0),
                                work("dry", 0, 240, "clean"),
                                work("grease", 30, 0, "dry", "strip")),
                        1);
        assertThat(plan.elapsed()).isEqualTo(390);
        assertThat(plan.slot("clean").orElseThrow().start()).isZero();
        assertThat(plan.slot("dry").orElseThrow())
                .isEqualTo(new WorkPlan.Slot("dry", 60, 60, 300, WorkPlan.NOBODY));
        assertThat(plan.hands()).isEqualTo(390);
        assertThat(plan.idle()).isZero();
        assertThat(plan.critical()).containsExactly("clean", "dry", "grease");
    }

    @Test
    void aStepThatWaitsForItselfFreesItsPerson() {
        WorkPlan plan =
                Scheduler.plan(
                        List.of(
                                work("glue", 60, 600),
                                work("other", 100, 0),
                                work("load", 20, 0, "glue")),
                        1);
        WorkPlan.Slot glue = plan.slot("glue").orElseThrow();
        assertThat(glue.free()).isEqualTo(60);
        assertThat(glue.end()).isEqualTo(660);
        assertThat(plan.slot("other").orElseThrow().start()).isEqualTo(60);
        assertThat(plan.elapsed()).isEqualTo(680);
        assertThat(plan.idle()).as("nobody works from 160 to 660").isEqualTo(500);
    }

    @Test
    void whatComesLateBeginsLate() {
        WorkPlan plan =
                Scheduler.plan(
                        List.of(
                                new PlannedWork("kit", 60, 0, 600, List.of()),
                                work("strip", 100, 0),
                                work("close", 30, 0, "kit", "strip")),
                        2);
        assertThat(plan.slot("kit").orElseThrow().start()).isEqualTo(600);
        assertThat(plan.elapsed()).isEqualTo(690);
        assertThat(plan.critical()).containsExactly("kit", "close");
    }

    @Test
    void whereNothingIsWonWorkIsDoneAsItIsTold() {
        Random random = new Random(5);
        List<PlannedWork> all = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            String[] after = i % 4 == 3 ? new String[] {"w" + (i - 2)} : new String[0];
            all.add(work("w" + i, 10 + random.nextInt(100), 0, after));
        }
        assertThat(Scheduler.plan(all, 1).slots())
                .extracting(WorkPlan.Slot::id)
                .containsExactlyElementsOf(all.stream().map(PlannedWork::id).toList());
    }

    @Test
    void nothingIsPlannedOfWhatCannotBe() {
        assertThatThrownBy(
                        () ->
                                Scheduler.plan(
                                        List.of(work("a", 1, 0, "b"), work("b", 1, 0, "a")), 1))
                .hasMessageContaining("comes after itself");
        assertThatThrownBy(() -> Scheduler.plan(List.of(work("a", 1, 0, "z")), 1))
                .hasMessage("“a” comes after “z”, which is not there.");
        assertThatThrownBy(() -> Scheduler.plan(List.of(work("a", 1, 0), work("a", 2, 0)), 1))
                .hasMessage("“a” is there twice.");
        assertThatThrownBy(() -> Scheduler.plan(List.of(), 0))
                .hasMessage("A plan needs at least one person.");
        assertThatThrownBy(() -> work("a", -1, 0)).hasMessageContaining("“a”");
        assertThatThrownBy(() -> work("a", 0, Double.NaN)).hasMessageContaining("“a”");
        assertThat(Scheduler.plan(List.of(), 2).elapsed()).isZero();
    }

    /** Against all orders and all divisions among people, each piece as early as it then can. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void noPlanOfSixPiecesIsATenthShorter(int people) {
        Random random = new Random(40 + people);
        int shortest = 0;
        for (int k = 0; k < 100; k++) {
            List<PlannedWork> all = random(random, 3 + random.nextInt(4), 0.3);
            WorkPlan plan = Scheduler.plan(all, people);
            sound(all, people, plan);
            double best = new EveryWay(all, people).shortest();
            assertThat(plan.elapsed()).isCloseTo(best, Percentage.withPercentage(10));
            assertThat(plan.elapsed()).isGreaterThanOrEqualTo(best - EXACT);
            shortest += plan.elapsed() <= best + EXACT ? 1 : 0;
        }
        assertThat(shortest).as("as short as can be, of 100").isGreaterThanOrEqualTo(99);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 4})
    void longWorkIsPlannedWithinItsOrder(int people) {
        Random random = new Random(people);
        List<PlannedWork> all = random(random, 500, 0.01);
        sound(all, people, Scheduler.plan(all, people));
        assertThat(Scheduler.plan(all, people)).isEqualTo(Scheduler.plan(all, people));
    }

    @Test
    void morePeopleNeverTakeLonger() {
        Random random = new Random(9);
        for (int k = 0; k < 30; k++) {
            List<PlannedWork> all = random(random, 20, 0.1);
            double one = Scheduler.plan(all, 1).elapsed();
            double two = Scheduler.plan(all, 2).elapsed();
            assertThat(two).isLessThanOrEqualTo(one + EXACT);
        }
    }

    private static List<PlannedWork> random(Random random, int n, double linked) {
        List<PlannedWork> all = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            List<String> after = new ArrayList<>();
            for (int j = 0; j < i; j++) {
                if (random.nextDouble() < linked) {
                    after.add("w" + j);
                }
            }
            boolean waits = random.nextInt(3) == 0;
            double hands = waits && random.nextBoolean() ? 0 : 10 + random.nextInt(300);
            double wait = waits ? 10 + random.nextInt(600) : 0;
            double from = random.nextInt(5) == 0 ? random.nextInt(400) : 0;
            all.add(new PlannedWork("w" + i, hands, wait, from, after));
        }
        return all;
    }

    private static void sound(List<PlannedWork> all, int people, WorkPlan plan) {
        assertThat(plan.slots()).hasSameSizeAs(all);
        Map<String, WorkPlan.Slot> slots = new HashMap<>();
        plan.slots().forEach(s -> slots.put(s.id(), s));
        double elapsed = 0;
        for (PlannedWork one : all) {
            WorkPlan.Slot slot = slots.get(one.id());
            assertThat(slot.start()).isGreaterThanOrEqualTo(one.from());
            assertThat(slot.free() - slot.start()).isCloseTo(one.hands(), within(EXACT));
            assertThat(slot.end() - slot.free()).isCloseTo(one.alone(), within(EXACT));
            assertThat(slot.person())
                    .isBetween(one.hands() > 0 ? 1 : 0, one.hands() > 0 ? people : 0);
            for (String earlier : one.after()) {
                assertThat(slot.start()).isGreaterThanOrEqualTo(slots.get(earlier).end() - EXACT);
            }
            elapsed = Math.max(elapsed, slot.end());
        }
        assertThat(plan.elapsed()).isCloseTo(elapsed, within(EXACT));
        for (int person = 1; person <= people; person++) {
            int who = person;
            double free = 0;
            for (WorkPlan.Slot slot :
                    plan.slots().stream().filter(s -> s.person() == who).toList()) {
                assertThat(slot.start()).as("nobody twice").isGreaterThanOrEqualTo(free - EXACT);
                free = slot.free();
            }
        }
        chain(all, plan);
    }

    /** The longest chain is one, and no plan is shorter. */
    private static void chain(List<PlannedWork> all, WorkPlan plan) {
        Map<String, PlannedWork> by = new HashMap<>();
        all.forEach(w -> by.put(w.id(), w));
        double lasts = 0;
        for (int k = 0; k < plan.critical().size(); k++) {
            PlannedWork one = by.get(plan.critical().get(k));
            if (k > 0) {
                assertThat(one.after()).contains(plan.critical().get(k - 1));
            }
            lasts = Math.max(lasts, one.from()) + one.hands() + one.alone();
        }
        assertThat(plan.elapsed()).isGreaterThanOrEqualTo(lasts - EXACT);
        double alone = Scheduler.plan(all, Math.max(1, all.size())).elapsed();
        assertThat(lasts).as("with people enough it is all").isCloseTo(alone, within(EXACT));
    }

    /** All orders in which work can be begun, each piece by each person, none put off. */
    private static final class EveryWay {
        private final List<PlannedWork> all;
        private final double[] free;
        private final Map<String, Double> ended = new HashMap<>();
        private double best = Double.POSITIVE_INFINITY;

        EveryWay(List<PlannedWork> all, int people) {
            this.all = all;
            this.free = new double[people];
        }

        double shortest() {
            go(0);
            return best;
        }

        private void go(double elapsed) {
            if (elapsed >= best) {
                return;
            }
            if (ended.size() == all.size()) {
                best = elapsed;
                return;
            }
            for (PlannedWork one : all) {
                if (ended.containsKey(one.id()) || !ended.keySet().containsAll(one.after())) {
                    continue;
                }
                double ready =
                        Math.max(
                                one.from(),
                                one.after().stream().mapToDouble(ended::get).max().orElse(0));
                if (one.hands() == 0) {
                    done(one, ready, elapsed);
                    continue;
                }
                IntStream.range(0, free.length)
                        .forEach(
                                p -> {
                                    double was = free[p];
                                    double start = Math.max(ready, was);
                                    free[p] = start + one.hands();
                                    done(one, start, elapsed);
                                    free[p] = was;
                                });
            }
        }

        private void done(PlannedWork one, double start, double elapsed) {
            double end = start + one.hands() + one.alone();
            ended.put(one.id(), end);
            go(Math.max(elapsed, end));
            ended.remove(one.id());
        }
    }
}
