package methodos.core.figure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.core.narration.Workspace;
import methodos.core.scan.FrameScore;
import methodos.core.scan.Scan;
import methodos.core.words.Words;
import org.junit.jupiter.api.Test;

class ProposedStillTest {

    private static final Words WORDS = new Words(null, Locale.ENGLISH);

    /** 20 s in which the frame at 12 s is far sharper than the others. */
    private static Workspace scanned() {
        List<FrameScore> frames = new ArrayList<>();
        for (int i = 0; i < 200; i++) {
            frames.add(new FrameScore(i / 10.0, i == 120 ? 1 : .7, 0, 0, .5, 1, 0));
        }
        Scan scan = new Scan(frames, List.of(), List.of(), List.of(), List.of());
        Manual manual =
                Manual.titled("x")
                        .withClip(
                                new Clip(new Id<>("a"), "first", "a.mp4", 1, "d", 20, null, null));
        return new Workspace(manual, Map.of(), Map.of(new Id<>("a"), scan));
    }

    private static Step drafted(double from, double to) {
        return Step.of(
                        new Id<>("s1"),
                        "Remove the nut.",
                        List.of(new Span(new Id<>("a"), from, to)),
                        List.of())
                .withAccepted(false);
    }

    @Test
    void aDraftedStepGetsTheClearestFrameOfItsFootage() {
        ProposedStill still = ProposedStill.of(scanned(), drafted(10, 15), WORDS).orElseThrow();
        assertThat(still.still()).isEqualTo(new Figure.Still(new Id<>("a"), 12));
        assertThat(still.words()).contains("sharp");
    }

    @Test
    void nothingIsProposedForWhatIsSettledOrHasNoFootage() {
        Workspace workspace = scanned();
        Step step = drafted(10, 15);
        assertThat(ProposedStill.of(workspace, step.withAccepted(true), WORDS)).isEmpty();
        assertThat(ProposedStill.of(workspace, step.withFigures(List.of(new Id<>("f1"))), WORDS))
                .isEmpty();
        assertThat(ProposedStill.of(workspace, step.withSpans(List.of()), WORDS)).isEmpty();
        Workspace unscanned = new Workspace(workspace.manual(), Map.of());
        assertThat(ProposedStill.of(unscanned, step, WORDS)).isEmpty();
    }
}
