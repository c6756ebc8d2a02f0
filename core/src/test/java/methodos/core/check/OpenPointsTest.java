package methodos.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import methodos.core.Samples;
import methodos.core.change.SeenChange;
import methodos.core.change.SeenSpan;
import methodos.core.description.Id;
import methodos.core.manual.Applicability;
import methodos.core.manual.EnergyBuilder;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.PartUse;
import methodos.core.manual.Point;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.core.manual.Value;
import methodos.core.manual.Variant;
import methodos.core.narration.Workspace;
import methodos.core.scan.FrameScore;
import methodos.core.scan.Scan;
import methodos.core.words.Words;
import org.junit.jupiter.api.Test;

class OpenPointsTest {

    private final Words words = new Words(null, Locale.ENGLISH);

    private List<String> sentences(Manual manual) {
        return OpenPoints.of(
                        new Workspace(manual, Map.of(new Id<>("clip1"), Samples.captions())),
                        Sight.EVERYTHING)
                .stream()
                .map(p -> words.of(p.key(), p.arguments().toArray()))
                .toList();
    }

    @Test
    void openWordsAreCountedForEachClip() {
        assertThat(sentences(Samples.actuator()))
                .containsExactly(
                        "2 stretches of the narration of take-down are neither used nor set aside.");
    }

    @Test
    void anEmptyManualSaysWhereToBegin() {
        List<OpenPoint> points =
                OpenPoints.of(new Workspace(Manual.titled("x"), Map.of()), Sight.EVERYTHING);
        assertThat(points)
                .extracting(OpenPoint::key)
                .containsExactly("open.unit.name", "open.unit.variants", "open.footage.none");
        assertThat(points)
                .extracting(OpenPoint::matter)
                .containsExactly(Matter.UNIT, Matter.UNIT, Matter.FOOTAGE);
    }

    @Test
    void aTorqueThatIsNotKnownIsOpen() {
        Manual m = Samples.actuator();
        m =
                m.withJoint(
                        m.joint(new Id<>("j1"))
                                .orElseThrow()
                                .withTorque(new Value.Open("it is on the data sheet", null)));
        assertThat(sentences(m))
                .contains("Cap to body has no tightening value: it is on the data sheet.");
    }

    @Test
    void aStepOfNoVariantIsNamed() {
        Manual m = Samples.actuator();
        m =
                m.withStep(
                        m.step(new Id<>("s1"))
                                .orElseThrow()
                                .withApplicability(Applicability.model("QA-80 Z")));
        assertThat(sentences(m)).contains("Step 1 applies to no variant.");
    }

    @Test
    void aStepWithoutWordsOrEvidenceIsNamed() {
        Manual m = Samples.actuator();
        m =
                m.withStep(
                        m.step(new Id<>("s1"))
                                .orElseThrow()
                                .withText("")
                                .withSpans(List.of())
                                .withEvidence(List.of()));
        assertThat(sentences(m))
                .contains(
                        "Step 1 has no words.",
                        "Step 1 leads back to nothing: no footage, document or person.");
    }

    @Test
    void anEnergyThatIsNotGivenBackIsNamed() {
        Manual m = Samples.actuator();
        m =
                m.withEnergies(
                        List.of(
                                EnergyBuilder.builder()
                                        .id(new Id<>("e1"))
                                        .name("Compressed air")
                                        .amount("8 bar")
                                        .madeSafe("shut")
                                        .safeSteps(List.of(new Id<>("s1")))
                                        .restoreSteps(List.of())
                                        .build(),
                                EnergyBuilder.builder()
                                        .id(new Id<>("e2"))
                                        .name("Heat")
                                        .safeSteps(List.of())
                                        .restoreSteps(List.of())
                                        .build(),
                                EnergyBuilder.builder()
                                        .id(new Id<>("e3"))
                                        .name("Springs")
                                        .madeSafe("let off")
                                        .safeSteps(List.of(new Id<>("s1")))
                                        .restoreSteps(List.of(new Id<>("s3")))
                                        .build()));
        assertThat(sentences(m))
                .contains(
                        "Compressed air is isolated and never restored.",
                        "Heat: no step isolates it.")
                .noneMatch(s -> s.startsWith("Springs"));
    }

    @Test
    void figuresThatPointNowhereAreNamed() {
        Manual m = Samples.actuator();
        Mark lost = new Mark.Callout(new Id<>("m1"), new Id<>("gone"), new Point(.5, .5), null);
        m = m.withFigure(Figure.of(new Id<>("f1"), "Cap", null, "x", lost));
        assertThat(sentences(m))
                .contains(
                        "Figure “Cap” stands in no step.",
                        "Figure “Cap” points to a part that is no longer in the list.");
    }

    @Test
    void variantsThatOverlapAreNamed() {
        Manual m = Samples.actuator();
        m =
                m.withVariants(
                        List.of(
                                new Variant(
                                        new Id<>("a"), "QA-80 D", SerialRange.upTo(2000), "one"),
                                new Variant(
                                        new Id<>("b"), "QA-80 D", SerialRange.from(2000), "two")));
        assertThat(sentences(m))
                .contains(
                        "QA-80 D has two variants for the same serial numbers: “one” and “two”.",
                        "Model QA-80 S is named, but no serial numbers are claimed for it.");
    }

    @Test
    void gapsBetweenVariantsAreFound() {
        Manual m =
                Samples.actuator()
                        .withVariants(
                                List.of(
                                        new Variant(
                                                new Id<>("a"),
                                                "QA-80 D",
                                                new SerialRange(1000L, 1449L),
                                                "one"),
                                        new Variant(
                                                new Id<>("b"),
                                                "QA-80 D",
                                                SerialRange.from(1500),
                                                "two")));
        assertThat(OpenPoints.gaps(m, "QA-80 D")).containsExactly(new SerialRange(1450L, 1499L));
        assertThat(OpenPoints.gaps(Samples.actuator(), "QA-80 S")).isEmpty();
    }

    @Test
    void aPartInNoKitAndOneWithoutNumberAreNamed() {
        Manual m = Samples.withKits(Samples.actuator(), List.of(Samples.kit("K1", "p2", 2)));
        m = m.withPart(m.part(new Id<>("p1")).orElseThrow().withNumber(""));
        assertThat(sentences(m))
                .contains(
                        "snap ring 48 (25) is always new and in no kit.",
                        "cap screw M6 × 25 has no part number.");
    }

    @Test
    void aStepWhoseFootageShowsNothingIsToBeFilmedAgain() {
        Manual m = Samples.actuator();
        Step step = m.steps().filter(s -> !s.spans().isEmpty()).findFirst().orElseThrow();
        m = m.withStep(step.withFigures(List.of()));
        Span span = step.spans().get(0);
        List<FrameScore> frames = new ArrayList<>();
        for (double t = 0; t < 60; t += 0.5) {
            frames.add(new FrameScore(t, 1, 0, 0, 0.5, 1, 0));
        }
        double middle = (span.start() + span.end()) / 2;
        Scan hopeless =
                new Scan(
                        frames,
                        List.of(),
                        List.of(
                                new Scan.Unusable(0, middle - 0.1, Scan.Why.DARK),
                                new Scan.Unusable(middle - 0.1, 60, Scan.Why.COVERED)),
                        List.of(),
                        List.of());
        Workspace plain = new Workspace(m, Map.of(new Id<>("clip1"), Samples.captions()));
        Workspace scanned = plain.withScan(new Id<>("clip1"), hopeless);
        List<String> said =
                OpenPoints.of(scanned, Sight.EVERYTHING).stream()
                        .filter(p -> p.matter() == Matter.FOOTAGE && step.id().equals(p.step()))
                        .map(p -> words.of(p.key(), p.arguments().toArray()))
                        .toList();
        assertThat(said).containsExactly("Reshoot step 1: something is in the way all the time.");
        Scan fine = new Scan(frames, List.of(), List.of(), List.of(), List.of());
        assertThat(OpenPoints.of(plain.withScan(new Id<>("clip1"), fine), Sight.EVERYTHING))
                .isEqualTo(OpenPoints.of(plain, Sight.EVERYTHING));
        Workspace pictured = scanned.with(m.withStep(step.withFigures(List.of(new Id<>("f1")))));
        assertThat(OpenPoints.of(pictured, Sight.EVERYTHING))
                .noneMatch(p -> p.matter() == Matter.FOOTAGE && step.id().equals(p.step()));
    }

    @Test
    void whatTheFilmShowsOtherwiseThanTheWordsTell() {
        Manual m = Samples.actuator();
        Step step =
                m.steps()
                        .filter(s -> !s.spans().isEmpty())
                        .findFirst()
                        .orElseThrow()
                        .withParts(
                                List.of(
                                        new PartUse(
                                                m.parts().get(0).id(),
                                                4,
                                                PartUse.Handling.TAKEN_OFF,
                                                null,
                                                "",
                                                List.of(),
                                                null)));
        Workspace plain =
                new Workspace(m.withStep(step), Map.of(new Id<>("clip1"), Samples.captions()));
        assertThat(seenPoints(plain, step, List.of()))
                .containsExactly("Step 1 takes off 4 parts, and nothing is gone in its footage.");
        assertThat(seenPoints(plain, step, List.of(gone(.2), gone(.5), gone(.8))))
                .containsExactly("Step 1 handles 4 parts, and 3 places changed in its footage.");
        assertThat(seenPoints(plain, step, List.of(gone(.2), gone(.4), gone(.6), gone(.8))))
                .isEmpty();
    }

    private static SeenChange gone(double x) {
        return new SeenChange(
                SeenChange.Kind.GONE, new Point(x, .5), .1, .1, List.of(), .9, null, 0);
    }

    private List<String> seenPoints(Workspace plain, Step step, List<SeenChange> changes) {
        Workspace seen = plain.withSeen(Map.of(step.id(), new SeenSpan(1, 2, changes)));
        return OpenPoints.of(seen, Sight.EVERYTHING).stream()
                .filter(p -> p.key().startsWith("open.footage.seen"))
                .map(p -> words.of(p.key(), p.arguments().toArray()))
                .toList();
    }
}
