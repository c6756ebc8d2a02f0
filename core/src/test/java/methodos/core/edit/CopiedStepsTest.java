package methodos.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import methodos.core.description.Id;
import methodos.core.manual.Action;
import methodos.core.manual.Applicability;
import methodos.core.manual.Evidence;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Model;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.PartUse;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.manual.ToolBuilder;
import methodos.core.manual.Value;
import org.junit.jupiter.api.Test;

class CopiedStepsTest {

    private static Part part(String id, String number, String name) {
        return PartBuilder.builder().id(new Id<>(id)).number(number).name(name).quantity(1).build();
    }

    private static Tool tool(String id, String name) {
        return ToolBuilder.builder().id(new Id<>(id)).name(name).size("").note("").build();
    }

    private static Step step(String id, String text) {
        return Step.of(
                new Id<>(id),
                text,
                List.of(new Span(new Id<>("c1"), 1, 2)),
                List.of(new Evidence.Recorded(new Span(new Id<>("c1"), 1, 2), text)));
    }

    /** A pump: a step with a part, a tool, a joint and an aid, and one without anything. */
    private static Manual pump() {
        Manual m = Manual.titled("Pump").withLastId(50);
        Joint joint =
                JointBuilder.builder()
                        .id(new Id<>("j3"))
                        .name("gland")
                        .fastener(new Id<>("p2"))
                        .count(1)
                        .torque(Value.of("9 N·m"))
                        .build();
        m =
                m.withPart(part("p1", "A-1", "rod"))
                        .withPart(part("p2", "A-2", "gland nut"))
                        .withTool(tool("t1", "spanner"))
                        .withJoint(joint)
                        .withLedgerItems(
                                List.of(
                                        new LedgerItem(
                                                new Id<>("m1"), LedgerItem.Kind.AID, "strap")));
        Id<Stage> down = m.stage(Stage.Kind.TAKE_DOWN).orElseThrow().id();
        Id<Stage> up = m.stage(Stage.Kind.BUILD_UP).orElseThrow().id();
        Step rich =
                step("s1", "Undo the nut.")
                        .withParts(List.of(new PartUse(new Id<>("p1"), 1)))
                        .withTools(List.of(new Id<>("t1")))
                        .withJoints(List.of(new Id<>("j3")))
                        .withActions(
                                List.of(
                                        new Action(
                                                Action.Verb.PUT_IN_PLACE,
                                                new Id<LedgerItem>("m1"))))
                        .withApplicability(Applicability.model("P-7"));
        return m.withUnit(m.unit().withModels(List.of(new Model("P-7", "hand"))))
                .withNewStep(down, rich)
                .withNewStep(up, step("s2", "Fit the rod."));
    }

    private static Manual put(Manual copied, boolean elsewhere, Id<Step> behind, Manual into) {
        return CopiedSteps.put(copied, elsewhere, behind).change().apply(into);
    }

    @Test
    void inTheSameManualTheyLeadToTheSameThings() {
        Manual m = pump();
        Manual twice = put(CopiedSteps.of(m, List.of(new Id<>("s1"))), false, new Id<>("s2"), m);
        List<Step> all = twice.steps().toList();
        assertThat(all)
                .extracting(Step::text)
                .containsExactly("Undo the nut.", "Fit the rod.", "Undo the nut.");
        Step copy = all.get(2);
        assertThat(copy.id()).isNotEqualTo(new Id<>("s1"));
        assertThat(copy.withId(new Id<>("s1"))).isEqualTo(all.get(0));
        assertThat(twice.parts()).isEqualTo(m.parts());
        assertThat(twice.joints()).isEqualTo(m.joints());
    }

    @Test
    void intoAnEmptyManualAllThatTheyNeedGoesAlongAndNothingElse() {
        Manual empty = Manual.titled("Other").withLastId(3);
        Manual copied = CopiedSteps.of(pump(), List.of(new Id<>("s1"), new Id<>("s2")));
        Manual m = put(copied, true, null, empty);
        Step rich = m.stage(Stage.Kind.TAKE_DOWN).orElseThrow().steps().get(0);
        assertThat(m.stage(Stage.Kind.BUILD_UP).orElseThrow().steps())
                .extracting(Step::text)
                .containsExactly("Fit the rod.");
        assertThat(rich.accepted()).isFalse();
        assertThat(rich.spans()).isEmpty();
        assertThat(rich.evidence()).isEmpty();
        assertThat(rich.applicability()).isEqualTo(Applicability.ALL);
        assertThat(m.parts()).extracting(Part::number).containsExactlyInAnyOrder("A-1", "A-2");
        assertThat(m.part(rich.parts().get(0).part()).orElseThrow().name()).isEqualTo("rod");
        assertThat(m.tools()).extracting(Tool::name).containsExactly("spanner");
        Joint joint = m.joint(rich.joints().get(0)).orElseThrow();
        assertThat(m.part(joint.fastener()).orElseThrow().name()).isEqualTo("gland nut");
        assertThat(((Value.Known) joint.torque()).accepted()).isFalse();
        assertThat(m.ledgerItems()).extracting(LedgerItem::name).containsExactly("strap");
        assertThat(rich.actions().get(0).object()).isEqualTo(m.ledgerItems().get(0).id());
    }

    @Test
    void whatTheOtherManualHasIsKnownByItsNumberOrItsName() {
        Manual other =
                Manual.titled("Other")
                        .withLastId(90)
                        .withPart(part("p80", "A-1", "piston rod"))
                        .withPart(part("p1", "B-9", "lid"))
                        .withTool(tool("t80", "Spanner"));
        Manual m = put(CopiedSteps.of(pump(), List.of(new Id<>("s1"))), true, null, other);
        Step rich = m.steps().findFirst().orElseThrow();
        // the same number is the same part, the same id is not
        assertThat(rich.parts().get(0).part()).isEqualTo(new Id<>("p80"));
        assertThat(rich.tools()).containsExactly(new Id<>("t80"));
        assertThat(m.parts()).extracting(Part::number).containsExactly("A-1", "B-9", "A-2");
    }

    @Test
    void puttingThemTwiceTakesNothingAlongTwice() {
        Manual copied = CopiedSteps.of(pump(), List.of(new Id<>("s1")));
        Manual once = put(copied, true, null, Manual.titled("Other"));
        Manual twice = put(copied, true, once.steps().findFirst().orElseThrow().id(), once);
        assertThat(twice.parts()).isEqualTo(once.parts());
        assertThat(twice.tools()).isEqualTo(once.tools());
        assertThat(twice.steps().map(Step::id).distinct()).hasSize(2);
    }
}
