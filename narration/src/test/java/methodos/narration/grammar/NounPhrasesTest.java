package methodos.narration.grammar;

import static org.assertj.core.api.Assertions.assertThat;

import methodos.narration.Spoken;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NounPhrasesTest {

    private static NounPhrase first(String text) {
        Utterance said = Spoken.utterance(text);
        return NounPhrases.at(said, 0, said.size()).orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "the four M8 by 25 cap screws, cap screw, 4, M8 x 25",
        "a couple of washers, washer, 2,",
        "all six nuts, nut, 6,",
        "3x grub screws, grub screw, 3,",
        "a ten millimetre spanner, spanner,, 10 mm",
        "a three quarter inch socket, socket,, 3/4 in",
        "both of the seals, seal, 2,",
        "a drop of blue threadlocker, blue threadlocker,,",
        "the old shaft seal, shaft seal,,"
    })
    void readsNameCountAndSize(String text, String name, Integer quantity, String size) {
        NounPhrase np = first(text);

        assertThat(np.name()).isEqualTo(name);
        assertThat(np.quantity()).isEqualTo(quantity);
        assertThat(np.size()).isEqualTo(size);
    }

    @Test
    void aPluralDoesNotDescribeWhatFollows() {
        assertThat(first("washers flange cover").name()).isEqualTo("washer");
    }

    @Test
    void aPronounNamesNothing() {
        Utterance said = Spoken.utterance("it goes on");

        assertThat(NounPhrases.at(said, 0, said.size())).isEmpty();
    }

    @Test
    void tellsNewAndPointedAt() {
        assertThat(first("a new gasket")).matches(NounPhrase::fresh).matches(np -> !np.definite());
        assertThat(first("the gasket")).matches(np -> !np.fresh()).matches(NounPhrase::definite);
    }
}
