package methodos.core.bench;

import static methodos.core.bench.Bench.manual;
import static methodos.core.bench.Bench.plain;
import static methodos.core.bench.Bench.reading;
import static methodos.core.bench.Bench.step;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import methodos.core.description.Id;
import methodos.core.manual.Alternative;
import methodos.core.manual.Answer;
import methodos.core.manual.Decision;
import methodos.core.manual.Energy;
import methodos.core.manual.EnergyBuilder;
import methodos.core.manual.Fit;
import methodos.core.manual.FitRule;
import methodos.core.manual.Found;
import methodos.core.manual.Hazard;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.Look;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.PartUse;
import methodos.core.manual.Repeat;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.manual.Wait;
import methodos.core.quantity.Quantity;
import org.junit.jupiter.api.Test;

class BenchRunTest {

    private static List<String> kinds(Bench bench) {
        return bench.run.tasks().stream().map(t -> t.getClass().getSimpleName()).toList();
    }

    private static void refused(Bench bench, Deed deed, String why) {
        int before = bench.run.size();
        assertThatThrownBy(() -> bench.enter(deed))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(why);
        assertThat(bench.run.size()).isEqualTo(before);
    }

    @Test
    void stepsComeInTheirOrderAndTheWorkIsClosed() {
        Bench bench = Bench.of(plain("a", "b", "c"));
        assertThat(bench.toTheEnd()).containsExactly("a", "b", "c");
        assertThat(kinds(bench)).containsExactly("Close");
        bench.enter(new Deed.Finished());
        assertThat(bench.run.state()).isEqualTo(BenchRun.State.FINISHED);
        refused(bench, new Deed.Noted(new Visit(new Id<>("a"), 1), Deed.Remark.NOTE, "x", ""), "");
    }

    @Test
    void aHazardIsHeededBeforeAnythingElseOfItsStep() {
        Hazard spring = new Hazard(Hazard.SignalWord.WARNING, "Springs fly.", "", "Stand aside.");
        Bench bench =
                Bench.of(
                        manual(
                                step(
                                        "a",
                                        s ->
                                                s.withHazards(List.of(spring))
                                                        .withReadings(
                                                                List.of(
                                                                        reading(
                                                                                "r", "≥ 62 mm",
                                                                                1))))));
        assertThat(kinds(bench)).containsExactly("Heed");
        refused(bench, new Deed.Measured(bench.here(), 0, 0, "63", ""), "hazards");
        refused(bench, new Deed.Done(bench.here()), "hazards");
        bench.enter(new Deed.Warned(bench.here()));
        refused(bench, new Deed.Done(bench.here()), "not done yet");
        bench.measure("63");
        bench.done();
        assertThat(bench.run.here()).isEmpty();
    }

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
        assertThat(kinds(bench)).containsExactly("Deal");
        refused(bench, new Deed.Done(bench.here()), "not done yet");
        Outside second = new Outside.OfReading(0, 1);
        refused(bench, new Deed.Dealt(bench.here(), second, " ", null), "Say what");
        refused(
                bench,
                new Deed.Dealt(bench.here(), new Outside.OfReading(0, 0), "x", null),
                "nothing to settle");
        bench.enter(new Deed.Dealt(bench.here(), second, "accepted", null));
        assertThat(kinds(bench)).containsExactly("Finish");
        bench.enter(new Deed.Measured(bench.here(), 0, 1, "61.5", ""));
        assertThat(kinds(bench)).as("measured anew, and still outside").containsExactly("Deal");
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
        refused(bench, new Deed.Corrected(first, 0, 0, "63", ""), "Say why");
        bench.enter(new Deed.Corrected(first, 0, 0, "63.9", "read again on the paper"));
        RunRecord record = RunRecord.of(bench.run);
        assertThat(record.readings().get(0).found().given())
                .as("what was typed wrongly was never found")
                .isEqualTo("63.9 mm");
        assertThat(record.deviations())
                .extracting(Deviation::what)
                .containsExactly("r: 26.9 mm → 62.9 mm", "r: 62.9 mm → 63.9 mm");
    }

    private static Manual branching() {
        return manual(
                step(
                        "measure",
                        s ->
                                s.withReadings(List.of(reading("r", "≥ 62 mm", 1)))
                                        .withLooks(List.of(Look.of("rust").withId(new Id<>("l"))))),
                step("change", s -> s.withOnlyIfFound(new Found.Outside(new Id<>("r")))),
                step("clean", s -> s.withOnlyIfFound(new Found.Fails(new Id<>("l")))),
                step("end"));
    }

    @Test
    void aBranchIsTakenWhereItsReasonWasFound() {
        Bench good = Bench.of(branching());
        good.measure("63");
        good.enter(new Deed.Looked(good.here(), 0, true));
        assertThat(good.toTheEnd()).containsExactly("measure", "end");
        Bench bad = Bench.of(branching());
        bad.measure("61");
        bad.enter(new Deed.Looked(bad.here(), 0, false));
        assertThat(kinds(bad)).as("a step of the manual is for it").containsExactly("Finish");
        assertThat(bad.toTheEnd()).containsExactly("measure", "change", "clean", "end");
        bad.enter(new Deed.Finished());
        assertThat(RunRecord.of(bad.run).passes()).isTrue();
    }

    @Test
    void whatBecomesDueByACorrectionIsStillDone() {
        Bench bench = Bench.of(branching());
        Visit measured = bench.here();
        bench.measure("63");
        bench.enter(new Deed.Looked(bench.here(), 0, true));
        bench.done();
        assertThat(bench.here().step().text()).isEqualTo("end");
        bench.enter(new Deed.Corrected(measured, 0, 0, "60", "wrong spring"));
        bench.done();
        assertThat(bench.here().step().text()).isEqualTo("change");
        bench.done();
        assertThat(kinds(bench)).containsExactly("Close");
    }

    @Test
    void whatTheRunHasNotComeByIsAsked() {
        Manual manual =
                manual(
                        step(
                                "change",
                                s -> s.withOnlyIfFound(new Found.Cause(new Id<>("x"), "worn"))),
                        step("paint", s -> s.withOptional(true)),
                        step("oil", s -> s.withOnlyIf("it is dry")),
                        step("end"));
        Bench bench = Bench.of(manual);
        assertThat(kinds(bench)).containsExactly("Settle");
        refused(bench, new Deed.Done(bench.here()), "asked first");
        bench.enter(new Deed.Settled(bench.here(), false));
        bench.enter(new Deed.Settled(bench.here(), true));
        bench.done();
        bench.enter(new Deed.Settled(bench.here(), false));
        assertThat(bench.toTheEnd()).containsExactly("end");
        assertThat(RunRecord.of(bench.run).deviations())
                .extracting(Deviation::what)
                .containsExactly("change", "oil");
    }

    @Test
    void ofSeveralWaysOneIsTaken() {
        Alternative.Way plug = new Alternative.Way(new Id<>("w1"), "plug", "");
        Alternative.Way hose = new Alternative.Way(new Id<>("w2"), "hose", "");
        Manual manual =
                manual(
                                step("a", s -> s.withWay(plug.id())),
                                step("b", s -> s.withWay(hose.id())),
                                step("c", s -> s.withWay(plug.id())),
                                step("d"))
                        .withAlternatives(
                                List.of(
                                        new Alternative(
                                                new Id<>("alt"), "fill", List.of(plug, hose))));
        Bench first = Bench.of(manual);
        assertThat(kinds(first)).containsExactly("Choose");
        first.enter(new Deed.Chosen(first.here(), plug.id()));
        assertThat(first.toTheEnd()).containsExactly("a", "c", "d");
        Bench second = Bench.of(manual);
        refused(second, new Deed.Chosen(second.here(), new Id<>("none")), "no such way");
        second.enter(new Deed.Chosen(second.here(), hose.id()));
        assertThat(second.toTheEnd()).containsExactly("b", "d");
    }

    @Test
    void repeatsAreCounted() {
        Manual manual =
                plain("a", "b", "c", "d")
                        .withRepeats(
                                List.of(
                                        new Repeat(
                                                new Id<>("z1"),
                                                new Id<>("b"),
                                                new Id<>("c"),
                                                List.of("left", "right")),
                                        new Repeat(
                                                new Id<>("z2"),
                                                new Id<>("c"),
                                                new Id<>("c"),
                                                List.of("below"))));
        Bench bench = Bench.of(manual);
        assertThat(bench.toTheEnd())
                .containsExactly("a", "b", "c", "c", "b", "c", "c", "b", "c", "c", "d");
        assertThat(bench.run.visits().stream().map(StepWork::place))
                .containsExactly(
                        "",
                        "",
                        "",
                        "below",
                        "left",
                        "left",
                        "below, left",
                        "right",
                        "right",
                        "below, right",
                        "");
    }

    @Test
    void aRepeatGoesOnUntilItsEndIsReached() {
        Manual manual =
                plain("a", "b")
                        .withRepeats(
                                List.of(
                                        new Repeat(
                                                new Id<>("z"),
                                                new Id<>("a"),
                                                new Id<>("a"),
                                                List.of(),
                                                "no air comes",
                                                2,
                                                3,
                                                "call")));
        Bench bench = Bench.of(manual);
        Visit first = bench.here();
        bench.done();
        assertThat(kinds(bench)).containsExactly("AskReached");
        refused(bench, new Deed.Reached(first, new Id<>("z"), true), "at least 2");
        bench.enter(new Deed.Reached(first, new Id<>("z"), false));
        bench.done();
        bench.enter(new Deed.Reached(bench.run.visits().get(1).visit(), new Id<>("z"), false));
        assertThat(bench.here()).isEqualTo(new Visit(new Id<>("a"), 3));
        bench.done();
        bench.enter(new Deed.Reached(bench.run.visits().get(2).visit(), new Id<>("z"), false));
        assertThat(bench.here().step().text()).as("three times at most").isEqualTo("b");
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
        refused(bench, new Deed.Tried(bench.here(), d, "p", "yes", ""), "not asked for");
        refused(bench, new Deed.Tried(bench.here(), d, "g", "4 mm", ""), "not within");
        refused(bench, new Deed.Tried(bench.here(), d, "g", "loose", ""), "");
        bench.enter(new Deed.Tried(bench.here(), d, "g", "0.5", ""));
        refused(bench, new Deed.Done(bench.here()), "not done yet");
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
        refused(bench, new Deed.Tightened(at, cap.id(), 1, 0, "", ""), "stage before");
        bench.enter(new Deed.Tightened(at, cap.id(), 0, 0, "", ""));
        refused(bench, new Deed.Tightened(at, cap.id(), 0, 1, "2.7 N·m", "w"), "tighten it again");
        bench.enter(new Deed.Tightened(at, cap.id(), 0, 1, "2.6 N·m", "wrench"));
        bench.enter(new Deed.Tightened(at, cap.id(), 1, 0, "8.5", "wrench"));
        refused(bench, new Deed.Tightened(at, cap.id(), 1, 1, "8.6", "wrench"), "tighten it");
        refused(bench, new Deed.Tightened(at, cap.id(), 1, 2, "", ""), "fewer");
        refused(bench, new Deed.Done(at), "not done yet");
        bench.enter(new Deed.Tightened(at, cap.id(), 1, 1, "7", ""));
        bench.done();
        assertThat(RunRecord.of(bench.run).tightenings())
                .containsExactly(
                        new RunRecord.Tightened(
                                new RunRecord.Where(1, "", at),
                                "cap",
                                2,
                                "7 to 8.5 N·m",
                                List.of("8.5", "7")));
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
        refused(bench, new Deed.Done(bench.here()), "not done yet");
        refused(bench, new Deed.Signed(bench.here(), Deed.Sign.LOCKED, air.id(), ""), "needs a");
        bench.enter(new Deed.Signed(bench.here(), Deed.Sign.LOCKED, air.id(), "T. Ester"));
        bench.done();
        bench.enter(new Deed.Signed(bench.here(), Deed.Sign.GIVEN_BACK, air.id(), "T. Ester"));
        refused(
                bench,
                new Deed.Signed(bench.here(), Deed.Sign.WITNESSED, null, "t. ester "),
                "second person");
        bench.enter(new Deed.Signed(bench.here(), Deed.Sign.WITNESSED, null, "F. Orman"));
        bench.done();
        assertThat(RunRecord.of(bench.run).signatures())
                .extracting(s -> s.of().sign() + " " + s.energy() + " " + s.of().name())
                .containsExactly(
                        "LOCKED air T. Ester", "GIVEN_BACK air T. Ester", "WITNESSED  F. Orman");
    }

    private static Part part(String id) {
        return PartBuilder.builder()
                .id(new Id<>(id))
                .item(id)
                .name(id)
                .quantity(1)
                .reuse(ReuseRule.INSPECT)
                .build();
    }

    @Test
    void otherWorkGoesOnWhileAWaitRuns() {
        Part lid = part("x");
        Part drum = part("p").withCoveredBy(List.of(lid.id()));
        Part lever = part("q").withCoveredBy(List.of(lid.id()));
        Step first =
                step("a")
                        .withParts(List.of(new PartUse(drum.id(), 1)))
                        .withWaits(List.of(new Wait("soak", 600)))
                        .withReadings(List.of(reading("r", "≥ 1 mm", 1).withSymbol("h")));
        Step aside =
                step("b")
                        .withParts(List.of(new PartUse(lever.id(), 1)))
                        .withReadings(List.of(reading("q", "≥ 1 mm", 1)));
        Step bound =
                step("c")
                        .withParts(List.of(new PartUse(drum.id(), 1, PartUse.Handling.TAKEN_OFF)))
                        .withReadings(
                                List.of(
                                        reading("s", "≥ 1 mm", 1)
                                                .withAnswer(new Answer.Reckoned("h + 1", "mm"))));
        Manual manual = manual(first, aside, bound).withParts(List.of(lid, drum, lever));
        Bench bench = Bench.of(manual);
        bench.measure("5");
        bench.done();
        Task.RunningWait wait = bench.run.running().get(0);
        bench.measure("5");
        bench.done();
        assertThat(kinds(bench)).containsExactly("Await");
        refused(bench, new Deed.WaitOver(wait.visit(), 0, ""), "before its time");
        bench.later(600);
        bench.enter(new Deed.WaitOver(wait.visit(), 0, ""));
        assertThat(bench.run.answer(bench.work(), 0, 0).orElseThrow().given()).isEqualTo("6 mm");
        bench.done();
        assertThat(kinds(bench)).containsExactly("Close");
    }

    @Test
    void aWaitThatIsCutIsADeviation() {
        Bench bench = Bench.of(manual(step("a").withWaits(List.of(new Wait("soak", 600)))));
        bench.done();
        Visit visit = bench.run.running().get(0).visit();
        bench.enter(new Deed.WaitOver(visit, 0, "it is dry"));
        bench.enter(new Deed.Finished());
        assertThat(RunRecord.of(bench.run).deviations().get(0).why()).isEqualTo("it is dry");
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
        assertThat(kinds(bench)).containsExactly("Deal");
        bench.enter(new Deed.Fitted(bench.here(), 0, 0, "2.10 mm", "2.20 mm"));
        assertThat(kinds(bench)).contains("Measure");
        bench.measure("0.10");
        bench.done();
        bench.enter(new Deed.Finished());
        assertThat(RunRecord.of(bench.run).passes()).isTrue();
    }

    @Test
    void stopsDoNotCountAndSomebodyElseMayGoOn() {
        Bench bench = Bench.of(plain("a", "b"));
        bench.later(59);
        bench.done();
        bench.enter(new Deed.Stopped());
        refused(bench, new Deed.Done(new Visit(new Id<>("b"), 1)), "Nothing can be entered");
        bench.later(36_000);
        bench.run.take(
                new Entry(bench.entry(new Deed.WentOn()).at(), "A. Other", new Deed.WentOn()));
        bench.later(9);
        bench.done();
        RunRecord record = RunRecord.of(bench.run);
        assertThat(record.hands()).isBetween(68.0, 75.0);
        assertThat(record.elapsed()).isLessThan(100);
        assertThat(record.people()).containsExactly("T. Ester", "A. Other");
        assertThatThrownBy(
                        () ->
                                bench.run.take(
                                        new Entry(
                                                java.time.Instant.EPOCH,
                                                "x",
                                                new Deed.GivenUp("x"))))
                .hasMessageContaining("clock");
    }

    @Test
    void theSameEntriesGiveTheSameRun() {
        Bench bench = Bench.of(branching());
        bench.measure("61");
        bench.enter(new Deed.Looked(bench.here(), 0, true));
        bench.done();
        BenchRun again = BenchRun.of(bench.run.work(), bench.run.entries());
        assertThat(again.tasks()).isEqualTo(bench.run.tasks());
        assertThat(again.here().orElseThrow().visit()).isEqualTo(bench.here());
    }
}
