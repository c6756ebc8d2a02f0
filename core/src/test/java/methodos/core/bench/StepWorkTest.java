package methodos.core.bench;

import static methodos.core.bench.Bench.manual;
import static methodos.core.bench.Bench.reading;
import static methodos.core.bench.Bench.step;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import methodos.core.description.Id;
import methodos.core.manual.Decision;
import methodos.core.manual.Energy;
import methodos.core.manual.EnergyBuilder;
import methodos.core.manual.Fit;
import methodos.core.manual.FitRule;
import methodos.core.manual.Found;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.core.manual.TighteningWay;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.quantity.Quantity;
import org.junit.jupiter.api.Test;

class StepWorkTest {

    @Test
    void whatIsCloseIsMeasuredAgainAndWhatIsOutsideIsSettled() {
        Tool caliper = new Tool(new Id<>("t"), "caliper", "0.1 mm", Tool.Kind.MEASURING, "");
        Manual manual =
                manual(
                                step(
                                        "a",
                                        s ->
                                                s.withReadings(
                                                        List.of(
                                                                reading("r", "≥ 62 mm", 2)
                                                                        .withTool(caliper.id())))))
                        .withTools(List.of(caliper));
        Bench bench = Bench.of(manual);
        bench.measure("62.1");
        assertThat(bench.run.tasks().get(0))
                .isInstanceOfSatisfying(
                        Task.Measure.class,
                        m -> {
                            assertThat(m.which()).isZero();
                            assertThat(m.before()).isPresent();
                        });
        bench.measure("62.1");
        bench.measure("61.8 mm");
        assertThat(bench.kinds()).containsExactly("Deal");
        bench.refused(new Deed.Done(bench.here()), "not done yet");
        Outside second = new Outside.OfReading(0, 1);
        bench.refused(new Deed.Dealt(bench.here(), second, " ", null), "Say what");
        bench.refused(
                new Deed.Dealt(bench.here(), new Outside.OfReading(0, 0), "x", null),
                "nothing to settle");
        bench.enter(new Deed.Dealt(bench.here(), second, "accepted", null));
        assertThat(bench.kinds()).containsExactly("Finish");
        bench.enter(new Deed.Measured(bench.here(), 0, 1, "61.5", ""));
        assertThat(bench.kinds()).as("measured anew, and still outside").containsExactly("Deal");
        bench.measureAgain(0, 1, "63.0");
        bench.done();
        StepWork work = bench.run.visits().get(0);
        assertThat(work.taken(0, 1)).hasSize(3);
        RunRecord.Measured row = RunRecord.of(bench.run).readings().get(1);
        assertThat(row.what()).isEqualTo("r, 2");
        assertThat(row.found().given()).isEqualTo("61.8 mm");
        assertThat(row.left().given()).isEqualTo("63.0 mm");
    }

    @Test
    void anInstrumentsReadingSaysSo() {
        Bench bench =
                Bench.of(
                        manual(
                                step(
                                        "a",
                                        s -> s.withReadings(List.of(reading("r", "≥ 62 mm", 1))))));
        bench.enter(new Deed.Measured(bench.here(), 0, 0, "62.85 mm", "caliper VC-07"));
        bench.done();
        RunRecord record = RunRecord.of(bench.run);
        assertThat(record.readings().get(0).instrument()).isEqualTo("caliper VC-07");
        assertThat(record.instruments()).containsExactly("caliper VC-07");
    }

    @Test
    void aCorrectionIsAddedAndNeverWrittenOver() {
        Bench bench =
                Bench.of(
                        manual(
                                step("a", s -> s.withReadings(List.of(reading("r", "≥ 62 mm", 1)))),
                                step("b")));
        Visit first = bench.here();
        bench.measure("26.9");
        bench.enter(new Deed.Corrected(first, 0, 0, "62.9", "digits swapped"));
        bench.done();
        bench.refused(new Deed.Corrected(first, 0, 0, "63", ""), "Say why");
        bench.enter(new Deed.Corrected(first, 0, 0, "63.9", "read again on the paper"));
        RunRecord record = RunRecord.of(bench.run);
        assertThat(record.readings().get(0).found().given())
                .as("what was typed wrongly was never found")
                .isEqualTo("63.9 mm");
        assertThat(record.deviations())
                .extracting(Deviation::what)
                .containsExactly("r: 26.9 mm → 62.9 mm", "r: 62.9 mm → 63.9 mm");
    }

    private static Decision decision() {
        return new Decision(
                new Id<>("d"),
                "end float",
                new Id<>("a"),
                List.of(
                        new Decision.Measure("g", "gap", Quantity.parse("0 to 3 mm"), null),
                        new Decision.Measure("p", "pawl", null, null, List.of("yes", "no"))),
                List.of(),
                List.of(
                        new Decision.Rule(
                                "g", List.of(new Decision.When("g", "≤ 0.2")), "leave it", null),
                        new Decision.Rule("g", List.of(), null, "p"),
                        new Decision.Rule(
                                "p", List.of(new Decision.When("p", "yes")), "change", null),
                        new Decision.Rule(
                                "p",
                                List.of(),
                                null,
                                null,
                                List.of(),
                                new Decision.Again("g", "turn it", 1, "give up"))));
    }

    @Test
    void aDecisionIsWalkedToItsVerdict() {
        Manual manual =
                manual(
                                step("a"),
                                step(
                                        "b",
                                        s ->
                                                s.withOnlyIfFound(
                                                        new Found.Decided(
                                                                new Id<>("d"), "change"))),
                                step(
                                        "c",
                                        s ->
                                                s.withOnlyIfFound(
                                                        new Found.Decided(
                                                                new Id<>("d"), "give up"))))
                        .withDecisions(List.of(decision()));
        Bench bench = Bench.of(manual);
        Id<Decision> d = new Id<>("d");
        bench.refused(new Deed.Tried(bench.here(), d, "p", "yes", ""), "not asked for");
        bench.refused(new Deed.Tried(bench.here(), d, "g", "4 mm", ""), "not within");
        bench.refused(new Deed.Tried(bench.here(), d, "g", "loose", ""), "");
        bench.enter(new Deed.Tried(bench.here(), d, "g", "0.5", ""));
        bench.refused(new Deed.Done(bench.here()), "not done yet");
        bench.enter(new Deed.Tried(bench.here(), d, "p", "no", ""));
        assertThat(bench.work().decisions().get(0).change()).contains("turn it");
        bench.enter(new Deed.Tried(bench.here(), d, "g", "0.4", ""));
        assertThat(bench.work().decisions().get(0).verdict()).contains("give up");
        assertThat(bench.toTheEnd()).containsExactly("a", "c");
        assertThat(RunRecord.of(bench.run).decisions().get(0).values())
                .containsExactly("gap 0.5", "pawl no", "gap 0.4");
    }

    @Test
    void fastenersAreTightenedRoundByRound() {
        Joint cap =
                JointBuilder.builder()
                        .id(new Id<>("j"))
                        .name("cap")
                        .count(2)
                        .torque(Value.of("7 to 8.5 N·m"))
                        .stages(List.of(Quantity.parse("2.5 N·m")))
                        .build();
        Manual manual =
                manual(step("a", s -> s.withJoints(List.of(cap.id())))).withJoints(List.of(cap));
        Bench bench = Bench.of(manual);
        Visit at = bench.here();
        bench.refused(new Deed.Tightened(at, cap.id(), 1, 0, "", ""), "stage before");
        bench.enter(new Deed.Tightened(at, cap.id(), 0, 0, "", ""));
        bench.refused(new Deed.Tightened(at, cap.id(), 0, 1, "2.7 N·m", "w"), "tighten it again");
        bench.enter(new Deed.Tightened(at, cap.id(), 0, 1, "2.6 N·m", "wrench"));
        bench.enter(new Deed.Tightened(at, cap.id(), 1, 0, "8.5", "wrench"));
        bench.refused(new Deed.Tightened(at, cap.id(), 1, 1, "8.6", "wrench"), "tighten it");
        bench.refused(new Deed.Tightened(at, cap.id(), 1, 2, "", ""), "fewer");
        bench.refused(new Deed.Done(at), "not done yet");
        bench.enter(new Deed.Tightened(at, cap.id(), 1, 1, "7", ""));
        // the final pass, in which the first one gave
        bench.refused(new Deed.Done(at), "not done yet");
        bench.refused(new Deed.Tightened(at, cap.id(), 2, 0, "6.9", ""), "tighten it");
        bench.enter(new Deed.Tightened(at, cap.id(), 2, 0, "8", "wrench"));
        bench.enter(new Deed.Tightened(at, cap.id(), 2, 1, "", ""));
        bench.refused(new Deed.Tightened(at, cap.id(), 3, 0, "", ""), "fewer");
        bench.done();
        assertThat(RunRecord.of(bench.run).tightenings())
                .containsExactly(
                        new RunRecord.Tightened(
                                new RunRecord.Where(1, "", at),
                                "cap",
                                2,
                                "7 to 8.5 N·m",
                                List.of("8", "7")));
    }

    @Test
    void onlySeveralThatTakeLoadFromOneAnotherAreGoneOverOnceMore() {
        Joint staged =
                JointBuilder.builder()
                        .id(new Id<>("j"))
                        .name("cap")
                        .count(4)
                        .torque(Value.of("8 N·m"))
                        .stages(List.of(Quantity.parse("2.5 N·m"), Quantity.parse("5 N·m")))
                        .build();
        assertThat(Fastening.lastRound(staged)).isEqualTo(3);
        assertThat(Fastening.value(staged, 3)).isEqualTo(Fastening.value(staged, 2));
        assertThat(Fastening.lastRound(staged.withCount(1))).isEqualTo(2);
        assertThat(Fastening.lastRound(staged.withStages(List.of()))).isZero();
        // the angle leads past the torque: a wrench would not move
        assertThat(Fastening.lastRound(staged.withFurther(Quantity.parse("90°")))).isEqualTo(2);
        Joint turned = staged.withTurned(Quantity.parse("90°")).withWay(TighteningWay.ANGLE);
        assertThat(Fastening.lastRound(turned)).isZero();
        assertThat(Fastening.value(turned, 0)).isEmpty();
    }

    @Test
    void energiesAreSignedAndASecondPersonIsAnotherOne() {
        Energy air =
                EnergyBuilder.builder()
                        .id(new Id<>("e"))
                        .name("air")
                        .safeSteps(List.of(new Id<>("a")))
                        .restoreSteps(List.of(new Id<>("b")))
                        .build();
        Step witnessed = step("b").withWitness("the foreman");
        Bench bench = Bench.of(manual(step("a"), witnessed).withEnergies(List.of(air)));
        bench.refused(new Deed.Done(bench.here()), "not done yet");
        bench.refused(new Deed.Signed(bench.here(), Deed.Sign.LOCKED, air.id(), ""), "needs a");
        bench.enter(new Deed.Signed(bench.here(), Deed.Sign.LOCKED, air.id(), "T. Ester"));
        bench.done();
        bench.enter(new Deed.Signed(bench.here(), Deed.Sign.GIVEN_BACK, air.id(), "T. Ester"));
        bench.refused(
                new Deed.Signed(bench.here(), Deed.Sign.WITNESSED, null, "t. ester "),
                "second person");
        bench.enter(new Deed.Signed(bench.here(), Deed.Sign.WITNESSED, null, "F. Orman"));
        bench.done();
        assertThat(RunRecord.of(bench.run).signatures())
                .extracting(s -> s.of().sign() + " " + s.energy() + " " + s.of().name())
                .containsExactly(
                        "LOCKED air T. Ester", "GIVEN_BACK air T. Ester", "WITNESSED  F. Orman");
    }

    @Test
    void aSizeIsChosenAndItIsMeasuredAgain() {
        Fit fit =
                new Fit(
                        null,
                        Quantity.parse("0.10 mm"),
                        List.of(Quantity.parse("2.10 mm"), Quantity.parse("2.20 mm")),
                        FitRule.NEAREST);
        Bench bench =
                Bench.of(
                        manual(
                                step("a")
                                        .withReadings(
                                                List.of(
                                                        reading("r", "0.06 to 0.16 mm", 1)
                                                                .withFit(fit)))));
        bench.measure("0.20");
        assertThat(bench.kinds()).containsExactly("Deal");
        bench.enter(new Deed.Fitted(bench.here(), 0, 0, "2.10 mm", "2.20 mm"));
        assertThat(bench.kinds()).contains("Measure");
        bench.measure("0.10");
        bench.done();
        bench.enter(new Deed.Finished());
        assertThat(RunRecord.of(bench.run).passes()).isTrue();
    }
}
