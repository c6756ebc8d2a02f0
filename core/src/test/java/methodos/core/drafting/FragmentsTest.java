package methodos.core.drafting;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Words without a verb. */
class FragmentsTest {

    @ParameterizedTest
    @CsvSource({
        "Nut off., remove nut",
        "Snap ring out of its groove., remove snap ring",
        "Cover off., remove cover",
        "Power off., isolate power",
        "Lock nut loose., loosen lock nut",
        "Forks down., lower fork",
        "Arm up., lift arm",
        "Air out., vent air",
        "Four bolts., remove 4 bolt"
    })
    void whileThingsComeOff(String words, String work) {
        assertThat(Spoken.work(words)).isEqualTo(work);
    }

    @ParameterizedTest
    @CsvSource({
        "Washer on., install washer",
        "Springs into their pockets., install spring",
        "Pinion back up from below., install pinion",
        "Two pins in opposite holes., install 2 pin",
        "Gasket in., install gasket",
        "Power on., restore power",
        "Nuts tight., tighten nut"
    })
    void whileThingsGoOn(String words, String work) {
        assertThat(Spoken.work("New O-ring on the cone. " + words)).endsWith(work);
    }

    @Test
    void aNarrationThatBeginsWithNewPartsBuildsUp() {
        assertThat(Spoken.work("New bearing in. Cap on. Four screws."))
                .isEqualTo("install bearing, install cap, install 4 screw");
    }

    @Test
    void allOfThemAreWhatWasSpokenOf() {
        assertThat(Spoken.work("Loosen the four screws. Then all four out."))
                .isEqualTo("loosen 4 screw, remove 4 screw");
        assertThat(Spoken.work("There are six bolts round the skirt. Take all six out."))
                .isEqualTo("remove 6 bolt");
    }

    @Test
    void turnsOnEachLoosenWhatHoldsTheCover() {
        assertThat(Spoken.work("Crack the four cap screws loose. Half a turn on each, crosswise."))
                .endsWith("loosen 4 cap screw");
    }

    @Test
    void aToolIsToldWithWhatItIsFor() {
        var step = Spoken.step("Thirteen mil on the lock nut.", "loosen");
        assertThat(step.parts()).extracting(p -> p.name()).containsExactly("lock nut");
        assertThat(step.tools())
                .extracting(t -> t.size() + " " + t.name())
                .containsExactly("13 mm spanner");
    }

    @Test
    void whatIsOutIsNotTakenOutAgain() {
        var steps = Spoken.steps("Terminal cover. One screw on top, four mil key. Lift it off.");
        assertThat(steps.get(steps.size() - 1).parts())
                .extracting(p -> p.name())
                .containsExactly("terminal cover");
    }

    @Test
    void marksThatAreDescribedBelongToTheMarking() {
        assertThat(Spoken.work("Mark the cap and the body, one line right, two lines left."))
                .isEqualTo("mark cap and body");
    }

    @ParameterizedTest
    @CsvSource({
        "Number three is usually seized.",
        "It rolls off every time.",
        "It is sticking.",
        "So it won't lift.",
        "I always count them.",
        "There are five springs behind it."
    })
    void whatIsOnlyTold(String words) {
        assertThat(Spoken.steps(words)).isEmpty();
    }
}
