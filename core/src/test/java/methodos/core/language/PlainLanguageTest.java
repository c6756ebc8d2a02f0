package methodos.core.language;

import static org.assertj.core.api.Assertions.assertThat;

import methodos.core.description.Id;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.ReuseRule;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlainLanguageTest {

    private final PlainLanguage language = new PlainLanguage();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "The screw is taken out. | OPENER",
                "You must take the screw out. | OPENER",
                "Replace the seal if it is worn. | CONDITION_LAST",
                "Take it off. | PRONOUN",
                "Tighten the nut to 25. | NO_UNIT",
                "Tighten the nut to 25 Nm. | UNIT",
                "Set the gap to 3 millimeters. | UNIT"
            })
    void whatIsHardToFollowIsNamed(String text, Remark.Kind kind) {
        assertThat(language.remarks(text)).extracting(Remark::kind).containsExactly(kind);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Take the cap off and lay it down.",
                "If the seal is worn, replace it.",
                "Tighten the nut to 25 N·m.",
                "Hold the nut. Turn the screw until it stops.",
                "Look whether the ring sits in its groove.",
                "Tighten the four screws crosswise: 2.5, 5, then 7 to 8.5 N·m."
            })
    void plainWordsAreLeftAlone(String text) {
        assertThat(language.remarks(text)).isEmpty();
    }

    @Test
    void moreThanTwentyWordsAreTooMany() {
        String twenty = "Take " + "very ".repeat(17) + "old seals.";
        assertThat(language.remarks(twenty)).isEmpty();
        assertThat(language.remarks("Now and then " + twenty)).isNotEmpty();
        assertThat(language.remarks(twenty.replace("old", "very old")))
                .extracting(Remark::kind)
                .containsExactly(Remark.Kind.LONG);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Look at it. Replace the seal if it is worn. | Look at it. If the seal is worn, replace it.",
                "Put the end cap on if it is dry. | If the end cap is dry, put it on.",
                "Lift the lid off when the oil is out. | When the oil is out, lift the lid off.",
                "Tighten the nut to 25 ft-lbs. | Tighten the nut to 25 lbf·ft.",
                "Turn the screw 60 degrees further. | Turn the screw 60° further."
            })
    void aWordingIsProposed(String text, String wording) {
        assertThat(language.remarks(text).stream().flatMap(r -> r.wording().stream()))
                .contains(wording);
    }

    @Test
    void shortFormsAreFound() {
        assertThat(language.shortForms("Fit the PTO guard. OK is OK.")).containsExactly("PTO");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "O-ring, end cap | Discard both O-rings. | true",
                "guide band | Take both bands off. | true",
                "travel stop screw | Turn the spindle out. | false",
                "bushing | Press the bushings in. | true",
                "brake shoe with lining | Take both shoes off. | true"
            })
    void aPartIsCalledByTheLastWordOfItsName(String name, String text, boolean named) {
        Part part =
                PartBuilder.builder()
                        .id(new Id<>("p"))
                        .item("1")
                        .name(name)
                        .quantity(1)
                        .reuse(ReuseRule.INSPECT)
                        .build();
        assertThat(new PartNames().named(part, text)).isEqualTo(named);
    }
}
