package methodos.core.kit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import methodos.core.Samples;
import methodos.core.description.Id;
import methodos.core.kit.StoreList.Extra;
import methodos.core.kit.StoreList.InKit;
import methodos.core.kit.StoreList.PartRow;
import methodos.core.manual.Action;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.Reading;
import methodos.core.manual.Repeat;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.practice.PractisedManual;
import org.junit.jupiter.api.Test;

class StoreListTest {

    private static final Sight ALL = Sight.EVERYTHING;

    private static Manual manual() {
        Manual m = Samples.actuator().withKit(Samples.kit("K1", "p2", 3));
        m = m.withStep(m.step(new Id<>("s1")).orElseThrow().withTools(List.of(new Id<>("t1"))));
        return m.withTool(new Tool(new Id<>("t1"), "hex key", "5 mm", null, ""))
                .withTool(new Tool(new Id<>("t2"), "puller", "", null, ""));
    }

    private static PartRow row(Manual manual, Id<Part> part, Sight sight) {
        return StoreList.of(PractisedManual.of(manual), sight).parts().stream()
                .filter(r -> r.part().id().equals(part))
                .findFirst()
                .orElseThrow();
    }

    private static Manual with(Manual manual, Id<Step> step, PartUse... uses) {
        return manual.withStep(manual.step(step).orElseThrow().withParts(List.of(uses)));
    }

    @Test
    void aKitHoldsWhatIsNeededAndSpares() {
        PartRow ring = row(manual(), new Id<>("p2"), ALL);
        assertThat(ring.kits()).containsExactly(new InKit(2, 1));
        assertThat(ring.extra()).isEqualTo(Extra.NO);
        OrderList order = StoreList.of(PractisedManual.of(manual()), ALL).order();
        assertThat(order.kits()).hasSize(1);
        assertThat(order.kits().get(0).count()).isEqualTo(1);
        assertThat(order.spares())
                .singleElement()
                .satisfies(s -> assertThat(s.count()).isEqualTo(1));
        assertThat(order.extras())
                .singleElement()
                .satisfies(e -> assertThat(e.part().id()).isEqualTo(new Id<>("p4")));
        assertThat(row(manual(), new Id<>("p4"), ALL).extra()).isEqualTo(Extra.ORDER);
    }

    @Test
    void anAidThatIsAToolStaysFromWhereItIsPutInPlace() {
        Manual m =
                manual().withLedgerItem(
                                new LedgerItem(new Id<>("m1"), LedgerItem.Kind.AID, "puller")
                                        .withTool(new Id<>("t2")));
        m = acting(m, new Id<>("s1"), Action.Verb.PUT_IN_PLACE);
        assertThat(StoreList.of(PractisedManual.of(m), ALL).tools().get(1).inPlace())
                .containsExactly(new StoreList.Range(1, 0));
        m = acting(m, new Id<>("s3"), Action.Verb.TAKE_AWAY);
        assertThat(StoreList.of(PractisedManual.of(m), ALL).tools().get(1).inPlace())
                .containsExactly(new StoreList.Range(1, 3));
        assertThat(StoreList.of(PractisedManual.of(m), ALL).tools().get(0).inPlace()).isEmpty();
    }

    private static Manual acting(Manual m, Id<Step> step, Action.Verb verb) {
        return m.withStep(
                m.step(step).orElseThrow().withActions(List.of(new Action(verb, new Id<>("m1")))));
    }

    @Test
    void whatComesOffAndNeverGoesBackIsLoose() {
        PartRow springs = row(manual(), new Id<>("p3"), ALL);
        assertThat(springs.line().loose().orElseThrow().number()).isEqualTo(2);
        assertThat(springs.open()).isTrue();
        Manual back =
                with(
                        manual(),
                        new Id<>("s3"),
                        new PartUse(new Id<>("p3"), 5),
                        new PartUse(new Id<>("p1"), 4));
        assertThat(row(back, new Id<>("p3"), ALL).line().loose()).isEmpty();
        Manual fewer =
                with(
                        manual(),
                        new Id<>("s3"),
                        new PartUse(new Id<>("p3"), 4),
                        new PartUse(new Id<>("p1"), 4));
        assertThat(row(fewer, new Id<>("p3"), ALL).line().loose()).isPresent();
    }

    @Test
    void repeatedStepsCountAtEachPlace() {
        Manual m =
                with(
                        manual(),
                        new Id<>("s3"),
                        new PartUse(new Id<>("p3"), 10),
                        new PartUse(new Id<>("p1"), 4));
        m = with(m, new Id<>("s2"), new PartUse(new Id<>("p3"), 5));
        assertThat(row(m, new Id<>("p3"), ALL).line().loose()).isEmpty();
        Manual twice =
                m.withRepeats(
                        List.of(
                                new Repeat(
                                        new Id<>("r"),
                                        new Id<>("s2"),
                                        new Id<>("s2"),
                                        List.of("left", "top"))));
        assertThat(row(twice, new Id<>("p3"), ALL).line().loose()).isPresent();
    }

    @Test
    void aStepOfOneModelSaysNothingAboutAnother() {
        // the springs go back only in steps for the other model
        Step wrong =
                Samples.step(new Id<>("s9"), "Put the springs in.", 40, 45)
                        .withParts(List.of(new PartUse(new Id<>("p1"), 4)))
                        .withApplicability(Samples.SPRING_RETURN);
        Manual manual = manual();
        manual = manual.withNewStep(manual.stage(Stage.Kind.BUILD_UP).orElseThrow().id(), wrong);
        assertThat(row(manual, new Id<>("p1"), ALL).line().loose()).as("QA-80 D").isPresent();
        Sight springReturn = new Sight("QA-80 S", null);
        assertThat(row(manual, new Id<>("p1"), springReturn).line().loose()).isEmpty();
    }

    @Test
    void whatAStepDoesWithAPartIsWhatItsStageIsForUnlessItIsSaid() {
        Manual manual =
                with(
                        manual(),
                        new Id<>("s1"),
                        new PartUse(new Id<>("p1"), 4, Handling.TOUCHED),
                        new PartUse(new Id<>("p2"), 1));
        assertThat(row(manual, new Id<>("p1"), ALL).line().stops().get(0).handling())
                .isEqualTo(Handling.TOUCHED);
        assertThat(row(manual, new Id<>("p2"), ALL).line().first(Handling.TAKEN_OFF)).isPresent();
        assertThat(row(manual, new Id<>("p2"), ALL).line().last(Handling.PUT_ON)).isEmpty();
        assertThat(new PartUse(new Id<>("x"), 1).in(Stage.Kind.INSPECT))
                .isEqualTo(Handling.LOOKED_AT);
        assertThat(new PartUse(new Id<>("x"), 1).in(Stage.Kind.BUILD_UP))
                .isEqualTo(Handling.PUT_ON);
        assertThat(new PartUse(new Id<>("x"), 1).in(Stage.Kind.TEST)).isEqualTo(Handling.TOUCHED);
    }

    @Test
    void aPartThatIsMeasuredMayHaveToBeOrdered() {
        Manual manual = manual();
        Step measure =
                Samples.step(new Id<>("s8"), "Measure the springs.", 22, 26)
                        .withParts(List.of(new PartUse(new Id<>("p3"), 5)))
                        .withReadings(
                                List.of(
                                        Reading.of("free length", Value.of("≥ 62 mm"), 5, null)
                                                .withOtherwise("replace all five")));
        manual = manual.withNewStep(manual.stage(Stage.Kind.INSPECT).orElseThrow().id(), measure);
        assertThat(row(manual, new Id<>("p3"), ALL).part().reuse()).isEqualTo(ReuseRule.INSPECT);
        assertThat(row(manual, new Id<>("p3"), ALL).extra()).isEqualTo(Extra.ON_CONDITION);
    }

    @Test
    void stagesAndToolsAreLaidAlongTheSteps() {
        StoreList list = StoreList.of(PractisedManual.of(manual()), ALL);
        assertThat(list.steps()).isEqualTo(3);
        assertThat(list.stages().get(Stage.Kind.TAKE_DOWN)).isEqualTo(new StoreList.Range(1, 2));
        assertThat(list.stages()).doesNotContainKey(Stage.Kind.TEST);
        assertThat(list.tools().get(0).steps()).containsExactly(1);
        assertThat(list.tools().get(1).steps()).isEmpty();
        assertThat(list.touched()).isEqualTo(2);
    }
}
