package methodos.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.LongStream;
import methodos.core.Samples;
import methodos.core.description.Id;
import methodos.core.description.RecordShape;
import methodos.core.description.Walk;
import methodos.core.ledger.ManualLedger;
import methodos.core.manual.Applicability;
import methodos.core.manual.Manual;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.Repeat;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Wait;
import methodos.core.practice.PractisedManual;
import methodos.core.sense.Sense;
import methodos.core.words.Words;
import methodos.fixtures.FilledManual;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class StepJoiningTest {

    private static final Words WORDS = new Words(null, Locale.ENGLISH);

    static LongStream seeds() {
        return LongStream.range(0, 300);
    }

    private static Stage longest(Manual manual) {
        return manual.stages().stream()
                .max((a, b) -> Integer.compare(a.steps().size(), b.steps().size()))
                .orElseThrow();
    }

    private static Manual joined(Manual manual, Id<Step> step) {
        return StepJoining.join(step, WORDS).change().apply(manual);
    }

    /** Every text and number that a step holds, at whatever depth. */
    private static List<Object> details(Step step) {
        List<Object> all = new ArrayList<>();
        Walk.through(
                step,
                (where, component, value) -> {
                    if (value instanceof List<?> list) {
                        list.stream().filter(x -> !(x instanceof Record)).forEach(all::add);
                    } else if (!(value instanceof Record) && value != null) {
                        all.add(value);
                    }
                });
        return all;
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void nothingOfEitherStepIsLost(long seed) {
        Manual manual = FilledManual.of(seed);
        Stage stage = longest(manual);
        if (stage.steps().size() < 2) {
            return; // nothing to join in this one
        }
        Step first = stage.steps().get(0);
        Step second = stage.steps().get(1);
        Manual after = joined(manual, first.id());
        Step both = after.step(first.id()).orElseThrow();
        for (RecordShape.Component c : RecordShape.of(Step.class).components()) {
            if (c.isList() && !c.name().equals("parts")) {
                List<Object> wanted = new ArrayList<>((List<?>) c.of(first));
                wanted.addAll((List<?>) c.of(second));
                assertThat(new ArrayList<Object>((List<?>) c.of(both)))
                        .as(c.name())
                        .containsAll(wanted);
            } else if (c.type() == String.class && !c.name().equals("id")) {
                assertThat((String) c.of(both))
                        .as(c.name())
                        .isEqualTo(c.of(first) + " " + c.of(second));
            }
        }
        assertThat(details(both))
                .containsAll(
                        details(first).subList(1, details(first).size()).stream()
                                .filter(
                                        d ->
                                                !(d instanceof String)
                                                        && !(d instanceof Boolean)
                                                        && !(d instanceof Number))
                                .toList());
        assertThat(both.parts().stream().map(PartUse::part))
                .containsAll(first.parts().stream().map(PartUse::part).toList())
                .containsAll(second.parts().stream().map(PartUse::part).toList());
        assertThat(after.step(second.id())).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void nothingIsThereTwiceAndNothingLeadsToTheStepThatIsGone(long seed) {
        Manual manual = FilledManual.of(seed);
        Stage stage = longest(manual);
        if (stage.steps().size() < 2) {
            return; // nothing to join in this one
        }
        Manual after = joined(manual, stage.steps().get(0).id());
        Step both = after.step(stage.steps().get(0).id()).orElseThrow();
        for (List<?> ids :
                List.of(
                        both.tools(),
                        both.consumables(),
                        both.joints(),
                        both.figures(),
                        both.hazards(),
                        both.looks(),
                        both.evidence(),
                        both.spans())) {
            assertThat(new ArrayList<Object>(ids)).doesNotHaveDuplicates();
        }
        assertThat(Sense.of(after)).isEqualTo(Sense.of(manual));
        assertThat(Sense.of(after)).isEmpty();
    }

    private static Manual two(Step first, Step second) {
        Manual m = Samples.actuator();
        Stage stage = m.stages().get(1);
        return m.withStages(List.of(stage.withSteps(List.of(first, second))));
    }

    private static Step step(Id<Step> id, String text) {
        return Step.of(id, text, List.of(), List.of());
    }

    @Test
    void whatBothTakeOffIsTakenOffTogetherAndWhatIsLookedAtIsNotDoubled() {
        Step first =
                step(new Id<>("s1"), "Take two screws out.")
                        .withParts(
                                List.of(
                                        new PartUse(new Id<>("p1"), 2),
                                        new PartUse(new Id<>("p2"), 1, Handling.LOOKED_AT)));
        Step second =
                step(new Id<>("s2"), "Take the other two out.")
                        .withParts(
                                List.of(
                                        new PartUse(new Id<>("p1"), 2),
                                        new PartUse(new Id<>("p2"), 2, Handling.LOOKED_AT),
                                        new PartUse(new Id<>("p2"), 1, Handling.PUT_ON)));
        assertThat(
                        joined(two(first, second), new Id<>("s1"))
                                .step(new Id<>("s1"))
                                .orElseThrow()
                                .parts())
                .containsExactly(
                        new PartUse(new Id<>("p1"), 4),
                        new PartUse(new Id<>("p2"), 2, Handling.LOOKED_AT),
                        new PartUse(new Id<>("p2"), 1, Handling.PUT_ON));
    }

    @Test
    void whatTheLedgerFollowsDoesNotChange() {
        Manual m = Samples.actuator();
        for (int i = 0; i < m.stages().size(); i++) {
            for (Step step : m.stages().get(i).steps()) {
                Manual after = joined(m, step.id());
                assertThat(
                                ManualLedger.of(PractisedManual.of(after)).findings().stream()
                                        .map(f -> f.rule() + f.subject())
                                        .sorted())
                        .isEqualTo(
                                ManualLedger.of(PractisedManual.of(m)).findings().stream()
                                        .map(f -> f.rule() + f.subject())
                                        .sorted()
                                        .toList());
            }
        }
    }

    @Test
    void bothWaitsAreWaited() {
        Wait soak = new Wait("soak", 300);
        Manual m =
                two(
                        step(new Id<>("s1"), "a").withWaits(List.of(soak)),
                        step(new Id<>("s2"), "b").withWaits(List.of(soak)));
        assertThat(joined(m, new Id<>("s1")).step(new Id<>("s1")).orElseThrow().waits())
                .containsExactly(soak, soak);
    }

    @Test
    void whereTheyDoNotAgreeItIsForAllOfTheirUnitsAndInDoubt() {
        Manual m =
                two(
                        step(new Id<>("s1"), "a").withApplicability(Applicability.model("QA-80 S")),
                        step(new Id<>("s2"), "b")
                                .withApplicability(Applicability.model("QA-80 D"))
                                .withOptional(true));
        Step both = joined(m, new Id<>("s1")).step(new Id<>("s1")).orElseThrow();
        assertThat(both.applicability().any()).hasSize(2);
        assertThat(both.optional()).isFalse();
        assertThat(both.doubts())
                .anyMatch(d -> d.contains("one was for QA-80 S, the other for QA-80 D"))
                .anyMatch(d -> d.contains("could be left out"))
                .hasSize(2);
        Step all =
                joined(
                                two(
                                        step(new Id<>("s1"), "a"),
                                        step(new Id<>("s2"), "b").withApplicability(Samples.LATE)),
                                new Id<>("s1"))
                        .step(new Id<>("s1"))
                        .orElseThrow();
        assertThat(all.applicability().all()).isTrue();
        assertThat(all.doubts()).hasSize(1);
        assertThat(
                        joined(
                                        two(step(new Id<>("s1"), "a"), step(new Id<>("s2"), "b")),
                                        new Id<>("s1"))
                                .step(new Id<>("s1"))
                                .orElseThrow()
                                .doubts())
                .isEmpty();
    }

    @Test
    void aRepeatOfOneOfThemIsOfTheJoinedOneAndInDoubt() {
        Manual m =
                two(step(new Id<>("s1"), "a"), step(new Id<>("s2"), "b"))
                        .withRepeats(
                                List.of(
                                        new Repeat(
                                                new Id<>("r1"),
                                                new Id<>("s2"),
                                                new Id<>("s2"),
                                                List.of("left cap"))));
        Manual after = joined(m, new Id<>("s1"));
        assertThat(after.repeats())
                .containsExactly(
                        new Repeat(
                                new Id<>("r1"),
                                new Id<>("s1"),
                                new Id<>("s1"),
                                List.of("left cap")));
        assertThat(after.step(new Id<>("s1")).orElseThrow().doubts())
                .singleElement()
                .asString()
                .contains("left cap");
        Edits edits = new Edits(after);
        edits.apply(
                StepEdits.settleDoubt(
                        new Id<>("s1"), after.step(new Id<>("s1")).orElseThrow().doubts().get(0)));
        assertThat(edits.manual().step(new Id<>("s1")).orElseThrow().doubts()).isEmpty();
    }

    @Test
    void theLastStepOfAStageIsJoinedWithNothing() {
        Manual m = two(step(new Id<>("s1"), "a"), step(new Id<>("s2"), "b"));
        assertThat(joined(m, new Id<>("s2"))).isEqualTo(m);
        assertThat(joined(m, new Id<>("nobody"))).isEqualTo(m);
    }
}
