package methodos.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.ClipBuilder;
import methodos.core.manual.Dismissal;
import methodos.core.manual.Evidence;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.Manual;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Value;
import methodos.core.narration.Caption;
import methodos.core.narration.Drift;
import methodos.core.quantity.Quantity;
import org.junit.jupiter.api.Test;

class CaptionEditsTest {

    private static final Clip CLIP = clip("c1");
    private static final Clip OTHER = clip("c2");
    private static final Caption WRONG = new Caption(10, 12, "undo the glad nut");

    private static Clip clip(String id) {
        return ClipBuilder.builder()
                .id(new Id<>(id))
                .name(id)
                .path(id + ".mp4")
                .duration(60)
                .captions("old")
                .build();
    }

    private static Evidence said(Clip clip, double from, double to, String quote) {
        return new Evidence.Recorded(new Span(clip.id(), from, to), quote);
    }

    private static Step step(String id, Clip clip, boolean accepted, Evidence... said) {
        return Step.of(
                        new Id<>(id),
                        "Undo it.",
                        List.of(new Span(clip.id(), 10, 14)),
                        List.of(said))
                .withAccepted(accepted);
    }

    private static Manual manual() {
        Manual m = Manual.titled("x").withClip(CLIP).withClip(OTHER);
        Joint joint =
                JointBuilder.builder()
                        .id(new Id<>("j1"))
                        .name("gland")
                        .count(1)
                        .torque(
                                new Value.Known(
                                        Quantity.parse("9 N·m"),
                                        List.of(said(CLIP, 10, 14, "undo the glad nut to nine")),
                                        true))
                        .build();
        Id<Stage> down = m.stage(Stage.Kind.TAKE_DOWN).orElseThrow().id();
        return m.withJoint(joint)
                .withNewStep(down, step("s1", CLIP, true, said(CLIP, 9, 13, "undo the glad nut")))
                .withNewStep(down, step("s2", CLIP, false, said(CLIP, 10, 14, "the bolt")))
                .withNewStep(
                        down, step("s3", OTHER, false, said(OTHER, 10, 14, "undo the glad nut")))
                .withDismissals(
                        List.of(new Dismissal(new Span(CLIP.id(), 40, 50), "hello", "chat")));
    }

    private static Evidence.Recorded source(Manual m, String step) {
        return (Evidence.Recorded) m.step(new Id<>(step)).orElseThrow().evidence().get(0);
    }

    @Test
    void whatQuotesTheWordsSaysThemRightly() {
        Manual m =
                CaptionEdits.correct(CLIP, "new", WRONG, "undo the gland nut")
                        .change()
                        .apply(manual());
        assertThat(m.clip(CLIP.id()).orElseThrow().captions()).isEqualTo("new");
        assertThat(source(m, "s1").quote()).isEqualTo("undo the gland nut");
        Value.Known nine = (Value.Known) m.joints().get(0).torque();
        assertThat(((Evidence.Recorded) nine.evidence().get(0)).quote())
                .isEqualTo("undo the gland nut to nine");
        // said elsewhere, or other words
        assertThat(source(m, "s3").quote()).isEqualTo("undo the glad nut");
        assertThat(source(m, "s2").quote()).isEqualTo("the bolt");
    }

    @Test
    void wordsGoAlongAndFootageThatWasAgreedToStays() {
        Manual m = CaptionEdits.retime(CLIP, "new", new Drift(2, 1.1)).change().apply(manual());
        assertThat(source(m, "s1").span())
                .isEqualTo(new Span(CLIP.id(), 2 + 9 * 1.1, 2 + 13 * 1.1));
        assertThat(m.step(new Id<>("s1")).orElseThrow().spans())
                .containsExactly(new Span(CLIP.id(), 10, 14));
        assertThat(m.step(new Id<>("s2")).orElseThrow().spans())
                .containsExactly(new Span(CLIP.id(), 13, 2 + 14 * 1.1));
        assertThat(m.step(new Id<>("s3"))).isEqualTo(manual().step(new Id<>("s3")));
        assertThat(m.dismissals().get(0).span())
                .isEqualTo(new Span(CLIP.id(), 2 + 40 * 1.1, 2 + 50 * 1.1));
    }

    @Test
    void nothingLeavesTheClip() {
        Manual m = CaptionEdits.retime(CLIP, "new", new Drift(30, 1)).change().apply(manual());
        assertThat(m.dismissals().get(0).span()).isEqualTo(new Span(CLIP.id(), 60, 60));
    }
}
