package methodos.core.repair;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import methodos.core.check.Checks;
import methodos.core.description.Id;
import methodos.core.finding.Finding;
import methodos.core.finding.Rule;
import methodos.core.hazard.HazardRules;
import methodos.core.manual.ActedOn;
import methodos.core.manual.Action;
import methodos.core.manual.Applicability;
import methodos.core.manual.EnergyBuilder;
import methodos.core.manual.Hazard;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.PartUse;
import methodos.core.manual.Repeat;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.manual.Variant;
import methodos.core.narration.Workspace;
import methodos.core.quantity.QuantityList;
import methodos.core.words.Words;
import org.junit.jupiter.api.Test;

/** Each repair settles its finding, and what it adds is drafted. */
class RepairsTest {

    private final Checks checks = new Checks(HazardRules.shipped());
    private final Repairs repairs =
            new Repairs(checks.hazardRules(), checks.language(), new Words(null, Locale.ENGLISH));

    private static Part part(Id<Part> id, String name, int count, ReuseRule reuse) {
        return PartBuilder.builder()
                .id(id)
                .item(id.text())
                .name(name)
                .quantity(count)
                .reuse(reuse)
                .build();
    }

    private static Step step(Id<Step> id, String text, PartUse... uses) {
        return Step.of(id, text, List.of(), List.of()).withParts(List.of(uses));
    }

    private static Step acting(
            Id<Step> id, String text, Action.Verb verb, Id<? extends ActedOn> object) {
        return step(id, text).withActions(List.of(new Action(verb, object)));
    }

    private static Manual with(Manual manual, Stage.Kind kind, Step... steps) {
        return manual.withStages(
                manual.stages().stream()
                        .map(s -> s.kind() == kind ? s.withSteps(List.of(steps)) : s)
                        .toList());
    }

    /** A cap with its ring and four screws, taken off and put on again. */
    private static Manual sound() {
        Joint joint =
                JointBuilder.builder()
                        .id(new Id<>("j"))
                        .name("Cap to body")
                        .fastener(new Id<>("screw"))
                        .count(4)
                        .order("cross")
                        .stages(QuantityList.parse("4 N·m"))
                        .torque(Value.of("8 N·m"))
                        .build();
        Manual manual =
                Manual.titled("x")
                        .withPart(part(new Id<>("screw"), "screw", 4, ReuseRule.REUSE))
                        .withPart(part(new Id<>("cap"), "cap", 1, ReuseRule.INSPECT))
                        .withPart(part(new Id<>("ring"), "O-ring, cap", 2, ReuseRule.ALWAYS_NEW))
                        .withTool(tool("t1", "hex key", "5 mm"))
                        .withTool(tool("t2", "torque wrench", "2 to 10 N·m"))
                        .withTool(tool("t3", "hex bit", "5 mm"))
                        .withJoint(joint);
        manual =
                with(
                        manual,
                        Stage.Kind.TAKE_DOWN,
                        step(
                                        new Id<>("a"),
                                        "Take the screws out.",
                                        new PartUse(new Id<>("screw"), 4))
                                .withTools(List.of(new Id<>("t1")))
                                .withActions(
                                        List.of(new Action(Action.Verb.LOOSEN, new Id<>("j")))),
                        step(new Id<>("b"), "Take the cap off.", new PartUse(new Id<>("cap"), 1)),
                        step(
                                new Id<>("c"),
                                "Take both O-rings out.",
                                new PartUse(new Id<>("ring"), 2)));
        return with(
                manual,
                Stage.Kind.BUILD_UP,
                step(new Id<>("d"), "Fit both O-rings.", new PartUse(new Id<>("ring"), 2)),
                step(new Id<>("e"), "Put the cap on.", new PartUse(new Id<>("cap"), 1)),
                step(new Id<>("f"), "Fit the screws.", new PartUse(new Id<>("screw"), 4))
                        .withTools(List.of(new Id<>("t2"), new Id<>("t3")))
                        .withJoints(List.of(new Id<>("j"))));
    }

    private static Tool tool(String id, String name, String size) {
        return new Tool(new Id<>(id), name, size, Tool.Kind.STANDARD, "");
    }

    private List<Finding> found(Manual manual, Rule rule) {
        return checks.of(new Workspace(manual, Map.of())).findings().stream()
                .filter(f -> f.rule() == rule)
                .toList();
    }

    private Manual repaired(Manual manual, Rule rule) {
        Finding finding = found(manual, rule).get(0);
        Manual mended = repairs.of(manual, finding).orElseThrow().edit().change().apply(manual);
        assertThat(found(mended, rule)).isEmpty();
        return mended;
    }

    private static List<String> texts(Manual manual, Stage.Kind kind) {
        return manual.stage(kind).orElseThrow().steps().stream().map(Step::text).toList();
    }

    @Test
    void theSampleIsSound() {
        assertThat(checks.of(new Workspace(sound(), Map.of())).grave()).isEmpty();
    }

    @Test
    void theToolThatIsLackingIsListed() {
        for (String lacking : List.of("t1", "t2", "t3")) {
            Manual manual = sound();
            for (Step step : manual.steps().toList()) {
                manual =
                        manual.withStep(
                                step.withTools(
                                        step.tools().stream()
                                                .filter(t -> !t.text().equals(lacking))
                                                .toList()));
            }
            Manual mended = repaired(manual, Rule.NO_TOOL);
            assertThat(mended.steps().flatMap(s -> s.tools().stream()).map(Id::text))
                    .contains(lacking);
        }
    }

    @Test
    void aPartIsFittedBetweenWhatCameOffBesideIt() {
        Manual mended = repaired(sound().withoutStep(new Id<>("e")), Rule.NOT_REFITTED);
        assertThat(texts(mended, Stage.Kind.BUILD_UP))
                .containsExactly("Fit both O-rings.", "Fit the cap.", "Fit the screws.");
        assertThat(mended.steps().filter(s -> !s.accepted()).map(Step::text))
                .containsExactly("Fit the cap.");
    }

    @Test
    void whatIsAlwaysNewIsFittedNew() {
        Manual mended = repaired(sound().withoutStep(new Id<>("d")), Rule.NOT_REFITTED);
        assertThat(texts(mended, Stage.Kind.BUILD_UP).get(0)).isEqualTo("Fit 2 new cap O-rings.");
    }

    @Test
    void aNumberThatIsTooSmallIsRaised() {
        Manual fewer =
                sound().withStep(
                                sound().step(new Id<>("d"))
                                        .orElseThrow()
                                        .withParts(List.of(new PartUse(new Id<>("ring"), 1))));
        Manual mended = repaired(fewer, Rule.NOT_REFITTED);
        assertThat(mended.step(new Id<>("d")).orElseThrow().parts())
                .containsExactly(new PartUse(new Id<>("ring"), 2));
    }

    /** Ten springs, five from each side, in two take-downs and two build-ups. */
    private static Manual springs(int right, int left) {
        Manual manual =
                Manual.titled("x")
                        .withPart(part(new Id<>("spring"), "spring", 10, ReuseRule.INSPECT));
        manual =
                with(
                        manual,
                        Stage.Kind.TAKE_DOWN,
                        step(
                                new Id<>("a"),
                                "Take the springs out.",
                                new PartUse(new Id<>("spring"), 6)),
                        step(
                                new Id<>("b"),
                                "Take the other springs out.",
                                new PartUse(new Id<>("spring"), 4)));
        return with(
                manual,
                Stage.Kind.BUILD_UP,
                step(new Id<>("c"), "Put the springs in.", new PartUse(new Id<>("spring"), right)),
                step(
                        new Id<>("d"),
                        "Put the other springs in.",
                        new PartUse(new Id<>("spring"), left)));
    }

    @Test
    void ofSeveralStepsTheOneThatFitsTooFewIsRaised() {
        Manual mended = repaired(springs(4, 5), Rule.NOT_REFITTED);
        assertThat(mended.step(new Id<>("c")).orElseThrow().parts().get(0).count()).isEqualTo(4);
        assertThat(mended.step(new Id<>("d")).orElseThrow().parts().get(0).count()).isEqualTo(6);
    }

    @Test
    void aRepeatedStepIsRaisedAtEachPlace() {
        Manual twice =
                springs(4, 4)
                        .withoutStep(new Id<>("d"))
                        .withRepeats(
                                List.of(
                                        new Repeat(
                                                new Id<>("r"),
                                                new Id<>("c"),
                                                new Id<>("c"),
                                                List.of("left"))));
        Manual mended = repaired(twice, Rule.NOT_REFITTED);
        assertThat(mended.steps().filter(s -> !s.accepted()).map(Step::text))
                .containsExactly("Fit 2 springs.");
    }

    @Test
    void aStepIsAddedForTheUnitsThatLackIt() {
        Manual both =
                sound().withVariants(
                                List.of(
                                        new Variant(new Id<>("v"), "D", null, ""),
                                        new Variant(new Id<>("w"), "S", null, "")));
        Manual onlyS =
                both.withStep(
                        both.step(new Id<>("e"))
                                .orElseThrow()
                                .withApplicability(Applicability.model("S")));
        Manual mended = repaired(onlyS, Rule.NOT_REFITTED);
        Step added = mended.steps().filter(s -> !s.accepted()).findFirst().orElseThrow();
        assertThat(added.applicability()).isEqualTo(Applicability.model("D"));
        assertThat(checks.of(new Workspace(mended, Map.of())).grave()).isEmpty();
    }

    @Test
    void aJointIsTightenedWhereItsScrewsGoIn() {
        Manual loose =
                sound().withStep(sound().step(new Id<>("f")).orElseThrow().withJoints(List.of()));
        Manual mended = repaired(loose, Rule.NOT_TIGHTENED);
        assertThat(mended.step(new Id<>("f")).orElseThrow().joints())
                .containsExactly(new Id<>("j"));
    }

    @Test
    void aJointWithoutScrewsOfTheListGetsAStepWithItsValue() {
        Manual loose =
                sound().withJoint(sound().joint(new Id<>("j")).orElseThrow().withFastener(null))
                        .withStep(sound().step(new Id<>("f")).orElseThrow().withJoints(List.of()));
        Manual mended = repaired(loose, Rule.NOT_TIGHTENED);
        assertThat(texts(mended, Stage.Kind.BUILD_UP))
                .endsWith("Tighten Cap to body crosswise: 4 N·m, then 8 N·m.");
    }

    @Test
    void aidsFluidsAndMarksAreClosed() {
        Manual open =
                sound().withLedgerItem(
                                new LedgerItem(new Id<>("pin"), LedgerItem.Kind.AID, "guide pins"))
                        .withLedgerItem(
                                new LedgerItem(new Id<>("oil"), LedgerItem.Kind.FLUID, "gear oil"))
                        .withLedgerItem(
                                new LedgerItem(
                                        new Id<>("line"),
                                        LedgerItem.Kind.MARK,
                                        "line across the cap"));
        open =
                with(
                        open,
                        Stage.Kind.PREPARE,
                        acting(
                                new Id<>("p"),
                                "Screw the pins in.",
                                Action.Verb.PUT_IN_PLACE,
                                new Id<>("pin")),
                        acting(
                                new Id<>("q"),
                                "Drain the gear oil.",
                                Action.Verb.DRAIN,
                                new Id<>("oil")),
                        acting(new Id<>("r"), "Draw a line.", Action.Verb.MARK, new Id<>("line"))
                                .withParts(List.of(new PartUse(new Id<>("cap"), 1))));
        Manual mended = repaired(open, Rule.AID_LEFT);
        mended = repaired(mended, Rule.NOT_FILLED);
        mended = repaired(mended, Rule.NOT_MATCHED);
        assertThat(texts(mended, Stage.Kind.BUILD_UP))
                .endsWith("Take away guide pins.", "Fill in gear oil.");
        assertThat(mended.step(new Id<>("e")).orElseThrow().actions())
                .containsExactly(new Action(Action.Verb.MATCH, new Id<>("line")));
    }

    @Test
    void aMarkOnWhatIsOffAlreadyIsFound() {
        LedgerItem line = new LedgerItem(new Id<>("line"), LedgerItem.Kind.MARK, "line on the cap");
        Step late =
                acting(new Id<>("z"), "Draw a line.", Action.Verb.MARK, line.id())
                        .withParts(
                                List.of(new PartUse(new Id<>("cap"), 1, PartUse.Handling.TOUCHED)));
        Manual marked = sound().withLedgerItem(line);
        Stage down = marked.stage(Stage.Kind.TAKE_DOWN).orElseThrow();
        List<Step> steps = new ArrayList<>(down.steps());
        steps.add(late);
        Manual tooLate = with(marked, Stage.Kind.TAKE_DOWN, steps.toArray(Step[]::new));
        assertThat(found(tooLate, Rule.MARKED_TOO_LATE)).isNotEmpty();
        steps.add(0, steps.remove(steps.size() - 1));
        Manual inTime = with(marked, Stage.Kind.TAKE_DOWN, steps.toArray(Step[]::new));
        assertThat(found(inTime, Rule.MARKED_TOO_LATE)).isEmpty();
    }

    @Test
    void aMarkIsMadeBeforeAnythingComesOff() {
        Manual open =
                sound().withLedgerItem(
                                new LedgerItem(
                                        new Id<>("line"),
                                        LedgerItem.Kind.MARK,
                                        "line across the cap"))
                        .withStep(
                                sound().step(new Id<>("e"))
                                        .orElseThrow()
                                        .withActions(
                                                List.of(
                                                        new Action(
                                                                Action.Verb.MATCH,
                                                                new Id<>("line")))));
        assertThat(texts(repaired(open, Rule.NEVER_MARKED), Stage.Kind.TAKE_DOWN).get(0))
                .isEqualTo("Mark it: line across the cap.");
    }

    @Test
    void anEnergyIsGivenBackInTheTest() {
        Manual shut =
                with(sound(), Stage.Kind.PREPARE, step(new Id<>("p"), "Shut the lever."))
                        .withEnergy(
                                EnergyBuilder.builder()
                                        .id(new Id<>("x"))
                                        .name("Heat")
                                        .safeSteps(List.of(new Id<>("p")))
                                        .restoreSteps(List.of())
                                        .applicability(Applicability.ALL)
                                        .build());
        Manual mended = repaired(shut, Rule.NOT_RESTORED);
        assertThat(texts(mended, Stage.Kind.TEST)).containsExactly("Restore: Heat.");
        assertThat(mended.energy(new Id<>("x")).orElseThrow().restoreSteps()).hasSize(1);
    }

    @Test
    void aStatementIsAddedOrBroughtForward() {
        Manual bare =
                with(
                        sound(),
                        Stage.Kind.INSPECT,
                        step(new Id<>("s"), "Take the snap ring off."),
                        step(new Id<>("t"), "Lay it down."));
        Manual mended = repaired(bare, Rule.HAZARD_MISSING);
        Hazard statement = mended.step(new Id<>("s")).orElseThrow().hazards().get(0);
        assertThat(statement.hazard()).isEqualTo("Snap rings fly");
        Manual late =
                bare.withStep(
                        bare.step(new Id<>("t")).orElseThrow().withHazards(List.of(statement)));
        Manual moved = repaired(late, Rule.HAZARD_LATE);
        assertThat(moved.step(new Id<>("s")).orElseThrow().hazards()).containsExactly(statement);
        assertThat(moved.step(new Id<>("t")).orElseThrow().hazards()).isEmpty();
    }

    @Test
    void unitsSupplyAndWordsAreMended() {
        Manual nobody =
                sound().withVariants(List.of(new Variant(new Id<>("v"), "D", null, "")))
                        .withStep(
                                sound().step(new Id<>("e"))
                                        .orElseThrow()
                                        .withApplicability(Applicability.model("X")));
        assertThat(
                        repaired(nobody, Rule.NO_VARIANT)
                                .step(new Id<>("e"))
                                .orElseThrow()
                                .applicability())
                .isEqualTo(Applicability.ALL);
        Manual old =
                sound().withStep(
                                sound().step(new Id<>("d"))
                                        .orElseThrow()
                                        .withParts(
                                                List.of(
                                                        new PartUse(
                                                                new Id<>("ring"),
                                                                2,
                                                                null,
                                                                PartUse.Supply.SAME))));
        assertThat(
                        repaired(old, Rule.REUSED)
                                .step(new Id<>("d"))
                                .orElseThrow()
                                .parts()
                                .get(0)
                                .supply())
                .isEqualTo(PartUse.Supply.NEW);
        Manual wordy =
                sound().withStep(
                                sound().step(new Id<>("e"))
                                        .orElseThrow()
                                        .withText("Put the cap on if it is dry."));
        assertThat(repaired(wordy, Rule.LANGUAGE).step(new Id<>("e")).orElseThrow().text())
                .isEqualTo("If the cap is dry, put it on.");
    }
}
