package methodos.narration.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.edit.DraftEdits;
import methodos.core.manual.Clip;
import methodos.core.manual.Hazard;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.PartUse;
import methodos.core.manual.Reading;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.quantity.QuantityList;
import methodos.core.words.Words;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What of a drafted step goes into the manual, and what it is joined to there. */
class DraftedContentTest {

    private static final Words WORDS = new Words(null, Locale.ENGLISH);

    private static final NarrationReader READER = NarrationReader.english();

    private final Manual empty =
            Manual.titled("Overhaul")
                    .withClip(new Clip(new Id<>("c1"), "first", "a.mp4", 1, "d", 60, null, null));

    private Manual drafted(Manual on, String words) {
        return DraftEdits.draft(
                        new Id<>("c1"),
                        READER.read(new Captions(List.of(new Caption(0, 9, words)))),
                        WORDS)
                .change()
                .apply(on);
    }

    private static Step step(Manual manual) {
        return manual.steps().findFirst().orElseThrow();
    }

    /** What a step has of parts, by whatever name. */
    private static List<PartUse> uses(Manual manual) {
        return step(manual).parts().stream().map(u -> u.withNamed(null)).toList();
    }

    private static Part part(Id<Part> id, String name, String size) {
        return PartBuilder.builder().id(id).name(name).size(size).quantity(4).build();
    }

    private static Joint joint(Manual manual) {
        return manual.joint(step(manual).joints().get(0)).orElseThrow();
    }

    @Test
    void ofStagesTheLastIsTheTorqueOfTheJoint() {
        Manual manual =
                drafted(
                        empty,
                        "Bring the bolts up in stages, ten, twenty, then thirty-five newton metres.");
        assertThat(joint(manual).torque().known().orElseThrow().print()).isEqualTo("35 N·m");
        assertThat(QuantityList.entered(joint(manual).stages())).isEqualTo("10 N·m, 20 N·m");
    }

    @Test
    void ofTwoSystemsTheOneThatWasSaidFirstLeads() {
        Manual manual =
                drafted(
                        empty,
                        "Tighten the screws to fifteen newton metres, that's eleven foot-pounds.");
        assertThat(joint(manual).torque().known().orElseThrow().print()).isEqualTo("15 N·m");
    }

    @Test
    void theJointKnowsFastenerCountAndOrder() {
        Manual with = empty.withPart(part(new Id<>("p1"), "cover screw", "M5 × 12")).withLastId(10);
        Manual manual =
                drafted(with, "Tighten the four cover screws crosswise to five newton metres.");
        assertThat(joint(manual).fastener()).isEqualTo(new Id<>("p1"));
        assertThat(joint(manual).count()).isEqualTo(4);
        assertThat(joint(manual).order()).isEqualTo("cross");
    }

    @ParameterizedTest
    @CsvSource({
        "Measure the gap. No more than point two millimetres., ≤ 0.2 mm",
        "Measure the free length. At least sixty-two millimetres., ≥ 62 mm",
        "Measure the bore. Eighty to eighty point one millimetres., 80 to 80.1 mm"
    })
    void aLimitIsAReadingThatIsNotAcceptedYet(String words, String print) {
        Reading reading = step(drafted(empty, words)).readings().get(0);
        assertThat(reading.limit().known().orElseThrow().print()).isEqualTo(print);
        assertThat(((Value.Known) reading.limit()).accepted()).isFalse();
        assertThat(((Value.Known) reading.limit()).evidence()).isNotEmpty();
    }

    @Test
    void acceptingAgreesToReadingsToo() {
        Manual manual = drafted(empty, "Measure the gap. No more than point two millimetres.");
        Manual agreed = DraftEdits.accept(step(manual).id()).change().apply(manual);
        assertThat(step(agreed).readings())
                .allSatisfy(r -> assertThat(((Value.Known) r.limit()).accepted()).isTrue());
    }

    @Test
    void whatADocumentMustTellIsAnOpenValueOfItsStep() {
        Manual manual = drafted(empty, "Measure the free length, it's in the data sheet.");
        assertThat(step(manual).readings())
                .singleElement()
                .satisfies(r -> assertThat(r.limit()).isInstanceOf(Value.Open.class));
    }

    @Test
    void hazardsBecomeStatementsWithSignalAndAvoidance() {
        Manual manual = drafted(empty, "Drain the oil, it is hot, above eighty degrees.");
        assertThat(manual.steps().flatMap(s -> s.hazards().stream()))
                .isNotEmpty()
                .allSatisfy(
                        h -> {
                            assertThat(h.signal()).isIn((Object[]) Hazard.SignalWord.values());
                            assertThat(h.hazard()).isNotBlank();
                            assertThat(h.avoidance()).isNotBlank();
                        });
    }

    @Test
    void waitsAreKept() {
        Step step = step(drafted(empty, "Let the glue cure for ten minutes."));
        assertThat(step.waits())
                .singleElement()
                .satisfies(w -> assertThat(w.seconds()).isEqualTo(600));
    }

    @Test
    void aToolIsTheManualsWhereNameAndSizeAgree() {
        Manual with =
                empty.withTool(new Tool(new Id<>("t1"), "hex key", "5 mm", Tool.Kind.STANDARD, ""))
                        .withTool(
                                new Tool(new Id<>("t2"), "hex key", "6 mm", Tool.Kind.STANDARD, ""))
                        .withLastId(10);
        assertThat(step(drafted(with, "Remove the screw with a six mil hex key.")).tools())
                .containsExactly(new Id<>("t2"));
        assertThat(step(drafted(with, "Remove the screw with a hex key.")).tools()).isEmpty();
    }

    @Test
    void aPartIsTheManualsWhereOnlyOneCanBeMeant() {
        Manual with =
                empty.withPart(part(new Id<>("p1"), "end cap", ""))
                        .withPart(part(new Id<>("p2"), "dust cap", ""))
                        .withLastId(10);
        assertThat(uses(drafted(with, "Remove the end cap.")))
                .containsExactly(new PartUse(new Id<>("p1"), 1));
        assertThat(uses(drafted(with, "Remove the cap."))).isEmpty();
    }

    @Test
    void whatIsDoneWithAPartIsWhatTheVerbSaysAndAPrepositionSaysOnlyWhere() {
        Manual with =
                empty.withPart(part(new Id<>("p1"), "end cap", ""))
                        .withPart(part(new Id<>("p2"), "O-ring", ""))
                        .withLastId(10);
        assertThat(uses(drafted(with, "Loosen the end cap.")))
                .containsExactly(new PartUse(new Id<>("p1"), 1, PartUse.Handling.TOUCHED));
        assertThat(uses(drafted(with, "Take the O-ring off the end cap.")))
                .contains(new PartUse(new Id<>("p2"), 1))
                .doesNotContain(new PartUse(new Id<>("p1"), 1));
        assertThat(uses(drafted(with, "Take off the end cap.")))
                .containsExactly(new PartUse(new Id<>("p1"), 1));
    }

    @Test
    void aValueThatIsSaidInTwoUnitsKeepsBoth() {
        Joint joint =
                joint(
                        drafted(
                                empty,
                                "Tighten the cap screws to seven to eight and a half newton metres,"
                                        + " that is sixty-two to seventy-five inch pounds."));
        assertThat(joint.torque().known().orElseThrow().print()).isEqualTo("7 to 8.5 N·m");
        assertThat(joint.second().print()).isEqualTo("62 to 75 lbf·in");
    }

    @Test
    void takingDownAndBuildingUpGoToTheirStages() {
        Manual manual =
                drafted(
                        empty,
                        "Take the cap off. Take the spring out. Take the old seal out. Clean the bore. Going back together now. New seal in.");
        List<Step> steps = manual.steps().toList();
        assertThat(stage(manual, steps.get(0))).contains(Stage.Kind.TAKE_DOWN);
        assertThat(stage(manual, steps.get(steps.size() - 1))).contains(Stage.Kind.BUILD_UP);
    }

    private static Optional<Stage.Kind> stage(Manual manual, Step step) {
        return manual.stageOf(step.id()).map(Stage::kind);
    }

    @Test
    void reasonsStandWithTheStep() {
        Step step = step(drafted(empty, "Loosen the cap because it is preloaded."));
        assertThat(step.why()).contains("preloaded");
    }
}
