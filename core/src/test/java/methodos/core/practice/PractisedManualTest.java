package methodos.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import methodos.core.Samples;
import methodos.core.check.OpenPoint;
import methodos.core.check.OpenPoints;
import methodos.core.description.Id;
import methodos.core.kit.KitCoverage;
import methodos.core.manual.Figure;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Practices;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Substitute;
import methodos.core.manual.TighteningWay;
import methodos.core.manual.Tool;
import methodos.core.narration.Workspace;
import methodos.core.quantity.Quantity;
import methodos.core.sheet.DerivedTable;
import methodos.core.torque.JointTorque;
import methodos.core.torque.TighteningTable;
import org.junit.jupiter.api.Test;

class PractisedManualTest {

    private static final Sight ALL = Sight.EVERYTHING;

    private static Manual with(Practices practices) {
        return Samples.actuator().withPractices(practices);
    }

    private static Part ring(Manual manual, ReuseRule rule) {
        return manual.part(new Id<>("p2")).orElseThrow().withReuse(rule);
    }

    @Test
    void sealsAreNewOrLookedAtAndAPartMayHaveItsOwnRule() {
        Manual fresh = with(Practices.USUAL);
        fresh = fresh.withPart(ring(fresh, ReuseRule.AS_PRACTISED));
        assertThat(KitCoverage.of(PractisedManual.of(fresh).seenBy(ALL)))
                .anySatisfy(
                        r -> {
                            assertThat(r.part().id()).isEqualTo(new Id<>("p2"));
                            assertThat(r.certain()).isTrue();
                        });
        Manual kept = fresh.withPractices(Practices.USUAL.withRenewal(Practices.Renewal.INSPECT));
        assertThat(KitCoverage.of(PractisedManual.of(kept).seenBy(ALL)))
                .noneMatch(r -> r.part().id().equals(new Id<>("p2")));
        Manual own = kept.withPart(ring(kept, ReuseRule.ALWAYS_NEW));
        assertThat(KitCoverage.of(PractisedManual.of(own).seenBy(ALL)))
                .anyMatch(r -> r.part().id().equals(new Id<>("p2")));
    }

    @Test
    void aJointIsTurnedByAnAngleWhereOneIsKnownUnlessItHasItsOwnWay() {
        Manual angle = with(Practices.USUAL.withTightening(TighteningWay.ANGLE));
        assertThat(tightened(angle).byWrench()).isTrue();
        Manual known =
                angle.withJoint(
                        angle.joint(new Id<>("j1"))
                                .orElseThrow()
                                .withTurned(Quantity.parse("60°")));
        assertThat(tightened(known).byWrench()).isFalse();
        assertThat(JointTorque.of(known, tightened(known)).stages()).isEmpty();
        Manual own =
                known.withJoint(
                        known.joint(new Id<>("j1")).orElseThrow().withWay(TighteningWay.WRENCH));
        assertThat(JointTorque.of(own, tightened(own)).stages()).hasSize(2);
    }

    private static Joint tightened(Manual manual) {
        return TighteningTable.of(PractisedManual.of(manual), ALL).get(0).joint();
    }

    @Test
    void aScrewThatIsNewEachTimeIsInDemandWhateverItsOwnRuleSays() {
        Manual manual = with(Practices.USUAL);
        Joint joint = manual.joint(new Id<>("j1")).orElseThrow();
        Part screw = manual.part(joint.fastener()).orElseThrow();
        manual = manual.withPart(screw.withReuse(ReuseRule.REUSE));
        Manual always = manual.withJoint(joint.withNewEachTime(true));
        assertThat(reuse(manual, screw)).isEqualTo(ReuseRule.REUSE);
        assertThat(reuse(always, screw)).isEqualTo(ReuseRule.ALWAYS_NEW);
    }

    private static ReuseRule reuse(Manual manual, Part part) {
        return PractisedManual.of(manual).manual().part(part.id()).orElseThrow().reuse();
    }

    @Test
    void anAngleThatIsMissingIsAnOpenPoint() {
        Manual manual = with(Practices.USUAL);
        manual =
                manual.withJoint(
                        manual.joint(new Id<>("j1")).orElseThrow().withWay(TighteningWay.ANGLE));
        assertThat(OpenPoints.of(new Workspace(manual, Map.of()), ALL).stream().map(OpenPoint::key))
                .contains("open.torque.angle");
    }

    @Test
    void aJointWithoutAnOrderIsTightenedRoundAsTheManualDoesIt() {
        Manual star = with(Practices.USUAL);
        star = star.withJoint(star.joint(new Id<>("j1")).orElseThrow().withOrder(""));
        assertThat(tightened(star).order()).isEqualTo("star");
        Manual cross = star.withPractices(Practices.USUAL.withRound(Practices.Round.CROSS));
        assertThat(tightened(cross).order()).isEqualTo("cross");
        Manual given =
                cross.withJoint(cross.joint(new Id<>("j1")).orElseThrow().withOrder("1, 3, 2, 4"));
        assertThat(tightened(given).order()).isEqualTo("1, 3, 2, 4");
    }

    @Test
    void stepsThatMayBeLeftOutAreGoneEverywhere() {
        Manual manual = with(Practices.USUAL);
        Step optional = manual.step(new Id<>("s1")).orElseThrow().withOptional(true);
        manual = manual.withStep(optional);
        assertThat(new StepNumbers(manual, ALL).count()).isEqualTo(3);
        Manual without =
                manual.withPractices(Practices.USUAL.withOptional(Practices.Optional.LEFT_OUT));
        assertThat(new StepNumbers(without, ALL).of(new Id<>("s1"))).isEmpty();
        assertThat(new StepNumbers(without, ALL).of(new Id<>("s2"))).hasValue(1);
        assertThat(PractisedManual.of(without).manual().step(new Id<>("s1"))).isEmpty();
        assertThat(without.step(new Id<>("s1"))).isPresent();
    }

    @Test
    void aStepThatIsLeftOutLeavesNothingOpenBehind() {
        Manual manual = with(Practices.USUAL);
        Figure figure = Figure.of(new Id<>("f1"), "cap", null, "d1");
        Step said = manual.step(new Id<>("s1")).orElseThrow().withOptional(true);
        Step shown =
                manual.step(new Id<>("s3"))
                        .orElseThrow()
                        .withFigures(List.of(new Id<>("f1")))
                        .withOptional(true);
        manual = manual.withFigure(figure).withStep(said).withStep(shown);
        Workspace done = new Workspace(manual, Map.of(new Id<>("clip1"), Samples.captions()));
        Workspace leftOut =
                done.with(
                        manual.withPractices(
                                Practices.USUAL.withOptional(Practices.Optional.LEFT_OUT)));
        assertThat(OpenPoints.of(leftOut, ALL))
                .as("its words, its figure and its joint are settled")
                .containsExactlyInAnyOrderElementsOf(
                        OpenPoints.of(done, ALL).stream()
                                .filter(p -> p.step() == null || p.step().equals(new Id<>("s2")))
                                .toList());
    }

    @Test
    void toolsAreThoseOfTheBookOrWhatTakesTheirPlace() {
        Manual manual =
                with(Practices.USUAL)
                        .withTool(
                                new Tool(new Id<>("t1"), "puller", "", Tool.Kind.SPECIAL, "")
                                        .withInstead(
                                                new Substitute(new Id<>("t2"), "it is at hand")))
                        .withTool(
                                new Tool(
                                        new Id<>("t2"), "two screws", "M6", Tool.Kind.MADE_UP, ""));
        manual =
                manual.withStep(
                        manual.step(new Id<>("s1"))
                                .orElseThrow()
                                .withTools(List.of(new Id<>("t1"))));
        assertThat(tools(manual)).containsExactly("puller");
        assertThat(
                        tools(
                                manual.withPractices(
                                        Practices.USUAL.withTools(
                                                Practices.ToolChoice.SUBSTITUTE))))
                .containsExactly("two screws");
    }

    private static List<Object> tools(Manual manual) {
        return DerivedTable.of(DerivedTable.What.TOOLS, PractisedManual.of(manual), ALL)
                .rows()
                .stream()
                .map(r -> r.get("name"))
                .toList();
    }

    @Test
    void whatIsPractisedStaysAsItIs() {
        Manual manual = with(Practices.USUAL.withRenewal(Practices.Renewal.INSPECT));
        Manual once = PractisedManual.of(manual).manual();
        assertThat(PractisedManual.of(once).manual()).isEqualTo(once);
    }
}
