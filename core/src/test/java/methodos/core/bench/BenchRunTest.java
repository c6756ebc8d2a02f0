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
import methodos.core.manual.Found;
import methodos.core.manual.Hazard;
import methodos.core.manual.Look;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.PartUse;
import methodos.core.manual.Repeat;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Step;
import methodos.core.manual.Wait;
import org.junit.jupiter.api.Test;

class BenchRunTest {

    @Test
    void stepsComeInTheirOrderAndTheWorkIsClosed() {
        Bench bench = Bench.of(plain("a", "b", "c"));
        assertThat(bench.toTheEnd()).containsExactly("a", "b", "c");
        assertThat(bench.kinds()).containsExactly("Close");
        bench.enter(new Deed.Finished());
        assertThat(bench.run.state()).isEqualTo(BenchRun.State.FINISHED);
        bench.refused(new Deed.Noted(new Visit(new Id<>("a"), 1), Deed.Remark.NOTE, "x", ""), "");
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
        assertThat(bench.kinds()).containsExactly("Heed");
        bench.refused(new Deed.Measured(bench.here(), 0, 0, "63", ""), "hazards");
        bench.refused(new Deed.Done(bench.here()), "hazards");
        bench.enter(new Deed.Warned(bench.here()));
        bench.refused(new Deed.Done(bench.here()), "not done yet");
        bench.measure("63");
        bench.done();
        assertThat(bench.run.here()).isEmpty();
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
        assertThat(bad.kinds()).as("a step of the manual is for it").containsExactly("Finish");
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
        assertThat(bench.kinds()).containsExactly("Close");
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
        assertThat(bench.kinds()).containsExactly("Settle");
        bench.refused(new Deed.Done(bench.here()), "asked first");
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
        assertThat(first.kinds()).containsExactly("Choose");
        first.enter(new Deed.Chosen(first.here(), plug.id()));
        assertThat(first.toTheEnd()).containsExactly("a", "c", "d");
        Bench second = Bench.of(manual);
        second.refused(new Deed.Chosen(second.here(), new Id<>("none")), "no such way");
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
        assertThat(bench.kinds()).containsExactly("AskReached");
        bench.refused(new Deed.Reached(first, new Id<>("z"), true), "at least 2");
        bench.enter(new Deed.Reached(first, new Id<>("z"), false));
        bench.done();
        bench.enter(new Deed.Reached(bench.run.visits().get(1).visit(), new Id<>("z"), false));
        assertThat(bench.here()).isEqualTo(new Visit(new Id<>("a"), 3));
        bench.done();
        bench.enter(new Deed.Reached(bench.run.visits().get(2).visit(), new Id<>("z"), false));
        assertThat(bench.here().step().text()).as("three times at most").isEqualTo("b");
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
        assertThat(bench.kinds()).containsExactly("Await");
        bench.refused(new Deed.WaitOver(wait.visit(), 0, ""), "before its time");
        bench.later(600);
        bench.enter(new Deed.WaitOver(wait.visit(), 0, ""));
        assertThat(bench.run.answer(bench.work(), 0, 0).orElseThrow().given()).isEqualTo("6 mm");
        bench.done();
        assertThat(bench.kinds()).containsExactly("Close");
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
    void stopsDoNotCountAndSomebodyElseMayGoOn() {
        Bench bench = Bench.of(plain("a", "b"));
        bench.later(59);
        bench.done();
        bench.enter(new Deed.Stopped());
        bench.refused(new Deed.Done(new Visit(new Id<>("b"), 1)), "Nothing can be entered");
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

    @Test
    void whatALaterEntryPutsOutsideIsSettledBeforeTheWorkIsClosed() {
        Bench bench =
                Bench.of(
                        manual(
                                step(
                                        "a",
                                        s ->
                                                s.withReadings(List.of(reading("r", "≥ 62 mm", 1)))
                                                        .withWaits(List.of(new Wait("soak", 60)))),
                                step("b")));
        Visit measured = bench.here();
        bench.measure("63");
        bench.done();
        bench.later(60);
        bench.enter(new Deed.WaitOver(measured, 0, ""));
        bench.enter(new Deed.Corrected(measured, 0, 0, "61", "read on another line"));
        bench.done();
        assertThat(bench.here()).isEqualTo(measured);
        assertThat(bench.kinds()).containsExactly("Deal");
        bench.refused(new Deed.Finished(), "not done yet");
        bench.enter(
                new Deed.Dealt(
                        measured, new Outside.OfReading(0, 0), "accepted by F. Orman", null));
        bench.done();
        assertThat(bench.run.running()).as("its wait was over").isEmpty();
        assertThat(bench.kinds()).containsExactly("Close");
        bench.enter(new Deed.Finished());
        RunRecord record = RunRecord.of(bench.run);
        assertThat(record.passes()).isFalse();
        assertThat(record.deviations())
                .extracting(Deviation::kind)
                .containsExactly(Deviation.Kind.OUTSIDE, Deviation.Kind.CORRECTED);
    }

    @Test
    void waitingForAWaitIsNoWork() {
        Bench bench =
                Bench.of(manual(step("a").withWaits(List.of(new Wait("soak", 600))), step("b")));
        bench.later(29);
        bench.done();
        assertThat(bench.kinds()).containsExactly("Await");
        assertThat(bench.run.workedAt()).isEmpty();
        bench.later(600);
        bench.enter(new Deed.WaitOver(bench.run.running().get(0).visit(), 0, ""));
        assertThat(bench.run.workedAt()).isPresent();
        bench.later(9);
        bench.done();
        assertThat(bench.run.visits()).extracting(StepWork::seconds).containsExactly(30.0, 10.0);
        assertThat(RunRecord.of(bench.run).elapsed()).isGreaterThan(600);
    }
}
