package methodos.core.drafting;

import static org.assertj.core.api.Assertions.assertThat;

import methodos.core.vocabulary.Nouns;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** How things are named, and how many there are of what size. */
class NamesTest {

    @ParameterizedTest
    @CsvSource({
        "screws, screw",
        "cap screws, cap screw",
        "glands, gland",
        "bushes, bush",
        "gear teeth, gear tooth",
        "bearing halves, bearing half",
        "assemblies, assembly",
        "boxes, box",
        "bus, bus",
        "pliers, pliers",
        "axis, axis"
    })
    void oneOfThem(String many, String one) {
        assertThat(Nouns.singular(many)).isEqualTo(one);
        assertThat(Nouns.plural(many)).isEqualTo(!many.equals(one));
    }

    @ParameterizedTest
    @CsvSource({"screw, screws", "gear tooth, gear teeth", "bush, bushes", "assembly, assemblies"})
    void moreThanOne(String one, String many) {
        assertThat(Nouns.plural(one, 4)).isEqualTo(many);
        assertThat(Nouns.plural(one, 1)).isEqualTo(one);
        assertThat(Nouns.singular(many)).isEqualTo(one);
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "the end cap, end cap, -, -",
                "the supply valve, supply valve, -, -",
                "the pump assembly, pump assembly, -, -",
                "four cap screws, cap screw, 4, -",
                "the four M8 by 25 cap screws, cap screw, 4, M8 x 25",
                "two m eight bolts, bolt, 2, M8",
                "both pistons, piston, 2, -",
                "a couple of washers, washer, 2, -",
                "the big old split pin, split pin, -, -",
                "a new gasket, gasket, -, -",
                "eight m six by twenty screws, screw, 8, M6 x 20",
                "quarter twenty bolts, bolt, -, 1/4-20"
            })
    void aThingWithItsCountAndSize(String words, String name, Integer quantity, String size) {
        NounPhrase np = phrase(words);
        assertThat(np.name()).isEqualTo(name);
        assertThat(np.quantity()).isEqualTo(quantity);
        assertThat(np.size()).isEqualTo(size);
        assertThat(np.part()).isTrue();
    }

    @Test
    void whatIsNewIsKnownToBe() {
        assertThat(phrase("a new gasket").fresh()).isTrue();
        assertThat(phrase("the gasket").fresh()).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"it", "off", "with the", "very big", "and then"})
    void whatNamesNothing(String words) {
        Speech speech = Spoken.speech(words);
        assertThat(NounPhrases.at(speech, 0, speech.size())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "m eight by twenty five, M8 x 25",
        "m8x25, M8 x 25",
        "M10, M10",
        "quarter twenty, 1/4-20",
        "three eighths sixteen, 3/8-16",
        "number ten, No. 10",
        "six mil, 6 mm",
        "half inch, 1/2 in"
    })
    void sizes(String words, String print) {
        Speech speech = Spoken.speech(words + " bolt");
        assertThat(Sizes.at(speech, 0, speech.size()).print()).isEqualTo(print);
    }

    private static NounPhrase phrase(String words) {
        Speech speech = Spoken.speech(words);
        return NounPhrases.at(speech, 0, speech.size())
                .orElseThrow(() -> new AssertionError(words));
    }
}
