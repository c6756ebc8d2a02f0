package methodos.core.hazard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import methodos.core.description.Id;
import methodos.core.manual.Applicability;
import methodos.core.manual.Hazard;
import methodos.core.manual.Manual;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Variant;
import methodos.core.practice.PractisedManual;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HazardRulesTest {

    private static Manual manual(Step... steps) {
        Manual manual = Manual.titled("x");
        return manual.withStages(
                manual.stages().stream()
                        .map(
                                s ->
                                        s.kind() == Stage.Kind.TAKE_DOWN
                                                ? s.withSteps(List.of(steps))
                                                : s)
                        .toList());
    }

    private static Step step(Id<Step> id, String text, Hazard... hazards) {
        return Step.of(id, text, List.of(), List.of()).withHazards(List.of(hazards));
    }

    private static HazardWatch.Result watch(Manual manual) {
        return new HazardWatch(HazardRules.shipped()).watch(PractisedManual.of(manual));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Take the snap ring off the pinion. | flying rings",
                "Unplug the motor. | electricity",
                "Bleed the pressure off. | pressure",
                "Hoist the gearbox off its mounts. | lifting",
                "Heat the housing in the oven. | heat",
                "Lie down under the machine. | unsupported machine",
                "Open the gas valve slowly. | fuel gas",
                "Grease the oxygen regulator. | oxygen and oil",
                "Run the engine for five minutes. | rotating machine",
                "Recover the refrigerant. | refrigerant"
            })
    void workAsksForAStatement(String text, String rule) {
        assertThat(watch(manual(step(new Id<>("s"), text))).untold())
                .extracting(u -> u.rule().name())
                .contains(rule);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Lift the indicator off the pinion.",
                "Measure the free length of all ten springs.",
                "Look at the teeth of the pinion.",
                "Write the pressure on the record."
            })
    void otherWorkDoesNot(String text) {
        assertThat(watch(manual(step(new Id<>("s"), text))).untold()).isEmpty();
    }

    @Test
    void aStatementThatNamesItIsEnough() {
        Hazard told = new Hazard(Hazard.SignalWord.CAUTION, "Rings fly", "into eyes", "glasses");
        assertThat(watch(manual(step(new Id<>("s"), "Take the snap ring off.", told))).untold())
                .isEmpty();
    }

    @Test
    void aStatementForSomeUnitsLeavesTheOthersUntold() {
        Hazard ofA =
                new Hazard(Hazard.SignalWord.CAUTION, "Rings fly", "into eyes", "glasses")
                        .withApplicability(Applicability.model("A"));
        Step step = step(new Id<>("s"), "Take the snap ring off.", ofA);
        Manual both =
                manual(step)
                        .withVariants(
                                List.of(
                                        new Variant(new Id<>("v1"), "A", SerialRange.ALL, ""),
                                        new Variant(new Id<>("v2"), "B", SerialRange.ALL, "")));
        assertThat(watch(both).untold()).hasSize(1);
        Manual onlyA = both.withStep(step.withApplicability(Applicability.model("A")));
        assertThat(watch(onlyA).untold()).isEmpty();
    }

    @Test
    void aStatementBehindItsWorkIsLate() {
        Hazard told = new Hazard(Hazard.SignalWord.CAUTION, "Rings fly", "into eyes", "glasses");
        HazardWatch.Result result =
                watch(
                        manual(
                                step(new Id<>("a"), "Take the snap ring off."),
                                step(new Id<>("b"), "Lay it on the bench.", told)));
        assertThat(result.untold())
                .singleElement()
                .satisfies(u -> assertThat(u.late().orElseThrow().id()).isEqualTo(new Id<>("b")));
    }

    @Test
    void licensedWorkIsNamed() {
        assertThat(watch(manual(step(new Id<>("a"), "Open the gas valve."))).licensed())
                .containsEntry(LicensedWork.GAS, new Id<>("a"));
    }

    @Test
    void aCompanysRuleTakesThePlaceOfOneOfTheProgram() throws Exception {
        HazardRules rules =
                HazardRules.shipped()
                        .with(
                                List.of(
                                        "# ours",
                                        "hazard flying rings",
                                        "when wave & flag",
                                        "told wave",
                                        "signal notice",
                                        "say Waving | It tires | Rest"));
        HazardWatch watch = new HazardWatch(rules);
        assertThat(
                        watch.watch(
                                        PractisedManual.of(
                                                manual(
                                                        step(
                                                                new Id<>("s"),
                                                                "Take the snap ring off."))))
                                .untold())
                .isEmpty();
        assertThat(
                        watch.watch(
                                        PractisedManual.of(
                                                manual(step(new Id<>("s"), "Wave the flag."))))
                                .untold())
                .singleElement()
                .satisfies(
                        u ->
                                assertThat(u.rule().statement())
                                        .isEqualTo(
                                                new Hazard(
                                                        Hazard.SignalWord.NOTICE,
                                                        "Waving",
                                                        "It tires",
                                                        "Rest")));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "when a & b | hazard-rules.txt, line 1: a rule begins with “hazard” and its name.",
                "hazard x ~ tell me | hazard-rules.txt, line 2: “tell” is not known.",
                "hazard x ~ signal loud | hazard-rules.txt, line 2: a signal word is danger, warning, caution or notice.",
                "hazard x ~ told a | hazard-rules.txt, line 1: the rule “x” needs a line “told” and a line “say”."
            })
    void aLineThatIsNotUnderstoodIsNamed(String lines, String sentence) {
        assertThatThrownBy(() -> HazardRules.shipped().with(List.of(lines.split("\\s*~\\s*"))))
                .isInstanceOf(HazardRules.LineProblem.class)
                .hasMessage(sentence);
    }
}
