package methodos.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import methodos.core.description.Id;
import methodos.core.edit.CheckEdits;
import methodos.core.finding.Finding;
import methodos.core.finding.FindingSentences;
import methodos.core.finding.Rule;
import methodos.core.hazard.HazardRules;
import methodos.core.manual.Applicability;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.Manual;
import methodos.core.manual.Model;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.PartUse;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.manual.Variant;
import methodos.core.narration.Workspace;
import methodos.core.words.Words;
import org.junit.jupiter.api.Test;

class ChecksTest {

    private final Checks checks = new Checks(HazardRules.shipped());

    private static Manual with(Manual manual, Stage.Kind kind, Step... steps) {
        return manual.withStages(
                manual.stages().stream()
                        .map(s -> s.kind() == kind ? s.withSteps(List.of(steps)) : s)
                        .toList());
    }

    private static Step step(Id<Step> id, String text) {
        return Step.of(id, text, List.of(), List.of());
    }

    private List<String> found(Manual manual, Rule rule) {
        FindingSentences sentences =
                new FindingSentences(
                        new Words(null, Locale.ENGLISH), new StepNumbers(manual, Sight.EVERYTHING));
        return findings(manual, rule).stream().map(sentences::of).toList();
    }

    private List<Finding> findings(Manual manual, Rule rule) {
        return checks.of(new Workspace(manual, Map.of())).findings().stream()
                .filter(f -> f.rule() == rule)
                .toList();
    }

    private static Manual tightened(String text, Joint joint, Tool... tools) {
        Manual manual = Manual.titled("x").withJoint(joint);
        for (Tool tool : tools) {
            manual = manual.withTool(tool);
        }
        return with(
                manual,
                Stage.Kind.BUILD_UP,
                step(new Id<>("s1"), text)
                        .withJoints(List.of(joint.id()))
                        .withTools(List.of(tools).stream().map(Tool::id).toList()));
    }

    private static Joint joint(String torque) {
        return JointBuilder.builder()
                .id(new Id<>("j"))
                .name("Cap")
                .count(4)
                .torque(Value.of(torque))
                .build();
    }

    @Test
    void aValueInTheWordsThatIsNoneOfTheJointDisagrees() {
        assertThat(found(tightened("Tighten it to 18 N·m.", joint("8 N·m")), Rule.VALUES_DISAGREE))
                .containsExactly("Step 1 says 18 N·m; Cap has 8 N·m.");
        assertThat(found(tightened("Tighten it to 8 N·m.", joint("8 N·m")), Rule.VALUES_DISAGREE))
                .isEmpty();
    }

    @Test
    void theTorqueWrenchOfTheStepHasToReach() {
        Tool large =
                new Tool(new Id<>("t"), "torque wrench", "20 to 100 N·m", Tool.Kind.STANDARD, "");
        assertThat(found(tightened("Tighten the cap.", joint("8 N·m"), large), Rule.NO_WRENCH))
                .containsExactly("Step 1: none of its torque wrenches reaches 8 N·m of Cap.");
        Tool fitting =
                new Tool(new Id<>("t"), "torque wrench", "2 to 10 N·m", Tool.Kind.STANDARD, "");
        assertThat(found(tightened("Tighten the cap.", joint("8 N·m"), fitting), Rule.NO_WRENCH))
                .isEmpty();
    }

    @Test
    void aValueThatADocumentHoldsIsNotMissing() {
        Joint nowhere = joint("8 N·m").withTorque(new Value.Open("not said", null));
        assertThat(found(tightened("Tighten it.", nowhere), Rule.NO_VALUE))
                .containsExactly("Cap is tightened in step 1 without a value.");
        Joint elsewhere =
                joint("8 N·m").withTorque(new Value.Open("see the sheet", new Id<>("d1")));
        assertThat(found(tightened("Tighten it.", elsewhere), Rule.NO_VALUE)).isEmpty();
    }

    @Test
    void gapsBetweenVariantsAndDoubleStepsAreFound() {
        Manual manual =
                Manual.titled("x")
                        .withVariants(
                                List.of(
                                        new Variant(
                                                new Id<>("a"), "D", new SerialRange(1L, 99L), ""),
                                        new Variant(
                                                new Id<>("b"),
                                                "D",
                                                new SerialRange(200L, 299L),
                                                "")));
        manual =
                manual.withUnit(manual.unit().withModels(List.of(new Model("D", "double acting"))));
        manual =
                with(
                        manual,
                        Stage.Kind.INSPECT,
                        step(new Id<>("s1"), "Look at the seal."),
                        step(new Id<>("s2"), "Look at the seal."));
        assertThat(found(manual, Rule.COVERAGE))
                .contains(
                        "No variant of D covers the serial numbers 100 to 199.",
                        "Steps 1 and 2 say the same, and some units have both.");
        Manual apart =
                manual.withStep(
                                manual.step(new Id<>("s1"))
                                        .orElseThrow()
                                        .withApplicability(
                                                Applicability.serials(SerialRange.upTo(99))))
                        .withStep(
                                manual.step(new Id<>("s2"))
                                        .orElseThrow()
                                        .withApplicability(
                                                Applicability.serials(SerialRange.from(200))));
        assertThat(found(apart, Rule.COVERAGE)).noneMatch(s -> s.contains("say the same"));
    }

    @Test
    void anAcceptedFindingIsOpenAgainWhenItChanges() {
        Part ring =
                PartBuilder.builder()
                        .id(new Id<>("p"))
                        .item("7")
                        .name("ring")
                        .quantity(4)
                        .reuse(ReuseRule.REUSE)
                        .build();
        Manual manual = Manual.titled("x").withPart(ring);
        manual =
                with(
                        manual,
                        Stage.Kind.TAKE_DOWN,
                        step(new Id<>("s1"), "Take the rings out.")
                                .withParts(List.of(new PartUse(new Id<>("p"), 4))));
        Finding finding = findings(manual, Rule.NOT_REFITTED).get(0);
        Manual accepted =
                CheckEdits.accept(finding, "kept for the next job", "M. Aldo", "2026-01-31")
                        .change()
                        .apply(manual);
        assertThat(checks.of(new Workspace(accepted, Map.of())).grave()).isEmpty();
        Manual changed =
                accepted.withStep(
                        accepted.step(new Id<>("s1"))
                                .orElseThrow()
                                .withParts(List.of(new PartUse(new Id<>("p"), 3))));
        assertThat(checks.of(new Workspace(changed, Map.of())).grave())
                .extracting(Finding::rule)
                .containsExactly(Rule.NOT_REFITTED);
        Manual reopened = CheckEdits.reopen(finding).change().apply(accepted);
        assertThat(checks.of(new Workspace(reopened, Map.of())).grave()).hasSize(1);
    }
}
