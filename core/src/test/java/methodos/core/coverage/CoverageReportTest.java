package methodos.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Dismissal;
import methodos.core.manual.Manual;
import methodos.core.manual.PartUse;
import methodos.core.manual.Sight;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.narration.Workspace;
import methodos.core.words.Words;
import org.junit.jupiter.api.Test;

class CoverageReportTest {

    private static final Clip CLIP =
            new Clip(new Id<>("c"), "one", "one.mp4", 1, "d", 100, null, null);

    private static Workspace workspace() {
        Manual manual = Manual.titled("x").withClip(CLIP);
        Id<Stage> stage = manual.stage(Stage.Kind.TAKE_DOWN).orElseThrow().id();
        manual =
                manual.withNewStep(
                                stage,
                                Step.of(
                                        new Id<>("s1"),
                                        "Take the left cap off.",
                                        List.of(new Span(new Id<>("c"), 0, 30)),
                                        List.of()))
                        .withNewStep(
                                stage,
                                Step.of(
                                        new Id<>("s2"),
                                        "Lay it down.",
                                        List.of(new Span(new Id<>("c"), 20, 40)),
                                        List.of()))
                        .withNewStep(
                                stage,
                                Step.of(
                                        new Id<>("s3"),
                                        "Turn it from below.",
                                        List.of(),
                                        List.of()))
                        .withDismissals(
                                List.of(
                                        new Dismissal(
                                                new Span(new Id<>("c"), 35, 60), "well", "talk")));
        Captions captions =
                new Captions(
                        List.of(
                                new Caption(5, 6, "the left cap"),
                                new Caption(50, 51, "well well"),
                                new Caption(80, 81, "and another thing is open")));
        return new Workspace(manual, Map.of(new Id<>("c"), captions));
    }

    @Test
    void footageAndWordsAreUsedSetAsideOrNeither() {
        CoverageReport report = CoverageReport.of(workspace());
        CoverageReport.OfClip clip = report.clips().get(0);
        assertThat(clip.used()).isCloseTo(40, within(1e-9));
        assertThat(clip.aside()).isCloseTo(20, within(1e-9));
        assertThat(clip.neither()).isCloseTo(40, within(1e-9));
        assertThat(clip.wordsUsed()).isEqualTo(3);
        assertThat(clip.wordsAside()).isEqualTo(2);
        assertThat(clip.wordsOpen()).isEqualTo(5);
        assertThat(report.steps()).isEqualTo(3);
        assertThat(report.withFigure()).isZero();
        assertThat(report.withEvidence()).isEqualTo(2);
        assertThat(report.accepted()).isEqualTo(3);
    }

    @Test
    void aStepThatWasNeverFilmedIsOnTheListWithItsSide() {
        List<Reshoot> shots = Reshoot.of(workspace(), Sight.EVERYTHING);
        assertThat(shots)
                .singleElement()
                .satisfies(
                        s -> {
                            assertThat(s.step().id()).isEqualTo(new Id<>("s3"));
                            assertThat(s.number()).isEqualTo(3);
                            assertThat(s.before()).isEqualTo(2);
                            assertThat(s.side()).isEqualTo("below");
                            assertThat(s.why()).isEmpty();
                        });
    }

    @Test
    void whatTheLedgerCannotFollowIsSaid() {
        Words words = new Words(null, Locale.ENGLISH);
        Workspace nothing = workspace();
        Step first = nothing.manual().step(new Id<>("s1")).orElseThrow();
        Workspace one =
                nothing.with(
                        nothing.manual()
                                .withStep(
                                        first.withParts(List.of(new PartUse(new Id<>("p1"), 1)))));

        assertThat(CoverageReport.of(nothing).unfollowed(words))
                .contains(
                        "None of the 3 steps names a part, joint or energy:"
                                + " the ledger follows nothing yet.");
        assertThat(CoverageReport.of(one).unfollowed())
                .containsExactly(new Id<>("s2"), new Id<>("s3"));
        assertThat(CoverageReport.of(one).unfollowed(words))
                .contains(
                        "2 of 3 steps name no part, joint or energy:"
                                + " the ledger cannot follow what is done in them.");
        assertThat(CoverageReport.of(new Workspace(Manual.titled("x"), Map.of())).unfollowed(words))
                .isEmpty();
    }
}
