package methodos.narration.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import methodos.core.narration.DraftedStep;
import methodos.core.narration.DraftedStep.Kind;
import methodos.narration.Spoken;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What must not be done is never drafted as done, and its caution prints the word that forbids. */
class ForbiddenTest {

    private static final NarrationReader READER = Spoken.reader();

    private static List<DraftedStep> steps(String said) {
        return READER.read(Spoken.captions(said)).steps().stream()
                .filter(s -> s.kind() != Kind.NOTE)
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    Do not hammer the crank.                                      | tap
                    Don't bend, twist or stretch the diaphragm.                   | bend turn pull
                    Never oil the brake disc.                                     | lubricate
                    Never, ever heat the sprocket.                                | heat
                    You must not remove the relief valve.                         | remove
                    You mustn't tighten the union yet.                            | tighten
                    You should never loosen the anchor bolt.                      | loosen
                    The glands must not be cut or stretched.                      | cut pull
                    The mirror should not be cleaned with spirit.                 | clean
                    On no account open the bleed valve.                           | open vent
                    On no account should the hatch be opened.                     | open remove
                    Under no circumstances lift the boiler by the pipe.           | lift
                    At no time may the counterweight be lowered.                  | lower
                    At no point should the spindle be turned by hand.             | turn
                    In no case are the shims to be replaced.                      | replace
                    dont pull the harness and dont cut it                         | pull cut disconnect
                    don't you ever grease the clutch plates                       | lubricate
                    use a drift do not press on the cage                          | press
                    Please don't scrape the glass.                                | clean
                    Do not, I repeat, do not drain the coolant hot.               | drain
                    Do not turn or lift the drum while the belt runs.             | turn lift
                    Nobody opens that cover with the fan turning.                 | open remove
                    The collars are not to be reused or heated.                   | heat
                    No grease on the friction lining.                             | lubricate apply
                    No hammering on the hub.                                      | tap
                    No drilling and no welding near the tank.                     | cut connect
                    don't open the valve and don't loosen the flange              | open loosen vent
                    """)
    void isNoStep(String said, String verbs) {
        List<DraftedStep> steps = steps(said);

        assertThat(steps)
                .noneMatch(
                        s ->
                                s.kind() != Kind.CAUTION
                                        && s.action() != null
                                        && List.of(verbs.split(" ")).contains(s.action()));
        assertThat(steps)
                .filteredOn(s -> s.kind() == Kind.CAUTION)
                .isNotEmpty()
                .allMatch(
                        s ->
                                s.text()
                                        .toLowerCase()
                                        .matches(".*\\b(not|never|no|nobody|nor|without)\\b.*"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    Rather than heating the collar, cool the shaft.        | heat
                    Instead of oiling the chain, wipe it with a dry cloth. | lubricate
                    Lift the tray out without turning the crank.           | turn
                    Before the pedal is taken off, mark it.                | remove
                    Because the chain is pulled, the cog wears.            | pull
                    """)
    void whatIsOnlyMentionedIsNoStep(String said, String verb) {
        assertThat(steps(said)).noneMatch(s -> verb.equals(s.action()));
    }
}
