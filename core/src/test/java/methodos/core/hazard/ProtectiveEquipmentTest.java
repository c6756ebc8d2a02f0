package methodos.core.hazard;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import methodos.core.description.Id;
import methodos.core.hazard.ProtectiveEquipment.Kind;
import methodos.core.manual.Applicability;
import methodos.core.manual.Hazard;
import methodos.core.manual.Manual;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ProtectiveEquipmentTest {

    /** Sentences of trades that no demo has: a saw bench, a boiler, a battery room, a mast. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Put goggles and cut-resistant gloves on.|EYES HANDS",
                "Always wear a visor when the grinder runs.|FACE",
                "Wear ear muffs; the burner is loud.|HEARING",
                "Nobody climbs without a full body harness.|FALLING",
                "Clip on and wear a harness above two metres.|FALLING",
                "Boots with steel toecaps are worn in the yard.|FEET",
                "Wear boots, a rubber apron and a face shield.|FACE FEET BODY",
                "Electrolyte burns. Do not splash it, wear an apron.|BODY",
                "The helper must wear a helmet too.|HEAD",
                "Use breathing apparatus in the tank.|LUNGS",
                "Never work on the deck without a life jacket.|DROWNING",
                "Never wear gloves at the drill.|-",
                "No gloves, rings or sleeves near the chuck.|-",
                "Don’t wear a loose jacket.|-",
                "Look for wear on the brake shoe.|-",
                "Put the boot on over the ball joint.|-",
                "Lay the wiring harness into its clips.|-",
                "Put the mask of the spray gun on.|-",
                "Slide the sleeve on and compare it with the new shoe.|-",
                "The safety glass of the door is cracked.|-",
                "Wear the high-visibility vest on the track.|VISIBLE",
                "Wear is 0.2 mm at most.|-",
                "Measure the wear of the muff coupling.|-",
                "Sweep up, and wear a mask.|LUNGS",
            })
    void whatIsWornIsTakenFromWhatIsSaid(String said, String worn) {
        assertThat(ProtectiveEquipment.in(said)).isEqualTo(kinds(worn));
    }

    private static Set<Kind> kinds(String names) {
        return Arrays.stream(names.split(" "))
                .filter(n -> !n.equals("-"))
                .map(n -> Kind.valueOf(n.toUpperCase(Locale.ROOT)))
                .collect(Collectors.toSet());
    }

    @Test
    void eachKindIsSummedUpWithWhatItIsAgainstAndWhereItIsWorn() {
        Hazard acid = new Hazard(Hazard.SignalWord.WARNING, "Acid", "It burns.", "Wear gloves.");
        Hazard sparks =
                new Hazard(
                        Hazard.SignalWord.CAUTION,
                        "Sparks",
                        "They burn.",
                        "Wear gloves and goggles.",
                        Applicability.model("B"));
        Manual manual =
                Manual.titled("battery room")
                        .withStages(
                                List.of(
                                        new Stage(
                                                new Id<>("t"),
                                                Stage.Kind.TAKE_DOWN,
                                                "",
                                                List.of(
                                                        step("a").withHazards(List.of(acid)),
                                                        step("b").withHazards(List.of(sparks))))));
        assertThat(ProtectiveEquipment.of(manual, Sight.EVERYTHING))
                .containsExactly(
                        new ProtectiveEquipment.Use(
                                Kind.EYES, List.of("Sparks"), List.of(new Id<>("b"))),
                        new ProtectiveEquipment.Use(
                                Kind.HANDS,
                                List.of("Acid", "Sparks"),
                                List.of(new Id<>("a"), new Id<>("b"))));
        assertThat(ProtectiveEquipment.of(manual, new Sight("A", SerialRange.ALL)))
                .containsExactly(
                        new ProtectiveEquipment.Use(
                                Kind.HANDS, List.of("Acid"), List.of(new Id<>("a"))));
    }

    private static Step step(String id) {
        return Step.of(new Id<>(id), "Top the cells up.", List.of(), List.of());
    }
}
