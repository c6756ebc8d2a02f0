package methodos.core.manual;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import methodos.core.Samples;
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
        String first = m.nextId("s");
        Manual taken = m.withIdTaken();
        assertThat(taken.nextId("s")).isNotEqualTo(first);
        assertThat(taken.withoutStep(first).nextId("s")).isEqualTo(taken.nextId("s"));
    }

    @Test
    void aNewStepGoesWhereItsFootageIs() {
        String stage = manual.stage(Stage.Kind.TAKE_DOWN).orElseThrow().id();
        Manual more = manual.withNewStep(stage, Samples.step("s9", "between", 12.5, 13.5));
        assertThat(more.steps()).extracting(Step::id).containsExactly("s1", "s9", "s2", "s3");
    }

    @Test
    void aStepWithoutFootageGoesLast() {
        String stage = manual.stage(Stage.Kind.TAKE_DOWN).orElseThrow().id();
        Step told = Step.of("s9", "told only", List.of(), List.of());
        assertThat(manual.withNewStep(stage, told).steps())
                .extracting(Step::id)
                .containsExactly("s1", "s2", "s9", "s3");
    }

    @Test
    void stepsAreNumberedForTheUnitsLookedAt() {
        StepNumbers all = new StepNumbers(manual, Sight.EVERYTHING);
        assertThat(all.of("s3")).hasValue(3);
        StepNumbers doubleActing = new StepNumbers(manual, new Sight("QA-80 D", SerialRange.ALL));
        assertThat(doubleActing.of("s2")).isEmpty();
        assertThat(doubleActing.of("s3")).hasValue(2);
        assertThat(doubleActing.of(List.of("s3", "s2", "s1"))).containsExactly(1, 2);
        assertThat(doubleActing.count()).isEqualTo(2);
    }

    @Test
    void whatIsRepeatedStaysSoWithoutOneOfItsSteps() {
        Manual repeated =
                manual.withRepeats(List.of(new Repeat("r", "s1", "s2", List.of("left cap"))));
        assertThat(new RepeatedSteps(repeated).of("s2")).isEqualTo(2);
        Manual without = repeated.withoutStep("s1");
        assertThat(without.repeats())
                .containsExactly(new Repeat("r", "s2", "s2", List.of("left cap")));
        assertThat(new RepeatedSteps(without).of("s2")).isEqualTo(2);
        assertThat(without.withoutStep("s2").repeats()).isEmpty();
        assertThat(repeated.withoutStep("s3").repeats()).isEqualTo(repeated.repeats());
    }

    @Test
    void deletingAFigureTakesItOutOfTheSteps() {
        Figure figure = Figure.of("f1", "", new Figure.Still("clip1", 3), "abc");
        Manual with =
                manual.withFigure(figure)
                        .withStep(manual.step("s1").orElseThrow().withFigure("f1"));
        Manual without = with.withoutFigure("f1");
        assertThat(without.figures()).isEmpty();
        assertThat(without.step("s1").orElseThrow().figures()).isEmpty();
        assertThat(without).isEqualTo(manual);
    }

    @Test
    void findsThingsById() {
        assertThat(manual.part("p1").orElseThrow().label()).isEqualTo("cap screw M6 × 25");
        assertThat(manual.part("none")).isEmpty();
        assertThat(manual.stageOf("s3").orElseThrow().kind()).isEqualTo(Stage.Kind.BUILD_UP);
        assertThat(manual.clip("clip1")).isPresent();
        assertThat(manual.variant("v2")).isPresent();
    }

    @Test
    void aSpanThatEndsBeforeItStartsIsRefused() {
        assertThatThrownBy(() -> new Span("c", 5, 4)).isInstanceOf(IllegalArgumentException.class);
        Span span = new Span("c", 2, 5);
        assertThat(span.seconds()).isEqualTo(3);
        assertThat(span.contains(2)).isTrue();
        assertThat(span.contains(5)).isFalse();
        assertThat(span.overlaps(5, 6)).isFalse();
        assertThat(span.overlaps(4, 6)).isTrue();
    }

    @Test
    void aMarkIsPutInThePlaceOfTheOneWithItsId() {
        Mark.Callout first = new Mark.Callout("m1", "p1", new Point(.1, .1), null);
        Figure figure = Figure.of("f", "", null, "x", first);
        Figure moved = figure.withMark(first.withPoint(0, new Point(.5, .5)));
        assertThat(moved.marks()).hasSize(1);
        assertThat(moved.withMark(new Mark.Callout("m2", "p1", new Point(0, 0), null)).marks())
                .hasSize(2);
        assertThat(moved.withoutMark("m1").marks()).isEmpty();
    }
}
