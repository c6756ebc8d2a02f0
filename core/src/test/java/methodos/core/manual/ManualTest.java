package methodos.core.manual;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import methodos.core.Samples;
import methodos.core.description.Id;
import org.junit.jupiter.api.Test;

class ManualTest {

    private final Manual manual = Samples.actuator();

    @Test
    void aNewManualHasTheFiveStagesInOrder() {
        assertThat(Manual.titled("x").stages())
                .extracting(Stage::kind)
                .containsExactly(Stage.Kind.values());
    }

    @Test
    void idsAreNeverUsedAgain() {
        Manual m = Manual.titled("x");
        Id<Step> first = m.nextId("s");
        Manual taken = m.withIdTaken();
        assertThat(taken.nextId("s")).isNotEqualTo(first);
        assertThat(taken.withoutStep(first).nextId("s")).isEqualTo(taken.nextId("s"));
    }

    @Test
    void aNewStepGoesWhereItsFootageIs() {
        Id<Stage> stage = manual.stage(Stage.Kind.TAKE_DOWN).orElseThrow().id();
        Manual more =
                manual.withNewStep(stage, Samples.step(new Id<>("s9"), "between", 12.5, 13.5));
        assertThat(more.steps())
                .extracting(Step::id)
                .containsExactly(new Id<>("s1"), new Id<>("s9"), new Id<>("s2"), new Id<>("s3"));
    }

    @Test
    void aStepWithoutFootageGoesLast() {
        Id<Stage> stage = manual.stage(Stage.Kind.TAKE_DOWN).orElseThrow().id();
        Step told = Step.of(new Id<>("s9"), "told only", List.of(), List.of());
        assertThat(manual.withNewStep(stage, told).steps())
                .extracting(Step::id)
                .containsExactly(new Id<>("s1"), new Id<>("s2"), new Id<>("s9"), new Id<>("s3"));
    }

    @Test
    void stepsAreNumberedForTheUnitsLookedAt() {
        StepNumbers all = new StepNumbers(manual, Sight.EVERYTHING);
        assertThat(all.of(new Id<>("s3"))).hasValue(3);
        StepNumbers doubleActing = new StepNumbers(manual, new Sight("QA-80 D", SerialRange.ALL));
        assertThat(doubleActing.of(new Id<>("s2"))).isEmpty();
        assertThat(doubleActing.of(new Id<>("s3"))).hasValue(2);
        assertThat(doubleActing.of(List.of(new Id<>("s3"), new Id<>("s2"), new Id<>("s1"))))
                .containsExactly(1, 2);
        assertThat(doubleActing.count()).isEqualTo(2);
    }

    @Test
    void whatIsRepeatedStaysSoWithoutOneOfItsSteps() {
        Manual repeated =
                manual.withRepeats(
                        List.of(
                                new Repeat(
                                        new Id<>("r"),
                                        new Id<>("s1"),
                                        new Id<>("s2"),
                                        List.of("left cap"))));
        assertThat(new RepeatedSteps(repeated).of(new Id<>("s2"))).isEqualTo(2);
        Manual without = repeated.withoutStep(new Id<>("s1"));
        assertThat(without.repeats())
                .containsExactly(
                        new Repeat(
                                new Id<>("r"),
                                new Id<>("s2"),
                                new Id<>("s2"),
                                List.of("left cap")));
        assertThat(new RepeatedSteps(without).of(new Id<>("s2"))).isEqualTo(2);
        assertThat(without.withoutStep(new Id<>("s2")).repeats()).isEmpty();
        assertThat(repeated.withoutStep(new Id<>("s3")).repeats()).isEqualTo(repeated.repeats());
    }

    @Test
    void deletingAFigureTakesItOutOfTheSteps() {
        Figure figure =
                Figure.of(new Id<>("f1"), "", new Figure.Still(new Id<>("clip1"), 3), "abc");
        Manual with =
                manual.withFigure(figure)
                        .withStep(
                                manual.step(new Id<>("s1"))
                                        .orElseThrow()
                                        .withFigure(new Id<>("f1")));
        Manual without = with.withoutFigure(new Id<>("f1"));
        assertThat(without.figures()).isEmpty();
        assertThat(without.step(new Id<>("s1")).orElseThrow().figures()).isEmpty();
        assertThat(without).isEqualTo(manual);
    }

    @Test
    void findsThingsById() {
        assertThat(manual.part(new Id<>("p1")).orElseThrow().label())
                .isEqualTo("cap screw M6 × 25");
        assertThat(manual.part(new Id<>("none"))).isEmpty();
        assertThat(manual.stageOf(new Id<>("s3")).orElseThrow().kind())
                .isEqualTo(Stage.Kind.BUILD_UP);
        assertThat(manual.clip(new Id<>("clip1"))).isPresent();
        assertThat(manual.variant(new Id<>("v2"))).isPresent();
    }

    @Test
    void aSpanThatEndsBeforeItStartsIsRefused() {
        assertThatThrownBy(() -> new Span(new Id<>("c"), 5, 4))
                .isInstanceOf(IllegalArgumentException.class);
        Span span = new Span(new Id<>("c"), 2, 5);
        assertThat(span.seconds()).isEqualTo(3);
        assertThat(span.contains(2)).isTrue();
        assertThat(span.contains(5)).isFalse();
        assertThat(span.overlaps(5, 6)).isFalse();
        assertThat(span.overlaps(4, 6)).isTrue();
    }

    @Test
    void aMarkIsPutInThePlaceOfTheOneWithItsId() {
        Mark.Callout first =
                new Mark.Callout(new Id<>("m1"), new Id<>("p1"), new Point(.1, .1), null);
        Figure figure = Figure.of(new Id<>("f"), "", null, "x", first);
        Figure moved = figure.withMark(first.withPoint(0, new Point(.5, .5)));
        assertThat(moved.marks()).hasSize(1);
        assertThat(
                        moved.withMark(
                                        new Mark.Callout(
                                                new Id<>("m2"),
                                                new Id<>("p1"),
                                                new Point(0, 0),
                                                null))
                                .marks())
                .hasSize(2);
        assertThat(moved.withoutMark(new Id<>("m1")).marks()).isEmpty();
    }
}
