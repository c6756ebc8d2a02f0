package methodos.core.drafting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.narration.DraftedStep;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.narration.DraftedStep.Limit;
import methodos.core.narration.DraftedStep.PartNamed;
import methodos.core.narration.DraftedStep.ToolNamed;
import methodos.core.speech.EnglishPartsOfSpeech;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is told apart from the step that it belongs to: figures, sizes, conditions, counts. */
class WorkshopTalkTest {

    private final NarrationReader reader =
            new NarrationReader(Lexicon.english(), EnglishPartsOfSpeech.load());

    private List<DraftedStep> steps(String words) {
        return reader.read(new Captions(List.of(new Caption(0, 60, words)))).steps().stream()
                .filter(s -> s.kind() != Kind.NOTE)
                .toList();
    }

    private DraftedStep step(String words, String action) {
        return steps(words).stream()
                .filter(s -> action.equals(s.action()))
                .findFirst()
                .orElseThrow(() -> new AssertionError(steps(words).toString()));
    }

    @ParameterizedTest
    @CsvSource({
        "Undo it with a 10 mm socket., socket, 10 mm",
        "Undo it with the 10mm socket., socket, 10 mm",
        "Undo it with a ten mil socket., socket, 10 mm",
        "Undo them with a 4 mm hex key., hex key, 4 mm"
    })
    void millimetresAreNoHum(String words, String tool, String size) {
        assertThat(step(words, "loosen").tools()).containsExactly(new ToolNamed(tool, size));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Pull the roller out. Put it on the bench. | lower | on the bench",
                "Pull the roller out. Lay it on a clean rag. | lower | on a clean rag",
                "Pull the roller out. Put it in the wooden stand. | support | in the wooden stand",
                "Pull the roller out. Set it on two wooden blocks. | support | on two wooden blocks"
            })
    void whatIsLaidDownIsNotFitted(String words, String action, String where) {
        DraftedStep laid = step(words, action);
        assertThat(laid.parts()).extracting(PartNamed::name).contains("roller");
        assertThat(laid.text()).contains(where);
    }

    @Test
    void theSecondPressureHasTheUnitOfTheFirst() {
        DraftedStep pumped =
                step(
                        "Pump it up in two goes. First fifty psi. Push down on the fork ten times."
                                + " Then up to eighty two. Cap on.",
                        "pressurise");
        assertThat(pumped.limits())
                .extracting(Limit::min, Limit::max, Limit::unit)
                .containsExactly(tuple(50.0, 50.0, "psi"), tuple(82.0, 82.0, "psi"));
        assertThat(pumped.evidence())
                .extracting(DraftedStep.Quote::quote)
                .anyMatch(q -> q.contains("eighty two"));
    }

    @Test
    void aSecondSystemOfUnitsIsTheSameLimit() {
        DraftedStep measured =
                step(
                        "Measure the runout. No more than a quarter of a millimetre, call it ten"
                                + " thou. Then fit the cap.",
                        "measure");
        assertThat(measured.limits())
                .extracting(Limit::min, Limit::max, Limit::unit)
                .containsExactly(tuple(null, 0.25, "mm"), tuple(null, 0.01, "in"));
    }

    @Test
    void aFigureThatWasCountedKeepsItsUnit() {
        DraftedStep back =
                step(
                        "Count your turns. It's thirteen and a half. Then clean the rail. Anchor nut"
                                + " back on thirteen and a half like you wrote down.",
                        "install");
        assertThat(back.limits())
                .extracting(Limit::min, Limit::unit)
                .containsExactly(tuple(13.5, "turn"));
    }

    @Test
    void anAngleBehindATorqueIsTurnedFurther() {
        DraftedStep tightened =
                step(
                        "Tighten the bolts to twenty newton metres. A final ninety degrees. Lift the"
                                + " carrier back up. Two people again.",
                        "tighten");
        assertThat(tightened.torques()).hasSize(1);
        assertThat(tightened.limits())
                .extracting(Limit::max, Limit::unit)
                .containsExactly(tuple(90.0, "deg"));
    }

    @Test
    void howManyHandsItTakesIsALoad() {
        assertThat(
                        step("Lift the carrier back up. Two people again. Fit the cap.", "lift")
                                .hazards())
                .contains("heavy load");
    }

    @Test
    void aTestWeightIsAValueAndNoBurden() {
        DraftedStep loaded =
                step("Install the test weight. Three hundred kilos. Raise it.", "install");
        assertThat(loaded.limits())
                .extracting(Limit::max, Limit::unit)
                .containsExactly(tuple(300.0, "kg"));
        assertThat(loaded.hazards()).doesNotContain("heavy load");
    }

    @Test
    void aSizeByItselfIsThatOfThePartBefore() {
        assertThat(
                        step(
                                        "Remove three countersunk screws. M5. Then pull the drip ring off.",
                                        "remove")
                                .parts())
                .contains(new PartNamed("countersunk screw", 3, "M5", null));
    }

    @Test
    void theOtherNutGoesOnTheOtherWay() {
        DraftedStep tightened =
                step(
                        "Tighten both nuts to sixteen foot pounds. Tighter than that and you crack"
                                + " the wheel. And the left one goes on anticlockwise. Cover on.",
                        "tighten");
        assertThat(tightened.threadDirection()).isEqualTo("left");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Measure the end float of the shaft. If it is more, remove one shim."
                        + " | remove | end float is more",
                "If you've got the sixty litre machine, tighten the lid nut."
                        + " | tighten | sixty litre machine",
                "If there's no water inside of thirty seconds, turn the engine off."
                        + " | isolate | no water within 30 s",
                "Check the tubes for a scratch. A little one you can polish out with fine grit."
                        + " | clean | little scratch",
                "Loosen the union. Stuck? Strap wrench. | disconnect | stuck"
            })
    void conditionsStandWithTheirSteps(String words, String action, String condition) {
        assertThat(steps(words).stream().filter(s -> action.equals(s.action())))
                .extracting(DraftedStep::condition)
                .anySatisfy(c -> assertThat(c).contains(condition));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Push the bearing out from behind with a tube. | push | from behind",
                "Pull the rotor up. Straight. Then clean the lid. | pull | straight"
            })
    void orientationsStandWithTheirSteps(String words, String action, String orientation) {
        assertThat(step(words, action).orientation()).isEqualTo(orientation);
    }

    @Test
    void lastOfThePressureIsAHazard() {
        assertThat(
                        step(
                                        "Press the down button for eight seconds. That lets the last of"
                                                + " the pressure out. Then remove the hose.",
                                        "press")
                                .hazards())
                .contains("pressure");
    }
}
