package methodos.narration.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import methodos.core.description.Id;
import methodos.core.edit.DraftEdits;
import methodos.core.edit.StepJoining;
import methodos.core.edit.StepSplitting;
import methodos.core.manual.Clip;
import methodos.core.manual.ClipBuilder;
import methodos.core.manual.Evidence;
import methodos.core.manual.Manual;
import methodos.core.manual.Named;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.PartUse;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.narration.Draft;
import methodos.core.words.Words;
import org.junit.jupiter.api.Test;

class DraftEditsTest {

    private static final Words WORDS = new Words(null, Locale.ENGLISH);
    private static final Clip CLIP =
            ClipBuilder.builder().id(new Id<>("c1")).name("1-outside").duration(60).build();

    private final Manual manual =
            Manual.titled("Overhaul")
                    .withClip(CLIP)
                    .withPart(part(new Id<>("p1"), "cap screw", "M6 × 25"))
                    .withPart(part(new Id<>("p2"), "cap screw", "M8 × 30"))
                    .withPart(part(new Id<>("p3"), "end cap", ""))
                    .withTool(new Tool(new Id<>("t1"), "hex key", "5 mm", Tool.Kind.STANDARD, ""))
                    .withLastId(100);

    private static Part part(Id<Part> id, String name, String size) {
        return PartBuilder.builder().id(id).name(name).size(size).quantity(4).build();
    }

    private static Draft read(String... said) {
        List<Caption> captions = new java.util.ArrayList<>();
        for (int i = 0; i < said.length; i++) {
            captions.add(new Caption(10 * i, 10 * i + 9, said[i]));
        }
        return NarrationReader.english().read(new Captions(captions));
    }

    private Manual drafted(Manual on, String... said) {
        return DraftEdits.draft(new Id<>("c1"), read(said), WORDS).change().apply(on);
    }

    private static List<Step> steps(Manual manual) {
        return manual.steps().toList();
    }

    @Test
    void aDraftedStepHasTheManualsPartsAndItsWords() {
        Manual now =
                drafted(
                        manual,
                        "Remove the four M6 by 25 cap screws from the end cap with a five mil hex key.");
        Step step = steps(now).get(0);
        assertThat(step.accepted()).isFalse();
        assertThat(step.parts())
                .containsExactly(
                        new PartUse(new Id<>("p1"), 4)
                                .withNamed(new Named("cap screw", "M6 x 25", 4)));
        assertThat(step.tools()).containsExactly(new Id<>("t1"));
        assertThat(step.evidence())
                .allSatisfy(
                        e ->
                                assertThat(((Evidence.Recorded) e).quote())
                                        .startsWith("Remove the four"));
        assertThat(now.stageOf(step.id()).orElseThrow().kind()).isEqualTo(Stage.Kind.TAKE_DOWN);
    }

    private Manual made(Manual on, Stage.Kind stage, String said) {
        Span span = new Span(new Id<>("c1"), 0, 9);
        return DraftEdits.make(span, said, stage, read(said), WORDS).change().apply(on);
    }

    @Test
    void aStretchThatIsChosenBecomesOneStepWithAllThatItsWordsSay() {
        Manual now =
                made(
                        manual,
                        Stage.Kind.BUILD_UP,
                        "Fit the end cap and tighten the four M6 by 25 cap screws to 12 newton metres.");
        Step step = steps(now).get(0);
        assertThat(steps(now)).hasSize(1);
        assertThat(step.parts())
                .extracting(PartUse::part)
                .containsExactlyInAnyOrder(new Id<>("p1"), new Id<>("p3"));
        assertThat(now.joint(step.joints().get(0)).orElseThrow().torque().known()).isPresent();
        assertThat(step.spans()).containsExactly(new Span(new Id<>("c1"), 0, 9));
        assertThat(step.evidence())
                .singleElement()
                .satisfies(e -> assertThat(((Evidence.Recorded) e).quote()).startsWith("Fit the"));
        assertThat(now.stageOf(step.id()).orElseThrow().kind()).isEqualTo(Stage.Kind.BUILD_UP);
        assertThat(step.accepted()).isTrue();
    }

    @Test
    void aStretchThatAsksSomethingStaysDraftedAndOneWithoutWorkHasItsWords() {
        Step asks = steps(made(manual, Stage.Kind.TAKE_DOWN, "Remove the cap screws.")).get(0);
        assertThat(asks.accepted()).isFalse();
        assertThat(asks.questions().get(0).answers()).hasSize(2);

        Step plain = steps(made(manual, Stage.Kind.TAKE_DOWN, "Hello and welcome back.")).get(0);
        assertThat(plain.text()).isEqualTo("Hello and welcome back.");
        assertThat(plain.accepted()).isTrue();
    }

    @Test
    void whereTheWordsDoNotTellWhichPartNoneIsTaken() {
        assertThat(steps(drafted(manual, "Remove the cap screws.")).get(0).parts()).isEmpty();
    }

    @Test
    void aTorqueIsADraftedValueUntilItsStepIsAccepted() {
        Manual now = drafted(manual, "Tighten the M8 by 30 cap screws to 7 to 8.5 newton metres.");
        Step step = steps(now).get(0);
        var torque = now.joint(step.joints().get(0)).orElseThrow().torque();
        assertThat(torque.known().orElseThrow().print()).isEqualTo("7 to 8.5 N·m");
        assertThat(((Value.Known) torque).accepted()).isFalse();
        Manual agreed = DraftEdits.accept(step.id()).change().apply(now);
        assertThat(agreed.step(step.id()).orElseThrow().accepted()).isTrue();
        assertThat(
                        ((Value.Known) agreed.joint(step.joints().get(0)).orElseThrow().torque())
                                .accepted())
                .isTrue();
    }

    @Test
    void whatIsLeftToADocumentIsAnOpenValue() {
        Manual now = drafted(manual, "Tighten the end cap, the torque is in the manual.");
        assertThat(now.joints())
                .anySatisfy(j -> assertThat(j.torque()).isInstanceOf(Value.Open.class));
    }

    @Test
    void draftingAgainKeepsWhatIsSettled() {
        String[] said = {"Remove the end cap.", "Clean the body.", "Inspect the rack."};
        Manual first = drafted(manual, said);
        assertThat(steps(first)).hasSize(3);
        Manual settled = DraftEdits.accept(steps(first).get(0).id()).change().apply(first);
        Id<Step> second = steps(first).get(1).id();
        settled = DraftEdits.setAside(second, "said twice").change().apply(settled);
        assertThat(settled.dismissals()).hasSize(1);
        Manual again = drafted(settled, said);
        assertThat(steps(again)).hasSize(2);
        assertThat(steps(again).get(0)).isEqualTo(steps(settled).get(0));
        assertThat(again.step(second)).isEmpty();
        assertThat(steps(again).get(1).id()).isNotEqualTo(steps(settled).get(1).id());
    }

    @Test
    void joinedStepsHaveTheWordsOfBothAndSplitOnesShareThem() {
        Manual now = drafted(manual, "Remove the end cap.", "Remove the piston.");
        Id<Step> id = steps(now).get(0).id();
        Manual joined = StepJoining.join(id, WORDS).change().apply(now);
        assertThat(steps(joined)).hasSize(1);
        assertThat(steps(joined).get(0).evidence()).hasSize(2);
        assertThat(steps(joined).get(0).text()).isEqualTo("Remove the end cap. Remove the piston.");

        Manual split = StepSplitting.split(id, new Id<>("c1"), 4.5).change().apply(now);
        assertThat(steps(split)).hasSize(3);
        assertThat(steps(split).get(0).spans().get(0).end()).isEqualTo(4.5);
        assertThat(steps(split).get(1).spans().get(0).start()).isEqualTo(4.5);
        assertThat(StepSplitting.split(id, new Id<>("c1"), 99).change().apply(now)).isEqualTo(now);
    }

    @Test
    void theNextClipGoesOnWithThePartOfTheWorkThatWasReached() {
        Clip next = ClipBuilder.builder().id(new Id<>("c2")).name("2").duration(60).build();
        Manual now = drafted(manual.withClip(next), "Remove the end cap.");
        assertThat(DraftEdits.startOf(now, new Id<>("c1"))).isEqualTo(Stage.Kind.PREPARE);
        assertThat(DraftEdits.startOf(now, new Id<>("c2"))).isEqualTo(Stage.Kind.TAKE_DOWN);
    }

    /** One step that is put among others of another part of the work does not begin that part. */
    @Test
    void aSingleStepDoesNotBeginAPartOfTheWork() {
        Clip next = ClipBuilder.builder().id(new Id<>("c2")).name("2").duration(60).build();
        Manual now = manual.withClip(next);
        for (int i = 0; i < 9; i++) {
            Stage.Kind kind = i < 8 ? Stage.Kind.TAKE_DOWN : Stage.Kind.BUILD_UP;
            Step step =
                    Step.of(
                            new Id<>("x" + i),
                            "Do it.",
                            List.of(new Span(new Id<>("c1"), i, i + 1)),
                            List.of());
            now = now.withNewStep(now.stage(kind).orElseThrow().id(), step);
        }
        assertThat(DraftEdits.startOf(now, new Id<>("c2"))).isEqualTo(Stage.Kind.TAKE_DOWN);
    }

    /** Where several lines can be meant none is taken, and the question stands at the step. */
    @Test
    void whatCannotBeToldApartIsAsked() {
        Manual now = drafted(manual, "Undo the cap screw.");

        assertThat(steps(now).get(0).parts()).isEmpty();
        assertThat(steps(now).get(0).questions())
                .singleElement()
                .satisfies(
                        q -> {
                            assertThat(q.named().name()).isEqualTo("cap screw");
                            assertThat(q.answers()).containsExactly(new Id<>("p1"), new Id<>("p2"));
                        });
    }
}
