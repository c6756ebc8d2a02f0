package methodos.core.drafting;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a clause says besides who does what. */
class SaidTest {

    @ParameterizedTest
    @CsvSource({
        "undo it with a ten mil socket, 10 mm socket",
        "undo it with the spanner nineteen, 19 mm spanner",
        "with a nineteen, 19 mm spanner",
        "use a three eighths allen key, 3/8 in hex key",
        "a t twenty five torx, T25 torx key",
        "with a number two phillips, null phillips screwdriver",
        "a four millimetre pin punch, 4 mm punch",
        "with a soft hammer, null soft hammer",
        "use a torque wrench, null torque wrench"
    })
    void tools(String words, String tool) {
        assertThat(Spoken.said(words).tools)
                .extracting(t -> t.size() + " " + t.name())
                .containsExactly(tool);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "the drive pin of the motor",
                "tap the cover",
                "the socket of the lamp side",
                "hammer home the key"
            })
    void wordsThatOnlySoundLikeATool(String words) {
        assertThat(Spoken.said(words).tools).allSatisfy(t -> assertThat(t.size()).isNull());
    }

    @ParameterizedTest
    @CsvSource({
        "a drop of blue threadlocker on the thread, blue threadlocker",
        "put some silicone grease on the lip, silicone grease",
        "anti seize on the shaft, anti-seize",
        "wipe it with solvent, solvent"
    })
    void consumables(String words, String name) {
        assertThat(Spoken.said(words).consumables).containsExactly(name);
    }

    @ParameterizedTest
    @ValueSource(strings = {"no sealant on this one", "without any grease", "without the sealant"})
    void consumablesThatMustNotBeUsed(String words) {
        Said said = Spoken.said(words);
        assertThat(said.consumables).isEmpty();
        assertThat(said.withNo).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"the oil seal", "a grease nipple", "towards the oil", "the oil pump"})
    void namesWithAConsumableInThem(String words) {
        assertThat(Spoken.said(words).consumables).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "lip facing out, lip facing out",
        "put it in upside down, upside down",
        "with the open side up, open side up",
        "with the groove to the spring side, groove to the spring side",
        "the gap of the band goes on top, gap of the band goes on top",
        "marks up, marks up",
        "chamfer down, chamfer down",
        "slide it in from below, from below"
    })
    void waysRound(String words, String orientation) {
        assertThat(WayRound.of(words)).isEqualTo(orientation);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "take the nut off",
                "side to side play",
                "the groove in the lid",
                "on the left"
            })
    void noWayRound(String words) {
        assertThat(WayRound.of(words)).isNull();
    }

    @ParameterizedTest
    @CsvSource({
        "tighten them in a star, star",
        "crosswise, cross",
        "cross pattern, cross",
        "from the inside out, inside-out",
        "alternating sides, alternating",
        "opposite pairs, opposing",
        "in the order one four two three, 1-4-2-3"
    })
    void ordersOfTightening(String words, String pattern) {
        assertThat(Spoken.said(words).pattern).isEqualTo(pattern);
    }

    @ParameterizedTest
    @CsvSource({
        "on the older model there is a clip, older model",
        "for the heavy version take the long one, heavy version",
        "only on the ones with a grease nipple, ones with a grease nipple",
        "on models with the brake, models with the brake",
        "on the older ones, older ones",
        "in winter, winter"
    })
    void models(String words, String model) {
        assertThat(ModelsSaid.of(words)).isEqualTo(model);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"on the bench", "with a model of the seal", "for the next job we need it"})
    void noModels(String words) {
        assertThat(ModelsSaid.of(words)).isNotEqualTo("bench");
    }

    @Test
    void handAndThread() {
        assertThat(Spoken.said("it is a left hand thread").leftHand).isTrue();
        assertThat(Spoken.said("hand tight only").byHand).isTrue();
        assertThat(Spoken.said("turn it anti clockwise").anticlockwise).isTrue();
        assertThat(Spoken.said("the left hand cover").leftHand).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "the torque is in the service manual, service manual",
        "look it up in the data sheet, data sheet"
    })
    void documents(String words, String document) {
        assertThat(Spoken.said(words).reference).isEqualTo(document);
    }
}
