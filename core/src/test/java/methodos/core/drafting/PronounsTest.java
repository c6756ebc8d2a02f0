package methodos.core.drafting;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What "it" and "them" stand for, and what the draft says where that is not certain. */
class PronounsTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "Undo the clamp and pull it off.; remove clamp",
                "Springs first, clean them.; clean spring",
                "The chain off the lever, just unhook it.; disconnect chain",
                "Take the pads out and look at them.; inspect pad",
                "Loosen the two nuts and take them off.; remove 2 nut"
            })
    void aPronounIsResolved(String words, String work) {
        assertThat(Spoken.work(words)).endsWith(work);
    }

    @Test
    void theDraftSaysWhereItIsNotCertain() {
        var steps = Spoken.steps("Take the cover off. Clean it.");
        assertThat(steps.get(0).unsure()).isEmpty();
        assertThat(steps.get(1).unsure()).containsExactly("it");
    }

    @Test
    void nobodyKnowsWhatItWasLongAgo() {
        var steps =
                Spoken.steps(
                        "Take the cover off. This is a long story about the weather and the shop and"
                                + " all that. Clean it.");
        assertThat(steps.get(steps.size() - 1).parts()).isEmpty();
    }
}
