package methodos.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import methodos.core.Samples;
import methodos.core.description.Id;
import methodos.core.description.RecordShape;
import methodos.core.manual.Clip;
import methodos.core.manual.EnergyBuilder;
import methodos.core.manual.Evidence;
import methodos.core.manual.Hazard;
import methodos.core.manual.Manual;
import methodos.core.manual.PartUse;
import methodos.core.manual.Repeat;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.core.manual.Wait;
import methodos.core.sense.Sense;
import methodos.fixtures.FilledManual;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class StepSplittingTest {

    static LongStream seeds() {
        return LongStream.range(0, 300);
    }

    private record Halves(Manual manual, Step head, Step tail) {}

    private static Halves split(Manual manual, Id<Step> step, Id<Clip> clip, double at) {
        Manual after = StepSplitting.split(step, clip, at).change().apply(manual);
        List<Step> steps = after.steps().toList();
        int first = steps.stream().map(Step::id).toList().indexOf(step);
        return new Halves(after, steps.get(first), steps.get(first + 1));
    }

    private static String quotes(List<Evidence> evidence) {
        return evidence.stream()
                .filter(e -> e instanceof Evidence.Recorded)
                .map(e -> ((Evidence.Recorded) e).quote())
                .flatMap(q -> List.of(q.split(" ")).stream())
                .filter(w -> !w.isEmpty())
                .sorted()
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void eachDetailIsInOneOfTheTwoAndBothAreForTheSameUnits(long seed) {
        Manual manual = FilledManual.of(seed);
        Step whole = manual.steps().skip(seed % manual.steps().count()).findFirst().orElseThrow();
        Span span = whole.spans().get(whole.spans().size() - 1);
        double at = (span.start() + span.end()) / 2;
        Halves halves = split(manual, whole.id(), span.clip(), at);
        for (RecordShape.Component c : RecordShape.of(Step.class).components()) {
            boolean cut = List.of("spans", "evidence").contains(c.name());
            if (c.isList() && !cut) {
                List<Object> both = new ArrayList<>((List<?>) c.of(halves.head()));
                both.addAll((List<?>) c.of(halves.tail()));
                assertThat(both)
                        .as(c.name())
                        .containsExactlyInAnyOrderElementsOf(
                                new ArrayList<Object>((List<?>) c.of(whole)));
            }
        }
        assertThat(halves.head().applicability()).isEqualTo(whole.applicability());
        assertThat(halves.tail().applicability()).isEqualTo(whole.applicability());
        assertThat(halves.tail().optional()).isEqualTo(whole.optional());
        assertThat(halves.tail().accepted()).isEqualTo(whole.accepted());
        assertThat(halves.head().why() + halves.tail().why()).isEqualTo(whole.why());
        assertThat(halves.head().expected() + halves.tail().expected()).isEqualTo(whole.expected());
        List<Evidence> evidence = new ArrayList<>(halves.head().evidence());
        evidence.addAll(halves.tail().evidence());
        assertThat(quotes(evidence)).isEqualTo(quotes(whole.evidence()));
        double seconds =
                halves.head().spans().stream().mapToDouble(Span::seconds).sum()
                        + halves.tail().spans().stream().mapToDouble(Span::seconds).sum();
        assertThat(seconds)
                .isCloseTo(
                        whole.spans().stream().mapToDouble(Span::seconds).sum(),
                        org.assertj.core.data.Offset.offset(1e-6));
        assertThat(Sense.of(halves.manual())).isEmpty();
    }

    private static Step caps() {
        Span span = new Span(new Id<>("clip1"), 10, 20);
        return Step.of(
                        new Id<>("x"),
                        "Loosen the four cap screws. Take the springs out.",
                        List.of(span),
                        List.of(
                                new Evidence.Recorded(
                                        span,
                                        "now loosen these four cap screws and then take all the springs out")))
                .withParts(List.of(new PartUse(new Id<>("p1"), 4), new PartUse(new Id<>("p3"), 5)))
                .withHazards(
                        List.of(new Hazard(Hazard.SignalWord.WARNING, "The springs fly", "", "")))
                .withWaits(List.of(new Wait("let it settle", 60)))
                .withApplicability(Samples.SPRING_RETURN)
                .withWhy("the springs push the cap")
                .withExpected("It stands still.");
    }

    private static Manual with(Step step) {
        Manual m = Samples.actuator();
        return m.withStages(List.of(m.stages().get(1).withSteps(List.of(step))));
    }

    @Test
    void aDetailIsWhereItsWordsAre() {
        Halves halves = split(with(caps()), new Id<>("x"), new Id<>("clip1"), 15);
        assertThat(halves.head().text()).isEqualTo("Loosen the four cap screws.");
        assertThat(halves.tail().text()).isEqualTo("Take the springs out.");
        assertThat(halves.head().parts()).containsExactly(new PartUse(new Id<>("p1"), 4));
        assertThat(halves.tail().parts()).containsExactly(new PartUse(new Id<>("p3"), 5));
        assertThat(halves.head().hazards()).isEmpty();
        assertThat(halves.tail().hazards()).hasSize(1);
        assertThat(halves.tail().waits()).hasSize(1);
        assertThat(halves.tail().expected()).isEqualTo("It stands still.");
        assertThat(halves.tail().applicability()).isEqualTo(Samples.SPRING_RETURN);
        assertThat(((Evidence.Recorded) halves.tail().evidence().get(0)).quote())
                .isEqualTo("then take all the springs out");
    }

    @Test
    void whatLedToTheStepLeadsToTheHalfThatItIsAbout() {
        Manual m =
                with(caps())
                        .withEnergies(
                                List.of(
                                        EnergyBuilder.builder()
                                                .id(new Id<>("e1"))
                                                .name("spring preload")
                                                .safeSteps(List.of(new Id<>("x")))
                                                .restoreSteps(List.of())
                                                .build()))
                        .withRepeats(
                                List.of(
                                        new Repeat(
                                                new Id<>("r1"),
                                                new Id<>("x"),
                                                new Id<>("x"),
                                                List.of("left"))));
        Halves halves = split(m, new Id<>("x"), new Id<>("clip1"), 15);
        assertThat(halves.manual().energies().get(0).safeSteps())
                .containsExactly(halves.tail().id());
        assertThat(halves.manual().repeats().get(0).to()).isEqualTo(halves.tail().id());
        assertThat(halves.manual().repeats().get(0).from()).isEqualTo(new Id<>("x"));
    }

    @Test
    void aStepOfOneSentenceKeepsItAndTheRestIsAsItWasSaid() {
        Step one = caps().withText("Loosen the cap screws and take the springs out.");
        Halves halves = split(with(one), new Id<>("x"), new Id<>("clip1"), 15);
        assertThat(halves.head().text()).isEqualTo(one.text());
        assertThat(halves.tail().text()).isEqualTo("then take all the springs out");
    }

    @Test
    void outsideItsFootageNothingIsSplit() {
        Manual m = with(caps());
        assertThat(StepSplitting.split(new Id<>("x"), new Id<>("clip1"), 20).change().apply(m))
                .isEqualTo(m);
        assertThat(StepSplitting.split(new Id<>("x"), new Id<>("clip1"), 9).change().apply(m))
                .isEqualTo(m);
        assertThat(StepSplitting.split(new Id<>("nobody"), new Id<>("clip1"), 15).change().apply(m))
                .isEqualTo(m);
    }

    @Test
    void aCopyStandsBehindItsStepAndADeletedStepLeavesNothingThatLedToIt() {
        Manual m =
                with(caps())
                        .withEnergies(
                                List.of(
                                        EnergyBuilder.builder()
                                                .id(new Id<>("e1"))
                                                .name("spring preload")
                                                .safeSteps(List.of(new Id<>("x")))
                                                .restoreSteps(List.of(new Id<>("x")))
                                                .build()));
        Manual copied = StepEdits.copy(new Id<>("x")).change().apply(m);
        List<Step> steps = copied.steps().toList();
        assertThat(steps).hasSize(2);
        assertThat(steps.get(1)).isEqualTo(steps.get(0).withId(steps.get(1).id()));
        assertThat(steps.get(1).id()).isNotEqualTo(new Id<>("x"));
        Manual deleted = StepEdits.delete(new Id<>("x")).change().apply(m);
        assertThat(deleted.energies().get(0).safeSteps()).isEmpty();
        assertThat(deleted.energies().get(0).restoreSteps()).isEmpty();
    }
}
